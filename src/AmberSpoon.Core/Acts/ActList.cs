using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Acts;

/// <summary>
/// All that is still to do at a running oven, in order of time: what was planned and nobody has spoken of, what the judge asks
/// for, and what is to be expected after it.
/// </summary>
public static class ActList
{
    public static IReadOnlyList<OvenAct> Of(BakeEstimate estimate)
    {
        if (!estimate.State.IsLive)
        {
            return [];
        }

        OvenAct[] judged = [.. Judged(estimate)];
        return [.. Planned(estimate.Told).Concat(judged).Concat(Expected(estimate, judged)).OrderBy(act => act.DueS)];
    }

    /// <summary>An act stays until it is done, skipped or put off, however late it is.</summary>
    private static IEnumerable<OvenAct> Planned(BakeState told) =>
        told.Acts.Where(act => act.IsOpen).Select(act => new OvenAct(ActKind.Tend, act.DueS) { Act = act.Act, Step = act.Step })
            .Concat(told.Lots.Where(lot => lot is { HasGoneIn: false, IsOff: false }).Select(lot => new OvenAct(ActKind.Add, lot.PlannedInS) { Lot = lot.Lot }));

    private static IEnumerable<OvenAct> Judged(BakeEstimate estimate)
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
                yield return new(ActKind.TakeOut, Math.Max(estimate.State.SaucedUntilS ?? 0, atS + (60 * estimate.Verdicts.Max(lot => lot.MinutesToGoal ?? 0))));
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
    private static IEnumerable<OvenAct> Expected(BakeEstimate estimate, OvenAct[] judged)
    {
        TrayPlan plan = estimate.State.Plan;
        foreach (VegetableLot lot in plan.Vegetables.Where(lot => lot.LeavesWhenDone && IsIn(estimate, lot.LotId)))
        {
            if (estimate.GoalBand(lot.LotId) is { } tender)
            {
                yield return new(ActKind.TakeFoodOut, 60 * tender.MedianMinutes) { Lot = lot.LotId };
            }
        }

        OvenAct? takeOut = judged.FirstOrDefault(act => act.Kind == ActKind.TakeOut);
        if (estimate.State.Place != BakePlace.Oven || judged.Any(act => act.Kind == ActKind.Eat))
        {
            yield break;
        }

        double[] goalsS = [.. plan.Chicken.Where(lot => IsIn(estimate, lot.LotId)).Select(lot => estimate.GoalBand(lot.LotId)).OfType<Trays.Forecasting.TimeBand>().Select(band => 60 * band.MedianMinutes)];
        if (takeOut is null && goalsS.Length > 0)
        {
            double measuredS = judged.Where(act => act.Kind == ActKind.Measure).Select(act => act.DueS).DefaultIfEmpty(0).Max();
            takeOut = new(ActKind.TakeOut, Math.Max(Math.Max(goalsS.Max(), measuredS), estimate.Told.KeptInUntilS)) { IsExpected = true };
            yield return takeOut;
        }

        if (takeOut is not null)
        {
            yield return new(ActKind.Eat, Math.Max(takeOut.DueS, estimate.NowS) + (60 * plan.RestMinutes)) { IsExpected = true };
        }
    }

    private static bool IsIn(BakeEstimate estimate, LotId lot) => estimate.State.Find(lot) is { HasGoneIn: true, IsOff: false, Place: BakePlace.Oven };

    private static bool LeavesEarly(BakeEstimate estimate, LotId lot) =>
        IsIn(estimate, lot) && estimate.State.Plan.Chicken.FirstOrDefault(chicken => chicken.LotId == lot)?.LeavesWhenDone == true;
}
