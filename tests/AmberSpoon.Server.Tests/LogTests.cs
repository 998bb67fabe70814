using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class LogTests
{
    [Fact]
    public async Task Deleting_takes_a_bake_out_and_restoring_brings_it_back_whole()
    {
        await using var kitchen = new Kitchen(demo: true);
        JsonArray before = (await kitchen.Get("/api/log"))["bakes"]!.AsArray();
        string path = $"/api/log/{(string?)before[1]!["id"]}";

        Assert.Equal(204, (await kitchen.Send(HttpMethod.Delete, path)).Status);
        await kitchen.Restart();
        Assert.Equal(before.Count - 1, (await kitchen.Get("/api/log"))["bakes"]!.AsArray().Count);

        Assert.Equal(200, (await kitchen.Send(HttpMethod.Post, $"{path}/restore")).Status);
        Assert.True(JsonNode.DeepEquals(before, (await kitchen.Get("/api/log"))["bakes"]));
    }

    [Fact]
    public async Task A_running_or_unknown_bake_cannot_be_deleted()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Delete, $"/api/log/{id}")).Status);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Delete, $"/api/log/{Guid.NewGuid()}")).Status);
        Assert.NotNull((await kitchen.Get("/api/oven"))["bake"]);
    }

    [Fact]
    public async Task A_past_bake_is_held_against_what_its_real_moves_led_one_to_expect()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Get, $"/api/log/{id}")).Status);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(10));
        await kitchen.Move(id, "worktop");
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        await kitchen.Finish(id);
        JsonArray curve = (await kitchen.Get($"/api/log/{id}"))["curve"]!.AsArray();
        Assert.Equal(41, curve.Count);
        Assert.True((double)curve[40]!["coldestC"]! < 45, "Ten minutes of oven cannot have cooked it.");
    }

    [Fact]
    public async Task The_demo_s_verdicts_come_from_the_judge()
    {
        await using var kitchen = new Kitchen(demo: true);
        foreach (JsonNode? bake in (await kitchen.Get("/api/log"))["bakes"]!.AsArray())
        {
            Assert.Equal("serve", (string?)bake!["checks"]!.AsArray()[^1]!["verdict"]);
        }
    }
}
