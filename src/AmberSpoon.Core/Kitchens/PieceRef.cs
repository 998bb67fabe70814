namespace AmberSpoon.Core.Kitchens;

/// <summary>
/// One piece of one lot: what a thermometer goes into. Use <see cref="LotId"/> where all pieces of a lot are meant alike.
/// </summary>
/// <param name="Lot">The lot.</param>
/// <param name="Piece">Which of its pieces, from 1, the heaviest first.</param>
public readonly record struct PieceRef(LotId Lot, int Piece);
