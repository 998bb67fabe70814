using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>What the counter makes of trays of other kinds, and whom it tells.</summary>
public sealed class CounterTests
{
    private static JsonObject Choice() => new()
    {
        ["serveG"] = 40,
        ["marinateMinutes"] = 60,
        ["place"] = "fridge",
        ["container"] = "bareAluminium",
        ["garnish"] = false,
        ["heads"] = 2,
        ["portionG"] = 120,
    };

    private static string[] Topics(JsonNode prep, string level) =>
        [.. prep["bowls"]![0]!["judgements"]!.AsArray().Where(said => (string)said!["level"]! == level).Select(said => (string)said!["topic"]!)];

    [Fact]
    public async Task A_glaze_is_followed_through_tonights_oven()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["ovenSetting"]!["value"] = 250;
        await kitchen.SaveTray(plan);
        await kitchen.Coat("""[{ "kind": "glaze", "mix": "mustard-honey" }]""");
        JsonNode prep = await kitchen.Get("/api/prep");
        JsonNode burn = prep["bowls"]![0]!["burn"]!;
        Assert.Contains((string)burn["fromStart"]!, new HashSet<string> { "deep", "burnt" });
        Assert.Equal((int)(await kitchen.Get("/api/tray"))["answer"]!["forecast"]!["lots"]![0]!["outMinutes"]!, (int)burn["outMinutes"]!);
        Assert.Contains("burning", Topics(prep, (string)burn["fromStart"]! == "burnt" ? "warn" : "note"));
    }

    [Fact]
    public async Task Crumb_over_skin_and_a_marinade_in_aluminium_are_warned_of()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        await kitchen.Coat("""[{ "kind": "crumbOverEgg", "mix": "egg-crumb" }]""");
        (_, JsonNode? prep) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        Assert.Contains("skin", Topics(prep!, "warn"));
        Assert.Equal(0, (double)prep!["bowls"]![0]!["servedG"]!);
        Assert.Null(prep["bowls"]![0]!["marinade"]);
        await kitchen.Coat("""[{ "kind": "wetMarinade", "mix": "lime-soy" }]""");
        Assert.Contains("container", Topics(await kitchen.Get("/api/prep"), "warn"));
    }

    [Fact]
    public async Task A_tray_of_vegetables_only_is_cut_and_has_nothing_raw()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.Supper();
        plan["chicken"] = new JsonArray();
        await kitchen.SaveTray(plan);
        (int status, JsonNode? prep) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        Assert.Equal(200, status);
        Assert.Null(prep!["portions"]);
        Assert.Empty(prep["bowls"]!.AsArray());
        Assert.Equal(2, prep["cutting"]!.AsArray().Count);
        Assert.DoesNotContain(prep["order"]!.AsArray(), step => (string)step!["touches"]! == "raw");
        Assert.True((double)prep["vegetableMlPerHead"]! > 0);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/prep/1/marinade")).Status);
    }

    [Fact]
    public async Task Each_tray_keeps_its_own_choice_and_a_copy_starts_afresh()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        await kitchen.Coat("""[{ "kind": "dryRub", "mix": "harvest-rub" }]""");
        await kitchen.Send(HttpMethod.Post, "/api/trays/1/duplicate");
        JsonNode copy = await kitchen.Get("/api/prep");
        Assert.Equal(4, (int)copy["choice"]!["heads"]!);
        Assert.Equal("harvest-rub", (string)copy["bowls"]![0]!["id"]!);
        kitchen.Clock.Advance(TimeSpan.FromSeconds(1));
        await kitchen.Send(HttpMethod.Post, "/api/trays/1/open");
        Assert.Equal(2, (int)(await kitchen.Get("/api/prep"))["choice"]!["heads"]!);
    }

    [Fact]
    public async Task A_recipe_for_more_than_one_tray_gets_a_second_and_for_more_than_two_is_refused()
    {
        await using var kitchen = new Kitchen();
        string Recipe(string chicken, string potatoes) => $"Big supper\nIngredients\n{chicken}\n{potatoes}\nMethod\nBake at 200 °C for 40 minutes.";
        (int status, _) = await kitchen.Send(HttpMethod.Post, "/api/recipes/use", new JsonObject { ["text"] = Recipe("14 chicken thighs", "2.2 kg potatoes") });
        Assert.Equal(200, status);
        JsonNode plan = (await kitchen.Get("/api/tray"))["plan"]!;
        Assert.Equal(2, plan["vessels"]!.AsArray().Count);
        Assert.Equal(1, (int)plan["vegetables"]![0]!["vessel"]!);

        (status, JsonNode? problem) = await kitchen.Send(HttpMethod.Post, "/api/recipes/use", new JsonObject { ["text"] = Recipe("24 chicken leg quarters", "4 kg potatoes") });
        Assert.Equal(400, status);
        Assert.Contains("holds", (string)problem!["errors"]!["vessels"]![0]!, StringComparison.Ordinal);
        Assert.Single((await kitchen.Get("/api/trays"))["trays"]!.AsArray());
    }

    [Fact]
    public async Task Open_pages_hear_of_the_counter_and_of_marinades()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        await using OpenPage page = await OpenPage.On(kitchen);
        await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        await kitchen.Coat("""[{ "kind": "wetMarinade", "mix": "lemon-garlic" }]""");
        await kitchen.Send(HttpMethod.Post, "/api/prep/1/marinade");
        Assert.Equal(["prep", "tray", "marinades"], await page.Hear(3));
    }
}
