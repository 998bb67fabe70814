using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Prep.Cutting;
using AmberSpoon.Core.Trays.Forecasting;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

public sealed class BuyingAndCuttingTests
{
    [Fact]
    public void A_pack_costs_more_to_the_edible_kilogram_than_to_the_kilogram()
    {
        var pack = new Pack(Cut.Drumstick, 1600, 14, 8.00m);
        Assert.Equal(5.00m, pack.PricePerKg);
        Assert.Equal(8.00m, pack.PricePerEdibleKg);
    }

    /// <summary>Yields of a whole bird by mass (common practice, from memory): breasts 30–35 %, leg quarters 30–33 %, wings 10–12 %.</summary>
    [Fact]
    public void A_bird_is_all_there_when_it_is_cut_up()
    {
        var bird = new WholeBird(1800, 9.00m);
        Assert.Equal(1800, bird.Parts.Sum(part => part.MassG) + bird.ForStockG, 1e-6);
        Assert.InRange(bird.Parts[0].MassG / 1800, 0.30, 0.35);
        Assert.InRange(bird.Parts[1].MassG / 1800, 0.30, 0.33);
        Assert.InRange(bird.Parts[2].MassG / 1800, 0.10, 0.12);
        Assert.True(bird.PricePerEdibleKg > 9.00m / 1.8m);
    }

    [Fact]
    public void Portions_cost_what_was_eaten_and_the_rest_is_for_tomorrow()
    {
        TrayForecast forecast = TrayForecaster.Forecast(Plans.Supper);
        Pack[] packs = [new(Cut.BoneInThigh, 1320, 8, 9.24m)];
        PortionAnswer two = Portions.Of(Plans.Supper, forecast, 2, 120, packs);
        Assert.Equal(660 * 0.725 * (1 - forecast.Of(1).LossShare), two.CookedG, 0.5);
        Assert.Equal(4.62m, Math.Round(two.Cost!.Value, 2));
        Assert.Equal(two.CookedG - 240, two.LeftG, 1e-6);
        Assert.Equal(0, two.ShortG);

        PortionAnswer six = Portions.Of(Plans.Supper, forecast, 6, 120, packs);
        Assert.Equal(0, six.LeftG);
        Assert.Equal(720 - six.CookedG, six.ShortG, 1e-6);
        Assert.Equal(six.Cost!.Value / 6, six.CostPerHead!.Value);
        Assert.Null(Portions.Of(Plans.Supper, forecast, 2, 120, []).Cost);
    }

    [Fact]
    public void The_cutting_list_says_what_each_vegetable_makes()
    {
        TrayForecast forecast = TrayForecaster.Forecast(Plans.Supper);
        IReadOnlyList<CuttingItem> list = CuttingList.Of(Plans.Supper, forecast, heads: 2);
        CuttingItem potatoes = list[0];
        Assert.Equal((Vegetable.Potato, 25, 300), (potatoes.Kind, potatoes.SizeMm, potatoes.MassG));
        Assert.InRange(potatoes.Pieces, 15, 22);
        Assert.Equal(25, potatoes.Piece.HeightMm, 1);

        // 300 g of potato, shrunk and heaped, is a cup or two.
        Assert.InRange(2 * potatoes.MlPerHead, 240, 480);
        Assert.Equal(potatoes.MlPerHead / 2, CuttingList.Of(Plans.Supper, forecast, heads: 4)[0].MlPerHead, 1e-6);
    }
}
