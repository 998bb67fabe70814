using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

/// <summary>Vegetables whose grids disagree about when they are tender, under chicken and in hot dishes.</summary>
public sealed class LateTendernessTests
{
    private static readonly Vessel Round = Vessel.HalfSheet with { Kind = VesselKind.RoundDish };

    [Fact]
    public void Whole_potatoes_under_thighs_in_a_hot_dish_are_answered()
    {
        TrayPlan plan = Plans.Thighs with
        {
            Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 4, 165)],
            Vegetables =
            [
                Plans.Roots(2, Vegetable.BabyPotato, 300) with { Place = VegetablePlace.Under },
                Plans.Roots(3, Vegetable.Carrot, 300) with { Place = VegetablePlace.Under },
            ],
            Vessels = [Round],
            OvenSetting = new(232, TemperatureUnit.Celsius),
        };
        Assert.All(TrayForecaster.Forecast(plan).Lots, lot => Assert.InRange(lot.Ready.MedianMinutes, 10, 90));
    }

    [Fact]
    public void Large_whole_potatoes_round_ten_thighs_are_answered()
    {
        TrayPlan plan = Plans.Thighs with
        {
            Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 10, 165)],
            Vegetables = [Plans.Roots(2, Vegetable.BabyPotato, 600) with { Size = new(47, LengthUnit.Millimetre) }],
            Vessels = [Vessel.HalfSheet with { Kind = VesselKind.Dish }],
        };
        Assert.All(TrayForecaster.Forecast(plan).Lots, lot => Assert.InRange(lot.Ready.MedianMinutes, 10, 150));
    }
}
