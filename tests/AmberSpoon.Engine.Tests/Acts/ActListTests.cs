using AmberSpoon.Core.Acts;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Tests.Bakes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Acts;

/// <summary>What is still to do, in order of time, whatever the judge says.</summary>
public sealed class ActListTests
{
    private static readonly TrayPlan Plan = Plans.Thighs with
    {
        Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165, targetC: 80)],
        Vegetables = [Plans.Roots(2, Vegetable.Courgette, 150) with { AddAtMinutes = 15, LeavesWhenDone = true }],
        Steps = [new(StepKind.Turn, 10)],
    };

    private static readonly TrayForecast Planned = TrayForecaster.Forecast(Plan);

    private static BakeEstimate At(double minute, params (double Minute, Happening What)[] told)
    {
        BakeState state = BakeState.Fold(Plan, [Log.First, .. told.Select((one, i) => Log.At(i + 2, one.Minute, one.What))]);
        return new(TrayCourses.Of(state, Planned, 60 * minute, KitchenPrior.Usual), 60 * minute);
    }

    private static IReadOnlyList<OvenAct> ActsOf(BakeEstimate estimate) => ActList.Of(estimate, Planned);

    private static IEnumerable<ActKind> Kinds(BakeEstimate estimate) => ActsOf(estimate).Select(act => act.Kind);

    [Fact]
    public void All_that_is_planned_and_to_be_expected_is_in_order_of_time()
    {
        IReadOnlyList<OvenAct> acts = ActsOf(At(2));
        Assert.Equal([ActKind.Tend, ActKind.Add, ActKind.Measure, ActKind.TakeOut, ActKind.Eat], acts.Where(act => act.Kind != ActKind.TakeFoodOut).Select(act => act.Kind));
        Assert.Equal([600.0, 900], acts.Take(2).Select(act => act.DueS));
        Assert.Equal(acts.Select(act => act.DueS).Order(), acts.Select(act => act.DueS));
        OvenAct takeOut = acts.Single(act => act.Kind == ActKind.TakeOut);
        Assert.True(takeOut.IsExpected);
        Assert.Equal(60 * At(2).GoalBand(new(1))!.MedianMinutes, takeOut.DueS, 1e-6);
        Assert.Equal(takeOut.DueS + (60 * Plan.RestMinutes), acts.Single(act => act.Kind == ActKind.Eat).DueS, 1e-6);
        Assert.Equal(At(2).Verdict!.MeasureNext[0].Piece, acts.Single(act => act.Kind == ActKind.Measure).Piece!.Value.Piece);
    }

    /// <summary>Nobody said that it is in: it is believed to be, and the act stays.</summary>
    [Fact]
    public void What_is_overdue_stays_until_it_is_told()
    {
        Assert.Equal([ActKind.Tend, ActKind.Add], Kinds(At(22)).Take(2));
        Assert.Equal([600.0, 900], ActsOf(At(22)).Take(2).Select(act => act.DueS));
        Assert.DoesNotContain(ActKind.Tend, Kinds(At(22, (11, new ActDone(0)))));
        Assert.DoesNotContain(ActKind.Tend, Kinds(At(22, (11, new ActSkipped(0)))));
        Assert.DoesNotContain(ActKind.Add, Kinds(At(22, (16, new LotIn(new(2))))));
        Assert.DoesNotContain(ActKind.Add, Kinds(At(22, (16, new LotOut(new(2))))));
        Assert.Equal([ActKind.Add, ActKind.Tend], Kinds(At(22, (17, new Postponed(0, null, 1)))).Take(2));
        Assert.Contains(ActKind.TakeFoodOut, Kinds(At(22, (16, new LotIn(new(2))))));
        Assert.DoesNotContain(ActKind.TakeFoodOut, Kinds(At(22, (16, new LotOut(new(2))))));
    }

    /// <summary>It was told to be on, so it goes off at its minute, and the dial back to what it was; soon nobody is asked any more.</summary>
    [Fact]
    public void A_grill_that_is_on_has_an_end()
    {
        (double, Happening) grill = (20, new DoneBesides(StepKind.Grill, 4));
        (double, Happening) lowered = (5, new OvenSet(new(180, TemperatureUnit.Celsius)));
        OvenAct off = ActsOf(At(21, grill)).Single(act => act.Kind == ActKind.GrillOff);
        Assert.Equal((24.0 * 60, Plan.OvenSetting), (off.DueS, off.Dial));
        Assert.Equal(180, ActsOf(At(21, lowered, grill)).Single(act => act.Kind == ActKind.GrillOff).Dial!.Value);
        Assert.Contains(ActKind.GrillOff, Kinds(At(33, grill)));
        Assert.DoesNotContain(ActKind.GrillOff, Kinds(At(35, grill)));
        Assert.DoesNotContain(ActKind.GrillOff, Kinds(At(27, grill, (26, new OvenSet(Plan.OvenSetting)))));
        Assert.DoesNotContain(ActKind.GrillOff, Kinds(At(23, grill, (22, new Resting()))));
    }

    /// <summary>Short: back in or rest, each followed by another look; enough: out, and eaten.</summary>
    [Fact]
    public void What_the_judge_says_is_done_first()
    {
        (double, Happening)[] begun = [(11, new ActDone(0)), (16, new LotOut(new(2)))];
        BakeEstimate shortOnTable = At(26, [.. begun, (25, new Resting()), (26, Log.Reading(1, 1, 62)), (26, Log.Reading(1, 2, 62))]);
        Assert.Equal([ActKind.PutBack, ActKind.Measure], Kinds(shortOnTable));
        BakeEstimate enough = At(42, [.. begun, (42, Log.Reading(1, 1, 82)), (42, Log.Reading(1, 2, 83))]);
        Assert.Equal([ActKind.TakeOut, ActKind.Eat], Kinds(enough));
        Assert.False(ActsOf(enough)[0].IsExpected);
        Assert.Equal(42 * 60, ActsOf(enough)[0].DueS);
        BakeEstimate out_ = At(43, [.. begun, (42, Log.Reading(1, 1, 82)), (42, Log.Reading(1, 2, 83)), (43, new Resting())]);
        Assert.Equal([ActKind.Eat], Kinds(out_));
        Assert.Empty(ActsOf(At(44, [.. begun, (43, new Resting()), (44, new Finished())])));
    }

    /// <summary>Safe, and some minutes more for the cook's own goal: it stays in so long.</summary>
    [Fact]
    public void What_is_safe_but_not_yet_as_wished_stays_in_for_its_goal()
    {
        BakeEstimate safe = At(36, (11, new ActDone(0)), (16, new LotOut(new(2))), (34.5, Log.Reading(1, 1, 74.2)), (34.5, Log.Reading(1, 2, 74.4)), (36, Log.Reading(1, 1, 75)), (36, Log.Reading(1, 2, 75.5)));
        Assert.Equal(VerdictKind.Serve, safe.Verdict!.Kind);
        double more = safe.Verdicts.Single().MinutesToGoal!.Value;
        Assert.InRange(more, 1, 10);
        Assert.Equal((36 * 60) + (60 * more), ActsOf(safe).Single(act => act.Kind == ActKind.TakeOut).DueS, 1e-6);
    }

    /// <summary>Breasts that may be served over potatoes that are firm: two acts, each at its minute, and dinner after both.</summary>
    [Fact]
    public void Chicken_leaves_at_its_minute_and_what_is_firm_stays()
    {
        TrayPlan plan = Plans.Thighs with
        {
            Chicken = [Plans.Chicken(1, Cut.BonelessBreast, 1, 180)],
            Vegetables = [Plans.Roots(2, Vegetable.Potato, 300)],
        };
        TrayForecast planned = TrayForecaster.Forecast(plan);
        BakeEstimate Then(double minute, params (double Minute, Happening What)[] told)
        {
            BakeState state = BakeState.Fold(plan, [Log.First, .. told.Select((one, i) => Log.At(i + 2, one.Minute, one.What))]);
            return new(TrayCourses.Of(state, planned, 60 * minute, KitchenPrior.Usual), 60 * minute);
        }

        double done = planned.Of(1).Ready.MedianMinutes;
        BakeEstimate served = Then(done + 1, (done - 0.5, Log.Reading(1, 1, 74.5)), (done + 1, Log.Reading(1, 1, 76)));
        Assert.Equal(VerdictKind.Serve, served.Verdict!.Kind);
        IReadOnlyList<OvenAct> acts = ActList.Of(served, planned);
        Assert.Equal([ActKind.TakeFoodOut, ActKind.TakeOut, ActKind.Eat], acts.Select(act => act.Kind));
        Assert.Equal((1, false, true), (acts[0].Lot!.Value.Value, acts[0].IsExpected, acts[1].IsExpected));
        Assert.Equal(60 * served.GoalBand(new(2))!.MedianMinutes, acts[1].DueS, 1e-6);
        Assert.True(acts[1].DueS > acts[0].DueS + 120 && acts[2].DueS >= acts[1].DueS);

        // With the breast off, the potatoes still come out at their minute.
        IReadOnlyList<OvenAct> after = ActList.Of(Then(done + 2, (done - 0.5, Log.Reading(1, 1, 74.5)), (done + 1, Log.Reading(1, 1, 76)), (done + 2, new LotOut(new(1)))), planned);
        Assert.Equal([ActKind.TakeOut, ActKind.Eat], after.Select(act => act.Kind));
        Assert.True(after[0].IsExpected);

        // Before anything was measured both are expected, in that order.
        Assert.Equal([ActKind.Measure, ActKind.TakeFoodOut, ActKind.TakeOut, ActKind.Eat], ActList.Of(Then(5), planned).Select(act => act.Kind));
    }

    /// <summary>Whatever the forecast says: a step that is still to come, or a stay that was asked for, is waited for.</summary>
    [Fact]
    public void The_tray_does_not_come_out_before_what_is_still_planned()
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165)], Steps = [new(StepKind.Grill, 70, null, 3)] };
        TrayForecast planned = TrayForecaster.Forecast(plan);
        var estimate = new BakeEstimate(TrayCourses.Of(BakeState.Fold(plan, [Log.First]), planned, 300, KitchenPrior.Usual), 300);
        Assert.True(estimate.GoalBand(new(1))!.MedianMinutes < 60);
        Assert.True(ActList.Of(estimate, planned).Single(act => act.Kind == ActKind.TakeOut).DueS >= 70 * 60);
    }

    [Fact]
    public void A_running_window_moves_with_the_lot_and_stretches_with_what_is_believed()
    {
        LotForecast thighs = Planned.Of(1);
        GoodWindow planned = thighs.Good!;
        double ready = thighs.Ready.MedianMinutes;
        GoodWindow same = LiveWindow.Of(thighs, 0, new(ready, ready, ready))!;
        Assert.Equal(planned.BestUntilMinutes!.Value, same.BestUntilMinutes!.Value, 0.06);
        GoodWindow later = LiveWindow.Of(thighs, 10, new(ready + 10, ready + 10, ready + 10))!;
        Assert.Equal(planned.PastMinutes!.Value + 10, later.PastMinutes!.Value, 0.06);
        GoodWindow slow = LiveWindow.Of(thighs, 0, new(2 * ready, 2 * ready, 2 * ready))!;
        Assert.Equal(2 * planned.BestFromMinutes!.Value, slow.BestFromMinutes!.Value, 0.11);
        Assert.Null(LiveWindow.Of(thighs, 0, null));
        Assert.Null(LiveWindow.Of(thighs with { Good = null }, 0, new(1, 1, 1)));
    }
}
