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
        // Foil on and off is one decision.
        Assert.Equal(["cover", "turn", "lower"], view["answer"]!["effects"]!.AsArray().Select(effect => (string)effect!["kind"]!));
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
    public async Task A_tray_can_be_planned_to_another_shelf()
    {
        await using var kitchen = new Kitchen();
        (int status, JsonNode? view) = await kitchen.SaveTray(With(Kitchen.Supper(), """[{ "kind": "shelf", "atMinutes": 15, "shelf": "topThird" }]"""));
        Assert.Equal(200, status);
        Assert.Equal(("topThird", 0), ((string?)view!["plan"]!["steps"]![0]!["shelf"], (int)view["plan"]!["steps"]![0]!["vessel"]!));
        Assert.Equal("shelf", (string?)view["answer"]!["effects"]![0]!["kind"]);
    }

    [Fact]
    public async Task Chicken_that_goes_in_after_the_vegetables_is_estimated_in_its_own_time()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.Supper();
        plan["chicken"]![0]!["addAtMinutes"] = 15;
        (_, JsonNode? tray) = await kitchen.SaveTray(plan);
        double planned = (double)tray!["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]!;
        (_, JsonNode? bake) = await kitchen.Start((int)tray["version"]!);
        string id = (string)bake!["id"]!;
        JsonNode thighs = bake["lots"]![0]!;
        DateTimeOffset started = (DateTimeOffset)bake["startedAt"]!;
        Assert.Equal(started.AddMinutes(15), (DateTimeOffset)thighs["inAt"]!);
        Assert.Null(thighs["place"]);
        Assert.Equal(15, (double)thighs["curve"]![0]!["minutes"]!);
        Assert.Equal(planned, ((DateTimeOffset)thighs["goalAt"]! - started).TotalMinutes, 1.0);

        kitchen.Clock.Advance(TimeSpan.FromMinutes(35));
        bake = await kitchen.Told(id, Kitchen.Readings(40, 42));
        thighs = bake["lots"]![0]!;
        Assert.Equal("backIn", (string?)thighs["verdict"]!["kind"]);
        JsonNode there = thighs["curve"]!.AsArray().Single(point => (double)point!["minutes"]! == 35)!;
        Assert.Equal(40, (double)there["coldestC"]!, 2.0);
        Assert.NotEmpty((await kitchen.Get($"/api/bakes/{id}/section?lot=1"))["frames"]!.AsArray());

        kitchen.Clock.Advance(TimeSpan.FromMinutes(12));
        await kitchen.Told(id, Kitchen.Event("resting"));
        await kitchen.Finish(id);
        JsonNode past = await kitchen.Get($"/api/bakes/{id}");
        Assert.Equal(15, (double)past["lots"]![0]!["curve"]![0]!["minutes"]!);
    }
}
