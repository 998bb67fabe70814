using CsCheck;

namespace AmberSpoon.Formats.Tests.Recipes;

/// <summary>A small harm done to a line.</summary>
internal sealed record Mutation(int Kind, double Where, string With)
{
    private static readonly string[] Odd = ["½", "/", "-", "(", ")", ",", "x", " of ", "1/", "0", "99999999", "<", "&#", "\t", "é", "\uD83D", "\u0301", "to", "plus", ".", "fl", "a"];

    public static Gen<Mutation> Any { get; } = Gen.Select(Gen.Int[0, 4], Gen.Double[0, 1], Gen.Int[0, Odd.Length - 1]).Select((kind, where, with) => new Mutation(kind, where, Odd[with]));

    public string Of(string text)
    {
        int at = (int)(Where * text.Length);
        return Kind switch
        {
            0 => text.Insert(at, With),
            1 => text.Length == 0 ? text : text.Remove(Math.Min(at, text.Length - 1), 1),
            2 => text[at..] + text[..at],
            3 => text.Length > 300 ? text : text + " " + text,
            _ => text.Length == 0 ? text : text[..at] + With + text[Math.Min(text.Length, at + 1)..],
        };
    }
}
