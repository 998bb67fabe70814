using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class TrayTests
{
    [Fact]
    public async Task An_empty_kitchen_has_a_tray_to_play_with()
    {
        await using var kitchen = new Kitchen();
        JsonNode tray = await kitchen.Get("/api/tray");
        Assert.Equal("boneInThigh", (string?)tray["plan"]!["cut"]);
        Assert.InRange((double)tray["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]!, 20, 50);
    }

    [Fact]
    public async Task A_saved_tray_comes_back_as_typed_after_a_restart()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["ovenSetting"] = new JsonObject { ["value"] = 400, ["unit"] = "fahrenheit" };
        plan["mass"] = new JsonObject { ["value"] = 2.25, ["unit"] = "pound" };
        Assert.Equal(200, (await kitchen.SaveTray(plan)).Status);

        await kitchen.Restart();

        JsonNode stored = (await kitchen.Get("/api/tray"))["plan"]!;
        Assert.True(JsonNode.DeepEquals(plan["ovenSetting"], stored["ovenSetting"]));
        Assert.True(JsonNode.DeepEquals(plan["mass"], stored["mass"]));
    }

    [Fact]
    public async Task Dinner_at_a_time_is_worked_back_from()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["eatAt"] = "2026-11-26T19:30:00+01:00";
        (int status, JsonNode? view) = await kitchen.SaveTray(plan);
        Assert.Equal(200, status);
        JsonNode timing = view!["answer"]!["timing"]!;
        Assert.Equal("2026-11-26T19:30:00+01:00", (string?)timing["eatAt"]);
        Assert.Equal("2026-11-26T19:25:00+01:00", (string?)timing["outAt"]);
    }

    [Theory]
    [InlineData("2026-11-26T16:30:00+00:00", "has passed")]
    [InlineData("2026-11-26T17:20:00+00:00", "too soon")]
    public async Task Dinner_in_the_past_or_too_soon_is_refused_with_the_earliest_that_works(string eatAt, string says)
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["eatAt"] = eatAt;
        (int status, JsonNode? problem) = await kitchen.SaveTray(plan);
        Assert.Equal(400, status);
        Assert.Contains(says, (string?)problem!["errors"]!["eatAt"]![0], StringComparison.Ordinal);

        plan["eatAt"] = (string?)problem["earliestEatAt"];
        Assert.Equal(200, (await kitchen.SaveTray(plan)).Status);
    }

    [Fact]
    public async Task A_stored_dinner_that_time_has_overtaken_is_answered_for_now_and_says_so()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["eatAt"] = "2026-11-26T18:30:00+00:00";
        await kitchen.SaveTray(plan);
        kitchen.Clock.Advance(TimeSpan.FromHours(3));
        JsonNode tray = await kitchen.Get("/api/tray");
        Assert.True((bool)tray["eatAtHasPassed"]!);
        Assert.Equal(kitchen.Clock.GetUtcNow(), (DateTimeOffset)tray["answer"]!["timing"]!["inAt"]!);
    }

    [Fact]
    public async Task Frozen_is_refused_with_the_reason()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["startFrom"] = "frozen";
        (int status, JsonNode? problem) = await kitchen.SaveTray(plan);
        Assert.Equal(400, status);
        Assert.Contains("Thaw it in the fridge", (string?)problem!["errors"]!["startFrom"]![0], StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_demo_household_has_a_plan_for_tonight_and_evenings_in_the_log()
    {
        await using var kitchen = new Kitchen(demo: true);
        Assert.False((bool)(await kitchen.Get("/api/tray"))["eatAtHasPassed"]!);
        Assert.Equal(3, (await kitchen.Get("/api/log"))["bakes"]!.AsArray().Count);
        await kitchen.Restart();
        Assert.Equal(3, (await kitchen.Get("/api/log"))["bakes"]!.AsArray().Count);
    }
}
