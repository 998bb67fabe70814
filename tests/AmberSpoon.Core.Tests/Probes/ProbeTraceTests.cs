using AmberSpoon.Core.Probes;
using Xunit;

namespace AmberSpoon.Core.Tests.Probes;

public sealed class ProbeTraceTests
{
    private static ProbeTrace Of(params (double AtS, double Celsius)[] samples) =>
        samples.Aggregate(ProbeTrace.Empty, (trace, sample) => trace.With(new(sample.AtS, sample.Celsius)));

    [Fact]
    public void Sensors_of_one_moment_are_one_sample_the_coldest()
    {
        ProbeTrace stick = Of((10, 61), (10, 58.5), (10, 70));
        Assert.Equal([new(10, 58.5)], stick.Samples);
        Assert.Equal([new(10, 58.5), new(11, 70)], stick.With(new(11, 70)).Samples);
    }

    [Fact]
    public void What_is_older_than_the_last_is_not_taken()
    {
        ProbeTrace trace = Of((10, 61), (20, 62));
        Assert.Same(trace, trace.With(new(19.9, 30)));
    }

    [Fact]
    public void Five_minutes_are_kept_and_what_was_before_this_piece_can_be_left_out()
    {
        ProbeTrace trace = Of([.. Enumerable.Range(0, 80).Select(n => (n * 10.0, 20.0 + n))]);
        Assert.Equal((500.0, 790.0), (trace.Samples[0].AtS, trace.Samples[^1].AtS));
        Assert.Equal(600, trace.Since(600).Samples[0].AtS);
        Assert.Null(trace.Since(791).Last);
    }

    [Theory]
    [InlineData(1.5, true)]
    [InlineData(1.6, false)]
    [InlineData(-1.5, true)]
    [InlineData(-1.6, false)]
    public void A_tip_is_steady_that_moved_little_in_eight_seconds(double byC, bool isSteady)
    {
        Assert.Equal(isSteady, Of((0, 40), (8, 40 + byC)).IsSteady);
        Assert.True(Of((0, 40), (8.1, 40 + byC)).IsSteady);
        Assert.True(Of((0, 40)).IsSteady);
        Assert.False(ProbeTrace.Empty.IsSteady);
    }

    [Theory]
    [InlineData(7.9, 0, false)]
    [InlineData(8, 0, true)]
    [InlineData(3, 7.9, false)]
    [InlineData(3, 8, true)]
    public void A_tip_has_settled_that_was_steady_in_its_piece_or_stood_alone(double inForS, double aloneForS, bool hasSettled)
    {
        ProbeTrace trace = Of((100, 60), (100 + inForS, 60.5));
        Assert.Equal(hasSettled, trace.IsSettled(100 + inForS + aloneForS));
        Assert.False(Of((100, 40), (100 + inForS, 42)).IsSettled(100 + inForS + 7.9) && inForS < 8);
    }

    [Fact]
    public void Steady_looks_at_all_samples_between()
    {
        Assert.False(Of((0, 40), (4, 44), (8, 40)).IsSteady);
    }

    [Fact]
    public void The_rate_is_the_slope_of_two_minutes_and_needs_half_a_minute()
    {
        Assert.Equal(3, Of((0, 40), (15, 40.75), (30, 41.5)).RisePerMinuteC!.Value, 9);
        Assert.Null(Of((0, 40), (15, 40.75), (29, 41.5)).RisePerMinuteC);
        Assert.Null(Of((0, 40), (40, 42)).RisePerMinuteC);
        Assert.Null(ProbeTrace.Empty.RisePerMinuteC);

        // What was more than two minutes ago is forgotten: it rose by 6 a minute then, and by 1 since.
        (double, double)[] bent = [.. Enumerable.Range(0, 25).Select(n => (10.0 * n, n <= 12 ? (double)n : 12 + ((n - 12) / 6.0)))];
        Assert.Equal(1, Of(bent).RisePerMinuteC!.Value, 6);
    }
}
