using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Bakes;

/// <summary>Where a probe on a wire is.</summary>
/// <param name="Piece">In which piece.</param>
/// <param name="SinceS">Since when, s in the bake's time.</param>
public readonly record struct ProbePlace(PieceRef Piece, double SinceS);
