using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// The window of a lot that is in the oven: as it was forecast, from when it really went in, and as much faster or slower as it is
/// believed by now to be. Before a bake use <see cref="LotForecast.Good"/>.
/// </summary>
public static class LiveWindow
{
    /// <param name="planned">As it was forecast when the bake began.</param>
    /// <param name="inMinutes">When it really went in, min since the first food.</param>
    /// <param name="goal">When it reaches its goal by what is believed now, min since the first food; null if never.</param>
    /// <returns>Null where there was none, or the oven will not get there.</returns>
    public static GoodWindow? Of(LotForecast planned, double inMinutes, TimeBand? goal)
    {
        double plannedMinutes = planned.Ready.MedianMinutes - planned.InMinutes;
        return planned.Good is { } good && goal is not null && plannedMinutes > 0
            ? good.Moved(planned.InMinutes, inMinutes, Math.Max(0, goal.MedianMinutes - inMinutes) / plannedMinutes)
            : null;
    }
}
