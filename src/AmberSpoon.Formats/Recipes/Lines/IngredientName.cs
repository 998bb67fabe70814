namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>What belongs to an ingredient's name and what is said of how it is cut.</summary>
internal static class IngredientName
{
    private static readonly HashSet<string> Cuts = new(StringComparer.OrdinalIgnoreCase)
    {
        "chopped", "grated", "minced", "sliced", "diced", "shredded", "squeezed", "peeled", "melted", "beaten", "softened", "sifted",
        "packed", "torn", "halved", "quartered", "cubed", "crumbled", "juiced", "zested", "trimmed", "drained", "rinsed",
    };

    private static readonly HashSet<string> Adverbs = new(StringComparer.OrdinalIgnoreCase)
    {
        "finely", "roughly", "coarsely", "freshly", "thinly", "thickly", "lightly", "loosely", "tightly", "firmly", "well", "very",
    };

    private static readonly HashSet<string> Sizes = new(StringComparer.OrdinalIgnoreCase)
    {
        "large", "medium", "medium-sized", "small", "big", "fat", "extra-large",
    };

    /// <summary>Words that describe and do not name: a comma after them does not end the name.</summary>
    private static readonly HashSet<string> Describing = new(StringComparer.OrdinalIgnoreCase)
    {
        "boneless", "skinless", "bone-in", "skin-on", "bone-out", "skin-off", "fresh", "frozen", "dried", "ripe", "large", "small", "medium",
        "low-fat", "full-fat", "low-sodium", "unsalted", "salted", "raw", "organic", "free-range", "lean", "firm", "hot", "cold", "warm",
    };

    public static bool IsOnlyDescription(List<string> words) => words.Count > 0 && words.TrueForAll(word => Describing.Contains(word.TrimEnd(',')));

    /// <summary>Moves what says how it is cut from the front of a name to the notes.</summary>
    public static void Tidy(List<string> words, List<string> notes)
    {
        // A comma that stayed inside the name belongs to the word before it.
        for (int i = words.Count - 1; i > 0; i--)
        {
            if (words[i] == ",")
            {
                words[i - 1] += ",";
                words.RemoveAt(i);
            }
        }

        while (words.Count > 1)
        {
            int taken = LeadingCut(words);
            if (taken == 0)
            {
                break;
            }

            notes.Add(string.Join(' ', words.Take(taken)));
            words.RemoveRange(0, taken);
        }

        if (words.Count > 0)
        {
            words[^1] = words[^1].TrimEnd(',', '.', ':', ';');
        }
    }

    /// <summary>"2 garlic cloves": the unit stands behind. Takes it off the name.</summary>
    public static string UnitWithin(List<string> words)
    {
        if (words.Count < 2)
        {
            return string.Empty;
        }

        string last = words[^1].ToLowerInvariant();
        string before = words[^2].ToLowerInvariant();
        string unit = (before, last) switch
        {
            ("garlic", "clove" or "cloves") => "clove",
            ("celery", "stick" or "sticks" or "stalk" or "stalks") => "stalk",
            (_, "sprig" or "sprigs") => "sprig",
            (_, "leaf" or "leaves") => "leaf",
            (_, "head" or "heads" or "bulb" or "bulbs") => "head",
            _ => string.Empty,
        };
        if (unit.Length > 0)
        {
            words.RemoveAt(words.Count - 1);
        }

        return unit;
    }

    private static int LeadingCut(List<string> words)
    {
        if (Sizes.Contains(words[0]) || words[0].Equals("of", StringComparison.OrdinalIgnoreCase))
        {
            return 1;
        }

        if (words[0].Equals("extra", StringComparison.OrdinalIgnoreCase) && Sizes.Contains(words[1]))
        {
            return 2;
        }

        int at = Adverbs.Contains(words[0]) ? 1 : 0;
        bool isCut = at < words.Count && Cuts.Contains(words[at]);
        bool isToasted = words[at].Equals("toasted", StringComparison.OrdinalIgnoreCase) && !words[^1].Equals("oil", StringComparison.OrdinalIgnoreCase);
        bool isCrushed = words[at].Equals("crushed", StringComparison.OrdinalIgnoreCase) && words[^1].StartsWith("garlic", StringComparison.OrdinalIgnoreCase);
        return (isCut || isToasted || isCrushed) && at + 1 < words.Count ? at + 1 : 0;
    }
}
