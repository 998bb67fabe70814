using System.Globalization;
using System.Net;
using System.Text;
using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>Thermometers on a wire: heard through one feed, watched, and kept sparingly.</summary>
public sealed class FeedTests
{
    private static async Task<(HttpStatusCode Status, JsonNode Body)> Feed(Kitchen kitchen, string id, string lines, string type = "application/x-ndjson", string? origin = null)
    {
        using var request = new HttpRequestMessage(HttpMethod.Post, $"/api/bakes/{id}/feed") { Content = new StringContent(lines, Encoding.UTF8, type) };
        if (origin is not null)
        {
            request.Headers.Add("Origin", origin);
        }

        using HttpResponseMessage response = await kitchen.Client.SendAsync(request, TestContext.Current.CancellationToken);
        return (response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken))!);
    }

    private static string Line(Kitchen kitchen, double secondsAgo, double celsius, string probe = "A", int? piece = 1) => new JsonObject
    {
        ["probe"] = probe,
        ["at"] = kitchen.Clock.GetUtcNow().AddSeconds(-secondsAgo).ToString("O", CultureInfo.InvariantCulture),
        ["value"] = celsius,
        ["unit"] = "celsius",
        ["lot"] = piece is null ? null : 1,
        ["piece"] = piece,
    }.ToJsonString();

    /// <summary>A minute and a half of a tip that does what the likeliest kitchen does, a line each five seconds.</summary>
    private static string Steady(Kitchen kitchen, double toC, string probe = "A", int? piece = 1) =>
        string.Join('\n', Enumerable.Range(0, 19).Select(n => Line(kitchen, 90 - (5 * n), toC - (2.5 * (90 - (5 * n)) / 60), probe, piece)));

    /// <summary>Twenty minutes into six thighs; what the likeliest kitchen has in the first by now, °C.</summary>
    private static async Task<(string Id, double LikelyC)> Baking(Kitchen kitchen)
    {
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(20));
        return (id, (double)(await kitchen.Live())!["lots"]![0]!["pieces"]![0]!["middleC"]!);
    }

    private static JsonNode Probe(JsonNode answer, string name = "A") => answer["probes"]!.AsArray().Single(probe => (string)probe!["probe"]! == name)!;

    [Fact]
    public async Task A_stream_is_shown_kept_sparingly_and_counts_once_however_often_it_is_sent()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        string lines = Steady(kitchen, likelyC);
        (HttpStatusCode status, JsonNode answer) = await Feed(kitchen, id, lines);
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal((19, 0), ((int)answer["read"]!, (int)answer["refusedCount"]!));
        int kept = (int)answer["kept"]!;
        Assert.InRange(kept, 3, 4);

        JsonNode probe = Probe(answer);
        Assert.Equal((1, 1, true), ((int)probe["lot"]!, (int)probe["piece"]!, (bool)probe["counts"]!));
        Assert.Null(probe["fault"]);
        Assert.Equal(2.5, (double)probe["risePerMinuteC"]!, 0.01);
        Assert.Equal(likelyC, (double)probe["temperature"]!["value"]!, 0.06);

        JsonNode bake = (await kitchen.Live())!;
        Assert.Equal(kept, bake["readings"]!.AsArray().Count);
        Assert.All(bake["readings"]!.AsArray(), reading => Assert.True((bool)reading!["isBelieved"]!));

        // The answer was lost and the device sends it all again, also after a power cut.
        Assert.Equal(0, (int)(await Feed(kitchen, id, lines)).Body["kept"]!);
        await kitchen.Restart();
        Assert.Equal(0, (int)(await Feed(kitchen, id, lines)).Body["kept"]!);
        Assert.Equal((int)bake["seq"]!, (int)(await kitchen.Live())!["seq"]!);
    }

    [Fact]
    public async Task A_probe_that_nobody_placed_is_shown_and_counts_from_when_the_cook_says_where_it_is()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        JsonNode unplaced = (await Feed(kitchen, id, Steady(kitchen, likelyC, piece: null))).Body;
        Assert.Equal(0, (int)unplaced["kept"]!);
        Assert.Null(Probe(unplaced)["lot"]);
        Assert.False((bool)Probe(unplaced)["counts"]!);

        var placed = new JsonObject { ["kind"] = "probe", ["probe"] = "A", ["lot"] = 1, ["piece"] = 2 };
        await kitchen.Told(id, placed);
        kitchen.Clock.Advance(TimeSpan.FromSeconds(10));
        Assert.Equal(0, (int)(await Feed(kitchen, id, Line(kitchen, 7, 21, piece: null))).Body["kept"]!);
        (HttpStatusCode status, JsonNode counted) = await Feed(kitchen, id, Line(kitchen, 4, likelyC - 3, piece: null));
        Assert.Equal((0, false), ((int)counted["kept"]!, (bool)Probe(counted)["isSteady"]!));
        kitchen.Clock.Advance(TimeSpan.FromSeconds(10));
        (status, counted) = await Feed(kitchen, id, Line(kitchen, 0, likelyC, piece: null));
        Assert.True(status == HttpStatusCode.OK, counted.ToJsonString());
        Assert.Equal(1, (int)counted["kept"]!);
        Assert.Equal(2, (int)(await kitchen.Live())!["readings"]![0]!["piece"]!);

        // Taken out, it is shown and counts no more; twice is once too often.
        var takenOut = new JsonObject { ["kind"] = "probe", ["probe"] = "A" };
        await kitchen.Told(id, takenOut);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(3));
        Assert.Equal(0, (int)(await Feed(kitchen, id, Line(kitchen, 0, likelyC + 5, piece: null))).Body["kept"]!);
        Assert.Equal(409, (await kitchen.Tell(id, new JsonObject { ["kind"] = "probe", ["probe"] = "A" })).Status);
    }

    [Fact]
    public async Task A_tip_that_pops_out_is_named_and_not_believed_until_it_is_back()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        await Feed(kitchen, id, Steady(kitchen, likelyC));
        int before = (await kitchen.Live())!["readings"]!.AsArray().Count;

        kitchen.Clock.Advance(TimeSpan.FromMinutes(2));
        JsonNode popped = (await Feed(kitchen, id, string.Join('\n', Enumerable.Range(0, 24).Select(n => Line(kitchen, 120 - (5 * n), likelyC + (6 * n)))))).Body;
        Assert.Equal(("inAir", false), ((string?)Probe(popped)["fault"], (bool)Probe(popped)["counts"]!));
        JsonNode bake = (await kitchen.Live())!;
        Assert.InRange(bake["readings"]!.AsArray().Count, before, before + 1);
        Assert.All(bake["readings"]!.AsArray(), reading => Assert.InRange((double)reading!["temperature"]!["value"]!, 0, likelyC + 6));
        Assert.NotEqual("serve", (string?)bake["verdict"]?["kind"]);

        // Silent, it is missing.
        kitchen.Clock.Advance(TimeSpan.FromSeconds(61));
        Assert.Equal("missing", (string?)(await kitchen.Get($"/api/bakes/{id}/probes"))["probes"]![0]!["fault"]);

        kitchen.Clock.Advance(TimeSpan.FromMinutes(6));
        JsonNode back = (await Feed(kitchen, id, Steady(kitchen, likelyC + 22))).Body;
        Assert.True((bool)Probe(back)["counts"]!);
        Assert.InRange((int)back["kept"]!, 1, 4);
    }

    [Fact]
    public async Task Of_two_probes_in_one_piece_the_colder_counts()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        await Feed(kitchen, id, Steady(kitchen, likelyC - 4, "cold"));
        JsonNode both = (await Feed(kitchen, id, Steady(kitchen, likelyC + 4, "hot"))).Body;
        Assert.Equal("disagree", (string?)Probe(both, "hot")["fault"]);
        Assert.Null(Probe(both, "cold")["fault"]);
        Assert.Equal(0, (int)both["kept"]!);
    }

    [Fact]
    public async Task A_cold_tip_is_asked_about_once_and_not_with_every_line()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        await Feed(kitchen, id, Steady(kitchen, likelyC - 30));
        JsonNode[] asked = [.. (await kitchen.Live())!["readings"]!.AsArray().Where(reading => reading!["question"] is not null).Select(reading => reading!)];
        Assert.Single(asked);
        kitchen.Clock.Advance(TimeSpan.FromSeconds(80));
        Assert.Equal(0, (int)(await Feed(kitchen, id, Steady(kitchen, likelyC - 28))).Body["kept"]!);
    }

    [Fact]
    public async Task Each_line_that_makes_no_sense_is_refused_by_itself()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        string[] lines =
        [
            "garbage",
            "[1]",
            """{"probe":"","value":60,"unit":"celsius"}""",
            """{"probe":"\ud800","value":60,"unit":"celsius"}""",
            """{"probe":"A","value":"60","unit":"celsius"}""",
            """{"probe":"A","value":1e999,"unit":"celsius"}""",
            """{"probe":"A","value":60,"unit":"kelvin"}""",
            """{"probe":"A","value":60,"unit":"celsius","at":"soon"}""",
            """{"probe":"A","value":60,"unit":"celsius","lot":1}""",
            """{"probe":"A","value":60,"unit":"celsius","lot":9,"piece":1}""",
            """{"probe":"A","value":60,"unit":"celsius","lot":1,"piece":7}""",
            Line(kitchen, -121, 60),
            Line(kitchen, (20 * 60) + 1, 60),
            Line(kitchen, 10, likelyC),
            Line(kitchen, 11, likelyC),
        ];
        (HttpStatusCode status, JsonNode answer) = await Feed(kitchen, id, string.Join('\n', lines));
        Assert.Equal(HttpStatusCode.OK, status);
        Assert.Equal(
            [(1, "line"), (2, "line"), (3, "probe"), (4, "probe"), (5, "value"), (6, "value"), (7, "unit"), (8, "at"), (9, "piece"), (10, "lot"), (11, "lot"), (12, "at"), (13, "at"), (15, "at")],
            answer["refused"]!.AsArray().Select(refused => ((int)refused!["line"]!, (string)refused["field"]!)).Order());
        Assert.Equal(1, (int)answer["kept"]!);
        Assert.Single((await kitchen.Live())!["readings"]!.AsArray());
    }

    [Fact]
    public async Task A_feed_that_cannot_be_meant_is_refused_whole_and_the_bake_goes_on()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        string good = Line(kitchen, 0, likelyC);
        Assert.Equal(HttpStatusCode.BadRequest, (await Feed(kitchen, id, "")).Status);
        Assert.Equal(HttpStatusCode.BadRequest, (await Feed(kitchen, id, "garbage\ngarbage")).Status);
        Assert.Equal(HttpStatusCode.BadRequest, (await Feed(kitchen, id, string.Join('\n', Enumerable.Repeat(good, 3001)))).Status);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, (await Feed(kitchen, id, good, "text/plain")).Status);
        Assert.Equal(HttpStatusCode.Forbidden, (await Feed(kitchen, id, good, origin: "http://elsewhere.example")).Status);
        Assert.Equal(HttpStatusCode.NotFound, (await Feed(kitchen, Guid.NewGuid().ToString(), good)).Status);
        Assert.Equal(1, (int)(await kitchen.Live())!["seq"]!);

        await kitchen.Finish(id);
        Assert.Equal(HttpStatusCode.Conflict, (await Feed(kitchen, id, good)).Status);
        Assert.Empty((await kitchen.Get($"/api/bakes/{id}/probes"))["probes"]!.AsArray());
    }

    [Fact]
    public async Task More_than_a_kitchen_can_send_is_put_off_and_the_bake_goes_on()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        string flood = string.Join('\n', Enumerable.Repeat(Line(kitchen, 9, likelyC), 3000));
        var statuses = new List<HttpStatusCode>();
        for (int i = 0; i < 4; i++)
        {
            statuses.Add((await Feed(kitchen, id, flood)).Status);
        }

        Assert.Equal(HttpStatusCode.OK, statuses[0]);
        Assert.Contains(HttpStatusCode.TooManyRequests, statuses);
        Assert.Equal(200, (await kitchen.Tell(id, Kitchen.Reading(1, 2, likelyC))).Status);
        Assert.Equal(2, (await kitchen.Live())!["readings"]!.AsArray().Count);
    }

    [Fact]
    public async Task A_thirteenth_probe_is_refused()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        JsonNode answer = (await Feed(kitchen, id, string.Join('\n', Enumerable.Range(1, 13).Select(n => Line(kitchen, 0, likelyC, $"P{n}", piece: null))))).Body;
        Assert.Equal((13, "probe"), ((int)answer["refused"]![0]!["line"]!, (string?)answer["refused"]![0]!["field"]));
        Assert.Equal(12, answer["probes"]!.AsArray().Count);
    }

    [Fact]
    public async Task An_export_is_read_as_its_wire_would_have_told_it_and_once()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        string text = "Time;Oven;Thigh\n" + string.Concat(Enumerable.Range(0, 121).Select(n => FormattableString.Invariant(
            $"{TimeSpan.FromSeconds(600 + (5 * n)):hh\\:mm\\:ss};200;{(n == 5 ? string.Empty : (likelyC - (2.2 * (600 - (5 * n)) / 60)).ToString("0.0", CultureInfo.InvariantCulture))}\n")));
        (int looked, JsonNode? columns) = await kitchen.Send(HttpMethod.Post, "/api/thermometers/table", new JsonObject { ["text"] = text });
        Assert.Equal((200, "Time", 121), (looked, (string?)columns!["time"], (int)columns["rows"]!));
        Assert.Equal(["Oven", "Thigh"], columns["values"]!.AsArray().Select(value => (string?)value));

        JsonObject Told(string time = "Time", string unit = "celsius", int? piece = 1, string header = "Thigh") => new()
        {
            ["text"] = text,
            ["time"] = time,
            ["unit"] = unit,
            ["columns"] = new JsonArray(new JsonObject { ["header"] = header, ["lot"] = 1, ["piece"] = piece }),
        };
        (int status, JsonNode? answer) = await kitchen.Send(HttpMethod.Post, $"/api/bakes/{id}/feed/table", Told());
        Assert.True(status == 200, answer?.ToJsonString());
        Assert.Equal(120, (int)answer!["read"]!);
        Assert.InRange((int)answer["kept"]!, 8, 21);
        int seq = (int)(await kitchen.Live())!["seq"]!;
        Assert.Equal(0, (int)(await kitchen.Send(HttpMethod.Post, $"/api/bakes/{id}/feed/table", Told())).Body!["kept"]!);
        Assert.Equal(seq, (int)(await kitchen.Live())!["seq"]!);

        foreach ((JsonObject wrong, string field) in new[] { (Told(time: "When"), "time"), (Told(piece: null), "columns[0].piece"), (Told(header: "Leg"), "columns[0].header"), (Told(time: "Oven", header: "Time"), "time") })
        {
            (status, answer) = await kitchen.Send(HttpMethod.Post, $"/api/bakes/{id}/feed/table", wrong);
            Assert.Equal((400, true), (status, answer!["errors"]![field] is not null));
        }

        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/thermometers/table", new JsonObject { ["text"] = "nothing" })).Status);
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Post, "/api/thermometers/table", raw: """{"text":"\ud800"}""")).Status);
    }

    [Fact]
    public async Task What_could_not_be_stored_is_kept_when_it_is_sent_again()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        kitchen.MostPages = 1;
        string lines;
        HttpStatusCode status;
        int tellings = 0;
        do
        {
            kitchen.Clock.Advance(TimeSpan.FromSeconds(100));
            lines = string.Join('\n', Enumerable.Range(1, 6).Select(n => Steady(kitchen, likelyC + (2 * ++tellings / 6.0), $"P{n}", n)));
            (status, _) = await Feed(kitchen, id, lines);
        }
        while (status == HttpStatusCode.OK && tellings < 120);

        Assert.Equal(HttpStatusCode.InsufficientStorage, status);
        kitchen.MostPages = 0;
        (status, JsonNode again) = await Feed(kitchen, id, lines);
        Assert.True(status == HttpStatusCode.OK, again.ToJsonString());
        Assert.Equal((0, true), ((int)again["refusedCount"]!, (int)again["kept"]! >= 3));
    }

    [Fact]
    public async Task Probes_that_speak_at_the_same_time_do_not_silence_each_other()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        for (int round = 0; round < 3; round++)
        {
            kitchen.Clock.Advance(TimeSpan.FromSeconds(100));
            (HttpStatusCode Status, JsonNode Body)[] answers = await Task.WhenAll(Enumerable.Range(1, 6).Select(n => Feed(kitchen, id, Steady(kitchen, likelyC + 4, $"P{n}", n))));
            Assert.All(answers, answer => Assert.Equal((HttpStatusCode.OK, 0), (answer.Status, (int)answer.Body["refusedCount"]!)));
            JsonArray probes = (await kitchen.Get($"/api/bakes/{id}/probes"))["probes"]!.AsArray();
            Assert.Equal(6, probes.Count);
            Assert.All(probes, probe => Assert.Equal(kitchen.Clock.GetUtcNow(), (DateTimeOffset)probe!["at"]!));
        }
    }

    [Fact]
    public async Task The_cook_s_word_on_where_a_probe_is_stands_until_its_device_says_something_new()
    {
        await using var kitchen = new Kitchen();
        (string id, double likelyC) = await Baking(kitchen);
        await Feed(kitchen, id, Line(kitchen, 10, likelyC, piece: 1));
        await kitchen.Told(id, new JsonObject { ["kind"] = "probe", ["probe"] = "A", ["lot"] = 1, ["piece"] = 3 });
        kitchen.Clock.Advance(TimeSpan.FromSeconds(20));
        Assert.Equal(3, (int)Probe((await Feed(kitchen, id, Line(kitchen, 0, likelyC, piece: 1))).Body)["piece"]!);
        kitchen.Clock.Advance(TimeSpan.FromSeconds(20));
        Assert.Equal(2, (int)Probe((await Feed(kitchen, id, Line(kitchen, 0, likelyC, piece: 2))).Body)["piece"]!);
    }
}
