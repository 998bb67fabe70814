using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Probing;
using AmberSpoon.Core.Trays;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Probing;

public sealed class LiveEstimatorTests
{
    private static readonly LeadPiece Thighs = Plans.Thighs.Lead();
    private static readonly PlaceChange In = new(0, BakePlace.Oven);

    private static BakeHistory InOven(CoreMeasurement? measured = null) => new([In], measured);

    [Fact]
    public void Without_a_measurement_the_live_curve_is_the_plan_s_curve()
    {
        TrayForecast plan = TrayForecaster.Forecast(Plans.Thighs);
        LiveEstimate live = LiveEstimator.Estimate(Thighs, InOven(), nowS: 600);
        for (int minute = 0; minute <= plan.PullMinutes; minute++)
        {
            Assert.Equal(plan.Curve[minute].ColdestC, live.At(minute).ColdestC, 0.7);
        }

        Assert.Equal(plan.ToTarget.MedianMinutes, live.TargetMinutes!.Value, 0.3);
    }

    [Fact]
    public void The_estimate_passes_through_what_was_measured_and_the_band_closes_there() =>
        Gen.Double[35, 85].Sample(
            measuredC =>
            {
                LiveEstimate live = LiveEstimator.Estimate(Thighs, InOven(new(1800, measuredC)), nowS: 1800);
                CurvePoint there = live.At(30);
                return Math.Abs(there.ColdestC - measuredC) < 0.05 && there.ColdestHighC - there.ColdestLowC < 0.1;
            },
            iter: 10);

    [Fact]
    public void A_colder_reading_means_more_oven()
    {
        double? previous = -1;
        foreach (double measuredC in new[] { 72, 66, 60, 54, 48 })
        {
            CheckOutlook outlook = LiveEstimator.OutlookAfterCheck(Thighs, InOven(new(2000, measuredC)), 2000, 74);
            Assert.True(outlook.OvenMinutesToAim > previous);
            previous = outlook.OvenMinutesToAim;
        }
    }

    [Fact]
    public void A_reading_at_the_aim_needs_no_more_oven() => Assert.Equal(
        0, LiveEstimator.OutlookAfterCheck(Thighs, InOven(new(2000, 80)), 2000, 74).OvenMinutesToAim!.Value, 0.01);

    [Fact]
    public void No_oven_makes_a_thigh_hot_in_five_minutes_and_many_could_in_forty()
    {
        Assert.InRange(LiveEstimator.HottestBelievableC(Thighs, [In], 300), 19, 60);
        Assert.InRange(LiveEstimator.HottestBelievableC(Thighs, [In], 1500), 85, 250);
        double rested = LiveEstimator.HottestBelievableC(Thighs, [In, new(1500, BakePlace.Worktop)], 6000);
        Assert.True(rested >= LiveEstimator.HottestBelievableC(Thighs, [In], 1500));
    }

    [Fact]
    public void On_the_worktop_the_middle_first_rises_and_then_falls()
    {
        var history = new BakeHistory([In, new(1800, BakePlace.Worktop)], null);
        LiveEstimate live = LiveEstimator.Estimate(Thighs, history, nowS: 1860);
        Assert.Null(live.TargetMinutes);
        Assert.True(live.At(33).ColdestC > live.At(30).ColdestC);
        Assert.True(live.At(49).ColdestC < live.At(34).ColdestC);
    }

    [Fact]
    public void Back_in_after_a_rest_heats_on_from_there()
    {
        var history = new BakeHistory([In, new(1200, BakePlace.Worktop), new(1500, BakePlace.Oven)], null);
        LiveEstimate live = LiveEstimator.Estimate(Thighs, history, nowS: 1600);
        LiveEstimate straight = LiveEstimator.Estimate(Thighs, InOven(), nowS: 1600);
        Assert.True(live.TargetMinutes > straight.TargetMinutes + 0.5);
    }

    [Fact]
    public void A_forgotten_tray_is_still_answered() =>
        Assert.True(LiveEstimator.Estimate(Thighs, InOven(), nowS: 12 * 3600).Curve[^1].ColdestC > 95);
}
