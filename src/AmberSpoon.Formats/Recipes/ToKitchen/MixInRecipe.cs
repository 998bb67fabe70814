using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes.ToKitchen;

/// <summary>Makes a mix of what is left of a recipe when meat and vegetables are taken out.</summary>
internal static class MixInRecipe
{
    /// <summary>Sugar from which a mix is a glaze, kg per kg.</summary>
    private const double SweetEnough = 0.25;

    /// <summary>Juice of one fruit, ml (common practice).</summary>
    private static readonly Dictionary<string, (string Juice, double Ml)> Juices = new()
    {
        ["lemon"] = ("lemon juice", 45),
        ["lime"] = ("lime juice", 30),
        ["orange"] = ("orange juice", 75),
    };

    /// <param name="name">What to call it.</param>
    /// <param name="section">What the recipe groups it as: "glaze"; empty for nothing.</param>
    /// <param name="lines">Each as <see cref="Pressed"/> leaves it.</param>
    /// <param name="meat">What it goes on.</param>
    /// <returns>Null where nothing of it can be measured.</returns>
    public static Mix? Of(string name, string section, IReadOnlyList<IngredientLine> lines, MeatToCoat meat)
    {
        (IngredientLine Line, Ingredient? Known, MeasureUnit Unit)[] parts =
        [
            .. lines
                .Where(line => line.Middle is > 0)
                .Select(line => (line, IngredientTable.FindByName(line.Name), UnitWords.Measure(line.Unit)))
                .Where(part => part.Item3 is { } unit && (Measures.KindOf(unit) != MeasureKind.Count || part.Item2 is { EachG: not null }))
                .Select(part => (part.line, part.Item2, part.Item3!.Value)),
        ];
        if (parts.Length == 0 || meat.MassG <= 0)
        {
            return null;
        }

        MixKind kind = KindSaid(section) ?? KindOf([.. parts.Select(part => (part.Known, GramsOf(part.Line, part.Known, part.Unit)))]);
        bool bySurface = kind == MixKind.Glaze || MixKinds.IsCrumb(kind);
        double per = bySurface ? meat.SurfaceDm2 : meat.MassG / 1000;
        return new(
            name,
            kind,
            bySurface ? MixBasis.SquareDecimetre : MixBasis.KilogramOfMeat,
            [.. parts.Select(part => new MixPart(Named(part.Line, part.Known), part.Known?.Key, new(part.Line.Middle!.Value / per / (1 + MixKinds.Waste(kind, RoleOf(kind, part.Known))), part.Unit), RoleOf(kind, part.Known)))],
            string.Empty);
    }

    /// <summary>"juice of 1 lemon" goes into the bowl as juice.</summary>
    public static IngredientLine Pressed(IngredientLine line) =>
        line is { Unit: "", Low: not null } && line.Note.Contains("juice", StringComparison.OrdinalIgnoreCase)
        && Juices.TryGetValue(line.Name.ToLowerInvariant().TrimEnd('s'), out (string Juice, double Ml) juice)
            ? line with { Name = juice.Juice, Unit = "ml", Low = juice.Ml * line.Low, High = juice.Ml * line.High }
            : line;

    private static string Named(IngredientLine line, Ingredient? known) =>
        line.Name.Length is > 0 and <= MixLimits.LongestName ? line.Name : known?.Name ?? line.Name[..Math.Min(line.Name.Length, MixLimits.LongestName)];

    private static MixRole RoleOf(MixKind kind, Ingredient? known) => !MixKinds.IsCrumb(kind) ? MixRole.Mix : IsBinder(known) ? MixRole.Binder : MixRole.Crumb;

    private static bool IsBinder(Ingredient? known) => known is { Shelf: Shelf.RawEgg or Shelf.Wet };

    private static double GramsOf(IngredientLine line, Ingredient? known, MeasureUnit unit) =>
        known?.Grams(new(line.Middle!.Value, unit), SpoonSet.UnitedStates) ?? (Measures.KindOf(unit) == MeasureKind.Mass ? line.Middle!.Value * Measures.Grams(unit) : 0);

    /// <summary>What its heading says it is; null where it says nothing.</summary>
    private static MixKind? KindSaid(string section)
    {
        bool Says(string word) => section.Contains(word, StringComparison.Ordinal);
        return Says("gravy") ? MixKind.JuiceSauce
            : Says("sauce") || Says("dressing") || Says("dip") ? MixKind.Sauce
            : Says("glaze") ? MixKind.Glaze
            : Says("rub") ? MixKind.DryRub
            : null;
    }

    private static MixKind KindOf((Ingredient? Known, double G)[] parts)
    {
        bool Has(params ReadOnlySpan<string> keys)
        {
            foreach ((Ingredient? known, _) in parts)
            {
                if (known is not null && keys.Contains(known.Key))
                {
                    return true;
                }
            }

            return false;
        }

        double totalG = Math.Max(1e-9, parts.Sum(part => part.G));
        double sugar = parts.Sum(part => part.G * (part.Known?.Sugar ?? 0)) / totalG;
        bool isYogurt = Has("yogurt", "thickYogurt", "buttermilk");
        bool isWet = parts.Any(part => part.Known is { Shelf: Shelf.Wet });
        return Has("dryCrumb", "coarseCrumb", "freshCrumb")
            ? Has("egg") ? MixKind.CrumbOverEgg : isYogurt ? MixKind.CrumbOverYogurt : Has("mayonnaise") ? MixKind.CrumbOverMayonnaise : MixKind.CrumbOverEgg
            : isYogurt ? MixKind.YogurtMarinade
            : sugar >= SweetEnough && isWet ? MixKind.Glaze
            : isWet ? MixKind.WetMarinade
            : MixKind.DryRub;
    }
}
