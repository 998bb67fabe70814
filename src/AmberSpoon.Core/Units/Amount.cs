namespace AmberSpoon.Core.Units;

/// <summary>
/// So much of something, as written: "2 tablespoons". Use <see cref="EnteredMass"/> where only a mass can be meant; to turn
/// spoons into grams an amount needs its ingredient, see <see cref="Prep.Ingredients.Ingredient.Grams"/>.
/// </summary>
/// <param name="Value">The number as written, in <paramref name="Unit"/>.</param>
public sealed record Amount(double Value, MeasureUnit Unit)
{
    public Amount Times(double factor) => this with { Value = factor * Value };
}
