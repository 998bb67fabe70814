using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Trays;

/// <summary>Answers a plan: how long, how sure, and what the middle does meanwhile.</summary>
public static class TrayForecaster
{
    /// <summary>No tray is followed for longer than this, s.</summary>
    public const double LongestBakeS = 4 * 3600;

    /// <returns>The forecast, or null where this oven never brings the middle to the target within four hours.</returns>
    public static TrayForecast? Forecast(TrayPlan plan)
    {
        double targetC = plan.TargetCore.ToTemperature().Celsius;
        var toTarget = GuessEnsemble.Follow(plan, KitchenGuess.Nominal, [new(BakePlace.Oven, LongestBakeS)], targetC);
        if (toTarget.TimeToReach(targetC) is not { } band)
        {
            return null;
        }

        int pullMinutes = (int)Math.Ceiling(band.MedianMinutes);
        var whole = GuessEnsemble.Follow(
            plan,
            KitchenGuess.Nominal,
            [new(BakePlace.Oven, pullMinutes * 60), new(BakePlace.Worktop, plan.RestMinutes * 60)]);
        HeatSample peak = whole.Nominal.PeakFrom(0);
        return new(
            PieceHeat.PieceOf(plan).Size(),
            band,
            pullMinutes,
            FirstCheckMinutes: Math.Max(1, (int)Math.Floor(band.LowMinutes)),
            plan.RestMinutes,
            peak.ColdestC,
            peak.TimeS / 60,
            [.. Enumerable.Range(0, pullMinutes + plan.RestMinutes + 1).Select(minute => whole.At(minute * 60))]);
    }
}
