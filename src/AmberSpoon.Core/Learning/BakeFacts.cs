using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Learning;

/// <summary>
/// What a log remembers of a finished bake at a glance, and what is learnt from it. All of it follows from the plan, the forecast and the
/// events, and can be made again from them.
/// </summary>
/// <param name="PlannedMinutes">When the chicken that leads was to reach its goal, min since the first food.</param>
/// <param name="RealMinutes">When it did, by all that was measured; null where nothing was, or it never got there.</param>
/// <param name="PastBest">The food that was out longest past its best, and by how much; null where nothing was past.</param>
/// <param name="DinnerLateMinutes">When it was eaten less when dinner was planned, min; null where either was not said.</param>
/// <param name="Evidence">What it says of its oven.</param>
/// <param name="Got">Of each vegetable lot what it got, as a share of what was usual for its goal.</param>
public sealed record BakeFacts(
    double? PlannedMinutes, double? RealMinutes, PastItsBest? PastBest, double? DinnerLateMinutes, OvenEvidence Evidence, IReadOnlyList<VegetableGot> Got)
{
    /// <summary>What it took to get ready for it; null where nobody told.</summary>
    public Readied? Before { get; init; }

    /// <summary>How it was at table.</summary>
    public IReadOnlyList<Rated> Ratings { get; init; } = [];

    /// <summary>What to do otherwise the next time.</summary>
    public IReadOnlyList<string> NextTime { get; init; } = [];

    /// <param name="state">A finished bake.</param>
    /// <param name="planned">What was forecast when it began.</param>
    public static BakeFacts Of(BakeState state, TrayForecast planned)
    {
        double endS = EndS(state);
        return Of(state, planned, new(TrayCourses.Of(state, planned, endS, KitchenPrior.Usual), endS));
    }

    /// <param name="state">A finished bake.</param>
    /// <param name="planned">What was forecast when it began.</param>
    /// <param name="estimate">What follows from it at its end.</param>
    public static BakeFacts Of(BakeState state, TrayForecast planned, BakeEstimate estimate)
    {
        double endS = EndS(state);
        bool isKnown = state.Readings.Count > 0;
        LotId lead = new(planned.Lead);
        return new BakeFacts(
            planned.Find(planned.Lead)?.Ready.MedianMinutes,
            RealMinutesOf(state, estimate, lead, endS),
            PastOf(state, planned, estimate),
            LateOf(state),
            isKnown || state.Looks.Count > 0 || state.Air.Count > 0 ? BakeLesson.Of(state.Plan, estimate) : OvenEvidence.None,
            [
                .. state.Plan.Vegetables.Where(lot => state.Find(lot.LotId) is { IsLeftOut: false })
                    .Select(lot => new VegetableGot(lot.Kind, lot.Id, estimate.CookMinutes(lot.LotId, OutS(state, lot.LotId, endS)) / (lot with { Wish = 1 }).SoftGoal().CookMinutes)),
            ]).With(state) with
        { IsMeasured = estimate.Review.Readings.Any(reading => reading.IsBelieved) };
    }

    /// <summary>Something was measured and believed.</summary>
    public bool IsMeasured { get; init; }

    /// <summary>Only what was measured and came to pass: a bake that was stopped before it was done never got there.</summary>
    private static double? RealMinutesOf(BakeState state, BakeEstimate estimate, LotId lead, double endS) =>
        AsBaked.WithWhatWasDue(state, endS).Find(lead) is { IsLeftOut: false }
        && estimate.Review.Readings.Any(reading => reading.IsBelieved && reading.Taken.Piece.Lot == lead)
        && estimate.GoalBand(lead)?.MedianMinutes is { } minutes && 60 * minutes <= endS + ToTheMinuteS
            ? minutes
            : null;

    /// <summary>s.</summary>
    private const double ToTheMinuteS = 60;

    /// <summary>The same bake after something was said of it at table: what was measured stays as it was.</summary>
    public BakeFacts With(BakeState state) => this with
    {
        DinnerLateMinutes = LateOf(state),
        Before = state.Before,
        Ratings = state.Table.Ratings,
        NextTime = [.. state.Table.NextTime.Select(said => said.Text)],
    };

    /// <summary>When all that counts was told, s in the bake's time.</summary>
    public static double EndS(BakeState state) => Math.Clamp(Math.Max(state.FinishedS ?? 0, state.JudgedS), 60, TrayForecaster.LongestBakeS);

    private static double? LateOf(BakeState state) =>
        state.Table.EatenAt is { } eaten && state.Plan.EatAt is { } wanted ? Math.Round((eaten - wanted).TotalMinutes, 1) : null;

    private static PastItsBest? PastOf(BakeState state, TrayForecast planned, BakeEstimate estimate)
    {
        double endS = state.FinishedS ?? state.LatestS;
        return planned.Lots
            .Where(lot => state.Find(new(lot.Lot)) is { IsLeftOut: false })
            .Select(lot => (Forecast: lot, Good: LiveWindow.Of(lot, state.Find(new(lot.Lot))!.InS / 60, estimate.GoalBand(new(lot.Lot)))))
            .Where(lot => lot.Good?.PastMinutes is not null)
            .Select(lot => new PastItsBest(lot.Forecast.Lot, Math.Round((OutS(state, new(lot.Forecast.Lot), endS) / 60) - lot.Good!.PastMinutes!.Value, 1)))
            .Where(past => past.Minutes >= 1)
            .OrderByDescending(past => past.Minutes)
            .FirstOrDefault();
    }

    /// <summary>When a lot left the oven for good, s in the bake's time.</summary>
    private static double OutS(BakeState state, LotId lot, double endS) =>
        state.Find(lot)!.Places is [.., { Place: not BakePlace.Oven } last] ? last.AtS : state.Place != BakePlace.Oven ? state.Moves[^1].AtS : endS;
}

/// <param name="Lot">Which lot.</param>
/// <param name="Minutes">So long past its best when it came out, min.</param>
public sealed record PastItsBest(int Lot, double Minutes);

/// <param name="Kind">Which vegetable.</param>
/// <param name="Lot">Which lot.</param>
/// <param name="Share">What it got, as a share of what was usual for the tenderness it was planned for.</param>
public sealed record VegetableGot(Vegetable Kind, int Lot, double Share);
