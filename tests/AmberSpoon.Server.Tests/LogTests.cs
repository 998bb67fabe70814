using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>The log: looked up, said at table, learnt from, baked again.</summary>
public sealed class LogTests(SharedLog shared) : IClassFixture<SharedLog>
{
    private static JsonObject Plan(string name, double celsius = 204)
    {
        JsonObject plan = Kitchen.Supper();
        plan["name"] = name;
        plan["oven"] = JsonNode.Parse("""{ "name": "Oven", "air": "still" }""");
        plan["ovenSetting"]!["value"] = celsius;
        return plan;
    }

    /// <summary>Baked for 45 min and measured at 30: colder than was foretold says a cool oven.</summary>
    private static async Task<string> Baked(Kitchen kitchen, string name, double showsC)
    {
        string id = await kitchen.StartBake(Plan(name));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        await kitchen.Told(id, Kitchen.Reading(1, 1, showsC));
        if ((await kitchen.Get($"/api/bakes/{id}"))["readings"]![0]!["doubt"] is not null)
        {
            await kitchen.Told(id, new JsonObject { ["kind"] = "answer", ["reading"] = 2, ["answer"] = "inTheMiddle" });
        }

        kitchen.Clock.Advance(TimeSpan.FromMinutes(15));
        await kitchen.Finish(id);
        return id;
    }

    private static async Task<double> Foretold(Kitchen kitchen) => (double)(await kitchen.Get("/api/tray"))["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]!;

    /// <summary>Readings of food hardly tell cool air from air that gives off little heat: the log asks for the one thing that does, and uses it.</summary>
    [Fact]
    public async Task A_thermometer_in_the_oven_tells_what_readings_of_food_do_not()
    {
        await using var kitchen = new Kitchen();
        await Baked(kitchen, "First", 52);
        string asked = (string)(await kitchen.Get("/api/log/learnt"))["ovens"]![0]!["air"]!;
        Assert.Contains("a thermometer that stands in the oven does", asked, StringComparison.Ordinal);

        string id = await kitchen.StartBake(Plan("Second"));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(2));
        (int status, JsonNode? soon) = await kitchen.Tell(id, new JsonObject { ["kind"] = "air", ["value"] = 190, ["unit"] = "celsius" });
        Assert.Equal((409, "The air comes and goes after the door, the dial or the grill: look again in 2 min."), (status, (string)soon!["errors"]!["events[0].value"]![0]!));
        foreach (int airC in new[] { 190, 194 })
        {
            kitchen.Clock.Advance(TimeSpan.FromMinutes(8));
            await kitchen.Told(id, new JsonObject { ["kind"] = "air", ["value"] = airC, ["unit"] = "celsius" });
        }

        JsonNode live = await kitchen.Get($"/api/bakes/{id}");
        Assert.Equal("The oven’s air: 194 °C.", (string)live["lastDone"]!["text"]!);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        await kitchen.Finish(id);
        JsonNode oven = (await kitchen.Get("/api/log/learnt"))["ovens"]![0]!;
        Assert.Matches(@"^Its air is about \d+ °C cooler than its dial says \(±\d °C\)", (string)oven["air"]!);
    }

    [Fact]
    public async Task A_bake_makes_the_next_plan_otherwise_and_leaving_it_out_takes_that_back()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Plan("First"));
        double before = await Foretold(kitchen);
        string id = await Baked(kitchen, "First", 52);
        double after = await Foretold(kitchen);
        Assert.True(after > before + 1.5, $"{before} to {after}");
        JsonNode learnt = await kitchen.Get("/api/log/learnt");
        string sentence = (string)learnt["ovens"]![0]!["sentence"]!;
        Assert.Contains(" cool (±", sentence, StringComparison.Ordinal);
        Assert.Contains("from 1 bake:", sentence, StringComparison.Ordinal);
        Assert.True((double)learnt["ovens"]![0]!["steps"]![0]!["hotterByC"]! < -3);
        JsonNode why = (await kitchen.Get("/api/tray"))["answer"]!["why"]!;
        Assert.Contains("1 of your bakes", why[0]!.ToJsonString(), StringComparison.Ordinal);

        await kitchen.Told(id, new JsonObject { ["kind"] = "counted", ["counts"] = false });
        Assert.Equal(before, await Foretold(kitchen), 6);
        Assert.Empty((await kitchen.Get("/api/log/learnt"))["ovens"]!.AsArray());
        Assert.False((bool)(await kitchen.Get("/api/log"))["lines"]![0]!["counts"]!);

        await kitchen.Told(id, new JsonObject { ["kind"] = "counted", ["counts"] = true });
        Assert.Equal(after, await Foretold(kitchen), 6);

        // Deleted, it teaches nothing; an oven that is begun anew forgets.
        await kitchen.Send(HttpMethod.Delete, $"/api/bakes/{id}");
        Assert.Equal(before, await Foretold(kitchen), 6);
        await kitchen.Send(HttpMethod.Post, $"/api/bakes/{id}/restore");
        Assert.Equal(after, await Foretold(kitchen), 6);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(1));
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Post, "/api/log/learnt/anew", new JsonObject { ["name"] = "Oven" })).Status);
        Assert.Equal(before, await Foretold(kitchen), 6);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/log/learnt/anew", new JsonObject { ["name"] = "Stove" })).Status);
    }

    [Fact]
    public async Task Another_oven_is_another_oven()
    {
        await using var kitchen = new Kitchen();
        await Baked(kitchen, "First", 52);
        JsonObject other = Plan("Other");
        await kitchen.SaveTray(other);
        double known = await Foretold(kitchen);
        other["oven"]!["name"] = "Little oven";
        await kitchen.SaveTray(other);
        Assert.True(await Foretold(kitchen) < known - 1);
    }

    [Fact]
    public async Task What_is_said_at_table_is_kept_and_taken_back_and_the_food_stands_as_it_was_told()
    {
        await using var kitchen = new Kitchen();
        string id = await Baked(kitchen, "Thighs", 60);
        await kitchen.Told(
            id,
            new JsonObject { ["kind"] = "eaten" },
            new JsonObject { ["kind"] = "rated", ["of"] = "meat", ["rating"] = "right" },
            new JsonObject { ["kind"] = "rated", ["of"] = "vegetable", ["rating"] = "below", ["lot"] = 2 },
            new JsonObject { ["kind"] = "tasted", ["text"] = " Gone in ten minutes " },
            new JsonObject { ["kind"] = "nextTime", ["text"] = "Less salt" },
            new JsonObject { ["kind"] = "stock", ["millilitres"] = 200 },
            new JsonObject { ["kind"] = "weighed", ["lot"] = 1, ["mass"] = new JsonObject { ["value"] = 700, ["unit"] = "gram" } });
        JsonNode bake = await kitchen.Get($"/api/bakes/{id}");
        JsonNode table = bake["table"]!;
        Assert.Equal("right", (string?)Rating(table, "The meat")["value"]);
        Assert.Equal("below", (string?)Rating(table, "Potatoes")["value"]);
        Assert.Equal("too firm", (string?)Rating(table, "Potatoes")["choices"]![0]!["words"]);
        Assert.Null(Rating(table, "Dinner")["value"]);
        Assert.Equal("Gone in ten minutes", (string?)table["tasting"]![0]!["text"]);
        Assert.Equal(200, (int)table["stockMl"]!);
        Assert.Equal(700.0 / 990, (double)table["weights"]![0]!["leftShare"]!, 3);
        Assert.Contains(bake["events"]!.AsArray(), told => (string?)told!["text"] == "The potatoes: too firm.");

        int eaten = (int)bake["events"]!.AsArray().First(told => (string?)told!["kind"] == "eaten")!["seq"]!;
        Assert.Equal(200, (await kitchen.Tell(id, new JsonObject { ["kind"] = "corrected", ["event"] = eaten })).Status);
        Assert.Null((await kitchen.Get($"/api/bakes/{id}"))["table"]!["eatenAt"]);

        // Where the food was is not changed any more, and nothing new is done to it.
        int finished = (int)bake["events"]!.AsArray().First(told => (string?)told!["kind"] == "finished")!["seq"]!;
        Assert.Equal(409, (await kitchen.Tell(id, new JsonObject { ["kind"] = "corrected", ["event"] = finished })).Status);
        Assert.Equal(409, (await kitchen.Tell(id, Kitchen.Moved("worktop"))).Status);
        Assert.Equal(200, (await kitchen.Tell(id, new JsonObject { ["kind"] = "corrected", ["event"] = 2 })).Status);
        Assert.Empty((await kitchen.Get($"/api/bakes/{id}"))["readings"]!.AsArray());
        Assert.Empty((await kitchen.Get("/api/log/learnt"))["ovens"]!.AsArray());
    }

    [Theory]
    [InlineData("""{ "kind": "rated", "of": "meat" }""", "events[0].rating")]
    [InlineData("""{ "kind": "rated", "of": "vegetable", "rating": "right" }""", "events[0].lot")]
    [InlineData("""{ "kind": "rated", "of": "vegetable", "rating": "right", "lot": 1 }""", "events[0].lot")]
    [InlineData("""{ "kind": "tasted", "text": "  " }""", "events[0].text")]
    [InlineData("""{ "kind": "nextTime" }""", "events[0].text")]
    [InlineData("""{ "kind": "stock", "millilitres": 5001 }""", "events[0].millilitres")]
    [InlineData("""{ "kind": "stock", "millilitres": -1 }""", "events[0].millilitres")]
    [InlineData("""{ "kind": "weighed", "lot": 1, "mass": { "value": 1288, "unit": "gram" } }""", "events[0].mass.value")]
    [InlineData("""{ "kind": "weighed", "lot": 1, "mass": { "value": 0, "unit": "gram" } }""", "events[0].mass.value")]
    [InlineData("""{ "kind": "weighed", "lot": 9, "mass": { "value": 600, "unit": "gram" } }""", "events[0].lot")]
    [InlineData("""{ "kind": "counted" }""", "events[0].counts")]
    public async Task What_cannot_be_is_refused_at_its_field(string told, string field)
    {
        string path = $"/api/bakes/{shared.Id}";
        int before = (int)(await shared.Kitchen.Get(path))["seq"]!;
        (int status, JsonNode? problem) = await shared.Kitchen.Tell(shared.Id, JsonNode.Parse(told)!.AsObject());
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
        Assert.Equal(before, (int)(await shared.Kitchen.Get(path))["seq"]!);
    }

    [Fact]
    public async Task The_log_is_looked_up_by_words_and_by_what_was_baked()
    {
        await using var kitchen = new Kitchen();
        string thighs = await Baked(kitchen, "Paprika thighs", 60);
        await kitchen.Told(thighs, new JsonObject { ["kind"] = "nextTime", ["text"] = "More LEMON" });
        JsonObject plain = Kitchen.GoodPlan();
        plain["name"] = "Plain drumsticks";
        plain["chicken"]![0]!["cut"] = "drumstick";
        string plainId = await kitchen.StartBake(plain);
        await kitchen.Finish(plainId);

        Assert.Equal(["Plain drumsticks", "Paprika thighs"], await Names(kitchen, string.Empty));
        Assert.Equal(["Paprika thighs"], await Names(kitchen, "?words=lemon%20PAPRIKA"));
        Assert.Empty(await Names(kitchen, "?words=lemon%20drumsticks"));
        Assert.Equal(["Plain drumsticks"], await Names(kitchen, "?cut=drumstick"));
        Assert.Equal(["Paprika thighs"], await Names(kitchen, "?vegetable=potato"));
        Assert.Equal(["Paprika thighs"], await Names(kitchen, "?oven=Oven"));
        Assert.Empty(await Names(kitchen, "?verdict=serve"));
        Assert.Empty(await Names(kitchen, "?words=%25"));
        Assert.Equal(["drumstick", "boneInThigh"], (await kitchen.Get("/api/log"))["filters"]!["cuts"]!.AsArray().Select(cut => (string)cut!).OrderDescending(StringComparer.Ordinal));
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Get, "/api/log?cut=unicorn")).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Get, $"/api/log?words={new string('a', 201)}")).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Get, "/api/log?cursor=nonsense")).Status);
        await kitchen.Send(HttpMethod.Delete, $"/api/bakes/{plainId}");
        Assert.Equal(["Paprika thighs"], await Names(kitchen, string.Empty));
    }

    [Fact]
    public async Task The_same_again_is_computed_by_what_is_known_today_and_brings_up_what_was_meant_for_the_next_time()
    {
        await using var kitchen = new Kitchen();
        string id = await Baked(kitchen, "Paprika thighs", 52);
        await kitchen.Told(id, new JsonObject { ["kind"] = "nextTime", ["text"] = "Less salt" }, new JsonObject { ["kind"] = "rated", ["of"] = "meat", ["rating"] = "beyond" });
        double before = (double)(await kitchen.Get($"/api/bakes/{id}"))["forecast"]!["toTarget"]!["medianMinutes"]!;
        (int status, JsonNode? tray) = await kitchen.Send(HttpMethod.Post, $"/api/log/{id}/again");
        Assert.True(status == 200, tray?.ToJsonString());
        Assert.NotEqual(1, (int)tray!["id"]!);
        Assert.Equal("Paprika thighs", (string)tray["plan"]!["name"]!);
        Assert.True((double)tray["answer"]!["forecast"]!["toTarget"]!["medianMinutes"]! > before + 1.5);
        JsonNode last = await kitchen.Get($"/api/trays/{(int)tray["id"]!}/last-time");
        Assert.Equal("Less salt", (string)last["nextTime"]![0]!);
        string said = string.Join(' ', last["sentences"]!.AsArray());
        Assert.Contains("The meat: dry.", said, StringComparison.Ordinal);
        Assert.Contains("reckoned with what was learnt since", said, StringComparison.Ordinal);
        Assert.Equal((int)tray["id"]!, (int)(await kitchen.Get("/api/tray"))["id"]!);

        // It stays a repeat when it is changed, and an ordinary tray repeats nothing.
        JsonObject changed = Plan("Paprika thighs, hotter", 215);
        await kitchen.Send(HttpMethod.Put, $"/api/trays/{(int)tray["id"]!}", changed);
        Assert.Equal(id, (string)(await kitchen.Get($"/api/trays/{(int)tray["id"]!}/last-time"))["bake"]!);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, "/api/trays/1/last-time")).Status);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Post, $"/api/log/{Guid.NewGuid()}/again")).Status);
    }

    [Fact]
    public async Task A_bake_from_before_the_log_could_be_looked_up_is_found_after_a_restart()
    {
        await using var kitchen = new Kitchen();
        await Baked(kitchen, "Thighs", 60);
        await kitchen.Restart(file =>
        {
            using var db = new Microsoft.Data.Sqlite.SqliteConnection($"Data Source={file};Pooling=False");
            db.Open();
            using var command = db.CreateCommand();
            command.CommandText = "DELETE FROM Logged;";
            command.ExecuteNonQuery();
        });
        for (int tries = 0; tries < 100 && (await Names(kitchen, string.Empty)).Count == 0; tries++)
        {
            await Task.Delay(100, TestContext.Current.CancellationToken);
        }

        Assert.Equal(["Thighs"], await Names(kitchen, string.Empty));
        Assert.Single((await kitchen.Get("/api/log/learnt"))["ovens"]!.AsArray());
    }

    private static JsonNode Rating(JsonNode table, string subject) => table["ratings"]!.AsArray().Single(rating => (string?)rating!["subject"] == subject)!;

    private static async Task<IReadOnlyList<string>> Names(Kitchen kitchen, string query) =>
        [.. (await kitchen.Get($"/api/log{query}"))["lines"]!.AsArray().Select(line => (string)line!["name"]!)];
}
