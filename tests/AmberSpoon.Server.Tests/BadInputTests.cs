using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>Whatever is sent: a 4xx that names the field, a plain sentence, and nothing stored changes.</summary>
public sealed class BadInputTests(SharedKitchen shared) : IClassFixture<SharedKitchen>
{
    public static TheoryData<string, string, string> WrongFields => new()
    {
        { "chicken[0].sizes.mass.value", "-900", "chicken[0].sizes.mass.value" },
        { "chicken[0].sizes.mass.value", "0", "chicken[0].sizes.mass.value" },
        { "chicken[0].sizes.mass.value", "1e300", "chicken[0].sizes.mass.value" },
        { "chicken[0].sizes.mass.value", "1e999", "chicken[0].sizes.mass.value" },
        { "chicken[0].sizes.mass.value", "50", "chicken[0].sizes.mass.value" },
        { "chicken[0].sizes.mass.value", "\"heavy\"", "chicken[0].sizes.mass.value" },
        { "chicken[0].sizes.mass.value", "null", "chicken[0].sizes.mass.value" },
        { "chicken[0].sizes.mass.unit", "\"stone\"", "chicken[0].sizes.mass.unit" },
        { "chicken[0].sizes.basis", "null", "chicken[0].sizes.basis" },
        { "chicken[0].height.value", "-3", "chicken[0].height.value" },
        { "chicken[0].height.value", "0", "chicken[0].height.value" },
        { "chicken[0].height.value", "300", "chicken[0].height.value" },
        { "chicken[0].height.value", "\"tall\"", "chicken[0].height.value" },
        { "chicken[0].sizes.count", "0", "chicken[0].sizes.count" },
        { "chicken[0].sizes.count", "-6", "chicken[0].sizes.count" },
        { "chicken[0].sizes.count", "100000", "chicken[0].sizes.count" },
        { "chicken[0].sizes.count", "2.5", "chicken[0].sizes.count" },
        { "chicken[0].sizes.count", "\"six\"", "chicken[0].sizes.count" },
        { "chicken[0].cut", "\"turkey\"", "chicken[0].cut" },
        { "chicken[0].cut", "3", "chicken[0].cut" },
        { "chicken[0].cut", "null", "chicken[0].cut" },
        { "chicken[0].skinOn", "null", "chicken[0].skinOn" },
        { "chicken[0].startFrom", "\"frozen\"", "chicken[0].startFrom" },
        { "ovenMode", "\"steam\"", "ovenMode" },
        { "ovenSetting.value", "900", "ovenSetting.value" },
        { "ovenSetting.value", "-20", "ovenSetting.value" },
        { "ovenSetting.value", "0", "ovenSetting.value" },
        { "ovenSetting.value", "\"hot\"", "ovenSetting.value" },
        { "targetCore.value", "165", "targetCore.value" },
        { "targetCore.value", "20", "targetCore.value" },
        { "profile", "\"atlantis\"", "profile" },
        { "restMinutes", "-1", "restMinutes" },
        { "restMinutes", "500", "restMinutes" },
        { "eatAt", "\"tonight\"", "eatAt" },
        { "eatAt", "\"2020-01-01T18:00:00Z\"", "eatAt" },
        { "eatAt", "\"2036-01-01T18:00:00Z\"", "eatAt" },
        { "name", "\"\"", "name" },
        { "name", "null", "name" },
        { "chicken", "null", "chicken" },
        { "chicken[0].coating", "\"stuffed\"", "chicken[0].coating" },
        { "chicken[0].coating", "\"tar\"", "chicken[0].coating" },
        { "chicken[0].sizes.spreadPercent", "80", "chicken[0].sizes.spreadPercent" },
        { "chicken[0].vessel", "1", "chicken[0].vessel" },
        { "chicken[0].addAtMinutes", "-5", "chicken[0].addAtMinutes" },
        { "chicken[0].addAtMinutes", "900", "chicken[0].addAtMinutes" },
        { "chicken[0].id", "2", "vegetables[0].id" },
        { "vegetables[0].size.value", "0", "vegetables[0].size.value" },
        { "vegetables[0].size.value", "200", "vegetables[0].size.value" },
        { "vegetables[0].kind", "\"turnip\"", "vegetables[0].kind" },
        { "vegetables[0].cut", "\"floret\"", "vegetables[0].cut" },
        { "vegetables[0].amount.value", "0", "vegetables[0].amount.value" },
        { "vegetables[0].amount.value", "90000", "vegetables[0].amount.value" },
        { "vegetables[0].layers", "5", "vegetables[0].layers" },
        { "vegetables[0].layers", "0", "vegetables[0].layers" },
        { "vegetables[0].place", "\"aloft\"", "vegetables[0].place" },
        { "chicken[0].coats", "[{\"kind\":\"crumb\"}]", "chicken[0].coats[0].kind" },
        { "chicken[0].coats", "[{\"kind\":\"glaze\",\"when\":\"noon\"}]", "chicken[0].coats[0].when" },
        { "chicken[0].coats", "[{\"kind\":\"glaze\",\"when\":\"afterDraining\"}]", "chicken[0].coats[0].when" },
        { "steps", "[{\"kind\":\"coat\",\"atMinutes\":10}]", "steps[0].kind" },
        { "vessels", "[]", "vessels" },
        { "vessels[0].kind", "\"bathtub\"", "vessels[0].kind" },
        { "vessels[0].kind", "\"custom\"", "vessels[0].width.value" },
        { "vessels[0].waterMl", "-1", "vessels[0].waterMl" },
        { "steps", "[{\"kind\":\"turn\",\"atMinutes\":241}]", "steps[0].atMinutes" },
        { "stayUntilMinutes", "0", "stayUntilMinutes" },
        { "stayUntilMinutes", "241", "stayUntilMinutes" },
        { "steps", "[{\"kind\":\"turn\",\"atMinutes\":-1}]", "steps[0].atMinutes" },
        { "steps", "[{\"kind\":\"swap\",\"atMinutes\":10}]", "steps[0].kind" },
        { "steps", "[{\"kind\":\"shelf\",\"atMinutes\":10}]", "steps[0].shelf" },
        { "steps", "[{\"kind\":\"shelf\",\"atMinutes\":10,\"shelf\":\"low\",\"vessel\":1}]", "steps[0].vessel" },
        { "steps", "[{\"kind\":\"shelf\",\"atMinutes\":10,\"shelf\":\"low\",\"vessel\":-1}]", "steps[0].vessel" },
        { "steps", "[{\"kind\":\"uncover\",\"atMinutes\":10}]", "steps[0].kind" },
        { "steps", "[{\"kind\":\"cover\",\"atMinutes\":5},{\"kind\":\"grill\",\"atMinutes\":10,\"forMinutes\":4}]", "steps[1].kind" },
        { "steps", "[{\"kind\":\"lower\",\"atMinutes\":5,\"setting\":{\"value\":900,\"unit\":\"celsius\"}}]", "steps[0].setting.value" },
        { "steps", "[{\"kind\":\"grill\",\"atMinutes\":5}]", "steps[0].forMinutes" },
        { "steps", "[{\"kind\":\"grill\",\"atMinutes\":5,\"forMinutes\":46}]", "steps[0].forMinutes" },
        { "steps", "[{\"kind\":\"grill\",\"atMinutes\":5,\"forMinutes\":0}]", "steps[0].forMinutes" },
        { "steps", "[{\"kind\":\"grill\",\"atMinutes\":5,\"forMinutes\":4,\"setting\":{\"value\":149,\"unit\":\"celsius\"}}]", "steps[0].setting.value" },
        { "steps", "[{\"kind\":\"grill\",\"atMinutes\":5,\"forMinutes\":4,\"shelf\":\"attic\"}]", "steps[0].shelf" },
        { "vessels[0].shelf", "\"attic\"", "vessels[0].shelf" },
        { "vessels[0].madeOf", "\"wood\"", "vessels[0].madeOf" },
        { "vessels[0].waterMl", "2001", "vessels[0].waterMl" },
        { "vessels", "[{\"kind\":\"quarterSheet\",\"rack\":false,\"parchment\":false,\"waterMl\":1030}]", "vessels[0].waterMl" },
        { "ovenAtStart", "{\"value\":900,\"unit\":\"celsius\"}", "ovenAtStart.value" },
        { "ovenAtStart", "{\"value\":-5,\"unit\":\"celsius\"}", "ovenAtStart.value" },
        { "chicken[0].sear", "{\"minutes\":60,\"pan\":\"castIron\"}", "chicken[0].sear.minutes" },
        { "chicken[0].sear", "{\"minutes\":12.1,\"pan\":\"castIron\"}", "chicken[0].sear.minutes" },
        { "chicken[0].sear", "{\"minutes\":0.9,\"pan\":\"castIron\"}", "chicken[0].sear.minutes" },
        { "chicken[0].sear", "{\"minutes\":4}", "chicken[0].sear.pan" },
        { "chicken[0].sear", "{}", "chicken[0].sear.minutes" },
        { "chicken[0].filling", "{\"value\":40,\"unit\":\"gram\"}", "chicken[0].filling.value" },
        { "ovenSetting.value", "59", "ovenSetting.value" },
        { "ovenSetting.value", "291", "ovenSetting.value" },
        { "spots", "[{\"lot\":1}]", "spots[0]" },
    };

    [Theory]
    [MemberData(nameof(WrongFields))]
    public async Task A_wrong_field_of_the_tray_is_named_and_nothing_is_stored(string path, string json, string field)
    {
        Kitchen kitchen = shared.Kitchen;
        string before = (await kitchen.Get("/api/tray"))["plan"]!.ToJsonString();

        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Put, "/api/trays/1", raw: Kitchen.With(Kitchen.Supper(), path, json));

        Assert.Equal(400, status);
        string sentence = (string)problem!["errors"]![field]![0]!;
        Assert.EndsWith(".", sentence, StringComparison.Ordinal);
        Assert.DoesNotContain("System.", problem.ToJsonString(), StringComparison.Ordinal);
        JsonNode after = await kitchen.Get("/api/tray");
        Assert.Equal(before, after["plan"]!.ToJsonString());
        Assert.Equal(2, (int)after["version"]!);
    }

    /// <summary>A piece of 200 g holds 80 g of filling at most; below 120 °C a filling is lukewarm for hours; two trays have two shelves.</summary>
    [Theory]
    [InlineData(80, 120, "low", null)]
    [InlineData(81, 120, "low", "chicken[0].filling.value")]
    [InlineData(300, 120, "low", "chicken[0].filling.value")]
    [InlineData(0, 120, "low", "chicken[0].filling.value")]
    [InlineData(40, 119, "low", "ovenSetting.value")]
    [InlineData(40, 200, "topThird", "vessels[1].shelf")]
    public async Task Fillings_gentle_ovens_and_shelves_have_their_limits(double fillingG, double ovenC, string shelf, string? field)
    {
        await using var kitchen = new Kitchen();
        JsonObject plan = Kitchen.GoodPlan();
        plan["chicken"]![0] = JsonNode.Parse($$"""
            { "id": 1, "cut": "bonelessBreast", "skinOn": false, "coating": "stuffed", "startFrom": "fridge", "vessel": 0, "addAtMinutes": 0, "leavesWhenDone": false, "skinDown": false,
              "sizes": { "basis": "piece", "count": 2, "mass": { "value": 200, "unit": "gram" }, "spreadPercent": 0, "each": [] },
              "filling": { "value": {{fillingG}}, "unit": "gram" }, "sear": { "minutes": 4, "pan": "steel" } }
            """);
        plan["ovenSetting"]!["value"] = ovenC;
        plan["ovenAtStart"] = JsonNode.Parse("""{ "value": 150, "unit": "celsius" }""");
        plan["vessels"] = JsonNode.Parse($$"""
            [{ "kind": "halfSheet", "rack": false, "parchment": false, "waterMl": 0, "shelf": "topThird", "madeOf": "darkMetal" },
             { "kind": "dish", "rack": false, "parchment": false, "waterMl": 200, "shelf": "{{shelf}}" }]
            """);
        (int status, JsonNode? answer) = await kitchen.SaveTray(plan);
        Assert.Equal(field is null ? 200 : 400, status);
        if (field is not null)
        {
            Assert.NotNull(answer!["errors"]![field]);
            return;
        }

        // What was said is kept as it was said.
        JsonNode kept = (await kitchen.Get("/api/tray"))["plan"]!;
        Assert.Equal((80.0, 4.0, "steel"), ((double)kept["chicken"]![0]!["filling"]!["value"]!, (double)kept["chicken"]![0]!["sear"]!["minutes"]!, (string)kept["chicken"]![0]!["sear"]!["pan"]!));
        Assert.Equal((150.0, "low", "darkMetal"), ((double)kept["ovenAtStart"]!["value"]!, (string)kept["vessels"]![1]!["shelf"]!, (string)kept["vessels"]![0]!["madeOf"]!));
    }

    [Theory]
    [InlineData("{bad")]
    [InlineData("")]
    [InlineData("null")]
    [InlineData("[]")]
    [InlineData("\"tray\"")]
    public async Task Malformed_json_is_a_400_everywhere(string raw)
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        foreach ((HttpMethod method, string path) in new[]
        {
            (HttpMethod.Put, "/api/trays/1"), (HttpMethod.Post, "/api/forecast"), (HttpMethod.Post, "/api/bakes"), (HttpMethod.Post, $"/api/bakes/{id}/events"),
        })
        {
            Assert.Equal(400, (await kitchen.Send(method, path, raw: raw)).Status);
        }

        Assert.Equal(1, (int)(await kitchen.Live())!["seq"]!);
    }

    [Fact]
    public async Task The_wrong_kind_of_content_and_unknown_addresses_are_plain_problems()
    {
        await using var kitchen = new Kitchen();
        using var text = new StringContent("hello", Encoding.UTF8, new MediaTypeHeaderValue("text/plain"));
        using HttpResponseMessage wrongKind = await kitchen.Client.PutAsync("/api/trays/1", text, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, wrongKind.StatusCode);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, "/api/nothing")).Status);
        Assert.Equal(404, (await kitchen.Tell(Guid.NewGuid().ToString(), Kitchen.Event("finished"))).Status);
        Assert.Equal(404, (await kitchen.Tell("7", Kitchen.Event("finished"))).Status);
    }

    /// <summary>Every field of every body, replaced by each of these, is answered with less than 500.</summary>
    [Fact]
    public async Task No_nonsense_in_any_field_gives_a_server_error()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        string[] nonsense = ["null", "\"\"", "\"x\"", "-1", "0", "1e308", "-1e999", "[]", "{}", "true", "99999999999999999999", "\"9999-12-31T23:59:59Z\"", "\"0001-01-01T00:00:00+14:00\""];
        var told = new JsonObject
        {
            ["commandId"] = Guid.NewGuid(),
            ["kind"] = "reading",
            ["at"] = null,
            ["lot"] = 1,
            ["piece"] = 1,
            ["value"] = 20,
            ["unit"] = "celsius",
            ["place"] = "worktop",
            ["act"] = 0,
            ["setting"] = null,
            ["reading"] = 2,
            ["answer"] = "asTyped",
            ["text"] = "seen",
            ["event"] = 2,
        };
        foreach (string json in nonsense)
        {
            JsonObject plan = Kitchen.Supper();
            plan["chicken"]![0]!["goal"] = JsonNode.Parse("""{ "core": { "value": 80, "unit": "celsius" }, "holdSeconds": 0 }""");
            plan["vegetables"]![0]!["goal"] = "tender";
            IEnumerable<string> fields = plan.Select(pair => pair.Key)
                .Concat(plan["chicken"]![0]!.AsObject().Select(pair => $"chicken[0].{pair.Key}"))
                .Concat(plan["chicken"]![0]!["sizes"]!.AsObject().Select(pair => $"chicken[0].sizes.{pair.Key}"))
                .Concat(plan["vegetables"]![0]!.AsObject().Select(pair => $"vegetables[0].{pair.Key}"))
                .Concat(plan["vessels"]![0]!.AsObject().Select(pair => $"vessels[0].{pair.Key}"))
                .Concat(["chicken[0].sizes.mass.value", "chicken[0].height.value", "ovenSetting.unit", "targetCore.value", "chicken[0].goal.core", "chicken[0].goal.holdSeconds", "vegetables[0].goal"]);
            foreach (string field in fields)
            {
                (int status, _) = await kitchen.Send(HttpMethod.Put, "/api/trays/1", raw: Kitchen.With(plan, field, json));
                Assert.True(status < 500, $"{field} = {json} gave {status}");
            }

            foreach (string kind in new[] { "reading", "answer", "note", "moved", "actDone", "ovenSet", "corrected", "lotIn", "lotOut" })
            {
                told["kind"] = kind;
                foreach (string field in told.Select(pair => pair.Key))
                {
                    (int status, _) = await kitchen.Send(HttpMethod.Post, $"/api/bakes/{id}/events", raw: $$"""{"events":[{{Kitchen.With(told, field, json)}}]}""");
                    Assert.True(status < 500, $"{kind}: {field} = {json} gave {status}");
                }
            }

            foreach ((string path, string body) in new[]
            {
                ("/api/trays/1/compare", $$"""{"ways":{{json}}}"""), ("/api/trays/1/recipe-check", $$"""{"oven":{{json}},"minutes":30}"""),
                ("/api/trays/1/recipe-check", $$"""{"oven":{"value":200,"unit":"celsius"},"minutes":{{json}}}"""),
                ("/api/trays/1/recipe-check", $$"""{"oven":{"value":200,"unit":"celsius"},"minutes":30,"then":{{json}}}"""),
                ("/api/trays/1/recipe-check", $$"""{"oven":{"value":200,"unit":"celsius"},"minutes":30,"then":[{{json}}]}"""),
                ("/api/trays/1/tending", $$"""{"heat":{{json}},"turning":"once","basting":"never","drainsJuices":false}"""),
            })
            {
                (int status, _) = await kitchen.Send(HttpMethod.Post, path, raw: body);
                Assert.True(status < 500, $"{path} {body} gave {status}");
            }

            Assert.True((await kitchen.Send(HttpMethod.Post, "/api/bakes", raw: $$"""{"trayId":{{json}},"trayVersion":{{json}},"commandId":{{json}}}""")).Status < 500);
            Assert.True((await kitchen.Send(HttpMethod.Get, $"/api/bakes?cursor={Uri.EscapeDataString(json)}")).Status < 500);
        }
    }
}
