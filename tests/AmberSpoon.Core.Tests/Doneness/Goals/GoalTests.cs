using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness.Goals;

public sealed class GoalTests
{
    private static readonly VegetableFacts Potato = VegetableTable.For(Vegetable.Potato) with { TenderCookMinutes = 20, Patience = 4 };

    private static CoreGoal Core(double celsius, int holdSeconds = 0) => new(new EnteredTemperature(celsius, TemperatureUnit.Celsius), holdSeconds);

    /// <summary>Dark meat 80 °C or 176 °F, lean 74 °C or 165 °F (common practice).</summary>
    [Theory]
    [InlineData(Cut.Drumstick, TemperatureUnit.Celsius, 80)]
    [InlineData(Cut.BonelessBreast, TemperatureUnit.Celsius, 74)]
    [InlineData(Cut.Drumstick, TemperatureUnit.Fahrenheit, 176)]
    [InlineData(Cut.BonelessBreast, TemperatureUnit.Fahrenheit, 165)]
    public void Each_meat_has_its_usual_goal_in_either_unit(Cut cut, TemperatureUnit unit, double value) =>
        Assert.Equal(new EnteredTemperature(value, unit), CoreGoal.Usual(cut, unit).Core);

    [Theory]
    [InlineData(73.49, MiddleState.BelowTarget)]
    [InlineData(73.5, MiddleState.AtTarget)]
    [InlineData(84, MiddleState.AtTarget)]
    [InlineData(84.01, MiddleState.Beyond)]
    public void A_middle_is_at_its_goal_from_half_a_degree_below_it_to_ten_above(double coldestC, MiddleState state) =>
        Assert.Equal(state, Core(74).StateAt(coldestC, 0));

    [Fact]
    public void A_hold_begins_when_the_goal_is_reached()
    {
        Assert.Equal(630 + 504, Core(63, 504).ReachedS(celsius => 10 * celsius, _ => 7));
        Assert.Null(Core(63).ReachedS(_ => null, _ => 7));
        Assert.Equal(40, new SoftGoal(Potato, Tenderness.Tender).ReachedS(_ => 7, minutes => 2 * minutes));
    }

    /// <summary>A bite is 0.7 of tender, soft 2 of it, but never past half-way to too soft (common practice).</summary>
    [Theory]
    [InlineData(Tenderness.WithBite, 4, 14)]
    [InlineData(Tenderness.Tender, 4, 20)]
    [InlineData(Tenderness.Soft, 4, 40)]
    [InlineData(Tenderness.Soft, 2.2, 32)]
    [InlineData(Tenderness.Soft, 1.4, 24)]
    public void How_far_a_vegetable_is_taken(Tenderness wanted, double patience, double cookMinutes) =>
        Assert.Equal(cookMinutes, new SoftGoal(Potato with { Patience = patience }, wanted).CookMinutes, 1e-9);

    [Theory]
    [InlineData(-1, MiddleState.Hard)]
    [InlineData(6.99, MiddleState.Hard)]
    [InlineData(7, MiddleState.Firm)]
    [InlineData(19.99, MiddleState.Firm)]
    [InlineData(20, MiddleState.Tender)]
    [InlineData(39.99, MiddleState.Tender)]
    [InlineData(40, MiddleState.Soft)]
    [InlineData(79.99, MiddleState.Soft)]
    [InlineData(80, MiddleState.TooSoft)]
    public void A_vegetable_goes_from_hard_to_too_soft(double cookMinutes, MiddleState state) => Assert.Equal(state, Softness.Of(Potato, cookMinutes));

    /// <summary>A second's rounding of the minute it is taken out at costs no shade.</summary>
    [Theory]
    [InlineData(-1, MiddleState.Hard)]
    [InlineData(19.89, MiddleState.Firm)]
    [InlineData(19.91, MiddleState.Tender)]
    public void What_is_taken_out_at_its_minute_is_tender(double cookMinutes, MiddleState state) =>
        Assert.Equal(state, new SoftGoal(Potato, Tenderness.Tender).StateAt(0, cookMinutes));

    /// <summary>What is past soon after it is tender is never called soft.</summary>
    [Fact]
    public void The_impatient_are_tender_until_they_are_past()
    {
        VegetableFacts quick = Potato with { Patience = 1.4 };
        Assert.Equal(MiddleState.Tender, Softness.Of(quick, 27.9));
        Assert.Equal(MiddleState.TooSoft, Softness.Of(quick, 28));
        Assert.Equal(MiddleState.Firm, Softness.Of(quick, 19.9));
    }
}
