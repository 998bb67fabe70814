using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

/// <summary>What heaps, hollows, scattered vegetables and several coats do to a tray (common practice, and our own estimates).</summary>
public sealed class ArrangementTests
{
    private static readonly Vessel Dish = new(VesselKind.Dish, null, null, Rack: false, Parchment: false, WaterMl: 0);

    private static LotForecast Potatoes(double grams, int layers, double ovenC = 200)
    {
        TrayPlan plan = Plans.Thighs with
        {
            Vessels = [Dish],
            OvenSetting = new(ovenC, TemperatureUnit.Celsius),
            Chicken = [],
            Vegetables = [Plans.Roots(1, Vegetable.Potato, grams) with { Layers = layers }],
        };
        return TrayForecaster.Forecast(plan, TrayArranger.Arrange(plan)).Lots[0];
    }

    /// <summary>
    /// About as much on the floor of the dish each time; cubes of 25 mm at 200 °C take 35 to 45 min side by side. Two layers may take 1.46
    /// times as long (1.42 before what lies side by side was taken to be spread evenly, which made that quicker).
    /// </summary>
    [Fact]
    public void A_heap_takes_longer_the_deeper_it_is()
    {
        double one = Potatoes(500, 1).Ready.MedianMinutes;
        double two = Potatoes(1000, 2).Ready.MedianMinutes;
        double three = Potatoes(1500, 3).Ready.MedianMinutes;
        Assert.InRange(one, 33, 48);
        Assert.InRange(two / one, 1.25, 1.46);
        Assert.InRange(three / one, 1.4, 1.7);
    }

    [Fact]
    public void A_heap_of_layers_takes_the_floor_of_one()
    {
        VesselLayout Laid(double grams, int layers) => TrayArranger.Arrange(Plans.Thighs with { Vessels = [Dish], Chicken = [], Vegetables = [Plans.Roots(1, Vegetable.Potato, grams) with { Layers = layers }] }).Vessels[0];
        Assert.Equal(Laid(400, 1).CoverShare, Laid(1200, 3).CoverShare, 0.02);
        Assert.True(Laid(2600, 1).IsOverfull);
        Assert.False(Laid(2600, 3).IsOverfull);
    }

    /// <summary>Too much without a word about layers is a second layer all the same, and costs what one costs.</summary>
    [Fact]
    public void A_layer_that_nobody_planned_costs_what_a_planned_one_does()
    {
        double unplanned = Potatoes(2400, 1).Ready.MedianMinutes;
        Assert.InRange(unplanned / Potatoes(2400, 2).Ready.MedianMinutes, 0.95, 1.2);
        Assert.InRange(unplanned / Potatoes(2400, 3).Ready.MedianMinutes, 0.9, 1.1);
    }

    [Fact]
    public void Legs_in_hollows_of_vegetables_take_longer_and_keep_their_skin()
    {
        TrayPlan legs = Plans.Of(Cut.LegQuarter, 340, 220) with { Vessels = [new(VesselKind.RoastingTin, null, null, false, false, 0)] };
        legs = legs with { Chicken = [Plans.Chicken(1, Cut.LegQuarter, 4, 340)], Vegetables = [Plans.Roots(2, Vegetable.Potato, 500) with { Layers = 2 }] };
        LotForecast Leg(bool nestled)
        {
            TrayPlan plan = legs with { Chicken = [legs.Chicken[0] with { IsNestled = nestled }] };
            return TrayForecaster.Forecast(plan, TrayArranger.Arrange(plan)).Of(1);
        }

        LotForecast open = Leg(false);
        LotForecast hollow = Leg(true);
        Assert.InRange(hollow.Ready.MedianMinutes / open.Ready.MedianMinutes, 1.03, 1.35);
        Assert.True(hollow.LossShare < open.LossShare + 0.02);
    }

    [Fact]
    public void What_is_scattered_over_chicken_lies_on_top_and_keeps_it_paler()
    {
        TrayPlan bare = Plans.Thighs;
        TrayPlan scattered = bare with { Vegetables = [Plans.Roots(2, Vegetable.Onion, 500) with { Place = VegetablePlace.OnTop }] };
        TrayLayout layout = TrayArranger.Arrange(scattered);
        Assert.False(layout.Vessels[0].IsOverfull);
        Assert.Equal([1, 2], layout.Vessels[0].Pieces.Select(piece => piece.Spot.Lot).Distinct());
        LotForecast under = TrayForecaster.Forecast(scattered, layout).Of(1);
        LotForecast open = TrayForecaster.Forecast(bare, TrayArranger.Arrange(bare)).Of(1);
        Assert.True(under.Ready.MedianMinutes > open.Ready.MedianMinutes);
        Assert.True(Browned(under, 30) < 0.97 * Browned(open, 30), $"{Browned(under, 30)} {Browned(open, 30)}");
    }

    [Fact]
    public void A_bed_is_laid_first_so_that_it_is_drawn_under()
    {
        TrayPlan plan = Plans.Thighs with { Vegetables = [Plans.Roots(2, Vegetable.Onion, 200) with { Place = VegetablePlace.Under }, Plans.Roots(3, Vegetable.Carrot, 100) with { Place = VegetablePlace.OnTop }] };
        Assert.Equal([2, 1, 3], TrayArranger.Arrange(plan).Vessels[0].Pieces.Select(piece => piece.Spot.Lot).Distinct());
    }

    private static double Browned(LotForecast lot, double at) => lot.Curve.Last(point => point.Minutes <= at).Browning;

    private static LotForecast Thigh(params LotCoat[] coats)
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Thighs.Chicken[0] with { Coats = coats }] };
        return TrayForecaster.Forecast(plan, TrayArranger.Arrange(plan), Care.BestGuess).Lots[0];
    }

    /// <summary>The sooner a glaze is brushed on the more it browns; on from the start its own water has to go first.</summary>
    [Fact]
    public void A_glaze_browns_from_when_it_is_on()
    {
        LotCoat At(int minute) => new(Coating.Glaze, CoatTime.AtMinute) { AtMinutes = minute };
        double rub = Browned(Thigh(Coating.DryRub), 34);
        double late = Browned(Thigh(Coating.DryRub, At(25)), 34);
        double soon = Browned(Thigh(Coating.DryRub, At(12)), 34);
        double start = Browned(Thigh(Coating.DryRub, Coating.Glaze), 34);
        Assert.True(soon > late && late > rub && start > rub, $"{start} {soon} {late} {rub}");
        Assert.InRange(soon / rub, 1.15, 1.45);
    }

    /// <summary>The stack is more than its last coat: a marinade left under the crumb brings its water, a scraped one less.</summary>
    [Fact]
    public void What_is_under_the_crumb_still_counts()
    {
        double dry = Browned(Thigh(Coating.CrumbOverEgg), 34);
        double scraped = Browned(Thigh(new LotCoat(Coating.ThickMarinade, CoatTime.Before) { IsScrapedOff = true }, Coating.CrumbOverEgg), 34);
        double wet = Browned(Thigh(Coating.ThickMarinade, Coating.Crumb), 34);
        Assert.True(dry > scraped && scraped > wet, $"{dry} {scraped} {wet}");
    }

    [Fact]
    public void Coats_at_the_table_and_after_it_change_nothing_in_the_oven()
    {
        double plain = Browned(Thigh(Coating.DryRub), 34);
        Assert.Equal(plain, Browned(Thigh(Coating.DryRub, new(Coating.Sauce, CoatTime.AtTable)), 34), 1e-12);
        Assert.Equal(plain, Browned(Thigh(new(Coating.ThickMarinade, CoatTime.UnderSkin), Coating.DryRub), 34), 1e-12);
    }
}
