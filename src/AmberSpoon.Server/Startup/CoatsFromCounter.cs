using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Server.Stations.Mixes;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Server.Startup;

/// <summary>
/// Moves the one mix that was chosen at the counter for a whole tray into the coats of its lots: once for each tray, since the
/// choice is gone from the counter afterwards. A file without such a choice is only read.
/// </summary>
internal static class CoatsFromCounter
{
    public static async Task Move(KitchenDb db, CancellationToken cancel)
    {
        PrepRow[] chosen = [.. (await db.Preps.ToListAsync(cancel)).Where(row => row.Choice.Mix is not null)];
        if (chosen.Length == 0)
        {
            return;
        }

        Dictionary<string, Mix> mixes = MixLibrary.All.ToDictionary(ready => ready.Id, ready => ready.Mix, StringComparer.Ordinal);
        foreach (MixRow own in await db.Mixes.AsNoTracking().ToListAsync(cancel))
        {
            mixes[MixBook.OwnId(own.Id)] = own.Mix;
        }

        await db.AllOrNone(
            async () =>
            {
                foreach (PrepRow prep in chosen)
                {
                    string id = prep.Choice.Mix!;
                    if (mixes.TryGetValue(id, out Mix? mix) && await db.Trays.FindAsync([prep.TrayId], cancel) is { } tray)
                    {
                        tray.Plan = MixOfOldTray.IntoCoats(tray.Plan, id, mix, prep.Choice.MarinateMinutes);
                        if (await db.TrayStates.FindAsync([tray.Id, tray.State], cancel) is { } state)
                        {
                            state.Plan = tray.Plan;
                        }
                    }

                    prep.Choice = prep.Choice with { Mix = null };
                }

                await db.SaveChangesAsync(cancel);
            },
            cancel);
    }
}
