using System.Globalization;
using System.Text.Json.Nodes;
using Ical.Net.CalendarComponents;
using Xunit;
using Calendar = Ical.Net.Calendar;

namespace AmberSpoon.Server.Tests;

/// <summary>The whole meal on the clock, as pages and other programs get it.</summary>
public sealed class EveningTests(SharedKitchen shared) : IClassFixture<SharedKitchen>
{
    private static DateTimeOffset At(JsonNode? node) => DateTimeOffset.Parse((string)node!, CultureInfo.InvariantCulture);

    /// <summary>Supper with dinner in so many minutes, rounded to a whole one.</summary>
    private static async Task<DateTimeOffset> Planned(Kitchen kitchen, int minutesAhead)
    {
        DateTimeOffset now = kitchen.Clock.GetUtcNow().AddMinutes(minutesAhead);
        DateTimeOffset dinner = new(now.Ticks - (now.Ticks % TimeSpan.TicksPerMinute), TimeSpan.Zero);
        JsonObject plan = Kitchen.Supper();
        plan["eatAt"] = dinner;
        (int status, JsonNode? tray) = await kitchen.SaveTray(plan);
        Assert.True(status == 200, tray?.ToJsonString());
        return dinner;
    }

    private static async Task<JsonNode> Saved(Kitchen kitchen, string json)
    {
        (int status, JsonNode? body) = await kitchen.Send(HttpMethod.Put, "/api/evening/1", raw: json);
        Assert.True(status == 200, body?.ToJsonString());
        return body!;
    }

    private static JsonNode Task(JsonNode view, string key) => view["tasks"]!.AsArray().Single(task => (string)task!["key"]! == key)!;

    [Fact]
    public async Task Thighs_roast_squash_fennel_and_rice_each_begin_at_a_time_and_are_ready_for_dinner()
    {
        await using var kitchen = new Kitchen();
        DateTimeOffset dinner = await Planned(kitchen, 240);
        JsonNode view = await Saved(kitchen, """{ "sides": [{ "kind": "roastSquash" }, { "kind": "roastFennel" }, { "kind": "rice" }], "cooks": 1, "rings": 4, "pace": 1 }""");
        Assert.Equal(dinner, At(view["eatAt"]));
        Assert.Equal(0, (int)view["lateMinutes"]!);
        Assert.StartsWith("Dinner at ", (string)view["headline"]!, StringComparison.Ordinal);
        JsonNode[] tasks = [.. view["tasks"]!.AsArray().Select(task => task!)];
        Assert.Equal(tasks.Select(task => At(task["beginsAt"])).Order(), tasks.Select(task => At(task["beginsAt"])));
        Assert.All(tasks.Where(task => (string)task["kind"]! == "side" && !((string)task["key"]!).EndsWith("-cut", StringComparison.Ordinal)), task => Assert.InRange((dinner - At(task["endsAt"])).TotalMinutes, 0, 15));

        // The engine's own minutes at this tray's 204 °C (common practice at 200 to 220: squash 30 to 40, fennel 25 to 35).
        JsonNode[] library = [.. view["library"]!.AsArray().Select(side => side!)];
        int Minutes(string kind) => (int)library.Single(side => (string)side["kind"]! == kind)["cookMinutes"]!;
        Assert.InRange(Minutes("roastSquash"), 27, 44);
        Assert.InRange(Minutes("roastFennel"), 22, 39);
        Assert.Equal(20, Minutes("rice"));

        // The oven is hot for whatever goes in first.
        DateTimeOffset first = tasks.Where(task => task["oven"]!.AsArray().Count > 0 && (string)task["kind"]! != "preheat").Min(task => At(task["beginsAt"]));
        Assert.Equal(first, At(Task(view, "oven")["endsAt"]));
        Assert.Equal(At((await kitchen.Get("/api/tray"))["answer"]!["timing"]!["inAt"]), At(Task(view, "in")["beginsAt"]));
    }

    [Fact]
    public async Task A_tick_is_kept_with_its_steps_at_the_counter_and_can_be_taken_back()
    {
        await using var kitchen = new Kitchen();
        await Planned(kitchen, 240);
        JsonNode view = await kitchen.Get("/api/evening");
        string meat = (string)view["tasks"]!.AsArray().Single(task => (string)task!["kind"]! == "meat")!["key"]!;
        int steps = Task(view, meat)["steps"]!.AsArray().Count;
        (_, JsonNode? done) = await kitchen.Send(HttpMethod.Post, "/api/evening/1/done", raw: $$"""{ "key": "{{meat}}", "done": true }""");
        Assert.DoesNotContain(done!["tasks"]!.AsArray(), task => (string)task!["key"]! == meat);

        // What must have come before it has been done, too.
        Assert.DoesNotContain(done["tasks"]!.AsArray(), task => (string)task!["key"]! == "begin");
        Assert.Equal(steps, (await kitchen.Get("/api/prep"))["choice"]!["done"]!.AsArray().Count);
        await kitchen.Restart();
        Assert.Single((await kitchen.Get("/api/evening"))["choice"]!["done"]!.AsArray());
        (_, JsonNode? back) = await kitchen.Send(HttpMethod.Post, "/api/evening/1/done", raw: $$"""{ "key": "{{meat}}", "done": false }""");
        Assert.Contains(back!["tasks"]!.AsArray(), task => (string)task!["key"]! == meat);
        Assert.Empty((await kitchen.Get("/api/prep"))["choice"]!["done"]!.AsArray());
        await kitchen.Send(HttpMethod.Post, "/api/evening/1/done", raw: """{ "key": "begin", "done": true }""");
        Assert.Empty((await kitchen.Send(HttpMethod.Delete, "/api/evening/1/done")).Body!["choice"]!["done"]!.AsArray());
    }

    /// <summary>One evening ticked as it was done: the bake keeps what it took, the next evening reckons with it.</summary>
    [Fact]
    public async Task What_the_list_says_of_hands_and_oven_goes_into_the_bake_and_the_next_evening_reckons_with_it()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.Supper();
        plan["oven"] = JsonNode.Parse("""{ "name": "Oven", "air": "still" }""");
        (int status, JsonNode? tray) = await kitchen.SaveTray(plan);
        Assert.True(status == 200, tray?.ToJsonString());
        JsonNode before = await kitchen.Get("/api/evening");
        Assert.Null(before["learntPace"]);
        Assert.Null(before["warming"]);
        string[] tasks = [.. before["tasks"]!.AsArray().Where(task => (string)task!["kind"]! is "counter" or "meat").Select(task => (string)task!["key"]!)];
        double Minutes(JsonNode view, string key) => (At(Task(view, key)["endsAt"]) - At(Task(view, key)["beginsAt"])).TotalMinutes;
        Dictionary<string, double> usual = tasks.ToDictionary(key => key, key => Minutes(before, key));
        double preheat = Minutes(before, "oven");

        // Nobody asked for a time, so every task was due when the one before it was done; this cook takes half as long again.
        JsonNode? view = await Tick(kitchen, "oven");
        Assert.StartsWith("The oven gets hot: 204 °C at about", (string)view!["warming"]!["sentence"]!, StringComparison.Ordinal);
        foreach (string key in tasks)
        {
            kitchen.Clock.Advance(TimeSpan.FromMinutes(1.5 * usual[key]));
            view = await Tick(kitchen, key);
        }

        double soFar = 1.5 * usual.Values.Sum();
        Assert.StartsWith(soFar > preheat ? "The oven should be at 204 °C since" : "The oven gets hot", (string)view!["warming"]!["sentence"]!, StringComparison.Ordinal);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(Math.Max(1, (2 * preheat) - soFar)));
        double heated = Math.Max(soFar + 1, 2 * preheat);
        Assert.Null((await Tick(kitchen, "hot"))!["warming"]);
        (_, JsonNode? started) = await kitchen.Start((int)(await kitchen.Get("/api/tray"))["version"]!);
        string id = (string)started!["id"]!;
        kitchen.Clock.Advance(TimeSpan.FromMinutes(40));
        await kitchen.Finish(id);
        string told = (string)(await kitchen.Get($"/api/bakes/{id}"))["events"]!.AsArray().Single(one => (string)one!["kind"]! == "readied")!["text"]!;
        Assert.Matches($@"^At the counter: \d+ min for what usually takes \d+\. The oven was at 204 °C after {heated:0} min\.$", told);

        JsonNode learnt = await kitchen.Get("/api/log/learnt");
        Assert.Matches(@"^At the counter you take [1-4]\d % longer than is usual \(±\d\d %\), from 1 evening\.$", (string)learnt["pace"]!);
        Assert.Matches(@"^It is at 200 °C after about \d\d min \(±\d+\), from 1 evening\.$", (string)learnt["ovens"]![0]!["preheat"]!);
        Assert.Null(learnt["ovens"]![0]!["air"]);
        Assert.Empty(learnt["ovens"]![0]!["steps"]!.AsArray());
        await kitchen.Send(HttpMethod.Delete, "/api/evening/1/done");
        JsonNode after = await kitchen.Get("/api/evening");
        Assert.Equal((string)learnt["pace"]!, (string)after["learntPace"]!);
        Assert.InRange(Minutes(after, "oven"), 1.6 * preheat, 2 * preheat);
        string meat = tasks.MaxBy(key => usual[key])!;
        Assert.True(Minutes(after, meat) > usual[meat]);

        // As most take is still there to be chosen, and a bake that is left out teaches neither.
        Assert.Equal(usual[meat], Minutes(await Saved(kitchen, """{ "sides": [], "cooks": 1, "rings": 4, "pace": 1 }"""), meat));
        await kitchen.Told(id, new JsonObject { ["kind"] = "counted", ["counts"] = false });
        JsonNode anew = await Saved(kitchen, """{ "sides": [], "cooks": 1, "rings": 4 }""");
        Assert.Null(anew["learntPace"]);
        Assert.Equal(usual[meat], Minutes(anew, meat));
        Assert.Equal(preheat, Minutes(anew, "oven"));
    }

    [Fact]
    public async Task A_side_bakes_as_tender_as_this_house_called_right()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.Supper();
        plan["vegetables"] = JsonNode.Parse("""[{ "id": 2, "kind": "parsnip", "cut": "coin", "size": { "value": 20, "unit": "millimetre" }, "amount": { "value": 300, "unit": "gram" }, "place": "around", "vessel": 0, "addAtMinutes": 0, "leavesWhenDone": false, "tenderness": "tender" }]""");
        string id = await kitchen.StartBake(plan);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(45));
        await kitchen.Finish(id);
        int Parsnips(JsonNode view) => (int)view["library"]!.AsArray().Single(side => (string)side!["kind"]! == "roastParsnips")!["cookMinutes"]!;
        int before = Parsnips(await kitchen.Get("/api/evening"));
        await kitchen.Told(id, new JsonObject { ["kind"] = "rated", ["of"] = "vegetable", ["lot"] = 2, ["rating"] = "below" });
        int after = Parsnips(await kitchen.Get("/api/evening"));
        Assert.InRange(after, before + 1, before + 12);
    }

    private static string Appointment(string uid, DateTimeOffset from, DateTimeOffset to, string title) =>
        $"BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//made up//EN\r\nBEGIN:VEVENT\r\nUID:{uid}\r\nSUMMARY:{title}\r\nDTSTART:{from.UtcDateTime:yyyyMMdd'T'HHmmss'Z'}\r\nDTEND:{to.UtcDateTime:yyyyMMdd'T'HHmmss'Z'}\r\nEND:VEVENT\r\nEND:VCALENDAR\r\n";

    [Fact]
    public async Task The_evening_is_planned_round_a_calendar_and_a_dinner_that_was_moved_there_moves_here()
    {
        await using var kitchen = new Kitchen();
        DateTimeOffset dinner = await Planned(kitchen, 240);
        JsonNode before = await kitchen.Get("/api/evening");
        string meat = (string)before["tasks"]!.AsArray().Single(task => (string)task!["kind"]! == "meat")!["key"]!;
        DateTimeOffset begins = At(Task(before, meat)["beginsAt"]);
        DateTimeOffset ends = At(Task(before, meat)["endsAt"]);

        Task<(int Status, JsonNode? Body)> Read(string text) => kitchen.Send(HttpMethod.Post, "/api/evening/1/calendar", new JsonObject { ["text"] = text });
        (int status, JsonNode? view) = await Read(Appointment("choir@made.up", begins.AddMinutes(2), ends.AddMinutes(-1), "Choir, by telephone"));
        Assert.True(status == 200, view?.ToJsonString());
        Assert.Contains(view!["notes"]!.AsArray(), note => ((string)note!).StartsWith("“Choir, by telephone”, ", StringComparison.Ordinal) && ((string)note!).EndsWith("hands are planned round it.", StringComparison.Ordinal));
        Assert.True(At(Task(view, meat)["endsAt"]) <= begins.AddMinutes(2));
        Assert.Equal(dinner, At(view["eatAt"]));

        // Kept through other changes and a restart; the oven's own moments cannot move, and that is said.
        JsonNode saved = await Saved(kitchen, """{ "sides": [], "cooks": 1, "rings": 2 }""");
        Assert.Equal("Choir, by telephone", (string)saved["choice"]!["away"]![0]!["title"]!);
        await kitchen.Restart();
        DateTimeOffset inAt = At(Task(saved, "in")["beginsAt"]);
        (_, view) = await Read(Appointment("bell@made.up", inAt.AddMinutes(-1), inAt.AddMinutes(5), "The bell"));
        Assert.Contains(view!["notes"]!.AsArray(), note => ((string)note!).Contains("that is when the oven wants hands: the tray in at", StringComparison.Ordinal));
        Assert.Single(view["choice"]!["away"]!.AsArray());

        // Ours: moved in the calendar of the cook by a quarter of an hour.
        Ical.Net.Calendar ours = Calendar.Load(await kitchen.Client.GetStringAsync("/api/evening/1/calendar.ics", TestContext.Current.CancellationToken))!;
        string uid = ours.Events.Single(one => one.Summary == "Dinner").Uid!;
        (_, view) = await Read(Appointment(uid, dinner.AddMinutes(15), dinner.AddMinutes(16), "Dinner"));
        Assert.Equal(dinner.AddMinutes(15), At(view!["eatAt"]));
        Assert.Equal(dinner.AddMinutes(15), At((await kitchen.Get("/api/tray"))["plan"]!["eatAt"]));
        Assert.Empty(view["choice"]!["away"]!.AsArray());

        await Read(Appointment("bell@made.up", inAt, inAt.AddMinutes(5), "The bell"));
        Assert.Empty((await kitchen.Send(HttpMethod.Delete, "/api/evening/1/calendar")).Body!["choice"]!["away"]!.AsArray());
        (status, JsonNode? refused) = await Read("Date;Time\n27.11.;18:00");
        Assert.Equal(400, status);
        Assert.NotEmpty((string)refused!["errors"]!["text"]![0]!);
    }

    private static async Task<JsonNode?> Tick(Kitchen kitchen, string key) =>
        (await kitchen.Send(HttpMethod.Post, "/api/evening/1/done", raw: $$"""{ "key": "{{key}}", "done": true }""")).Body;

    [Fact]
    public async Task An_oven_into_which_the_food_goes_before_it_is_hot_is_waited_for_until_then_only()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.Supper();
        plan["ovenAtStart"] = JsonNode.Parse("""{ "value": 120, "unit": "celsius" }""");
        (int status, JsonNode? tray) = await kitchen.SaveTray(plan);
        Assert.True(status == 200, tray?.ToJsonString());
        Assert.StartsWith("The oven gets hot: 120 °C at about", (string)(await Tick(kitchen, "oven"))!["warming"]!["sentence"]!, StringComparison.Ordinal);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(8));
        await Tick(kitchen, "hot");
        (_, JsonNode? started) = await kitchen.Start((int)(await kitchen.Get("/api/tray"))["version"]!);
        string id = (string)started!["id"]!;
        Assert.Contains((await kitchen.Get($"/api/bakes/{id}"))["events"]!.AsArray(), told => (string)told!["text"]! == "The oven was at 120 °C after 8 min.");
    }

    [Fact]
    public async Task A_start_can_be_taken_back_although_it_was_told_what_came_before()
    {
        await using var kitchen = new Kitchen();
        await Planned(kitchen, 240);
        await Tick(kitchen, "oven");
        kitchen.Clock.Advance(TimeSpan.FromMinutes(14));
        await Tick(kitchen, "hot");
        (_, JsonNode? started) = await kitchen.Start((int)(await kitchen.Get("/api/tray"))["version"]!);
        string id = (string)started!["id"]!;
        Assert.Equal(2, (int)started["seq"]!);
        Assert.Null(started["lastDone"]);
        Assert.True((bool)started["isJustIn"]!);
        Assert.Equal(204, (await kitchen.Send(HttpMethod.Post, $"/api/bakes/{id}/unstart")).Status);
        Assert.Null(await kitchen.Live());
    }

    [Fact]
    public async Task Dinner_moves_and_everything_with_it_and_what_cannot_be_says_when_and_why()
    {
        await using var kitchen = new Kitchen();
        DateTimeOffset dinner = await Planned(kitchen, 240);
        JsonNode before = await kitchen.Get("/api/evening");
        (int status, JsonNode? after) = await kitchen.Send(HttpMethod.Post, "/api/evening/1/dinner", raw: $$"""{ "eatAt": "{{dinner.AddMinutes(25):O}}" }""");
        Assert.Equal(200, status);
        Assert.Equal(25, (At(Task(after!, "in")["beginsAt"]) - At(Task(before, "in")["beginsAt"])).TotalMinutes);
        Assert.Equal(dinner.AddMinutes(25), At((await kitchen.Get("/api/tray"))["plan"]!["eatAt"]));

        // Time for the oven but not for the counter: late, with what it takes.
        (_, JsonNode? late) = await kitchen.Send(HttpMethod.Post, "/api/evening/1/dinner", raw: $$"""{ "eatAt": "{{kitchen.Clock.GetUtcNow().AddMinutes((double)before["tasks"]!.AsArray().Count + 46):O}}" }""");
        Assert.True((int)late!["lateMinutes"]! > 0, late.ToJsonString());
        Assert.Contains("later than", (string)late["headline"]!, StringComparison.Ordinal);
        Assert.Contains("From the first step to dinner it takes", (string)late["notes"]![0]!, StringComparison.Ordinal);
        Assert.All(late["tasks"]!.AsArray(), task => Assert.True(At(task!["endsAt"]) >= At(late["now"])));

        foreach (string wrong in (string[])[$$"""{ "eatAt": "{{kitchen.Clock.GetUtcNow().AddMinutes(-5):O}}" }""", $$"""{ "eatAt": "{{kitchen.Clock.GetUtcNow().AddMinutes(5):O}}" }""", $$"""{ "eatAt": "{{kitchen.Clock.GetUtcNow().AddDays(9):O}}" }"""])
        {
            (int refused, JsonNode? problem) = await kitchen.Send(HttpMethod.Post, "/api/evening/1/dinner", raw: wrong);
            Assert.Equal(400, refused);
            Assert.NotNull(problem!["errors"]!["eatAt"]);
        }

        (int rest, JsonNode? longer) = await kitchen.Send(HttpMethod.Post, "/api/evening/1/dinner", raw: $$"""{ "eatAt": "{{dinner:O}}", "restMinutes": {{(int)before["sooner"]![1]!["restMinutes"]!}} }""");
        Assert.Equal(200, rest);
        Assert.Equal(10, (At(Task(before, "in")["beginsAt"]) - At(Task(longer!, "in")["beginsAt"])).TotalMinutes);
        Assert.True((int)longer!["chancePercent"]! > (int)before["chancePercent"]!);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/evening/1/dinner", raw: """{ "restMinutes": 31 }""")).Status);
    }

    [Theory]
    [InlineData("120", 120)]
    [InlineData("-210", -210)]
    [InlineData("900", 0)] // No clock is set so.
    [InlineData("noon", 0)]
    public async Task Where_dinner_has_no_time_of_its_own_it_is_said_as_the_askers_clock_shows_it(string sent, int minutesEast)
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
        using HttpRequestMessage asked = new(HttpMethod.Get, "/api/evening");
        asked.Headers.Add("Utc-Offset-Minutes", sent);
        using HttpResponseMessage answer = await kitchen.Client.SendAsync(asked, TestContext.Current.CancellationToken);
        JsonNode view = JsonNode.Parse(await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!;
        string clock = At(view["eatAt"]).ToOffset(TimeSpan.FromMinutes(minutesEast)).ToString("HH:mm", CultureInfo.InvariantCulture);
        Assert.StartsWith($"Dinner at {clock}", (string)view["headline"]!, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("""{ "sides": null, "cooks": 0, "rings": 4, "pace": 1 }""", "cooks")]
    [InlineData("""{ "cooks": 3, "rings": 4, "pace": 1 }""", "cooks")]
    [InlineData("""{ "cooks": 1, "rings": 0, "pace": 1 }""", "rings")]
    [InlineData("""{ "cooks": 1, "rings": 7, "pace": 1 }""", "rings")]
    [InlineData("""{ "cooks": 1, "rings": 4, "pace": 0.4 }""", "pace")]
    [InlineData("""{ "cooks": 1, "rings": 4, "pace": 2.6 }""", "pace")]
    [InlineData("""{ "cooks": 1, "rings": 4, "pace": 1, "sides": [null] }""", "sides[0]")]
    [InlineData("""{ "cooks": 1, "rings": 4, "pace": 1, "sides": [{ "kind": null }] }""", "sides[0].kind")]
    [InlineData("""{ "cooks": 1, "rings": 4, "pace": 1, "sides": [{ "kind": "rice", "cookMinutes": 0 }] }""", "sides[0].cookMinutes")]
    [InlineData("""{ "cooks": 1, "rings": 4, "pace": 1, "sides": [{ "kind": "rice", "prepareMinutes": 61 }] }""", "sides[0].prepareMinutes")]
    [InlineData("""{ "cooks": 1, "rings": 4, "pace": 1, "sides": [{ "kind": "rice", "keepsMinutes": -1 }] }""", "sides[0].keepsMinutes")]
    public async Task What_cannot_be_is_said_at_its_field_and_nothing_is_stored(string json, string field)
    {
        (int status, JsonNode? problem) = await shared.Kitchen.Send(HttpMethod.Put, "/api/evening/1", raw: json);
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
        Assert.Equal(0, (int)(await shared.Kitchen.Get("/api/evening"))["version"]!);
    }

    [Fact]
    public async Task Thirty_sides_are_too_many_and_eight_are_not()
    {
        await using var kitchen = new Kitchen();
        await Planned(kitchen, 600);
        string Sides(int count) => $$"""{ "cooks": 2, "rings": 6, "pace": 1, "sides": [{{string.Join(',', Enumerable.Repeat("""{ "kind": "beans" }""", count))}}] }""";
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Put, "/api/evening/1", raw: Sides(30))).Status);
        JsonNode view = await Saved(kitchen, Sides(8));
        Assert.Equal(8, view["tasks"]!.AsArray().Count(task => ((string)task!["key"]!).EndsWith("Beans", StringComparison.Ordinal)));
    }

    [Fact]
    public async Task An_empty_tray_has_an_evening_that_says_where_to_begin()
    {
        await using var kitchen = new Kitchen();
        JsonNode view = await kitchen.Get("/api/evening");
        Assert.Empty(view["tasks"]!.AsArray());
        Assert.Null(view["eatAt"]);
        Assert.Contains("begin with what goes on the tray", (string)view["headline"]!, StringComparison.Ordinal);
        Assert.Equal(409, (await kitchen.Send(HttpMethod.Get, "/api/evening/1/calendar.ics")).Status);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, "/api/evening/99/calendar.ics")).Status);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Post, "/api/evening/99/done", raw: """{ "key": "in" }""")).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/evening/1/done", raw: "{}")).Status);
    }

    [Fact]
    public async Task Two_devices_that_change_it_at_once_are_told_and_the_first_stands()
    {
        await using var kitchen = new Kitchen();
        await Planned(kitchen, 240);
        await Saved(kitchen, """{ "sides": [{ "kind": "rice" }], "cooks": 1, "rings": 4, "pace": 1 }""");
        using HttpRequestMessage late = new(HttpMethod.Put, "/api/evening/1") { Content = new StringContent("""{ "sides": [], "cooks": 2, "rings": 4, "pace": 1 }""", null, "application/json") };
        late.Headers.TryAddWithoutValidation("If-Match", "\"0\"");
        using HttpResponseMessage answer = await kitchen.Client.SendAsync(late, TestContext.Current.CancellationToken);
        Assert.Equal(409, (int)answer.StatusCode);
        Assert.Single((await kitchen.Get("/api/evening"))["choice"]!["sides"]!.AsArray());
    }

    [Fact]
    public async Task A_command_that_comes_twice_is_carried_out_once()
    {
        await using var kitchen = new Kitchen();
        await Planned(kitchen, 240);
        string id = Guid.NewGuid().ToString();
        for (int i = 0; i < 2; i++)
        {
            using HttpRequestMessage sent = new(HttpMethod.Post, "/api/evening/1/done") { Content = new StringContent("""{ "key": "begin", "done": true }""", null, "application/json") };
            sent.Headers.Add("Command-Id", id);
            using HttpResponseMessage answer = await kitchen.Client.SendAsync(sent, TestContext.Current.CancellationToken);
            Assert.Equal(200, (int)answer.StatusCode);
        }

        Assert.Equal(1, (int)(await kitchen.Get("/api/evening"))["version"]!);
    }

    [Fact]
    public async Task While_the_tray_is_in_the_oven_leads_and_what_stands_beside_it_stays()
    {
        await using var kitchen = new Kitchen();
        await kitchen.StartBake(Kitchen.Supper());
        JsonNode view = await Saved(kitchen, """{ "sides": [{ "kind": "rice" }], "cooks": 1, "rings": 4, "pace": 1 }""");
        Assert.NotNull(view["bakeId"]);
        string[] keys = [.. view["tasks"]!.AsArray().Select(task => (string)task!["key"]!)];
        Assert.Equal(["eat", "plate", "put-away", "side-0-Rice"], keys.Order());
        Assert.StartsWith("The tray is in the oven. Dinner about", (string)view["headline"]!, StringComparison.Ordinal);
        Assert.Empty(view["choice"]!["done"]!.AsArray());
        JsonNode bake = (await kitchen.Get("/api/bakes?live=true"))["bakes"]![0]!;
        DateTimeOffset eats = At(bake["next"]!.AsArray().Single(next => (string)next!["kind"]! == "eat")!["dueAt"]);
        Assert.InRange((At(view["eatAt"]) - eats).TotalMinutes, -1, 1);
    }

    [Fact]
    public async Task Tomorrows_tray_and_tonights_do_not_have_the_same_hands()
    {
        await using var kitchen = new Kitchen();
        DateTimeOffset dinner = await Planned(kitchen, 240);
        JsonNode alone = await kitchen.Get("/api/evening");
        (_, JsonNode? second) = await kitchen.Send(HttpMethod.Post, "/api/trays");
        JsonObject plan = Kitchen.Supper();
        plan["name"] = "Besides";
        plan["eatAt"] = dinner;
        int id = (int)second!["id"]!;
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, $"/api/trays/{id}", plan)).Status);
        JsonNode view = await kitchen.Get("/api/evening");
        JsonNode other = Assert.Single(view["others"]!.AsArray())!;
        Assert.Equal(dinner, At(other["eatAt"]));

        // Both are pinned to one dinner; what can move has moved out of the other's way.
        (DateTimeOffset From, DateTimeOffset To)[] theirs = [.. Movable(alone)];
        Assert.NotEmpty(theirs);
        Assert.All(Movable(view), mine => Assert.All(theirs, busy => Assert.True(mine.To <= busy.From || mine.From >= busy.To)));

        static IEnumerable<(DateTimeOffset From, DateTimeOffset To)> Movable(JsonNode evening) =>
            evening["tasks"]!.AsArray().Where(task => (string)task!["kind"]! is "counter" or "meat").SelectMany(task => task!["hands"]!.AsArray()).Select(span => (At(span!["from"]), At(span["to"])));
    }

    [Fact]
    public async Task Every_start_goes_into_a_calendar_in_utc_with_an_alarm_and_keeps_its_uid_when_it_moves()
    {
        await using var kitchen = new Kitchen();
        DateTimeOffset dinner = await Planned(kitchen, 240);
        JsonNode view = await kitchen.Get("/api/evening");
        string text = await kitchen.Client.GetStringAsync("/api/evening/1/calendar.ics", TestContext.Current.CancellationToken);
        Assert.All(text.Split("\r\n"), line => Assert.InRange(System.Text.Encoding.UTF8.GetByteCount(line), 0, 75));
        Calendar calendar = Calendar.Load(text)!;
        CalendarEvent[] events = [.. calendar.Events];
        Assert.Equal(events.Length, events.Select(one => one.Uid).Distinct().Count());
        CalendarEvent load = events.Single(one => one.Uid == "tray1.in@amber-spoon.invalid");
        Assert.Equal(At(Task(view, "in")["beginsAt"]).UtcDateTime, load.Start!.AsUtc);
        Assert.Equal("UTC", load.Start.TzId);
        Assert.Equal("DISPLAY", Assert.Single(load.Alarms).Action);
        await kitchen.Send(HttpMethod.Post, "/api/evening/1/dinner", raw: $$"""{ "eatAt": "{{dinner.AddMinutes(30):O}}" }""");
        CalendarEvent moved = Calendar.Load(await kitchen.Client.GetStringAsync("/api/evening/1/calendar.ics", TestContext.Current.CancellationToken))!.Events.Single(one => one.Uid == load.Uid);
        Assert.Equal(load.Start.AsUtc.AddMinutes(30), moved.Start!.AsUtc);
        Assert.True(moved.Sequence > load.Sequence);
    }
}
