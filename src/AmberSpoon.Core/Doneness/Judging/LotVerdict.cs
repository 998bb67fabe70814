using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Doneness.Judging;

/// <summary>What to do about one lot of chicken.</summary>
/// <param name="Lot">The lot.</param>
/// <param name="Kind">What to do.</param>
/// <param name="Reason">Why, in a sentence or two.</param>
/// <param name="MeasureNext">Pieces that must still be measured before it may be served, the first first.</param>
/// <param name="NextCheckInMinutes">When to measure again, min from now; 0 for now, null when nothing is left to measure.</param>
/// <param name="MinutesToGoal">Safe already, but the cook's own goal is this much more oven away, min; null otherwise.</param>
public sealed record LotVerdict(
    LotId Lot, VerdictKind Kind, string Reason, IReadOnlyList<PieceToMeasure> MeasureNext, int? NextCheckInMinutes, double? MinutesToGoal = null);

/// <param name="Lot">Its lot.</param>
/// <param name="Piece">Which of the lot's pieces, from 1.</param>
/// <param name="Name">As the cook sees it.</param>
/// <param name="Why">In a few words.</param>
public sealed record PieceToMeasure(LotId Lot, int Piece, string Name, string Why);

/// <summary>What to do about the whole tray.</summary>
/// <param name="Kind">What to do; <see cref="VerdictKind.Serve"/> only where every lot says so.</param>
/// <param name="Reason">Why, in a sentence or two.</param>
/// <param name="MeasureNext">Pieces still to be measured, of all lots.</param>
/// <param name="NextCheckInMinutes">When to measure again, min from now.</param>
public sealed record TrayVerdict(VerdictKind Kind, string Reason, IReadOnlyList<PieceToMeasure> MeasureNext, int? NextCheckInMinutes);
