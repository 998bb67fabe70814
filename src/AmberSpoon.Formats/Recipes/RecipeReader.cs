using System.Text;
using System.Text.Json;
using System.Text.RegularExpressions;
using System.Xml;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Recipes;

/// <summary>
/// Reads a recipe from a JSON-LD text (schema.org Recipe), from an HTML page that holds one, or from pasted lines. Reads
/// only: nothing in it is run or fetched, and markup in its texts becomes plain text.
/// </summary>
public static partial class RecipeReader
{
    /// <summary>Larger files are refused unread, bytes.</summary>
    public const int LargestBytes = 4 * 1024 * 1024;

    private const int PatienceMs = 2000;
    private const int DeepestJson = 64;
    private const int MostYields = 4;
    private const int MostScripts = 100;
    private const int MostLines = 1000;
    private const int MostIngredients = 100;
    private const int MostSteps = 100;
    private const int LongestStep = 4000;
    private const int LongestName = 120;
    private const int LongestHeading = 140;

    [GeneratedRegex(@"[0-9]{1,3}", RegexOptions.None, PatienceMs)]
    private static partial Regex Number();

    [GeneratedRegex(@"^\s*(?:ingredients?|you(?:'|’)ll need|what you need)\s*:?\s*$", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex IngredientsHeading();

    [GeneratedRegex(@"^\s*(?:method|instructions?|directions?|steps?|preparation|how to make it)\s*:?\s*$", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex StepsHeading();

    /// <summary>"For the glaze:" among the ingredients; no amount stands in it.</summary>
    [GeneratedRegex(@"^\s*(?:(?:for|to make)\s+(?:the\s+)?)?(?<name>[\p{L}][\p{L} \-]{1,38}?)\s*:\s*$|^\s*for\s+the\s+(?<name>[\p{L}][\p{L} \-]{1,38}?)\s*$", RegexOptions.IgnoreCase | RegexOptions.CultureInvariant, PatienceMs)]
    private static partial Regex SectionHeading();

    [GeneratedRegex(@"^\s*(?:serves|servings?|yield|makes|for)\s*:?\s*(?<count>-?[0-9]{1,3})\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex ServesLine();

    [GeneratedRegex(@"^\s*(?:[0-9]{1,2}[.)]\s+|step\s+[0-9])|\b(?:preheat|bake|roast|stir|mix|whisk|heat|place|put|cook|arrange|toss)\b", RegexOptions.IgnoreCase, PatienceMs)]
    private static partial Regex LooksLikeAStep();

    /// <param name="text">The whole file or paste.</param>
    /// <param name="cancel">Heeded between scripts, lines and steps, each of which is bounded.</param>
    /// <exception cref="RecipeFormatException">There is no recipe in it, or it is not readable; says what to do.</exception>
    public static RecipeReading Read(string text, CancellationToken cancel = default)
    {
        ArgumentNullException.ThrowIfNull(text);
        if (text.Length > LargestBytes)
        {
            throw new RecipeFormatException("That is too large for a recipe: 4 MB at most. Save the page without pictures, or paste the text.");
        }

        string trimmed = Whole(text).TrimStart('\uFEFF', ' ', '\t', '\r', '\n');
        if (trimmed.Length == 0)
        {
            throw new RecipeFormatException("There is nothing in it. Choose a recipe, or paste one.");
        }

        if (trimmed.Contains('\0', StringComparison.Ordinal))
        {
            throw new RecipeFormatException("That is no text. Choose a .json or .html file, or paste the recipe’s words.");
        }

        try
        {
            return trimmed[0] is '{' or '['
                ? FromJson(trimmed, cancel)
                : trimmed[0] == '<' ? FromHtml(trimmed, cancel) : FromLines(trimmed, cancel);
        }
        catch (RegexMatchTimeoutException)
        {
            throw new RecipeFormatException("A line in it is too tangled to read. Paste the recipe’s words, one ingredient a line.");
        }
    }

    /// <summary>Half a surrogate pair is no letter and cannot be written: it becomes a replacement mark.</summary>
    private static string Whole(string text) => Encoding.UTF8.GetString(Encoding.UTF8.GetBytes(text));

    private static RecipeReading FromHtml(string html, CancellationToken cancel)
    {
        foreach (string json in LinkedData.Of(html).Take(MostScripts))
        {
            cancel.ThrowIfCancellationRequested();
            if (TryFind(json, cancel) is { } found)
            {
                return found;
            }
        }

        throw new RecipeFormatException("This page holds no recipe that can be read (no schema.org Recipe in it). Copy the recipe’s words and paste them.");
    }

    private static RecipeReading? TryFind(string json, CancellationToken cancel)
    {
        try
        {
            return FromJson(json, cancel);
        }
        catch (RecipeFormatException)
        {
            return null;
        }
    }

    private static RecipeReading FromJson(string json, CancellationToken cancel)
    {
        try
        {
            using JsonDocument document = JsonDocument.Parse(Encoding.UTF8.GetBytes(json), new() { MaxDepth = DeepestJson, AllowTrailingCommas = true, CommentHandling = JsonCommentHandling.Skip });
            return RecipeNode.Find(document.RootElement) is { } node
                ? FromNode(node, cancel)
                : throw new RecipeFormatException("There is no recipe in it: a schema.org Recipe is needed.");
        }
        catch (JsonException unread)
        {
            throw new RecipeFormatException(unread.Message.Contains("maximum", StringComparison.OrdinalIgnoreCase)
                ? "It is nested too deeply for a recipe. Copy the recipe’s words and paste them."
                : $"This is not readable JSON (line {(unread.LineNumber ?? 0) + 1}). Save the file again, or paste the recipe’s words.");
        }
    }

    private static RecipeReading FromNode(JsonElement node, CancellationToken cancel)
    {
        var unclear = new List<string>();
        IEnumerable<string> steps = node.TryGetProperty("recipeInstructions", out JsonElement instructions) ? RecipeNode.Steps(instructions) : [];
        RecipeReading read = Finish(
            RecipeNode.Texts(node, "name").FirstOrDefault() ?? string.Empty,
            [.. RecipeNode.Texts(node, "recipeIngredient").Concat(RecipeNode.Texts(node, "ingredients")).Take(MostIngredients + 1)],
            steps,
            Serves([.. RecipeNode.Texts(node, "recipeYield").Concat(RecipeNode.Texts(node, "yield")).Take(MostYields).Select(said => Plain(said, LongestHeading))], unclear),
            unclear,
            cancel);
        return read with
        {
            Recipe = read.Recipe with
            {
                Description = Plain(RecipeNode.Texts(node, "description").FirstOrDefault() ?? string.Empty, LongestStep),
                PrepMinutes = Minutes(node, "prepTime", unclear),
                CookMinutes = Minutes(node, "cookTime", unclear),
                TotalMinutes = Minutes(node, "totalTime", unclear),
            },
        };
    }

    private static RecipeReading FromLines(string text, CancellationToken cancel)
    {
        // Cut before any pattern is tried: what a pattern costs grows faster than its line.
        string[] lines = [.. Lines(text).Select(line => line.Trim()).Where(line => line.Length > 0).Select(line => LineTokens.Cut(line, LongestStep)).Take(MostLines)];
        var ingredients = new List<string>();
        var steps = new List<string>();
        var unclear = new List<string>();
        int? serves = null;
        List<string>? into = null;
        foreach (string line in lines.Skip(1))
        {
            bool mayBeHeading = line.Length <= LongestHeading;
            if (mayBeHeading && IngredientsHeading().IsMatch(line))
            {
                into = ingredients;
            }
            else if (mayBeHeading && StepsHeading().IsMatch(line))
            {
                into = steps;
            }
            else if (mayBeHeading && into != steps && ServesLine().Match(line) is { Success: true } count)
            {
                serves = Serves([count.Groups["count"].Value], unclear);
            }
            else
            {
                (into ?? (LooksLikeAStep().IsMatch(line) || line.Length > LongestHeading ? steps : ingredients)).Add(line);
            }
        }

        if (ingredients.Count == 0)
        {
            throw new RecipeFormatException("No ingredients were found. Paste the name on the first line, then one ingredient a line, then the steps.");
        }

        return Finish(lines[0], ingredients, steps, serves, unclear, cancel);
    }

    private static IEnumerable<string> Lines(string text)
    {
        using var reader = new StringReader(text);
        while (reader.ReadLine() is { } line)
        {
            yield return line;
        }
    }

    private static string Heeding(string text, CancellationToken cancel)
    {
        cancel.ThrowIfCancellationRequested();
        return text;
    }

    private static RecipeReading Finish(string name, List<string> ingredients, IEnumerable<string> steps, int? serves, List<string> unclear, CancellationToken cancel)
    {
        if (ingredients.Count > MostIngredients)
        {
            unclear.Add($"Only the first {MostIngredients} ingredients were taken.");
        }

        IngredientLine[] lines = [.. InSections(ingredients.Take(MostIngredients), cancel)];
        foreach (string negative in ingredients.Take(MostIngredients).Where(StartsNegative))
        {
            unclear.Add($"“{Plain(negative, 80)}”: less than nothing was read as an amount without its minus.");
        }

        foreach (IngredientLine line in lines.Where(line => line.Low is null && !IsSeasoning(line)))
        {
            unclear.Add($"“{line.Text}”: no amount was found.");
        }

        string[] said = [.. steps.Take(MostSteps).Select(step => Plain(Heeding(step, cancel), LongestStep)).Where(step => step.Length > 0)];
        IReadOnlyList<OvenMention> ovens = OvenWords.Ovens(said);
        int? bake = OvenWords.BakeMinutes(said);
        if (ovens.Count == 0)
        {
            unclear.Add("No oven temperature was found in the steps.");
        }

        if (bake is null)
        {
            unclear.Add("No baking time was found in the steps.");
        }

        string title = Plain(name, LongestName);
        return new(new(title.Length > 0 ? title : "Recipe without a name", lines, said) { Serves = serves, Ovens = ovens, BakeMinutes = bake }, unclear);
    }

    /// <summary>Each line with the heading it stands under; headings themselves are no ingredients.</summary>
    private static IEnumerable<IngredientLine> InSections(IEnumerable<string> ingredients, CancellationToken cancel)
    {
        string section = string.Empty;
        foreach (string text in ingredients)
        {
            string plain = Plain(Heeding(text, cancel), LongestHeading);
            if (SectionHeading().Match(plain) is { Success: true } heading)
            {
                section = heading.Groups["name"].Value.Trim().ToLowerInvariant();
            }
            else if (IngredientParser.Parse(text) is { Text.Length: > 0 } line)
            {
                yield return line with { Section = section };
            }
        }
    }

    private static int? Serves(IReadOnlyList<string> said, List<string> unclear)
    {
        if (said.Count == 0)
        {
            unclear.Add("It does not say how many it serves.");
            return null;
        }

        if (said.Select(text => Number().Match(text)).FirstOrDefault(match => match.Success) is { } number
            && int.Parse(number.ValueSpan, System.Globalization.CultureInfo.InvariantCulture) is > 0 and var count
            && !said[0].TrimStart().StartsWith('-'))
        {
            return count;
        }

        unclear.Add($"“Serves {Plain(said[0], 40)}” makes no sense: how many it serves was left open.");
        return null;
    }

    private static int? Minutes(JsonElement node, string property, List<string> unclear)
    {
        string? text = RecipeNode.Texts(node, property).FirstOrDefault() is { } whole ? Plain(whole, LongestHeading) : null;
        if (string.IsNullOrWhiteSpace(text))
        {
            return null;
        }

        try
        {
            double minutes = XmlConvert.ToTimeSpan(text.Trim()).TotalMinutes;
            if (minutes is >= 0 and <= 7 * 24 * 60)
            {
                return (int)Math.Round(minutes);
            }
        }
        catch (Exception unread) when (unread is FormatException or OverflowException)
        {
            // Said below, as for a time out of range.
        }

        unclear.Add($"“{Plain(text, 40)}” is no time that can be read; it was left out.");
        return null;
    }

    private static bool StartsNegative(string line) => line.TrimStart() is ['-' or '−' or '–', >= '0' and <= '9', ..];

    private static bool IsSeasoning(IngredientLine line) =>
        line.Name.Contains("salt", StringComparison.OrdinalIgnoreCase) || line.Name.Contains("pepper", StringComparison.OrdinalIgnoreCase)
        || line.Note.Contains("taste", StringComparison.OrdinalIgnoreCase) || line.Note.Contains("serve", StringComparison.OrdinalIgnoreCase)
        || line.Note.Contains("garnish", StringComparison.OrdinalIgnoreCase) || line.Note.StartsWith("for ", StringComparison.OrdinalIgnoreCase);

    private static string Plain(string text, int longest)
    {
        // Markup may take more room than what is left without it.
        string clean = LineTokens.CleanText(LineTokens.Cut(text, 4 * longest));
        return LineTokens.Cut(clean, longest);
    }
}
