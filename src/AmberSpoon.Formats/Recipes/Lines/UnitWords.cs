using System.Collections.Frozen;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>The words cooks use for units, and what they mean.</summary>
public static class UnitWords
{
    private static readonly FrozenDictionary<string, string> ByWord = new (string Unit, string[] Words)[]
    {
        ("g", ["g", "gr", "gram", "grams", "gramme", "grammes"]),
        ("kg", ["kg", "kgs", "kilo", "kilos", "kilogram", "kilograms"]),
        ("oz", ["oz", "ozs", "ounce", "ounces"]),
        ("lb", ["lb", "lbs", "pound", "pounds"]),
        ("ml", ["ml", "mls", "millilitre", "millilitres", "milliliter", "milliliters"]),
        ("cl", ["cl", "centilitre", "centilitres", "centiliter", "centiliters"]),
        ("dl", ["dl", "decilitre", "decilitres", "deciliter", "deciliters"]),
        ("l", ["l", "litre", "litres", "liter", "liters"]),
        ("tsp", ["tsp", "tsps", "teaspoon", "teaspoons"]),
        ("dessertspoon", ["dessertspoon", "dessertspoons", "dsp"]),
        ("tbsp", ["tbsp", "tbsps", "tbs", "tb", "tbl", "tablespoon", "tablespoons"]),
        ("cup", ["cup", "cups", "c"]),
        ("pint", ["pint", "pints", "pt"]),
        ("quart", ["quart", "quarts", "qt", "qts"]),
        ("pinch", ["pinch", "pinches"]),
        ("dash", ["dash", "dashes"]),
        ("splash", ["splash", "splashes"]),
        ("drizzle", ["drizzle"]),
        ("knob", ["knob", "knobs"]),
        ("clove", ["clove", "cloves"]),
        ("head", ["head", "heads", "bulb", "bulbs"]),
        ("stick", ["stick", "sticks"]),
        ("stalk", ["stalk", "stalks", "stem", "stems", "rib", "ribs"]),
        ("sprig", ["sprig", "sprigs"]),
        ("leaf", ["leaf", "leaves"]),
        ("bunch", ["bunch", "bunches"]),
        ("handful", ["handful", "handfuls"]),
        ("slice", ["slice", "slices"]),
        ("rasher", ["rasher", "rashers"]),
        ("strip", ["strip", "strips"]),
        ("sheet", ["sheet", "sheets"]),
        ("drop", ["drop", "drops"]),
        ("grind", ["grind", "grinds", "grinding", "grindings", "twist", "twists"]),
        ("glass", ["glass", "glasses", "wineglass", "wineglasses"]),
        ("mug", ["mug", "mugs"]),
        ("piece", ["piece", "pieces"]),
        ("can", ["can", "cans", "tin", "tins"]),
        ("jar", ["jar", "jars"]),
        ("pack", ["pack", "packs", "packet", "packets", "package", "packages", "pkg", "pkgs", "pkt", "pkts", "bag", "bags", "box", "boxes", "sachet", "sachets"]),
        ("tub", ["tub", "tubs", "pot", "pots", "carton", "cartons", "punnet", "punnets"]),
        ("bottle", ["bottle", "bottles"]),
    }.SelectMany(unit => unit.Words.Select(word => (word, unit.Unit))).ToFrozenDictionary(pair => pair.word, pair => pair.Unit);

    /// <summary>The unit a word means, or null. A capital T is a tablespoon and a small t a teaspoon.</summary>
    public static string? Find(string word) => word switch
    {
        "T" => "tbsp",
        "t" => "tsp",
        _ => ByWord.GetValueOrDefault(word.ToLowerInvariant()),
    };

    /// <summary>Sold in a wrapping whose size may be said.</summary>
    public static bool IsPack(string unit) => unit is "can" or "jar" or "pack" or "tub" or "bottle";

    /// <summary>What a pack's size may be given in.</summary>
    public static bool IsMassOrVolume(string unit) => unit is "g" or "kg" or "oz" or "lb" or "ml" or "l" or "cl" or "dl" or "fl oz";

    /// <summary>Stands for one where no number does: "pinch of salt".</summary>
    public static bool StandsAlone(string unit) =>
        unit is "pinch" or "dash" or "splash" or "drizzle" or "knob" or "bunch" or "handful" or "sprig" or "piece" or "drop" or "grind";

    /// <summary>A unit one can compute with; null for bunches, cans and the like.</summary>
    public static MeasureUnit? Measure(string unit) => unit switch
    {
        "" or "clove" => MeasureUnit.Piece,
        "g" => MeasureUnit.Gram,
        "kg" => MeasureUnit.Kilogram,
        "oz" => MeasureUnit.Ounce,
        "lb" => MeasureUnit.Pound,
        "ml" => MeasureUnit.Millilitre,
        "cl" => MeasureUnit.Centilitre,
        "dl" => MeasureUnit.Decilitre,
        "l" => MeasureUnit.Litre,
        "pinch" => MeasureUnit.Pinch,
        "tsp" => MeasureUnit.Teaspoon,
        "tbsp" => MeasureUnit.Tablespoon,
        "cup" => MeasureUnit.Cup,
        "fl oz" => MeasureUnit.FluidOunce,
        "pint" => MeasureUnit.Pint,
        "quart" => MeasureUnit.Quart,
        _ => null,
    };

    /// <summary>The short word for a unit; empty for what is counted.</summary>
    public static string WordFor(MeasureUnit unit) => unit switch
    {
        MeasureUnit.Gram => "g",
        MeasureUnit.Kilogram => "kg",
        MeasureUnit.Ounce => "oz",
        MeasureUnit.Pound => "lb",
        MeasureUnit.Millilitre => "ml",
        MeasureUnit.Centilitre => "cl",
        MeasureUnit.Decilitre => "dl",
        MeasureUnit.Litre => "l",
        MeasureUnit.Pinch => "pinch",
        MeasureUnit.Teaspoon => "tsp",
        MeasureUnit.Tablespoon => "tbsp",
        MeasureUnit.Cup => "cup",
        MeasureUnit.FluidOunce => "fl oz",
        MeasureUnit.Pint => "pint",
        MeasureUnit.Quart => "quart",
        _ => string.Empty,
    };
}
