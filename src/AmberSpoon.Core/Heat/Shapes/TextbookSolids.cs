namespace AmberSpoon.Core.Heat.Shapes;

/// <summary>Shapes whose heating has a published solution, each as the part between its mirror planes.</summary>
public static class TextbookSolids
{
    /// <summary>Endless shapes are reported per this much of their length and width, m.</summary>
    public const double EndlessPieceM = 0.1;

    /// <summary>Endless along x and y, surfaces above and below.</summary>
    public static Solid Slab(double thicknessM) => Eighth(
        new(EndlessPieceM / 2, EndlessPieceM / 2, thicknessM / 2), p => p.Z - (thicknessM / 2)) with
    { Endless = (true, true) };

    public static Solid Brick(double xM, double yM, double zM) => Eighth(
        new(xM / 2, yM / 2, zM / 2),
        p => Math.Max(p.X - (xM / 2), Math.Max(p.Y - (yM / 2), p.Z - (zM / 2))));

    public static Solid Sphere(double radiusM) => Eighth(new(radiusM, radiusM, radiusM), p => p.Length - radiusM);

    /// <summary>Along x; endless where <paramref name="lengthM"/> is null.</summary>
    public static Solid Cylinder(double radiusM, double? lengthM) => Eighth(
        new((lengthM ?? EndlessPieceM) / 2, radiusM, radiusM),
        p =>
        {
            double round = Math.Sqrt((p.Y * p.Y) + (p.Z * p.Z)) - radiusM;
            return lengthM is { } length ? Math.Max(round, p.X - (length / 2)) : round;
        }) with
    { Endless = (lengthM is null, false) };

    public static Solid Ellipsoid(double halfXM, double halfYM, double halfZM)
    {
        double shortest = Math.Min(halfXM, Math.Min(halfYM, halfZM));
        return Eighth(
            new(halfXM, halfYM, halfZM),
            p =>
            {
                // To first order the distance: level over the size of its gradient.
                double scaled = new Point(p.X / halfXM, p.Y / halfYM, p.Z / halfZM).Length;
                double gradient = new Point(p.X / (halfXM * halfXM), p.Y / (halfYM * halfYM), p.Z / (halfZM * halfZM)).Length;
                return gradient == 0 ? -shortest : scaled * (scaled - 1) / gradient;
            });
    }

    /// <summary>A rod along x through the middle, ended flat: a bone to put inside one of the shapes.</summary>
    public static Func<Point, double> Rod(double radiusM, double halfLengthM) => p =>
        Math.Max(Math.Sqrt((p.Y * p.Y) + (p.Z * p.Z)) - radiusM, Math.Abs(p.X) - halfLengthM);

    private static Solid Eighth(Point high, Func<Point, double> level) => new(new(0, 0, 0), high, 8, level);
}
