using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>Keeps the tray being planned.</summary>
public sealed class TrayShelf(KitchenDb db, TimeProvider time)
{
    public Task<TrayRow?> Find(CancellationToken cancel) =>
        db.Trays.SingleOrDefaultAsync(row => row.Id == TrayRow.OnlyId, cancel);

    /// <summary>Replaces the tray; the last save wins.</summary>
    public async Task<TrayRow> Save(TrayPlan plan, CancellationToken cancel)
    {
        TrayRow? row = await Find(cancel);
        if (row is null)
        {
            row = new() { Plan = plan };
            db.Trays.Add(row);
        }

        row.Plan = plan;
        row.Version++;
        row.SavedAt = time.GetUtcNow();
        await db.SaveChangesAsync(cancel);
        return row;
    }
}
