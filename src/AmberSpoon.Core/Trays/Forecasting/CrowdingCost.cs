using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>What a full tray costs the lead, and whether a second one serves better.</summary>
/// <param name="MinutesAdded">Against the same food with room round it.</param>
/// <param name="BrowningLost">Browning of its upper side that it lacks when it is done, in units of <see cref="Doneness.Kinetics.Browning"/>.</param>
/// <param name="SecondTraySaves">Minutes that spreading the food over two trays would save; below 0 where one serves better.</param>
public sealed record CrowdingCost(double MinutesAdded, double BrowningLost, double SecondTraySaves)
{
    /// <summary>Pieces with a good finger's width round them.</summary>
    private const double RoomyCrowding = 0.15;

    /// <summary>Of the lead's vessel; null where it is roomy.</summary>
    public static CrowdingCost? Of(TrayPlan plan, TrayLayout layout, TrayForecast forecast)
    {
        int vessel = layout.Slowest(forecast.Lead)?.Spot.Vessel ?? 0;
        if (layout.Vessels[vessel].Fullness == Fullness.Roomy)
        {
            return null;
        }

        TrayPlan alone = plan with
        {
            Chicken = [.. plan.Chicken.Where(lot => lot.Id == forecast.Lead).Select(lot => lot.OnlyHeaviest())],
            Vegetables = [.. plan.Vegetables.Where(lot => lot.Id == forecast.Lead)],
        };
        TrayPlan onTwo = alone with { Vessels = [plan.Vessels[vessel], plan.Vessels[vessel]] };
        LotForecast[] roomy = new LotForecast[2];
        try
        {
            Parallel.For(0, 2, i =>
            {
                TrayPlan baked = i == 0 ? alone : onTwo;
                roomy[i] = TrayForecaster.Forecast(baked, new LotSettings(baked, layout, RoomyCrowding), Care.BestGuess).Lots[0];
            });
        }
        catch (AggregateException never) when (never.InnerException is LotNeverDoneException)
        {
            return null;
        }

        LotForecast crowded = forecast.Of(forecast.Lead);
        return new(
            crowded.Ready.MedianMinutes - roomy[0].Ready.MedianMinutes,
            BrowningWhenDone(roomy[0]) - BrowningWhenDone(crowded),
            crowded.Ready.MedianMinutes - roomy[1].Ready.MedianMinutes);
    }

    private static double BrowningWhenDone(LotForecast lot) => lot.Curve.Last(point => point.Minutes <= lot.OutMinutes).Browning;
}
