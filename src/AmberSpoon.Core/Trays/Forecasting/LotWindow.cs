using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// The window of one lot, read off runs that stay in the oven: the heaviest piece opens it, the lightest closes it. For a whole
/// plan use <see cref="TrayWindows"/>; a forecast brings its own in <see cref="LotForecast.Good"/>.
/// </summary>
internal static class LotWindow
{
    /// <summary>How hot the lightest piece may be at its coldest before it is past, °C: whoever wants it hotter than most is not
    /// told that it is past before it is as wished.</summary>
    public static double PastCoreC(ChickenLot lot)
    {
        WindowRule limits = WindowRule.For(lot.Cut);
        return Math.Max(limits.PastC, lot.Goal.CoreC + (limits.PastC - limits.BestUntilC));
    }

    /// <summary>The cooking after which a vegetable is past, min at 95 °C.</summary>
    public static double PastCookMinutes(VegetableLot lot)
    {
        VegetableFacts facts = VegetableTable.For(lot.Kind);
        return facts.TenderCookMinutes * facts.Patience;
    }

    /// <param name="lot">The lot.</param>
    /// <param name="rule">What makes it safe.</param>
    /// <param name="heaviest">Its heaviest piece, left in the oven until it is past.</param>
    /// <param name="lightest">And its lightest.</param>
    public static GoodWindow Of(ChickenLot lot, SafetyRule rule, HeatRun heaviest, HeatRun lightest)
    {
        var limits = WindowRule.For(lot.Cut);
        double? opensS = rule.MetInOvenS(heaviest.TimeToReachS);

        // Who wants lean breast at 63 °C has it at its best from there; who wants it hotter, not before.
        bool isDark = CutTable.For(lot.Cut).IsDark;
        double bestFromC = isDark ? Math.Max(limits.BestFromC, lot.Goal.CoreC) : lot.Goal.CoreC;
        double? bestFromS = Later(opensS, lot.Goal.CoreC < limits.BestFromC && !isDark
            ? heaviest.TimeToReachS(lot.Goal.CoreC) + lot.Goal.HoldSeconds
            : heaviest.TimeToReachS(bestFromC));
        double? pastS = Sooner(lightest.TimeToReachS(PastCoreC(lot)) + limits.PastAfterS, FirstS(lightest, sample =>
            SurfaceColours.Of(sample.BrowningTop) == SurfaceColour.Burnt || (!isDark && sample.LossShare > WindowRule.DryShare)));
        double? untilS = Sooner(Later(bestFromS, lightest.TimeToReachS(Math.Max(limits.BestUntilC, lot.Goal.CoreC))), pastS);
        return InMinutes(lot.AddAtMinutes, opensS, bestFromS, untilS, pastS);
    }

    /// <param name="lot">The lot.</param>
    /// <param name="run">Its worst lying piece, left in the oven until it is past.</param>
    /// <param name="cookingFactor">How much more cooking than usual this lot needs.</param>
    public static GoodWindow Of(VegetableLot lot, HeatRun run, double cookingFactor = 1)
    {
        VegetableFacts facts = VegetableTable.For(lot.Kind);
        double? tenderS = CookedS(facts.TenderCookMinutes);
        double? pastS = Sooner(
            CookedS(PastCookMinutes(lot)), FirstS(run, sample => SurfaceColours.Of(sample.BrowningTop) == SurfaceColour.Burnt));
        double? softS = Sooner(Later(tenderS, CookedS(new SoftGoal(facts, Tenderness.Soft).CookMinutes)), pastS);
        double? wantedS = CookedS(lot.SoftGoal().CookMinutes);
        return InMinutes(lot.AddAtMinutes, Sooner(tenderS, wantedS), Sooner(tenderS, wantedS), Later(softS, wantedS), pastS);

        double? CookedS(double cookMinutes) => run.TimeToSoftenS(cookingFactor * cookMinutes);
    }

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

    private static GoodWindow InMinutes(int inMinutes, double? opensS, double? fromS, double? untilS, double? pastS)
    {
        // What burns before it is good has no best.
        bool burnsFirst = pastS < fromS;
        return new(At(opensS), burnsFirst ? null : At(fromS), burnsFirst ? null : At(untilS), At(pastS));

        double? At(double? seconds) => seconds is { } s ? Math.Round(inMinutes + (s / 60), 1) : null;
    }
}
