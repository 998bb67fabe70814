using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>Keeps the household's planned trays, each with its earlier states; each is read with what the log has taught by then.</summary>
public sealed class TrayShelf(KitchenDb db, Knowledge knowledge, TimeProvider time)
{
    /// <summary>Earlier states kept of one tray.</summary>
    private const int MostStates = 200;

    /// <summary>The tray being worked on, or null in an empty kitchen.</summary>
    public async Task<TrayRow?> Current(CancellationToken cancel) => await Knowing(
        await db.Trays
            .Where(row => row.ArchivedAt == null)
            .OrderByDescending(row => row.OpenedAt).ThenByDescending(row => row.Id)
            .FirstOrDefaultAsync(cancel),
        cancel);

    public async Task<TrayRow?> Find(int id, CancellationToken cancel) => await Knowing(await db.Trays.SingleOrDefaultAsync(row => row.Id == id, cancel), cancel);

    /// <summary>All trays, the one opened last first, archived ones too.</summary>
    public async Task<IReadOnlyList<TrayRow>> All(CancellationToken cancel)
    {
        List<TrayRow> rows = await db.Trays.OrderByDescending(row => row.OpenedAt).ThenByDescending(row => row.Id).ToListAsync(cancel);
        foreach (TrayRow row in rows)
        {
            await Knowing(row, cancel);
        }

        return rows;
    }

    /// <summary>A new tray, which becomes the one being worked on.</summary>
    public Task<TrayRow> Add(TrayPlan plan, CancellationToken cancel) => db.AllOrNone(
        async () =>
        {
            DateTimeOffset now = time.GetUtcNow();
            var row = new TrayRow { Plan = plan, Version = 1, SavedAt = now, OpenedAt = now };
            db.Trays.Add(row);
            await db.SaveChangesAsync(cancel);
            db.TrayStates.Add(new() { TrayId = row.Id, State = 0, Plan = plan });
            await db.SaveChangesAsync(cancel);
            return row;
        },
        cancel);

    /// <summary>A new state of a tray; what had been undone is gone.</summary>
    public Task Save(TrayRow row, TrayPlan plan, CancellationToken cancel) => db.AllOrNone(
        async () =>
        {
            await db.TrayStates.Where(state => state.TrayId == row.Id && (state.State > row.State || state.State <= row.State - MostStates)).ExecuteDeleteAsync(cancel);
            row.FirstState = Math.Max(row.FirstState, row.State - MostStates + 1);
            row.State++;
            row.LastState = row.State;
            db.TrayStates.Add(new() { TrayId = row.Id, State = row.State, Plan = plan });
            await Show(row, plan, cancel);
        },
        cancel);

    /// <returns>False where there is no earlier state.</returns>
    public Task<bool> Undo(TrayRow row, CancellationToken cancel) => Step(row, row.CanUndo, -1, cancel);

    /// <returns>False where nothing was undone.</returns>
    public Task<bool> Redo(TrayRow row, CancellationToken cancel) => Step(row, row.CanRedo, 1, cancel);

    public Task Open(TrayRow row, CancellationToken cancel)
    {
        row.OpenedAt = time.GetUtcNow();
        row.ArchivedAt = null;
        return db.AllOrNone(() => db.SaveChangesAsync(cancel), cancel);
    }

    public Task Archive(TrayRow row, CancellationToken cancel)
    {
        row.ArchivedAt = time.GetUtcNow();
        return db.AllOrNone(() => db.SaveChangesAsync(cancel), cancel);
    }

    /// <summary>With what is known by now, which is no change of the tray.</summary>
    private async Task<TrayRow?> Knowing(TrayRow? row, CancellationToken cancel)
    {
        if (row is null)
        {
            return null;
        }

        TrayPlan plan = await knowledge.On(row.Plan, cancel);
        if (Known.KeyOf(plan) != Known.KeyOf(row.Plan))
        {
            row.Plan = plan;
            db.Entry(row).Property(tray => tray.Plan).OriginalValue = plan;
        }

        return row;
    }

    private Task<bool> Step(TrayRow row, bool can, int by, CancellationToken cancel) => db.AllOrNone(
        async () =>
        {
            if (!can)
            {
                return false;
            }

            TrayStateRow state = await db.TrayStates.SingleAsync(state => state.TrayId == row.Id && state.State == row.State + by, cancel);
            row.State += by;
            await Show(row, state.Plan, cancel);
            return true;
        },
        cancel);

    private async Task Show(TrayRow row, TrayPlan plan, CancellationToken cancel)
    {
        row.Plan = await knowledge.On(plan, cancel);
        row.Version++;
        row.SavedAt = time.GetUtcNow();
        await db.SaveChangesAsync(cancel);
    }
}
