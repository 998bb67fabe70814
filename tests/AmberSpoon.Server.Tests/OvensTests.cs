using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>What a household knows of its ovens, and what a tray makes of it.</summary>
public sealed class OvensTests
{
    private const string Little = """
        { "name": "Little oven", "air": "fan", "hasGrill": false, "shelves": 1, "preheatMinutes": 8,
          "lowest": { "value": 100, "unit": "celsius" }, "highest": { "value": 230, "unit": "celsius" },
          "width": { "value": 350, "unit": "millimetre" }, "depth": { "value": 320, "unit": "millimetre" },
          "runsHotBy": { "value": -20, "unit": "celsius" } }
        """;

    private static async Task<JsonNode> Saved(Kitchen kitchen, JsonObject plan)
    {
        (int status, JsonNode? tray) = await kitchen.SaveTray(plan);
        Assert.True(status == 200, tray?.ToJsonString());
        return tray!;
    }

    private static JsonObject In(string oven)
    {
        JsonObject plan = Kitchen.Supper();
        plan["oven"] = JsonNode.Parse(oven);
        plan["vessels"]![0]!["kind"] = "dish";
        return plan;
    }

    [Fact]
    public async Task An_oven_known_to_run_cool_bakes_longer_and_is_on_as_early_as_it_needs()
    {
        await using var kitchen = new Kitchen();
        JsonObject ordinary = In("""{ "name": "Oven", "air": "still" }""");
        JsonObject cool = In(Little);
        JsonNode before = (await Saved(kitchen, ordinary))["answer"]!;
        JsonNode tray = await Saved(kitchen, cool);
        JsonNode after = tray["answer"]!;
        Assert.InRange((double)after["forecast"]!["toTarget"]!["medianMinutes"]! / (double)before["forecast"]!["toTarget"]!["medianMinutes"]!, 1.07, 1.3);
        Assert.Equal(15, Preheat(before), 0.1);
        Assert.Equal(8, Preheat(after), 0.1);
        Assert.Equal("Little oven", (string)tray["plan"]!["oven"]!["name"]!);
        Assert.Equal(-20, (double)tray["plan"]!["oven"]!["runsHotBy"]!["value"]!);

        static double Preheat(JsonNode answer) => ((DateTimeOffset)answer["timing"]!["inAt"]! - (DateTimeOffset)answer["timing"]!["ovenOnAt"]!).TotalMinutes;
    }

    [Theory]
    [InlineData("ovenSetting", """{ "value": 235, "unit": "celsius" }""", "ovenSetting.value", "The Little oven goes up to 230 °C.")]
    [InlineData("ovenSetting", """{ "value": 200, "unit": "fahrenheit" }""", "ovenSetting.value", "The Little oven goes down to 212 °F.")]
    [InlineData("ovenMode", "\"grill\"", "ovenMode", "has no grill")]
    [InlineData("steps", """[{ "kind": "grill", "atMinutes": 20, "forMinutes": 3 }]""", "steps[0].kind", "has no grill")]
    [InlineData("steps", """[{ "kind": "lower", "atMinutes": 20, "setting": { "value": 240, "unit": "celsius" } }]""", "steps[0].setting.value", "goes up to 230")]
    [InlineData("vessels", """[{ "kind": "halfSheet", "rack": false, "parchment": false, "waterMl": 0 }]""", "vessels[0].kind", "bigger than a shelf of the Little oven")]
    [InlineData("vessels", """[{ "kind": "custom", "width": { "value": 14, "unit": "inch" }, "depth": { "value": 10, "unit": "inch" }, "rack": false, "parchment": false, "waterMl": 0 }]""", "vessels[0].width.value", "bigger than a shelf")]
    [InlineData("vessels", """[{ "kind": "dish", "rack": false, "parchment": false, "waterMl": 0 }, { "kind": "dish", "rack": false, "parchment": false, "waterMl": 0 }]""", "vessels", "one tray at a time")]
    [InlineData("oven", """{ "name": "", "air": "fan" }""", "oven.name", "Give the oven a name")]
    [InlineData("oven", """{ "name": "X", "air": "fan", "runsHotBy": { "value": 1e300, "unit": "celsius" } }""", "oven.runsHotBy.value", "by how many degrees")]
    public async Task What_the_oven_cannot_do_is_said_at_its_field_and_the_stored_plan_stays(string field, string value, string at, string says)
    {
        await using var kitchen = new Kitchen();
        JsonNode stored = await Saved(kitchen, In(Little));
        JsonObject wrong = In(Little);
        wrong[field] = JsonNode.Parse(value);
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Put, $"/api/trays/{(int)stored["id"]!}", wrong);
        Assert.Equal(400, status);
        Assert.Contains(says, (string)problem!["errors"]![at]![0]!, StringComparison.Ordinal);
        Assert.Equal((int)stored["version"]!, (int)(await kitchen.Get("/api/tray"))["version"]!);
    }

    [Fact]
    public async Task What_just_fits_is_taken()
    {
        await using var kitchen = new Kitchen();
        JsonObject most = In(Little);
        most["ovenSetting"] = JsonNode.Parse("""{ "value": 230, "unit": "celsius" }""");

        // A dish of 330 by 230 mm stands in it turned by a quarter as well.
        most["oven"]!["width"]!["value"] = 230;
        most["oven"]!["depth"]!["value"] = 330;
        Assert.Equal("Little oven", (string)(await Saved(kitchen, most))["plan"]!["oven"]!["name"]!);
    }

    [Fact]
    public async Task A_tray_keeps_the_oven_that_the_kitchen_no_longer_has_and_new_trays_begin_in_the_usual_one()
    {
        await using var kitchen = new Kitchen();
        await Saved(kitchen, In(Little));
        JsonObject said = (await kitchen.Get("/api/kitchen"))["household"]!.AsObject();
        said.Remove("isSaid");
        said["ovens"] = JsonNode.Parse("""[{ "name": "Range", "air": "still", "preheatMinutes": 20 }]""");
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, "/api/kitchen", said)).Status);
        Assert.Equal("Little oven", (string)(await kitchen.Get("/api/tray"))["plan"]!["oven"]!["name"]!);
        (_, JsonNode? made) = await kitchen.Send(HttpMethod.Post, "/api/trays", null);
        Assert.Equal("Range", (string)made!["plan"]!["oven"]!["name"]!);
        Assert.Equal("still", (string)made["plan"]!["ovenMode"]!);
    }

    [Theory]
    [InlineData(230, 230, false)]
    [InlineData(230, 231, true)]
    public async Task The_lead_of_a_probe_is_kept_out_of_an_oven_that_is_too_hot_for_it(int limitC, int ovenC, bool isSaid)
    {
        await using var kitchen = new Kitchen();
        JsonObject said = (await kitchen.Get("/api/kitchen"))["household"]!.AsObject();
        said.Remove("isSaid");
        said["thermometer"] = "both";
        said["probeLimit"] = JsonNode.Parse($$"""{ "value": {{limitC}}, "unit": "celsius" }""");
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, "/api/kitchen", said)).Status);
        JsonObject plan = Kitchen.Supper();
        plan["ovenSetting"] = JsonNode.Parse($$"""{ "value": {{ovenC}}, "unit": "celsius" }""");
        JsonNode answer = (await Saved(kitchen, plan))["answer"]!;
        Assert.Equal(isSaid, answer["cautions"]!.AsArray().Any(caution => ((string)caution!).StartsWith("The lead of your probe stands 230 °C, and the oven goes to", StringComparison.Ordinal)));
    }

    [Fact]
    public async Task A_kitchen_from_before_ovens_had_names_keeps_its_fan()
    {
        await using var kitchen = new Kitchen();
        JsonObject said = (await kitchen.Get("/api/kitchen"))["household"]!.AsObject();
        said.Remove("isSaid");
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, "/api/kitchen", said)).Status);
        await kitchen.Restart(file =>
        {
            using var db = new SqliteConnection($"Data Source={file};Pooling=False");
            db.Open();
            using SqliteCommand command = db.CreateCommand();
            command.CommandText = """
                UPDATE "Households" SET "Household" = json_set(json_remove("Household", '$.ovens'), '$.ovenAir', 'fan');
                DELETE FROM "__EFMigrationsHistory" WHERE "MigrationId" LIKE '%OvensOfTheKitchen';
                """;
            command.ExecuteNonQuery();
        });
        JsonNode oven = Assert.Single((await kitchen.Get("/api/kitchen"))["household"]!["ovens"]!.AsArray())!;
        Assert.Equal("fan", (string)oven["air"]!);
        Assert.Equal(15, (int)oven["preheatMinutes"]!);
        Assert.Equal(3, (int)oven["shelves"]!);
    }
}
