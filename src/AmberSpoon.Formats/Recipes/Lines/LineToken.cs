namespace AmberSpoon.Formats.Recipes.Lines;

/// <summary>A piece of an ingredient line.</summary>
/// <param name="Kind">What it is.</param>
/// <param name="Text">As written; of brackets, what is inside.</param>
/// <param name="Value">Of a number.</param>
/// <param name="IsGlued">No space before it.</param>
internal readonly record struct LineToken(TokenKind Kind, string Text, double Value, bool IsGlued)
{
    public bool Is(string word) => Kind != TokenKind.Bracket && Text.Equals(word, StringComparison.OrdinalIgnoreCase);

    public bool IsAny(params ReadOnlySpan<string> words)
    {
        foreach (string word in words)
        {
            if (Is(word))
            {
                return true;
            }
        }

        return false;
    }
}

internal enum TokenKind
{
    Number,
    Word,

    /// <summary>A single mark.</summary>
    Mark,

    /// <summary>What stands in brackets, whole.</summary>
    Bracket,
}
