using System.Globalization;
using System.Reflection;
using AmberSpoon.Formats.Recipes.Lines;

namespace AmberSpoon.Formats.Tests.Recipes;

/// <summary>Lines in many styles, each with what it means. One set was used while building, the other only for the score.</summary>
internal static class Corpus
{
    public static IReadOnlyList<CorpusLine> Build { get; } = Load("corpus-build");

    public static IReadOnlyList<CorpusLine> Score { get; } = Load("corpus-score");

    private static CorpusLine[] Load(string name)
    {
        using Stream stream = Assembly.GetExecutingAssembly().GetManifestResourceStream($"AmberSpoon.Formats.Tests.Recipes.{name}.tsv")!;
        using var reader = new StreamReader(stream);
        return
        [
            .. reader.ReadToEnd().Split('\n', StringSplitOptions.RemoveEmptyEntries).Skip(1).Select(row => row.Split('\t')).Select(cells =>
                new CorpusLine(cells[0], Number(cells[1]), Number(cells[2]), cells[3], cells[4])),
        ];
    }

    private static double? Number(string cell) => cell.Length == 0 ? null : double.Parse(cell, CultureInfo.InvariantCulture);
}

internal sealed record CorpusLine(string Text, double? Low, double? High, string Unit, string Name)
{
    public bool IsSame(IngredientLine read) => Same(Low, read.Low) && Same(High, read.High) && Unit == read.Unit
        && Name.Equals(read.Name, StringComparison.OrdinalIgnoreCase);

    private static bool Same(double? wanted, double? got) => wanted is null ? got is null : got is { } value && Math.Abs(value - wanted.Value) < 0.001;
}
