using System.Globalization;
using System.Text.Json;
using AmberSpoon.Store;
using Microsoft.AspNetCore.SignalR;

namespace AmberSpoon.Server.Live;

/// <summary>
/// Tells every open page that something it may show has changed, and which version of it there is now: a page that has that
/// one already need not ask. Called after the change is on disk, so it is told even when who made it has gone.
/// </summary>
internal sealed class KitchenNews(IHubContext<KitchenHub> hub, KitchenCondition condition)
{
    public const string Message = "changed";

    public Task Changed(KitchenTopic topic) => Tell(topic, null, null);

    public Task TrayChanged(int id, int version) => Tell(KitchenTopic.Tray, id.ToString(CultureInfo.InvariantCulture), version);

    public Task BakeChanged(Guid id, int seq) => Tell(KitchenTopic.Oven, id.ToString(), seq);

    /// <summary>Nothing was stored: thermometers show something new.</summary>
    public Task ProbesHeard(Guid bake) =>
        hub.Clients.All.SendAsync(Message, JsonNamingPolicy.CamelCase.ConvertName(nameof(KitchenTopic.Probes)), bake.ToString(), null, CancellationToken.None);

    /// <param name="topic">What it was about.</param>
    /// <param name="id">Which of them; null for all.</param>
    /// <param name="version">Its version now; null where it has none.</param>
    private Task Tell(KitchenTopic topic, string? id, int? version)
    {
        condition.Wrote();
        return hub.Clients.All.SendAsync(Message, JsonNamingPolicy.CamelCase.ConvertName(topic.ToString()), id, version, CancellationToken.None);
    }
}
