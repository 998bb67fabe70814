using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>The window of every lot of a plan, as if it stayed in the oven: its heaviest piece opens it, its lightest closes it.</summary>
public static class TrayWindows
{
    /// <returns>By lot, chicken first.</returns>
    public static IReadOnlyDictionary<int, GoodWindow> Of(TrayPlan plan, LotSettings settings)
    {
        SafetyProfile profile = SafetyProfiles.For(plan.Profile);
        (int Lot, Func<GoodWindow> Find)[] lots =
        [
            .. plan.Chicken.Select(lot => (lot.LotId.Value, (Func<GoodWindow>)(() => Of(lot, settings, profile.RuleFor(lot.IsStuffed))))),
            .. plan.Vegetables.Select(lot => (lot.LotId.Value, (Func<GoodWindow>)(() => Of(lot, settings)))),
        ];
        var windows = new GoodWindow[lots.Length];
        Parallel.For(0, lots.Length, i => windows[i] = lots[i].Find());
        return lots.Zip(windows).ToDictionary(pair => pair.First.Lot, pair => pair.Second);
    }

    private static GoodWindow Of(ChickenLot lot, LotSettings settings, SafetyRule rule)
    {
        var limits = WindowRule.For(lot.Cut);
        IReadOnlyList<double> masses = lot.MassesG();
        HeatRun heaviest = LeftIn(settings.Of(lot));
        HeatRun lightest = masses[^1] < masses[0] ? LeftIn(settings.Of(lot, masses[^1])) : heaviest;
        double? opensS = rule.MetInOvenS(heaviest.TimeToReachS);

        // Who wants lean breast at 63 °C has it at its best from there; who wants it hotter, not before.
        double bestFromC = CutTable.For(lot.Cut).IsDark ? Math.Max(limits.BestFromC, lot.Goal.CoreC) : lot.Goal.CoreC;
        double? bestFromS = Later(opensS, lot.Goal.CoreC < limits.BestFromC && !CutTable.For(lot.Cut).IsDark
            ? heaviest.TimeToReachS(lot.Goal.CoreC) + lot.Goal.HoldSeconds
            : heaviest.TimeToReachS(bestFromC));
        // Who wants it hotter than most is not told that it is past before it is as wished.
        double pastC = Math.Max(limits.PastC, lot.Goal.CoreC + (limits.PastC - limits.BestUntilC));
        double? pastS = Sooner(lightest.TimeToReachS(pastC) + limits.PastAfterS, FirstS(lightest, sample =>
            SurfaceColours.Of(sample.BrowningTop) == SurfaceColour.Burnt || (!CutTable.For(lot.Cut).IsDark && sample.LossShare > WindowRule.DryShare)));
        double? untilS = Sooner(Later(bestFromS, lightest.TimeToReachS(Math.Max(limits.BestUntilC, lot.Goal.CoreC))), pastS);
        return InMinutes(lot.AddAtMinutes, opensS, bestFromS, untilS, pastS);
    }

    private static GoodWindow Of(VegetableLot lot, LotSettings settings)
    {
        VegetableFacts facts = VegetableTable.For(lot.Kind);
        HeatRun run = LeftIn(settings.Of(lot));
        double? tenderS = run.TimeToSoftenS(facts.TenderCookMinutes);
        double? pastS = Sooner(
            run.TimeToSoftenS(facts.TenderCookMinutes * facts.Patience), FirstS(run, sample => SurfaceColours.Of(sample.BrowningTop) == SurfaceColour.Burnt));
        double? softS = Sooner(Later(tenderS, run.TimeToSoftenS(new SoftGoal(facts, Tenderness.Soft).CookMinutes)), pastS);
        double? wantedS = run.TimeToSoftenS(lot.SoftGoal().CookMinutes);
        return InMinutes(lot.AddAtMinutes, Sooner(tenderS, wantedS), Sooner(tenderS, wantedS), Later(softS, wantedS), pastS);
    }

    private static HeatRun LeftIn(PieceSetting setting) =>
        setting.Bake(KitchenGuess.Nominal, [new(BakePlace.Oven, TrayForecaster.LongestBakeS)]).Follow(GridLevel.Quick);

    private static double? FirstS(HeatRun run, Func<HeatSample, bool> isSo)
    {
        foreach (HeatSample sample in run.Samples)
        {
            if (isSo(sample))
            {
                return sample.TimeS;
            }
        }

        return null;
    }

    private static double? Sooner(double? one, double? other) => one is null ? other : other is null ? one : Math.Min(one.Value, other.Value);

    /// <summary>Null where either never comes.</summary>
    private static double? Later(double? one, double? other) => one is null || other is null ? null : Math.Max(one.Value, other.Value);

    private static GoodWindow InMinutes(int inMinutes, params double?[] seconds)
    {
        double?[] minutes = [.. seconds.Select(second => second is { } s ? Math.Round(inMinutes + (s / 60), 1) : (double?)null)];

        // What burns before it is good has no best.
        return minutes[3] < minutes[1] ? new(minutes[0], null, null, minutes[3]) : new(minutes[0], minutes[1], minutes[2], minutes[3]);
    }
}
