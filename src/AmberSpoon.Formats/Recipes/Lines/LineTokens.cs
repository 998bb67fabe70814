using System.Globalization;
using System.Net;
using System.Text;

namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>Cuts a line into numbers, words, marks and brackets, in one pass.</summary>
internal static class LineTokens
{
    /// <summary>Longer lines are cut: no ingredient needs more.</summary>
    public const int LongestLine = 400;

    /// <summary>A line without markup, entities, bullets and doubled spaces.</summary>
    public static string Clean(string line)
    {
        string text = Cut(line, 2 * LongestLine);
        string bare = CleanText(text).TrimStart(' ', '-', '*', '•', '·', '▢', '☐', '◦', '‣', '▪', '+', '.').Trim();
        return Cut(bare, LongestLine);
    }

    /// <summary>No more than so many characters, and never half of one that is written as a pair.</summary>
    public static string Cut(string text, int longest) => text.Length <= longest
        ? text
        : text[..(char.IsHighSurrogate(text[longest - 1]) ? longest - 1 : longest)];

    /// <summary>Any text without markup, entities and doubled spaces; its dashes and quotes plain.</summary>
    public static string CleanText(string text)
    {
        text = WebUtility.HtmlDecode(WithoutTags(text));
        var clean = new StringBuilder(text.Length);
        foreach (char c in text)
        {
            char plain = c switch { '‐' or '‑' or '‒' or '–' or '—' or '−' => '-', '⁄' or '∕' => '/', '×' => 'x', '’' or '‘' => '\'', _ => c };
            if (char.IsWhiteSpace(plain) || char.IsControl(plain))
            {
                if (clean.Length > 0 && clean[^1] != ' ')
                {
                    clean.Append(' ');
                }
            }
            else
            {
                clean.Append(plain);
            }
        }

        return clean.ToString().Trim();
    }

    public static List<LineToken> Of(string clean)
    {
        var tokens = new List<LineToken>();
        int at = 0;
        bool glued = false;
        while (at < clean.Length)
        {
            char c = clean[at];
            int from = at;
            if (c == ' ')
            {
                at++;
                glued = false;
                continue;
            }

            if (c is '(' or '[')
            {
                at = EndOfBracket(clean, at);
                tokens.Add(new(TokenKind.Bracket, clean[(from + 1)..at].Trim(), 0, glued));
                at++;
            }
            else if (KitchenNumber.TryRead(clean, ref at, out double value))
            {
                tokens.Add(new(TokenKind.Number, clean[from..at], value, glued));
            }
            else if (char.IsLetter(c))
            {
                at = EndOfWord(clean, at);
                tokens.Add(new(TokenKind.Word, clean[from..at], 0, glued));
            }
            else
            {
                at++;
                tokens.Add(new(TokenKind.Mark, clean[from..at], 0, glued));
            }

            glued = true;
        }

        return tokens;
    }

    /// <summary>Letters, with marks and digits inside: "bone-in", "cook's".</summary>
    private static int EndOfWord(string text, int at)
    {
        while (at < text.Length
            && (char.IsLetter(text[at]) || CharUnicodeInfo.GetUnicodeCategory(text[at]) == UnicodeCategory.NonSpacingMark
                || (text[at] is '-' or '\'' && at + 1 < text.Length && char.IsLetter(text[at + 1]))))
        {
            at++;
        }

        return at;
    }

    private static int EndOfBracket(string text, int at)
    {
        int depth = 0;
        for (int i = at; i < text.Length; i++)
        {
            depth += text[i] is '(' or '[' ? 1 : text[i] is ')' or ']' ? -1 : 0;
            if (depth == 0)
            {
                return i;
            }
        }

        return text.Length;
    }

    private static string WithoutTags(string text)
    {
        if (!text.Contains('<', StringComparison.Ordinal))
        {
            return text;
        }

        var kept = new StringBuilder(text.Length);
        bool inTag = false;
        for (int i = 0; i < text.Length; i++)
        {
            // "<" opens a tag only before a letter or a slash: "< 5 g" is text.
            inTag |= text[i] == '<' && i + 1 < text.Length && (char.IsAsciiLetter(text[i + 1]) || text[i + 1] is '/' or '!');
            if (!inTag)
            {
                kept.Append(text[i]);
            }

            inTag &= text[i] != '>';
        }

        return kept.ToString();
    }
}
