using AmberSpoon.Core.Heat;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

public sealed class HeatRunTests
{
    private static readonly HeatRunEnds NoEnds = new(0, 0, 0, 0, 0, 0, 0, 0, 1, 1);

    /// <summary>A run whose coldest meat follows a function, seen at uneven times.</summary>
    private static HeatRun Seen(Func<double, double> coldestC, params double[] timesS) =>
        new([.. timesS.Select(timeS => new HeatSample(timeS, coldestC(timeS), 0, 0, 2 * timeS, 3 * timeS))], NoEnds);

    [Fact]
    public void Between_samples_all_is_straight_and_beyond_them_held() => Gen.Double[-50, 150].Sample(timeS =>
    {
        HeatSample at = Seen(t => 5 + t, 0, 3, 10, 40, 100).At(timeS);
        double held = Math.Clamp(timeS, 0, 100);
        return Math.Abs(at.ColdestC - (5 + held)) < 1e-9 && Math.Abs(at.SurfaceC - (2 * held)) < 1e-9;
    });

    [Fact]
    public void A_temperature_is_reached_where_the_line_crosses_it()
    {
        HeatRun run = Seen(t => t / 2, 0, 30, 90, 100);
        Assert.Equal(50, run.TimeToReachS(25)!.Value, 1e-9);
        Assert.Equal(0, run.TimeToReachS(-3)!.Value);
        Assert.Null(run.TimeToReachS(51));
    }

    /// <summary>The peak of a parabola is found exactly, however the samples fall.</summary>
    [Fact]
    public void A_peak_between_samples_is_found() => Gen.Select(Gen.Double[35, 65], Gen.Double[0.001, 0.02]).Sample((peakS, bend) =>
    {
        HeatRun run = Seen(t => 80 - (bend * (t - peakS) * (t - peakS)), 0, 11, 24, 41, 58, 77, 100);
        return Math.Abs(run.PeakFrom(0).ColdestC - 80) < 1e-6;
    });

    [Fact]
    public void A_peak_is_looked_for_from_a_time_on()
    {
        HeatRun falling = Seen(t => 90 - t, 0, 10, 20, 30);
        Assert.Equal(75, falling.PeakFrom(15).ColdestC, 1e-9);
        Assert.Equal(30, Seen(t => t, 0, 10, 20, 30).PeakFrom(5).ColdestC, 1e-9);
    }
}
