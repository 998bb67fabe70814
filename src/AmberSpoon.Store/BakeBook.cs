using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>Keeps bakes: the live one, and the log of finished ones. Every change is on disk when its task ends.</summary>
public sealed class BakeBook(KitchenDb db, TimeProvider time)
{
    private const int SqliteConstraint = 19;

    private IQueryable<BakeRow> Whole => db.Bakes
        .Include(bake => bake.Moves.OrderBy(move => move.At))
        .Include(bake => bake.Checks.OrderBy(check => check.At))
        .ThenInclude(check => check.Readings)
        .AsSplitQuery();

    public Task<BakeRow?> FindLive(CancellationToken cancel) => Whole.SingleOrDefaultAsync(bake => bake.IsLive, cancel);

    public Task<BakeRow?> Find(Guid id, CancellationToken cancel) =>
        Whole.SingleOrDefaultAsync(bake => bake.Id == id, cancel);

    /// <summary>Finished bakes, newest first, without the deleted ones.</summary>
    public async Task<IReadOnlyList<BakeRow>> Log(CancellationToken cancel) =>
        await Whole.Where(bake => !bake.IsLive && bake.DeletedAt == null).OrderByDescending(bake => bake.StartedAt).ToListAsync(cancel);

    /// <returns>The new live bake, or null if one is live already: two starts at once make one bake.</returns>
    public async Task<BakeRow?> Start(TrayPlan plan, TrayForecast forecast, CancellationToken cancel)
    {
        DateTimeOffset now = time.GetUtcNow();
        var bake = new BakeRow
        {
            Id = Guid.CreateVersion7(now),
            Plan = plan,
            Forecast = forecast,
            StartedAt = now,
            IsLive = true,
            Moves = [new() { At = now, Place = BakePlace.Oven }],
        };
        db.Bakes.Add(bake);
        try
        {
            await db.SaveChangesAsync(cancel);
            return bake;
        }
        catch (DbUpdateException refused) when (refused.InnerException is SqliteException { SqliteErrorCode: SqliteConstraint })
        {
            return null;
        }
    }

    public async Task Move(BakeRow bake, BakePlace place, CancellationToken cancel)
    {
        bake.Moves.Add(new() { At = time.GetUtcNow(), Place = place });
        await db.SaveChangesAsync(cancel);
    }

    public async Task Record(BakeRow bake, CheckRow check, CancellationToken cancel)
    {
        bake.Checks.Add(check);
        await db.SaveChangesAsync(cancel);
    }

    public async Task Finish(BakeRow bake, CancellationToken cancel)
    {
        bake.IsLive = false;
        bake.FinishedAt = time.GetUtcNow();
        await db.SaveChangesAsync(cancel);
    }

    public async Task Delete(BakeRow bake, CancellationToken cancel)
    {
        bake.DeletedAt = time.GetUtcNow();
        await db.SaveChangesAsync(cancel);
    }

    public async Task Restore(BakeRow bake, CancellationToken cancel)
    {
        bake.DeletedAt = null;
        await db.SaveChangesAsync(cancel);
    }
}
