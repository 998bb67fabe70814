using System.Text.Json;

namespace AmberSpoon.Formats.Recipes;

/// <summary>Finds the Recipe among the things a JSON-LD text describes (schema.org), and reads its properties leniently.</summary>
internal static class RecipeNode
{
    private const int DeepestSearch = 12;

    /// <returns>Null where there is none.</returns>
    public static JsonElement? Find(JsonElement node, int depth = 0)
    {
        if (depth > DeepestSearch)
        {
            return null;
        }

        switch (node.ValueKind)
        {
            case JsonValueKind.Array:
                return FirstIn(node.EnumerateArray(), depth);
            case JsonValueKind.Object when IsRecipe(node):
                return node;
            case JsonValueKind.Object:
                return FirstIn(node.EnumerateObject().Select(property => property.Value), depth);
            default:
                return null;
        }
    }

    /// <summary>Texts of a property that may be one, several, or objects that hold one.</summary>
    public static IEnumerable<string> Texts(JsonElement node, string property)
    {
        if (!node.TryGetProperty(property, out JsonElement value))
        {
            return [];
        }

        return value.ValueKind == JsonValueKind.Array ? value.EnumerateArray().Select(Text).OfType<string>() : Text(value) is { } one ? [one] : [];
    }

    /// <summary>Steps: texts, HowToStep and HowToSection in any nesting.</summary>
    public static IEnumerable<string> Steps(JsonElement node, int depth = 0)
    {
        if (depth > DeepestSearch)
        {
            return [];
        }

        return node.ValueKind switch
        {
            JsonValueKind.String => (Text(node) ?? string.Empty).Split('\n'),
            JsonValueKind.Array => node.EnumerateArray().SelectMany(step => Steps(step, depth + 1)),
            JsonValueKind.Object when node.TryGetProperty("itemListElement", out JsonElement inner) => Steps(inner, depth + 1),
            JsonValueKind.Object => Text(node) is { } text ? [text] : [],
            _ => [],
        };
    }

    private static string? Text(JsonElement value) => value.ValueKind switch
    {
        JsonValueKind.String => Readable(value),
        JsonValueKind.Number => value.GetRawText(),
        JsonValueKind.Object when value.TryGetProperty("text", out JsonElement text) && text.ValueKind == JsonValueKind.String => Readable(text),
        JsonValueKind.Object when value.TryGetProperty("name", out JsonElement name) && name.ValueKind == JsonValueKind.String => Readable(name),
        _ => null,
    };

    /// <returns>Null where half a surrogate pair is written as an escape: that is no text.</returns>
    private static string? Readable(JsonElement value)
    {
        try
        {
            return value.GetString();
        }
        catch (InvalidOperationException)
        {
            return null;
        }
    }

    private static JsonElement? FirstIn(IEnumerable<JsonElement> nodes, int depth)
    {
        foreach (JsonElement inner in nodes)
        {
            if (Find(inner, depth + 1) is { } found)
            {
                return found;
            }
        }

        return null;
    }

    private static bool IsRecipe(JsonElement node) => Texts(node, "@type").Any(type =>
        type is "Recipe" or "schema:Recipe" or "http://schema.org/Recipe" or "https://schema.org/Recipe");
}
