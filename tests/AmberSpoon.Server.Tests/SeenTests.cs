using System.Globalization;
using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>What an earlier build did over raw meat, and what must never happen again.</summary>
public sealed class SeenTests
{
    private static JsonObject Lot(int id, string cut, string sizes, int addAt = 0, bool skinOn = true) => JsonNode.Parse(FormattableString.Invariant($$"""
        {
          "id": {{id}}, "cut": "{{cut}}", "skinOn": {{(skinOn ? "true" : "false")}}, "coating": "oil", "sizes": {{sizes}}, "height": null, "startFrom": "fridge",
          "vessel": 0, "addAtMinutes": {{addAt}}, "leavesWhenDone": false, "skinDown": false
        }
        """))!.AsObject();

    private static string Alike(int count, double massG) => FormattableString.Invariant(
        $$"""{ "basis": "piece", "count": {{count}}, "mass": { "value": {{massG}}, "unit": "gram" }, "spreadPercent": 0, "each": [] }""");

    private static string Each(params double[] massG) =>
        $$"""{ "basis": "eachPiece", "count": {{massG.Length}}, "mass": null, "spreadPercent": 0, "each": [{{string.Join(',', massG.Select(mass => $$"""{ "value": {{mass.ToString(CultureInfo.InvariantCulture)}}, "unit": "gram" }"""))}}] }""";

    private static JsonObject Tray(double ovenC, params JsonObject[] lots)
    {
        JsonObject plan = Kitchen.GoodPlan();
        plan["chicken"] = new JsonArray([.. lots]);
        plan["ovenSetting"]!["value"] = ovenC;
        return plan;
    }

    private static string Kind(JsonNode bake) => (string)bake["verdict"]!["kind"]!;

    private static JsonNode LotVerdict(JsonNode bake, int lot) => bake["lots"]!.AsArray().Single(of => (int)of!["lot"]! == lot)!["verdict"]!;

    private static (int Lot, int Piece)[] MeasureNext(JsonNode bake) =>
        [.. bake["verdict"]!["measureNext"]!.AsArray().Select(next => ((int)next!["lot"]!, (int)next["piece"]!))];

    /// <summary>Two wings at 76 and 78 °C said "serve" over breasts at 30 °C; legs and tenders likewise.</summary>
    [Theory]
    [InlineData("boneInBreast", 2, 400, "drumette", 6, 42, 28, 87, 89)]
    [InlineData("legQuarter", 2, 330, "tender", 4, 50, 18, 84, 86)]
    public async Task One_lot_cannot_speak_for_another(string slow, int slowCount, double slowG, string quick, int quickCount, double quickG, int minute, double firstC, double secondC)
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Tray(200, Lot(1, slow, Alike(slowCount, slowG)), Lot(2, quick, Alike(quickCount, quickG))));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(minute));
        int slowest = (int)(await kitchen.Live())!["lots"]![1]!["slowest"]!;
        JsonNode bake = await kitchen.Told(id, Kitchen.Reading(2, slowest, firstC), Kitchen.Reading(2, slowest % quickCount + 1, secondC));
        Assert.NotEqual("serve", Kind(bake));
        Assert.Equal("serve", (string?)LotVerdict(bake, 2)["kind"]);
        Assert.Contains(MeasureNext(bake), next => next.Lot == 1);
        Assert.Contains("may be served", (string?)bake["verdict"]!["reason"], StringComparison.Ordinal);
    }

    /// <summary>The two lightest of six said "serve" at 20 min; the heaviest was at 38 °C.</summary>
    [Fact]
    public async Task The_lightest_pieces_cannot_speak_for_the_heaviest()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Tray(200, Lot(1, "boneInThigh", Each(260, 230, 200, 150, 110, 90))));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(24));
        JsonNode bake = await kitchen.Told(id, Kitchen.Reading(1, 6, 79), Kitchen.Reading(1, 5, 77));
        Assert.Equal("measure", Kind(bake));
        Assert.Equal((1, 1), MeasureNext(bake)[0]);
        Assert.Contains("the slowest", (string?)bake["verdict"]!["reason"], StringComparison.Ordinal);
    }

    /// <summary>27.9 °C shown as 82.2 °F and typed as 82.2 °C said "serve" at 14 min.</summary>
    [Fact]
    public async Task A_number_that_fits_the_other_unit_is_asked_about()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Tray(204, Lot(1, "boneInThigh", Alike(2, 165))));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(14));
        JsonNode bake = await kitchen.Told(id, Kitchen.Reading(1, 1, 82.2), Kitchen.Reading(1, 2, 82.2));
        Assert.Equal("cannotTell", Kind(bake));
        JsonNode reading = bake["readings"]![0]!;
        Assert.Equal((false, "unit"), ((bool)reading["isBelieved"]!, (string)reading["doubt"]!));
        Assert.Contains("did you mean 82.2 °C or 82.2 °F", (string?)reading["question"], StringComparison.Ordinal);
        int seq = (int)reading["seq"]!;

        JsonNode insisted = await kitchen.Told(id, new JsonObject { ["kind"] = "answer", ["reading"] = seq, ["answer"] = "asTyped" });
        Assert.NotEqual("serve", Kind(insisted));
        Assert.False((bool)insisted["readings"]![0]!["isBelieved"]!);

        JsonNode meant = await kitchen.Told(id, new JsonObject { ["kind"] = "answer", ["reading"] = seq, ["answer"] = "otherUnit" });
        Assert.True((bool)meant["readings"]![0]!["isBelieved"]!);
        Assert.Equal(27.9, (double)meant["lots"]![0]!["pieces"]![0]!["middleC"]!, 2.5);
    }

    /// <summary>74.5 °C was believed at 38 % of the predicted time; the fastest of 300 kitchens needed twice that.</summary>
    [Theory]
    [InlineData(0.38, false)]
    [InlineData(0.5, false)]
    [InlineData(0.85, true)]
    [InlineData(1.0, true)]
    public async Task A_reading_is_believed_where_some_kitchen_could_be_so_far(double share, bool believed)
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Tray(204, Lot(1, "boneInThigh", Alike(2, 165))));
        DateTimeOffset goalAt = (DateTimeOffset)(await kitchen.Live())!["lots"]![0]!["goalAt"]!;
        kitchen.Clock.Advance(share * (goalAt - kitchen.Clock.GetUtcNow()));
        JsonNode bake = await kitchen.Told(id, Kitchen.Reading(1, 1, 74.5), Kitchen.Reading(1, 2, 74.5));
        Assert.All(bake["readings"]!.AsArray(), reading => Assert.Equal(believed, (bool)reading!["isBelieved"]!));
        if (!believed)
        {
            Assert.Equal("cannotTell", Kind(bake));
        }
    }

    /// <summary>A hold that nobody saw said "serve": 60 °C, and a minute later "70 °C held 600 s".</summary>
    [Fact]
    public async Task A_hold_counts_only_as_long_as_it_was_seen()
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Tray(204, Lot(1, "boneInThigh", Alike(2, 165)));
        plan["profile"] = "unitedKingdom";
        string id = await kitchen.StartBake(plan);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(26));
        await kitchen.Told(id, Kitchen.Readings(60, 61));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(4));
        JsonObject held = Kitchen.Reading(1, 1, 70.5);
        held["heldSeconds"] = 3600;
        JsonNode bake = await kitchen.Told(id, held, Kitchen.Reading(1, 2, 71));
        Assert.Equal("measure", Kind(bake));
        Assert.Contains("stayed at 70 °C or more for 2 min", (string?)bake["verdict"]!["reason"], StringComparison.Ordinal);

        kitchen.Clock.Advance(TimeSpan.FromSeconds(119));
        Assert.NotEqual("serve", Kind(await kitchen.Told(id, Kitchen.Readings(72, 73))));
        kitchen.Clock.Advance(TimeSpan.FromSeconds(1));
        Assert.Equal("serve", Kind(await kitchen.Told(id, Kitchen.Readings(72, 73))));
    }

    /// <summary>A lot that went in at 21 min and was never measured was served at 30.</summary>
    [Fact]
    public async Task A_late_lot_is_measured_too()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Tray(204, Lot(1, "boneInThigh", Alike(2, 165)), Lot(2, "tender", Alike(4, 50), addAt: 21, skinOn: false)));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(33));
        JsonNode bake = await kitchen.Told(id, Kitchen.Readings(82, 84));
        Assert.Equal("serve", (string?)LotVerdict(bake, 1)["kind"]);
        Assert.NotEqual("serve", Kind(bake));
        Assert.All(MeasureNext(bake), next => Assert.Equal(2, next.Lot));
    }

    /// <summary>A tender honestly read 60 °C was thrown away as impossible for the leg.</summary>
    [Fact]
    public async Task A_reading_is_held_against_its_own_piece()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Tray(220, Lot(1, "legQuarter", Alike(2, 330)), Lot(2, "tender", Alike(4, 50), skinOn: false)));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(11));
        JsonNode bake = await kitchen.Told(id, Kitchen.Reading(2, 1, 60));
        Assert.True((bool)bake["readings"]![0]!["isBelieved"]!);
        kitchen.Clock.Advance(TimeSpan.FromMinutes(34));
        bake = await kitchen.Told(id, Kitchen.Reading(1, 1, 84), Kitchen.Reading(1, 2, 85));
        Assert.NotEqual("serve", Kind(bake));
        Assert.Contains("was short at 60 °C", (string?)LotVerdict(bake, 2)["reason"], StringComparison.Ordinal);
    }

    /// <summary>"A rest lifts it to 88 °C" was said of a 50 g tender, computed with the leg.</summary>
    [Theory]
    [InlineData(2, 12, 62, "backIn")]
    [InlineData(1, 34, 73.8, "restThenCheck")]
    public async Task A_rest_is_advised_by_the_low_end_of_that_piece_s_own_peak(int lot, int minute, double celsius, string advised)
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Tray(220, Lot(1, "legQuarter", Alike(2, 330)), Lot(2, "tender", Alike(4, 50), skinOn: false)));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(minute));
        JsonNode verdict = LotVerdict(await kitchen.Told(id, Kitchen.Reading(lot, 1, celsius)), lot);
        string reason = (string)verdict["reason"]!;
        Assert.True(advised == (string?)verdict["kind"], reason);
        if (advised == "restThenCheck")
        {
            Assert.InRange(int.Parse(reason.Split("lift it to ")[1].Split(' ')[0], CultureInfo.InvariantCulture), 75, 80);
        }
    }

    /// <summary>Wings at 93 and 95 °C were refused as too hot to be true; a late lead blocked every honest reading.</summary>
    [Fact]
    public async Task Wings_may_be_as_hot_as_the_plan_has_them_and_a_late_lot_blocks_no_other()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Tray(200, Lot(1, "boneInBreast", Alike(2, 400), addAt: 20), Lot(2, "drumette", Alike(6, 42))));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(26));
        JsonNode bake = await kitchen.Told(id, Kitchen.Reading(2, 1, 93), Kitchen.Reading(2, 2, 95));
        Assert.All(bake["readings"]!.AsArray(), reading => Assert.True((bool)reading!["isBelieved"]!));
    }

    /// <summary>After one reading the band showed 66 to 66 °C.</summary>
    [Fact]
    public async Task A_reading_narrows_the_band_and_does_not_close_it()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartBake(Tray(204, Lot(1, "boneInThigh", Alike(2, 165))));
        kitchen.Clock.Advance(TimeSpan.FromMinutes(26));
        double before = Width((await kitchen.Live())!);
        JsonNode bake = await kitchen.Told(id, Kitchen.Reading(1, 1, 66));
        Assert.InRange(Width(bake), 2, 0.5 * before);

        static double Width(JsonNode bake) =>
            (double)bake["lots"]![0]!["pieces"]![0]!["highC"]! - (double)bake["lots"]![0]!["pieces"]![0]!["lowC"]!;
    }

    /// <summary>The same POST stored two checks, mixes, marinades and trays.</summary>
    [Fact]
    public async Task What_is_sent_twice_is_made_once()
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        Assert.Equal("2", await Twice("/api/trays", null, "id"));
        Assert.Equal("3", await Twice("/api/trays/1/duplicate", null, "id"));
        Assert.Equal(3, (await kitchen.Get("/api/trays"))["trays"]!.AsArray().Count);

        JsonNode rub = JsonNode.Parse("""{ "name": "House rub", "kind": "dryRub", "per": "kilogramOfMeat", "method": "", "parts": [{ "name": "fine salt", "value": 12, "unit": "gram" }] }""")!;
        await Twice("/api/mixes", rub, "id");
        Assert.Single((await kitchen.Get("/api/prep"))["mixes"]!.AsArray(), mix => (bool)mix!["isOwn"]!);

        JsonNode choice = JsonNode.Parse("""{ "serveG": 0, "marinateMinutes": 60, "place": "fridge", "container": "bareAluminium", "garnish": false, "heads": 4, "portionG": 120 }""")!;
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, "/api/prep/3", choice)).Status);
        await kitchen.Coat("""[{ "kind": "wetMarinade", "mix": "lime-soy" }]""", tray: 3);
        await Twice("/api/prep/3/marinade", null, "running");
        Assert.Single((await kitchen.Get("/api/marinades"))["running"]!.AsArray());

        async Task<string> Twice(string path, JsonNode? body, string number)
        {
            var command = Guid.NewGuid();
            (int Status, JsonNode? Body)[] sent = await Task.WhenAll(Sent(path, body, command), Sent(path, body, command));
            Assert.All(sent, answer => Assert.Equal(200, answer.Status));
            return Assert.Single(sent.Select(answer => answer.Body![number]!.ToJsonString()).Distinct());
        }

        async Task<(int Status, JsonNode? Body)> Sent(string path, JsonNode? body, Guid command)
        {
            using var request = new HttpRequestMessage(HttpMethod.Post, path);
            request.Headers.Add("Command-Id", command.ToString());
            request.Content = body is null ? null : new StringContent(body.ToJsonString(), System.Text.Encoding.UTF8, "application/json");
            using HttpResponseMessage response = await kitchen.Client.SendAsync(request, TestContext.Current.CancellationToken);
            return ((int)response.StatusCode, JsonNode.Parse(await response.Content.ReadAsStringAsync(TestContext.Current.CancellationToken)));
        }
    }

    /// <summary>A clock set back two hours put the tray twice into the oven and finished it before it began.</summary>
    [Fact]
    public async Task A_clock_that_is_set_back_turns_nothing_round()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        kitchen.Clock.Advance(TimeSpan.FromMinutes(30));
        await kitchen.Told(id, Kitchen.Reading(1, 1, 60));
        kitchen.Clock.AdjustTime(kitchen.Clock.GetUtcNow().AddHours(-2));
        await kitchen.Told(id, Kitchen.Moved("worktop"));
        Assert.Equal(409, (await kitchen.Tell(id, Kitchen.Moved("worktop"))).Status);
        Assert.Equal("oven", (string?)(await kitchen.Told(id, Kitchen.Moved("oven")))["place"]);
        Assert.Equal(409, (await kitchen.Tell(id, Kitchen.Moved("oven"))).Status);
        await kitchen.Restart();
        Assert.Equal("oven", (string?)(await kitchen.Live())!["place"]);
        JsonNode done = await kitchen.Finish(id);
        Assert.True((DateTimeOffset)done["finishedAt"]! >= ((DateTimeOffset)done["startedAt"]!).AddMinutes(30));
    }
}
