using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes;

/// <summary>A recipe, as far as the app needs one. Read by <see cref="RecipeReader"/>, written by <see cref="RecipeWriter"/>.</summary>
/// <param name="Name">Its name, plain text.</param>
/// <param name="Ingredients">Line by line.</param>
/// <param name="Steps">What is done, plain text.</param>
public sealed record RecipeDocument(string Name, IReadOnlyList<IngredientLine> Ingredients, IReadOnlyList<string> Steps)
{
    public string Description { get; init; } = string.Empty;

    /// <summary>How many it serves; null where it does not say.</summary>
    public int? Serves { get; init; }

    public int? PrepMinutes { get; init; }

    public int? CookMinutes { get; init; }

    public int? TotalMinutes { get; init; }

    /// <summary>The oven temperatures its steps name, in order.</summary>
    public IReadOnlyList<OvenMention> Ovens { get; init; } = [];

    /// <summary>The longest time its steps bake or roast for; null where they name none.</summary>
    public int? BakeMinutes { get; init; }
}
