namespace AmberSpoon.Core.Trays;

/// <summary>Where one piece lies. x runs from left to right, y from the back of the oven to its door.</summary>
/// <param name="Lot">Its lot.</param>
/// <param name="Index">Which of the lot's pieces, from 0, heaviest first.</param>
/// <param name="Vessel">Which vessel, from 0.</param>
/// <param name="XMm">Middle of the piece, mm from the left edge.</param>
/// <param name="YMm">Middle of the piece, mm from the back edge.</param>
/// <param name="AngleDegrees">Where its thick end points: 0 to the left, 90 to the back, and so on round.</param>
/// <param name="IsPinned">Laid there by the cook: it stays.</param>
public sealed record Spot(int Lot, int Index, int Vessel, double XMm, double YMm, int AngleDegrees, bool IsPinned);
