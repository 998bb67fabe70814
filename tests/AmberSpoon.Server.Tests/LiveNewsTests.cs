using System.Collections.Concurrent;
using Microsoft.AspNetCore.Http.Connections;
using Microsoft.AspNetCore.SignalR.Client;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class LiveNewsTests
{
    [Fact]
    public async Task Every_open_page_hears_of_each_change_after_it_is_stored()
    {
        await using var kitchen = new Kitchen();
        var heard = new ConcurrentQueue<string>();
        using var something = new SemaphoreSlim(0);
        await using HubConnection page = new HubConnectionBuilder()
            .WithUrl(new Uri(kitchen.Host.BaseAddress, "/live"), options =>
            {
                options.HttpMessageHandlerFactory = _ => kitchen.Host.CreateHandler();
                options.Transports = HttpTransportType.LongPolling;
            })
            .Build();
        page.On<string>("changed", topic =>
        {
            heard.Enqueue(topic);
            something.Release();
        });
        await page.StartAsync(TestContext.Current.CancellationToken);

        string id = await kitchen.StartGoodBake();
        await kitchen.Check(id, Kitchen.Readings(20, 22));
        await kitchen.Finish(id);
        foreach (string _ in new[] { "tray", "oven", "oven", "oven", "log" })
        {
            Assert.True(await something.WaitAsync(TimeSpan.FromSeconds(10), TestContext.Current.CancellationToken), "A page was not told.");
        }

        Assert.Equal(["tray", "oven", "oven", "oven", "log"], heard);
    }

    [Fact]
    public async Task The_server_says_it_is_well()
    {
        await using var kitchen = new Kitchen();
        Assert.Equal("well", await kitchen.Client.GetStringAsync("/healthz", TestContext.Current.CancellationToken));
    }
}
