using AmberSpoon.Core.Prep.Marinating;

namespace AmberSpoon.Store.Rows;

/// <summary>Meat that lies in a marinade, from when it went in until it came out.</summary>
public sealed class MarinadeRow
{
    public int Id { get; init; }

    /// <summary>The tray it is for, and its mix, as they were called then.</summary>
    public required string TrayName { get; init; }

    public required string MixName { get; init; }

    public MarinadePlace Place { get; init; }

    public DateTimeOffset StartedAt { get; init; }

    /// <summary>When to turn it over; null where that is not worth while.</summary>
    public DateTimeOffset? TurnAt { get; init; }

    public DateTimeOffset ReadyAt { get; init; }

    /// <summary>Into the oven by then.</summary>
    public DateTimeOffset LatestAt { get; init; }

    public DateTimeOffset? TurnedAt { get; set; }

    /// <summary>Set when the meat came out.</summary>
    public DateTimeOffset? EndedAt { get; set; }
}
