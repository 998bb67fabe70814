namespace AmberSpoon.Core.Doneness.Safety;

/// <summary>
/// For how long a piece was seen at or above a limit, up to its last reading. What nobody saw does not count: two readings
/// further apart than <see cref="LongestGapS"/> are not one hold.
/// </summary>
/// <param name="FromS">Since when, s in the bake's time.</param>
/// <param name="Seconds">How long.</param>
public sealed record SeenHolding(double FromS, double Seconds)
{
    /// <summary>s.</summary>
    public const double LongestGapS = 180;

    /// <param name="series">Readings of one piece in order of time.</param>
    /// <param name="limit">At or above this.</param>
    /// <returns>Null where the last reading is below the limit.</returns>
    public static SeenHolding? Of(IReadOnlyList<TimedReading> series, PublishedLimit limit)
    {
        int first = series.Count;
        while (first > 0 && limit.IsMetBy(series[first - 1].Temperature)
            && (first == series.Count || series[first].AtS - series[first - 1].AtS <= LongestGapS))
        {
            first--;
        }

        return first == series.Count ? null : new(series[first].AtS, series[^1].AtS - series[first].AtS);
    }
}
