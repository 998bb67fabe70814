namespace AmberSpoon.Store;

/// <summary>What is looked for in the log; all of it must hold.</summary>
/// <param name="Words">Each must stand somewhere in it, whatever its case.</param>
/// <param name="Marks">Each must be marked on it, such as "cut:drumstick".</param>
public sealed record LogQuery(IReadOnlyList<string> Words, IReadOnlyList<string> Marks)
{
    public static LogQuery Everything { get; } = new([], []);

    /// <summary>As it stands among the words of a bake.</summary>
    public static string Mark(string kind, string value) => $"\u0001{kind}:{value}\u0001".ToLowerInvariant();
}
