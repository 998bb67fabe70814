using AmberSpoon.Core.Trays;

namespace AmberSpoon.Store.Rows;

/// <summary>One planned and executed evening. What happened is only ever added to.</summary>
public sealed class BakeRow
{
    public required Guid Id { get; init; }

    public required TrayPlan Plan { get; init; }

    /// <summary>What was predicted when it went in, kept even when the model gets better.</summary>
    public required TrayForecast Forecast { get; init; }

    public required DateTimeOffset StartedAt { get; init; }

    /// <summary>True until finished; the database allows one at a time.</summary>
    public bool IsLive { get; set; }

    public DateTimeOffset? FinishedAt { get; set; }

    /// <summary>Set when the cook deletes it from the log, cleared when that is undone.</summary>
    public DateTimeOffset? DeletedAt { get; set; }

    public List<MoveRow> Moves { get; init; } = [];

    public List<CheckRow> Checks { get; init; } = [];
}
