using AmberSpoon.Core.Doneness;

namespace AmberSpoon.Store.Rows;

/// <summary>A check: what was measured, what was seen, and the verdict that followed from what was measured.</summary>
public sealed class CheckRow
{
    public int Id { get; init; }

    public required DateTimeOffset At { get; init; }

    public required VerdictKind Verdict { get; init; }

    public required string Reason { get; init; }

    public DateTimeOffset? NextCheckAt { get; init; }

    /// <summary>What the cook saw, in the cook's words.</summary>
    public string? Note { get; init; }

    public List<ReadingRow> Readings { get; init; } = [];
}
