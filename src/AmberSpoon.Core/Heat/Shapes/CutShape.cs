namespace AmberSpoon.Core.Heat.Shapes;

/// <summary>
/// The reference shape of a cut, in m, lying on the tray with its thick end at x = 0 and its mirror plane at y = 0. Only
/// its proportions count: it is stretched to a piece's mass and height.
/// </summary>
/// <param name="Solid">Meat with all that is inside it; the half with y above 0.</param>
/// <param name="Inner">Level function of bone or filling, or null.</param>
/// <param name="InnerIsFood">True for a filling.</param>
/// <param name="Middle">The middle of the thickest place.</param>
/// <param name="ProbeFrom">Where a probe goes in, on the mirror plane, before it is put through the surface.</param>
public sealed record CutShape(Solid Solid, Func<Point, double>? Inner, bool InnerIsFood, Point Middle, Point ProbeFrom);
