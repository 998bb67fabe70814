using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Bakes;

/// <summary>
/// What was said of a bake at table and after: it changes no forecast and no verdict of that evening, and may be told when the bake is
/// finished. What was done to the food is <see cref="BakeState"/>'s.
/// </summary>
/// <param name="EatenAt">When it was eaten; null where nobody said.</param>
/// <param name="Ratings">The last word on each subject, in the order of the subjects.</param>
/// <param name="Tasting">How it tasted, in order.</param>
/// <param name="NextTime">What to do otherwise, in order.</param>
/// <param name="Weights">What a lot weighed, the last word on each.</param>
/// <param name="StockMl">Juices or stock that were kept, ml; null where nobody said.</param>
/// <param name="Photos">Photos and the seq of the event that brought each, in order.</param>
/// <param name="Counts">Whether its oven is learnt from it.</param>
public sealed record Afterwards(
    DateTimeOffset? EatenAt,
    IReadOnlyList<Rated> Ratings,
    IReadOnlyList<SaidAtTable> Tasting,
    IReadOnlyList<SaidAtTable> NextTime,
    IReadOnlyList<Weighed> Weights,
    int? StockMl,
    IReadOnlyList<(Guid Photo, int Seq)> Photos,
    bool Counts)
{
    public static Afterwards Nothing { get; } = new(null, [], [], [], [], null, [], Counts: true);

    /// <summary>Whether it is told at table and after: also of a bake that is finished.</summary>
    public static bool IsOf(Happening what) => what is Eaten or Rated or Tasted or ForNextTime or Weighed or StockKept or Pictured or Counted;

    internal Afterwards With(BakeEvent told) => told.What switch
    {
        Eaten => this with { EatenAt = told.At },
        Rated rated => this with { Ratings = [.. Ratings.Where(other => other.Of != rated.Of || other.Lot != rated.Lot).Append(rated).OrderBy(other => other.Of).ThenBy(other => other.Lot?.Value)] },
        Tasted tasted => this with { Tasting = [.. Tasting, new(told.Seq, tasted.Text)] },
        ForNextTime next => this with { NextTime = [.. NextTime, new(told.Seq, next.Text)] },
        Weighed weighed => this with { Weights = [.. Weights.Where(other => other.Lot != weighed.Lot), weighed] },
        StockKept stock => this with { StockMl = stock.Millilitres },
        Pictured pictured => this with { Photos = [.. Photos, (pictured.Photo, told.Seq)] },
        Counted counted => this with { Counts = counted.Counts },
        _ => this,
    };

    /// <summary>What is left of a lot's weight after baking, as a share; null where nobody weighed it.</summary>
    /// <param name="lot">The lot.</param>
    /// <param name="rawG">What it weighed raw, g.</param>
    public double? LeftShare(LotId lot, double rawG) =>
        Weights.FirstOrDefault(weighed => weighed.Lot == lot) is { } found && rawG > 0 ? found.Mass.Grams() / rawG : null;
}

/// <param name="Seq">The event that said it, to be taken back by.</param>
/// <param name="Text">In the cook's words.</param>
public sealed record SaidAtTable(int Seq, string Text);
