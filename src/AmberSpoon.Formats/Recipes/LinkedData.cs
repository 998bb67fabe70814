namespace AmberSpoon.Formats.Recipes;

/// <summary>
/// Finds the JSON-LD texts of an HTML page: what stands in its script elements of that type. Goes over the page once and
/// builds nothing of it: a page that is nested or tangled to be slow takes no longer than any other of its length.
/// </summary>
internal static class LinkedData
{
    private const string Script = "<script";
    private const string ScriptEnd = "</script";
    private const string Comment = "<!--";
    private const string CommentEnd = "-->";

    /// <summary>In the order of the page, as written: entities mean nothing within a script (HTML Living Standard, 13.1.2).</summary>
    public static IEnumerable<string> Of(string html)
    {
        int at = 0;
        while ((at = html.IndexOf('<', at)) >= 0)
        {
            if (StartsWith(html, at, Comment))
            {
                at = After(html, CommentEnd, at + Comment.Length);
            }
            else if (StartsWith(html, at, Script) && at + Script.Length < html.Length && !char.IsAsciiLetterOrDigit(html[at + Script.Length]))
            {
                int open = EndOfTag(html, at + Script.Length);
                int end = html.IndexOf(ScriptEnd, open, StringComparison.OrdinalIgnoreCase);
                end = end < 0 ? html.Length : end;
                if (IsLinkedData(html.AsSpan(at, open - at)))
                {
                    yield return html[open..end];
                }

                at = end;
            }

            at = Math.Min(at + 1, html.Length);
        }
    }

    private static bool StartsWith(string html, int at, string what) => html.AsSpan(at).StartsWith(what, StringComparison.OrdinalIgnoreCase);

    private static int After(string html, string what, int from) =>
        html.IndexOf(what, Math.Min(from, html.Length), StringComparison.Ordinal) is >= 0 and int found ? found + what.Length - 1 : html.Length;

    /// <summary>Past the ">" that ends the tag; one within quotes does not.</summary>
    private static int EndOfTag(string html, int at)
    {
        char quote = '\0';
        for (; at < html.Length; at++)
        {
            char c = html[at];
            if (quote != '\0')
            {
                quote = c == quote ? '\0' : quote;
            }
            else if (c is '"' or '\'')
            {
                quote = c;
            }
            else if (c == '>')
            {
                return at + 1;
            }
        }

        return html.Length;
    }

    private static bool IsLinkedData(ReadOnlySpan<char> tag) => tag.Contains("application/ld+json", StringComparison.OrdinalIgnoreCase);
}
