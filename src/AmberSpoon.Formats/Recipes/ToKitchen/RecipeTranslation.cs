using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes.ToKitchen;

/// <summary>A tray and its mixes made from a recipe.</summary>
/// <param name="Plan">The tray, not yet laid.</param>
/// <param name="Mixes">What goes on the meat, in the order of the recipe; the coats of the tray name them by <see cref="IdOf"/>.</param>
/// <param name="LeftOut">Lines that became neither.</param>
public sealed record RecipeTranslation(TrayPlan Plan, IReadOnlyList<Mix> Mixes, IReadOnlyList<string> LeftOut)
{
    /// <summary>
    /// How long it bakes, min: of a recipe that turns the dial on the way all its stages, else the longest time it names. Null where it names none.
    /// </summary>
    public int? BakeMinutes { get; init; }

    /// <summary>What a mix of this recipe is called before it is stored.</summary>
    public static string IdOf(int mix) => FormattableString.Invariant($"recipe-{mix}");

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
        MeatToCoat meat = MeatToCoat.Of(chicken);
        var mixes = new List<Mix>();
        var used = new HashSet<string>(StringComparer.Ordinal);
        var coats = new List<LotCoat>();
        (IReadOnlyList<PlannedStep> steps, int? brushedAt, int endMinutes) = StepsInRecipe.Of(recipe.Steps);
        foreach (IGrouping<string, IngredientLine> section in forMix.GroupBy(line => line.Section, StringComparer.Ordinal))
        {
            string name = section.Key.Length == 0 ? recipe.Name : $"{recipe.Name}, {section.Key}";
            if (coats.Count < MostMixes && MixInRecipe.Of(Cut(name, MixLimits.LongestName), section.Key, [.. section], meat) is { } mix)
            {
                used.UnionWith(mix.Parts.Select(part => part.Name));
                coats.Add(CoatInRecipe(mix, section.Key, mixes.Count, coats.Count > 0, brushedAt, steps));
                mixes.Add(mix);
            }
        }

        // In the order in which they go on: what is brushed on later lies over what was on from the start.
        LotCoat[] stacked = [.. coats.OrderBy(coat => coat.When)];
        OvenMention? oven = recipe.Ovens.FirstOrDefault(mention => mention.Setting.ToTemperature().Celsius is >= TrayPlanLimits.LowestOvenC and <= TrayPlanLimits.HighestOvenC);
        TrayPlan plan = start with
        {
            Name = Cut(recipe.Name, TrayPlanLimits.LongestName),
            Chicken = [.. chicken.Select(lot => lot with { Coats = Fitting(stacked, lot, steps), Goal = CoreGoal.Usual(lot.Cut, (oven?.Setting ?? start.OvenSetting).Unit) })],
            Vegetables = vegetables,
            OvenSetting = oven?.Setting ?? start.OvenSetting,
            OvenMode = oven is { IsFan: true } ? OvenMode.Fan : start.OvenMode,
            Steps = steps,
            Spots = [],
        };
        return new(plan, mixes, [.. others.Where(line => !used.Contains(line.Name)).Select(line => line.Text)])
        {
            BakeMinutes = steps.Any(step => step.Kind == StepKind.Lower) ? Math.Max(recipe.BakeMinutes ?? 0, endMinutes) : recipe.BakeMinutes,
        };
    }

    private const int MostMixes = 4;

    /// <summary>When a mix goes on: a glaze or a sauce at the minute the recipe brushes it on, a sauce that it does not pour at the table.</summary>
    private static LotCoat CoatInRecipe(Mix mix, string section, int number, bool isLater, int? brushedAt, IReadOnlyList<PlannedStep> steps)
    {
        Coating kind = MixKinds.CoatingOf(mix.Kind) ?? Coating.Oil;
        bool isForLater = isLater || kind is Coating.Glaze or Coating.Sauce;
        CoatTime when = kind switch
        {
            Coating.JuiceSauce => steps.Any(step => step.Kind == StepKind.Drain) ? CoatTime.AfterDraining : CoatTime.AtTable,
            Coating.Glaze or Coating.Sauce when isForLater && brushedAt is not null => CoatTime.AtMinute,
            Coating.Sauce when section.Length > 0 => CoatTime.AtTable,
            _ => LotCoat.UsualTime(kind),
        };
        return new(kind, when, IdOf(number)) { Name = mix.Name, AtMinutes = when == CoatTime.AtMinute ? brushedAt : null };
    }

    /// <summary>The coats that this lot can have: what cannot be on it is left to the cook.</summary>
    private static IReadOnlyList<LotCoat> Fitting(IReadOnlyList<LotCoat> coats, ChickenLot lot, IReadOnlyList<PlannedStep> steps)
    {
        int[] wrong = [.. CoatRules.Faults(coats, lot.Cut, lot.SkinOn, steps, lot.AddAtMinutes).Select(fault => fault.Coat)];
        return [.. coats.Where((_, i) => !wrong.Contains(i))];
    }

    private static bool IsForTable(IngredientLine line) => line.Note.Contains("serve", StringComparison.OrdinalIgnoreCase)
        || line.Note.Contains("garnish", StringComparison.OrdinalIgnoreCase) || line.Note.Contains("greas", StringComparison.OrdinalIgnoreCase);

    private static string Cut(string name, int longest) => name.Length <= longest ? name : name[..longest].TrimEnd();
}
