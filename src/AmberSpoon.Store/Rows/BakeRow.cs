using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Store.Rows;

/// <summary>One evening at the oven. What happened stands in its <see cref="EventRow"/>s; this is what they are told of, and what lists show.</summary>
public sealed class BakeRow
{
    public required Guid Id { get; init; }

    /// <summary>The tray it was started from; null where that is not known any more.</summary>
    public int? TrayId { get; init; }

    /// <summary>As it was started.</summary>
    public required TrayPlan Plan { get; init; }

    /// <summary>What was predicted when it went in, kept even when the model gets better.</summary>
    public required TrayForecast Forecast { get; init; }

    public required DateTimeOffset StartedAt { get; init; }

    /// <summary>True until finished; a tray is baked once at a time.</summary>
    public bool IsLive { get; set; }

    public DateTimeOffset? FinishedAt { get; set; }

    /// <summary>What the judge said last.</summary>
    public VerdictKind? Verdict { get; set; }

    /// <summary>The last of its events.</summary>
    public int LastSeq { get; set; }

    /// <summary>Set when the cook deletes it from the log, cleared when that is undone.</summary>
    public DateTimeOffset? DeletedAt { get; set; }
}
