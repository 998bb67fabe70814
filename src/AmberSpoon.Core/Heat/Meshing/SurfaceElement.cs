using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>The surface of one side in one cell.</summary>
/// <param name="Cell">Index of the cell.</param>
/// <param name="Side">Which way it looks.</param>
/// <param name="AreaM2">Its area, m².</param>
/// <param name="SquareArea">Area × each component of the normal squared, m².</param>
/// <param name="DepthVolumeM3">Area × distance from the cell's middle, m³.</param>
/// <param name="Normal">Mean direction outwards.</param>
internal sealed record SurfaceElement(
    int Cell, Side Side, double AreaM2, Point SquareArea, double DepthVolumeM3, Point Normal);
