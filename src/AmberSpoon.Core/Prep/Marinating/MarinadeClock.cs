namespace AmberSpoon.Core.Prep.Marinating;

/// <summary>When meat in a marinade is turned, ready and past its best.</summary>
public static class MarinadeClock
{
    public const int LeastMinutes = 10;
    public const int MostMinutes = 48 * 60;

    /// <summary>Raw meat out of the fridge, at most (usual caution: 2 h in all, 1 h above 32 °C).</summary>
    public const int MostOnCounterMinutes = 60;

    /// <summary>Raw meat may be out of the fridge for so long in all (usual caution; one hour above 32 °C).</summary>
    public const int LongestOutMinutes = 120;

    private const int Day = 24 * 60;

    /// <param name="startedAt">When the meat went in.</param>
    /// <param name="minutes">How long it is to lie there.</param>
    /// <param name="limits">What the mix bears.</param>
    /// <param name="place">Where it lies: on the counter it is meat out of the fridge.</param>
    /// <param name="isWet">It lies in something; what is rubbed dry need not be turned.</param>
    public static MarinadeTimes Times(DateTimeOffset startedAt, int minutes, ContactTime limits, MarinadePlace place, bool isWet = true)
    {
        // Turned over after an hour (common practice), or half-way where it lies for less than two.
        int turn = !isWet || minutes < 20 ? 0 : minutes < 120 ? minutes / 2 : 60;
        return new(
            startedAt,
            turn > 0 ? startedAt.AddMinutes(turn) : null,
            startedAt.AddMinutes(minutes),
            startedAt.AddMinutes(place == MarinadePlace.Counter ? LongestOutMinutes : Math.Max(minutes, Math.Min(limits.TooLongMinutes, Day))));
    }

    /// <summary>What to say of a length and a place before it starts.</summary>
    public static IReadOnlyList<string> Cautions(int minutes, MarinadePlace place, ContactTime limits)
    {
        var cautions = new List<string>();
        if (place == MarinadePlace.Counter)
        {
            cautions.Add("Marinate in the fridge. Raw meat may be out for 2 hours in all, 1 hour when the kitchen is above 32 °C (90 °F), and the tray needs some of that.");
        }

        if (minutes > Day)
        {
            cautions.Add("More than 24 hours: raw chicken keeps one to two days in the fridge, counted from the shop. Check its date, and freeze it if in doubt.");
        }

        if (minutes > limits.TooLongMinutes && limits.TooLongMinutes > 0)
        {
            cautions.Add($"Too long for this mix: more than {Said(limits.TooLongMinutes)}. {limits.Why}");
        }
        else if (minutes < limits.EnoughMinutes)
        {
            cautions.Add($"Too short to matter: it seasons the outside. From {Said(limits.EnoughMinutes)} on it does more.");
        }

        return cautions;
    }

    /// <summary>"40 min", "2 h", "2 h 30 min"</summary>
    public static string Said(int minutes) => (minutes / 60, minutes % 60) switch
    {
        (0, var rest) => $"{rest} min",
        (var hours, 0) => $"{hours} h",
        (var hours, var rest) => $"{hours} h {rest} min",
    };
}

/// <param name="StartedAt">The meat went in.</param>
/// <param name="TurnAt">Turn it over; null where it is too short to bother.</param>
/// <param name="ReadyAt">As long as was wanted.</param>
/// <param name="LatestAt">Into the oven by then.</param>
public sealed record MarinadeTimes(DateTimeOffset StartedAt, DateTimeOffset? TurnAt, DateTimeOffset ReadyAt, DateTimeOffset LatestAt);
