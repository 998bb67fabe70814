namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>
/// A cell whose middle lies outside the body, with the followed cell it leans on. Its own temperature is taken as
/// straight on from the two followed cells behind it.
/// </summary>
/// <param name="Root">The followed cell next to it.</param>
/// <param name="Behind">The followed cell behind that one; the root itself where there is none.</param>
internal readonly record struct LeaningCell(int Root, int Behind);

/// <summary>
/// An open face of a leaning cell. Between the followed cells at its two ends heat flows as their difference has it,
/// corrected by how far each end's true cell differs from the followed one: without that, flow along a slanting surface
/// would be wrong however fine the grid.
/// </summary>
/// <param name="Near">Followed cell on the side of smaller coordinates.</param>
/// <param name="Far">Followed cell on the other side.</param>
/// <param name="Axis">0, 1, 2: across which axis the face stands.</param>
/// <param name="OpenM2">Open area, m².</param>
/// <param name="NearLean">Number of the leaning cell at the near end, or −1.</param>
/// <param name="FarLean">Number of the leaning cell at the far end, or −1.</param>
internal readonly record struct LeaningFace(int Near, int Far, int Axis, double OpenM2, int NearLean, int FarLean);
