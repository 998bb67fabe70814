using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class LiveNewsTests
{
    [Fact]
    public async Task Every_open_page_hears_of_each_change_after_it_is_stored()
    {
        await using var kitchen = new Kitchen();
        await using OpenPage page = await OpenPage.On(kitchen);

        string id = await kitchen.StartGoodBake();
        await kitchen.Check(id, Kitchen.Readings(20, 22));
        await kitchen.Finish(id);
        Assert.Equal(["tray", "oven", "oven", "oven", "log"], await page.Hear(5));
    }

    [Fact]
    public async Task The_server_says_it_is_well()
    {
        await using var kitchen = new Kitchen();
        Assert.Equal("well", await kitchen.Client.GetStringAsync("/healthz", TestContext.Current.CancellationToken));
    }
}
