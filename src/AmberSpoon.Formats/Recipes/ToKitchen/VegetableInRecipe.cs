using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes.ToKitchen;

/// <summary>Which vegetable a recipe's line means, and how much of it.</summary>
internal static class VegetableInRecipe
{
    /// <summary>A cup of cut vegetables, g per ml (common practice: 150 g).</summary>
    private const double HeapedGPerMl = 0.6;

    /// <summary>Words cooks use, most telling first.</summary>
    private static readonly (string Word, Vegetable Kind)[] Names =
    [
        ("sweet potato", Vegetable.SweetPotato), ("baby potato", Vegetable.BabyPotato), ("new potato", Vegetable.BabyPotato), ("small potato", Vegetable.BabyPotato), ("potato", Vegetable.Potato),
        ("carrot", Vegetable.Carrot), ("parsnip", Vegetable.Parsnip), ("squash", Vegetable.Squash), ("pumpkin", Vegetable.Squash), ("butternut", Vegetable.Squash),
        ("shallot", Vegetable.Shallot), ("red onion", Vegetable.Onion), ("onion", Vegetable.Onion), ("bell pepper", Vegetable.Pepper), ("red pepper", Vegetable.Pepper),
        ("yellow pepper", Vegetable.Pepper), ("green pepper", Vegetable.Pepper), ("peppers", Vegetable.Pepper), ("courgette", Vegetable.Courgette), ("zucchini", Vegetable.Courgette),
        ("aubergine", Vegetable.Aubergine), ("eggplant", Vegetable.Aubergine), ("cherry tomato", Vegetable.CherryTomato), ("broccoli", Vegetable.Broccoli), ("cauliflower", Vegetable.Cauliflower),
        ("sprout", Vegetable.Sprout), ("green bean", Vegetable.GreenBean), ("mushroom", Vegetable.Mushroom), ("fennel", Vegetable.Fennel), ("leek", Vegetable.Leek),
    ];

    private static readonly string[] NotCut = ["powder", "flakes", "ground", "paste", "spring onion", "seed", "granule", "dried", "salt"];

    public static Vegetable? Find(IngredientLine line)
    {
        string name = line.Name.ToLowerInvariant();
        return NotCut.Any(word => name.Contains(word, StringComparison.Ordinal))
            ? null
            : Names.Where(pair => name.Contains(pair.Word, StringComparison.Ordinal)).Select(pair => (Vegetable?)pair.Kind).FirstOrDefault();
    }

    public static VegetableLot Lot(int id, Vegetable kind, IngredientLine line)
    {
        UsualRoast usual = VegetableTable.For(kind).Usual;
        double grams = Math.Clamp(Math.Round(Grams(kind, line) / 10) * 10, TrayPlanLimits.LeastVegetableG, TrayPlanLimits.MostVegetableG);
        return new(
            id, kind, usual.Cut, new(usual.SizeMm, LengthUnit.Millimetre), new(grams, MassUnit.Gram), VegetablePlace.Around, Vessel: 0, AddAtMinutes: 0, LeavesWhenDone: false, Tenderness.Tender);
    }

    private static double Grams(Vegetable kind, IngredientLine line)
    {
        double amount = line.Middle ?? 1;
        return UnitWords.Measure(line.Unit) switch
        {
            { } unit when Measures.KindOf(unit) == MeasureKind.Mass => amount * Measures.Grams(unit),
            { } unit when Measures.KindOf(unit) == MeasureKind.Volume => amount * Measures.Millilitres(unit, SpoonSet.UnitedStates) * HeapedGPerMl,
            _ => amount * WholeG(kind),
        };
    }

    /// <summary>One as it is bought, g: from its diameter and slenderness, a head as eight florets.</summary>
    private static double WholeG(Vegetable kind)
    {
        VegetableFacts facts = VegetableTable.For(kind);
        return facts.Cuts.Contains(VegetableCut.Floret)
            ? 8 * new VegetableBody(kind, VegetableCut.Floret, facts.AcrossMm).MassG
            : facts.WallMm is not null ? 160 : Math.PI / 6 * Math.Pow(facts.AcrossMm / 10, 3) * facts.Slender * (1 - facts.AirShare);
    }
}
