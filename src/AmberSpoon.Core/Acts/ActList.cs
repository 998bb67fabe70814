using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Acts;

/// <summary>
/// All that is still to do at a running oven, in order of time: what was planned and nobody has spoken of, what the judge asks
/// for, and what is to be expected after it.
/// </summary>
public static class ActList
{
    /// <param name="estimate">The running bake.</param>
    /// <param name="planned">What was forecast when it began: windows move with what is believed by now.</param>
    public static IReadOnlyList<OvenAct> Of(BakeEstimate estimate, TrayForecast planned)
    {
        if (!estimate.State.IsLive)
        {
            return [];
        }

        OvenAct[] judged = [.. Judged(estimate, planned)];
        return [.. Planned(estimate.Told).Concat(GrillsOff(estimate)).Concat(judged).Concat(Expected(estimate, planned, judged)).OrderBy(act => act.DueS)];
    }

    /// <summary>An act stays until it is done, skipped or put off, however late it is.</summary>
    private static IEnumerable<OvenAct> Planned(BakeState told) =>
        told.Acts.Where(act => act.IsOpen).Select(act => new OvenAct(ActKind.Tend, act.DueS) { Act = act.Act, Step = act.Step })
            .Concat(told.Lots.Where(lot => lot is { HasGoneIn: false, IsOff: false }).Select(lot => new OvenAct(ActKind.Add, lot.PlannedInS) { Lot = lot.Lot }));

    /// <summary>A grill that was told to be on goes off at its minute; nobody is asked for long, since most are turned off unsaid.</summary>
    private static IEnumerable<OvenAct> GrillsOff(BakeEstimate estimate) =>
        estimate.Told.Grills.Where(grill => grill.OffS is null && estimate.State.Place == BakePlace.Oven && estimate.NowS <= grill.UntilS + GrillSpell.LateS)
            .Select(grill => new OvenAct(ActKind.GrillOff, grill.UntilS) { Dial = grill.Dial });

    private static IEnumerable<OvenAct> Judged(BakeEstimate estimate, TrayForecast planned)
    {
        if (estimate.Verdict is not { } verdict)
        {
            yield break;
        }

        bool isIn = estimate.State.Place == BakePlace.Oven;
        double atS = estimate.JudgedS;
        double checkS = atS + (60 * (verdict.NextCheckInMinutes ?? 0));
        switch (verdict.Kind)
        {
            case VerdictKind.Serve when isIn:
                double chickenS = Math.Max(estimate.State.SaucedUntilS ?? 0, atS + (60 * estimate.Verdicts.Max(lot => lot.MinutesToGoal ?? 0)));
                foreach (OvenAct act in Leaving(estimate, planned, chickenS, isExpected: false))
                {
                    yield return act;
                }

                yield break;
            case VerdictKind.Serve:
                yield return new(ActKind.Eat, atS);
                yield break;
            case VerdictKind.RestThenCheck when isIn:
                yield return new(ActKind.TakeOut, atS);
                break;
            case VerdictKind.BackIn when !isIn:
                yield return new(ActKind.PutBack, atS);
                break;
        }

        if (verdict.MeasureNext.Count > 0)
        {
            yield return new(ActKind.Measure, checkS) { Piece = new(verdict.MeasureNext[0].Lot, verdict.MeasureNext[0].Piece) };
        }

        // What may be served already need not wait for the others.
        foreach (LotVerdict lot in estimate.Verdicts.Where(lot => lot.Kind == VerdictKind.Serve && LeavesEarly(estimate, lot.Lot)))
        {
            yield return new(ActKind.TakeFoodOut, atS) { Lot = lot.Lot };
        }
    }

    /// <summary>Out when the last chicken that is in is where it should be, and not before it was measured; then the rest, then dinner.</summary>
    private static IEnumerable<OvenAct> Expected(BakeEstimate estimate, TrayForecast planned, OvenAct[] judged)
    {
        TrayPlan plan = estimate.State.Plan;
        foreach (VegetableLot lot in plan.Vegetables.Where(lot => lot.LeavesWhenDone && IsIn(estimate, lot.LotId)))
        {
            if (estimate.GoalBand(lot.LotId) is { } tender)
            {
                yield return new(ActKind.TakeFoodOut, 60 * tender.MedianMinutes) { Lot = lot.LotId };
            }
        }

        OvenAct[] leaving = [.. judged.Where(act => act.Kind == ActKind.TakeOut || (act.Kind == ActKind.TakeFoodOut && judged.Any(other => other is { Kind: ActKind.TakeOut, IsExpected: true })))];
        if (estimate.State.Place != BakePlace.Oven || judged.Any(act => act.Kind == ActKind.Eat))
        {
            yield break;
        }

        double[] goalsS = [.. plan.Chicken.Where(lot => IsIn(estimate, lot.LotId)).Select(lot => estimate.GoalBand(lot.LotId)).OfType<TimeBand>().Select(band => 60 * band.MedianMinutes)];
        if (leaving.Length == 0 && goalsS.Length > 0)
        {
            double measuredS = judged.Where(act => act.Kind == ActKind.Measure).Select(act => act.DueS).DefaultIfEmpty(0).Max();
            leaving = [.. Leaving(estimate, planned, Math.Max(Math.Max(goalsS.Max(), measuredS), estimate.Told.KeptInUntilS), isExpected: true)];
            foreach (OvenAct act in leaving)
            {
                yield return act;
            }
        }

        if (leaving.Length > 0)
        {
            double restedS = (leaving.FirstOrDefault(act => act.Kind == ActKind.TakeFoodOut) ?? leaving[^1]).DueS + (60 * plan.RestMinutes);
            yield return new(ActKind.Eat, Math.Max(estimate.NowS, Math.Max(restedS, leaving.Max(act => act.DueS)))) { IsExpected = true };
        }
    }

    /// <summary>
    /// The chicken at its minute, and what is still firm when it is tender: with one another where one moment is good for all of them,
    /// else each lot of chicken by itself and the tray with what stays (as <see cref="TrayForecast"/> planned it).
    /// </summary>
    /// <param name="estimate">The running bake.</param>
    /// <param name="planned">What was forecast when it began.</param>
    /// <param name="chickenS">When the chicken leaves, s in the bake's time.</param>
    /// <param name="isExpected">The chicken leaves by forecast only.</param>
    private static IEnumerable<OvenAct> Leaving(BakeEstimate estimate, TrayForecast planned, double chickenS, bool isExpected)
    {
        TrayPlan plan = estimate.State.Plan;
        LotId[] chicken = [.. plan.Chicken.Select(lot => lot.LotId).Where(lot => IsIn(estimate, lot) && !LeavesEarly(estimate, lot))];
        double[] tenderS =
        [
            .. plan.Vegetables.Where(lot => !lot.LeavesWhenDone && estimate.State.Find(lot.LotId) is { IsOff: false, Place: null or BakePlace.Oven })
                .Select(lot => estimate.GoalBand(lot.LotId)).OfType<TimeBand>().Select(band => 60 * band.MedianMinutes),
        ];
        double staysS = tenderS.DefaultIfEmpty(0).Max();
        if (staysS < chickenS + SameMomentS)
        {
            yield return new(ActKind.TakeOut, chickenS) { IsExpected = isExpected };
            yield break;
        }

        if (chicken.Length > 0 && !chicken.All(lot => IsGoodUntil(estimate, planned, lot, staysS)))
        {
            foreach (LotId lot in chicken)
            {
                yield return new(ActKind.TakeFoodOut, chickenS) { Lot = lot, IsExpected = isExpected };
            }
        }

        yield return new(ActKind.TakeOut, staysS) { IsExpected = true };
    }

    /// <summary>Out within a minute of each other is out together, s.</summary>
    private const double SameMomentS = 60;

    private static bool IsGoodUntil(BakeEstimate estimate, TrayForecast planned, LotId lot, double untilS) =>
        planned.Find(lot.Value) is { } forecast && LiveWindow.Of(forecast, estimate.State.Find(lot)!.InS / 60, estimate.GoalBand(lot)) is { } good
        && (good.BestUntilMinutes ?? good.PastMinutes ?? double.PositiveInfinity) * 60 + SameMomentS >= untilS;

    private static bool IsIn(BakeEstimate estimate, LotId lot) => estimate.State.Find(lot) is { HasGoneIn: true, IsOff: false, Place: BakePlace.Oven };

    private static bool LeavesEarly(BakeEstimate estimate, LotId lot) =>
        IsIn(estimate, lot) && estimate.State.Plan.Chicken.FirstOrDefault(chicken => chicken.LotId == lot)?.LeavesWhenDone == true;
}
