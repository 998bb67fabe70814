using System.Globalization;
using AmberSpoon.Formats.Recipes.Lines;
using CsCheck;
using Xunit;

namespace AmberSpoon.Formats.Tests.Recipes;

public sealed class IngredientParserTests(ITestOutputHelper output)
{
    [Fact]
    public void At_least_98_of_100_lines_are_read_right()
    {
        Assert.True(Corpus.Build.Count + Corpus.Score.Count >= 250);
        Assert.Empty(Corpus.Build.Select(line => line.Text).Intersect(Corpus.Score.Select(line => line.Text)));
        Assert.InRange(ScoreOf("used while building", Corpus.Build), 0.98, 1);
        Assert.InRange(ScoreOf("used only for the score", Corpus.Score), 0.98, 1);
    }

    private double ScoreOf(string name, IReadOnlyList<CorpusLine> lines)
    {
        (CorpusLine Wanted, IngredientLine Read)[] wrong = [.. lines.Select(line => (line, IngredientParser.Parse(line.Text))).Where(pair => !pair.line.IsSame(pair.Item2))];
        output.WriteLine(string.Create(CultureInfo.InvariantCulture, $"Lines {name}: {lines.Count - wrong.Length} of {lines.Count} read right."));
        foreach ((CorpusLine wanted, IngredientLine read) in wrong)
        {
            output.WriteLine(string.Create(CultureInfo.InvariantCulture, $"  {wanted.Text}\n     wanted {wanted.Low}-{wanted.High} [{wanted.Unit}] {wanted.Name}\n     read   {read.Low}-{read.High} [{read.Unit}] {read.Name} | {read.Note}"));
        }

        return (lines.Count - wrong.Length) / (double)lines.Count;
    }

    [Fact]
    public void No_mutated_line_throws_or_comes_back_mad()
    {
        CorpusLine[] lines = [.. Corpus.Build, .. Corpus.Score];
        Gen.Select(Gen.Int[0, lines.Length - 1], Mutation.Any.Array[1, 6]).Sample(
            (which, mutations) =>
            {
                IngredientLine read = IngredientParser.Parse(mutations.Aggregate(lines[which].Text, (text, mutation) => mutation.Of(text)));
                return read is { Low: null or (>= 0 and <= 1e12), High: null or (>= 0 and <= 1e12) } && !(read.High < read.Low) && read.Name.Length <= 500;
            },
            iter: 20_000);
    }

    [Theory]
    [InlineData("")]
    [InlineData("   ")]
    [InlineData("((((((((((((")]
    [InlineData("1/0 cup milk")]
    [InlineData("-5 g salt")]
    [InlineData("999999999999999999999999 kg")]
    [InlineData("\u0000\u0001\uFFFF")]
    [InlineData("½½½½")]
    public void Odd_lines_are_read_as_something(string line) => Assert.NotNull(IngredientParser.Parse(line).Name);

    [Fact]
    public void What_is_said_besides_is_kept_as_a_note()
    {
        Assert.Equal("finely chopped", IngredientParser.Parse("1 onion, finely chopped").Note);
        Assert.Equal("juice and zest", IngredientParser.Parse("juice and zest of 2 lemons").Note);
        Assert.Contains("240 ml", IngredientParser.Parse("1 cup (240 ml) milk").Note, StringComparison.Ordinal);
        Assert.Contains("2 of 400 g", IngredientParser.Parse("2 x 400 g tins chickpeas").Note, StringComparison.Ordinal);
    }

    [Fact]
    public void Markup_is_text() => Assert.Equal("alert(1) salt", IngredientParser.Parse("<script>alert(1)</script> salt").Text);
}
