using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Oven;

/// <summary>What is written down about a bake: the plan, what was predicted, and all that happened.</summary>
public sealed record BakeRecord(
    Guid Id,
    TrayPlan Plan,
    TrayForecast Forecast,
    DateTimeOffset StartedAt,
    DateTimeOffset? FinishedAt,
    IReadOnlyList<MoveRecord> Moves,
    IReadOnlyList<CheckRecord> Checks)
{
    internal static BakeRecord From(BakeRow row) => new(
        row.Id,
        row.Plan,
        row.Forecast,
        row.StartedAt,
        row.FinishedAt,
        row.Moves.ConvertAll(move => new MoveRecord(move.At, move.Place)),
        row.Checks.ConvertAll(CheckRecord.From));
}

public sealed record MoveRecord(DateTimeOffset At, BakePlace Place);

/// <param name="At">When it was made.</param>
/// <param name="Readings">As typed.</param>
/// <param name="Note">What the cook saw; it counted for nothing.</param>
/// <param name="Verdict">What to do.</param>
/// <param name="Reason">Why, in one sentence.</param>
/// <param name="NextCheckAt">When to measure again.</param>
public sealed record CheckRecord(
    DateTimeOffset At,
    IReadOnlyList<Reading> Readings,
    string? Note,
    VerdictKind Verdict,
    string Reason,
    DateTimeOffset? NextCheckAt)
{
    internal static CheckRecord From(CheckRow row) => new(
        row.At, row.Readings.ConvertAll(reading => reading.ToReading()), row.Note, row.Verdict, row.Reason, row.NextCheckAt);
}
