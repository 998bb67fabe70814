using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Units;
using static AmberSpoon.Core.Units.MeasureUnit;

namespace AmberSpoon.Core.Prep.Mixes;

/// <summary>
/// Mixes to start from, our own inventions. Amounts follow common practice: salt about 1 to 1.4 % of the meat, a wet marinade
/// of about 150 ml a kilogram, half a cup of glaze to a cut-up bird, three large eggs and 150 g of crumb to nine drumsticks.
/// </summary>
public static class MixLibrary
{
    public static IReadOnlyList<ReadyMix> All { get; } =
    [
        Rub("harvest-rub", "Harvest rub", "Stir together. Blot the meat dry, oil it thinly, then rub in.", ("fineSalt", 12), ("smokedPaprika", 9), ("brownSugar", 6), ("garlicPowder", 4), ("blackPepper", 2), ("driedThyme", 1.5)),
        Rub("seed-rub", "Crushed seed rub", "Crush the seeds coarsely. Blot the meat dry, oil it thinly, then press on.", ("fineSalt", 12), ("cuminSeed", 5), ("fennelSeed", 5), ("coriander", 4), ("chilliFlakes", 1.5)),
        Rub("salt-only", "Salt and pepper", "Season all sides; an hour or more uncovered in the fridge dries the skin.", ("fineSalt", 11), ("blackPepper", 2)),
        Rub("warm-rub", "Warm spice rub", "Stir together. Blot the meat dry, oil it thinly, then rub in.", ("fineSalt", 12), ("paprika", 6), ("turmeric", 4), ("cumin", 4), ("cinnamon", 1), ("cayenne", 0.5)),
        Soak("lemon-garlic", "Lemon and garlic", MixKind.WetMarinade, "Whisk, pour over, turn the pieces after an hour.", Ml("oil", 60), Ml("lemonJuice", 45), Pc("garlic", 4), G("fineSalt", 12), G("driedOregano", 2), G("blackPepper", 1.5)),
        Soak("orchard", "Orchard marinade", MixKind.WetMarinade, "Whisk, pour over, turn the pieces after an hour.", Ml("neutralOil", 50), Ml("ciderVinegar", 40), G("grainMustard", 30), G("honey", 20), G("fineSalt", 10), G("thyme", 4)),
        Soak("lime-soy", "Lime and soy", MixKind.WetMarinade, "Whisk, pour over, turn the pieces after half an hour.", Ml("soy", 60), Ml("limeJuice", 40), Ml("sesameOil", 15), G("ginger", 15), Pc("garlic", 3), G("brownSugar", 15)),
        Soak("red-wine-vinegar", "Sharp red pepper", MixKind.WetMarinade, "Whisk, pour over, turn the pieces after an hour.", Ml("oil", 70), Ml("wineVinegar", 45), G("paprika", 8), G("tomatoPaste", 20), G("fineSalt", 12), Pc("garlic", 4)),
        Soak("green-yogurt", "Green yogurt", MixKind.YogurtMarinade, "Stir until thick enough to cling; keep it on in the oven.", G("thickYogurt", 200), G("parsley", 15), G("corianderLeaf", 15), Pc("garlic", 4), Ml("oil", 20), G("fineSalt", 13)),
        Soak("spiced-yogurt", "Spiced yogurt", MixKind.YogurtMarinade, "Stir until thick enough to cling; keep it on in the oven.", G("thickYogurt", 200), G("garamMasala", 8), G("paprika", 6), G("turmeric", 3), G("ginger", 12), Pc("garlic", 4), Ml("lemonJuice", 15), G("fineSalt", 13)),
        Sticky("mustard-honey", "Mustard and honey glaze", "Warm until it runs. Brush a thin coat on each time: what runs off the meat burns on the tray.", G("honey", 4.5), G("mustard", 3.5), Ml("soy", 2), G("butter", 1.5), G("garlicPowder", 0.2)),
        Sticky("ginger-soy", "Ginger and soy glaze", "Simmer until it coats a spoon. Brush on in thin coats; the next one when the last no longer runs.", Ml("soy", 3.5), G("brownSugar", 4), Ml("riceVinegar", 1.5), G("ginger", 1), G("cornflour", 0.3)),
        Sticky("apricot", "Apricot glaze", "Warm until it runs. Its sugar darkens fast: brush on in the last third.", G("jam", 6), Ml("ciderVinegar", 1.5), G("grainMustard", 1.5), G("fineSalt", 0.35)),
        Butter("herb-butter", "Herb butter under the skin", ("butter", 45), ("parsley", 8), ("thyme", 3), ("lemonZest", 3), ("fineSalt", 10)),
        Butter("smoky-butter", "Smoky butter under the skin", ("butter", 45), ("smokedPaprika", 5), ("garlicPowder", 3), ("fineSalt", 10)),
        Crumbed("egg-crumb", "Crisp crumb over egg", MixKind.CrumbOverEgg, "Beat the eggs with the salt. Meat through egg, then crumb; pat on, shake off the rest.", Bind("egg", 10.5), Bind("fineSalt", 0.6), Coat("coarseCrumb", 8.5), Coat("hardCheese", 1.5), Coat("paprika", 0.3)),
        Crumbed("mayonnaise-crumb", "Mustard mayonnaise crumb", MixKind.CrumbOverMayonnaise, "Spread the mayonnaise thinly, then press into the crumb.", Bind("mayonnaise", 6.5), Bind("mustard", 1.5), Bind("fineSalt", 0.4), Coat("coarseCrumb", 8), Coat("driedHerbs", 0.3)),
        Crumbed("yogurt-crumb", "Garlic yogurt crumb", MixKind.CrumbOverYogurt, "Leave the yogurt on, wipe off drips, then press into the crumb.", Bind("thickYogurt", 9), Bind("fineSalt", 0.6), Bind("garlicPowder", 0.3), Coat("dryCrumb", 9), Coat("sesame", 1)),
        Soak("pan-gravy", "Sauce from the juices", MixKind.JuiceSauce, "Pour the juices off the tray, skim, stir the starch into the cold water, and boil until clear.", Ml("water", 90), G("cornflour", 7), Ml("stock", 120), Ml("lemonJuice", 8)),
        Soak("cold-herb", "Cold herb sauce", MixKind.Sauce, "Chop fine, stir, and keep it cold and covered, away from raw hands.", G("parsley", 25), G("corianderLeaf", 15), Ml("oil", 60), Ml("lemonJuice", 20), Pc("garlic", 1), G("fineSalt", 2)),
        Soak("sweet-pepper", "Sweet pepper sauce", MixKind.Sauce, "Whisk. Pour over once, not over the rim of the dish.", G("ketchup", 80), G("honey", 40), Ml("ciderVinegar", 20), G("smokedPaprika", 6), G("fineSalt", 6)),
    ];

    /// <returns>Null for an id that is not in the library.</returns>
    public static ReadyMix? Find(string id) => All.FirstOrDefault(ready => ready.Id == id);

    private static ReadyMix Rub(string id, string name, string method, params ReadOnlySpan<(string Key, double G)> parts) =>
        new(id, new(name, MixKind.DryRub, MixBasis.KilogramOfMeat, Grams(parts), method));

    private static ReadyMix Butter(string id, string name, params ReadOnlySpan<(string Key, double G)> parts) =>
        new(id, new(name, MixKind.UnderSkinButter, MixBasis.KilogramOfMeat, Grams(parts), "Beat soft, loosen the skin with a finger, push under and press flat."));

    private static ReadyMix Soak(string id, string name, MixKind kind, string method, params MixPart[] parts) =>
        new(id, new(name, kind, MixBasis.KilogramOfMeat, parts, method));

    private static ReadyMix Sticky(string id, string name, string method, params MixPart[] parts) =>
        new(id, new(name, MixKind.Glaze, MixBasis.SquareDecimetre, parts, method));

    private static ReadyMix Crumbed(string id, string name, MixKind kind, string method, params MixPart[] parts) =>
        new(id, new(name, kind, MixBasis.SquareDecimetre, parts, method));

    private static MixPart[] Grams(ReadOnlySpan<(string Key, double G)> parts)
    {
        var all = new MixPart[parts.Length];
        for (int i = 0; i < parts.Length; i++)
        {
            all[i] = G(parts[i].Key, parts[i].G);
        }

        return all;
    }

    private static MixPart G(string key, double grams) => Part(key, grams, Gram, MixRole.Mix);

    private static MixPart Ml(string key, double ml) => Part(key, ml, Millilitre, MixRole.Mix);

    private static MixPart Pc(string key, double count) => Part(key, count, Piece, MixRole.Mix);

    private static MixPart Bind(string key, double grams) => Part(key, grams, Gram, MixRole.Binder);

    private static MixPart Coat(string key, double grams) => Part(key, grams, Gram, MixRole.Crumb);

    private static MixPart Part(string key, double value, MeasureUnit unit, MixRole role) =>
        new(IngredientTable.For(key).Name, key, new(value, unit), role);
}

/// <param name="Id">A word for the wire.</param>
/// <param name="Mix">What it is.</param>
public sealed record ReadyMix(string Id, Mix Mix);
