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
        { "mass.value", "-900", "mass.value" },
        { "mass.value", "0", "mass.value" },
        { "mass.value", "1e300", "mass.value" },
        { "mass.value", "1e999", "mass.value" },
        { "mass.value", "50", "mass.value" },
        { "mass.value", "\"heavy\"", "mass.value" },
        { "mass.value", "null", "mass.value" },
        { "mass.unit", "\"stone\"", "mass.unit" },
        { "massBasis", "null", "massBasis" },
        { "height.value", "-3", "height.value" },
        { "height.value", "0", "height.value" },
        { "height.value", "300", "height.value" },
        { "height.value", "\"tall\"", "height.value" },
        { "count", "0", "count" },
        { "count", "-6", "count" },
        { "count", "100000", "count" },
        { "count", "2.5", "count" },
        { "count", "\"six\"", "count" },
        { "cut", "\"turkey\"", "cut" },
        { "cut", "3", "cut" },
        { "cut", "null", "cut" },
        { "skinOn", "null", "skinOn" },
        { "startFrom", "\"frozen\"", "startFrom" },
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
    };

    [Theory]
    [MemberData(nameof(WrongFields))]
    public async Task A_wrong_field_of_the_tray_is_named_and_nothing_is_stored(string path, string json, string field)
    {
        await using var kitchen = new Kitchen();
        await kitchen.SaveTray(Kitchen.GoodPlan());
        string before = (await kitchen.Get("/api/tray"))["plan"]!.ToJsonString();

        (int status, JsonNode? problem) = await kitchen.Send(HttpMethod.Put, "/api/tray", raw: Kitchen.With(Kitchen.GoodPlan(), path, json));

        Assert.Equal(400, status);
        string sentence = (string)problem!["errors"]![field]![0]!;
        Assert.EndsWith(".", sentence, StringComparison.Ordinal);
        Assert.DoesNotContain("System.", problem.ToJsonString(), StringComparison.Ordinal);
        JsonNode after = await kitchen.Get("/api/tray");
        Assert.Equal(before, after["plan"]!.ToJsonString());
        Assert.Equal(1, (int)after["version"]!);
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
            (HttpMethod.Put, "/api/tray"), (HttpMethod.Post, "/api/oven/start"),
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
        using HttpResponseMessage wrongKind = await kitchen.Client.PutAsync("/api/tray", text, TestContext.Current.CancellationToken);
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
            foreach (string field in Kitchen.GoodPlan().Select(pair => pair.Key).Concat(["mass.value", "mass.unit", "height.value", "ovenSetting.unit", "targetCore.value"]))
            {
                (int status, _) = await kitchen.Send(HttpMethod.Put, "/api/tray", raw: Kitchen.With(Kitchen.GoodPlan(), field, json));
                Assert.True(status < 500, $"{field} = {json} gave {status}");
            }

            foreach (string field in new[] { "readings", "note" })
            {
                (int status, _) = await kitchen.Send(HttpMethod.Post, $"/api/oven/{id}/checks", raw: Kitchen.With(check, field, json));
                Assert.True(status < 500, $"{field} = {json} gave {status}");
            }

            Assert.True((await kitchen.Send(HttpMethod.Post, "/api/oven/start", raw: $$"""{"trayVersion":{{json}}}""")).Status < 500);
            Assert.True((await kitchen.Send(HttpMethod.Post, $"/api/oven/{id}/moves", raw: $$"""{"place":{{json}}}""")).Status < 500);
        }
    }
}
