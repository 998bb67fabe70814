namespace AmberSpoon.Core.Heat;

/// <summary>
/// A body in which heat flows along one coordinate x from the middle (0) to the surface (<see cref="HalfThicknessM"/>),
/// through areas that grow as x to the power <see cref="ShapeExponent"/>: 0 is a slab, 1 a cylinder, 2 a sphere,
/// and a piece of chicken lies between (see <see cref="EquivalentShape"/>).
/// </summary>
/// <param name="HalfThicknessM">From the middle to the surface, m.</param>
/// <param name="ShapeExponent">0 to 2.</param>
/// <param name="Meat">What it is made of.</param>
/// <param name="BoneVolumeFraction">Share of the volume, in the middle, that is bone; 0 to less than 0.5.</param>
public sealed record ConductionBody(
    double HalfThicknessM,
    double ShapeExponent,
    ThermalMaterial Meat,
    double BoneVolumeFraction = 0)
{
    /// <summary>Volume over surface area, m.</summary>
    public double VolumePerAreaM => HalfThicknessM / (ShapeExponent + 1);

    /// <summary>Where the bone ends and the meat begins, m from the middle; 0 without bone.</summary>
    public double BoneRadiusM =>
        BoneVolumeFraction > 0 ? HalfThicknessM * Math.Pow(BoneVolumeFraction, 1 / (ShapeExponent + 1)) : 0;
}
