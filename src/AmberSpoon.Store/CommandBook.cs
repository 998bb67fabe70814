using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Store;

/// <summary>
/// Sees to it that a command is carried out once, however often it is sent. Events of a bake carry their own ids: see
/// <see cref="BakeBook"/>.
/// </summary>
public sealed class CommandBook(KitchenDb db, TimeProvider time)
{
    /// <summary>The number of what this command made or changed; null where it was not carried out yet.</summary>
    /// <param name="commandId">Made by the client; null where it did not send one, and each is then a command of its own.</param>
    /// <param name="cancel">Ends the query.</param>
    public async Task<int?> Done(Guid? commandId, CancellationToken cancel) =>
        commandId is { } id ? (await db.Commands.AsNoTracking().SingleOrDefaultAsync(row => row.CommandId == id, cancel))?.MadeId : null;

    /// <param name="commandId">See <see cref="Done"/>.</param>
    /// <param name="carryOut">Makes or changes it, stores it, and gives its number.</param>
    /// <param name="cancel">Ends it before anything is stored.</param>
    /// <returns>The number of what was made or changed, now or the first time.</returns>
    public Task<int> Once(Guid? commandId, Func<Task<int>> carryOut, CancellationToken cancel) => db.AllOrNone(
        async () =>
        {
            if (await Done(commandId, cancel) is { } before)
            {
                return before;
            }

            int made = await carryOut();
            if (commandId is { } first)
            {
                db.Commands.Add(new CommandRow { CommandId = first, At = time.GetUtcNow(), MadeId = made });
                await db.SaveChangesAsync(cancel);
            }

            return made;
        },
        cancel);
}
