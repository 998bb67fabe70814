using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>A bake from its start to the log, as events.</summary>
public sealed class BakeTests(SharedBake shared) : IClassFixture<SharedBake>
{
    [Fact]
    public async Task A_started_bake_is_exactly_where_it_should_be_after_a_restart()
    {
        await using var kitchen = new Kitchen();
        await kitchen.StartGoodBake();
        JsonNode before = (await kitchen.Live())!;
        kitchen.Clock.Advance(TimeSpan.FromMinutes(20));

        await kitchen.Restart();

        JsonNode after = (await kitchen.Live())!;
        foreach (string same in new[] { "plan", "forecast", "events", "startedAt", "seq", "verdict" })
        {
            Assert.True(JsonNode.DeepEquals(before[same], after[same]), same);
        }

        Assert.Equal(TimeSpan.FromMinutes(20), (DateTimeOffset)after["now"]! - (DateTimeOffset)after["startedAt"]!);
        JsonNode piece = after["lots"]![0]!["pieces"]![0]!;
        Assert.InRange((double)piece["middleC"]!, 30, 55);
        Assert.True((double)piece["lowC"]! < (double)piece["middleC"]! && (double)piece["middleC"]! < (double)piece["highC"]!);
    }

    [Fact]
    public async Task One_tray_is_baked_once_at_a_time_and_a_start_sent_twice_is_one()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? tray) = await kitchen.SaveTray(Kitchen.GoodPlan());
        int version = (int)tray!["version"]!;
        (int Status, JsonNode? Body)[] starts = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => kitchen.Start(version)));
        Assert.Equal([201, 409, 409, 409], starts.Select(start => start.Status).Order());
        Assert.Contains("already in the oven", (string?)(await kitchen.Start(version)).Body!["errors"]!["trayId"]![0], StringComparison.Ordinal);

        await kitchen.Finish((string)(await kitchen.Live())!["id"]!);
        var command = Guid.NewGuid();
        (int Status, JsonNode? Body)[] same = await Task.WhenAll(Enumerable.Range(0, 4).Select(_ => kitchen.Start(version, command)));
        Assert.Single(same.Select(start => (string?)start.Body!["id"]).Distinct());
        Assert.All(same, start => Assert.Equal(201, start.Status));
        Assert.NotNull(await kitchen.Live());
    }

    [Fact]
    public async Task Two_trays_are_in_two_ovens_and_neither_hears_of_the_other()
    {
        await using var kitchen = new Kitchen();
        string first = await kitchen.StartGoodBake();
        (_, JsonNode? copy) = await kitchen.Send(HttpMethod.Post, "/api/trays/1/duplicate");
        kitchen.Clock.Advance(TimeSpan.FromSeconds(1));
        (int status, JsonNode? second) = await kitchen.Send(HttpMethod.Post, "/api/bakes", new JsonObject
        {
            ["trayId"] = (int)copy!["id"]!,
            ["trayVersion"] = (int)copy["version"]!,
            ["commandId"] = Guid.NewGuid(),
        });
        Assert.Equal(201, status);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(20));
        await kitchen.Told((string)second!["id"]!, Kitchen.Event("resting"));
        JsonArray live = (await kitchen.Get("/api/bakes?live=true"))["bakes"]!.AsArray();
        Assert.Equal(["oven", "worktop"], live.Select(bake => (string)bake!["place"]!));
        Assert.Equal(first, (string?)live[0]!["id"]);
        Assert.Equal(1, (int)live[0]!["seq"]!);
    }

    [Fact]
    public async Task A_tray_that_was_changed_elsewhere_or_holds_no_chicken_is_not_started()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? seen) = await kitchen.SaveTray(Kitchen.GoodPlan());
        (_, JsonNode? now) = await kitchen.SaveTray(Kitchen.GoodPlan());
        Assert.Equal(409, (await kitchen.Start((int)seen!["version"]!)).Status);
        JsonObject roots = Kitchen.Supper();
        roots["chicken"] = new JsonArray();
        (_, now) = await kitchen.SaveTray(roots);
        Assert.Equal(409, (await kitchen.Start((int)now!["version"]!)).Status);
        Assert.Null(await kitchen.Live());
    }

    [Fact]
    public async Task What_is_told_twice_happened_once_and_a_batch_is_all_or_none()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(20));
        JsonObject reading = Kitchen.Reading(1, 1, 40);
        int seq = (int)(await kitchen.Told(id, reading))["seq"]!;
        Assert.Equal(seq, (int)(await kitchen.Told(id, reading))["seq"]!);
        JsonNode more = await kitchen.Told(id, reading, Kitchen.Reading(1, 2, 42));
        Assert.Equal(2, more["readings"]!.AsArray().Count);

        (int status, JsonNode? problem) = await kitchen.Tell(id, Kitchen.Reading(1, 3, 41), Kitchen.Event("resting"), Kitchen.Reading(1, 9, 40));
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["events[2].piece"]);
        JsonNode after = (await kitchen.Live())!;
        Assert.Equal(("oven", (int)more["seq"]!), ((string)after["place"]!, (int)after["seq"]!));
    }

    /// <summary>Each refused with its field, and nothing half applied.</summary>
    [Theory]
    [InlineData("""{"kind":"reading","lot":9,"piece":1,"value":74,"unit":"celsius"}""", 400, "lot")]
    [InlineData("""{"kind":"reading","lot":2,"piece":1,"value":74,"unit":"celsius"}""", 400, "lot")]
    [InlineData("""{"kind":"reading","lot":1,"piece":0,"value":74,"unit":"celsius"}""", 400, "piece")]
    [InlineData("""{"kind":"reading","lot":1,"piece":7,"value":74,"unit":"celsius"}""", 400, "piece")]
    [InlineData("""{"kind":"reading","lot":1,"piece":1,"value":-5.1,"unit":"celsius"}""", 400, "value")]
    [InlineData("""{"kind":"reading","lot":1,"piece":1,"value":250.1,"unit":"celsius"}""", 400, "value")]
    [InlineData("""{"kind":"reading","lot":1,"piece":1,"value":500,"unit":"fahrenheit"}""", 400, "value")]
    [InlineData("""{"kind":"reading","lot":1,"piece":1,"value":null,"unit":"celsius"}""", 400, "value")]
    [InlineData("""{"kind":"reading","lot":1,"piece":1,"value":74}""", 400, "value")]
    [InlineData("""{"kind":"reading","lot":1,"piece":1,"value":20,"unit":"celsius","at":"2031-01-01T00:00:00Z"}""", 400, "at")]
    [InlineData("""{"kind":"reading","lot":1,"piece":1,"value":20,"unit":"celsius","at":"2020-01-01T00:00:00Z"}""", 400, "at")]
    [InlineData("""{"kind":"baked"}""", 400, "kind")]
    [InlineData("""{"kind":"started"}""", 400, "kind")]
    [InlineData("""{"kind":"said"}""", 400, "kind")]
    [InlineData("""{"kind":null}""", 400, "kind")]
    [InlineData("""{"kind":"moved"}""", 400, "place")]
    [InlineData("""{"kind":"moved","place":"oven"}""", 409, "place")]
    [InlineData("""{"kind":"lotIn","lot":1}""", 409, "lot")]
    [InlineData("""{"kind":"lotOut","lot":4}""", 400, "lot")]
    [InlineData("""{"kind":"actDone","act":0}""", 400, "act")]
    [InlineData("""{"kind":"later","act":0,"minutes":3}""", 400, "act")]
    [InlineData("""{"kind":"later","lot":1,"minutes":3}""", 409, "lot")]
    [InlineData("""{"kind":"later","lot":1}""", 400, "minutes")]
    [InlineData("""{"kind":"later","lot":1,"minutes":0}""", 400, "minutes")]
    [InlineData("""{"kind":"later","lot":1,"minutes":61}""", 400, "minutes")]
    [InlineData("""{"kind":"did"}""", 400, "step")]
    [InlineData("""{"kind":"did","step":"lower"}""", 400, "step")]
    [InlineData("""{"kind":"did","step":"swap"}""", 400, "step")]
    [InlineData("""{"kind":"did","step":"grill"}""", 400, "minutes")]
    [InlineData("""{"kind":"did","step":"grill","minutes":46}""", 400, "minutes")]
    [InlineData("""{"kind":"did","step":"baste","minutes":0}""", 400, "minutes")]
    [InlineData("""{"kind":"did","step":"baste","minutes":61}""", 400, "minutes")]
    [InlineData("""{"kind":"did","step":"shelf"}""", 400, "shelf")]
    [InlineData("""{"kind":"did","step":"shelf","shelf":"low","vessel":1}""", 400, "vessel")]
    [InlineData("""{"kind":"did","step":"shelf","shelf":"low","vessel":-1}""", 400, "vessel")]
    [InlineData("""{"kind":"piecesOut","lot":1}""", 400, "pieces")]
    [InlineData("""{"kind":"piecesOut","lot":1,"pieces":[]}""", 400, "pieces")]
    [InlineData("""{"kind":"piecesOut","lot":1,"pieces":[0]}""", 400, "piece")]
    [InlineData("""{"kind":"piecesOut","lot":1,"pieces":[7]}""", 400, "piece")]
    [InlineData("""{"kind":"piecesOut","lot":1,"pieces":[1,2,3,4,5,6]}""", 409, "pieces")]
    [InlineData("""{"kind":"piecesOut","lot":2,"pieces":[1]}""", 400, "lot")]
    [InlineData("""{"kind":"piecesIn","lot":1,"pieces":[1]}""", 409, "pieces")]
    [InlineData("""{"kind":"look","lot":1}""", 400, "look")]
    [InlineData("""{"kind":"look","lot":1,"look":"soft"}""", 400, "look")]
    [InlineData("""{"kind":"look","lot":2,"look":"pale"}""", 400, "look")]
    [InlineData("""{"kind":"look","lot":9,"look":"pale"}""", 400, "lot")]
    [InlineData("""{"kind":"ovenSet","setting":{"value":900,"unit":"celsius"}}""", 400, "setting.value")]
    [InlineData("""{"kind":"air"}""", 400, "value")]
    [InlineData("""{"kind":"air","value":190}""", 400, "value")]
    [InlineData("""{"kind":"air","value":29,"unit":"celsius"}""", 400, "value")]
    [InlineData("""{"kind":"air","value":351,"unit":"celsius"}""", 400, "value")]
    [InlineData("""{"kind":"air","value":190,"unit":"fahrenheit"}""", 400, "value")]
    [InlineData("""{"kind":"answer","reading":2,"answer":"asTyped"}""", 400, "reading")]
    [InlineData("""{"kind":"note","text":"  "}""", 400, "text")]
    [InlineData("""{"kind":"corrected","event":1}""", 400, "event")]
    [InlineData("""{"kind":"corrected","event":55}""", 400, "event")]
    public async Task An_event_that_cannot_be_is_refused_by_its_field(string told, int refused, string field)
    {
        (int status, JsonNode? problem) = await shared.Kitchen.Tell(shared.Id, JsonNode.Parse(told)!.AsObject());
        Assert.Equal(refused, status);
        Assert.NotNull(problem!["errors"]![$"events[0].{field}"]);
        Assert.Equal(1, (int)(await shared.Kitchen.Live())!["seq"]!);
    }

    /// <summary>What hands are to do stays on the list until they did it; put off it moves, done it goes, and an unplanned lid slows what comes.</summary>
    [Fact]
    public async Task Acts_stay_until_they_are_done_put_off_or_skipped()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["steps"] = JsonNode.Parse("""[{"kind":"turn","atMinutes":10},{"kind":"baste","atMinutes":12},{"kind":"lower","atMinutes":20,"setting":{"value":180,"unit":"celsius"}}]""");
        string id = await kitchen.StartBake(plan);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(15));
        JsonNode live = (await kitchen.Live())!;
        DateTimeOffset began = (DateTimeOffset)live["startedAt"]!;
        Assert.Equal(["Turn the pieces", "Baste", "Oven to 180 °C"], live["next"]!.AsArray().Take(3).Select(act => (string)act!["title"]!));
        Assert.Equal(["measure", "takeOut", "eat"], live["next"]!.AsArray().Skip(3).Select(act => (string)act!["kind"]!));
        Assert.Equal(began.AddMinutes(10), (DateTimeOffset)live["next"]![0]!["dueAt"]!);

        JsonNode later = await kitchen.Told(id, JsonNode.Parse("""{"kind":"later","act":0,"minutes":3}""")!.AsObject());
        Assert.Equal(["Baste", "Turn the pieces", "Oven to 180 °C"], later["next"]!.AsArray().Take(3).Select(act => (string)act!["title"]!));
        Assert.Equal(began.AddMinutes(18), (DateTimeOffset)later["next"]![1]!["dueAt"]!);

        JsonNode done = await kitchen.Told(id, JsonNode.Parse("""{"kind":"actDone","act":1}""")!.AsObject(), JsonNode.Parse("""{"kind":"actSkipped","act":0}""")!.AsObject());
        Assert.Equal("Oven to 180 °C", (string?)done["next"]![0]!["title"]);
        int seq = (int)done["acts"]!.AsArray().Single(act => (int)act!["act"]! == 1)!["seq"]!;
        JsonNode back = await kitchen.Told(id, JsonNode.Parse($$"""{"kind":"corrected","event":{{seq}}}""")!.AsObject());
        Assert.Equal("Baste", (string?)back["next"]![0]!["title"]);

        var goal = (DateTimeOffset)back["lots"]![0]!["goalAt"]!;
        JsonNode covered = await kitchen.Told(id, JsonNode.Parse("""{"kind":"did","step":"cover"}""")!.AsObject());
        Assert.InRange((DateTimeOffset)covered["lots"]![0]!["goalAt"]!, goal.AddMinutes(1), goal.AddMinutes(40));
        JsonArray events = (await kitchen.Get($"/api/bakes/{id}"))["events"]!.AsArray();
        Assert.Contains(events, told => (string)told!["text"]! == "Turn the pieces: 3 min later.");
        Assert.Contains(events, told => (string)told!["text"]! == "Foil on, not planned.");

        // More than the plan's four hours is another plan.
        (int status, JsonNode? problem) = await kitchen.Tell(id, [.. Enumerable.Range(0, 4).Select(_ => JsonNode.Parse("""{"kind":"later","act":2,"minutes":60}""")!.AsObject())]);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["events[3].minutes"]);
    }

    /// <summary>Two of six came off first: they cool, are asked for by themselves, and go back in with a tap.</summary>
    [Fact]
    public async Task Single_pieces_come_off_and_go_back()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Kitchen.Supper());
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        JsonNode off = await kitchen.Told(id, JsonNode.Parse("""{"kind":"piecesOut","lot":1,"pieces":[6,5,6]}""")!.AsObject());
        Assert.Equal([5, 6], Pieces(off).Where(piece => (bool)piece["isOff"]!).Select(piece => (int)piece["piece"]!));
        Assert.Contains("came off the tray", (string)off["lastDone"]!["text"]!, StringComparison.Ordinal);
        Assert.Equal(409, (await kitchen.Tell(id, JsonNode.Parse("""{"kind":"piecesOut","lot":1,"pieces":[5]}""")!.AsObject())).Status);
        Assert.Equal(409, (await kitchen.Tell(id, JsonNode.Parse("""{"kind":"piecesOut","lot":1,"pieces":[1,2,3,4]}""")!.AsObject())).Status);

        kitchen.Clock.Advance(TimeSpan.FromMinutes(15));
        JsonNode later = (await kitchen.Live())!;
        Assert.True((double)Pieces(later)[5]["middleC"]! < (double)Pieces(later)[0]["middleC"]! - 5);
        JsonNode measured = await kitchen.Told(id, [.. Enumerable.Range(1, 4).Select(piece => Kitchen.Reading(1, piece, 81))]);
        Assert.Equal("measure", (string?)measured["verdict"]!["kind"]);
        Assert.Equal([5, 6], measured["verdict"]!["measureNext"]!.AsArray().Select(next => (int)next!["piece"]!).Order());

        JsonNode back = await kitchen.Told(id, JsonNode.Parse("""{"kind":"piecesIn","lot":1,"pieces":[5,6]}""")!.AsObject());
        Assert.DoesNotContain(Pieces(back), piece => (bool)piece["isOff"]!);
        int seq = (int)back["lastDone"]!["seq"]!;
        JsonNode undone = await kitchen.Told(id, new JsonObject { ["kind"] = "corrected", ["event"] = seq });
        Assert.Equal(2, Pieces(undone).Count(piece => (bool)piece["isOff"]!));

        static JsonNode[] Pieces(JsonNode bake) => [.. bake["lots"]![0]!["pieces"]!.AsArray().Select(piece => piece!)];
    }

    /// <summary>A fork in the potatoes moves their time; a tray to the top shelf and a sauce with its minutes move the end.</summary>
    [Fact]
    public async Task What_was_seen_moved_and_sauced_moves_the_forecast()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Kitchen.Supper());
        kitchen.Clock.Advance(TimeSpan.FromMinutes(15));
        JsonNode before = (await kitchen.Live())!;
        JsonNode soft = await kitchen.Told(id, JsonNode.Parse("""{"kind":"look","lot":2,"look":"soft"}""")!.AsObject());
        Assert.True((DateTimeOffset)soft["lots"]![1]!["goalAt"]! < ((DateTimeOffset)before["lots"]![1]!["goalAt"]!).AddMinutes(-1));
        Assert.Equal("The potatoes: soft already.", (string?)soft["lastDone"]!["text"]);
        JsonNode[] chances = [.. before["lots"]![0]!["doneBy"]!.AsArray().Select(chance => chance!)];
        Assert.Equal([0.1, 0.25, 0.5, 0.75, 0.9], chances.Select(chance => (double)chance["chance"]!));
        Assert.Equal((DateTimeOffset)before["lots"]![0]!["goalAt"]!, (DateTimeOffset)chances[2]["at"]!);
        Assert.InRange((double)before["lots"]![0]!["risePerMinuteC"]!, 0.5, 4);

        JsonNode moved = await kitchen.Told(id, JsonNode.Parse("""{"kind":"did","step":"shelf","shelf":"topThird"}""")!.AsObject());
        Assert.Equal("Tray to the top shelf, not planned.", (string?)moved["lastDone"]!["text"]);
        JsonNode sauced = await kitchen.Told(id, JsonNode.Parse("""{"kind":"did","step":"baste","minutes":40}""")!.AsObject());
        Assert.Equal("Sauce over, for 40 min more.", (string?)sauced["lastDone"]!["text"]);
        JsonNode takeOut = sauced["next"]!.AsArray().Single(act => (string)act!["kind"]! == "takeOut")!;
        Assert.Equal((DateTimeOffset)sauced["startedAt"]! + TimeSpan.FromMinutes(55), (DateTimeOffset)takeOut["dueAt"]!);

        // Sixty looks are followed, and no more.
        JsonObject[] looks = [.. Enumerable.Range(0, 60).Select(_ => JsonNode.Parse("""{"kind":"look","lot":2,"look":"tender"}""")!.AsObject())];
        Assert.Equal(409, (await kitchen.Tell(id, looks)).Status);
        Assert.Equal(200, (await kitchen.Tell(id, looks[..59].Select(look => look.DeepClone().AsObject()).ToArray())).Status);
    }

    /// <summary>A running lot's window: from when it really went in, as fast as it is believed to be.</summary>
    [Fact]
    public async Task Every_lot_in_the_oven_has_its_window()
    {
        await using var kitchen = new Kitchen();
        await kitchen.StartBake(Kitchen.Supper());
        JsonNode live = (await kitchen.Live())!;
        foreach (JsonNode? lot in live["lots"]!.AsArray())
        {
            JsonNode good = lot!["good"]!;
            Assert.True((DateTimeOffset)good["bestFrom"]! <= (DateTimeOffset)good["bestUntil"]!);
            Assert.True((DateTimeOffset)good["bestUntil"]! <= (DateTimeOffset)good["pastAt"]!);
            Assert.InRange((DateTimeOffset)good["bestFrom"]!, (DateTimeOffset)lot["goalFrom"]!, (DateTimeOffset)lot["goalUntil"]!);
        }
    }

    [Fact]
    public async Task Far_too_many_events_none_and_events_without_an_id_are_refused()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        JsonObject[] many = [.. Enumerable.Range(0, 10_000).Select(_ => Kitchen.Reading(1, 1, 4))];
        (int status, JsonNode? problem) = await kitchen.Tell(id, many);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]!["events"]);
        Assert.Equal(400, (await kitchen.Tell(id)).Status);
        (status, problem) = await kitchen.Send(HttpMethod.Post, $"/api/bakes/{id}/events", raw: """{"events":[{"kind":"resting"}]}""");
        Assert.NotNull(problem!["errors"]!["events[0].commandId"]);
        Assert.Equal(1, (int)(await kitchen.Live())!["seq"]!);
    }

    [Fact]
    public async Task What_was_told_by_mistake_is_taken_back_once()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(20));
        int seq = (int)(await kitchen.Told(id, Kitchen.Event("resting")))["seq"]!;
        JsonObject back = new() { ["kind"] = "corrected", ["event"] = seq };
        JsonNode bake = await kitchen.Told(id, back);
        Assert.Equal("oven", (string?)bake["place"]);
        Assert.Equal(409, (await kitchen.Tell(id, new JsonObject { ["kind"] = "corrected", ["event"] = seq })).Status);
    }

    [Fact]
    public async Task What_is_seen_by_eye_is_kept_and_never_changes_the_verdict()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(32));
        JsonNode without = await kitchen.Told(id, Kitchen.Readings(70, 71));
        JsonNode with = await kitchen.Told(id, new JsonObject { ["kind"] = "note", ["text"] = "Juices run clear, no pink, looks perfectly done" });
        Assert.True(JsonNode.DeepEquals(without["verdict"], with["verdict"]));
        Assert.NotEqual("serve", (string?)with["verdict"]!["kind"]);
        JsonNode whole = await kitchen.Get($"/api/bakes/{id}");
        Assert.Contains(whole["events"]!.AsArray(), told => (string?)told!["text"] == "Juices run clear, no pink, looks perfectly done");
    }

    [Fact]
    public async Task A_finished_bake_stands_in_the_log_with_what_was_said_and_takes_no_more()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(36));
        await kitchen.Told(id, Kitchen.Readings(82, 83, 84, 83, 82, 85));
        JsonNode done = await kitchen.Finish(id);
        Assert.False((bool)done["isLive"]!);

        JsonNode listed = (await kitchen.Get("/api/bakes"))["bakes"]![0]!;
        Assert.Equal((id, "serve", "Thighs"), ((string)listed["id"]!, (string)listed["verdict"]!["kind"]!, (string)listed["name"]!));
        Assert.Null(listed["plan"]);
        JsonNode whole = await kitchen.Get($"/api/bakes/{id}");
        Assert.StartsWith("Safe.", (string?)whole["verdict"]!["reason"], StringComparison.Ordinal);
        Assert.Equal(6, whole["readings"]!.AsArray().Count);
        Assert.Equal(409, (await kitchen.Tell(id, Kitchen.Readings(78, 80))).Status);
        Assert.Equal(409, (await kitchen.Tell(id, Kitchen.Event("finished"))).Status);
        Assert.Null(await kitchen.Live());
    }

    [Fact]
    public async Task The_log_comes_in_pages_newest_first_and_each_bake_once()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? tray) = await kitchen.SaveTray(Kitchen.GoodPlan());
        for (int i = 0; i < 65; i++)
        {
            (_, JsonNode? bake) = await kitchen.Start((int)tray!["version"]!);
            kitchen.Clock.Advance(TimeSpan.FromSeconds(i % 3 == 0 ? 0 : 20));
            await kitchen.Finish((string)bake!["id"]!);
        }

        var seen = new List<(DateTimeOffset StartedAt, string Id)>();
        string? cursor = null;
        int pages = 0;
        do
        {
            JsonNode page = await kitchen.Get($"/api/bakes{(cursor is null ? string.Empty : $"?cursor={cursor}")}");
            seen.AddRange(page["bakes"]!.AsArray().Select(bake => ((DateTimeOffset)bake!["startedAt"]!, (string)bake["id"]!)));
            cursor = (string?)page["next"];
            pages++;
        }
        while (cursor is not null);

        Assert.Equal((3, 65), (pages, seen.Select(bake => bake.Id).Distinct().Count()));
        Assert.Equal(seen.Select(bake => bake.StartedAt).OrderDescending(), seen.Select(bake => bake.StartedAt));
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Get, "/api/bakes?cursor=nonsense")).Status);
    }

    [Fact]
    public async Task Deleting_takes_a_bake_out_and_restoring_brings_it_back_whole()
    {
        await using var kitchen = new Kitchen(demo: true);
        JsonArray before = (await kitchen.Get("/api/bakes"))["bakes"]!.AsArray();
        string path = $"/api/bakes/{(string?)before[1]!["id"]}";

        Assert.Equal(204, (await kitchen.Send(HttpMethod.Delete, path)).Status);
        await kitchen.Restart();
        Assert.Equal(before.Count - 1, (await kitchen.Get("/api/bakes"))["bakes"]!.AsArray().Count);

        Assert.Equal(200, (await kitchen.Send(HttpMethod.Post, $"{path}/restore")).Status);
        Assert.True(JsonNode.DeepEquals(before, (await kitchen.Get("/api/bakes"))["bakes"]));
        string id = await kitchen.StartGoodBake();
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Delete, $"/api/bakes/{id}")).Status);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Delete, $"/api/bakes/{Guid.NewGuid()}")).Status);
    }

    [Fact]
    public async Task A_past_bake_is_held_against_what_its_real_moves_led_one_to_expect()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(10));
        await kitchen.Told(id, Kitchen.Event("resting"));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        await kitchen.Finish(id);
        JsonArray curve = (await kitchen.Get($"/api/bakes/{id}"))["lots"]![0]!["curve"]!.AsArray();
        Assert.Equal(41, curve.Count);
        Assert.True((double)curve[40]!["coldestC"]! < 45, "Ten minutes of oven cannot have cooked it.");
    }

    [Fact]
    public async Task The_demo_s_verdicts_come_from_the_judge()
    {
        await using var kitchen = new Kitchen(demo: true);
        string[] verdicts = [.. (await kitchen.Get("/api/bakes"))["bakes"]!.AsArray().Select(bake => (string)bake!["verdict"]!["kind"]!)];

        // They measured enough on most evenings, and the judge says on which they did not.
        Assert.Equal(3, verdicts.Length);
        Assert.True(verdicts.Count(verdict => verdict == "serve") >= 2);
        Assert.All(verdicts, verdict => Assert.True(verdict is "serve" or "measure", verdict));
    }

    [Fact]
    public async Task A_start_is_taken_back_within_two_minutes_and_before_anything_else_was_told()
    {
        await using var kitchen = new Kitchen();
        string first = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(2));
        Assert.Equal(204, (await kitchen.Send(HttpMethod.Post, $"/api/bakes/{first}/unstart")).Status);
        Assert.Equal(204, (await kitchen.Send(HttpMethod.Post, $"/api/bakes/{first}/unstart")).Status);
        Assert.Null(await kitchen.Live());
        Assert.Empty((await kitchen.Get("/api/bakes"))["bakes"]!.AsArray());

        string late = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromSeconds(121));
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Post, $"/api/bakes/{late}/unstart")).Status);
        await kitchen.Finish(late);
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Post, $"/api/bakes/{late}/unstart")).Status);

        string told = await kitchen.StartGoodBake();
        await kitchen.Told(told, Kitchen.Reading(1, 1, 5));
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Post, $"/api/bakes/{told}/unstart")).Status);
        Assert.NotNull(await kitchen.Live());
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Post, $"/api/bakes/{Guid.NewGuid()}/unstart")).Status);
    }

    [Fact]
    public async Task Every_piece_is_told_where_it_lies()
    {
        await using var kitchen = new Kitchen();
        await kitchen.StartGoodBake();
        JsonNode bake = (await kitchen.Live())!;
        Assert.True((double)bake["vessels"]![0]!["widthMm"]! > (double)bake["vessels"]![0]!["depthMm"]!);
        JsonNode[] pieces = [.. bake["lots"]![0]!["pieces"]!.AsArray().Select(piece => piece!)];
        foreach (JsonNode piece in pieces)
        {
            (double x, double y) = ((double)piece["at"]!["xShare"]!, (double)piece["at"]!["yShare"]!);
            Assert.InRange(x, 0.05, 0.95);
            Assert.InRange(y, 0.05, 0.95);
            string name = (string)piece["name"]!;
            Assert.Equal(name.Contains("left", StringComparison.Ordinal), x < 1 / 3.0);
            Assert.Equal(name.Contains("front", StringComparison.Ordinal), y > (name.Contains("back", StringComparison.Ordinal) ? 1 : 0.4));
        }

        Assert.Equal(pieces.Length, pieces.Select(piece => piece["at"]!.ToJsonString()).Distinct().Count());
    }
}
