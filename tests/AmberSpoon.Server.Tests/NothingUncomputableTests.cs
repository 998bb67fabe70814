using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>Nothing is stored from which the next answer cannot be computed and sent.</summary>
public sealed class NothingUncomputableTests
{
    [Fact]
    public async Task A_cool_oven_that_is_turned_up_late_is_answered_or_refused_and_never_breaks_the_next_page()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        JsonNode lot = plan["chicken"]![0]!;
        lot["cut"] = "boneInBreast";
        lot["sizes"] = JsonNode.Parse("""{"basis":"piece","count":1,"mass":{"value":1500,"unit":"gram"},"spreadPercent":0,"each":[]}""");
        lot["height"] = null;
        plan["targetCore"]!["value"] = 95;
        plan["ovenSetting"]!["value"] = 120;
        plan["steps"] = JsonNode.Parse("""[{"kind":"lower","atMinutes":20,"setting":{"value":230,"unit":"celsius"}}]""");
        foreach ((double massG, string cut) in ((double, string)[])[(1500, "boneInBreast"), (1500, "bonelessBreast"), (700, "boneInBreast"), (600, "legQuarter")])
        {
            lot["cut"] = cut;
            lot["sizes"]!["mass"]!["value"] = massG;
            (int status, JsonNode? answer) = await kitchen.SaveTray(plan);
            Assert.True(status is 200 or 400, answer?.ToJsonString());
            JsonNode tray = await kitchen.Get("/api/tray");
            Assert.NotNull(tray["plan"]);
        }

        await kitchen.Restart();
        Assert.NotNull((await kitchen.Get("/api/tray"))["plan"]);
    }

    [Theory]
    [InlineData("recipeMeat", """{"value":5e-324,"unit":"gram"}""", "recipeMeat.value")]
    [InlineData("recipeMeat", """{"value":19,"unit":"gram"}""", "recipeMeat.value")]
    [InlineData("packs", """[{"cut":"boneInThigh","mass":{"value":1e-30,"unit":"gram"},"count":6,"price":7}]""", "packs[0].mass.value")]
    [InlineData("packs", """[{"cut":"boneInThigh","mass":{"value":19,"unit":"gram"},"count":6,"price":7}]""", "packs[0].mass.value")]
    [InlineData("packs", "[null]", "packs[0]")]
    public async Task Tiny_masses_and_empty_rows_at_the_counter_are_refused(string field, string json, string named)
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        JsonObject choice = JsonNode.Parse("""{"serveG":0,"marinateMinutes":0,"place":"fridge","container":"bag","frozen":null,"garnish":false,"heads":4,"portionG":160,"packs":[],"bird":null,"recipeMeat":null}""")!.AsObject();
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", raw: Kitchen.With(choice, field, json));
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![named]);
        Assert.NotNull((await kitchen.Get("/api/prep"))["order"]);
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, "/api/prep/1", raw: Kitchen.With(choice, "recipeMeat", """{"value":20,"unit":"gram"}"""))).Status);
    }

    [Theory]
    [InlineData("[null]", "parts[0]")]
    [InlineData("""[{"name":"salt","value":5e-324,"unit":"gram"}]""", "parts[0].value")]
    [InlineData("""[{"name":"salt","value":0.0009,"unit":"gram"}]""", "parts[0].value")]
    public async Task Empty_rows_and_nothing_of_an_ingredient_are_refused_in_a_mix(string parts, string named)
    {
        await using var kitchen = new Kitchen();
        JsonObject mix = JsonNode.Parse("""{"name":"Rub","kind":"dryRub","per":"kilogramOfMeat","parts":[],"method":""}""")!.AsObject();
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Post, "/api/mixes", raw: Kitchen.With(mix, "parts", parts));
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![named]);
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Post, "/api/mixes", raw: Kitchen.With(mix, "parts", """[{"name":"salt","value":0.001,"unit":"gram"}]"""))).Status);
    }

    [Theory]
    [InlineData("chicken")]
    [InlineData("vegetables")]
    [InlineData("steps")]
    [InlineData("vessels")]
    [InlineData("spots")]
    public async Task An_empty_row_of_a_plan_is_refused(string list)
    {
        await using var kitchen = new Kitchen();
        (int status, _) = await kitchen.Send(HttpMethod.Post, "/api/forecast", raw: Kitchen.With(Kitchen.Supper(), list, "[null]"));
        Assert.Equal(400, status);
    }

    [Fact]
    public async Task Half_a_character_is_refused_wherever_it_is_typed()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        string named = Kitchen.With(Kitchen.GoodPlan(), "name", "\"Thighs \\ud83c\"");
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Put, "/api/trays/1", raw: named)).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/recipes/read", raw: "{\"text\":\"Thighs \\ud83c\\n6 thighs\"}")).Status);
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Post, "/api/recipes/read", raw: "{\"text\":\"Thighs \\ud83c\\udf57\\nServes ４\\n6 thighs\\nBake for ٣٠ min\"}")).Status);
        Assert.Equal("Thighs", (string?)(await kitchen.Get("/api/tray"))["plan"]!["name"]);
    }

    /// <summary>Refused by what it would cost before it costs anything: as many steps as there must be at least, times its cells.</summary>
    [Fact]
    public async Task More_work_than_is_allowed_is_refused_at_once()
    {
        await using var kitchen = new Kitchen();
        const string body = """
            {"shape":{"kind":"brick","sidesMm":[400,400,400]},"material":{"conductivityWPerMK":0.5,"densityKgPerM3":1060,"specificHeatJPerKgK":3500},"initialC":5,
             "stages":[{"minutes":1440,"airC":180,"convectionWPerM2K":20,"emissivity":0.9,"evaporationFactor":0}],"cellMm":6.5,"sampleMinutes":[1]}
            """;
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Post, "/api/heat/solve", raw: body);
        Assert.Equal(400, status);
        Assert.Contains("too long to compute", (string?)problem!["errors"]!["cellMm"]![0], StringComparison.Ordinal);
    }
}
