using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>Keeps what happens at the counter: mixes, what was decided for each tray, running marinades, spoons.</summary>
public sealed class PrepShelf(KitchenDb db, TimeProvider time)
{
    private const int TheOnly = 1;

    /// <summary>What was decided for a tray, and how often it was changed.</summary>
    public async Task<(PrepChoice Choice, int Version)> Decided(int trayId, CancellationToken cancel) =>
        await db.Preps.AsNoTracking().SingleOrDefaultAsync(row => row.TrayId == trayId, cancel) is { } row ? (row.Choice, row.Version) : (await Usual(cancel), 0);

    /// <summary>Where nothing was decided: the usual, for as many as usually eat in this kitchen.</summary>
    private async Task<PrepChoice> Usual(CancellationToken cancel) =>
        await db.Households.AsNoTracking().SingleOrDefaultAsync(cancel) is { } row ? PrepChoice.Usual with { Heads = row.Household.Heads } : PrepChoice.Usual;

    public async Task<PrepChoice> Choice(int trayId, CancellationToken cancel) => (await Decided(trayId, cancel)).Choice;

    /// <summary>Changes what was decided, from what is stored: two changes at once build on each other.</summary>
    public Task Change(int trayId, Func<PrepChoice, PrepChoice> change, CancellationToken cancel) => db.AllOrNone(
        async () => await Save(trayId, change(await Choice(trayId, cancel)), cancel), cancel);

    private async Task Save(int trayId, PrepChoice choice, CancellationToken cancel)
    {
        if (await db.Preps.FindAsync([trayId], cancel) is { } row)
        {
            row.Choice = choice;
            row.Version++;
        }
        else
        {
            db.Preps.Add(new() { TrayId = trayId, Choice = choice, Version = 1 });
        }

        await db.SaveChangesAsync(cancel);
    }

    public async Task<KitchenMeasures> Measures(CancellationToken cancel) =>
        await db.Measures.AsNoTracking().SingleOrDefaultAsync(cancel) is { } said ? said.Measures
            : await db.Households.AsNoTracking().SingleOrDefaultAsync(cancel) is { } kitchen ? KitchenMeasures.UsualFor(kitchen.Household.Units())
            : KitchenMeasures.Usual;

    public Task Save(KitchenMeasures measures, CancellationToken cancel) => db.AllOrNone(
        async () =>
        {
            if (await db.Measures.FindAsync([TheOnly], cancel) is { } row)
            {
                row.Measures = measures;
            }
            else
            {
                db.Measures.Add(new() { Id = TheOnly, Measures = measures });
            }

            await db.SaveChangesAsync(cancel);
        },
        cancel);

    /// <summary>The household's own mixes, by name.</summary>
    public async Task<IReadOnlyList<MixRow>> Mixes(CancellationToken cancel) =>
        [.. (await db.Mixes.AsNoTracking().ToListAsync(cancel)).OrderBy(row => row.Mix.Name, StringComparer.OrdinalIgnoreCase).ThenBy(row => row.Id)];

    public Task<MixRow?> FindMix(int id, CancellationToken cancel) => db.Mixes.SingleOrDefaultAsync(row => row.Id == id, cancel);

    public async Task<MixRow> Add(Mix mix, CancellationToken cancel)
    {
        var row = new MixRow { Mix = mix, Version = 1, SavedAt = time.GetUtcNow() };
        db.Mixes.Add(row);
        await db.SaveChangesAsync(cancel);
        return row;
    }

    public async Task Change(MixRow row, Mix mix, CancellationToken cancel)
    {
        row.Mix = mix;
        row.Version++;
        row.SavedAt = time.GetUtcNow();
        await db.SaveChangesAsync(cancel);
    }

    public async Task Delete(MixRow row, CancellationToken cancel)
    {
        db.Mixes.Remove(row);
        await db.SaveChangesAsync(cancel);
    }

    /// <summary>Mixes, a tray of them and what was decided for it; <see cref="CommandBook.Once"/> makes them all of them or none.</summary>
    /// <param name="trays">Where the tray goes.</param>
    /// <param name="mixes">The mixes to be stored.</param>
    /// <param name="plan">The tray, once its mixes have numbers.</param>
    /// <param name="choice">What was decided for it.</param>
    /// <param name="cancel">Ends it.</param>
    /// <returns>The tray's number.</returns>
    public async Task<int> AddRecipe(TrayShelf trays, IReadOnlyList<Mix> mixes, Func<IReadOnlyList<MixRow>, TrayPlan> plan, PrepChoice choice, CancellationToken cancel)
    {
        var made = new List<MixRow>();
        foreach (Mix mix in mixes)
        {
            made.Add(await Add(mix, cancel));
        }

        TrayRow tray = await trays.Add(plan(made), cancel);
        await Save(tray.Id, choice, cancel);
        return tray.Id;
    }

    /// <summary>Marinades whose meat is not out yet, the one that is ready first first.</summary>
    public async Task<IReadOnlyList<MarinadeRow>> Running(CancellationToken cancel) =>
        await db.Marinades.Where(row => row.EndedAt == null).OrderBy(row => row.ReadyAt).ThenBy(row => row.Id).ToListAsync(cancel);

    /// <summary>Those of them whose tray has not gone into an oven since: meat that bakes, or is eaten, lies in no marinade any more.</summary>
    public async Task<IReadOnlyList<MarinadeRow>> Lying(CancellationToken cancel)
    {
        IReadOnlyList<MarinadeRow> running = await Running(cancel);
        if (running.Count == 0)
        {
            return running;
        }

        DateTimeOffset first = running.Min(row => row.StartedAt);
        var baked = (await db.Bakes.AsNoTracking().Where(bake => bake.StartedAt >= first && bake.DeletedAt == null).Select(bake => new { bake.StartedAt, bake.Plan }).ToListAsync(cancel))
            .Select(bake => (bake.StartedAt, bake.Plan.Name)).ToList();
        return [.. running.Where(row => !baked.Exists(bake => bake.Name == row.TrayName && bake.StartedAt >= row.StartedAt))];
    }

    public Task<MarinadeRow?> FindMarinade(int id, CancellationToken cancel) => db.Marinades.SingleOrDefaultAsync(row => row.Id == id, cancel);

    public async Task Start(MarinadeRow row, CancellationToken cancel)
    {
        db.Marinades.Add(row);
        await db.SaveChangesAsync(cancel);
    }

    /// <summary>Writes down that it was turned; a second time changes nothing.</summary>
    public async Task Turn(MarinadeRow row, CancellationToken cancel)
    {
        row.TurnedAt ??= time.GetUtcNow();
        await db.SaveChangesAsync(cancel);
    }

    /// <summary>Writes down that the meat came out; a second time changes nothing.</summary>
    public async Task End(MarinadeRow row, CancellationToken cancel)
    {
        row.EndedAt ??= time.GetUtcNow();
        await db.SaveChangesAsync(cancel);
    }
}
