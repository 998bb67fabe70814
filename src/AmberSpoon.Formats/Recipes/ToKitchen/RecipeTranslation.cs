using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes.ToKitchen;

/// <summary>A tray and a mix made from a recipe.</summary>
/// <param name="Plan">The tray, not yet laid.</param>
/// <param name="Mix">What goes on the meat; null where nothing does.</param>
/// <param name="LeftOut">Lines that became neither.</param>
public sealed record RecipeTranslation(TrayPlan Plan, Mix? Mix, IReadOnlyList<string> LeftOut)
{
    /// <param name="recipe">The recipe.</param>
    /// <param name="start">An empty tray to start from: vessel, oven, safety profile.</param>
    /// <exception cref="RecipeFormatException">There is no chicken in it.</exception>
    public static RecipeTranslation Of(RecipeDocument recipe, TrayPlan start)
    {
        var chicken = new List<ChickenLot>();
        var vegetables = new List<VegetableLot>();
        var rest = new List<IngredientLine>();
        foreach (IngredientLine line in recipe.Ingredients)
        {
            int next = chicken.Count + vegetables.Count + 1;
            if (next > TrayPlanLimits.MostLots)
            {
                rest.Add(line);
            }
            else if (ChickenInRecipe.IsMeat(line))
            {
                chicken.AddRange(ChickenInRecipe.Lots(line, next));
            }
            else if (VegetableInRecipe.Find(line) is { } kind)
            {
                vegetables.Add(VegetableInRecipe.Lot(next, kind, line));
            }
            else
            {
                rest.Add(line);
            }
        }

        if (chicken.Count == 0)
        {
            throw new RecipeFormatException("There is no chicken in this recipe, so there is no tray to make of it.");
        }

        IngredientLine[] others = [.. rest.Select(MixInRecipe.Pressed)];
        IngredientLine[] forMix = [.. others.Where(line => !IsForTable(line))];
        Mix? mix = MixInRecipe.Of(Cut(recipe.Name, MixLimits.LongestName), forMix, MeatToCoat.Of(chicken));
        Coating coating = mix is null ? Coating.Oil : MixKinds.CoatingOf(mix.Kind) ?? Coating.Oil;
        OvenMention? oven = recipe.Ovens.FirstOrDefault(mention => mention.Setting.ToTemperature().Celsius is >= TrayPlanLimits.LowestOvenC and <= TrayPlanLimits.HighestOvenC);
        TrayPlan plan = start with
        {
            Name = Cut(recipe.Name, TrayPlanLimits.LongestName),
            Chicken = [.. chicken.Select(lot => lot with { Coating = coating, Goal = CoreGoal.Usual(lot.Cut, (oven?.Setting ?? start.OvenSetting).Unit) })],
            Vegetables = vegetables,
            OvenSetting = oven?.Setting ?? start.OvenSetting,
            OvenMode = oven is { IsFan: true } ? OvenMode.Fan : start.OvenMode,
            Spots = [],
        };
        HashSet<string> used = [.. mix?.Parts.Select(part => part.Name) ?? []];
        return new(plan, mix, [.. others.Where(line => !used.Contains(line.Name)).Select(line => line.Text)]);
    }

    private static bool IsForTable(IngredientLine line) => line.Note.Contains("serve", StringComparison.OrdinalIgnoreCase)
        || line.Note.Contains("garnish", StringComparison.OrdinalIgnoreCase) || line.Note.Contains("greas", StringComparison.OrdinalIgnoreCase);

    private static string Cut(string name, int longest) => name.Length <= longest ? name : name[..longest].TrimEnd();
}
