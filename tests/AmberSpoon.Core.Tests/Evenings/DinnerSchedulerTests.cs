using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Evenings;

public sealed class DinnerSchedulerTests
{
    private static readonly TrayForecast Forecast = TrayForecaster.Forecast(Plans.Thighs);
    private static readonly DateTimeOffset Dinner = new(2026, 11, 26, 18, 30, 0, TimeSpan.FromHours(1));

    [Fact]
    public void Worked_back_from_dinner_the_evening_ends_at_dinner_and_is_in_order()
    {
        DinnerTiming timing = DinnerScheduler.BackFrom(Dinner, Forecast);
        DateTimeOffset[] inOrder = [timing.OvenOnAt, timing.InAt, timing.FirstCheckAt, timing.OutAt, timing.EatAt];
        Assert.Equal(inOrder.Order(), inOrder);
        Assert.Equal(Dinner, timing.EatAt);
        Assert.InRange(timing.OutAt, timing.OutEarliestAt, timing.OutLatestAt);
        Assert.Equal(timing, DinnerScheduler.From(timing.InAt, Forecast));
    }

    [Fact]
    public void The_earliest_dinner_is_on_a_whole_minute_and_not_before_the_bake_is_through()
    {
        DateTimeOffset now = Dinner.AddSeconds(17);
        DateTimeOffset earliest = DinnerScheduler.EarliestEatAt(now, Forecast);
        double minutes = (earliest - now).TotalMinutes - Forecast.PullMinutes - Forecast.RestMinutes;
        Assert.Equal(0, earliest.Second);
        Assert.InRange(minutes, 0, 1);
    }

    [Fact]
    public void Dinner_waits_for_vegetables_that_are_tender_after_the_chicken_has_rested()
    {
        TrayPlan slow = Plans.Supper with { Vegetables = [Plans.Roots(2, AmberSpoon.Core.Food.Vegetable.Potato, 300) with { AddAtMinutes = 10 }] };
        TrayForecast forecast = TrayForecaster.Forecast(slow, Care.BestGuess);
        DinnerTiming timing = DinnerScheduler.BackFrom(Dinner, forecast);
        Assert.True(forecast.EatMinutes > forecast.PullMinutes + forecast.RestMinutes);
        Assert.Equal(Dinner, timing.EatAt);
        Assert.Equal(forecast.EatMinutes, (timing.EatAt - timing.InAt).TotalMinutes, 1e-6);
        Assert.Equal(forecast.PullMinutes, (timing.OutAt - timing.InAt).TotalMinutes, 1e-6);
    }

    /// <summary>A quarter of an hour to be hot, none where it is cold when the food goes in, in between by what it has to climb.</summary>
    [Theory]
    [InlineData(null, 15)]
    [InlineData(21.0, 0)]
    [InlineData(10.0, 0)]
    [InlineData(112.5, 7)]
    [InlineData(204.0, 15)]
    [InlineData(290.0, 15)]
    public void The_oven_goes_on_as_long_before_as_it_needs(double? startC, int minutes)
    {
        TrayPlan plan = Plans.Thighs with { OvenAtStart = startC is { } celsius ? new(celsius, TemperatureUnit.Celsius) : null };
        DinnerTiming hot = DinnerScheduler.From(new DateTimeOffset(2026, 11, 26, 17, 0, 0, TimeSpan.Zero), TrayForecaster.Forecast(Plans.Thighs, Care.BestGuess));
        DinnerTiming timing = hot.WithOvenOf(plan);
        Assert.Equal(minutes, (timing.InAt - timing.OvenOnAt).TotalMinutes);
        Assert.Equal(hot with { OvenOnAt = timing.OvenOnAt }, timing);
    }
}
