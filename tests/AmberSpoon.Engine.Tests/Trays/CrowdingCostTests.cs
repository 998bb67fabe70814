using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class CrowdingCostTests
{
    private static CrowdingCost? Cost(TrayPlan plan)
    {
        TrayLayout layout = TrayArranger.Arrange(plan);
        return CrowdingCost.Of(plan, layout, TrayForecaster.Forecast(plan, layout, Care.BestGuess));
    }

    [Fact]
    public void A_roomy_tray_costs_nothing() => Assert.Null(Cost(Plans.Thighs));

    [Fact]
    public void A_full_tray_takes_longer_the_fuller_it_is()
    {
        CrowdingCost close = Cost(Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 12, 165)] })!;
        TrayPlan full = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 14, 165)] };
        Assert.False(TrayArranger.Arrange(full).Vessels[0].IsOverfull);
        CrowdingCost crowded = Cost(full)!;
        Assert.True(close.MinutesAdded >= 0);
        Assert.True(crowded.MinutesAdded > close.MinutesAdded);
        Assert.True(crowded.BrowningLost >= close.BrowningLost - 0.02);
    }

    /// <summary>More than lies side by side takes longer still; what a heap does to its colour is not modelled, and not claimed here.</summary>
    [Fact]
    public void A_second_layer_takes_longer_than_a_full_tray()
    {
        TrayPlan Of(int count) => Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, count, 165)] };
        Assert.True(TrayArranger.Arrange(Of(20)).Vessels[0].IsOverfull);
        Assert.True(Cost(Of(20))!.MinutesAdded > Cost(Of(14))!.MinutesAdded + 0.5);
    }

    [Fact]
    public void A_second_tray_has_its_own_price()
    {
        CrowdingCost crowded = Cost(Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 17, 165)] })!;
        Assert.True(crowded.SecondTraySaves < crowded.MinutesAdded);
    }

    [Fact]
    public void Vegetables_among_others_are_later_than_alone()
    {
        TrayPlan full = Plans.Supper with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 8, 165)] };
        TrayPlan alone = full with { Chicken = [], Vegetables = [full.Vegetables[0]] };
        Assert.True(TrayForecaster.Forecast(full, Care.BestGuess).Of(2).Ready.MedianMinutes
            > TrayForecaster.Forecast(alone, Care.BestGuess).Of(2).Ready.MedianMinutes + 1);
    }

    [Fact]
    public void The_door_is_cooler_than_the_back()
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 1, 165)] };
        double At(double yMm) => TrayForecaster.Forecast(
            plan with { Spots = [new(1, 0, 0, 220, yMm, 0, IsPinned: true)] }, Care.BestGuess).ToTarget.MedianMinutes;
        Assert.True(At(270) > At(150) && At(150) > At(40));
    }

    [Fact]
    public void Turning_the_tray_round_half_way_evens_out_the_back_and_the_door()
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 1, 165)] };
        double At(double yMm, params PlannedStep[] steps) => TrayForecaster.Forecast(
            plan with { Spots = [new(1, 0, 0, 220, yMm, 0, IsPinned: true)], Steps = steps }, Care.BestGuess).ToTarget.MedianMinutes;
        var rotate = new PlannedStep(StepKind.Rotate, 15);
        Assert.True(Math.Abs(At(270, rotate) - At(40, rotate)) < At(270) - At(40));
    }

    /// <summary>
    /// Roomy, smaller is sooner; and of one size, more is never sooner: 1.4 kg of small dice steam on the sheet that roasts a third of a
    /// kilogram in half an hour.
    /// </summary>
    [Fact]
    public void Smaller_is_sooner_where_there_is_room_and_more_is_later()
    {
        int[] sizesMm = [12, 15, 20, 25, 30, 40];
        int[] amountsG = [300, 600, 1000, 1400];
        double[] bySize = [.. sizesMm.Select(mm => PotatoMinutes(mm, 300))];
        Assert.Equal(bySize.Order(), bySize);
        Assert.True(bySize[^1] - bySize[0] > 12);
        foreach (int mm in sizesMm)
        {
            double[] byAmount = [.. amountsG.Select(grams => PotatoMinutes(mm, grams))];
            Assert.All(byAmount.Zip(byAmount.Skip(1)), pair => Assert.True(pair.Second > pair.First - 0.5));
        }

        Assert.InRange(PotatoMinutes(12, 1400) - PotatoMinutes(12, 300), 8, 25);
    }

    private static double PotatoMinutes(double mm, double grams)
    {
        VegetableLot cubes = Plans.Roots(2, Vegetable.Potato, grams) with { Cut = VegetableCut.Cube, Size = new(mm, LengthUnit.Millimetre), Place = VegetablePlace.Around };
        return TrayForecaster.Forecast(Plans.Thighs with { Chicken = [], Vegetables = [cubes] }, Care.BestGuess).Lots[0].Ready.MedianMinutes;
    }
}
