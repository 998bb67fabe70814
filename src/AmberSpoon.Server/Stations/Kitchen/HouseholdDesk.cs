using AmberSpoon.Core.Households;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Store;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Kitchen;

/// <summary>Keeps what is said once of the kitchen; a change is told to all open pages.</summary>
internal sealed class HouseholdDesk(HouseholdShelf shelf, KnowledgeKept kept, CommandBook commands, Turns turns, IValidator<HouseholdRequest> rules, KitchenNews news)
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

        (Household before, int version) = await shelf.Stored(cancel);
        head.RequireSeen(version, "The kitchen", _ => []);
        await commands.Once(
            head.CommandId,
            async () =>
            {
                Household wanted = request.ToHousehold();

                // Since when an oven is learnt is no field of the page: it stays with the oven of that name.
                await shelf.Save(wanted with { Ovens = [.. wanted.Ovens.Select(oven => oven with { LearntSince = before.Ovens.FirstOrDefault(own => own.Name == oven.Name)?.LearntSince })] }, cancel);
                return 0;
            },
            cancel);
        kept.Forget();
        await news.Changed(KitchenTopic.Kitchen);
        return await View(cancel);
    }
}
