using Microsoft.AspNetCore.SignalR;

namespace AmberSpoon.Server.Live;

/// <summary>Carries news to every open page. Pages only listen.</summary>
public sealed class KitchenHub : Hub;
