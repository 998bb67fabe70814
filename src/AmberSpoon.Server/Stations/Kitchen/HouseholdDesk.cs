using AmberSpoon.Core.Households;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Store;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Kitchen;

/// <summary>Keeps what is said once of the kitchen; a change is told to all open pages.</summary>
internal sealed class HouseholdDesk(HouseholdShelf shelf, CommandBook commands, Turns turns, IValidator<HouseholdRequest> rules, KitchenNews news)
{
    public async Task<HouseholdView> View(CancellationToken cancel)
    {
        (Household household, int version) = await shelf.Stored(cancel);
        return new(household, version);
    }

    /// <exception cref="ProblemException">400 with the field; 409 where another screen changed it meanwhile.</exception>
    public async Task<HouseholdView> Save(HouseholdRequest request, CommandHead head, CancellationToken cancel)
    {
        using IDisposable turn = await turns.Of("household", cancel);
        rules.Require(request);
        if (await commands.Done(head.CommandId, cancel) is not null)
        {
            return await View(cancel);
        }

        (_, int version) = await shelf.Stored(cancel);
        head.RequireSeen(version, "The kitchen", _ => []);
        await commands.Once(
            head.CommandId,
            async () =>
            {
                await shelf.Save(request.ToHousehold(), cancel);
                return 0;
            },
            cancel);
        await news.Changed(KitchenTopic.Kitchen);
        return await View(cancel);
    }
}
