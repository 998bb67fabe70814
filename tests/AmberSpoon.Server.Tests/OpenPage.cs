using System.Collections.Concurrent;
using Microsoft.AspNetCore.Http.Connections;
using Microsoft.AspNetCore.SignalR.Client;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>A page that listens for news from a kitchen.</summary>
internal sealed class OpenPage : IAsyncDisposable
{
    private readonly ConcurrentQueue<string> _heard = new();
    private readonly SemaphoreSlim _something = new(0);
    private readonly HubConnection _connection;

    private OpenPage(Kitchen kitchen)
    {
        _connection = new HubConnectionBuilder()
            .WithUrl(new Uri(kitchen.Host.BaseAddress, "/live"), options =>
            {
                options.HttpMessageHandlerFactory = _ => kitchen.Host.CreateHandler();
                options.Transports = HttpTransportType.LongPolling;
            })
            .Build();
        _connection.On<string, string?, int?>("changed", (topic, id, version) =>
        {
            _heard.Enqueue(topic);
            Last = (topic, id, version);
            _something.Release();
        });
    }

    /// <summary>What was heard last: about what, which of them, and its version now.</summary>
    public (string Topic, string? Id, int? Version) Last { get; private set; }

    public static async Task<OpenPage> On(Kitchen kitchen)
    {
        var page = new OpenPage(kitchen);
        await page._connection.StartAsync(TestContext.Current.CancellationToken);
        return page;
    }

    /// <summary>All topics so far, once there are this many.</summary>
    public async Task<IReadOnlyList<string>> Hear(int count)
    {
        for (int i = 0; i < count; i++)
        {
            Assert.True(await _something.WaitAsync(TimeSpan.FromSeconds(10), TestContext.Current.CancellationToken), "A page was not told.");
        }

        return [.. _heard];
    }

    public async ValueTask DisposeAsync()
    {
        await _connection.DisposeAsync();
        _something.Dispose();
    }
}
