using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Climate;

public sealed class OvenGeometryTests
{
    /// <summary>Two equal squares a side apart see a fifth of each other: 0.1998 (tables of view factors in heat transfer textbooks, from memory).</summary>
    [Theory]
    [InlineData(1, 1, 1, 0.1998)]
    [InlineData(10, 10, 1, 0.8273)]
    [InlineData(1, 1, 10, 0.00316)]
    public void Parallel_rectangles_see_each_other_as_tables_say(double width, double depth, double apart, double share) =>
        Assert.Equal(share, OvenGeometry.Parallel(width, depth, apart), 0.0005);

    [Fact]
    public void The_nearer_the_grill_the_more_of_it_is_seen_and_the_nearer_the_floor_the_more_of_that()
    {
        ShelfPlace top = OvenGeometry.Alone(OvenShelf.TopThird, OvenMode.Still);
        ShelfPlace middle = OvenGeometry.Alone(OvenShelf.Middle, OvenMode.Still);
        ShelfPlace low = OvenGeometry.Alone(OvenShelf.Low, OvenMode.Still);
        Assert.Equal(HeatParameters.GrillView.Value, top.GrillView, 1e-12);
        Assert.InRange(middle.GrillView, 1.3 * low.GrillView, 0.8 * top.GrillView);
        Assert.Equal(1, middle.FloorView, 1e-12);
        Assert.True(top.FloorView < 0.8 && low.FloorView > 1.3);
        Assert.Equal((2, 0, -2), (top.AirC, middle.AirC, low.AirC));
        Assert.Equal(0, OvenGeometry.Alone(OvenShelf.TopThird, OvenMode.Fan).AirC);
    }

    [Fact]
    public void Of_two_trays_each_takes_the_other_s_view_and_the_lower_gets_no_grill()
    {
        ShelfPlace upper = OvenGeometry.Beside(OvenShelf.TopThird, OvenShelf.Low, OvenMode.Still);
        ShelfPlace lower = OvenGeometry.Beside(OvenShelf.Low, OvenShelf.TopThird, OvenMode.Still);
        Assert.Equal(upper.ShadeBelow, lower.ShadeAbove);
        Assert.InRange(lower.ShadeAbove, 0.3, 0.7);
        Assert.Equal((0.0, 0.0, 0.0), (upper.ShadeAbove, lower.ShadeBelow, lower.GrillView));
        Assert.True(OvenGeometry.Beside(OvenShelf.Low, OvenShelf.Middle, OvenMode.Still).ShadeAbove > lower.ShadeAbove);
        Assert.True(OvenGeometry.Beside(OvenShelf.Low, OvenShelf.Middle, OvenMode.Fan).AirShare > lower.AirShare);
        Assert.Throws<ArgumentException>(() => OvenGeometry.Beside(OvenShelf.Low, OvenShelf.Low, OvenMode.Still));
    }

    private static EnteredTemperature C(double celsius) => new(celsius, TemperatureUnit.Celsius);

    private static LotForecast First(TrayPlan plan) => TrayForecaster.Forecast(plan, Care.BestGuess).Lots[0];

    private static double Ready(TrayPlan plan) => First(plan).Ready.MedianMinutes;

    /// <summary>Alone, above, below: each slower than the one before, and none by more than cooks see (a fifth, common practice).</summary>
    [Fact]
    public void A_second_tray_costs_time_and_the_lower_one_more()
    {
        TrayPlan alone = Plans.Thighs;
        TrayPlan two = alone with { Vessels = [Vessel.HalfSheet, Vessel.HalfSheet] };
        double above = Ready(two);
        double below = Ready(two with { Chicken = [two.Chicken[0] with { Vessel = 1 }] });
        Assert.InRange(above, Ready(alone) + 0.3, 1.2 * Ready(alone));
        Assert.InRange(below, above + 0.5, 1.25 * Ready(alone));
    }

    /// <summary>
    /// The dial lowered in time has its whole effect; lowered ten minutes before the end both settings are the same oven,
    /// which takes longer than that to cool: its elements are off either way.
    /// </summary>
    [Fact]
    public void Lowering_the_dial_early_costs_more_the_lower_and_late_costs_nothing_yet()
    {
        double Lowered(int at, double to) => Ready(Plans.Thighs with { OvenSetting = C(220), Steps = [new(StepKind.Lower, at, C(to))] });
        double steady = Ready(Plans.Thighs with { OvenSetting = C(220) });
        double[] early = [steady, Lowered(5, 200), Lowered(5, 175), Lowered(5, 150), Lowered(5, 120)];
        for (int i = 1; i < early.Length; i++)
        {
            Assert.True(early[i] > early[i - 1] + 1.2, string.Join(' ', early));
        }

        Assert.True(early[^1] > steady + 10);
        Assert.InRange(Lowered(20, 120) - Lowered(20, 175), 0, 0.4);
        Assert.True(Lowered(10, 120) > Lowered(10, 175) + 2);
    }

    [Fact]
    public void A_grill_s_dial_and_shelf_decide_what_it_browns()
    {
        double Browned(EnteredTemperature? setting, OvenShelf? shelf)
        {
            TrayPlan plan = Plans.Thighs with { Steps = [new(StepKind.Grill, 26, setting, 5, shelf)] };
            LotForecast lot = First(plan);
            return lot.Curve.Last(point => point.Minutes <= lot.OutMinutes).Browning;
        }

        double full = Browned(null, null);
        Assert.Equal(full, Browned(null, OvenShelf.TopThird), 1e-9);
        Assert.True(full > Browned(C(230), null) + 0.05);
        Assert.True(Browned(C(230), null) > Browned(C(180), null) + 0.05);
        Assert.True(full > Browned(null, OvenShelf.Middle) + 0.05);
        Assert.True(Browned(null, OvenShelf.Middle) > Browned(null, OvenShelf.Low) + 0.02);
    }

    /// <summary>Skewers wholly under the grill: 25 to 30 min, turned every 6 or 7 (common practice).</summary>
    [Fact]
    public void Skewers_under_the_grill_are_done_in_their_time()
    {
        TrayPlan skewers = Plans.Of(Cut.ThighSkewer, CutTable.For(Cut.ThighSkewer).ReferenceMassG, 230, OvenMode.Grill) with
        {
            Vessels = [Vessel.HalfSheet with { Rack = true }],
            Steps = [new(StepKind.Turn, 7), new(StepKind.Turn, 13)],
        };
        Assert.InRange(Ready(skewers), 12, 32);
        Assert.True(Ready(skewers with { Vessels = [skewers.Vessels[0] with { Shelf = OvenShelf.Low }] }) > Ready(skewers) + 1);
    }

    [Theory]
    [InlineData(21)]
    [InlineData(100)]
    [InlineData(180)]
    public void An_oven_that_is_not_hot_yet_costs_what_it_lacks(double startC)
    {
        double late = Ready(Plans.Thighs with { OvenAtStart = C(startC) }) - Ready(Plans.Thighs);
        Assert.InRange(late, (204 - startC) / 70, (204 - startC) / 15);
    }

    /// <summary>Dark metal takes up the oven's glow and browns what lies on it.</summary>
    [Fact]
    public void What_a_vessel_is_made_of_can_be_chosen_and_tells()
    {
        TrayPlan Made(TrayMaterial of) => Plans.Thighs with { Vessels = [Vessel.HalfSheet with { MadeOf = of }] };
        double Under(TrayMaterial of, int minute) => First(Made(of)).Curve.First(point => point.Minutes == minute).BrowningUnder;
        Assert.True(Under(TrayMaterial.DarkMetal, 30) > Under(TrayMaterial.LightMetal, 30), $"{Under(TrayMaterial.DarkMetal, 30)} {Under(TrayMaterial.LightMetal, 30)}");
        Assert.InRange(Ready(Made(TrayMaterial.GlassOrCeramic)), Ready(Plans.Thighs) - 3, Ready(Plans.Thighs) + 3);
        Assert.NotEqual(Ready(Made(TrayMaterial.GlassOrCeramic)), Ready(Made(TrayMaterial.DarkMetal)), 0.05);
        Assert.Equal(Ready(Plans.Thighs), Ready(Made(TrayMaterial.LightMetal)), 1e-9);
        Assert.Equal(TrayMaterial.GlassOrCeramic, new Vessel(VesselKind.Dish, null, null, false, false, 0).Material);
    }

    /// <summary>Whatever shelves were chosen, two vessels never stand on one.</summary>
    [Fact]
    public void Two_vessels_always_have_shelves_of_their_own()
    {
        OvenShelf?[] any = [null, OvenShelf.TopThird, OvenShelf.Middle, OvenShelf.Low];
        foreach (OvenShelf? first in any)
        {
            foreach (OvenShelf? second in any)
            {
                TrayPlan plan = Plans.Thighs with { Vessels = [Vessel.HalfSheet with { Shelf = first }, Vessel.HalfSheet with { Shelf = second }] };
                Assert.NotEqual(plan.ShelfOf(0), plan.ShelfOf(1));
                Assert.True(first is null || plan.ShelfOf(0) == first);
                Assert.True(second is null || second == first || (first is null && second == OvenShelf.TopThird) || plan.ShelfOf(1) == second);
            }
        }

        Assert.Equal(OvenShelf.Middle, Plans.Thighs.ShelfOf(0));
        Assert.Equal(OvenShelf.TopThird, (Plans.Thighs with { OvenMode = OvenMode.Grill }).ShelfOf(0));
    }
}
