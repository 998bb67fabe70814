using System.Text.Json.Nodes;
using Microsoft.Data.Sqlite;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>What nobody told never counts as safe, and what is stored never takes a page away.</summary>
public sealed class ForgottenTapsTests
{
    /// <summary>Thighs at once, three drumsticks for minute 15.</summary>
    private static JsonObject Late()
    {
        JsonObject plan = Kitchen.GoodPlan();
        plan["chicken"]![0]!["sizes"]!["count"] = 1;
        plan["chicken"]![0]!["sizes"]!["mass"]!["value"] = 165;
        JsonNode drumsticks = plan["chicken"]![0]!.DeepClone();
        drumsticks["id"] = 2;
        drumsticks["cut"] = "drumstick";
        drumsticks["height"] = null;
        drumsticks["sizes"] = JsonNode.Parse("""{"basis":"piece","count":3,"mass":{"value":115,"unit":"gram"},"spreadPercent":0,"each":[]}""");
        drumsticks["addAtMinutes"] = 15;
        plan["chicken"]!.AsArray().Add(drumsticks);
        return plan;
    }

    private static JsonObject Lot(string kind, int lot, DateTimeOffset? at = null) => new() { ["kind"] = kind, ["lot"] = lot, ["at"] = at?.ToString("O") };

    private static string Verdict(JsonNode bake) => (string)bake["verdict"]!["kind"]!;

    [Fact]
    public async Task A_lot_that_came_off_unmeasured_stays_in_the_verdict()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Late());
        kitchen.Clock.Advance(TimeSpan.FromMinutes(40));
        await kitchen.Told(id, Kitchen.Reading(1, 1, 84));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(2));
        JsonNode bake = await kitchen.Told(id, Kitchen.Reading(1, 1, 86), Lot("lotOut", 2));
        Assert.NotEqual("serve", Verdict(bake));
        Assert.Contains(bake["verdict"]!["measureNext"]!.AsArray(), next => (int)next!["lot"]! == 2);

        // Measured before it came off, it was in as well.
        bake = await kitchen.Told(id, Kitchen.Reading(2, 1, 60));
        Assert.NotEqual("serve", Verdict(bake));
        Assert.Equal(409, (await kitchen.Tell(id, Lot("lotNeverIn", 2))).Status);
    }

    [Fact]
    public async Task A_late_lot_that_nobody_told_in_is_measured_after_the_oven_and_believed_when_it_is_told()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Late());
        DateTimeOffset started = kitchen.Clock.GetUtcNow();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(55));
        JsonNode bake = await kitchen.Told(id, Kitchen.Event("resting"), Kitchen.Reading(2, 1, 84));
        Assert.True((bool)bake["readings"]![0]!["isBelieved"]!);
        Assert.False((bool)bake["lots"]![1]!["isTimeTold"]!);
        bake = await kitchen.Told(id, Lot("lotIn", 2, started.AddMinutes(12)));
        Assert.Equal(started.AddMinutes(12), (DateTimeOffset)bake["lots"]![1]!["inAt"]!);
        Assert.Equal(("worktop", true), ((string)bake["lots"]![1]!["place"]!, (bool)bake["readings"]![0]!["isBelieved"]!));
        Assert.Equal(409, (await kitchen.Tell(id, Lot("lotIn", 2))).Status);
    }

    [Fact]
    public async Task A_lot_never_went_in_where_its_cook_says_so_and_that_can_be_taken_back()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Late());
        kitchen.Clock.Advance(TimeSpan.FromMinutes(20));
        JsonNode bake = await kitchen.Told(id, Lot("lotNeverIn", 2));
        Assert.Single(bake["lots"]!.AsArray());
        int seq = (int)bake["seq"]!;
        bake = await kitchen.Told(id, new JsonObject { ["kind"] = "corrected", ["event"] = seq });
        Assert.Equal(2, bake["lots"]!.AsArray().Count);
        Assert.Equal(409, (await kitchen.Tell(id, Lot("lotNeverIn", 1))).Status);
    }

    /// <summary>A tray that is out, and a food for later of which nobody spoke: the verdict waits for a word, not for a reading.</summary>
    [Fact]
    public async Task Whether_a_food_went_in_is_asked_where_the_verdict_hangs_on_it()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Late();
        plan["chicken"]![1]!["addAtMinutes"] = 60;
        string id = await kitchen.StartBake(plan);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(44));
        JsonNode bake = await kitchen.Told(id, Kitchen.Event("resting"), Kitchen.Reading(1, 1, 84));
        Assert.Equal("cannotTell", Verdict(bake));
        Assert.Contains("nobody said that the drumsticks went in", (string)bake["verdict"]!["reason"]!, StringComparison.Ordinal);
    }

    /// <summary>From minute 0 nothing is asked of chicken that goes in later.</summary>
    [Fact]
    public async Task Nothing_is_measured_that_is_not_in()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.Supper();
        plan["chicken"]![0]!["addAtMinutes"] = 20;
        string id = await kitchen.StartBake(plan);
        JsonNode bake = await kitchen.Get($"/api/bakes/{id}");
        Assert.True((DateTimeOffset)bake["verdict"]!["nextCheckAt"]! > kitchen.Clock.GetUtcNow().AddMinutes(20));
    }

    /// <summary>Two of a kind at one minute are two things to do, and no evening breaks by them.</summary>
    [Fact]
    public async Task Twins_at_one_minute_are_two_tasks()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Late();
        JsonNode twin = plan["chicken"]![1]!.DeepClone();
        twin["id"] = 3;
        plan["chicken"]!.AsArray().Add(twin);
        plan["steps"] = JsonNode.Parse("""[{"kind":"turn","atMinutes":20},{"kind":"turn","atMinutes":20},{"kind":"baste","atMinutes":20}]""");
        Assert.Equal(200, (await kitchen.SaveTray(plan)).Status);
        string[] titles = [.. (await kitchen.Get("/api/evening"))["tasks"]!.AsArray().Select(task => (string)task!["title"]!)];
        Assert.Equal(2, titles.Count(title => title == "Turn the pieces"));
        Assert.Equal(["Add the first drumsticks", "Add the second drumsticks"], titles.Where(title => title.StartsWith("Add", StringComparison.Ordinal)).Order());
    }

    /// <summary>On the clock of whoever asks, wherever dinner was typed.</summary>
    [Fact]
    public async Task An_evening_is_said_on_the_clock_of_whoever_asks()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["eatAt"] = "2026-11-26T21:30:00+02:00";
        Assert.Equal(200, (await kitchen.SaveTray(plan)).Status);
        kitchen.Client.DefaultRequestHeaders.Add("Utc-Offset-Minutes", "-300");
        Assert.StartsWith("Dinner at 14:30.", (string)(await kitchen.Get("/api/evening"))["headline"]!, StringComparison.Ordinal);
    }

    /// <summary>As a build before this one left it: an oven believed to be a furnace, and one that is off by a hundred thousand degrees.</summary>
    [Theory]
    [InlineData("""{"name":"Oven","air":"still","hasGrill":true,"shelves":3,"preheatMinutes":15,"learnt":{"bakes":1,"mean":[2.1,13.5,-3.9],"spread":[1,0,0,0,1,0,0,0,1]}}""")]
    [InlineData("""{"name":"Oven","air":"still","hasGrill":true,"shelves":3,"preheatMinutes":15,"runsHotBy":{"value":-99999,"unit":"celsius"}}""")]
    public async Task A_house_that_learnt_a_furnace_opens(string oven)
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        await kitchen.Restart(file => Run(file, "UPDATE Trays SET Plan = json_set(Plan, '$.oven', json($value))", oven));
        foreach (string page in new[] { "/api/tray", "/api/evening", "/api/prep" })
        {
            await kitchen.Get(page);
        }

        Assert.NotNull((await kitchen.Get("/api/tray"))["answer"]);
    }

    /// <summary>A plan from which nothing can be worked out is shown with the reason, and can be changed.</summary>
    [Fact]
    public async Task A_tray_that_cannot_be_worked_out_takes_no_page_away()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        await kitchen.Restart(file => Run(file, "UPDATE Trays SET Plan = json_set(Plan, '$.ovenSetting.value', json($value))", "-99999"));
        JsonNode tray = await kitchen.Get("/api/tray");
        Assert.Null(tray["answer"]);
        Assert.False(string.IsNullOrWhiteSpace((string?)tray["trouble"]));
        Assert.Equal((string?)tray["trouble"], (string?)(await kitchen.Get("/api/evening"))["headline"]);
        await kitchen.Get("/api/prep");
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Get, "/api/trays/1/recipe")).Status);
        (int status, JsonNode? mended) = await kitchen.SaveTray(Kitchen.Supper());
        Assert.Equal(200, status);
        Assert.Null(mended!["trouble"]);
    }

    /// <summary>Meat that bakes lies in no marinade any more.</summary>
    [Fact]
    public async Task A_marinade_ends_when_its_tray_goes_in()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        await kitchen.SaveTray(plan);
        await kitchen.Coat("""[{"kind":"thickMarinade","when":"before","mix":"green-yogurt","soakMinutes":60}]""");
        (int begun, JsonNode? said) = await kitchen.Send(HttpMethod.Post, "/api/prep/1/marinade", new JsonObject());
        Assert.True(begun == 200, said?.ToJsonString());
        Assert.Single((await kitchen.Get("/api/marinades"))["running"]!.AsArray());
        kitchen.Clock.Advance(TimeSpan.FromMinutes(61));
        (int started, JsonNode? bake) = await kitchen.Start((int)(await kitchen.Get("/api/tray"))["version"]!);
        Assert.Equal(201, started);
        Assert.Empty((await kitchen.Get("/api/marinades"))["running"]!.AsArray());
        Assert.Equal(204, (await kitchen.Send(HttpMethod.Post, $"/api/bakes/{(string)bake!["id"]!}/unstart")).Status);
        Assert.Single((await kitchen.Get("/api/marinades"))["running"]!.AsArray());
    }

    /// <summary>A device's clock may be two minutes ahead of the kitchen's, and no more.</summary>
    [Theory]
    [InlineData(1.9, 200)]
    [InlineData(2.1, 400)]
    [InlineData(20, 400)]
    public async Task What_is_still_to_come_is_not_taken(double minutesAhead, int expected)
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(10));
        JsonObject note = new() { ["kind"] = "note", ["text"] = "hm", ["at"] = kitchen.Clock.GetUtcNow().AddMinutes(minutesAhead).ToString("O") };
        Assert.Equal(expected, (await kitchen.Tell(id, note)).Status);
    }

    /// <summary>A tray that was put away, or is baked, asks for no hands on another evening.</summary>
    [Fact]
    public async Task Other_trays_take_hands_only_while_they_are_to_be_baked()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["eatAt"] = "2026-11-26T20:00:00Z";
        await kitchen.SaveTray(plan);
        int other = (int)(await kitchen.Send(HttpMethod.Post, "/api/trays/1/duplicate")).Body!["id"]!;
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, $"/api/trays/{other}", plan)).Status);
        Assert.True(await TakesHands());
        (_, JsonNode? tray) = await kitchen.Send(HttpMethod.Get, $"/api/trays/{other}");
        var start = new JsonObject { ["trayId"] = other, ["trayVersion"] = (int)tray!["version"]!, ["commandId"] = Guid.NewGuid() };
        string bake = (string)(await kitchen.Send(HttpMethod.Post, "/api/bakes", start)).Body!["id"]!;
        Assert.False(await TakesHands());
        Assert.Equal(204, (await kitchen.Send(HttpMethod.Post, $"/api/bakes/{bake}/unstart")).Status);
        Assert.True(await TakesHands());
        await kitchen.Send(HttpMethod.Post, $"/api/trays/{other}/archive");
        Assert.False(await TakesHands());

        // Asked on the first tray, whichever was worked on last.
        async Task<bool> TakesHands()
        {
            kitchen.Clock.Advance(TimeSpan.FromSeconds(1));
            await kitchen.Send(HttpMethod.Post, "/api/trays/1/open");
            return (await kitchen.Get("/api/evening"))["others"]!.AsArray().Any(evening => (int)evening!["trayId"]! == other);
        }
    }

    /// <summary>A command that was refused may be sent again, mended, under its own id.</summary>
    [Fact]
    public async Task A_refused_command_does_not_use_up_its_id()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        kitchen.Client.DefaultRequestHeaders.Add("Command-Id", Guid.NewGuid().ToString());
        JsonObject plan = Kitchen.GoodPlan();
        plan["restMinutes"] = 900;
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Put, "/api/trays/1", plan)).Status);
        plan["restMinutes"] = 9;
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, "/api/trays/1", plan)).Status);
        Assert.Equal(9, (int)(await kitchen.Get("/api/tray"))["plan"]!["restMinutes"]!);
    }

    /// <summary>Stopped before it was done, and measured: neither "sooner than foretold" nor "not measured".</summary>
    [Fact]
    public async Task A_bake_that_was_stopped_early_was_never_done()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(21));
        double middleC = (double)(await kitchen.Live())!["lots"]![0]!["pieces"]![0]!["middleC"]!;
        await kitchen.Told(id, Kitchen.Reading(1, 1, Math.Round(middleC)), Kitchen.Event("finished"));
        JsonNode bake = await kitchen.Get($"/api/bakes/{id}");
        Assert.Null(bake["table"]!["realMinutes"]);
    }

    private static void Run(string file, string sql, string value)
    {
        using var connection = new SqliteConnection($"Data Source={file};Pooling=False");
        connection.Open();
        using SqliteCommand command = connection.CreateCommand();
#pragma warning disable CA2100 // Words of the test's own.
        command.CommandText = sql;
#pragma warning restore CA2100
        command.Parameters.AddWithValue("$value", value);
        Assert.Equal(1, command.ExecuteNonQuery());
    }
}
