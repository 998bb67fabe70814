using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>Several pages and people at one tray, and answers that get lost.</summary>
public sealed class ManyHandsTests
{
    [Fact]
    public async Task Twenty_clients_on_one_tray_break_nothing()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        int[][] answers = await Task.WhenAll(Enumerable.Range(0, 20).Select(async client =>
        {
            var statuses = new List<int>();
            for (int round = 0; round < 3; round++)
            {
                JsonObject plan = Kitchen.GoodPlan();
                plan["name"] = $"Client {client}, {round}";
                statuses.Add((await kitchen.Send(HttpMethod.Put, "/api/trays/1", plan)).Status);
                statuses.Add((await kitchen.Send(HttpMethod.Post, $"/api/trays/1/{(client % 2 == 0 ? "undo" : "redo")}")).Status);
            }

            return statuses.ToArray();
        }));
        Assert.All(answers.SelectMany(statuses => statuses), status => Assert.True(status is 200 or 409, $"{status}"));
        Assert.All(answers, statuses => Assert.All(statuses.Where((_, i) => i % 2 == 0), status => Assert.Equal(200, status)));
        JsonNode tray = await kitchen.Get("/api/trays/1");
        Assert.True((int)tray["version"]! >= 61, "Every save has counted.");
    }

    [Fact]
    public async Task A_change_names_the_version_it_was_made_to_and_the_second_is_told_what_changed()
    {
        await using var kitchen = new Kitchen();
        int seen = (int)(await kitchen.SaveTray(Kitchen.Supper())).Body!["version"]!;
        JsonObject hotter = Kitchen.Supper();
        hotter["ovenSetting"]!["value"] = 220;
        hotter["vegetables"]![1]!["addAtMinutes"] = 10;
        Assert.Equal(200, (await Sent(kitchen, HttpMethod.Put, "/api/trays/1", hotter, seen)).Status);

        JsonObject rested = Kitchen.Supper();
        rested["restMinutes"] = 9;
        (int status, JsonNode? problem, _) = await Sent(kitchen, HttpMethod.Put, "/api/trays/1", rested, seen);
        Assert.Equal(409, status);
        Assert.Equal(["vegetables[3]", "ovenSetting"], problem!["changed"]!.AsArray().Select(field => (string)field!));
        Assert.Equal(seen + 1, (int)problem["version"]!);
        Assert.NotNull(problem["errors"]!["version"]);
        JsonNode tray = await kitchen.Get("/api/trays/1");
        Assert.Equal((220.0, 5), ((double)tray["plan"]!["ovenSetting"]!["value"]!, (int)tray["plan"]!["restMinutes"]!));

        foreach (string step in (string[])["undo", "archive", "open", "redo"])
        {
            Assert.Equal(409, (await Sent(kitchen, HttpMethod.Post, $"/api/trays/1/{step}", null, seen)).Status);
        }

        Assert.Equal(200, (await Sent(kitchen, HttpMethod.Post, "/api/trays/1/undo", null, seen + 1)).Status);
        Assert.Equal(400, (await Sent(kitchen, HttpMethod.Post, "/api/trays/1/undo", null, ifMatch: "seven")).Status);
    }

    [Fact]
    public async Task Every_answer_of_a_tray_a_mix_and_the_counter_carries_its_version()
    {
        await using var kitchen = new Kitchen();
        (_, JsonNode? saved, string? tag) = await Sent(kitchen, HttpMethod.Put, "/api/trays/1", await Prepared(kitchen), null);
        Assert.Equal($"\"{(int)saved!["version"]!}\"", tag);
        using HttpResponseMessage got = await kitchen.Client.GetAsync("/api/trays/1", TestContext.Current.CancellationToken);
        Assert.Equal(tag, got.Headers.ETag?.Tag);

        (int made, JsonNode? mix, string? first) = await Sent(kitchen, HttpMethod.Post, "/api/mixes", Mix("Rub"), null);
        Assert.Equal((200, "\"1\""), (made, first));
        string path = $"/api/mixes/{((string)mix!["id"]!)[4..]}";
        Assert.Equal("\"2\"", (await Sent(kitchen, HttpMethod.Put, path, Mix("Rub two"), 1)).Tag);
        Assert.Equal(409, (await Sent(kitchen, HttpMethod.Put, path, Mix("Rub three"), 1)).Status);
        Assert.Equal(409, (await Sent(kitchen, HttpMethod.Delete, path, null, 1)).Status);
        Assert.Equal(204, (await Sent(kitchen, HttpMethod.Delete, path, null, 2)).Status);

        JsonNode prep = await kitchen.Get("/api/prep");
        Assert.Equal(0, (int)prep["version"]!);
        JsonObject choice = Choice();
        Assert.Equal("\"1\"", (await Sent(kitchen, HttpMethod.Put, "/api/prep/1", choice, 0)).Tag);
        choice["heads"] = 6;
        Assert.Equal(409, (await Sent(kitchen, HttpMethod.Put, "/api/prep/1", choice, 0)).Status);
        Assert.Equal(4, (int)(await kitchen.Get("/api/prep"))["choice"]!["heads"]!);
        Assert.Equal("\"2\"", (await Sent(kitchen, HttpMethod.Put, "/api/prep/1", choice, 1)).Tag);
    }

    [Fact]
    public async Task A_command_sent_twice_is_carried_out_once()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        JsonObject second = Kitchen.GoodPlan();
        second["name"] = "Second";
        await kitchen.SaveTray(second);

        int version = (int)(await kitchen.Get("/api/trays/1"))["version"]!;
        var undo = Guid.NewGuid();
        for (int time = 0; time < 3; time++)
        {
            (int status, JsonNode? tray, _) = await Sent(kitchen, HttpMethod.Post, "/api/trays/1/undo", null, version, undo);
            Assert.Equal((200, "Thighs", version + 1), (status, (string)tray!["plan"]!["name"]!, (int)tray["version"]!));
        }

        var save = Guid.NewGuid();
        for (int time = 0; time < 2; time++)
        {
            Assert.Equal(200, (await Sent(kitchen, HttpMethod.Put, "/api/trays/1", second, version + 1, save)).Status);
        }

        Assert.Equal(version + 2, (int)(await kitchen.Get("/api/trays/1"))["version"]!);

        (_, JsonNode? mix, _) = await Sent(kitchen, HttpMethod.Post, "/api/mixes", Mix("Rub"), null);
        var delete = Guid.NewGuid();
        string path = $"/api/mixes/{((string)mix!["id"]!)[4..]}";
        Assert.Equal(204, (await Sent(kitchen, HttpMethod.Delete, path, null, null, delete)).Status);
        Assert.Equal(204, (await Sent(kitchen, HttpMethod.Delete, path, null, null, delete)).Status);
        Assert.Equal(404, (await Sent(kitchen, HttpMethod.Delete, path, null, null)).Status);
    }

    [Fact]
    public async Task Parallel_changes_at_the_counter_and_to_a_mix_break_nothing()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        (_, JsonNode? mix, _) = await Sent(kitchen, HttpMethod.Post, "/api/mixes", Mix("Rub"), null);
        string path = $"/api/mixes/{((string)mix!["id"]!)[4..]}";
        int[] statuses = await Task.WhenAll(Enumerable.Range(0, 24).Select(async i => (i % 4) switch
        {
            0 => (await kitchen.Send(HttpMethod.Put, path, Mix($"Rub {i}"))).Status,
            1 => (await kitchen.Send(HttpMethod.Put, "/api/prep/1", Choice())).Status,
            2 => (await kitchen.Send(HttpMethod.Put, "/api/prep/measures", new JsonObject { ["spoons"] = "metric" })).Status,
            _ => (await kitchen.Send(HttpMethod.Post, "/api/prep/1/ticks", new JsonObject { ["key"] = $"step {i}", ["done"] = true })).Status,
        }));
        Assert.All(statuses, status => Assert.Equal(200, status));
        Assert.Equal(6, (await kitchen.Get("/api/prep"))["choice"]!["done"]!.AsArray().Count);
    }

    [Fact]
    public async Task Two_pages_that_open_an_empty_kitchen_share_its_first_tray()
    {
        await using var kitchen = new Kitchen();
        JsonNode[] trays = await Task.WhenAll(Enumerable.Range(0, 8).Select(_ => kitchen.Get("/api/tray")));
        Assert.All(trays, tray => Assert.Equal(1, (int)tray["id"]!));
    }

    [Theory]
    [InlineData("POST", "/api/trays/9/compare", """{"ways":["asPlanned","hot"]}""")]
    [InlineData("POST", "/api/trays/9/together", null)]
    [InlineData("POST", "/api/trays/9/recipe-check", """{"oven":{"value":200,"unit":"celsius"},"minutes":30}""")]
    [InlineData("GET", "/api/trays/9/section", null)]
    [InlineData("GET", "/api/trays/9", null)]
    public async Task A_refused_question_leaves_no_tray_behind(string method, string path, string? body)
    {
        await using var kitchen = new Kitchen();
        Assert.Equal(404, (await kitchen.Send(new(method), path, raw: body)).Status);
        Assert.Empty((await kitchen.Get("/api/trays"))["trays"]!.AsArray());
    }

    /// <summary>A page of somebody else in the same browser may send what a form can send: no body, or one that is not JSON.</summary>
    [Fact]
    public async Task Changes_and_the_live_hub_are_for_this_kitchens_own_pages()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        await kitchen.SaveTray(Kitchen.Supper());
        foreach (string path in (string[])["/api/trays", "/api/trays/1/undo", "/api/trays/1/archive", "/api/trays/1/duplicate", "/api/prep/1/coat", "/api/marinades/1/turned", "/live/negotiate?negotiateVersion=1"])
        {
            Assert.Equal(HttpStatusCode.Forbidden, await From(kitchen, path, ("Origin", "https://elsewhere.example")));
            Assert.Equal(HttpStatusCode.Forbidden, await From(kitchen, path, ("Origin", "null")));
            Assert.Equal(HttpStatusCode.Forbidden, await From(kitchen, path, ("Origin", "http://localhost:81")));
            Assert.Equal(HttpStatusCode.Forbidden, await From(kitchen, path, ("Sec-Fetch-Site", "cross-site")));
            Assert.Equal(HttpStatusCode.Forbidden, await From(kitchen, path, ("Sec-Fetch-Site", "same-site")));
        }

        Assert.Equal(2, (await kitchen.Get("/api/trays/1"))["plan"]!["vegetables"]!.AsArray().Count);
        Assert.Equal(HttpStatusCode.OK, await From(kitchen, "/live/negotiate?negotiateVersion=1", ("Origin", "http://localhost")));
        Assert.Equal(HttpStatusCode.OK, await From(kitchen, "/api/trays/1/undo", ("Origin", "http://localhost"), ("Sec-Fetch-Site", "same-origin")));
    }

    [Theory]
    [InlineData("text/plain")]
    [InlineData("application/x-www-form-urlencoded")]
    [InlineData("multipart/form-data; boundary=x")]
    [InlineData("application/json; charset=zzz")]
    [InlineData("application/json; charset=utf-16")]
    [InlineData("nonsense")]
    public async Task Only_json_in_utf8_is_taken(string type)
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        foreach ((HttpMethod method, string path) in ((HttpMethod, string)[])[(HttpMethod.Post, "/api/trays/1/duplicate"), (HttpMethod.Put, "/api/trays/1"), (HttpMethod.Post, "/api/recipes/read"), (HttpMethod.Post, "/api/heat/solve")])
        {
            using var request = new HttpRequestMessage(method, path);
            request.Content = new ByteArrayContent(Encoding.UTF8.GetBytes(Kitchen.GoodPlan().ToJsonString()));
            request.Content.Headers.TryAddWithoutValidation("Content-Type", type);
            using HttpResponseMessage answer = await kitchen.Client.SendAsync(request, TestContext.Current.CancellationToken);
            Assert.Equal(HttpStatusCode.UnsupportedMediaType, answer.StatusCode);
            Assert.Equal("application/problem+json", answer.Content.Headers.ContentType?.MediaType);
        }
    }

    private static async Task<JsonObject> Prepared(Kitchen kitchen)
    {
        await kitchen.Get("/api/tray");
        return Kitchen.GoodPlan();
    }

    private static JsonObject Mix(string name) => JsonNode.Parse($$"""
        {"name":"{{name}}","kind":"dryRub","per":"kilogramOfMeat","parts":[{"name":"salt","value":15,"unit":"gram"}],"method":""}
        """)!.AsObject();

    private static JsonObject Choice() => JsonNode.Parse("""
        {"serveG":0,"marinateMinutes":0,"place":"fridge","container":"bag","frozen":null,"garnish":false,"heads":4,"portionG":160,"packs":[],"bird":null,"recipeMeat":null}
        """)!.AsObject();

    private static async Task<HttpStatusCode> From(Kitchen kitchen, string path, params (string Name, string Value)[] headers)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, path);
        foreach ((string name, string value) in headers)
        {
            request.Headers.TryAddWithoutValidation(name, value);
        }

        using HttpResponseMessage answer = await kitchen.Client.SendAsync(request, TestContext.Current.CancellationToken);
        return answer.StatusCode;
    }

    private static async Task<(int Status, JsonNode? Body, string? Tag)> Sent(
        Kitchen kitchen, HttpMethod method, string path, JsonNode? body, int? seen = null, Guid? commandId = null, string? ifMatch = null)
    {
        using var request = new HttpRequestMessage(method, path);
        if (body is not null)
        {
            request.Content = new StringContent(body.ToJsonString(), Encoding.UTF8, new MediaTypeHeaderValue("application/json"));
        }

        if ((ifMatch ?? (seen is { } version ? $"\"{version}\"" : null)) is { } tag)
        {
            request.Headers.TryAddWithoutValidation("If-Match", tag);
        }

        request.Headers.TryAddWithoutValidation("Command-Id", (commandId ?? Guid.NewGuid()).ToString());
        using HttpResponseMessage answer = await kitchen.Client.SendAsync(request, TestContext.Current.CancellationToken);
        string text = await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken);
        return ((int)answer.StatusCode, text.Length == 0 ? null : JsonNode.Parse(text), answer.Headers.ETag?.Tag);
    }
}
