namespace AmberSpoon.Formats.Recipes;

/// <summary>A recipe that was found, and what could not be made out.</summary>
/// <param name="Recipe">The recipe.</param>
/// <param name="NotUnderstood">A sentence for each thing that was left out or is uncertain; perhaps none.</param>
public sealed record RecipeReading(RecipeDocument Recipe, IReadOnlyList<string> NotUnderstood);
