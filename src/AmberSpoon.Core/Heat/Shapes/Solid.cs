namespace AmberSpoon.Core.Heat.Shapes;

/// <summary>
/// A body given by a level function inside a box. Where a side of the box cuts through the body, no heat crosses: the
/// cut is a mirror plane, and the box holds one of <paramref name="Copies"/> equal parts. Use
/// <see cref="TextbookSolids"/> for shapes with a closed form and <see cref="CutShapes"/> for pieces of chicken.
/// </summary>
/// <param name="Low">Corner of the box with the smallest coordinates, m.</param>
/// <param name="High">The opposite corner, m.</param>
/// <param name="Copies">How many such boxes make the whole body.</param>
/// <param name="Level">Below 0 inside, 0 on the surface, above 0 outside; about the distance to the surface, m.</param>
public sealed record Solid(Point Low, Point High, int Copies, Func<Point, double> Level)
{
    public Point Size => High - Low;

    /// <summary>Along which axes nothing changes; few cells do there.</summary>
    public (bool X, bool Y) Endless { get; init; }
}
