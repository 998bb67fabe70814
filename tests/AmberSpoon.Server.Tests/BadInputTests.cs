using System.Net;
using System.Net.Http.Headers;
using System.Text;
using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>Whatever is sent: a 4xx that names the field, a plain sentence, and nothing stored changes.</summary>
public sealed class BadInputTests
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
        { "ovenMode", "\"grill\"", "ovenMode" },
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
        { "vessels", "[]", "vessels" },
        { "vessels[0].kind", "\"bathtub\"", "vessels[0].kind" },
        { "vessels[0].kind", "\"custom\"", "vessels[0].width.value" },
        { "vessels[0].waterMl", "-1", "vessels[0].waterMl" },
        { "steps", "[{\"kind\":\"turn\",\"atMinutes\":100}]", "steps[0].atMinutes" },
        { "steps", "[{\"kind\":\"turn\",\"atMinutes\":-1}]", "steps[0].atMinutes" },
        { "steps", "[{\"kind\":\"swap\",\"atMinutes\":10}]", "steps[0].kind" },
        { "steps", "[{\"kind\":\"uncover\",\"atMinutes\":10}]", "steps[0].kind" },
        { "steps", "[{\"kind\":\"cover\",\"atMinutes\":5},{\"kind\":\"grill\",\"atMinutes\":10,\"forMinutes\":4}]", "steps[1].kind" },
        { "steps", "[{\"kind\":\"lower\",\"atMinutes\":5,\"setting\":{\"value\":900,\"unit\":\"celsius\"}}]", "steps[0].setting.value" },
        { "steps", "[{\"kind\":\"grill\",\"atMinutes\":5}]", "steps[0].forMinutes" },
        { "spots", "[{\"lot\":1}]", "spots[0]" },
    };

    [Theory]
    [MemberData(nameof(WrongFields))]
    public async Task A_wrong_field_of_the_tray_is_named_and_nothing_is_stored(string path, string json, string field)
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.Supper());
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
            (HttpMethod.Put, "/api/trays/1"), (HttpMethod.Post, "/api/oven/start"),
            (HttpMethod.Post, $"/api/oven/{id}/checks"), (HttpMethod.Post, $"/api/oven/{id}/moves"),
        })
        {
            Assert.Equal(400, (await kitchen.Send(method, path, raw: raw)).Status);
        }

        Assert.Empty((await kitchen.Get("/api/oven"))["bake"]!["record"]!["checks"]!.AsArray());
    }

    [Fact]
    public async Task The_wrong_kind_of_content_and_unknown_addresses_are_plain_problems()
    {
        await using var kitchen = new Kitchen();
        using var text = new StringContent("hello", Encoding.UTF8, new MediaTypeHeaderValue("text/plain"));
        using HttpResponseMessage wrongKind = await kitchen.Client.PutAsync("/api/trays/1", text, TestContext.Current.CancellationToken);
        Assert.Equal(HttpStatusCode.UnsupportedMediaType, wrongKind.StatusCode);
        Assert.Equal(404, (await kitchen.Send(HttpMethod.Get, "/api/nothing")).Status);
        Assert.Equal(404, (await kitchen.Finish(Guid.NewGuid().ToString())).Status);
        Assert.Equal(404, (await kitchen.Finish("7")).Status);
    }

    [Theory]
    [InlineData("""[{"piece":0,"value":74,"unit":"celsius"}]""", "readings[0].piece")]
    [InlineData("""[{"piece":7,"value":74,"unit":"celsius"}]""", "readings[0].piece")]
    [InlineData("""[{"piece":1,"value":-5.1,"unit":"celsius"}]""", "readings[0].value")]
    [InlineData("""[{"piece":1,"value":250.1,"unit":"celsius"}]""", "readings[0].value")]
    [InlineData("""[{"piece":1,"value":500,"unit":"fahrenheit"}]""", "readings[0].value")]
    [InlineData("""[{"piece":1,"value":"hot","unit":"celsius"}]""", "readings[0].value")]
    [InlineData("""[{"piece":1,"value":null,"unit":"celsius"}]""", "readings[0].value")]
    [InlineData("""[{"piece":1,"value":74}]""", "readings[0].value")]
    [InlineData("""[{"piece":1,"value":74,"unit":"celsius","heldSeconds":-1}]""", "readings[0].heldSeconds")]
    [InlineData("""[{"piece":1,"value":74,"unit":"celsius"},{"piece":1,"value":75,"unit":"celsius"}]""", "readings")]
    [InlineData("""[{"piece":2,"value":74,"unit":"celsius"},{"piece":1,"value":900,"unit":"celsius"}]""", "readings[1].value")]
    [InlineData("[]", "readings")]
    [InlineData("null", "readings")]
    [InlineData("[null]", "readings[0].piece")]
    public async Task A_wrong_reading_is_named_and_nothing_is_stored(string readings, string field)
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Post, $"/api/oven/{id}/checks", raw: $$"""{"readings":{{readings}}}""");
        Assert.Equal(400, status);
        Assert.NotNull(problem!["errors"]![field]);
        Assert.Empty((await kitchen.Get("/api/oven"))["bake"]!["record"]!["checks"]!.AsArray());
    }

    [Theory]
    [InlineData(74, "fahrenheit")]
    [InlineData(165, "celsius")]
    public async Task A_reading_in_the_other_unit_is_asked_about_and_then_taken_as_meant(double value, string unit)
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        var reading = new JsonObject { ["piece"] = 1, ["value"] = value, ["unit"] = unit };
        (int status, JsonNode? problem) = await kitchen.Check(id, new JsonObject { ["readings"] = new JsonArray(reading) });
        Assert.Equal(422, status);
        Assert.StartsWith("Did you mean", (string?)problem!["errors"]!["readings[0].value"]![0], StringComparison.Ordinal);
        Assert.Equal("unit", (string?)problem["asks"]);
        Assert.Empty((await kitchen.Get("/api/oven"))["bake"]!["record"]!["checks"]!.AsArray());

        var meant = new JsonObject { ["piece"] = 1, ["value"] = value, ["unit"] = unit, ["unitConfirmed"] = true };
        (status, JsonNode? oven) = await kitchen.Check(id, new JsonObject { ["readings"] = new JsonArray(meant) });
        Assert.Equal(200, status);
        Assert.NotEqual("serve", (string?)oven!["bake"]!["record"]!["checks"]![0]!["verdict"]);
    }

    /// <summary>Every field of every body, replaced by each of these, is answered with less than 500.</summary>
    [Fact]
    public async Task No_nonsense_in_any_field_gives_a_server_error()
    {
        await using var kitchen = new Kitchen();
        string id = await kitchen.StartGoodBake();
        string[] nonsense = ["null", "\"\"", "\"x\"", "-1", "0", "1e308", "-1e999", "[]", "{}", "true", "99999999999999999999", "\"9999-12-31T23:59:59Z\"", "\"0001-01-01T00:00:00+14:00\""];
        JsonObject check = Kitchen.Readings(60, 70);
        check["note"] = "seen";
        foreach (string json in nonsense)
        {
            JsonObject plan = Kitchen.Supper();
            IEnumerable<string> fields = plan.Select(pair => pair.Key)
                .Concat(plan["chicken"]![0]!.AsObject().Select(pair => $"chicken[0].{pair.Key}"))
                .Concat(plan["chicken"]![0]!["sizes"]!.AsObject().Select(pair => $"chicken[0].sizes.{pair.Key}"))
                .Concat(plan["vegetables"]![0]!.AsObject().Select(pair => $"vegetables[0].{pair.Key}"))
                .Concat(plan["vessels"]![0]!.AsObject().Select(pair => $"vessels[0].{pair.Key}"))
                .Concat(["chicken[0].sizes.mass.value", "chicken[0].height.value", "ovenSetting.unit", "targetCore.value"]);
            foreach (string field in fields)
            {
                (int status, _) = await kitchen.Send(HttpMethod.Put, "/api/trays/1", raw: Kitchen.With(plan, field, json));
                Assert.True(status < 500, $"{field} = {json} gave {status}");
            }

            foreach (string field in new[] { "readings", "note" })
            {
                (int status, _) = await kitchen.Send(HttpMethod.Post, $"/api/oven/{id}/checks", raw: Kitchen.With(check, field, json));
                Assert.True(status < 500, $"{field} = {json} gave {status}");
            }

            foreach ((string path, string body) in new[]
            {
                ("/api/tray/compare", $$"""{"ways":{{json}}}"""), ("/api/tray/recipe", $$"""{"oven":{{json}},"minutes":30}"""),
                ("/api/tray/recipe", $$"""{"oven":{"value":200,"unit":"celsius"},"minutes":{{json}}}"""),
                ("/api/trays/1/tending", $$"""{"heat":{{json}},"turning":"once","basting":"never","drainsJuices":false}"""),
            })
            {
                (int status, _) = await kitchen.Send(HttpMethod.Post, path, raw: body);
                Assert.True(status < 500, $"{path} {body} gave {status}");
            }

            Assert.True((await kitchen.Send(HttpMethod.Post, "/api/oven/start", raw: $$"""{"trayVersion":{{json}}}""")).Status < 500);
            Assert.True((await kitchen.Send(HttpMethod.Post, $"/api/oven/{id}/moves", raw: $$"""{"place":{{json}}}""")).Status < 500);
        }
    }
}
