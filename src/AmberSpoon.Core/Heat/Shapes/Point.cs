namespace AmberSpoon.Core.Heat.Shapes;

/// <summary>A place or a displacement, m. x runs along a piece from its thick end, y across, z up from the tray.</summary>
public readonly record struct Point(double X, double Y, double Z)
{
    public double Length => Math.Sqrt(Dot(this));

    public static Point operator +(Point a, Point b) => new(a.X + b.X, a.Y + b.Y, a.Z + b.Z);

    public static Point operator -(Point a, Point b) => new(a.X - b.X, a.Y - b.Y, a.Z - b.Z);

    public static Point operator *(double factor, Point a) => new(factor * a.X, factor * a.Y, factor * a.Z);

    public double Dot(Point other) => (X * other.X) + (Y * other.Y) + (Z * other.Z);

    public Point Cross(Point other) => new(
        (Y * other.Z) - (Z * other.Y), (Z * other.X) - (X * other.Z), (X * other.Y) - (Y * other.X));

    /// <summary>Each coordinate times the other's.</summary>
    public Point Stretched(Point factors) => new(X * factors.X, Y * factors.Y, Z * factors.Z);

    /// <summary>Each coordinate over the other's: undoes <see cref="Stretched"/>.</summary>
    public Point Unstretched(Point factors) => new(X / factors.X, Y / factors.Y, Z / factors.Z);

    /// <summary>The place this share of the way to another.</summary>
    public Point Towards(Point other, double share) =>
        new(X + (share * (other.X - X)), Y + (share * (other.Y - Y)), Z + (share * (other.Z - Z)));
}
