namespace AmberSpoon.Core.Heat.Textbook;

/// <summary>
/// The published one-term solution for the middle of a slab, long cylinder or sphere that is suddenly put into hot air,
/// good from Fourier number 0.2 on: θ = C₁ exp(−ζ₁² Fo). Source: Incropera and DeWitt, Fundamentals of Heat and Mass
/// Transfer, table 5.1 (values from memory; a test holds them against roots found afresh).
/// </summary>
/// <param name="Shape">Which of the three.</param>
/// <param name="Biot">Convection × half thickness or radius / conductivity.</param>
/// <param name="Root">ζ₁, rad.</param>
/// <param name="Coefficient">C₁.</param>
public sealed record OneTermSolution(TextbookShape Shape, double Biot, double Root, double Coefficient)
{
    public static IReadOnlyList<OneTermSolution> Table { get; } =
    [
        new(TextbookShape.Slab, 0.1, 0.3111, 1.0161),
        new(TextbookShape.Slab, 1, 0.8603, 1.1191),
        new(TextbookShape.Slab, 10, 1.4289, 1.2620),
        new(TextbookShape.Slab, 100, 1.5552, 1.2731),
        new(TextbookShape.Cylinder, 0.1, 0.4417, 1.0246),
        new(TextbookShape.Cylinder, 1, 1.2558, 1.2071),
        new(TextbookShape.Cylinder, 10, 2.1795, 1.5677),
        new(TextbookShape.Cylinder, 100, 2.3809, 1.6015),
        new(TextbookShape.Sphere, 0.1, 0.5423, 1.0298),
        new(TextbookShape.Sphere, 1, 1.5708, 1.2732),
        new(TextbookShape.Sphere, 10, 2.8363, 1.9249),
        new(TextbookShape.Sphere, 100, 3.1102, 1.9990),
    ];

    /// <summary>Share of the first temperature difference left in the middle at this Fourier number.</summary>
    public double Left(double fourier) => Coefficient * Math.Exp(-Root * Root * fourier);
}

/// <summary>Shapes in which heat flows along one coordinate.</summary>
public enum TextbookShape
{
    Slab,
    Cylinder,
    Sphere,
}
