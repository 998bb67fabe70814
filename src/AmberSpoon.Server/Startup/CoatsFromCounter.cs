using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Server.Stations.Mixes;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Server.Startup;

/// <summary>
/// Moves the one mix that was chosen at the counter for a whole tray into the coats of its lots: once for each tray, since the
/// choice is gone from the counter afterwards.
/// </summary>
internal static class CoatsFromCounter
{
    public static Task Move(KitchenDb db, CancellationToken cancel) => db.AllOrNone(
        async () =>
        {
            foreach (PrepRow prep in (await db.Preps.ToListAsync(cancel)).Where(row => row.Choice.Mix is not null))
            {
                string id = prep.Choice.Mix!;
                Mix? mix = MixLibrary.Find(id)?.Mix ?? (await db.Mixes.ToListAsync(cancel)).FirstOrDefault(row => MixBook.OwnId(row.Id) == id)?.Mix;
                if (mix is not null && await db.Trays.FindAsync([prep.TrayId], cancel) is { } tray)
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
