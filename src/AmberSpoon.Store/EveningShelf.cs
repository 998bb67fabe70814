using AmberSpoon.Core.Evenings;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>Keeps what was decided for the evening of each tray, and what of it is done.</summary>
public sealed class EveningShelf(KitchenDb db)
{
    /// <summary>What was decided, and how often it was changed; the usual and 0 where nothing was.</summary>
    public async Task<(EveningChoice Choice, int Version)> Decided(int trayId, CancellationToken cancel) =>
        await db.Evenings.AsNoTracking().SingleOrDefaultAsync(row => row.TrayId == trayId, cancel) is { } row ? (row.Choice, row.Version) : (EveningChoice.Usual, 0);

    /// <summary>Changes what was decided, from what is stored: two changes at once build on each other.</summary>
    public Task Change(int trayId, Func<EveningChoice, EveningChoice> change, CancellationToken cancel) => db.AllOrNone(
        async () =>
        {
            if (await db.Evenings.FindAsync([trayId], cancel) is { } row)
            {
                row.Choice = change(row.Choice);
                row.Version++;
            }
            else
            {
                db.Evenings.Add(new() { TrayId = trayId, Choice = change(EveningChoice.Usual), Version = 1 });
            }

            await db.SaveChangesAsync(cancel);
        },
        cancel);
}
