using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>What was said of a bake at table and after, and how it went against what was predicted.</summary>
/// <param name="EatenAt">When it was eaten.</param>
/// <param name="Ratings">Everything that can be judged, with the last word on it.</param>
/// <param name="Tasting">How it tasted.</param>
/// <param name="NextTime">What to do otherwise.</param>
/// <param name="Weights">What lots weighed after baking.</param>
/// <param name="StockMl">Juices or stock that were kept, ml.</param>
/// <param name="Photos">Its photos.</param>
/// <param name="Counts">Whether the oven is learnt from it.</param>
/// <param name="PlannedMinutes">When the chicken that leads was to reach its goal, min since the first food.</param>
/// <param name="RealMinutes">When it did, by all that was measured.</param>
/// <param name="PastBest">Which food came out how long past its best.</param>
/// <param name="DinnerLateMinutes">Eaten so long after dinner was planned, min.</param>
public sealed record AtTableView(
    DateTimeOffset? EatenAt,
    IReadOnlyList<RatingView> Ratings,
    IReadOnlyList<SaidAtTable> Tasting,
    IReadOnlyList<SaidAtTable> NextTime,
    IReadOnlyList<WeightView> Weights,
    int? StockMl,
    IReadOnlyList<PhotoView> Photos,
    bool Counts,
    double? PlannedMinutes,
    double? RealMinutes,
    PastItsBest? PastBest,
    double? DinnerLateMinutes);

/// <param name="Of">What is judged.</param>
/// <param name="Lot">Of a vegetable: which lot.</param>
/// <param name="Subject">In words.</param>
/// <param name="Value">The last word; null where nobody said.</param>
/// <param name="Choices">What can be said.</param>
public sealed record RatingView(RatingOf Of, int? Lot, string Subject, Rating? Value, IReadOnlyList<RatingChoice> Choices);

/// <param name="Value">How it was.</param>
/// <param name="Words">In words.</param>
public sealed record RatingChoice(Rating Value, string Words);

/// <param name="Lot">Which lot.</param>
/// <param name="Mass">As typed.</param>
/// <param name="LeftShare">Of its raw weight.</param>
public sealed record WeightView(int Lot, EnteredMass Mass, double? LeftShare);

/// <param name="Id">Which photo.</param>
/// <param name="Seq">The event that brought it, to be taken back by.</param>
public sealed record PhotoView(Guid Id, int Seq);
