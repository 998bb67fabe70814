namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>A place in a line's tokens, with what can be seen from there and what was noted on the way.</summary>
internal sealed class LineCursor(List<LineToken> tokens)
{
    /// <summary>Stands behind the last token.</summary>
    private static readonly LineToken End = new(TokenKind.Mark, string.Empty, 0, false);

    public List<LineToken> Tokens { get; } = tokens;

    public List<string> Notes { get; } = [];

    public int At { get; set; }

    public LineToken Now => Ahead(0);

    public LineToken Ahead(int by) => At + by < Tokens.Count ? Tokens[At + by] : End;

    public void Skip(string word)
    {
        if (Now.Is(word))
        {
            At++;
        }
    }

    /// <summary>Notes what stands here, and passes it.</summary>
    public void TakeNote()
    {
        Notes.Add(Now.Text);
        At++;
    }

    /// <summary>The unit that stands at a place, and over how many tokens: "tbsp", "tbsp.", "fl. oz."; null where none does.</summary>
    public (string Unit, int Length)? UnitAt(int at)
    {
        if (at >= Tokens.Count || Tokens[at].Kind != TokenKind.Word)
        {
            return null;
        }

        int next = at + 1 + Dots(at + 1);
        if (Tokens[at].IsAny("fl", "fluid") && next < Tokens.Count && UnitWords.Find(Tokens[next].Text) == "oz")
        {
            return ("fl oz", next - at + 1 + Dots(next + 1));
        }

        return UnitWords.Find(Tokens[at].Text) is { } unit ? (unit, next - at) : null;
    }

    /// <summary>A mass or a volume, perhaps after a hyphen: "400 g", "14-ounce".</summary>
    public (string Unit, int Length)? SizeAt(int at)
    {
        int hyphen = at < Tokens.Count && Tokens[at] is { Text: "-", IsGlued: true } ? 1 : 0;
        return UnitAt(at + hyphen) is { } unit && UnitWords.IsMassOrVolume(unit.Unit) ? (unit.Unit, unit.Length + hyphen) : null;
    }

    /// <summary>Tokens as text again, with the spaces they had.</summary>
    public string Text(int from, int to, bool withBrackets = true)
    {
        var words = new List<string>();
        for (int i = from; i < Math.Min(to, Tokens.Count); i++)
        {
            if (Tokens[i].Kind != TokenKind.Bracket || withBrackets)
            {
                Append(words, Tokens[i].Text, Tokens[i].IsGlued && i > from);
            }
        }

        return string.Join(' ', words);
    }

    /// <summary>A mass or a volume in a bracket: "14.5 oz", "400-g".</summary>
    public static (double Value, string Unit)? SizeIn(string bracket)
    {
        var inside = new LineCursor(LineTokens.Of(bracket));
        return inside.Now.Kind == TokenKind.Number && inside.SizeAt(1) is { } size ? (inside.Now.Value, size.Unit) : null;
    }

    public static void Append(List<string> words, string text, bool glued)
    {
        if (glued && words.Count > 0)
        {
            words[^1] += text;
        }
        else
        {
            words.Add(text);
        }
    }

    private int Dots(int at) => at < Tokens.Count && Tokens[at] is { Text: ".", IsGlued: true } ? 1 : 0;
}
