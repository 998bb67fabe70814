using AmberSpoon.Server.Live;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Backups;

namespace AmberSpoon.Server.Stations.House;

/// <summary>
/// Sees that a house was restored under a kitchen that runs, by this server or by another program, and lets go of all that was kept in
/// memory of it.
/// </summary>
internal sealed class HouseChanged(IServiceScopeFactory scopes, KnowledgeKept knowledge, TrayAnswers answers, LiveBakes live, KitchenNews news)
{
    private long? _seen;

    /// <summary>Whether another program restored it since the last look.</summary>
    public async Task Look(CancellationToken cancel)
    {
        await using AsyncServiceScope scope = scopes.CreateAsyncScope();
        long stamp = await HouseRestore.Stamp(scope.ServiceProvider.GetRequiredService<KitchenDb>(), cancel);
        long? before = _seen;
        _seen = stamp;
        if (before is not null && before != stamp)
        {
            await Forget();
        }
    }

    /// <summary>Another house from now on.</summary>
    public async Task Forget()
    {
        knowledge.Forget();
        answers.Forget();
        live.Forget();
        foreach (KitchenTopic topic in Enum.GetValues<KitchenTopic>())
        {
            await news.Changed(topic);
        }
    }
}
