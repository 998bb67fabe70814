using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Tests.Heat;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness;

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

    [Fact]
    public void A_thigh_taken_out_at_74_has_long_been_reduced_by_seven_powers_of_ten()
    {
        HeatRun run = (Heating.Bake(Cut.BoneInThigh) with { StopAtColdestC = 74 }).Run();
        Assert.True(Lethality.Log10Reduction(run.Samples) > 7);
        HeatRun early = (Heating.Bake(Cut.BoneInThigh) with { StopAtColdestC = 55 }).Run();
        Assert.True(Lethality.Log10Reduction(early.Samples) < 1);
    }
}
