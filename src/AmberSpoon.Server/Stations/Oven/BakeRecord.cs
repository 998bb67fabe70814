using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Oven;

/// <summary>What is written down about a bake: the plan, what was predicted, and all that happened.</summary>
/// <param name="Id">Which bake.</param>
/// <param name="Plan">As it was started.</param>
/// <param name="Pieces">Pieces of chicken.</param>
/// <param name="Forecast">What was predicted then.</param>
/// <param name="StartedAt">When the first food went in.</param>
/// <param name="FinishedAt">When it was finished.</param>
/// <param name="Moves">When the tray went in and out.</param>
/// <param name="Checks">All checks.</param>
public sealed record BakeRecord(
    Guid Id,
    TrayPlan Plan,
    int Pieces,
    TrayForecast Forecast,
    DateTimeOffset StartedAt,
    DateTimeOffset? FinishedAt,
    IReadOnlyList<MoveRecord> Moves,
    IReadOnlyList<CheckRecord> Checks)
{
    internal static BakeRecord From(BakeRow row) => new(
        row.Id,
        row.Plan,
        row.Plan.Count,
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
