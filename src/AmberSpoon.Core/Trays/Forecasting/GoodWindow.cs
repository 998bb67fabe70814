namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// When a lot that stays in the oven is good: food is not done at a moment. Minutes count from when the first food went in; a
/// moment is null where this oven does not get there within <see cref="TrayForecaster.LongestBakeS"/>. It plans; only measured
/// temperatures permit serving.
/// </summary>
/// <param name="OpensMinutes">Chicken: predicted to meet the safety rule. Vegetables: tender.</param>
/// <param name="BestFromMinutes">As good as it gets from here: dark meat once its collagen has melted.</param>
/// <param name="BestUntilMinutes">Until here.</param>
/// <param name="PastMinutes">Dry, ragged, mushy or burnt from here on.</param>
public sealed record GoodWindow(double? OpensMinutes, double? BestFromMinutes, double? BestUntilMinutes, double? PastMinutes)
{
    /// <summary>The stretch in which all of these are at their best, or null where there is none.</summary>
    public static MinuteSpan? Together(IReadOnlyList<GoodWindow> windows)
    {
        if (windows.Count == 0 || windows.Any(window => window.BestFromMinutes is null))
        {
            return null;
        }

        double from = windows.Max(window => window.BestFromMinutes!.Value);
        double until = windows.Min(window => window.BestUntilMinutes ?? TrayForecaster.LongestBakeS / 60);
        return from <= until ? new(from, until) : null;
    }
}

/// <summary>From one minute to another.</summary>
public sealed record MinuteSpan(double FromMinutes, double UntilMinutes);
