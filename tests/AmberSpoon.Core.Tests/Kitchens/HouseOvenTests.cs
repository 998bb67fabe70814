using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Kitchens;

public sealed class HouseOvenTests
{
    private static readonly HouseOven Little = HouseOven.Usual with { Width = new(350, LengthUnit.Millimetre), Depth = new(12, LengthUnit.Inch) };

    [Theory]
    [InlineData(350, 304.8, true)]
    [InlineData(350.1, 304.8, false)]
    [InlineData(350, 304.9, false)]
    [InlineData(304.8, 350, true)] // Turned by a quarter.
    [InlineData(304.9, 350, false)]
    [InlineData(100, 400, false)]
    public void What_stands_on_a_shelf(double widthMm, double depthMm, bool fits) => Assert.Equal(fits, Little.Takes(widthMm, depthMm));

    [Fact]
    public void An_oven_that_nobody_measured_takes_what_is_put_in() => Assert.True(HouseOven.Usual.Takes(600, 600));

    [Fact]
    public void An_oven_measured_one_way_only_is_held_to_that()
    {
        HouseOven shallow = HouseOven.Usual with { Depth = new(300, LengthUnit.Millimetre) };
        Assert.True(shallow.Takes(500, 300));
        Assert.True(shallow.Takes(300, 500));
        Assert.False(shallow.Takes(310, 310));
    }

    [Theory]
    [InlineData(9, TemperatureUnit.Fahrenheit, 5)]
    [InlineData(-9, TemperatureUnit.Fahrenheit, -5)]
    [InlineData(0, TemperatureUnit.Fahrenheit, 0)]
    [InlineData(-11, TemperatureUnit.Celsius, -11)]
    public void A_difference_has_no_zero_of_its_own(double typed, TemperatureUnit unit, double degreesC)
    {
        Assert.Equal(degreesC, new EnteredDifference(typed, unit).DegreesC(), 1e-9);
        Assert.Equal(degreesC, (HouseOven.Usual with { RunsHotBy = new(typed, unit) }).OffsetC, 1e-9);
    }

    [Theory]
    [InlineData(null, 200, 15)]
    [InlineData(null, 260, 22)]
    [InlineData(null, 120, 7)]
    [InlineData(8, 200, 8)]
    [InlineData(30, 230, 37)]
    [InlineData(3, 25, 1)]
    public void A_hotter_oven_takes_longer_to_be_hot(int? to200, double celsius, int minutes) =>
        Assert.Equal(minutes, HouseOven.PreheatTo(to200 is { } known ? HouseOven.Usual with { PreheatMinutes = known } : null, celsius));

    [Theory]
    [InlineData(ThermometerKind.Instant, false)]
    [InlineData(ThermometerKind.None, false)]
    [InlineData(ThermometerKind.LeaveIn, true)]
    [InlineData(ThermometerKind.Both, true)]
    public void Only_a_probe_that_stays_in_has_a_lead_to_spare(ThermometerKind kind, bool isSaid)
    {
        Household household = Household.Usual with { Thermometer = kind, ProbeLimit = new(200, TemperatureUnit.Celsius) };
        Assert.Equal(isSaid, ProbeCautions.For(Plans.Thighs, household).Count == 1);
        Assert.Empty(ProbeCautions.For(Plans.Thighs, household with { ProbeLimit = null }));
        Assert.Empty(ProbeCautions.For(Plans.Thighs with { Chicken = [] }, household));
    }

    [Fact]
    public void The_hottest_that_the_oven_gets_counts_and_a_grill_always()
    {
        Household household = Household.Usual with { Thermometer = ThermometerKind.LeaveIn, ProbeLimit = new(400, TemperatureUnit.Fahrenheit), Temperature = TemperatureUnit.Fahrenheit };
        TrayPlan gentle = Plans.Thighs with { OvenSetting = new(175, TemperatureUnit.Celsius) };
        Assert.Empty(ProbeCautions.For(gentle, household));
        TrayPlan raised = gentle with { Steps = [new(StepKind.Lower, 20, new(220, TemperatureUnit.Celsius))] };
        Assert.Contains("the oven goes to 430 °F", Assert.Single(ProbeCautions.For(raised, household)), StringComparison.Ordinal);
        Assert.Contains("take the probe out before the grill", Assert.Single(ProbeCautions.For(gentle with { Steps = [new(StepKind.Grill, 30, null, 3)] }, household)), StringComparison.Ordinal);
        Assert.Contains("take the probe out before the grill", Assert.Single(ProbeCautions.For(gentle with { OvenMode = OvenMode.Grill }, household)), StringComparison.Ordinal);
    }
}
