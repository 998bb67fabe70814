using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Evenings;

/// <summary>Works a forecast back from when dinner is.</summary>
public static class DinnerScheduler
{
    /// <summary>
    /// The times for dinner at <paramref name="eatAt"/>; the oven counts as hot already when there is no time to heat
    /// it.
    /// </summary>
    public static DinnerTiming BackFrom(DateTimeOffset eatAt, TrayForecast forecast) =>
        From(eatAt.AddMinutes(-forecast.EatMinutes), forecast);

    /// <summary>The times if the tray goes in at <paramref name="inAt"/>.</summary>
    public static DinnerTiming From(DateTimeOffset inAt, TrayForecast forecast) => new(
        inAt.AddMinutes(-HouseOven.UsualPreheatMinutes),
        inAt,
        inAt.AddMinutes(forecast.FirstCheckMinutes),
        inAt.AddMinutes(Math.Floor(forecast.ToTarget.LowMinutes)),
        inAt.AddMinutes(forecast.PullMinutes),
        inAt.AddMinutes(Math.Ceiling(forecast.ToTarget.HighMinutes)),
        inAt.AddMinutes(forecast.EatMinutes));

    /// <summary>The same with the oven switched on only as long before as it needs to be what the plan says when the food goes in.</summary>
    public static DinnerTiming WithOvenOf(this DinnerTiming timing, TrayPlan plan) => timing with { OvenOnAt = timing.InAt.AddMinutes(-plan.PreheatMinutes) };

    /// <summary>The soonest dinner, if the tray goes into a hot oven right now, rounded up to a minute.</summary>
    public static DateTimeOffset EarliestEatAt(DateTimeOffset now, TrayForecast forecast)
    {
        DateTimeOffset wholeMinute = now.AddTicks(-(now.Ticks % TimeSpan.TicksPerMinute));
        DateTimeOffset start = wholeMinute == now ? now : wholeMinute.AddMinutes(1);
        return From(start, forecast).EatAt;
    }
}
