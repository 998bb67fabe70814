namespace AmberSpoon.Server.Stations.Why;

/// <summary>A body to be heated, for anyone who wants to check the engine; anything possibly missing.</summary>
/// <param name="Shape">The body.</param>
/// <param name="Bone">A rod along the first axis through the centre, or null.</param>
/// <param name="Material">What the body is made of; its properties do not change with temperature.</param>
/// <param name="InitialC">Uniform temperature at first, °C, −5 to 120.</param>
/// <param name="Stages">1 to 20, in order.</param>
/// <param name="CellMm">Side of a cell, mm; null to let the engine choose.</param>
/// <param name="SampleMinutes">When to look, min since the start; up to 200.</param>
public sealed record SolveRequest(
    ShapeRequest? Shape = null,
    BoneRequest? Bone = null,
    MaterialRequest? Material = null,
    double? InitialC = null,
    IReadOnlyList<StageRequest?>? Stages = null,
    double? CellMm = null,
    IReadOnlyList<double?>? SampleMinutes = null);

/// <summary>
/// <c>ellipsoid</c> takes semiAxesMm, <c>slab</c> thicknessMm, <c>cylinder</c> radiusMm and perhaps lengthMm,
/// <c>sphere</c> radiusMm, <c>brick</c> sidesMm. Lengths from 2 to 400 mm. Volume and surface of an endless shape are
/// those of 100 mm of it along each endless axis.
/// </summary>
public sealed record ShapeRequest(
    SolidKind? Kind = null,
    IReadOnlyList<double?>? SemiAxesMm = null,
    double? ThicknessMm = null,
    double? RadiusMm = null,
    double? LengthMm = null,
    IReadOnlyList<double?>? SidesMm = null);

public enum SolidKind
{
    Ellipsoid,
    Slab,
    Cylinder,
    Sphere,
    Brick,
}

public sealed record BoneRequest(
    double? RadiusMm = null,
    double? HalfLengthMm = null,
    double? ConductivityWPerMK = null,
    double? DensityKgPerM3 = null,
    double? SpecificHeatJPerKgK = null);

public sealed record MaterialRequest(
    double? ConductivityWPerMK = null, double? DensityKgPerM3 = null, double? SpecificHeatJPerKgK = null);

/// <param name="Minutes">How long, 0 to 1440 in all.</param>
/// <param name="AirC">Air, and the walls that radiate, °C, −40 to 400.</param>
/// <param name="ConvectionWPerM2K">0 to 20 000.</param>
/// <param name="Emissivity">0 to 1.</param>
/// <param name="EvaporationFactor">0 (dry) to 1 (an open, wet surface that dries as it loses water, in air with 6 kPa of vapour).</param>
public sealed record StageRequest(
    double? Minutes = null,
    double? AirC = null,
    double? ConvectionWPerM2K = null,
    double? Emissivity = null,
    double? EvaporationFactor = null);

/// <param name="Samples">One for each time asked for, in order of time.</param>
/// <param name="VolumeMl">Of the body on the grid, ml.</param>
/// <param name="SurfaceCm2">Its surface, cm².</param>
/// <param name="EnergyErrorFraction">Heat gained less heat that entered, over all heat moved.</param>
/// <param name="Cells">Cells followed; the body's mirror images are not.</param>
/// <param name="ElapsedMs">Time the computation took, ms.</param>
public sealed record SolveAnswer(
    IReadOnlyList<SolveSample> Samples,
    double VolumeMl,
    double SurfaceCm2,
    double EnergyErrorFraction,
    int Cells,
    double ElapsedMs);

/// <param name="Minutes">Since the start.</param>
/// <param name="CoreC">In the centre, °C.</param>
/// <param name="ColdestC">The coldest that is not bone, °C.</param>
/// <param name="SurfaceMeanC">Averaged over the surface, °C.</param>
/// <param name="MeanC">Averaged over all that is not bone, °C.</param>
public sealed record SolveSample(double Minutes, double CoreC, double ColdestC, double SurfaceMeanC, double MeanC);
