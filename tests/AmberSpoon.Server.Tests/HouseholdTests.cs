using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>What is said once of the kitchen, and what follows from it everywhere.</summary>
public sealed class HouseholdTests(SharedKitchen shared) : IClassFixture<SharedKitchen>
{
    private static JsonObject Said() => JsonNode.Parse("""
        {
          "temperature": "fahrenheit", "mass": "ounce", "length": "inch", "clock": "twelve", "ovens": [{ "name": "Oven", "air": "fan" }],
          "dial": { "value": 425, "unit": "fahrenheit" },
          "vessels": [
            { "name": "Blue dish", "vessel": { "kind": "dish", "rack": false, "parchment": false, "waterMl": 0 } },
            { "name": "Big sheet", "vessel": { "kind": "halfSheet", "rack": true, "parchment": false, "waterMl": 0 } }
          ],
          "thermometer": "none", "profile": "unitedKingdom", "heads": 6, "cooks": ["Ada", "Ben"]
        }
        """)!.AsObject();

    [Fact]
    public async Task Until_it_is_said_the_usual_kitchen_is_assumed()
    {
        await using var kitchen = new Kitchen();
        JsonNode view = await kitchen.Get("/api/kitchen");
        Assert.Equal(0, (int)view["version"]!);
        Assert.False((bool)view["household"]!["isSaid"]!);
        Assert.Equal("celsius", (string)view["household"]!["temperature"]!);
        Assert.Equal("halfSheet", (string)view["household"]!["vessels"]![0]!["vessel"]!["kind"]!);
    }

    [Fact]
    public async Task Said_once_it_stays_through_a_restart_and_new_trays_begin_from_it()
    {
        await using var kitchen = new Kitchen();
        (int status, JsonNode? said) = await kitchen.Send(HttpMethod.Put, "/api/kitchen", Said());
        Assert.Equal(200, status);
        Assert.True((bool)said!["household"]!["isSaid"]!);
        await kitchen.Restart();
        Assert.True(JsonNode.DeepEquals(said, await kitchen.Get("/api/kitchen")));

        (_, JsonNode? tray) = await kitchen.Send(HttpMethod.Post, "/api/trays", null);
        JsonNode plan = tray!["plan"]!;
        Assert.Equal(425, (double)plan["ovenSetting"]!["value"]!);
        Assert.Equal("fahrenheit", (string)plan["ovenSetting"]!["unit"]!);
        Assert.Equal("fan", (string)plan["ovenMode"]!);
        Assert.Equal("dish", (string)plan["vessels"]![0]!["kind"]!);
        Assert.Equal("unitedKingdom", (string)plan["profile"]!);
        Assert.Equal(6, (int)(await kitchen.Get("/api/prep"))["choice"]!["heads"]!);
    }

    [Fact]
    public async Task Every_sentence_of_the_server_is_in_what_the_kitchen_reads_whatever_the_plan_was_typed_in()
    {
        await using var kitchen = new Kitchen();
        JsonObject supper = Kitchen.Supper();
        supper["vessels"]![0]!["kind"] = "roastingTin";
        supper["vessels"]![0]!["waterMl"] = 240;
        supper["chicken"]![0]!["coats"] = JsonNode.Parse("""[{ "kind": "thickMarinade", "when": "before", "mix": "green-yogurt", "isScrapedOff": true }, { "kind": "crumbOverEgg", "when": "on", "mix": "egg-crumb" }, { "kind": "thickMarinade", "when": "atTable", "mix": "green-yogurt" }]""");
        supper["chicken"]![0]!["skinOn"] = false;
        await kitchen.SaveTray(supper);
        JsonObject choice = JsonNode.Parse("""
            {
              "serveG": 120, "marinateMinutes": 60, "place": "fridge", "container": "bag", "frozen": { "value": 40, "unit": "millimetre" }, "garnish": false,
              "heads": 4, "portionG": 130, "packs": [], "bird": { "mass": { "value": 1800, "unit": "gram" }, "price": 9 }
            }
            """)!.AsObject();
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, "/api/prep/1", choice)).Status);

        Assert.Contains("300 g, 25 mm", await Said(kitchen), StringComparison.Ordinal);
        Assert.Contains("Pour 240 ml in", await Said(kitchen), StringComparison.Ordinal);
        await kitchen.Send(HttpMethod.Put, "/api/kitchen", Said());
        string said = await Said(kitchen);
        Assert.DoesNotMatch(@"\d\s?(g|kg|mm|ml|dm²)\b|\d °C(?! \()|the kilogram", said);
        Assert.All(
            ["11 oz, 1 in", "Pour 1 cup in", "Set 4.2 oz aside", "400 °F", "A pack of 2 lb 3 oz, 1 ⅝ in thick, from 0 °F", "the pound", "1 ½ in tall"],
            words => Assert.True(said.Contains(words, StringComparison.Ordinal), $"“{words}” is not in\n{said}"));
        Assert.Equal("unitedStates", (string)(await kitchen.Get("/api/prep"))["measures"]!["spoons"]!);

        // What a cook measures with, once said, is not asked of the kitchen again.
        await kitchen.Send(HttpMethod.Put, "/api/prep/measures", new JsonObject { ["spoons"] = "australian", ["scale"] = "gram", ["hasJug"] = true });
        Assert.Equal("australian", (string)(await kitchen.Get("/api/prep"))["measures"]!["spoons"]!);
    }

    [Fact]
    public async Task A_refusal_is_in_the_unit_that_was_typed_and_on_the_kitchen_s_clock()
    {
        await using var kitchen = new Kitchen();
        await kitchen.Send(HttpMethod.Put, "/api/kitchen", Said());
        JsonObject tiny = Kitchen.Supper();
        tiny["vegetables"]![0]!["amount"] = JsonNode.Parse("""{ "value": 0.1, "unit": "ounce" }""");
        (int status, JsonNode? refused) = await kitchen.SaveTray(tiny);
        Assert.Equal(400, status);
        Assert.Equal("0.1 oz of one vegetable: between 0.7 oz and 8 lb 13 oz is possible.", (string)refused!["errors"]!["vegetables[0].amount.value"]![0]!);

        JsonObject choice = JsonNode.Parse("""
            {
              "serveG": 0, "marinateMinutes": 60, "place": "fridge", "container": "bag", "garnish": false, "heads": 4, "portionG": 130,
              "frozen": { "value": 9, "unit": "inch" }, "packs": [{ "cut": "tender", "mass": { "value": 0.1, "unit": "ounce" }, "count": 1, "price": 1 }],
              "bird": { "mass": { "value": 12, "unit": "pound" }, "price": 9 }, "recipeMeat": { "value": 99, "unit": "pound" }
            }
            """)!.AsObject();
        await kitchen.SaveTray(Kitchen.Supper());
        (_, JsonNode? counter) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", choice);
        string Wrong(string field) => (string)counter!["errors"]![field]![0]!;
        Assert.Equal("Write how thick the frozen pack is, ⅜ in to 7 ⅛ in.", Wrong("frozen.value"));
        Assert.Equal("A whole bird weighs 1 lb 5 oz to 8 lb 13 oz.", Wrong("bird.mass.value"));
        Assert.Equal("Write how much meat the recipe is for, 0.7 oz to 22 lb 1 oz.", Wrong("recipeMeat.value"));
        Assert.Equal("Write what the pack weighs, 0.7 oz to 22 lb 1 oz.", Wrong("packs[0].mass.value"));

        JsonObject soon = Kitchen.Supper();
        soon["eatAt"] = "2026-11-26T17:10:00Z";
        (_, JsonNode? late) = await kitchen.SaveTray(soon);
        Assert.Matches("^5:10 pm is too soon for this tray. .* dinner is at [56]:\\d\\d pm.$", (string)late!["errors"]!["eatAt"]![0]!);
    }

    /// <summary>Every sentence of the tray's and the counter's answer.</summary>
    private static async Task<string> Said(Kitchen kitchen)
    {
        JsonNode tray = (await kitchen.Get("/api/tray"))["answer"]!;
        JsonNode prep = await kitchen.Get("/api/prep");
        return string.Join("\n",
        [
            .. tray["why"]!.AsArray().Select(why => (string)why!["sentence"]!),
            .. tray["cautions"]!.AsArray().Select(caution => (string)caution!),
            .. prep["order"]!.AsArray().Select(step => $"{step!["title"]}: {step["detail"]}"),
            .. prep["bowls"]!.AsArray().SelectMany(bowl => bowl!["judgements"]!.AsArray()).Select(judged => (string)judged!["sentence"]!),
            .. prep["why"]!.AsArray().Select(why => (string)why!["sentence"]!),
            (string)prep["thaw"]!["sentence"]!,
            (string)prep["bird"]!["sentence"]!,
        ]);
    }

    [Fact]
    public async Task Two_devices_that_change_it_at_once_are_told_and_the_first_stands()
    {
        await using var kitchen = new Kitchen();
        await kitchen.Send(HttpMethod.Put, "/api/kitchen", Said());
        JsonObject celsius = Said();
        celsius["temperature"] = "celsius";
        celsius["dial"] = JsonNode.Parse("""{ "value": 200, "unit": "celsius" }""");
        using HttpRequestMessage late = new(HttpMethod.Put, "/api/kitchen") { Content = new StringContent(celsius.ToJsonString(), null, "application/json") };
        late.Headers.TryAddWithoutValidation("If-Match", "\"0\"");
        using HttpResponseMessage answer = await kitchen.Client.SendAsync(late, TestContext.Current.CancellationToken);
        Assert.Equal(409, (int)answer.StatusCode);
        Assert.Contains("changed on another screen", await answer.Content.ReadAsStringAsync(TestContext.Current.CancellationToken), StringComparison.Ordinal);
        Assert.Equal("fahrenheit", (string)(await kitchen.Get("/api/kitchen"))["household"]!["temperature"]!);
    }

    [Theory]
    [InlineData("heads", "0", "heads", "Between 1 and 20")]
    [InlineData("heads", "21", "heads", "Between 1 and 20")]
    [InlineData("mass", "\"pound\"", "mass", "grams or ounces")]
    [InlineData("ovens", """[{ "name": "Oven", "air": "grill" }]""", "ovens[0].air", "still or fan")]
    [InlineData("ovens", "[]", "ovens", "at least one oven")]
    [InlineData("ovens", "null", "ovens", "at least one oven")]
    [InlineData("ovens", "[null]", "ovens[0].name", "Name the oven")]
    [InlineData("ovens", """[{ "name": "", "air": "fan" }]""", "ovens[0].name", "Give the oven a name")]
    [InlineData("ovens", """[{ "name": "Big", "air": "fan", "shelves": 0 }]""", "ovens[0].shelves", "1 to 3 shelves")]
    [InlineData("ovens", """[{ "name": "Big", "air": "fan", "shelves": 4 }]""", "ovens[0].shelves", "1 to 3 shelves")]
    [InlineData("ovens", """[{ "name": "Big", "air": "fan", "preheatMinutes": 2 }]""", "ovens[0].preheatMinutes", "3 to 60")]
    [InlineData("ovens", """[{ "name": "Big", "air": "fan", "preheatMinutes": 61 }]""", "ovens[0].preheatMinutes", "3 to 60")]
    [InlineData("ovens", """[{ "name": "Big", "air": "fan", "runsHotBy": { "value": 41, "unit": "celsius" } }]""", "ovens[0].runsHotBy.value", "up to 40;")]
    [InlineData("ovens", """[{ "name": "Big", "air": "fan", "runsHotBy": { "value": -73, "unit": "fahrenheit" } }]""", "ovens[0].runsHotBy.value", "up to 72;")]
    [InlineData("ovens", """[{ "name": "Big", "air": "fan", "runsHotBy": { "value": null, "unit": "celsius" } }]""", "ovens[0].runsHotBy.value", "by how many degrees")]
    [InlineData("ovens", """[{ "name": "Big", "air": "fan", "highest": { "value": 600, "unit": "fahrenheit" } }]""", "ovens[0].highest.value", "For the oven, choose")]
    [InlineData("ovens", """[{ "name": "Big", "air": "fan", "highest": { "value": 200, "unit": "fahrenheit" }, "lowest": { "value": 200, "unit": "fahrenheit" } }]""", "ovens[0].highest", "swap the two")]
    [InlineData("ovens", """[{ "name": "Little", "air": "fan", "highest": { "value": 400, "unit": "fahrenheit" } }]""", "dial.value", "The Little goes up to 400 °F")]
    [InlineData("ovens", """[{ "name": "Little", "air": "fan", "width": { "value": 190, "unit": "millimetre" } }]""", "ovens[0].width.value", "Measure a shelf")]
    [InlineData("ovens", """[{ "name": "Little", "air": "fan", "width": { "value": 350, "unit": "millimetre" }, "depth": { "value": 300, "unit": "millimetre" } }]""", "vessels[1].kind", "bigger than a shelf of the Little")]
    [InlineData("probeLimit", """{ "value": 90, "unit": "celsius" }""", "probeLimit.value", "lead of a probe")]
    [InlineData("temperature", "null", "temperature", "Choose one")]
    [InlineData("vessels", "[]", "vessels", "at least one tray")]
    [InlineData("vessels", """[{ "name": " ", "vessel": { "kind": "dish", "rack": false, "parchment": false, "waterMl": 0 } }]""", "vessels[0].name", "Give it a name")]
    [InlineData("vessels", """[{ "name": "Roof", "vessel": { "kind": "custom", "width": { "value": 900, "unit": "millimetre" }, "depth": { "value": 300, "unit": "millimetre" }, "rack": false, "parchment": false, "waterMl": 0 } }]""", "vessels[0].width.value", "Measure the floor")]
    [InlineData("vessels", "[null]", "vessels[0].name", "Give it a name")]
    [InlineData("cooks", """["Ada", "Ben", "Cy", "Di", "Ed", "Flo", "Gus"]""", "cooks", "At most 6")]
    [InlineData("cooks", "[\"\"]", "cooks[0]", "first name")]
    [InlineData("dial", """{ "value": 425, "unit": "celsius" }""", "dial.value", "Did you mean 425 °F")]
    [InlineData("dial", """{ "value": 200, "unit": "celsius" }""", "dial.unit", "in the unit this kitchen reads")]
    [InlineData("dial", "null", "dial.value", "Write a temperature")]
    public async Task What_cannot_be_is_said_at_its_field_and_nothing_is_stored(string field, string value, string at, string says)
    {
        JsonObject wrong = Said();
        wrong["thermometer"] = field == "probeLimit" ? "leaveIn" : "none";
        wrong[field] = JsonNode.Parse(value);
        (int status, JsonNode? problem) = await shared.Kitchen.Send(HttpMethod.Put, "/api/kitchen", wrong);
        Assert.Equal(400, status);
        Assert.Contains(says, problem!["errors"]![at]!.ToJsonString(new() { Encoder = System.Text.Encodings.Web.JavaScriptEncoder.UnsafeRelaxedJsonEscaping }), StringComparison.Ordinal);
        Assert.Equal(0, (int)(await shared.Kitchen.Get("/api/kitchen"))["version"]!);
    }

    [Fact]
    public async Task As_many_vessels_heads_and_cooks_as_may_be()
    {
        await using var kitchen = new Kitchen();
        JsonObject most = Said();
        most["heads"] = 20;
        most["cooks"] = new JsonArray("Ada", "Ben", "Cy", "Di", "Ed", "Flo");
        most["vessels"] = new JsonArray([.. Enumerable.Range(1, 8).Select(i => JsonNode.Parse($$"""{ "name": "Dish {{i}}", "vessel": { "kind": "dish", "rack": false, "parchment": false, "waterMl": 0 } }"""))]);
        Assert.Equal(200, (await kitchen.Send(HttpMethod.Put, "/api/kitchen", most)).Status);
        most["vessels"]!.AsArray().Add(JsonNode.Parse("""{ "name": "Dish 9", "vessel": { "kind": "dish", "rack": false, "parchment": false, "waterMl": 0 } }"""));
        Assert.Equal(400, (await kitchen.Send(HttpMethod.Put, "/api/kitchen", most)).Status);
    }
}
