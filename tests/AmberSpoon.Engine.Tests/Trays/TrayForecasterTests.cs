using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class TrayForecasterTests
{
    private static TimeBand BandOf(TrayPlan plan) => TrayForecaster.Forecast(plan).ToTarget;

    [Fact]
    public void A_hotter_oven_a_lighter_piece_and_a_warmer_start_are_each_sooner() =>
        Gen.Select(Plans.AnyCut, Gen.Double[170, 230], Gen.Double[0.6, 1.8]).Sample(
            (cut, ovenC, share) =>
            {
                double massG = CutTable.For(cut).ReferenceMassG * share;

                // Larger pieces may be laid elsewhere on the tray, where it is hotter: here they all lie alike.
                TrayPlan heavier = Plans.Of(cut, massG * 1.2, ovenC);
                IReadOnlyList<Spot> spots = TrayArranger.Arrange(heavier).Spots();
                TrayPlan plan = Plans.Of(cut, massG, ovenC) with { Spots = spots };
                double minutes = BandOf(plan).MedianMinutes;
                return BandOf(plan with { OvenSetting = new(ovenC + 15, TemperatureUnit.Celsius) }).MedianMinutes < minutes
                    && BandOf(heavier with { Spots = spots }).MedianMinutes > minutes
                    && BandOf(plan with { Chicken = [plan.Chicken[0] with { StartFrom = StartingPoint.Counter }] }).MedianMinutes < minutes
                    && BandOf(plan with { OvenMode = OvenMode.Fan }).MedianMinutes < minutes
                    && BandOf(plan.Aiming(80)).MedianMinutes > minutes;
            },
            iter: 12);

    [Fact]
    public void The_band_surrounds_its_median_and_a_ruler_narrows_it()
    {
        TimeBand guessed = BandOf(Plans.Thighs);
        double heightMm = TrayForecaster.Forecast(Plans.Thighs).Piece.HeightMm;
        TimeBand measured = BandOf(Plans.Of(Cut.BoneInThigh, 165, 204, heightMm: heightMm));
        Assert.InRange(guessed.MedianMinutes, guessed.LowMinutes + 2, guessed.HighMinutes - 2);
        Assert.Equal(guessed.MedianMinutes, measured.MedianMinutes, 0.01);
        Assert.True(measured.HighMinutes - measured.LowMinutes < guessed.HighMinutes - guessed.LowMinutes - 0.5);
    }

    [Fact]
    public void The_curve_runs_minute_by_minute_through_pull_and_rest()
    {
        TrayForecast forecast = TrayForecaster.Forecast(Plans.Thighs);
        Assert.Equal(forecast.PullMinutes + forecast.RestMinutes + 1, forecast.Curve.Count);
        Assert.InRange(forecast.Curve[forecast.PullMinutes].ColdestC, 74, 76.5);
        Assert.All(forecast.Curve, point => Assert.InRange(point.ColdestC, point.ColdestLowC, point.ColdestHighC));
        Assert.True(forecast.FirstCheckMinutes <= forecast.PullMinutes);
    }

    /// <summary>Carry-over of 2 to 5 °C after a hot oven (common practice); this model runs a little high.</summary>
    [Fact]
    public void Resting_lifts_the_middle_by_a_few_degrees_and_then_lets_it_fall()
    {
        TrayForecast forecast = TrayForecaster.Forecast(Plans.Thighs with { RestMinutes = 20 });
        double atPullC = forecast.Curve[forecast.PullMinutes].ColdestC;
        Assert.InRange(forecast.PeakColdestC - atPullC, 1, 6);
        Assert.True(forecast.Curve[^1].ColdestC < forecast.PeakColdestC - 1);
    }

    [Fact]
    public void A_longer_rest_never_lowers_the_peak() => Gen.Int[0, 20].Sample(
        minutes => TrayForecaster.Forecast(Plans.Thighs with { RestMinutes = minutes + 2 }).PeakColdestC
            >= TrayForecaster.Forecast(Plans.Thighs with { RestMinutes = minutes }).PeakColdestC - 0.3,
        iter: 8);

    [Fact]
    public void The_same_plan_always_gets_the_same_answer() => Assert.Equal(
        TrayForecaster.Forecast(Plans.Thighs).Curve, TrayForecaster.Forecast(Plans.Thighs).Curve);

    [Fact]
    public void An_oven_that_never_gets_there_names_the_lot() => Assert.Equal(
        1, Assert.Throws<LotNeverDoneException>(() => TrayForecaster.Forecast(Few(Plans.Of(Cut.BoneInBreast, 1600, 120, targetC: 95)))).Lot);

    private static TrayPlan Few(TrayPlan plan) => plan with { Chicken = [Plans.Chicken(1, plan.Chicken[0].Cut, 2, 1600, targetC: 95)] };

    [Fact]
    public void Meat_from_the_counter_is_cautioned()
    {
        Assert.Empty(Cautions(Plans.Thighs));
        TrayPlan counter = Plans.Thighs with { Chicken = [Plans.Thighs.Chicken[0] with { StartFrom = StartingPoint.Counter }] };
        Assert.Contains("2 hours at most", Assert.Single(Cautions(counter)), StringComparison.Ordinal);
    }

    /// <summary>Three quarters of an hour between 10 and 54 °C is said, less is not.</summary>
    [Theory]
    [InlineData(43, false)]
    [InlineData(47, true)]
    public void Long_lukewarm_meat_is_said(double minutes, bool isSaid)
    {
        TrayForecast forecast = TrayForecaster.Forecast(Plans.Thighs);
        CurvePoint[] slow = [new(0, 4, 5, 6, 20), new(5, 9, 10, 11, 60), new(5 + minutes, 54, 58, 62, 90)];
        TrayForecast tray = forecast with { Lots = [forecast.Lots[0] with { Curve = slow }] };
        Assert.Equal(isSaid, TrayCautions.For(Plans.Thighs, tray, KitchenUnits.Usual).Any(caution => caution.Contains("may be between 10 °C and 54 °C", StringComparison.Ordinal)));
    }

    /// <summary>One minute for all only where nothing is past its best by more than a minute by then; else each leaves at its own.</summary>
    [Fact]
    public void Food_does_not_wait_past_its_best_for_the_rest()
    {
        TrayForecast[] trays = [.. Enumerable.Range(0, 2).Select(i => 16 + (6 * i)).Select(sizeMm => TrayForecaster.Forecast(Plans.Of(Cut.BonelessBreast, 225, 200) with
        {
            Vegetables = [Plans.Roots(2, Vegetable.Fennel, 200) with { Size = new(sizeMm, LengthUnit.Millimetre) }],
        }))];
        double[] lateMinutes = [.. trays.Select(tray =>
            tray.Lots.Max(lot => lot.Ready.MedianMinutes) - tray.Lots.Min(lot => lot.Good!.BestUntilMinutes ?? lot.Good.PastMinutes ?? double.PositiveInfinity))];
        Assert.InRange(lateMinutes[0], 1.1, 4);
        Assert.Equal(lateMinutes[0], trays[0].ApartMinutes, 0.1);
        Assert.InRange(lateMinutes[1], double.NegativeInfinity, 0.9);
        Assert.Equal(0, trays[1].ApartMinutes);
    }

    private static IReadOnlyList<string> Cautions(TrayPlan plan) => TrayCautions.For(plan, TrayForecaster.Forecast(plan), KitchenUnits.Usual);

    [Fact]
    public void Every_reason_names_its_source() => Assert.All(
        ForecastReasons.For(Plans.Thighs, TrayForecaster.Forecast(Plans.Thighs), KitchenUnits.Usual), reason => Assert.NotEmpty(reason.Source));

    /// <summary>What the oven is known to be off by is as good as another setting of the dial, also from cold and for its later stages.</summary>
    [Theory]
    [InlineData(-20)]
    [InlineData(12)]
    public void A_known_offset_bakes_as_a_dial_so_much_further_does(int offsetC)
    {
        TrayPlan plan = Plans.Thighs with { OvenSetting = new(200, TemperatureUnit.Celsius), Steps = [new(StepKind.Lower, 20, new(180, TemperatureUnit.Celsius))] };
        TrayPlan known = plan with { Oven = HouseOven.Usual with { RunsHotBy = new(offsetC, TemperatureUnit.Celsius) } };
        TrayPlan turned = plan with { OvenSetting = new(200 + offsetC, TemperatureUnit.Celsius), Steps = [new(StepKind.Lower, 20, new(180 + offsetC, TemperatureUnit.Celsius))] };
        Assert.Equal(TrayForecaster.Forecast(turned).ToTarget.MedianMinutes, TrayForecaster.Forecast(known).ToTarget.MedianMinutes, 1e-6);
        Assert.NotEqual(TrayForecaster.Forecast(plan).PullMinutes, TrayForecaster.Forecast(known).PullMinutes);
    }
}
