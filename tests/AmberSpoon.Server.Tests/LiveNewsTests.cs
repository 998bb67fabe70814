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
        await kitchen.Told(id, Kitchen.Readings(5, 5));
        await kitchen.Finish(id);
        Assert.Equal(["tray", "oven", "oven", "oven", "log", "tray"], await page.Hear(6));
    }

    [Fact]
    public async Task News_carry_the_version_there_is_now()
    {
        await using var kitchen = new Kitchen();
        await using OpenPage page = await OpenPage.On(kitchen);
        int version = (int)(await kitchen.SaveTray(Kitchen.GoodPlan())).Body!["version"]!;
        await page.Hear(1);
        Assert.Equal(("tray", "1", version), page.Last);
        string id = (string)(await kitchen.Start(version)).Body!["id"]!;
        await page.Hear(1);
        Assert.Equal(("oven", id, 1), page.Last);
        int seq = (int)(await kitchen.Told(id, Kitchen.Reading(1, 1, 5)))["seq"]!;
        await page.Hear(1);
        Assert.Equal(("oven", id, seq), page.Last);
    }

    [Fact]
    public async Task The_server_says_it_is_well()
    {
        await using var kitchen = new Kitchen();
        Assert.Equal("well", await kitchen.Client.GetStringAsync("/healthz", TestContext.Current.CancellationToken));
    }
}
