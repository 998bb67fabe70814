using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Server.Stations.Why;

/// <summary>Turns a request into a question for the heat engine, or says which field is wrong.</summary>
internal static class SolveReader
{
    private const double ShortestMm = 2;
    private const double LongestMm = 400;
    private const int MostStages = 20;
    private const int MostSamples = 200;

    /// <summary>Cells times steps, some seconds of one core: enough for every textbook case many times over.</summary>
    private const double MostWork = 1.5e7;

    /// <summary>Cells from the middle to the nearest surface, where none are asked for.</summary>
    private const double CellsAcross = 16;

    /// <summary>No side has more of them than this.</summary>
    private const double CellsAlong = 48;

    private static readonly StepControl Steps = new(ToleranceC: 0.1, LongestS: 60);

    /// <exception cref="HeatInputException">A field missing or out of range.</exception>
    public static HeatQuestion Read(SolveRequest request)
    {
        ShapeRequest shape = request.Shape ?? throw new HeatInputException("shape", "Say which shape.");
        Solid solid = ReadSolid(shape);
        double cellM = ReadCellM(request.CellMm, solid);
        MaterialRequest material = request.Material ?? throw new HeatInputException("material", "Say what it is made of.");
        HeatBody body = HeatBody.Of(
            solid,
            MaterialOf("material", material.ConductivityWPerMK, material.DensityKgPerM3, material.SpecificHeatJPerKgK),
            cellM,
            request.Bone is { } bone ? ReadBone(bone, solid) : null);
        var stages = new SteadyStages(ReadStages(request.Stages));
        return new(body, Required("initialC", request.InitialC, -5, 120), stages, Steps)
        {
            MostWork = MostWork,
            SampleAtS = ReadSampleS(request.SampleMinutes, stages.EndS),
        };
    }

    private static double Required(string field, double? value, double low, double high)
    {
        HeatInputException.RequireWithin(field, value ?? double.NaN, low, high);
        return value!.Value;
    }

    private static double Metres(string field, double? mm) => Required(field, mm, ShortestMm, LongestMm) / 1000;

    private static double[] Three(string field, IReadOnlyList<double?>? mm) => mm is { Count: 3 }
        ? [.. mm.Select((side, i) => Metres($"{field}[{i}]", side))]
        : throw new HeatInputException(field, "Give three lengths in mm.");

    private static Solid ReadSolid(ShapeRequest shape)
    {
        switch (shape.Kind)
        {
            case SolidKind.Ellipsoid:
                double[] half = Three("shape.semiAxesMm", shape.SemiAxesMm);
                return TextbookSolids.Ellipsoid(half[0], half[1], half[2]);
            case SolidKind.Slab:
                return TextbookSolids.Slab(Metres("shape.thicknessMm", shape.ThicknessMm));
            case SolidKind.Cylinder:
                double radius = Metres("shape.radiusMm", shape.RadiusMm);
                return TextbookSolids.Cylinder(radius, shape.LengthMm is { } length ? Metres("shape.lengthMm", length) : null);
            case SolidKind.Sphere:
                return TextbookSolids.Sphere(Metres("shape.radiusMm", shape.RadiusMm));
            case SolidKind.Brick:
                double[] sides = Three("shape.sidesMm", shape.SidesMm);
                return TextbookSolids.Brick(sides[0], sides[1], sides[2]);
            default:
                throw new HeatInputException("shape.kind", "Choose ellipsoid, slab, cylinder, sphere or brick.");
        }
    }

    private static double ReadCellM(double? cellMm, Solid solid)
    {
        Point size = solid.Size;
        double shortest = Math.Min(
            solid.Endless.X ? double.PositiveInfinity : size.X, Math.Min(solid.Endless.Y ? double.PositiveInfinity : size.Y, size.Z));
        double longest = Math.Max(solid.Endless.X ? 0 : size.X, Math.Max(solid.Endless.Y ? 0 : size.Y, size.Z));
        return cellMm is { } mm
            ? Required("cellMm", mm, 0.1, 1000 * shortest / 2) / 1000
            : Math.Max(shortest / CellsAcross, longest / CellsAlong);
    }

    private static (Func<Point, double> Level, ThermalMaterial Material) ReadBone(BoneRequest bone, Solid solid)
    {
        double radiusM = Required("bone.radiusMm", bone.RadiusMm, 0.5, LongestMm) / 1000;
        double halfLengthM = Required("bone.halfLengthMm", bone.HalfLengthMm, 0.5, LongestMm) / 1000;
        if (radiusM >= Math.Min(solid.Size.Y, solid.Size.Z))
        {
            throw new HeatInputException("bone.radiusMm", "The bone is thicker than its meat.");
        }

        if (!solid.Endless.X && solid.Level(new(halfLengthM, 0, 0)) > 0)
        {
            throw new HeatInputException("bone.halfLengthMm", "The bone is longer than its meat.");
        }

        return (
            TextbookSolids.Rod(radiusM, halfLengthM),
            MaterialOf("bone", bone.ConductivityWPerMK, bone.DensityKgPerM3, bone.SpecificHeatJPerKgK));
    }

    private static ThermalMaterial MaterialOf(string name, double? conductivity, double? density, double? specificHeat) =>
        ThermalMaterial.Constant(
            Required($"{name}.conductivityWPerMK", conductivity, 0.01, 500),
            Required($"{name}.densityKgPerM3", density, 1, 20_000),
            Required($"{name}.specificHeatJPerKgK", specificHeat, 50, 10_000));

    private static List<(double DurationS, FaceClimate Climate)> ReadStages(IReadOnlyList<StageRequest?>? stages)
    {
        if (stages is not { Count: >= 1 and <= MostStages })
        {
            throw new HeatInputException("stages", $"Give 1 to {MostStages} stages.");
        }

        var read = new List<(double, FaceClimate)>();
        double leftMinutes = HeatSolver.LongestS / 60;
        for (int i = 0; i < stages.Count; i++)
        {
            string field = $"stages[{i}]";
            StageRequest stage = stages[i] ?? throw new HeatInputException(field, "Describe this stage.");
            double minutes = Required($"{field}.minutes", stage.Minutes, 0, leftMinutes);
            leftMinutes -= minutes;
            read.Add((60 * minutes, FaceClimate.Uniform(
                Required($"{field}.airC", stage.AirC, -40, 400),
                Required($"{field}.convectionWPerM2K", stage.ConvectionWPerM2K, 0, 20_000),
                Required($"{field}.emissivity", stage.Emissivity, 0, 1),
                Required($"{field}.evaporationFactor", stage.EvaporationFactor, 0, 1),
                HeatParameters.OvenVapourPressure.Value)));
        }

        return read;
    }

    private static double[] ReadSampleS(IReadOnlyList<double?>? minutes, double endS)
    {
        if (minutes is not { Count: >= 1 and <= MostSamples })
        {
            throw new HeatInputException("sampleMinutes", $"Give 1 to {MostSamples} times.");
        }

        return [.. minutes.Select((minute, i) => 60 * Required($"sampleMinutes[{i}]", minute, 0, endS / 60)).Order()];
    }
}
