using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Probing;

/// <summary>
/// Estimates a running bake from its plan, its moves and its last measurement. A measurement is explained by the
/// oven's exchange with the food, the least known of the inputs, found by bisection; what that cannot explain is
/// added as a shift, so the estimate always passes through what was measured.
/// </summary>
public static class LiveEstimator
{
    private static readonly KitchenGuess FastestBelievable = new(
        ThicknessFactor: 0.7, OvenOffsetC: 30, ExchangeFactor: 1.8, StartDifferenceC: 15, EvaporationFactor: 0.3);

    private const double LowestExchange = 0.3;
    private const double HighestExchange = 3;
    private const double LookAheadS = 20 * 60;
    private const double RestLookAheadS = 20 * 60;

    /// <param name="lead">The piece that decides, as planned.</param>
    /// <param name="history">What has happened.</param>
    /// <param name="nowS">Seconds since going in; beyond <see cref="TrayForecaster.LongestBakeS"/> nothing changes.</param>
    public static LiveEstimate Estimate(LeadPiece lead, BakeHistory history, double nowS)
    {
        double? target = history.PlaceNow == BakePlace.Oven ? MinutesToTarget(lead, history, nowS) : null;
        double latestS = Math.Min(TrayForecaster.LongestBakeS, Math.Max(nowS, 60 * (target ?? 0)));
        double horizonS = Math.Ceiling((latestS + LookAheadS) / 60) * 60;
        var ensemble = GuessEnsemble.Follow(lead.Setting, Explain(lead, history), history.StagesUntil(horizonS));
        (double, double)? anchor = history.LastMeasurement is { } measured ? (measured.AtS, measured.LowestC) : null;
        return new(MinuteByMinute(ensemble, horizonS, anchor), target, horizonS / 60);
    }

    /// <summary>The thickest piece cut open, by the estimate: what has happened, and what follows if the tray stays.</summary>
    /// <param name="lead">The piece that decides, as planned.</param>
    /// <param name="history">What has happened.</param>
    /// <param name="untilS">How far to look, seconds since going in.</param>
    public static SectionFilm Section(LeadPiece lead, BakeHistory history, double untilS) =>
        TraySections.Film(lead.Setting, lead.TargetC, Explain(lead, history), history.StagesUntil(untilS));

    /// <summary>
    /// What the plan alone would have predicted for the moves that were really made: the line that a past bake's
    /// readings are held against.
    /// </summary>
    /// <param name="lead">The piece that decides, as planned.</param>
    /// <param name="places">The moves.</param>
    /// <param name="endS">When it was finished, seconds since going in.</param>
    /// <returns>A point a minute.</returns>
    public static IReadOnlyList<CurvePoint> Hindsight(LeadPiece lead, IReadOnlyList<PlaceChange> places, double endS)
    {
        (double untilS, IReadOnlyList<PlaceStage> stages) = WholeMinutes(places, endS);
        return MinuteByMinute(GuessEnsemble.Follow(lead.Setting, KitchenGuess.Nominal, stages), untilS, null);
    }

    /// <summary>The same, cut open.</summary>
    public static SectionFilm HindsightSection(LeadPiece lead, IReadOnlyList<PlaceChange> places, double endS) =>
        TraySections.Film(lead.Setting, lead.TargetC, KitchenGuess.Nominal, WholeMinutes(places, endS).Stages);

    private static (double UntilS, IReadOnlyList<PlaceStage> Stages) WholeMinutes(IReadOnlyList<PlaceChange> places, double endS)
    {
        double untilS = Math.Ceiling(Math.Clamp(endS, 60, TrayForecaster.LongestBakeS) / 60) * 60;
        return (untilS, new BakeHistory(places, null).StagesUntil(untilS));
    }

    private static CurvePoint[] MinuteByMinute(GuessEnsemble ensemble, double untilS, (double, double)? anchor) =>
        [.. Enumerable.Range(0, (int)(untilS / 60) + 1).Select(minute => ensemble.At(minute * 60, anchor))];

    /// <summary>What to expect after a check: more oven, or a rest.</summary>
    /// <param name="lead">The piece that decides, as planned.</param>
    /// <param name="history">What has happened, this check's measurement included.</param>
    /// <param name="nowS">Seconds since going in.</param>
    /// <param name="aimC">Where the coldest meat should get to, °C.</param>
    public static CheckOutlook OutlookAfterCheck(LeadPiece lead, BakeHistory history, double nowS, double aimC)
    {
        KitchenGuess guess = Explain(lead, history);
        IReadOnlyList<PlaceStage> past = history.StagesUntil(nowS);
        double shiftC = history.LastMeasurement is { } measured
            ? measured.LowestC - Quick(lead, guess, past).At(measured.AtS).ColdestC
            : 0;

        HeatRun inOven = lead.Setting.Bake(guess, [.. past, new(BakePlace.Oven, TrayForecaster.LongestBakeS)], aimC - shiftC).Follow(GridLevel.Normal);
        HeatRun resting = lead.Setting.Bake(guess, [.. past, new(BakePlace.Worktop, RestLookAheadS)]).Follow(GridLevel.Normal);
        HeatSample peak = resting.PeakFrom(nowS);
        return new(
            inOven.TimeToReachS(aimC - shiftC) is { } reachedS ? Math.Max(0, reachedS - nowS) / 60 : null,
            peak.ColdestC + shiftC,
            (peak.TimeS - nowS) / 60,
            HottestBelievableC(lead, history.Places, nowS));
    }

    /// <summary>
    /// The hottest middle so far in a kitchen at the far end of every doubt at once: smaller pieces, a hotter oven that
    /// gives off more heat, a warmer start, a surface that hardly dries.
    /// </summary>
    /// <returns>°C.</returns>
    public static double HottestBelievableC(LeadPiece lead, IReadOnlyList<PlaceChange> places, double atS)
    {
        IReadOnlyList<PlaceStage> past = new BakeHistory(places, null).StagesUntil(atS);
        return Quick(lead, FastestBelievable, past).Samples.Max(sample => sample.ColdestC);
    }

    private static double? MinutesToTarget(LeadPiece lead, BakeHistory history, double nowS) =>
        OutlookAfterCheck(lead, history, Math.Min(nowS, TrayForecaster.LongestBakeS), lead.TargetC).OvenMinutesToAim is { } more
            ? (nowS / 60) + more
            : null;

    private static HeatRun Quick(LeadPiece lead, KitchenGuess guess, IReadOnlyList<PlaceStage> stages) =>
        lead.Setting.Bake(guess, stages).Follow(GridLevel.Quick);

    private static KitchenGuess Explain(LeadPiece lead, BakeHistory history)
    {
        if (history.LastMeasurement is not { } measured || measured.AtS <= 0)
        {
            return KitchenGuess.Nominal;
        }

        IReadOnlyList<PlaceStage> past = history.StagesUntil(measured.AtS);
        double low = LowestExchange;
        double high = HighestExchange;
        for (int i = 0; i < 12; i++)
        {
            double middle = Math.Sqrt(low * high);
            if (Quick(lead, With(middle), past).Last.ColdestC < measured.LowestC)
            {
                low = middle;
            }
            else
            {
                high = middle;
            }
        }

        return With(Math.Sqrt(low * high));

        static KitchenGuess With(double exchange) => KitchenGuess.Nominal with { ExchangeFactor = exchange };
    }
}
