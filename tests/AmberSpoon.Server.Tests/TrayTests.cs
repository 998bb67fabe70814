using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class TrayTests
{
    [Fact]
    public async Task An_empty_kitchen_has_an_empty_tray_to_put_things_on()
    {
        await using var kitchen = new Kitchen();
        JsonNode tray = await kitchen.Get("/api/tray");
        Assert.Empty(tray["plan"]!["chicken"]!.AsArray());
        Assert.Null(tray["answer"]);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, "/api/trays/1/section")).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/trays/1/together")).Status);
        Assert.Equal(409, (await kitchen.Start((int)tray["version"]!)).Status);
    }

    [Fact]
    public async Task A_saved_tray_comes_back_as_typed_after_a_restart()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["ovenSetting"] = new JsonObject { ["value"] = 400, ["unit"] = "fahrenheit" };
        plan["chicken"]![0]!["sizes"]!["mass"] = new JsonObject { ["value"] = 2.25, ["unit"] = "pound" };
        Assert.Equal(200, (await kitchen.SaveTray(plan)).Status);

        await kitchen.Restart();

        JsonNode stored = (await kitchen.Get("/api/tray"))["plan"]!;
        Assert.True(JsonNode.DeepEquals(plan["ovenSetting"], stored["ovenSetting"]));
        Assert.True(JsonNode.DeepEquals(plan["chicken"]![0]!["sizes"], stored["chicken"]![0]!["sizes"]));
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
        plan["chicken"]![0]!["startFrom"] = "frozen";
        (int status, JsonNode? problem) = await kitchen.SaveTray(plan);
        Assert.Equal(400, status);
        Assert.Contains("Thaw it in the fridge", (string?)problem!["errors"]!["chicken[0].startFrom"]![0], StringComparison.Ordinal);
    }

    [Fact]
    public async Task The_demo_household_has_a_plan_for_tonight_and_evenings_in_the_log()
    {
        await using var kitchen = new Kitchen(demo: true);
        Assert.False((bool)(await kitchen.Get("/api/tray"))["eatAtHasPassed"]!);
        Assert.Equal(3, (await kitchen.Get("/api/bakes"))["bakes"]!.AsArray().Count);
        await kitchen.Restart();
        Assert.Equal(3, (await kitchen.Get("/api/bakes"))["bakes"]!.AsArray().Count);
    }

    [Fact]
    public async Task Every_piece_has_a_place_and_keeps_it()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? view) = await kitchen.SaveTray(Kitchen.Supper());
        JsonArray spots = view!["plan"]!["spots"]!.AsArray();
        Assert.Equal(6, spots.Count(spot => (int)spot!["lot"]! == 1));
        Assert.All(view["answer"]!["forecast"]!["lots"]!.AsArray(), lot => Assert.NotEmpty(lot!["curve"]!.AsArray()));

        JsonObject warmer = view["plan"]!.DeepClone().AsObject();
        warmer["ovenSetting"]!["value"] = 215;
        (_, JsonNode? again) = await kitchen.SaveTray(warmer);
        Assert.True(JsonNode.DeepEquals(spots, again!["plan"]!["spots"]));
    }

    [Fact]
    public async Task More_than_two_layers_are_refused_with_how_much_and_a_second_tray_is_offered()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        JsonObject plan = Kitchen.GoodPlan();
        plan["chicken"]![0]!["sizes"]!["count"] = 40;
        plan["chicken"]![0]!["sizes"]!["mass"]!["value"] = 6600;
        plan["chicken"]![0]!["height"] = null;
        (int status, JsonNode? problem) = await kitchen.SaveTray(plan);
        Assert.Equal(400, status);
        Assert.Matches(@"\d+ % more than this tray holds", (string?)problem!["errors"]!["vessels"]![0]);
        Assert.Equal("secondTray", (string?)problem["offer"]);
        Assert.Equal(2, (await kitchen.Get("/api/tray"))["plan"]!["vegetables"]!.AsArray().Count);
    }

    /// <summary>A plan is never frozen by too much food: it goes on answering, says how much has no room, and bakes slower for it.</summary>
    [Fact]
    public async Task A_second_layer_is_said_and_baked_as_it_is()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["chicken"]![0]!["sizes"]!["count"] = 16;
        plan["chicken"]![0]!["sizes"]!["mass"]!["value"] = 16 * 165;
        (int status, JsonNode? view) = await kitchen.SaveTray(plan);
        Assert.Equal(200, status);
        JsonNode overfull = view!["answer"]!["overfull"]!.AsArray().Single()!;
        Assert.Matches(@"\d+ % more than this tray holds: no room for \d of the thighs", (string?)overfull["sentence"]);
        Assert.True((bool)overfull["canAddTray"]!);
        double full = (double)view["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]!;
        (_, JsonNode? roomy) = await kitchen.SaveTray(Kitchen.GoodPlan());
        Assert.Empty(roomy!["answer"]!["overfull"]!.AsArray());
        Assert.True(full > (double)roomy["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]! + 2);

        // It can be put in, and every piece has a name.
        string id = await kitchen.StartBake(plan);
        JsonNode bake = await kitchen.Get($"/api/bakes/{id}");
        Assert.Equal(16, bake["lots"]![0]!["pieces"]!.AsArray().Select(piece => (string)piece!["name"]!).Distinct().Count());
    }

    /// <summary>The oven stays on until the last thing planned is done, or as long as the cook says, and says what that costs.</summary>
    [Fact]
    public async Task A_plan_may_keep_the_tray_in_longer_than_its_food_needs()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? plain) = await kitchen.SaveTray(Kitchen.GoodPlan());
        int usual = (int)plain!["answer"]!["forecast"]!["pullMinutes"]!;
        JsonObject longer = Kitchen.GoodPlan();
        longer["stayUntilMinutes"] = usual + 20;
        (int status, JsonNode? view) = await kitchen.SaveTray(longer);
        Assert.Equal(200, status);
        Assert.Equal((usual + 20, usual + 20), ((int)view!["answer"]!["forecast"]!["pullMinutes"]!, (int)view["plan"]!["stayUntilMinutes"]!));
        Assert.Equal((double)plain["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]!, (double)view["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]!);
        Assert.Contains(view["answer"]!["cautions"]!.AsArray(), caution => ((string)caution!).StartsWith($"The tray stays in for {usual + 20} min, as you asked: 20 min longer", StringComparison.Ordinal));

        JsonObject late = Kitchen.GoodPlan();
        late["steps"] = JsonNode.Parse($$"""[{"kind":"grill","atMinutes":{{usual + 8}},"forMinutes":4}]""");
        (status, view) = await kitchen.SaveTray(late);
        Assert.Equal((200, usual + 12), (status, (int)view!["answer"]!["forecast"]!["pullMinutes"]!));
        Assert.Contains(view["answer"]!["cautions"]!.AsArray(), caution => ((string)caution!).Contains("until its last step is done", StringComparison.Ordinal));

        // A minute or two more is not worth a word.
        late["steps"] = JsonNode.Parse($$"""[{"kind":"turn","atMinutes":{{usual + 4}}}]""");
        (_, view) = await kitchen.SaveTray(late);
        Assert.Equal(usual + 4, (int)view!["answer"]!["forecast"]!["pullMinutes"]!);
        Assert.DoesNotContain(view["answer"]!["cautions"]!.AsArray(), caution => ((string)caution!).Contains("stays in for", StringComparison.Ordinal));

        foreach (int wrong in new[] { 0, 241 })
        {
            longer["stayUntilMinutes"] = wrong;
            (status, JsonNode? problem) = await kitchen.SaveTray(longer);
            Assert.Equal(400, status);
            Assert.NotNull(problem!["errors"]!["stayUntilMinutes"]);
        }
    }

    [Fact]
    public async Task Undo_and_redo_walk_through_every_change_and_survive_a_restart()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        (_, JsonNode? second) = await kitchen.SaveTray(Kitchen.Supper());
        Assert.True((bool)second!["canUndo"]! && !(bool)second["canRedo"]!);
        await kitchen.Restart();

        (_, JsonNode? undone) = await kitchen.Send(HttpMethod.Post, "/api/trays/1/undo");
        Assert.Empty(undone!["plan"]!["vegetables"]!.AsArray());
        (_, JsonNode? empty) = await kitchen.Send(HttpMethod.Post, "/api/trays/1/undo");
        Assert.Null(empty!["answer"]);
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Post, "/api/trays/1/undo")).Status);
        await kitchen.Send(HttpMethod.Post, "/api/trays/1/redo");
        (_, JsonNode? redone) = await kitchen.Send(HttpMethod.Post, "/api/trays/1/redo");
        Assert.True(JsonNode.DeepEquals(second["plan"], redone!["plan"]));
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Post, "/api/trays/1/redo")).Status);

        await kitchen.Send(HttpMethod.Post, "/api/trays/1/undo");
        await kitchen.SaveTray(Kitchen.Supper());
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Post, "/api/trays/1/redo")).Status);
    }

    [Fact]
    public async Task Trays_are_copied_put_away_and_brought_back()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        (_, JsonNode? copy) = await kitchen.Send(HttpMethod.Post, "/api/trays/1/duplicate");
        Assert.Equal("Thighs, again", (string?)copy!["plan"]!["name"]);
        Assert.Equal(2, (int)(await kitchen.Get("/api/tray"))["id"]!);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(1));

        (_, JsonNode? left) = await kitchen.Send(HttpMethod.Post, "/api/trays/2/archive");
        Assert.Equal(1, (int)left!["id"]!);
        JsonNode listed = (await kitchen.Get("/api/trays"))["trays"]!;
        Assert.True((bool)listed.AsArray().Single(tray => (int)tray!["id"]! == 2)!["isArchived"]!);

        await kitchen.Send(HttpMethod.Post, "/api/trays/2/open");
        Assert.Equal(2, (int)(await kitchen.Get("/api/tray"))["id"]!);
        (_, JsonNode? fresh) = await kitchen.Send(HttpMethod.Post, "/api/trays");
        Assert.Empty(fresh!["plan"]!["chicken"]!.AsArray());
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Post, "/api/trays/99/open")).Status);
    }

    [Fact]
    public async Task A_proposal_is_adopted_as_it_is_and_keeps_its_word()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        (_, JsonNode? together) = await kitchen.Send(HttpMethod.Post, "/api/trays/1/together");
        JsonNode best = together!["proposals"]![0]!;
        Assert.True((double)best["apartAfter"]! < (double)best["apartBefore"]! - 1);
        (int status, JsonNode? view) = await kitchen.SaveTray(best["plan"]!.DeepClone());
        Assert.Equal(200, status);
        Assert.Equal((double)best["apartAfter"]!, (double)view!["answer"]!["forecast"]!["apartMinutes"]!, 0.5);
    }

    [Fact]
    public async Task Ways_recipes_and_schools_answer_and_change_nothing_but_what_they_should()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        (_, JsonNode? ways) = await kitchen.Send(HttpMethod.Post, "/api/trays/1/compare", raw: """{"ways":["asPlanned","hot"]}""");
        Assert.Equal(2, ways!.AsArray().Count);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/trays/1/compare", raw: """{"ways":["hot"]}""")).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/trays/1/compare", raw: """{"ways":["hot","sideways"]}""")).Status);
        foreach ((string then, string? field) in new[]
        {
            ("""[{"afterMinutes":12,"oven":{"value":325,"unit":"fahrenheit"}}]""", null),
            ("""[{"afterMinutes":40,"oven":{"value":325,"unit":"fahrenheit"}}]""", "then[0].afterMinutes"),
            ("""[{"afterMinutes":0,"oven":{"value":325,"unit":"fahrenheit"}}]""", "then[0].afterMinutes"),
            ("""[{"afterMinutes":12,"oven":{"value":325,"unit":"celsius"}}]""", "then[0].oven.value"),
            ("""[{"afterMinutes":12,"oven":{"value":325,"unit":"fahrenheit"}},{"afterMinutes":12,"oven":{"value":325,"unit":"fahrenheit"}}]""", "then[1].afterMinutes"),
            ("[null,null,null,null,null]", "then"),
        })
        {
            (int code, JsonNode? answer) = await kitchen.Send(
                HttpMethod.Post, "/api/trays/1/recipe-check", raw: $$"""{"oven":{"value":425,"unit":"fahrenheit"},"minutes":40,"then":{{then}}}""");
            Assert.Equal(field is null ? 200 : 400, code);
            Assert.True(field is null || answer!["errors"]![field] is not null, $"{then}: {answer}");
        }

        (_, JsonNode? recipe) = await kitchen.Send(HttpMethod.Post, "/api/trays/1/recipe-check", raw: """{"oven":{"value":350,"unit":"fahrenheit"},"minutes":20}""");
        Assert.StartsWith("Leave it", (string?)recipe!["advice"], StringComparison.Ordinal);
        Assert.Empty((await kitchen.Get("/api/tray"))["plan"]!["steps"]!.AsArray());

        (int status, JsonNode? tended) = await kitchen.Send(
            HttpMethod.Post, "/api/trays/1/tending", raw: """{"heat":"steady","turning":"once","basting":"often","drainsJuices":true}""");
        Assert.Equal(200, status);
        Assert.Contains(tended!["plan"]!["steps"]!.AsArray(), step => (string?)step!["kind"] == "drain");
        Assert.Equal(3, tended["answer"]!["effects"]!.AsArray().Count);
        Assert.NotNull(tended["answer"]!["brush"]);
    }

    [Fact]
    public async Task A_section_of_each_lot_can_be_seen()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        foreach (int lot in new[] { 1, 2, 3 })
        {
            Assert.NotEmpty((await kitchen.Get($"/api/trays/1/section?lot={lot}"))["frames"]!.AsArray());
        }

        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, "/api/trays/1/section?lot=9")).Status);
    }
}
