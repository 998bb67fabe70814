using AmberSpoon.Core.Households;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>Keeps the household's kitchen.</summary>
public sealed class HouseholdShelf(KitchenDb db)
{
    private const int TheOnly = 1;

    /// <summary>What was said of it, and how often that was changed; the usual kitchen and 0 where nothing was said yet.</summary>
    public async Task<(Household Household, int Version)> Stored(CancellationToken cancel) =>
        await db.Households.AsNoTracking().SingleOrDefaultAsync(cancel) is { } row ? (row.Household, row.Version) : (Household.Usual, 0);

    public Task Save(Household household, CancellationToken cancel) => db.AllOrNone(
        async () =>
        {
            if (await db.Households.FindAsync([TheOnly], cancel) is { } row)
            {
                row.Household = household;
                row.Version++;
            }
            else
            {
                db.Households.Add(new() { Id = TheOnly, Household = household, Version = 1 });
            }

            await db.SaveChangesAsync(cancel);
        },
        cancel);
}
