using System.Text.Json.Nodes;
using Xunit;

namespace AmberSpoon.Server.Tests;

/// <summary>
/// The ways in which cooks work (common practice), each planned and prepared whole: what hands do, in which order, and what the
/// oven is told. Whatever a way asks for must be said somewhere in the answer, the order of work, or the bowls.
/// </summary>
public sealed class WaysOfWorkingTests
{
    private static JsonObject Meat(int id, string cut, int count, double grams, string coats = "[]", string more = "{}")
    {
        JsonObject lot = JsonNode.Parse($$"""
            {
              "id": {{id}}, "cut": "{{cut}}", "skinOn": true, "coats": {{coats}}, "startFrom": "fridge", "vessel": 0, "addAtMinutes": 0,
              "sizes": { "basis": "pack", "count": {{count}}, "mass": { "value": {{grams}}, "unit": "gram" }, "spreadPercent": 10 },
              "leavesWhenDone": false, "skinDown": false
            }
            """)!.AsObject();
        return With(lot, more);
    }

    private static JsonObject Veg(int id, string kind, string cut, double mm, double grams, string more = "{}")
    {
        JsonObject lot = JsonNode.Parse($$"""
            {
              "id": {{id}}, "kind": "{{kind}}", "cut": "{{cut}}", "size": { "value": {{mm}}, "unit": "millimetre" }, "amount": { "value": {{grams}}, "unit": "gram" },
              "place": "around", "vessel": 0, "addAtMinutes": 0, "leavesWhenDone": false
            }
            """)!.AsObject();
        return With(lot, more);
    }

    private static JsonObject Vessel(string kind, string more = "{}") =>
        With(JsonNode.Parse($$"""{ "kind": "{{kind}}", "width": null, "depth": null, "rack": false, "parchment": false, "waterMl": 0 }""")!.AsObject(), more);

    private static JsonObject With(JsonObject node, string more)
    {
        foreach ((string key, JsonNode? value) in JsonNode.Parse(more)!.AsObject())
        {
            node[key] = value?.DeepClone();
        }

        return node;
    }

    private static JsonObject Plan(JsonObject[] meat, JsonObject[] vegetables, JsonObject[] vessels, double ovenC, string steps = "[]", string mode = "still") => new()
    {
        ["name"] = "A way of working",
        ["chicken"] = new JsonArray([.. meat]),
        ["vegetables"] = new JsonArray([.. vegetables]),
        ["vessels"] = new JsonArray([.. vessels]),
        ["ovenMode"] = mode,
        ["ovenSetting"] = JsonNode.Parse(FormattableString.Invariant($$"""{ "value": {{ovenC}}, "unit": "celsius" }""")),
        ["steps"] = JsonNode.Parse(steps),
        ["profile"] = "unitedStates",
        ["restMinutes"] = 5,
    };

    private static string Coat(string kind, string? mix = null, string? when = null, int? at = null, int? soak = null, bool scraped = false) => new JsonObject
    {
        ["kind"] = kind,
        ["when"] = when,
        ["mix"] = mix,
        ["atMinutes"] = at,
        ["soakMinutes"] = soak,
        ["isScrapedOff"] = scraped,
    }.ToJsonString();

    private static string Coats(params string[] coats) => $"[{string.Join(", ", coats)}]";

    private const string Off = """{ "skinOn": false }""";

    /// <summary>Plans it, prepares it, and looks for every line.</summary>
    private static async Task<(JsonNode Tray, JsonNode Prep)> Live(JsonObject plan, params string[] lines)
    {
        await using var kitchen = new Kitchen();
        (int status, JsonNode? tray) = await kitchen.SaveTray(plan);
        Assert.True(status == 200, tray?.ToJsonString());
        JsonNode prep = await kitchen.Get("/api/prep");
        string order = string.Join("\n", prep["order"]!.AsArray().Select(step => $"{step!["title"]} {step["detail"]}"));
        string oven = string.Join("\n", tray!["answer"]!["coatSteps"]!.AsArray().Select(step => $"{step!["atMinutes"]}: {step["title"]}"));
        string bowls = string.Join("\n", prep["bowls"]!.AsArray().Select(bowl => $"{bowl!["mix"]!["name"]} {bowl["for"]}"));
        string all = $"{order}\n{oven}\n{bowls}";
        Assert.All(lines, line => Assert.True(all.Contains(line, StringComparison.Ordinal), $"“{line}” is said nowhere in\n{all}"));
        Assert.DoesNotContain(prep["order"]!.AsArray(), step => ((string)step!["title"]!).Contains("Oil and salt", StringComparison.Ordinal) && plan["chicken"]!.AsArray().All(lot => lot!["coats"]!.AsArray().Count > 0));
        Assert.True((int)tray["answer"]!["forecast"]!["pullMinutes"]! > 0);
        return (tray, prep);
    }

    private static double Median(JsonNode tray, int lot) => (double)tray["answer"]!["forecast"]!["lots"]!.AsArray().First(one => (int)one!["lot"]! == lot)!["ready"]!["medianMinutes"]!;

    [Fact]
    public async Task M1_a_jointed_bird_on_leeks_with_a_glaze_brushed_on_in_the_oven()
    {
        string rubbed = Coats(Coat("dryRub", "harvest-rub"), Coat("glaze", "mustard-honey", "atMinute", 26), Coat("glaze", "mustard-honey", "atMinute", 38), Coat("glaze", "mustard-honey", "atMinute", 50));
        (JsonNode tray, _) = await Live(
            Plan(
                [Meat(1, "boneInBreast", 2, 660, rubbed), Meat(2, "legQuarter", 2, 620, rubbed), Meat(3, "wholeWing", 2, 220, rubbed)],
                [Veg(4, "leek", "coin", 30, 300, """{ "place": "under" }"""), Veg(5, "squash", "cube", 25, 450, """{ "vessel": 1 }""")],
                [Vessel("roastingTin", """{ "panBeneath": true, "shelf": "middle" }"""), Vessel("halfSheet", """{ "shelf": "low" }""")],
                200),
            "rub “Harvest rub” in",
            "A second pan on the shelf below catches drips",
            "It goes on at minute 26: keep it apart, with a clean brush of its own",
            "26: Brush “Mustard and honey glaze” on the breasts, leg quarters and whole wings",
            "at minute 26 and 38 and 50 on the breasts, leg quarters and whole wings",
            "a bed on the tray");
        Assert.True((int)tray["answer"]!["forecast"]!["pullMinutes"]! >= 50);
    }

    [Fact]
    public async Task M2_a_sauce_from_the_juices_after_they_are_poured_off() => await Live(
        Plan(
            [Meat(1, "boneInThigh", 5, 800, Coats(Coat("wetMarinade", "red-wine-vinegar", "on"), Coat("juiceSauce", "pan-gravy", "afterDraining"))), Meat(2, "legQuarter", 1, 310, Coats(Coat("wetMarinade", "red-wine-vinegar", "on")), """{ "partlySkinned": true }""")],
            [],
            [Vessel("roastingTin")],
            210,
            """[{ "kind": "drain", "atMinutes": 25 }]"""),
        "through “Sharp red pepper”",
        "Measure out for “Sauce from the juices”",
        "ml of juices to go with it",
        "30: Spoon “Sauce from the juices” over the thighs",
        "boiled before anyone tastes it");

    [Fact]
    public async Task M3_a_simple_marinade_for_an_hour_and_a_half_or_longer()
    {
        (_, JsonNode prep) = await Live(
            Plan([Meat(1, "boneInThigh", 7, 1200, Coats(Coat("wetMarinade", "orchard", "before", soak: 90)))], [], [Vessel("halfSheet")], 195),
            "into “Orchard marinade”",
            "out of “Orchard marinade”",
            "Let the meat drip, blot the skin");
        JsonNode marinade = prep["bowls"]![0]!["marinade"]!;
        Assert.Equal(90, ((DateTimeOffset)marinade["times"]!["readyAt"]! - (DateTimeOffset)marinade["times"]!["startedAt"]!).TotalMinutes);
        Assert.True((int)marinade["limits"]!["tooLongMinutes"]! < 12 * 60);
    }

    [Fact]
    public async Task M4_skewers_under_the_grill_with_a_clean_part_as_the_sauce() => await Live(
        Plan(
            [Meat(1, "thighSkewer", 10, 900, Coats(Coat("thickMarinade", "spiced-yogurt", "before", soak: 180), Coat("thickMarinade", "spiced-yogurt", "atTable")), Off)],
            [],
            [Vessel("halfSheet", """{ "rack": true, "shelf": "topThird" }""")],
            240,
            """[{ "kind": "turn", "atMinutes": 8 }, { "kind": "baste", "atMinutes": 8 }, { "kind": "turn", "atMinutes": 16 }]""",
            "grill"),
        "Set 120 g aside for the table",
        "Only this may be served as it is",
        "Leave what clings",
        "Oven to grill at 240 °C");

    [Fact]
    public async Task M5_crumbed_drumsticks_turned_midway_with_herb_butter_at_the_table() => await Live(
        Plan(
            [Meat(1, "drumstick", 7, 830, Coats(Coat("crumbOverEgg", "egg-crumb"), Coat("butterUnderSkin", "herb-butter", "atTable")), Off)],
            [],
            [Vessel("halfSheet", """{ "parchment": true }""")],
            190,
            """[{ "kind": "turn", "atMinutes": 24 }]"""),
        "Beat the eggs",
        "Wet hand: the drumsticks through the binder",
        "Dry hand: “Crisp crumb over egg” over the drumsticks",
        "Paper on the tray",
        "It is for the table");

    [Fact]
    public async Task M6_one_tin_left_alone()
    {
        (JsonNode tray, _) = await Live(
            Plan(
                [Meat(1, "legQuarter", 4, 1250, Coats(Coat("dryRub", "salt-only")))],
                [Veg(2, "fennel", "wedge", 30, 300), Veg(3, "shallot", "half", 35, 190), Veg(4, "parsnip", "coin", 25, 350), Veg(5, "mushroom", "half", 40, 150)],
                [Vessel("roastingTin")],
                190),
            "Cut the parsnips",
            "Lay the meat on the tray");
        Assert.Empty(tray["plan"]!["steps"]!.AsArray());
        Assert.True((int)tray["answer"]!["timing"]!.AsObject().Count > 0);
    }

    [Fact]
    public async Task M7_whole_legs_in_hollows_of_heaped_vegetables()
    {
        string yogurt = Coats(Coat("thickMarinade", "spiced-yogurt", "before", soak: 480), Coat("thickMarinade", "spiced-yogurt", "on"));
        JsonObject[] Vegetables() => [Veg(2, "squash", "cube", 25, 600, """{ "layers": 2 }"""), Veg(3, "parsnip", "coin", 20, 350, """{ "layers": 2 }""")];
        (JsonNode nestled, _) = await Live(Plan([Meat(1, "legQuarter", 3, 950, yogurt, """{ "isNestled": true }""")], Vegetables(), [Vessel("roastingTin")], 210), "out of “Spiced yogurt”", "through “Spiced yogurt”", "spread on before baking");
        (JsonNode open, _) = await Live(Plan([Meat(1, "legQuarter", 3, 950, yogurt)], Vegetables(), [Vessel("roastingTin")], 210));
        Assert.True(Median(nestled, 1) > Median(open, 1));
    }

    [Fact]
    public async Task M8_a_lid_of_two_big_and_two_small_thighs()
    {
        string each = """{ "sizes": { "basis": "eachPiece", "each": [{ "value": 190, "unit": "gram" }, { "value": 185, "unit": "gram" }, { "value": 130, "unit": "gram" }, { "value": 125, "unit": "gram" }] } }""";
        (JsonNode tray, _) = await Live(
            Plan(
                [Meat(1, "boneInThigh", 4, 630, Coats(Coat("herbsUnderSkin"), Coat("dryRub", "salt-only")), each)],
                [Veg(2, "shallot", "half", 35, 300, """{ "place": "under" }"""), Veg(3, "parsnip", "stick", 15, 200, """{ "place": "under" }""")],
                [Vessel("roundDish")],
                220),
            "Chop herbs and citrus for under the skin of the thighs",
            "Herbs and citrus under the skin of the thighs",
            "onto the tray or into the bin",
            "a bed on the tray");
        Assert.Equal(4, (int)tray["plan"]!["chicken"]![0]!["count"]!);
    }

    [Fact]
    public async Task M9_low_and_gentle_down_to_the_number_of_the_core()
    {
        (JsonNode tray, _) = await Live(
            Plan([Meat(1, "bonelessBreast", 2, 440, Coats(Coat("dryRub", "salt-only")), """{ "skinOn": false, "goal": { "core": { "value": 62, "unit": "celsius" }, "holdSeconds": 900 } }""")], [], [Vessel("dish")], 75),
            "Oven to 75 °C");
        Assert.True(Median(tray, 1) > 40);
        Assert.NotEmpty(tray["answer"]!["cautions"]!.AsArray());
    }

    [Fact]
    public async Task M10_legs_on_a_rack_scaled_from_a_recipe_for_less()
    {
        await using var kitchen = new Kitchen();
        (int status, JsonNode? tray) = await kitchen.SaveTray(Plan(
            [Meat(1, "legQuarter", 6, 2000, Coats(Coat("wetMarinade", "orchard", "before", soak: 200), Coat("wetMarinade", "orchard", "on")))],
            [],
            [Vessel("halfSheet", """{ "rack": true }""")],
            195,
            """[{ "kind": "look", "atMinutes": 32 }, { "kind": "grill", "atMinutes": 44, "forMinutes": 4 }]""",
            "fan"));
        Assert.True(status == 200, tray?.ToJsonString());
        JsonObject choice = JsonNode.Parse("""{ "serveG": 0, "marinateMinutes": 60, "place": "fridge", "container": "plastic", "frozen": null, "garnish": false, "heads": 6, "portionG": 130, "recipeMeat": { "value": 1200, "unit": "gram" }, "packs": [], "bird": null }""")!.AsObject();
        (_, JsonNode? prep) = await kitchen.Send(HttpMethod.Put, "/api/prep/1", choice);
        Assert.Equal(2000.0 / 1200, (double)prep!["recipeFactor"]!, 0.01);
        Assert.Equal(60, ((DateTimeOffset)prep["bowls"]![0]!["marinade"]!["times"]!["turnAt"]! - (DateTimeOffset)prep["bowls"]![0]!["marinade"]!["times"]!["startedAt"]!).TotalMinutes);
        Assert.Contains(prep["order"]!.AsArray(), step => ((string)step!["detail"]!).Contains("A rack into the tray", StringComparison.Ordinal));
        Assert.True((int)tray!["answer"]!["forecast"]!["pullMinutes"]! >= 48);
    }

    [Fact]
    public async Task M11_very_hot_over_water_with_foil_when_it_darkens_and_a_cold_sauce_made_ahead() => await Live(
        Plan(
            [Meat(1, "bonelessThigh", 5, 650, Coats(Coat("wetMarinade", "lime-soy", "before", soak: 180), Coat("sauce", "cold-herb", "atTable")), Off)],
            [],
            [Vessel("roastingTin", """{ "rack": true, "waterMl": 150 }""")],
            250,
            """[{ "kind": "cover", "atMinutes": 12 }, { "kind": "look", "atMinutes": 17 }, { "kind": "uncover", "atMinutes": 21 }]"""),
        "Pour 150 ml in beside the meat",
        "It is for the table: cold, covered, and away from raw hands",
        "A rack into the tray");

    [Fact]
    public async Task M12_butter_rubbed_in_a_rub_and_a_sweet_sauce_poured_over() => await Live(
        Plan([Meat(1, "boneInThigh", 6, 900, Coats(Coat("butterUnderSkin", "smoky-butter", "on"), Coat("dryRub", "warm-rub", "on"), Coat("sauce", "sweet-pepper", "on")))], [], [Vessel("dish")], 185),
        "Rub “Smoky butter under the skin” into the thighs",
        "rub “Warm spice rub” in",
        "Pour “Sweet pepper sauce” over the thighs",
        "nothing back into it");

    [Fact]
    public async Task M13_a_quarter_of_an_hour_of_seasoning_and_the_bowl_rinsed_into_the_tray() => await Live(
        Plan(
            [Meat(1, "legQuarter", 4, 1200, Coats(Coat("wetMarinade", "orchard", "before", soak: 15)))],
            [],
            [Vessel("roastingTin", """{ "waterMl": 90 }""")],
            190,
            """[{ "kind": "baste", "atMinutes": 26 }, { "kind": "drain", "atMinutes": 28 }]"""),
        "It lies in it for 15 min",
        "Pour 90 ml in beside the meat");

    [Fact]
    public async Task M14_breasts_in_thirds_and_the_fillets_apart_crumbed_with_vegetables_in_the_same_oven()
    {
        string crumb = Coats(Coat("crumbOverMayonnaise", "mayonnaise-crumb"));
        (_, JsonNode prep) = await Live(
            Plan(
                [Meat(1, "breastThird", 9, 720, crumb, Off), Meat(2, "tender", 3, 140, crumb, """{ "skinOn": false, "leavesWhenDone": true }""")],
                [Veg(3, "squash", "cube", 25, 400, """{ "vessel": 1 }"""), Veg(4, "fennel", "wedge", 30, 250, """{ "vessel": 1 }"""), Veg(5, "greenBean", "whole", 9, 200, """{ "vessel": 1 }""")],
                [Vessel("halfSheet"), Vessel("halfSheet")],
                195),
            "Crumb plate",
            "Binder bowl",
            "Wet hand",
            "Dry hand");
        Assert.Single(prep["bowls"]!.AsArray());
        Assert.Equal("wash", (string)prep["order"]!.AsArray()[^1]!["touches"]!);
    }

    [Fact]
    public async Task M15_seared_breasts_in_parcels() => await Live(
        Plan(
            [Meat(1, "bonelessBreast", 3, 600, Coats(Coat("thickMarinade", "green-yogurt", "on"), Coat("topping"), Coat("parcel")), """{ "skinOn": false, "sear": { "minutes": 3, "pan": "steel" }, "goal": { "core": { "value": 64, "unit": "celsius" }, "holdSeconds": 480 } }""")],
            [],
            [Vessel("halfSheet")],
            170,
            "[]",
            "fan"),
        "Sear the breasts for 3 min",
        "The breasts through “Green yogurt”",
        "Fold the breasts into their parcels",
        "Oven to 170 °C, fan");

    [Fact]
    public async Task M16_a_marinade_scraped_off_and_crumb_patted_on() => await Live(
        Plan(
            [Meat(1, "bonelessBreast", 3, 600, Coats(Coat("thickMarinade", "green-yogurt", "before", soak: 600, scraped: true), Coat("crumb")), Off)],
            [],
            [Vessel("halfSheet")],
            195,
            """[{ "kind": "turn", "atMinutes": 12 }]"""),
        "into “Green yogurt”",
        "Scrape “Green yogurt” off the breasts",
        "Dry hand: the crumb over the breasts");

    [Fact]
    public async Task M17_a_paste_under_the_skin_over_roots_in_two_stages() => await Live(
        Plan(
            [Meat(1, "boneInBreast", 2, 700, Coats(Coat("glaze", "apricot", "underSkin"), Coat("dryRub", "salt-only"), Coat("topping")))],
            [Veg(2, "parsnip", "half", 30, 450, """{ "place": "under" }""")],
            [Vessel("roastingTin", """{ "rack": true }""")],
            210,
            """[{ "kind": "lower", "atMinutes": 24, "setting": { "value": 170, "unit": "celsius" } }]"""),
        "Push “Apricot glaze” under the skin",
        "Chop or grate what goes on the breasts",
        "A rack into the tray");

    [Fact]
    public async Task M18_stuffed_breasts_with_cheese_on_top() => await Live(
        Plan(
            [Meat(1, "bonelessBreast", 3, 660, Coats(Coat("stuffed"), Coat("dryRub", "salt-only"), Coat("topping")), """{ "skinOn": false, "filling": { "value": 35, "unit": "gram" } }""")],
            [],
            [Vessel("dish")],
            190),
        "Chop the filling for the breasts",
        "about 35 g for each",
        "Slit the breasts that are filled",
        "Fill the breasts",
        "without tearing");

    [Fact]
    public async Task M19_skin_down_first_and_a_pan_gravy_at_the_table() => await Live(
        Plan(
            [Meat(1, "boneInThigh", 5, 850, Coats(Coat("dryRub", "seed-rub", "underSkin"), Coat("dryRub", "seed-rub", "before", soak: 45), Coat("juiceSauce", "pan-gravy", "atTable")), """{ "skinDown": true, "goal": { "core": { "value": 80, "unit": "celsius" } } }""")],
            [],
            [Vessel("roastingTin")],
            210,
            """[{ "kind": "turn", "atMinutes": 18 }]"""),
        "Push “Crushed seed rub” under the skin of the thighs",
        "Skin down where it is turned later",
        "Measure out for “Sauce from the juices”",
        "at the table");

    [Fact]
    public async Task M20_a_deep_dish_covered_then_open_with_hot_stock() => await Live(
        Plan(
            [Meat(1, "drumstick", 7, 800, Coats(Coat("dryRub", "salt-only"), Coat("citrus")), """{ "isNestled": true }""")],
            [Veg(2, "parsnip", "coin", 25, 500, """{ "layers": 2 }"""), Veg(3, "fennel", "wedge", 30, 300, """{ "layers": 2 }"""), Veg(4, "leek", "coin", 30, 200)],
            [Vessel("roastingTin", """{ "waterMl": 220 }""")],
            190,
            """[{ "kind": "cover", "atMinutes": 0 }, { "kind": "uncover", "atMinutes": 50 }, { "kind": "turn", "atMinutes": 51 }, { "kind": "baste", "atMinutes": 52 }]"""),
        "Pour 220 ml in beside the meat, not over it",
        "Chop citrus and herbs to lay round the drumsticks",
        "Lay citrus and herbs on and round the drumsticks");

    [Fact]
    public async Task M21_two_foiled_trays_with_leeks_and_fennel_scattered_over() => await Live(
        Plan(
            [Meat(1, "bonelessThigh", 5, 650, Coats(Coat("wetMarinade", "red-wine-vinegar", "on")), Off)],
            [Veg(2, "leek", "coin", 30, 150, """{ "place": "onTop" }"""), Veg(3, "fennel", "wedge", 30, 150, """{ "place": "onTop" }"""), Veg(4, "squash", "wedge", 35, 450, """{ "vessel": 1 }""")],
            [Vessel("roastingTin", """{ "parchment": true }"""), Vessel("halfSheet", """{ "parchment": true }""")],
            195,
            """[{ "kind": "look", "atMinutes": 22 }]"""),
        "The thighs through “Sharp red pepper”",
        "into a bowl: scattered over the chicken at the end");
}
