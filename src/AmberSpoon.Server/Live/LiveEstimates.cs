using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Probing;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Live;

/// <summary>
/// Estimates the live bake from what is stored. An estimate looks twenty minutes ahead, so it is kept until something
/// happens or some minutes have gone.
/// </summary>
internal sealed class LiveEstimates(TimeProvider time)
{
    private const double KeptMinutes = 5;

    private readonly Lock _lock = new();
    private (string Key, LiveEstimate Estimate)? _kept;

    public LiveEstimate For(BakeRow bake)
    {
        double nowS = SecondsSinceStart(bake, time.GetUtcNow());
        string key = $"{bake.Id} {bake.Moves.Count} {bake.Checks.Count} {Math.Floor(nowS / 60 / KeptMinutes)}";
        lock (_lock)
        {
            if (_kept is { } kept && kept.Key == key)
            {
                return kept.Estimate;
            }
        }

        LiveEstimate estimate = FromItsTime(bake, LiveEstimator.Estimate(LeadOf(bake), HistoryOf(bake), InItsTime(bake, nowS)));
        lock (_lock)
        {
            _kept = (key, estimate);
        }

        return estimate;
    }

    /// <summary>What the model expects if these readings are true now.</summary>
    public static CheckOutlook OutlookAfter(BakeRow bake, IReadOnlyList<Reading> readings, DateTimeOffset now)
    {
        double nowS = InItsTime(bake, SecondsSinceStart(bake, now));
        BakeHistory history = HistoryOf(bake);
        if (readings.Count > 0)
        {
            history = history with { LastMeasurement = new(nowS, readings.Min(reading => reading.CoreC)) };
        }

        double aimC = Math.Max(SafetyProfiles.For(bake.Plan.Profile).AimC, bake.Plan.TargetCore.ToTemperature().Celsius);
        return LiveEstimator.OutlookAfterCheck(LeadOf(bake), history, nowS, aimC);
    }

    /// <summary>The latest believable reading of each piece.</summary>
    public static IReadOnlyList<Reading> LatestReadings(BakeRow bake) =>
        [.. bake.Checks.SelectMany(check => Believable(bake, check)).GroupBy(reading => reading.Piece).Select(piece => piece.Last())];

    /// <summary>The thickest piece of the live bake cut open, as far as the estimate looks.</summary>
    public static SectionFilm Section(BakeRow bake, LiveEstimate estimate) =>
        LiveEstimator.Section(LeadOf(bake), HistoryOf(bake), InItsTime(bake, estimate.HorizonMinutes * 60));

    /// <summary>The same for a finished bake, for the moves it really made.</summary>
    public static SectionFilm HindsightSection(BakeRow bake) => LiveEstimator.HindsightSection(
        LeadOf(bake), PlacesOf(bake), InItsTime(bake, SecondsSinceStart(bake, bake.FinishedAt ?? bake.StartedAt)));

    /// <summary>What the plan would have predicted for the moves a finished bake really made.</summary>
    public static IReadOnlyList<CurvePoint> Hindsight(BakeRow bake) => FromItsTime(bake, LiveEstimator.Hindsight(
        LeadOf(bake), PlacesOf(bake), InItsTime(bake, SecondsSinceStart(bake, bake.FinishedAt ?? bake.StartedAt))));

    private static PlaceChange[] PlacesOf(BakeRow bake) =>
        [.. bake.Moves.Select(move => new PlaceChange(InItsTime(bake, SecondsSinceStart(bake, move.At)), move.Place))];

    private static LeadPiece LeadOf(BakeRow bake) => LeadPiece.Of(bake.Plan, bake.Forecast.Lead);

    /// <summary>Seconds since the lead went in, which may be later than the first food.</summary>
    private static double InItsTime(BakeRow bake, double sinceStartS) => Math.Max(0, sinceStartS - LeadInS(bake));

    private static double LeadInS(BakeRow bake) =>
        60 * (bake.Plan.Chicken.FirstOrDefault(lot => lot.Id == bake.Forecast.Lead) ?? bake.Plan.Chicken[0]).AddAtMinutes;

    private static LiveEstimate FromItsTime(BakeRow bake, LiveEstimate estimate) => new(
        FromItsTime(bake, estimate.Curve), estimate.TargetMinutes + (LeadInS(bake) / 60), estimate.HorizonMinutes + (LeadInS(bake) / 60));

    private static IReadOnlyList<CurvePoint> FromItsTime(BakeRow bake, IReadOnlyList<CurvePoint> curve) => LeadInS(bake) == 0
        ? curve
        : [.. curve.Select(point => point with { Minutes = point.Minutes + (LeadInS(bake) / 60) })];

    private static BakeHistory HistoryOf(BakeRow bake)
    {
        CoreMeasurement? last = bake.Checks
            .Select(check => (check.At, Readings: Believable(bake, check)))
            .Where(check => check.Readings.Count > 0)
            .Select(check => new CoreMeasurement(InItsTime(bake, SecondsSinceStart(bake, check.At)), check.Readings.Min(reading => reading.CoreC)))
            .LastOrDefault();
        return new(PlacesOf(bake), last);
    }

    /// <summary>A check's readings without those that cannot be of the middle: they must not steer anything.</summary>
    private static List<Reading> Believable(BakeRow bake, CheckRow check)
    {
        double hottestC = Math.Min(
            ReadingLimits.HottestMeatC,
            LiveEstimator.HottestBelievableC(LeadOf(bake), PlacesOf(bake), InItsTime(bake, SecondsSinceStart(bake, check.At))));
        return check.Readings.ConvertAll(row => row.ToReading()).FindAll(reading => reading.CoreC <= hottestC);
    }

    private static double SecondsSinceStart(BakeRow bake, DateTimeOffset at) =>
        Math.Clamp((at - bake.StartedAt).TotalSeconds, 0, TrayForecaster.LongestBakeS);
}
