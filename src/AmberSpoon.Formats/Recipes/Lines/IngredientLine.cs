namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>One ingredient of a recipe, as far as its line was understood.</summary>
/// <param name="Text">The line as it was written, without markup.</param>
/// <param name="Low">How much; null where nothing was said. Packs are multiplied out: "2 x 400 g tins" is 800 g.</param>
/// <param name="High">The upper end of a range; else the same.</param>
/// <param name="Unit">Of what, in the short form of <see cref="UnitWords"/>; empty for things that are counted.</param>
/// <param name="Name">The ingredient, without how it is cut.</param>
/// <param name="Note">Everything else that was said: how it is cut, what it is for, the same in other units.</param>
public sealed record IngredientLine(string Text, double? Low, double? High, string Unit, string Name, string Note)
{
    /// <summary>What it is for, where the recipe groups its ingredients: "glaze"; empty where it does not.</summary>
    public string Section { get; init; } = string.Empty;

    /// <summary>The middle of the range.</summary>
    public double? Middle => (Low + High) / 2;
}
