using System.Globalization;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Log;

/// <summary>What was learnt, in sentences a cook can check.</summary>
internal static class LearntWords
{
    /// <summary>A wish or an oven this close to the usual is the usual.</summary>
    private const double HardlyC = 2;
    private const double HardlyShare = 0.06;

    /// <summary>"Your oven bakes as if its dial said 11 °C less (±4 °C), from 6 bakes."</summary>
    public static string OfOven(string name, OvenBelief belief, KitchenUnits units)
    {
        string whose = name.Length == 0 || string.Equals(name, HouseOven.Usual.Name, StringComparison.OrdinalIgnoreCase) ? "Your oven" : $"“{name}”";
        string within = $"±{units.SayDifference(belief.ActsWithinC)}";
        return Math.Abs(belief.ActsHotterByC) < HardlyC
            ? $"{whose} bakes as its dial says ({within}), from {Bakes(belief.Bakes)}."
            : belief.IsAtLimit
                ? $"{whose} seems off by {units.SayDifference(Math.Abs(belief.ActsHotterByC))} or more, from {Bakes(belief.Bakes)}: more than an oven is. Look at it with a thermometer inside, or have it learnt anew."
                : $"{whose} runs about {units.SayDifference(Math.Abs(belief.ActsHotterByC))} {(belief.ActsHotterByC < 0 ? "cool" : "hot")} ({within}), from {Bakes(belief.Bakes)}: it bakes as an ordinary one set so much {(belief.ActsHotterByC < 0 ? "lower" : "higher")}.";
    }

    /// <summary>What would tell its air from how it gives off heat; what its air is, where that is known.</summary>
    public static string OfAir(OvenBelief belief, KitchenUnits units) =>
        belief.OffsetWithinC <= AirKnownWithinC
            ? $"Its air is {Apart(belief.OffsetC, units)} (±{units.SayDifference(belief.OffsetWithinC)}){GivesOff(belief)}."
            : "Whether its air is off or it gives off heat otherwise than most, readings of food hardly tell: a thermometer that stands in the oven does. Tell it once under “Also done”.";

    /// <summary>"Your cooks take 20 % longer at the counter than is usual (±15 %), from 5 evenings."; null where nothing was told.</summary>
    public static string? OfPace(CookPace? pace) => pace is null
        ? null
        : string.Create(CultureInfo.InvariantCulture, $"At the counter you take {(Math.Abs(pace.Share - 1) < HardlyShare ? "as long as is usual" : $"{100 * Math.Abs(pace.Share - 1):0} % {(pace.Share > 1 ? "longer" : "less")} than is usual")} (±{100 * pace.Within:0} %), from {Evenings(pace.Evenings)}.");

    /// <summary>"It is at 200 °C after about 19 min (±2), from 5 evenings."; null where nothing was told.</summary>
    public static string? OfPreheat(PreheatBelief? preheat, KitchenUnits units) => preheat is null
        ? null
        : string.Create(CultureInfo.InvariantCulture, $"It is at {units.Say(new Temperature(PreheatCurve.ReferenceC))} after about {preheat.Minutes:0} min (±{Math.Max(1, preheat.WithinMinutes):0}), from {Evenings(preheat.Times)}.");

    private static string Evenings(int count) => count == 1 ? "1 evening" : string.Create(CultureInfo.InvariantCulture, $"{count} evenings");

    private static string Apart(double offsetC, KitchenUnits units) => Math.Abs(offsetC) < HardlyC
        ? "as hot as its dial says"
        : $"about {units.SayDifference(Math.Abs(offsetC))} {(offsetC < 0 ? "cooler" : "hotter")} than its dial says";

    private static string GivesOff(OvenBelief belief) => Math.Abs(belief.ExchangeFactor - 1) < HardlyShare
        ? string.Empty
        : string.Create(CultureInfo.InvariantCulture, $", and it gives off its heat {100 * Math.Abs(belief.ExchangeFactor - 1):0} % {(belief.ExchangeFactor > 1 ? "better" : "worse")} than most");

    /// <summary>Closer than readings of food alone bring it, °C: four in five.</summary>
    private const double AirKnownWithinC = 8;

    /// <summary>"Potatoes: this house wants them a good deal softer than usual, by 3 dinners."</summary>
    public static string? OfWish(Vegetable vegetable, TenderWish wish) => Math.Abs(wish.Share - 1) < HardlyShare
        ? null
        : string.Create(CultureInfo.InvariantCulture, $"{Phrases.Capital(VegetableTable.For(vegetable).Name)}: {(wish.Share > 1 ? "softer" : "firmer")} than usual, {100 * Math.Abs(wish.Share - 1):0} % {(wish.Share > 1 ? "more" : "less")} of their time at the boil, by {Dinners(wish.Said)}.");

    /// <summary>How a bake went against what was foretold, in a few words.</summary>
    public static string Went(BakeFacts facts, Func<int, string> nameOf)
    {
        string foretold = facts is { RealMinutes: { } real, PlannedMinutes: { } planned }
            ? Math.Abs(real - planned) < 1 ? "done to the minute" : string.Create(CultureInfo.InvariantCulture, $"done {Math.Abs(real - planned):0} min {(real > planned ? "later" : "sooner")} than foretold")
            : facts.IsMeasured ? "out before its goal" : "not measured";
        return facts.PastBest is { } past
            ? string.Create(CultureInfo.InvariantCulture, $"{foretold}; {nameOf(past.Lot)} past their best by {past.Minutes:0} min")
            : foretold;
    }

    public static string Bakes(int count) => count == 1 ? "1 bake" : string.Create(CultureInfo.InvariantCulture, $"{count} bakes");

    private static string Dinners(int count) => count == 1 ? "1 dinner" : string.Create(CultureInfo.InvariantCulture, $"{count} dinners");

    /// <summary>What this household liked, by its ratings of meat.</summary>
    /// <param name="bakes">Cut and how the meat was.</param>
    public static IEnumerable<string> Likes(IEnumerable<(Cut Cut, Rating Meat)> bakes) => bakes
        .GroupBy(bake => bake.Cut)
        .Where(cut => cut.Count() >= LeastToSay)
        .Select(cut => (Cut: cut.Key, Right: cut.Count(bake => bake.Meat == Rating.Right), Dry: cut.Count(bake => bake.Meat == Rating.Beyond), Of: cut.Count()))
        .OrderByDescending(cut => (double)cut.Right / cut.Of).ThenByDescending(cut => cut.Of)
        .Select(cut => string.Create(CultureInfo.InvariantCulture, $"{Phrases.Capital(CutTable.For(cut.Cut).Name)}: juicy {cut.Right} of {cut.Of} times{(cut.Dry > 0 ? $", dry {cut.Dry}" : string.Empty)}."));

    private const int LeastToSay = 2;

    /// <summary>Whether the later half was foretold better than the earlier.</summary>
    /// <param name="missedMinutes">How far each finish lay off, min, the earliest first.</param>
    public static string? Trend(IReadOnlyList<double> missedMinutes)
    {
        if (missedMinutes.Count < 2 * LeastHalf)
        {
            return null;
        }

        int half = missedMinutes.Count / 2;
        double before = Median(missedMinutes.Take(half));
        double after = Median(missedMinutes.Skip(half));
        return after < Closer * before
            ? string.Create(CultureInfo.InvariantCulture, $"It comes closer: half of your later finishes lay within {after:0.0} min of what was foretold, of the earlier within {before:0.0}.")
            : string.Create(CultureInfo.InvariantCulture, $"Half of your finishes lay within {Median(missedMinutes):0.0} min of what was foretold; the first was {missedMinutes[0]:0.0} min off.");
    }

    private const int LeastHalf = 3;
    private const double Closer = 0.8;

    private static double Median(IEnumerable<double> values)
    {
        double[] sorted = [.. values.Order()];
        return (sorted[(sorted.Length - 1) / 2] + sorted[sorted.Length / 2]) / 2;
    }
}
