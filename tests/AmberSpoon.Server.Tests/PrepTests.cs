using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Xunit;

namespace AmberSpoon.Server.Tests;

public sealed class PrepTests
{
    private static JsonObject Choice() => JsonNode.Parse("""
        {
          "serveG": 60, "marinateMinutes": 120, "place": "fridge", "container": "bag", "frozen": null,
          "garnish": false, "heads": 3, "portionG": 130,
          "recipeMeat": null, "packs": [{ "cut": "boneInThigh", "mass": { "value": 990, "unit": "gram" }, "count": 6, "price": 6.93 }], "bird": null
        }
        """)!.AsObject();

    private static readonly string[] Spoons = ["teaspoon", "tablespoon", "cup", "piece"];

    private static async Task<Kitchen> WithSupper()
    {
        var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        await kitchen.Coat("""[{ "kind": "wetMarinade", "when": "before", "mix": "lemon-garlic" }]""");
        return kitchen;
    }

    private static string[] Keys(JsonNode prep) => [.. prep["order"]!.AsArray().Select(step => (string)step!["key"]!)];

    [Fact]
    public async Task A_mix_is_scaled_judged_and_ordered_for_this_tray()
    {
        await using Kitchen kitchen = await WithSupper();
        (int status, JsonNode? prep) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        Assert.Equal(200, status);
        Assert.Equal(990, (double)prep!["meat"]!["massG"]!, 1);
        Assert.InRange((double)prep["meat"]!["surfaceDm2"]!, 8, 16);
        Assert.Equal(60, (double)prep["bowls"]![0]!["servedG"]!);
        Assert.InRange((double)prep["bowls"]![0]!["scaled"]!["saltPercent"]!["rounded"]!, 1.0, 1.5);
        Assert.Equal(["fresh-lemon-garlic", "stir-lemon-garlic", "aside-lemon-garlic", "unwrap-first", "trim-first", "into-1-0", "wash-1"], Keys(prep).Skip(1).Take(7));
        Assert.Equal([2, 3], prep["cutting"]!.AsArray().Select(item => (int)item!["lot"]!));
        Assert.Equal(9.66, (double)prep["portions"]!["costPerEdibleKg"]!, 0.01);
        Assert.Equal("fine", (string)prep["lots"]![0]!["salt"]!["level"]!);
        Assert.Equal("Lemon and garlic", (string)prep["lots"]![0]!["coats"]![0]!["name"]!);
        DateTimeOffset[] at = [.. prep["order"]!.AsArray().Select(step => (DateTimeOffset)step!["at"]!)];
        Assert.Equal(at.Order(), at);
        Assert.All(["Amounts", "Salt", "Portions"], title => Assert.Contains(prep["why"]!.AsArray(), reason => (string)reason!["title"]! == title && ((string)reason["source"]!).Length > 0));
        Assert.True(JsonNode.DeepEquals(prep["choice"], (await kitchen.Get("/api/prep"))["choice"]));
    }

    [Fact]
    public async Task Ticks_stay_through_a_restart_and_a_change_and_can_be_cleared()
    {
        await using Kitchen kitchen = await WithSupper();
        await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        await kitchen.Send(HttpMethod.Post, "/api/prep/1/ticks", JsonNode.Parse("""{ "key": "begin", "done": true }"""));
        await kitchen.Send(HttpMethod.Post, "/api/prep/1/ticks", JsonNode.Parse("""{ "key": "stir-lemon-garlic", "done": true }"""));
        await kitchen.Send(HttpMethod.Post, "/api/prep/1/ticks", JsonNode.Parse("""{ "key": "begin", "done": false }"""));
        await kitchen.Restart();
        JsonObject choice = Choice();
        choice["heads"] = 5;
        (_, JsonNode? prep) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", choice);
        Assert.Equal(["stir-lemon-garlic"], prep!["choice"]!["done"]!.AsArray().Select(key => (string)key!));
        (_, prep) = await kitchen.Send(HttpMethod.Delete, "/api/prep/1/ticks");
        Assert.Empty(prep!["choice"]!["done"]!.AsArray());
    }

    [Fact]
    public async Task Ticks_set_at_once_by_many_hands_all_stay()
    {
        await using Kitchen kitchen = await WithSupper();
        await Task.WhenAll(Enumerable.Range(0, 12).Select(i =>
            kitchen.Send(HttpMethod.Post, "/api/prep/1/ticks", new JsonObject { ["key"] = $"step-{i}", ["done"] = true })));
        Assert.Equal(12, (await kitchen.Get("/api/prep"))["choice"]!["done"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_running_marinade_survives_a_restart_is_turned_once_and_ends()
    {
        await using Kitchen kitchen = await WithSupper();
        await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        (int status, JsonNode? started) = await kitchen.Send(HttpMethod.Post, "/api/prep/1/marinade");
        Assert.Equal(200, status);
        JsonNode running = Assert.Single(started!["running"]!.AsArray())!;
        Assert.Equal(("Thighs", "Lemon and garlic"), ((string)running["trayName"]!, (string)running["mixName"]!));
        DateTimeOffset now = kitchen.Clock.GetUtcNow();
        Assert.Equal(now.AddHours(1), (DateTimeOffset)running["times"]!["turnAt"]!);
        Assert.Equal(now.AddHours(2), (DateTimeOffset)running["times"]!["readyAt"]!);
        Assert.Equal(now.AddHours(4), (DateTimeOffset)running["times"]!["latestAt"]!);

        await kitchen.Restart();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(61));
        int id = (int)running["id"]!;
        (_, JsonNode? turned) = await kitchen.Send(HttpMethod.Post, $"/api/marinades/{id}/turned");
        DateTimeOffset turnedAt = (DateTimeOffset)turned!["running"]![0]!["turnedAt"]!;
        kitchen.Clock.Advance(TimeSpan.FromMinutes(5));
        (_, turned) = await kitchen.Send(HttpMethod.Post, $"/api/marinades/{id}/turned");
        Assert.Equal(turnedAt, (DateTimeOffset)turned!["running"]![0]!["turnedAt"]!);
        await kitchen.Send(HttpMethod.Post, $"/api/marinades/{id}/ended");
        Assert.Empty((await kitchen.Get("/api/marinades"))["running"]!.AsArray());
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Post, "/api/marinades/99/ended")).Status);
    }

    [Fact]
    public async Task Nothing_marinates_without_a_marinade_or_without_meat()
    {
        await using Kitchen kitchen = await WithSupper();
        await kitchen.Coat("[]");
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Post, "/api/prep/1/marinade");
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["mix"]);
        Assert.Empty((await kitchen.Get("/api/marinades"))["running"]!.AsArray());
    }

    [Fact]
    public async Task Coats_chosen_at_the_counter_are_on_the_tray_and_undone_there()
    {
        await using Kitchen kitchen = await WithSupper();
        await kitchen.Coat("""[{ "kind": "dryRub", "mix": "salt-only" }, { "kind": "glaze", "when": "atMinute", "atMinutes": 25, "mix": "apricot" }]""");
        JsonNode tray = await kitchen.Get("/api/tray");
        Assert.Equal("dryRub", (string)tray["plan"]!["chicken"]![0]!["coating"]!);
        Assert.Equal((1, 25, "Brush “Apricot glaze” on the thighs"), ((int)tray["answer"]!["coatSteps"]![0]!["coats"]![0]!["index"]!, (int)tray["answer"]!["coatSteps"]![0]!["atMinutes"]!, (string)tray["answer"]!["coatSteps"]![0]!["title"]!));
        JsonNode prep = await kitchen.Get("/api/prep");
        Assert.Equal(["salt-only", "apricot"], prep["bowls"]!.AsArray().Select(bowl => (string)bowl!["id"]!));
        Assert.Equal("at minute 25 on the thighs", (string)prep["bowls"]![1]!["for"]!);
        Assert.Contains(prep["bowls"]![1]!["judgements"]!.AsArray(), said => ((string)said!["sentence"]!).Contains("On at minute 25", StringComparison.Ordinal));
        await kitchen.Send(HttpMethod.Post, "/api/trays/1/undo");
        Assert.Equal("wetMarinade", (string)(await kitchen.Get("/api/tray"))["plan"]!["chicken"]![0]!["coating"]!);
    }

    [Theory]
    [InlineData("""[{ "kind": "crumb" }]""", "coats[0].kind", "Nothing holds this crumb")]
    [InlineData("""[{ "kind": "juiceSauce", "when": "atMinute", "atMinutes": 20 }]""", "coats[0].atMinutes", "no juices")]
    [InlineData("""[{ "kind": "glaze", "when": "atMinute", "atMinutes": 500 }]""", "coats[0].atMinutes", "1 to 240")]
    [InlineData("""[{ "kind": "glaze" }, { "kind": "tar" }]""", "coats[1].kind", "")]
    [InlineData("""[{ "kind": "wetMarinade", "when": "before", "soakMinutes": 5 }]""", "coats[0].soakMinutes", "10 min to 48 h")]
    [InlineData("""[null]""", "coats[0].kind", "Choose")]
    [InlineData("null", "coats", "")]
    public async Task A_stack_that_cannot_be_is_refused_at_its_field_and_nothing_is_lost(string coats, string field, string sentence)
    {
        await using Kitchen kitchen = await WithSupper();
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Put, "/api/trays/1/coats", raw: $$"""{ "lots": null, "coats": {{coats}} }""");
        Assert.Equal(400, status);
        if (field != "coats[1].kind")
        {
            Assert.Contains(sentence, (string)problem!["errors"]![field]![0]!, StringComparison.Ordinal);
        }

        Assert.Equal("lemon-garlic", (string)(await kitchen.Get("/api/prep"))["bowls"]![0]!["id"]!);
        Assert.NotNull((await kitchen.Get("/api/tray"))["answer"]);
    }

    [Fact]
    public async Task Forty_coats_are_too_many_and_a_lot_that_is_gone_is_said()
    {
        await using Kitchen kitchen = await WithSupper();
        string forty = string.Join(", ", Enumerable.Repeat("""{ "kind": "glaze" }""", 40));
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Put, "/api/trays/1/coats", raw: $$"""{ "coats": [{{forty}}] }""");
        Assert.Equal(400, status);
        Assert.Contains("Up to 8 coats", (string)problem!["errors"]!["coats"]![0]!, StringComparison.Ordinal);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Put, "/api/trays/1/coats", raw: """{ "lots": [77], "coats": [] }""")).Status);
        JsonObject tray = Kitchen.Supper();
        tray["chicken"]![0]!["coats"] = JsonNode.Parse($"[{forty}]");
        (status, problem) = await kitchen.Send(HttpMethod.Put, "/api/trays/1", tray);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["chicken[0].coats"]);
    }

    /// <summary>What leaves when it is done is gone by then.</summary>
    [Fact]
    public async Task A_coat_after_the_food_left_is_refused_where_it_is_written()
    {
        await using var kitchen = new Kitchen();
        JsonObject tray = Kitchen.Supper();
        tray["chicken"]![0]!["leavesWhenDone"] = true;
        tray["chicken"]![0]!["coats"] = JsonNode.Parse("""[{ "kind": "glaze", "when": "atMinute", "atMinutes": 100 }]""");
        (int status, JsonNode? problem) = await kitchen.SaveTray(tray);
        Assert.Equal(400, status);
        Assert.Contains("out by minute", (string)problem!["errors"]!["chicken[0].coats[0].atMinutes"]![0]!, StringComparison.Ordinal);
    }

    private static void AsStoredBefore(string file)
    {
        using var old = new SqliteConnection($"Data Source={file};Pooling=False");
        old.Open();
        using SqliteCommand command = old.CreateCommand();
        command.CommandText = """
            UPDATE "Preps" SET "Choice" = json_set("Choice", '$.mix', 'harvest-rub');
            UPDATE "Trays" SET "Plan" = json_remove("Plan", '$.chicken[0].coats');
            """;
        command.ExecuteNonQuery();
    }

    /// <summary>A file from when one mix was chosen at the counter for a whole tray, and lots named one coating.</summary>
    [Fact]
    public async Task The_mix_of_an_old_tray_moves_into_its_coats_once()
    {
        await using var kitchen = new Kitchen();
        JsonObject tray = Kitchen.Supper();
        tray["chicken"]![0]!["coating"] = "dryRub";
        await kitchen.SaveTray(tray);
        await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        double ready = (double)(await kitchen.Get("/api/tray"))["answer"]!["forecast"]!["lots"]![0]!["ready"]!["medianMinutes"]!;
        await kitchen.Restart(AsStoredBefore);
        JsonNode moved = (await kitchen.Get("/api/tray"))["plan"]!["chicken"]![0]!["coats"]![0]!;
        Assert.Equal(("dryRub", "before", "harvest-rub", 120), ((string)moved["kind"]!, (string)moved["when"]!, (string)moved["mix"]!, (int)moved["soakMinutes"]!));
        Assert.Equal(ready, (double)(await kitchen.Get("/api/tray"))["answer"]!["forecast"]!["lots"]![0]!["ready"]!["medianMinutes"]!, 1e-9);
        Assert.Null((await kitchen.Get("/api/prep"))["choice"]!["mix"]);
        await kitchen.Coat("[]");
        await kitchen.Restart();
        Assert.Empty((await kitchen.Get("/api/tray"))["plan"]!["chicken"]![0]!["coats"]!.AsArray());
    }

    [Fact]
    public async Task Frozen_meat_thaws_first_and_a_bird_is_held_against_packs()
    {
        await using Kitchen kitchen = await WithSupper();
        JsonObject choice = Choice();
        choice["frozen"] = JsonNode.Parse("""{ "value": 45, "unit": "millimetre" }""");
        choice["bird"] = JsonNode.Parse("""{ "mass": { "value": 1.8, "unit": "kilogram" }, "price": 9 }""");
        (_, JsonNode? prep) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", choice);
        Assert.InRange((int)prep!["thaw"]!["minutes"]!, 18 * 60, 36 * 60);
        Assert.Equal((DateTimeOffset)prep["thaw"]!["thawedAt"]!, (DateTimeOffset)prep["bowls"]![0]!["marinade"]!["times"]!["startedAt"]!);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/prep/1/marinade")).Status);
        Assert.Contains("cutting up the bird is cheaper", (string)prep["bird"]!["sentence"]!, StringComparison.Ordinal);
    }

    [Fact]
    public async Task Mixes_are_written_changed_used_and_thrown_away()
    {
        await using Kitchen kitchen = await WithSupper();
        JsonNode mix = JsonNode.Parse("""
            { "name": "House rub", "kind": "dryRub", "per": "kilogramOfMeat", "method": "Rub in.",
              "parts": [{ "name": "fine salt", "value": 12, "unit": "gram" }, { "name": "Paprika", "value": 1, "unit": "tablespoon" }, { "name": "lake dust", "value": 1, "unit": "teaspoon" }] }
            """)!;
        (int status, JsonNode? added) = await kitchen.Send(HttpMethod.Post, "/api/mixes", mix);
        Assert.Equal(200, status);
        Assert.Equal(["fineSalt", "paprika", null], added!["mix"]!["parts"]!.AsArray().Select(part => (string?)part!["ingredient"]));
        await kitchen.Coat($$"""[{ "kind": "dryRub", "mix": "{{(string)added["id"]!}}" }]""");
        JsonNode prep = await kitchen.Get("/api/prep");
        Assert.Equal("House rub", (string)prep["bowls"]![0]!["mix"]!["name"]!);
        Assert.Contains("lake dust", (string)prep["lots"]![0]!["salt"]!["sentence"]!, StringComparison.Ordinal);
        Assert.Equal((string)added["id"]!, (string)prep["mixes"]![0]!["id"]!);

        mix["name"] = "House rub, milder";
        mix["parts"]![0]!["value"] = 8;
        await kitchen.Send(HttpMethod.Put, "/api/mixes/1", mix);
        prep = await kitchen.Get("/api/prep");
        Assert.Equal(0.8, (double)prep["bowls"]![0]!["scaled"]!["saltPercent"]!["exact"]!, 0.01);
        Assert.Equal(204, (await kitchen.Send(HttpMethod.Delete, "/api/mixes/1")).Status);
        Assert.Empty((await kitchen.Get("/api/prep"))["bowls"]!.AsArray());
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Delete, "/api/mixes/1")).Status);
    }

    [Fact]
    public async Task Spoons_change_what_is_measured_and_not_what_is_meant()
    {
        await using Kitchen kitchen = await WithSupper();
        await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        (_, JsonNode? prep) = await kitchen.Send(HttpMethod.Put, "/api/prep/measures", JsonNode.Parse("""{ "spoons": "unitedStates", "scale": null, "hasJug": false }"""));
        Assert.All(
            prep!["bowls"]![0]!["scaled"]!["parts"]!.AsArray().SelectMany(part => part!["take"]!.AsArray()),
            take => Assert.Contains((string)take!["unit"]!, Spoons));
        await kitchen.Restart();
        Assert.Equal("unitedStates", (string)(await kitchen.Get("/api/prep"))["measures"]!["spoons"]!);
    }

    [Fact]
    public async Task A_recipe_on_paper_is_multiplied_and_not_doubled_by_eye()
    {
        await using Kitchen kitchen = await WithSupper();
        JsonObject choice = Choice();
        choice["recipeMeat"] = JsonNode.Parse("""{ "value": 0.55, "unit": "kilogram" }""");
        (_, JsonNode? prep) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", choice);
        Assert.Equal(1.8, (double)prep!["recipeFactor"]!, 0.001);
    }

    [Fact]
    public async Task AmountsThatAreAskedInEitherUnitAreRefusedInBoth()
    {
        await using Kitchen kitchen = await WithSupper();
        JsonObject choice = Choice();
        choice["portionG"] = 1;
        choice["serveG"] = 1e9;
        (_, JsonNode? refused) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", choice);
        Assert.Matches(@"^A portion is \d+ g \([\d.]+ oz\) to \d+ g \([\w .]+ oz\) of cooked meat\.$", (string)refused!["errors"]!["portionG"]![0]!);
        Assert.Matches(@"^Set up to [\d.]+ k?g \([\w .]+\) aside for the table, or none\.$", (string)refused["errors"]!["serveG"]![0]!);
    }

    /// <summary>Where it is, what is written there, and the field that is named.</summary>
    private static readonly (string Path, string Json, string Field)[] WrongFields =
    [
        ("recipeMeat", "{ \"value\": 0, \"unit\": \"gram\" }", "recipeMeat.value"),
        ("serveG", "-1", "serveG"),
        ("serveG", "1e9", "serveG"),
        ("marinateMinutes", "5", "marinateMinutes"),
        ("marinateMinutes", "100000", "marinateMinutes"),
        ("marinateMinutes", "\"long\"", "marinateMinutes"),
        ("place", "\"garden\"", "place"),
        ("place", "\"counter\"", "marinateMinutes"),
        ("container", "null", "container"),
        ("frozen", "{ \"value\": 900, \"unit\": \"millimetre\" }", "frozen.value"),
        ("heads", "0", "heads"),
        ("portionG", "-130", "portionG"),
        ("packs[0].price", "-1", "packs[0].price"),
        ("packs[0].mass.value", "0", "packs[0].mass.value"),
        ("packs[0].cut", "\"goose\"", "packs[0].cut"),
        ("bird", "{ \"mass\": { \"value\": 1, \"unit\": \"gram\" }, \"price\": 5 }", "bird.mass.value"),
        ("bird", "{ \"mass\": { \"value\": 1800, \"unit\": \"gram\" }, \"price\": -5 }", "bird.price"),
    ];

    private static readonly (string Path, string Json, string Field)[] WrongMixes =
    [
        ("name", "\"\"", "name"),
        ("kind", "\"soup\"", "kind"),
        ("per", "null", "per"),
        ("parts", "[]", "parts"),
        ("parts[0].value", "-12", "parts[0].value"),
        ("parts[0].value", "5000", "parts[0].value"),
        ("parts[0].name", "\"\"", "parts[0].name"),
        ("parts[0].unit", "\"bucket\"", "parts[0].unit"),
    ];

    [Fact]
    public async Task A_wrong_field_is_named_and_nothing_changes()
    {
        await using Kitchen kitchen = await WithSupper();
        await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice());
        JsonNode before = await kitchen.Get("/api/prep");
        foreach ((string path, string json, string field) in WrongFields)
        {
            await IsRefused(kitchen, HttpMethod.Put, "/api/prep/1", Kitchen.With(Choice(), path, json), field);
        }

        Assert.True(JsonNode.DeepEquals(before["choice"], (await kitchen.Get("/api/prep"))["choice"]));
    }

    [Fact]
    public async Task A_wrong_mix_is_refused()
    {
        await using var kitchen = new Kitchen();
        JsonObject mix = JsonNode.Parse("""{ "name": "Rub", "kind": "dryRub", "per": "kilogramOfMeat", "method": "", "parts": [{ "name": "salt", "value": 12, "unit": "gram" }] }""")!.AsObject();
        foreach ((string path, string json, string field) in WrongMixes)
        {
            await IsRefused(kitchen, HttpMethod.Post, "/api/mixes", Kitchen.With(mix, path, json), field);
        }

        Assert.DoesNotContain((await kitchen.Get("/api/prep"))["mixes"]!.AsArray(), listed => (bool)listed!["isOwn"]!);
    }

    private static async Task IsRefused(Kitchen kitchen, HttpMethod method, string path, string body, string field)
    {
        (int status, JsonNode? problem) = await kitchen.Send(method, path, raw: body);
        Assert.True(status == 400 && problem!["errors"]![field] is not null, $"{body} gave {status}: {problem?.ToJsonString()}");
    }

    [Fact]
    public async Task An_empty_kitchen_has_a_prep_too()
    {
        await using var kitchen = new Kitchen();
        JsonNode prep = await kitchen.Get("/api/prep");
        Assert.Null(prep["portions"]);
        Assert.Equal(0, (double)prep["meat"]!["massG"]!);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Put, "/api/prep/99", Choice())).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/prep/1/ticks", JsonNode.Parse("{}"))).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Put, "/api/prep/measures", JsonNode.Parse("""{ "spoons": null }"""))).Status);
    }
}
