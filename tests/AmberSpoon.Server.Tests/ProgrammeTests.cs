using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>What is done while it bakes, from the plan to the live bake.</summary>
public sealed class ProgrammeTests
{
    private static JsonObject With(JsonObject plan, string steps)
    {
        plan["steps"] = JsonNode.Parse(steps);
        return plan;
    }

    [Fact]
    public async Task Steps_come_back_in_order_of_time_with_what_each_does()
    {
        await using var kitchen = new Kitchen();
        (int status, JsonNode? view) = await kitchen.SaveTray(With(Kitchen.GoodPlan(), """
            [
              { "kind": "turn", "atMinutes": 18 },
              { "kind": "cover", "atMinutes": 0 },
              { "kind": "uncover", "atMinutes": 15 },
              { "kind": "lower", "atMinutes": 20, "setting": { "value": 350, "unit": "fahrenheit" } }
            ]
            """));
        Assert.Equal(200, status);
        Assert.Equal(["cover", "uncover", "turn", "lower"], view!["plan"]!["steps"]!.AsArray().Select(step => (string)step!["kind"]!));
        Assert.Equal(4, view["answer"]!["effects"]!.AsArray().Count);
        Assert.True((double)view["answer"]!["effects"]![0]!["minutesAdded"]! > 1);
    }

    [Fact]
    public async Task A_grill_has_its_minutes_and_everything_else_has_none()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? view) = await kitchen.SaveTray(With(Kitchen.GoodPlan(), """
            [{ "kind": "turn", "atMinutes": 10, "forMinutes": 7 }, { "kind": "grill", "atMinutes": 22, "forMinutes": 4 }]
            """));
        Assert.Null(view!["plan"]!["steps"]![0]!["forMinutes"]);
        Assert.Equal(4, (int)view["plan"]!["steps"]![1]!["forMinutes"]!);
    }

    [Fact]
    public async Task A_glaze_has_a_last_moment_for_the_raw_brush_and_plain_chicken_none()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? plain) = await kitchen.SaveTray(Kitchen.GoodPlan());
        Assert.Null(plain!["answer"]!["brush"]);
        JsonObject glazed = Kitchen.GoodPlan();
        glazed["chicken"]![0]!["coating"] = "glaze";
        (_, JsonNode? view) = await kitchen.SaveTray(glazed);
        int until = (int)view!["answer"]!["brush"]!["untilMinutes"]!;
        Assert.InRange(until, 5, (int)view["answer"]!["forecast"]!["pullMinutes"]! - 6);
    }

    [Fact]
    public async Task Two_trays_swap_shelves_and_one_cannot()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.Supper();
        plan["vessels"]!.AsArray().Add(plan["vessels"]![0]!.DeepClone());
        foreach (JsonNode? vegetable in plan["vegetables"]!.AsArray())
        {
            vegetable!["vessel"] = 1;
        }

        (int status, JsonNode? view) = await kitchen.SaveTray(With(plan, """[{ "kind": "swap", "atMinutes": 15 }]"""));
        Assert.Equal(200, status);
        Assert.Equal(2, view!["answer"]!["layout"]!["vessels"]!.AsArray().Count);
        (status, JsonNode? problem) = await kitchen.SaveTray(With(Kitchen.Supper(), """[{ "kind": "swap", "atMinutes": 15 }]"""));
        Assert.Equal(400, status);
        Assert.Contains("only one tray", (string?)problem!["errors"]!["steps[0].kind"]![0], StringComparison.Ordinal);
    }

    [Fact]
    public async Task Chicken_that_goes_in_after_the_vegetables_is_estimated_in_its_own_time()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.Supper();
        plan["chicken"]![0]!["addAtMinutes"] = 15;
        (_, JsonNode? tray) = await kitchen.SaveTray(plan);
        double planned = (double)tray!["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]!;
        (int status, JsonNode? oven) = await kitchen.Start((int)tray["version"]!);
        Assert.Equal(200, status);
        JsonNode bake = oven!["bake"]!;
        DateTimeOffset started = (DateTimeOffset)bake["record"]!["startedAt"]!;
        Assert.Equal(15, (double)bake["curve"]![0]!["minutes"]!);
        Assert.Equal(planned, ((DateTimeOffset)bake["targetAt"]! - started).TotalMinutes, 1.0);
        string id = (string)bake["record"]!["id"]!;

        kitchen.Clock.Advance(TimeSpan.FromMinutes(35));
        (status, oven) = await kitchen.Check(id, Kitchen.Readings(40, 42));
        Assert.Equal(200, status);
        JsonNode live = oven!["bake"]!;
        Assert.Equal("backIn", (string?)live["record"]!["checks"]![0]!["verdict"]);
        JsonNode there = live["curve"]!.AsArray().Single(point => (double)point!["minutes"]! == 35)!;
        Assert.Equal(40, (double)there["coldestC"]!, 0.2);
        Assert.NotEmpty((await kitchen.Get("/api/oven/section"))["frames"]!.AsArray());

        kitchen.Clock.Advance(TimeSpan.FromMinutes(12));
        await kitchen.Move(id, "worktop");
        await kitchen.Finish(id);
        JsonNode past = await kitchen.Get($"/api/log/{id}");
        Assert.Equal(15, (double)past["curve"]![0]!["minutes"]!);
    }

    [Fact]
    public async Task A_live_bake_counts_the_pieces_of_all_lots()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        JsonNode second = plan["chicken"]![0]!.DeepClone();
        second["id"] = 2;
        second["cut"] = "drumstick";
        second["height"] = null;
        second["sizes"]!["count"] = 3;
        second["sizes"]!["mass"]!["value"] = 345;
        plan["chicken"]!.AsArray().Add(second);
        (_, JsonNode? tray) = await kitchen.SaveTray(plan);
        (_, JsonNode? oven) = await kitchen.Start((int)tray!["version"]!);
        JsonNode record = oven!["bake"]!["record"]!;
        Assert.Equal(9, (int)record["pieces"]!);
        Assert.Equal(2, record["forecast"]!["lots"]!.AsArray().Count);
        string id = (string)record["id"]!;
        var ninth = new JsonObject { ["piece"] = 9, ["value"] = 60, ["unit"] = "celsius" };
        Assert.Equal(200, (await kitchen.Check(id, new JsonObject { ["readings"] = new JsonArray(ninth) })).Status);
        var tenth = new JsonObject { ["piece"] = 10, ["value"] = 60, ["unit"] = "celsius" };
        Assert.Equal(400, (await kitchen.Check(id, new JsonObject { ["readings"] = new JsonArray(tenth) })).Status);
    }
}
