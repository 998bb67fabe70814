using AmberSpoon.Core.Food;
using AmberSpoon.Formats.Bakes;
using CsCheck;
using Xunit;

namespace AmberSpoon.Formats.Tests.Bakes;

public sealed class LogTableReaderTests
{
    private const string Head = "StartedAt,Minutes,Name,Chicken,Vegetables,OvenC,CoreC,Notes";
    private static readonly TimeSpan Here = TimeSpan.FromHours(2);

    private static TableBake One(string line, string head = Head) => Assert.Single(LogTableReader.Read($"{head}\r\n{line}\r\n", Here));

    private static string Refused(string line, string head = Head) => Assert.Throws<LogTableException>(() => LogTableReader.Read($"{head}\r\n{line}\r\n", Here)).Message;

    [Fact]
    public void A_line_is_a_bake()
    {
        TableBake bake = One("2026-10-03 18:05,45,Sunday,6 bone-in thighs 990 g; 4 drumsticks 460.5 g,350 g potatoes,205,78,crisp / a little more salt");
        Assert.Equal(new DateTimeOffset(2026, 10, 3, 16, 5, 0, TimeSpan.Zero), bake.StartedAt);
        Assert.Equal((2, 45, "Sunday", 205, 78.0, null), (bake.Line, bake.Minutes, bake.Name, bake.OvenC, bake.CoreC!.Value, bake.CoreMin));
        Assert.Equal([new(Cut.BoneInThigh, 6, 990), new TableChicken(Cut.Drumstick, 4, 460.5)], bake.Chicken);
        Assert.Equal([new TableVegetable(Vegetable.Potato, 350)], bake.Vegetables);
        Assert.Equal(["crisp", "a little more salt"], bake.Notes);
    }

    [Fact]
    public void Our_own_table_comes_back()
    {
        var id = new Guid("0198a1b2-0000-7000-8000-000000000001");
        LoggedLine line = new($"{id}", "2026-10-03T16:05:00.000Z", "2026-10-03T16:50:30.000Z", "=Sunday", "6 bone-in thighs 990 g", "350 g potatoes", "Harvest rub", "Big one", 204.4, 41.2, 44, null, "Serve", "the meat: juicy", "crisp");
        TableBake bake = Assert.Single(LogTableReader.Read(LogTable.Write([line]), Here));
        Assert.Equal((id, 45.5, "=Sunday", "Big one", 204.4), (bake.Id, bake.Minutes, bake.Name, bake.Oven, bake.OvenC));
        Assert.Equal(["crisp", "the meat: juicy", "Harvest rub"], bake.Notes);
        Assert.Null(bake.CoreC);
    }

    [Fact]
    public void The_same_line_twice_is_one_bake_and_another_line_another()
    {
        string line = "2026-10-03 18:05,45,Sunday,6 drumsticks 700 g,,205,,";
        Assert.Equal(One(line).Id, One(line).Id);
        Assert.NotEqual(One(line).Id, One(line.Replace("18:05", "18:06", StringComparison.Ordinal)).Id);
    }

    /// <summary>As a spreadsheet in a country with decimal commas saves it.</summary>
    [Fact]
    public void Semicolons_tabs_and_decimal_commas_are_read() => Assert.All(
        [
            One("2026-10-03T18:05:00+02:00;45,5;Sunday;\"6 drumsticks 700,5 g\";;204,4;;", Head.Replace(',', ';')),
            One("2026-10-03T18:05:00+02:00\t45,5\tSunday\t6 drumsticks 700,5 g\t\t204,4\t\t", Head.Replace(',', '\t')),
        ],
        bake => Assert.Equal((45.5, 204.4, 700.5), (bake.Minutes, bake.OvenC, bake.Chicken[0].Grams)));

    [Theory]
    [InlineData("bone-in thighs", Cut.BoneInThigh)]
    [InlineData("Bone-in Thigh", Cut.BoneInThigh)]
    [InlineData("boneInThigh", Cut.BoneInThigh)]
    [InlineData("halves of breast", Cut.BreastHalf)]
    [InlineData("thigh", null)]
    public void A_cut_is_known_by_its_names(string words, Cut? cut) => Assert.Equal(cut, LogTableReader.CutOf(words));

    [Fact]
    public void Every_cut_and_vegetable_is_known_by_the_name_it_is_written_with()
    {
        Assert.All(CutTable.All, facts => Assert.Equal(facts.Cut, LogTableReader.CutOf(facts.Plural)));
        Assert.All(VegetableTable.All, facts => Assert.Equal(facts.Kind, LogTableReader.VegetableOf(facts.Name)));
    }

    [Theory]
    [InlineData("2026-10-03 18:05,4.9,S,6 drumsticks 700 g,,205,,", "Line 2, Minutes: say how long it baked")]
    [InlineData("2026-10-03 18:05,721,S,6 drumsticks 700 g,,205,,", "Line 2, Minutes: say how long it baked")]
    [InlineData("2026-10-03 18:05,,S,6 drumsticks 700 g,,205,,", "Line 2, Minutes: say how long it baked")]
    [InlineData("3/10,45,S,6 drumsticks 700 g,,205,121,", "Line 2, CoreC: a middle is 0 to 120")]
    [InlineData("soon,45,S,6 drumsticks 700 g,,205,,", "Line 2, StartedAt: “soon” is no date and time")]
    [InlineData("1969-10-03 18:05,45,S,6 drumsticks 700 g,,205,,", "Line 2, StartedAt: that year")]
    [InlineData(",45,S,6 drumsticks 700 g,,205,,", "Line 2, StartedAt: say when")]
    [InlineData("2026-10-03 18:05,45,S,,,205,,", "Line 2, Chicken: say what was baked")]
    [InlineData("2026-10-03 18:05,45,S,six drumsticks,,205,,", "Line 2, Chicken: “six drumsticks” is not understood")]
    [InlineData("2026-10-03 18:05,45,S,6 turkeys 700 g,,205,,", "Line 2, Chicken: “6 turkeys 700 g” is not understood")]
    [InlineData("2026-10-03 18:05,45,S,6 drumsticks 700 g,potatoes,205,,", "Line 2, Vegetables: “potatoes” is not understood")]
    [InlineData("2026-10-03 18:05,45,S,6 drumsticks 700 g,,hot,,", "Line 2, OvenC: “hot” is no number")]
    [InlineData("2026-10-03 18:05,45,S,6 drumsticks 700 g,,,,", "Line 2, OvenC: say what the oven was set to")]
    public void What_cannot_be_is_said_with_line_and_column(string line, string sentence) => Assert.StartsWith(sentence, Refused(line), StringComparison.Ordinal);

    /// <summary>Words that a pattern would go over again and again.</summary>
    [Fact]
    public void A_cell_of_a_million_letters_is_refused_at_once() =>
        Assert.StartsWith("Line 2, Chicken: “6 x", Refused($"2026-10-03 18:05,45,S,6 x{string.Join(", ", Enumerable.Repeat("  1", 100_000))},,205,,".Replace(", ", "  ", StringComparison.Ordinal)), StringComparison.Ordinal);

    [Fact]
    public void A_table_of_another_program_says_which_columns_are_missing() =>
        Assert.StartsWith("That table has no column “Chicken” and none “OvenC”", Refused("2026,1,2", "StartedAt,Probe 1,Probe 2"), StringComparison.Ordinal);

    [Theory]
    [InlineData("")]
    [InlineData(Head)]
    [InlineData("a\0b")]
    [InlineData("StartedAt,Chicken,OvenC\r\n\uFFFD,6 drumsticks 700 g,200")]
    public void Nothing_and_letters_of_another_encoding_are_refused(string text) => Assert.Throws<LogTableException>(() => LogTableReader.Read(text, Here));

    [Fact]
    public void A_hundred_lines_are_read_and_one_more_is_not()
    {
        string[] lines = [.. Enumerable.Range(0, LogTableReader.MostLines + 1).Select(i => $"2026-10-03 {i / 60:00}:{i % 60:00},45,S,6 drumsticks 700 g,,205,,")];
        Assert.Equal(LogTableReader.MostLines, LogTableReader.Read(string.Join("\r\n", lines.SkipLast(1).Prepend(Head)), Here).Count);
        Assert.Throws<LogTableException>(() => LogTableReader.Read(string.Join("\r\n", lines.Prepend(Head)), Here));
    }

    [Fact]
    public void Whatever_stands_in_a_table_it_is_read_or_refused() => Gen.String.Array[0, 9].Array[0, 5].Sample(rows =>
    {
        try
        {
            LogTableReader.Read(string.Join('\n', rows.Select(row => string.Join(',', row)).Prepend(Head)), Here);
        }
        catch (LogTableException)
        {
        }
    });
}
