using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Learning;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>Keeps what can be looked for in the log, and says what its bakes teach. The bakes themselves are <see cref="BakeBook"/>'s.</summary>
public sealed class LogShelf(KitchenDb db)
{
    /// <summary>Older ones count for nothing any more: an oven wears.</summary>
    public const int MostLearntFrom = 120;

    /// <summary>What a finished bake is remembered by.</summary>
    /// <param name="bake">A finished bake.</param>
    /// <param name="events">All that was told.</param>
    /// <param name="cancel">Ends it before anything is stored.</param>
    /// <param name="found">What follows from it, where that is known already.</param>
    public async Task Remember(BakeRow bake, IReadOnlyList<BakeEvent> events, CancellationToken cancel, BakeFacts? found = null)
    {
        BakeState state = BakeState.Fold(bake.Plan, events);
        LoggedRow? known = await db.Logged.SingleOrDefaultAsync(row => row.BakeId == bake.Id, cancel);
        if (known is not null && !IsMeasuredAnew(events, known.Seq))
        {
            Say(known, bake, state, known.Facts.With(state));
            return;
        }

        BakeFacts facts = found ?? BakeFacts.Of(state, bake.Forecast);
        if (known is null)
        {
            known = new() { BakeId = bake.Id, StartedAt = bake.StartedAt, Oven = string.Empty, Words = string.Empty, Facts = facts };
            db.Logged.Add(known);
        }

        Say(known, bake, state, facts);
    }

    /// <summary>What is remembered of one bake; null where it is not yet.</summary>
    public async Task<BakeFacts?> Facts(Guid bake, CancellationToken cancel) =>
        (await db.Logged.AsNoTracking().SingleOrDefaultAsync(row => row.BakeId == bake, cancel))?.Facts;

    /// <summary>Finished bakes that are not remembered yet, newest first.</summary>
    public async Task<IReadOnlyList<Guid>> Forgotten(CancellationToken cancel) => await db.Bakes.AsNoTracking()
        .Where(bake => !bake.IsLive && !db.Logged.Any(row => row.BakeId == bake.Id))
        .OrderByDescending(bake => bake.StartedAt).Select(bake => bake.Id).ToListAsync(cancel);

    /// <summary>What the last bakes of an oven say of it, the earliest first.</summary>
    public async Task<IReadOnlyList<(Guid Id, DateTimeOffset StartedAt, BakeFacts Facts)>> OfOven(string oven, DateTimeOffset? since, CancellationToken cancel)
    {
        DateTimeOffset from = since ?? DateTimeOffset.UnixEpoch;
        var rows = await db.Logged.AsNoTracking()
            .Where(row => row.Oven == oven && row.Counts && row.StartedAt >= from)
            .OrderByDescending(row => row.StartedAt).Take(MostLearntFrom)
            .Select(row => new { row.BakeId, row.StartedAt, row.Facts })
            .ToListAsync(cancel);
        rows.Reverse();
        return [.. rows.Select(row => (row.BakeId, row.StartedAt, row.Facts))];
    }

    /// <summary>The last bakes of all, the earliest first.</summary>
    public async Task<IReadOnlyList<LoggedRow>> Last(int most, CancellationToken cancel)
    {
        List<LoggedRow> rows = await Shown(LogQuery.Everything).OrderByDescending(row => row.StartedAt).Take(most).ToListAsync(cancel);
        rows.Reverse();
        return rows;
    }

    /// <summary>Bakes that fit, without the deleted ones, in no order.</summary>
    public IQueryable<LoggedRow> Shown(LogQuery query)
    {
        IQueryable<LoggedRow> rows = db.Logged.AsNoTracking().Where(row => db.Bakes.Any(bake => bake.Id == row.BakeId && bake.DeletedAt == null));
        foreach (string word in query.Words)
        {
            string small = word.ToLowerInvariant();
            rows = rows.Where(row => row.Words.Contains(small));
        }

        foreach (string mark in query.Marks)
        {
            rows = rows.Where(row => row.Words.Contains(mark));
        }

        return rows;
    }

    /// <summary>What was measured, seen or moved since makes the facts anew; words at table do not.</summary>
    private static bool IsMeasuredAnew(IReadOnlyList<BakeEvent> events, int seq) => events.Where(told => told.Seq > seq).Any(told =>
        !Afterwards.IsOf(told.What) && told.What is not (Noted or Said)
        && !(told.What is Corrected corrected && events.Any(other => other.Seq == corrected.Event && (Afterwards.IsOf(other.What) || other.What is Noted))));

    private static void Say(LoggedRow row, BakeRow bake, BakeState state, BakeFacts facts)
    {
        row.StartedAt = bake.StartedAt;
        row.Oven = bake.Plan.Oven?.Name ?? string.Empty;
        row.Verdict = bake.Verdict;
        row.Counts = state.Table.Counts && bake.DeletedAt is null;
        row.Seq = state.Seq;
        row.Facts = facts;
        row.Words = LogWords.Of(bake.Plan, state, bake.Verdict, facts);
    }
}
