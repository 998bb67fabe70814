using AmberSpoon.Core.Acts;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>Makes what the page shows of a bake from what was told and what follows from it.</summary>
internal static class BakeViews
{
    /// <summary>More of them are told of a finished bake only.</summary>
    private const int MostLiveReadings = 60;

    public static BakeView Listed(BakeSummary bake) => new(
        bake.Id,
        bake.TrayId,
        bake.Plan.Name,
        bake.LastSeq,
        bake.StartedAt,
        bake.FinishedAt,
        bake.IsLive,
        bake.Plan.Count,
        [.. bake.Plan.Chicken.Select(lot => lot.Cut)],
        [.. bake.Plan.Vegetables.Select(lot => lot.Kind)],
        bake.Verdict is { } said ? new(said, null, [], null) : null);

    /// <summary>All that was told, in words.</summary>
    public static IReadOnlyList<EventView> Told(BakeRow bake, IReadOnlyList<BakeEvent> events, BakeEstimate estimate, KitchenUnits units)
    {
        var words = new EventWords(bake.Plan, estimate.Names, units);
        return [.. events.Select(words.Of)];
    }

    /// <summary>What was said of it at table and after, with what is asked.</summary>
    public static AtTableView Table(BakeState state, BakeFacts? facts)
    {
        TrayPlan plan = state.Plan;
        (RatingOf Of, VegetableLot? Lot)[] asked =
        [
            (RatingOf.Meat, null),
            (RatingOf.Outside, null),
            .. plan.Vegetables.Where(lot => state.Find(lot.LotId) is { IsLeftOut: false }).Select(lot => (RatingOf.Vegetable, (VegetableLot?)lot)),
            (RatingOf.Timing, null),
        ];
        return new(
            state.Table.EatenAt,
            [
                .. asked.Select(subject => new RatingView(
                    subject.Of,
                    subject.Lot?.Id,
                    Core.Doneness.Phrases.Capital(subject.Lot is { } lot ? LotNames.Of(plan, lot) : RatingWords.Subject(subject.Of)),
                    state.Table.Ratings.FirstOrDefault(rated => rated.Of == subject.Of && rated.Lot == subject.Lot?.LotId)?.Value,
                    [.. Enum.GetValues<Rating>().Select(value => new RatingChoice(value, RatingWords.Of(subject.Of, value)))])),
            ],
            state.Table.Tasting,
            state.Table.NextTime,
            [.. state.Table.Weights.Select(weighed => new WeightView(weighed.Lot.Value, weighed.Mass, state.Table.LeftShare(weighed.Lot, RawG(plan, weighed.Lot))))],
            state.Table.StockMl,
            [.. state.Table.Photos.Select(photo => new PhotoView(photo.Photo, photo.Seq))],
            state.Table.Counts,
            facts?.PlannedMinutes,
            facts?.RealMinutes,
            facts?.PastBest,
            facts?.DinnerLateMinutes);
    }

    private static double RawG(TrayPlan plan, LotId lot) =>
        plan.Chicken.FirstOrDefault(chicken => chicken.LotId == lot)?.MassesG().Sum() ?? plan.Vegetables.First(vegetable => vegetable.LotId == lot).Amount.Grams();

    /// <param name="bake">The bake.</param>
    /// <param name="estimate">What follows from its events.</param>
    /// <param name="now">The kitchen's clock.</param>
    public static BakeView Whole(BakeRow bake, BakeEstimate estimate, DateTimeOffset now)
    {
        BakeState state = estimate.State;
        IReadOnlyDictionary<PieceRef, string> names = estimate.Names;
        var words = new ActWords(state.Plan, names);
        double lastGoal = state.Lots.Where(lot => !lot.IsOff).Select(lot => estimate.GoalBand(lot.Lot)?.MedianMinutes ?? 0).DefaultIfEmpty(0).Max();
        return Listed(BakeSummary.Of(bake)) with
        {
            Seq = state.Seq,
            IsLive = state.IsLive,
            FinishedAt = state.FinishedS is { } finishedS ? state.Clock.Wall(finishedS) : null,
            Verdict = state.IsLive ? TrayVerdictOf(estimate) : state.LastSaid is { } said ? new(said.Verdict, said.Reason, [], null) : null,
            Plan = bake.Plan,
            Forecast = bake.Forecast,
            Place = state.Place,
            Moves = [.. state.Moves.Select(move => new MoveView(state.Clock.Wall(move.AtS), move.Place))],
            Lots = [.. state.Lots.Where(lot => !lot.IsLeftOut).Select(lot => LotOf(estimate, lot, bake.Forecast.Find(lot.Lot.Value), lastGoal, names))],
            Acts = [.. state.Acts.Select(act => new ActView(act.Act, act.Step, words.Of(act.Step), state.Clock.Wall(act.DueS), act.DoneAtS is { } doneS ? state.Clock.Wall(doneS) : null, act.IsSkipped, act.Seq))],
            Next = [.. ActList.Of(estimate, bake.Forecast).Select(act => new NextView(act.Kind, words.Of(act), state.Clock.Wall(act.DueS), act.IsExpected, act.Act, act.Lot?.Value, act.Dial))],
            CautiousAt = state.IsLive && estimate.CautiousMinutes() is { } minutes ? state.Clock.Wall(60 * minutes) : null,
            Vessels = [.. estimate.Layout.Vessels.Select(vessel => new VesselSize(vessel.WidthMm, vessel.DepthMm))],
            Readings = [.. Shown(estimate.Review.Readings, state.IsLive).Select(reading => ReadingOf(reading, state.Clock, names))],
            IsJustIn = state.IsJustIn,
            LastDone = state is { IsLive: true, LastDone: { } done } ? new EventWords(bake.Plan, names, KitchenUnits.Usual).Of(done) : null,
            Now = now,
        };
    }

    /// <summary>Of a stream that still runs the last ones, and what is still asked.</summary>
    private static IEnumerable<ReviewedReading> Shown(IReadOnlyList<ReviewedReading> readings, bool isLive) => isLive && readings.Count > MostLiveReadings
        ? readings.SkipLast(MostLiveReadings).Where(reading => reading.IsOpenQuestion).TakeLast(MostLiveReadings).Concat(readings.TakeLast(MostLiveReadings))
        : readings;

    private static VerdictView? TrayVerdictOf(BakeEstimate estimate) => estimate.Verdict is { } verdict
        ? new(verdict.Kind, verdict.Reason, verdict.MeasureNext, CheckAt(estimate, verdict.NextCheckInMinutes))
        : null;

    /// <summary>From now on, and not from when it was judged; nothing once it is over.</summary>
    private static double? LeftOf(BakeEstimate estimate, double? minutes) => minutes - ((estimate.NowS - estimate.JudgedS) / 60) is { } left && left > 0 ? left : null;

    private static DateTimeOffset? CheckAt(BakeEstimate estimate, int? inMinutes) =>
        inMinutes is { } minutes ? estimate.State.Clock.Wall(estimate.JudgedS + (60 * minutes)) : null;

    private static BakeLotView LotOf(BakeEstimate estimate, LotState lot, LotForecast? planned, double lastGoalMinutes, IReadOnlyDictionary<PieceRef, string> names)
    {
        TrayPlan plan = estimate.State.Plan;
        BakeClock clock = estimate.State.Clock;
        ChickenLot? chicken = plan.Chicken.FirstOrDefault(meat => meat.LotId == lot.Lot);
        LotVerdict? verdict = estimate.Verdicts.FirstOrDefault(of => of.Lot == lot.Lot);
        TimeBand? goal = estimate.GoalBand(lot.Lot);
        GoodWindow? good = planned is null ? null : LiveWindow.Of(planned, lot.InS / 60, goal);
        return new(
            lot.Lot.Value,
            LotNames.Of(plan, lot.Lot),
            chicken is not null,
            lot.Place,
            lot.IsOff,
            clock.Wall(lot.InS),
            lot.IsTimeTold,
            verdict is null || !estimate.State.IsLive ? null : new(verdict.Kind, verdict.Reason, verdict.MeasureNext, CheckAt(estimate, verdict.NextCheckInMinutes), LeftOf(estimate, verdict.MinutesToGoal)),
            estimate.StateOf(lot.Lot),
            At(goal?.LowMinutes),
            At(goal?.MedianMinutes),
            At(goal?.HighMinutes),
            good is null ? null : new(At(good.OpensMinutes), At(good.BestFromMinutes), At(good.BestUntilMinutes), At(good.PastMinutes), good.PastMinutes < lastGoalMinutes),
            Math.Round(estimate.RisePerMinuteC(lot.Lot), 2),
            lot.IsOff || !estimate.State.IsLive ? [] : [.. estimate.ChancesDone(lot.Lot).Select(done => new ChanceView(done.Chance, clock.Wall(60 * done.Minutes)))],
            estimate.SlowestOf(lot.Lot),
            chicken is null ? [] : [.. Enumerable.Range(1, chicken.Count).Select(piece => PieceOf(estimate, new(lot.Lot, piece), lot.IsOffAlone(piece), names))],
            estimate.Curve(lot.Lot));

        DateTimeOffset? At(double? minutes) => minutes is { } known ? clock.Wall(60 * known) : null;
    }

    private static PieceView PieceOf(BakeEstimate estimate, PieceRef piece, bool isOff, IReadOnlyDictionary<PieceRef, string> names)
    {
        (double lowC, double likeliestC, double highC) = estimate.Now(piece);
        return new(piece.Piece, names[piece], Math.Round(lowC, 1), Math.Round(likeliestC, 1), Math.Round(highC, 1), PlaceOf(estimate.Layout, piece), isOff);
    }

    private static PlaceOnTray? PlaceOf(TrayLayout layout, PieceRef piece) => layout.Spots()
        .Where(spot => spot.Lot == piece.Lot.Value && spot.Index == piece.Piece - 1)
        .Select(spot => new PlaceOnTray(
            spot.Vessel, Math.Round(spot.XMm / layout.Vessels[spot.Vessel].WidthMm, 3), Math.Round(spot.YMm / layout.Vessels[spot.Vessel].DepthMm, 3)))
        .FirstOrDefault();

    private static ReadingView ReadingOf(ReviewedReading reading, BakeClock clock, IReadOnlyDictionary<PieceRef, string> names) => new(
        reading.Taken.Seq,
        reading.Taken.Piece.Lot.Value,
        reading.Taken.Piece.Piece,
        names[reading.Taken.Piece],
        clock.Wall(reading.Taken.AtS),
        reading.Meant.Temperature,
        reading.IsBelieved,
        reading.Doubt?.Kind,
        reading.IsOpenQuestion ? reading.Doubt!.Sentence : null,
        !reading.IsOpenQuestion ? [] : reading.Doubt!.Kind switch
        {
            DoubtKind.Unit => [ReadingAnswer.AsTyped, ReadingAnswer.OtherUnit],
            DoubtKind.TooCold => [ReadingAnswer.InTheMiddle, ReadingAnswer.NotInTheMiddle],
            _ => [],
        });
}
