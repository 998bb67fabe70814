using System.Globalization;
using System.Text.Encodings.Web;
using System.Text.Json;
using System.Text.Json.Nodes;
using System.Xml;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes;

/// <summary>Writes a recipe as JSON-LD (schema.org Recipe). <see cref="RecipeReader"/> reads every quantity back.</summary>
public static class RecipeWriter
{
    private static readonly JsonSerializerOptions Indented = new() { WriteIndented = true, Encoder = JavaScriptEncoder.Default };

    public static string Write(RecipeDocument recipe)
    {
        ArgumentNullException.ThrowIfNull(recipe);
        var node = new JsonObject
        {
            ["@context"] = "https://schema.org",
            ["@type"] = "Recipe",
            ["name"] = recipe.Name,
            ["recipeIngredient"] = new JsonArray([.. Grouped(recipe.Ingredients).Select(line => (JsonNode)line)]),
            ["recipeInstructions"] = new JsonArray([.. recipe.Steps.Select(step => (JsonNode)new JsonObject { ["@type"] = "HowToStep", ["text"] = step })]),
        };
        Add("description", recipe.Description.Length > 0 ? recipe.Description : null);
        Add("recipeYield", recipe.Serves is { } serves ? $"{serves} servings" : null);
        Add("prepTime", Duration(recipe.PrepMinutes));
        Add("cookTime", Duration(recipe.CookMinutes));
        Add("totalTime", Duration(recipe.TotalMinutes));
        return node.ToJsonString(Indented);

        void Add(string property, string? value)
        {
            if (value is not null)
            {
                node[property] = value;
            }
        }
    }

    /// <summary>Line by line, each group under its heading, as <see cref="RecipeReader"/> reads it.</summary>
    private static IEnumerable<string> Grouped(IEnumerable<IngredientLine> ingredients)
    {
        string section = string.Empty;
        foreach (IngredientLine line in ingredients)
        {
            if (line.Section != section && line.Section.Length > 0)
            {
                yield return $"For the {line.Section}:";
            }

            section = line.Section;
            yield return Line(line);
        }
    }

    /// <summary>One ingredient as a line that <see cref="IngredientParser"/> reads the same.</summary>
    public static string Line(IngredientLine line)
    {
        ArgumentNullException.ThrowIfNull(line);
        string amount = line switch
        {
            { Low: null } => string.Empty,
            { Low: { } low, High: { } high } when high > low => $"{Number(low)}-{Number(high)} ",
            { Low: { } low } => $"{Number(low)} ",
        };
        string unit = line.Unit.Length == 0 || line.Low is null ? string.Empty : line.Unit + " ";
        string note = line.Note.Length == 0 ? string.Empty : $" ({line.Note})";
        return $"{amount}{unit}{line.Name}{note}".Trim();
    }

    private static string Number(double value) => Math.Round(value, 3).ToString("0.###", CultureInfo.InvariantCulture);

    private static string? Duration(int? minutes) => minutes is { } whole ? XmlConvert.ToString(TimeSpan.FromMinutes(whole)) : null;
}
