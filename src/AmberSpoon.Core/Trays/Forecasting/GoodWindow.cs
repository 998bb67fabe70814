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
    /// <summary>The same where every stretch since the lot went in is as much longer, and where it opens is known better.</summary>
    /// <param name="inMinutes">When it went in.</param>
    /// <param name="factor">How much longer everything takes.</param>
    /// <param name="opensMinutes">When it opens.</param>
    internal GoodWindow Stretched(int inMinutes, double factor, double? opensMinutes)
    {
        return new GoodWindow(opensMinutes, Longer(BestFromMinutes), Longer(BestUntilMinutes), Longer(PastMinutes)).InOrder();

        double? Longer(double? minutes) => minutes is { } at ? inMinutes + (factor * (at - inMinutes)) : null;
    }

    /// <summary>The same with each moment at or after the one before it, to a tenth of a minute; what burns before it is good has no best.</summary>
    internal GoodWindow InOrder()
    {
        double? from = Later(OpensMinutes, BestFromMinutes);
        bool burnsFirst = PastMinutes < from;
        return new(Tidy(OpensMinutes), burnsFirst ? null : Tidy(from), burnsFirst ? null : Tidy(Later(from, BestUntilMinutes)), Tidy(PastMinutes));

        static double? Later(double? one, double? other) => one is null || other is null ? null : Math.Max(one.Value, other.Value);
        static double? Tidy(double? minutes) => minutes is { } at ? Math.Round(at, 1) : null;
    }

    /// <summary>The same for food that goes in at another moment and takes as much longer or shorter.</summary>
    /// <param name="fromMinutes">When it was to go in.</param>
    /// <param name="toMinutes">When it goes in.</param>
    /// <param name="factor">How much longer everything takes.</param>
    internal GoodWindow Moved(double fromMinutes, double toMinutes, double factor)
    {
        return new(At(OpensMinutes), At(BestFromMinutes), At(BestUntilMinutes), At(PastMinutes));

        double? At(double? minutes) => minutes is { } planned ? Math.Round(toMinutes + (factor * (planned - fromMinutes)), 1) : null;
    }

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
