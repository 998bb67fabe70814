using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Heat;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness.Kinetics;

public sealed class LethalityTests
{
    private static HeatSample[] Held(double celsius, double seconds) =>
        [new(0, celsius, celsius, celsius, celsius, celsius), new(seconds, celsius, celsius, celsius, celsius, celsius)];

    /// <summary>USDA FSIS Appendix A, chicken of about 1 % fat (from memory).</summary>
    [Theory]
    [InlineData(60.0, 25.2 * 60)]
    [InlineData(62.8, 8.4 * 60)]
    [InlineData(65.6, 2.7 * 60)]
    [InlineData(68.3, 44.2)]
    [InlineData(71.1, 13.7)]
    public void The_published_times_give_seven_powers_of_ten(double celsius, double seconds) =>
        Assert.Equal(7, Lethality.Log10Reduction(Held(celsius, seconds)), 0.001);

    [Fact]
    public void At_74_degrees_seconds_are_enough_and_at_50_no_time_is()
    {
        Assert.InRange(Lethality.SevenLogsS(73.9), 0.1, 10);
        Assert.Equal(0, Lethality.Log10Reduction(Held(50, 36_000)));
    }

    [Fact]
    public void Hotter_is_never_slower() => Gen.Select(Gen.Double[40, 95], Gen.Double[0.01, 10]).Sample(
        (celsius, more) => Lethality.SevenLogsS(celsius + more) <= Lethality.SevenLogsS(celsius));

    /// <summary>Between two rows the time falls by equal factors for equal steps: half-way it is their geometric mean.</summary>
    [Theory]
    [InlineData(61.4, 25.2 * 60, 8.4 * 60)]
    [InlineData(64.2, 8.4 * 60, 2.7 * 60)]
    [InlineData(66.95, 2.7 * 60, 44.2)]
    [InlineData(69.7, 44.2, 13.7)]
    [InlineData(72.5, 13.7, 4.3)]
    public void Between_the_rows_it_is_log_linear(double celsius, double coolerS, double hotterS) =>
        Assert.Equal(Math.Sqrt(coolerS * hotterS), Lethality.SevenLogsS(celsius), 1e-6 * coolerS);

    /// <summary>Beyond the rows the nearest slope goes on: three degrees are a factor of about three.</summary>
    [Fact]
    public void Outside_the_rows_the_nearest_slope_goes_on()
    {
        Assert.Equal(4.3 * 4.3 / 13.7, Lethality.SevenLogsS(73.9 + 2.8), 1e-6);
        Assert.Equal(25.2 * 60 * 3, Lethality.SevenLogsS(60 - 2.8), 1e-3);
        Assert.True(double.IsFinite(Lethality.SevenLogsS(54.4)));
        Assert.Equal(double.PositiveInfinity, Lethality.SevenLogsS(54.39));
    }

    /// <summary>Two holds count one after the other, by the trapezoid between their samples.</summary>
    [Fact]
    public void Holds_add_up()
    {
        HeatSample[] twoHolds = [Sample(100, 60), Sample(100 + (25.2 * 60), 60), Sample(100 + (25.2 * 60), 62.8), Sample(100 + (25.2 * 60) + (8.4 * 60), 62.8)];
        Assert.Equal(14, Lethality.Log10Reduction(twoHolds), 1e-6);
        Assert.Equal(7 * 504 * (1 + (1.0 / 3)) / 2 / 504, Lethality.Log10Reduction([Sample(0, 60), Sample(504, 62.8)]), 1e-6);
        Assert.Equal(0, Lethality.Log10Reduction([Sample(0, 74)]));

        static HeatSample Sample(double seconds, double celsius) => new(seconds, celsius, celsius, celsius, celsius, celsius);
    }
}
