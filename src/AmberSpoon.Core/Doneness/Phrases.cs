namespace AmberSpoon.Core.Doneness;

/// <summary>Small parts of sentences that are said of pieces, lots and holds.</summary>
public static class Phrases
{
    /// <summary>"Thigh 2, back left"</summary>
    public static string Capital(string name) => $"{char.ToUpperInvariant(name[0])}{name[1..]}";

    /// <summary>A piece at the head of a sentence: "Thigh 2, back left," before "reads 62 °C".</summary>
    public static string Subject(string name) => $"{Capital(name)}{(name.Contains(',', StringComparison.Ordinal) ? "," : string.Empty)}";

    /// <summary>"a", "a and b", "a, b and c"; nothing of nothing.</summary>
    public static string Listed(IReadOnlyList<string> names) =>
        names.Count < 2 ? names.FirstOrDefault(string.Empty) : $"{string.Join(", ", names.SkipLast(1))} and {names[^1]}";

    /// <summary>"45 s", "2.7 min"</summary>
    public static string Hold(double seconds) => seconds < 100
        ? FormattableString.Invariant($"{seconds:0} s")
        : FormattableString.Invariant($"{seconds / 60:0.#} min");
}
