namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>
/// Reads an ingredient line as cooks write it. Never throws: what it does not understand becomes part of the name. Each
/// line is read once from left to right, so the time grows with its length, which is bounded.
/// </summary>
public static class IngredientParser
{
    /// <param name="line">One line; anything.</param>
    public static IngredientLine Parse(string line)
    {
        ArgumentNullException.ThrowIfNull(line);
        string clean = LineTokens.Clean(line);
        var cursor = new LineCursor(LineTokens.Of(clean));
        bool isFruit = TakeFruitPart(cursor);
        var amount = new LineAmount(cursor);
        amount.Read();
        if (amount is { Low: null, Unit: "" })
        {
            amount.ReadAtEnd();
        }

        List<string> words = TakeName(cursor);
        IngredientName.Tidy(words, cursor.Notes);
        if (!isFruit)
        {
            amount.TakeUnitOfName(words);
        }

        string name = string.Join(' ', words);
        if (name.Length == 0 && amount.Unit.Length > 0 && cursor.Notes.Count == 0)
        {
            name = cursor.Tokens.LastOrDefault(token => token.Kind == TokenKind.Word).Text ?? string.Empty;
            amount.DropUnit();
        }

        return new(clean, amount.Low, amount.High, amount.Unit, name, string.Join("; ", cursor.Notes.Where(note => note.Length > 0)));
    }

    /// <summary>"juice and zest of": what of the fruit is used becomes a note.</summary>
    /// <returns>Whether the line began so.</returns>
    private static bool TakeFruitPart(LineCursor cursor)
    {
        int at = 0;
        while (cursor.Ahead(at).IsAny("the", "freshly", "finely", "squeezed", "grated", "fresh"))
        {
            at++;
        }

        if (!cursor.Ahead(at).IsAny("juice", "zest"))
        {
            return false;
        }

        while (cursor.Ahead(at).IsAny("juice", "zest", "and", "&", "grated"))
        {
            at++;
        }

        if (!cursor.Ahead(at).IsAny("of", "from"))
        {
            return false;
        }

        cursor.Notes.Add(cursor.Text(0, at));
        cursor.At = at + 1;
        return true;
    }

    /// <summary>The words up to where the notes begin; the notes are noted.</summary>
    private static List<string> TakeName(LineCursor cursor)
    {
        var words = new List<string>();
        List<LineToken> tokens = cursor.Tokens;
        for (int i = cursor.At; i < tokens.Count; i++)
        {
            LineToken token = tokens[i];
            if (token.Kind == TokenKind.Bracket)
            {
                cursor.Notes.Add(token.Text);
            }
            else if (EndsName(tokens, i, words))
            {
                cursor.Notes.AddRange(tokens.Skip(i).Where(rest => rest.Kind == TokenKind.Bracket).Select(rest => rest.Text));
                cursor.Notes.Add(cursor.Text(token.Kind == TokenKind.Mark ? i + 1 : i, tokens.Count, withBrackets: false));
                break;
            }
            else
            {
                bool besideMark = token.Kind == TokenKind.Mark || (i > 0 && tokens[i - 1].Kind == TokenKind.Mark);
                LineCursor.Append(words, token.Text, token.IsGlued && besideMark && token.Text != "&");
            }
        }

        return words;
    }

    private static bool EndsName(List<LineToken> tokens, int i, List<string> words)
    {
        LineToken token = tokens[i];
        if (token.Text is "," or ";")
        {
            return !IngredientName.IsOnlyDescription(words) || i == tokens.Count - 1;
        }

        bool isDash = token.Text == "-" && !token.IsGlued;
        bool isPurpose = token.Is("to") && i + 1 < tokens.Count && tokens[i + 1].IsAny("taste", "serve", "garnish", "finish", "decorate");
        return isDash || (words.Count > 0 && (isPurpose || token.IsAny("for", "plus", "+")));
    }
}
