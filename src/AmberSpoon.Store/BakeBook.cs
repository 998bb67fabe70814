using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Store.Rows;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>Keeps bakes and their events. Every change is on disk when its task ends.</summary>
public sealed class BakeBook(KitchenDb db, LogShelf log, KnowledgeKept kept, TimeProvider time)
{
    private const int SqliteConstraint = 19;

    /// <summary>All live bakes and the last of their events, the one started first first.</summary>
    public async Task<IReadOnlyList<(Guid Id, int LastSeq)>> Live(CancellationToken cancel) =>
        [.. (await db.Bakes.Where(bake => bake.IsLive).OrderBy(bake => bake.StartedAt).ThenBy(bake => bake.Id).Select(bake => new { bake.Id, bake.LastSeq }).ToListAsync(cancel))
            .Select(bake => (bake.Id, bake.LastSeq))];

    public Task<BakeRow?> Find(Guid id, CancellationToken cancel) => db.Bakes.SingleOrDefaultAsync(bake => bake.Id == id, cancel);

    /// <summary>In the order they were told.</summary>
    public async Task<IReadOnlyList<BakeEvent>> Events(Guid bake, CancellationToken cancel) =>
        [.. (await db.Events.AsNoTracking().Where(row => row.BakeId == bake).OrderBy(row => row.Seq).ToListAsync(cancel)).Select(row => row.ToEvent())];

    /// <summary>
    /// Several bakes as they were begun and what was said of them in words, without their readings: for lists in which thousands of readings
    /// must not be read.
    /// </summary>
    /// <param name="bakes">Which.</param>
    /// <param name="cancel">Ends the query.</param>
    public async Task<IReadOnlyDictionary<Guid, BakeInWords>> InWords(IReadOnlyCollection<Guid> bakes, CancellationToken cancel)
    {
        var rows = await db.Bakes.AsNoTracking().Where(bake => bakes.Contains(bake.Id))
            .Select(bake => new { bake.Id, bake.Plan, bake.StartedAt, bake.FinishedAt, bake.Verdict })
            .ToListAsync(cancel);
        ILookup<Guid, EventRow> said = (await db.Events.AsNoTracking()
            .Where(told => bakes.Contains(told.BakeId) && InWordsKinds.Contains(told.Kind))
            .OrderBy(told => told.Seq)
            .ToListAsync(cancel)).ToLookup(told => told.BakeId);
        return rows.ToDictionary(bake => bake.Id, bake => new BakeInWords(bake.Plan, bake.StartedAt, bake.FinishedAt, bake.Verdict, [.. said[bake.Id].Select(told => told.ToEvent())]));
    }

    private static readonly string[] InWordsKinds = ["started", "note", "tasted", "nextTime", "corrected"];

    /// <summary>Finished bakes, newest first, without the deleted ones.</summary>
    /// <param name="before">Only those that come after this one in that order; null for the first page.</param>
    /// <param name="most">No more than this.</param>
    /// <param name="cancel">Ends the query.</param>
    public async Task<IReadOnlyList<BakeSummary>> Finished((DateTimeOffset StartedAt, Guid Id)? before, int most, CancellationToken cancel)
    {
        IQueryable<BakeRow> finished = db.Bakes.AsNoTracking().Where(bake => !bake.IsLive && bake.DeletedAt == null);
        if (before is { } last)
        {
            finished = finished.Where(bake => bake.StartedAt < last.StartedAt || (bake.StartedAt == last.StartedAt && bake.Id.CompareTo(last.Id) < 0));
        }

        return await finished.OrderByDescending(bake => bake.StartedAt).ThenByDescending(bake => bake.Id).Take(most)
            .Select(bake => new BakeSummary(bake.Id, bake.TrayId, bake.Plan, bake.StartedAt, bake.FinishedAt, bake.IsLive, bake.Verdict, bake.LastSeq))
            .ToListAsync(cancel);
    }

    /// <summary>Whether a tray has gone into an oven since it was planned last: its evening is at the oven, or over.</summary>
    public Task<bool> IsBakedSince(int trayId, DateTimeOffset plannedAt, CancellationToken cancel) =>
        db.Bakes.AnyAsync(bake => bake.TrayId == trayId && bake.StartedAt >= plannedAt && bake.DeletedAt == null, cancel);

    /// <summary>The bake that this command started, or null.</summary>
    public async Task<BakeRow?> StartedBy(Guid commandId, CancellationToken cancel)
    {
        EventRow? started = await db.Events.AsNoTracking().SingleOrDefaultAsync(row => row.CommandId == commandId && row.Seq == 1, cancel);
        return started is null ? null : await Find(started.BakeId, cancel);
    }

    /// <param name="trayId">Which tray.</param>
    /// <param name="plan">As it goes in.</param>
    /// <param name="forecast">What it leads to.</param>
    /// <param name="commandId">The command that starts it.</param>
    /// <param name="before">What it took to get ready by the moment it goes in; null where nobody told.</param>
    /// <param name="cancel">Ends it before anything is stored.</param>
    /// <returns>The new bake, or null where this tray is in an oven already.</returns>
    public async Task<BakeRow?> Start(int trayId, TrayPlan plan, TrayForecast forecast, Guid commandId, Func<DateTimeOffset, Readied?> before, CancellationToken cancel)
    {
        DateTimeOffset now = WholeMilliseconds(time.GetUtcNow());
        var bake = new BakeRow
        {
            Id = Guid.CreateVersion7(now),
            TrayId = trayId,
            Plan = plan,
            Forecast = forecast,
            StartedAt = now,
            IsLive = true,
            LastSeq = 1,
        };
        db.Bakes.Add(bake);
        db.Events.Add(RowOf(bake.Id, new(1, commandId, now, new Started())));
        if (before(now) is { } readied)
        {
            bake.LastSeq = 2;
            db.Events.Add(RowOf(bake.Id, new(2, Guid.CreateVersion7(now), now, readied)));
        }

        try
        {
            await db.AllOrNone(() => db.SaveChangesAsync(cancel), cancel);
            return bake;
        }
        catch (DbUpdateException refused) when (refused.InnerException is SqliteException { SqliteErrorCode: SqliteConstraint })
        {
            db.ChangeTracker.Clear();
            return null;
        }
    }

    /// <summary>Adds events that follow the last one; all of them or none.</summary>
    /// <param name="bake">The bake.</param>
    /// <param name="events">Numbered on from <see cref="BakeRow.LastSeq"/>.</param>
    /// <param name="all">All of the bake's events, these included.</param>
    /// <param name="after">The state after them.</param>
    /// <param name="cancel">Ends it before anything is stored.</param>
    public async Task Append(BakeRow bake, IReadOnlyList<BakeEvent> events, IReadOnlyList<BakeEvent> all, BakeState after, CancellationToken cancel)
    {
        db.Events.AddRange(events.Select(told => RowOf(bake.Id, told)));
        bake.LastSeq = after.Seq;
        bake.Verdict = after.LastSaid?.Verdict;
        bake.IsLive = after.IsLive;
        bake.FinishedAt = after.FinishedS is { } finishedS ? after.Clock.Wall(finishedS) : null;
        if (!bake.IsLive)
        {
            await log.Remember(bake, all, cancel);
        }

        await db.AllOrNone(() => db.SaveChangesAsync(cancel), cancel);
        if (!bake.IsLive)
        {
            kept.Forget();
        }
    }

    /// <summary>A finished bake from before there was a log to look things up in.</summary>
    public async Task Remember(Guid id, CancellationToken cancel)
    {
        if (await Find(id, cancel) is { IsLive: false } bake && await Events(id, cancel) is { Count: > 0 } events)
        {
            await log.Remember(bake, events, cancel);
            await db.AllOrNone(() => db.SaveChangesAsync(cancel), cancel);
            kept.Forget();
        }
    }

    /// <summary>It never went in: not running, and not in the log.</summary>
    public Task Unstart(BakeRow bake, CancellationToken cancel)
    {
        bake.IsLive = false;
        bake.FinishedAt = time.GetUtcNow();
        bake.DeletedAt = bake.FinishedAt;
        return db.AllOrNone(() => db.SaveChangesAsync(cancel), cancel);
    }

    public Task Delete(BakeRow bake, CancellationToken cancel) => Deleted(bake, time.GetUtcNow(), cancel);

    public Task Restore(BakeRow bake, CancellationToken cancel) => Deleted(bake, null, cancel);

    private async Task Deleted(BakeRow bake, DateTimeOffset? at, CancellationToken cancel)
    {
        bake.DeletedAt = at;
        await log.Remember(bake, await Events(bake.Id, cancel), cancel);
        await db.AllOrNone(() => db.SaveChangesAsync(cancel), cancel);
        kept.Forget();
    }

    /// <summary>A finished bake with all its events at once, as the demonstration and an import bring them.</summary>
    /// <param name="bake">The bake.</param>
    /// <param name="events">All of its events.</param>
    /// <param name="cancel">Ends it before anything is stored.</param>
    /// <param name="found">What follows from it, where that is known already.</param>
    public async Task Add(BakeRow bake, IReadOnlyList<BakeEvent> events, CancellationToken cancel, BakeFacts? found = null)
    {
        db.Bakes.Add(bake);
        db.Events.AddRange(events.Select(told => RowOf(bake.Id, told)));
        await log.Remember(bake, events, cancel, found);
        await db.AllOrNone(() => db.SaveChangesAsync(cancel), cancel);
        kept.Forget();
    }

    /// <summary>Several finished bakes, all of them or none.</summary>
    /// <param name="bakes">Each with its events and what follows from it.</param>
    /// <param name="cancel">Ends it before anything is stored.</param>
    public Task AddAll(IReadOnlyList<(BakeRow Bake, IReadOnlyList<BakeEvent> Events, BakeFacts Facts)> bakes, CancellationToken cancel) => db.AllOrNone(
        async () =>
        {
            foreach ((BakeRow bake, IReadOnlyList<BakeEvent> events, BakeFacts facts) in bakes)
            {
                await Add(bake, events, cancel, facts);
            }
        },
        cancel);

    /// <summary>As finely as the file keeps it, so that what is answered now is what is read later.</summary>
    public static DateTimeOffset WholeMilliseconds(DateTimeOffset moment) => DateTimeOffset.FromUnixTimeMilliseconds(moment.ToUnixTimeMilliseconds());

    private static EventRow RowOf(Guid bake, BakeEvent told) => new()
    {
        BakeId = bake,
        Seq = told.Seq,
        CommandId = told.CommandId,
        At = told.At,
        Kind = told.What.Kind,
        What = told.What,
    };
}
