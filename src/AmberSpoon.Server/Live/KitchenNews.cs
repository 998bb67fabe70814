using System.Text.Json;
using Microsoft.AspNetCore.SignalR;

namespace AmberSpoon.Server.Live;

/// <summary>Tells every open page that something it may show has changed. Called after the change is on disk.</summary>
internal sealed class KitchenNews(IHubContext<KitchenHub> hub)
{
    public const string Message = "changed";

    public Task Changed(KitchenTopic topic, CancellationToken cancel) =>
        hub.Clients.All.SendAsync(Message, JsonNamingPolicy.CamelCase.ConvertName(topic.ToString()), cancel);
}
