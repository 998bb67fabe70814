namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>How a probe may call itself: it is read on a screen.</summary>
internal static class ProbeName
{
    public const int Longest = 24;

    public static string Sentence { get; } = $"A probe has a name of 1 to {Longest} letters, digits, spaces, dots or dashes.";

    public static bool IsGood(string name) =>
        name.Length is > 0 and <= Longest && name.Trim().Length == name.Length
        && name.All(letter => char.IsAsciiLetterOrDigit(letter) || letter is ' ' or '.' or '-' or '_');
}
