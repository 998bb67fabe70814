using System.Text.Json.Nodes;
using AmberSpoon.Core.Evenings.Sides;
using AmberSpoon.Core.Food;

namespace AmberSpoon.Server.Tests.Drawn;

/// <summary>
/// Everything a cook may plan, drawn by lot: all cuts, coats, steps, vessels and vegetables, lots that go in late, two of a kind at
/// one minute. A plan that cannot be is refused with a sentence; the same seed draws the same plans.
/// </summary>
internal sealed class DrawnPlan(Random random)
{
    private static readonly string[] Steps = ["baste", "turn", "rotate", "swap", "shelf", "look", "cover", "uncover", "drain", "lower", "grill"];
    private static readonly string[] Vessels = ["halfSheet", "quarterSheet", "dish", "roundDish", "roastingTin", "custom"];
    private static readonly string[] Profiles = ["unitedStates", "canada", "australia", "unitedKingdom"];
    private static readonly string[] Shelves = ["topThird", "middle", "low"];

    /// <summary>Stacks that cooks make, innermost first; minutes of those that go on in the oven are drawn.</summary>
    private static readonly string[][] Stacks =
    [
        [], ["dryRub"], ["wetMarinade"], ["thickMarinade"], ["glaze"], ["crumbOverEgg"], ["crumbOverMayonnaise"], ["butterUnderSkin", "dryRub"], ["herbsUnderSkin"], ["topping"], ["citrus", "sauce"],
        ["wetMarinade", "crumbOverEgg"], ["thickMarinade", "crumb"], ["dryRub", "glaze", "@glaze"], ["dryRub", "@sauce", "@sauce"], ["parcel"], ["stuffed"], ["dryRub", "juiceSauce"],
    ];

    public JsonObject Next()
    {
        int vessels = Chance(0.3) ? 2 : 1;
        int firstChicken = 0;
        string? cut = null;
        var chicken = new JsonArray();
        var vegetables = new JsonArray();
        int lots = Chance(0.06) ? 0 : random.Next(1, 4);
        int vegetableLots = random.Next(lots == 0 ? 1 : 0, lots > 2 ? 2 : 4);
        int minute = 5 * random.Next(1, 10);
        for (int i = 0; i < lots; i++)
        {
            // Twins: the same cut again, added at the same minute.
            cut = cut is not null && Chance(0.4) ? cut : Camel(One(CutTable.All).Cut.ToString());
            chicken.Add(Chicken(++firstChicken, cut, vessels, i > 0 || Chance(0.05) ? Late(minute) : 0, vegetableLots > 0));
        }

        string? kind = null;
        for (int i = 0; i < vegetableLots; i++)
        {
            VegetableFacts facts = kind is not null && Chance(0.3) ? VegetableTable.All.First(row => Camel(row.Kind.ToString()) == kind) : One(VegetableTable.All);
            kind = Camel(facts.Kind.ToString());
            vegetables.Add(Roots(++firstChicken, facts, vessels, lots == 0 && i == 0 ? 0 : Late(minute)));
        }

        bool isFahrenheit = Chance(0.25);
        int dialC = Chance(0.1) ? random.Next(62, 160) : 5 * random.Next(32, 54);
        string mode = Chance(0.1) ? "grill" : Chance(0.3) ? "fan" : "still";
        return new JsonObject
        {
            ["name"] = "Drawn",
            ["chicken"] = chicken,
            ["vegetables"] = vegetables,
            ["vessels"] = new JsonArray([.. Enumerable.Range(0, vessels).Select(Vessel)]),
            ["ovenMode"] = mode,
            ["ovenSetting"] = Temperature(dialC, isFahrenheit),
            ["steps"] = Tending(minute, vessels, isFahrenheit),
            ["profile"] = One(Profiles),
            ["restMinutes"] = random.Next(0, 16),
            ["eatAt"] = null,
            ["spots"] = new JsonArray(),
            ["ovenAtStart"] = Chance(0.15) ? Temperature(Chance(0.4) ? 20 : dialC - 40, isFahrenheit) : null,
            ["stayUntilMinutes"] = Chance(0.1) ? random.Next(20, 90) : null,
        };
    }

    /// <summary>What stands beside the tray.</summary>
    public JsonObject Evening() => new()
    {
        ["sides"] = new JsonArray([.. SideLibrary.All.Where(_ => Chance(0.2)).Select(side => (JsonNode)new JsonObject { ["kind"] = Camel(side.Kind.ToString()) })]),
        ["cooks"] = random.Next(1, 3),
        ["rings"] = random.Next(1, 5),
        ["pace"] = null,
    };

    private JsonObject Chicken(int id, string cut, int vessels, int addAt, bool hasRoots)
    {
        CutFacts facts = CutTable.All.First(row => Camel(row.Cut.ToString()) == cut);
        int count = random.Next(1, facts.ReferenceMassG < 60 ? 10 : 6);
        double pieceG = Math.Round(facts.ReferenceMassG * (0.6 + (1.1 * random.NextDouble())));
        string basis = One(["pack", "piece", "eachPiece", "height"]);
        bool skinOn = Chance(0.6);
        string[] stack = One(Stacks);
        stack = [.. stack.Where(coat => skinOn || !coat.EndsWith("UnderSkin", StringComparison.Ordinal)).Where(coat => coat != "stuffed" || cut == "bonelessBreast")];
        return new JsonObject
        {
            ["id"] = id,
            ["cut"] = cut,
            ["skinOn"] = skinOn,
            ["coats"] = new JsonArray([.. stack.Select(coat => (JsonNode)Coat(coat, addAt))]),
            ["sizes"] = new JsonObject
            {
                ["basis"] = basis,
                ["count"] = count,
                ["mass"] = Mass(basis == "pack" ? count * pieceG : pieceG),
                ["spreadPercent"] = Chance(0.5) ? 0 : random.Next(0, 31),
                ["each"] = new JsonArray(basis == "eachPiece" ? [.. Enumerable.Range(0, count).Select(_ => Mass(Math.Round(pieceG * (0.7 + (0.6 * random.NextDouble())))))] : []),
            },
            ["height"] = basis == "height" ? Length(Math.Round(Heat(facts.Cut, pieceG))) : null,
            ["startFrom"] = Chance(0.85) ? "fridge" : "counter",
            ["vessel"] = random.Next(vessels),
            ["addAtMinutes"] = addAt,
            ["leavesWhenDone"] = Chance(0.2),
            ["skinDown"] = Chance(0.15),
            ["goal"] = Chance(0.5) ? null : new JsonObject { ["core"] = Temperature(random.Next(62, 88), false), ["holdSeconds"] = Chance(0.2) ? 60 * random.Next(1, 15) : 0 },
            ["partlySkinned"] = skinOn && Chance(0.1),
            ["sear"] = Chance(0.12) ? new JsonObject { ["minutes"] = random.Next(1, 9), ["pan"] = One(["castIron", "steel", "nonStick"]) } : null,
            ["isNestled"] = hasRoots && Chance(0.1),
        };
    }

    private static double Heat(Cut cut, double massG) => Core.Heat.Pieces.PieceBody.GuessHeightMm(cut, massG);

    private JsonObject Coat(string kind, int addAt)
    {
        bool isLater = kind[0] == '@';
        return new JsonObject
        {
            ["kind"] = kind.TrimStart('@'),
            ["when"] = isLater ? "atMinute" : null,
            ["atMinutes"] = isLater ? addAt + (10 * random.Next(1, 4)) : null,
            ["isScrapedOff"] = kind == "thickMarinade" && Chance(0.3),
        };
    }

    private JsonObject Roots(int id, VegetableFacts facts, int vessels, int addAt)
    {
        VegetableCut cut = Chance(0.6) ? facts.Usual.Cut : One(facts.Cuts);
        (double lowMm, double highMm) = VegetableCuts.Limits(cut);
        double sizeMm = Math.Round(Math.Clamp(facts.Usual.SizeMm * (0.5 + (1.2 * random.NextDouble())), lowMm, highMm));
        return new JsonObject
        {
            ["id"] = id,
            ["kind"] = Camel(facts.Kind.ToString()),
            ["cut"] = Camel(cut.ToString()),
            ["size"] = Length(sizeMm),
            ["amount"] = Mass(50 * random.Next(1, 16)),
            ["place"] = Chance(0.7) ? "around" : Chance(0.6) ? "under" : "onTop",
            ["vessel"] = random.Next(vessels),
            ["addAtMinutes"] = addAt,
            ["leavesWhenDone"] = Chance(0.2),
            ["goal"] = One(["firm", "tender", "soft"]),
            ["layers"] = Chance(0.8) ? 1 : random.Next(1, 4),
        };
    }

    private JsonNode Vessel(int _)
    {
        string kind = One(Vessels);
        return new JsonObject
        {
            ["kind"] = kind,
            ["width"] = kind == "custom" ? Length(random.Next(200, 500)) : null,
            ["depth"] = kind == "custom" ? Length(random.Next(180, 400)) : null,
            ["rack"] = Chance(0.2),
            ["parchment"] = Chance(0.3),
            ["waterMl"] = Chance(0.25) ? 30 * random.Next(1, 12) : 0,
            ["madeOf"] = Chance(0.2) ? One(["lightMetal", "darkMetal", "glassOrCeramic"]) : null,
            ["shelf"] = Chance(0.2) ? One(Shelves) : null,
            ["panBeneath"] = Chance(0.1),
        };
    }

    /// <summary>Foil goes on before it comes off, and meanwhile nothing is turned or brushed.</summary>
    private JsonArray Tending(int twinMinute, int vessels, bool isFahrenheit)
    {
        var steps = new JsonArray();
        int at = 0;
        bool isCovered = false;
        for (int left = Chance(0.4) ? 0 : random.Next(1, 6); left > 0; left--)
        {
            at = Chance(0.3) ? Math.Max(at, twinMinute) : at + (5 * random.Next(0, 5));
            string kind = One(Steps);
            if ((isCovered && kind is "cover" or "baste" or "turn" or "grill") || (!isCovered && kind == "uncover") || (kind == "swap" && vessels < 2))
            {
                continue;
            }

            isCovered = kind == "cover" || (isCovered && kind != "uncover");
            steps.Add(new JsonObject
            {
                ["kind"] = kind,
                ["atMinutes"] = at,
                ["setting"] = kind == "lower" ? Temperature(5 * random.Next(28, 48), isFahrenheit) : null,
                ["forMinutes"] = kind == "grill" ? random.Next(2, 8) : null,
                ["shelf"] = kind == "shelf" ? One(Shelves) : null,
                ["vessel"] = kind == "shelf" ? random.Next(vessels) : null,
            });
        }

        return steps;
    }

    private int Late(int twinMinute) => Chance(0.6) ? 0 : Chance(0.5) ? twinMinute : 5 * random.Next(1, 12);

    private static JsonObject Mass(double grams) => new() { ["value"] = grams, ["unit"] = "gram" };

    private static JsonObject Length(double mm) => new() { ["value"] = mm, ["unit"] = "millimetre" };

    private static JsonObject Temperature(double celsius, bool isFahrenheit) => isFahrenheit
        ? new() { ["value"] = Math.Round((celsius * 1.8) + 32), ["unit"] = "fahrenheit" }
        : new() { ["value"] = celsius, ["unit"] = "celsius" };

    private static string Camel(string name) => char.ToLowerInvariant(name[0]) + name[1..];

    private T One<T>(IReadOnlyList<T> of) => of[random.Next(of.Count)];

    private bool Chance(double share) => random.NextDouble() < share;
}
