using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Heat;

/// <summary>
/// Turns a three-dimensional piece into the one-dimensional body that heats like it. The exponent is 1/β₁² + 1/β₂²,
/// β being each longer half-axis over the shortest: exact for a slab (0), a long cylinder (1) and a sphere (2), and the
/// ratio of curvatures at the middle of an ellipsoid between them (equivalent heat transfer dimensionality of an
/// ellipsoid at strong heating, after Cleland and Earle; from memory). Why the form that also depends on the surface
/// exchange was turned down stands in docs/decisions.
/// </summary>
public static class EquivalentShape
{
    /// <param name="geometry">Half-axes, mm.</param>
    /// <returns>0 (flat and wide) to 2 (a ball).</returns>
    public static double ExponentOf(PieceGeometry geometry)
    {
        double shortest = ShortestHalfAxisMm(geometry);
        double inverseSquares = InverseSquare(geometry.HalfHeightMm) + InverseSquare(geometry.HalfWidthMm) + InverseSquare(geometry.HalfLengthMm);
        return (inverseSquares * shortest * shortest) - 1;
    }

    public static double ShortestHalfAxisMm(PieceGeometry geometry) =>
        Math.Min(geometry.HalfHeightMm, Math.Min(geometry.HalfWidthMm, geometry.HalfLengthMm));

    private static double InverseSquare(double mm) => 1 / (mm * mm);
}
