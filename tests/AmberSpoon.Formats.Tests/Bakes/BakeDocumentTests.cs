using System.Text;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Bakes;
using NJsonSchema;
using Xunit;

namespace AmberSpoon.Formats.Tests.Bakes;

public sealed class BakeDocumentTests
{
    private static readonly DateTimeOffset Start = new(2026, 11, 26, 17, 0, 0, TimeSpan.Zero);

    private static readonly BakeDocument Document = Made();

    private static BakeDocument Made()
    {
        TrayPlan plan = new(
            "Thighs",
            [new(1, Cut.BoneInThigh, true, [Coating.Oil], new(SizeBasis.Pack, 6, new(990, MassUnit.Gram), 0, []), null, StartingPoint.Fridge, 0, 0, false, false, CoreGoal.Usual(Cut.BoneInThigh, TemperatureUnit.Celsius))],
            [],
            [Vessel.HalfSheet],
            OvenMode.Still,
            new(204, TemperatureUnit.Celsius),
            [new PlannedStep(StepKind.Turn, 20)],
            ProfileId.UnitedStates,
            5,
            null,
            [])
        { Oven = HouseOven.Usual with { RunsHotBy = new(-5, TemperatureUnit.Celsius), Learnt = OvenBelief.Unknown(-7) with { Bakes = 3 } } };
        Happening[] told =
        [
            new Started(), new ActDone(0), new Measured(new(new LotId(1), 1), new(165, TemperatureUnit.Fahrenheit)), new Looked(new LotId(1), Look.Browned), new OvenSet(new(190, TemperatureUnit.Celsius)),
            new Resting(), new Finished(), new Eaten(), new Rated(RatingOf.Meat, Rating.Right), new Tasted("good"), new Weighed(new LotId(1), new(700, MassUnit.Gram)), new Pictured(Guid.NewGuid()), new Counted(false),
        ];
        return new(
            BakeDocument.Name, BakeDocument.Newest, Guid.NewGuid(), Start, plan, TrayForecaster.Forecast(plan, Care.BestGuess),
            [.. told.Select((what, i) => new BakeEvent(i + 1, Guid.NewGuid(), Start.AddMinutes(4 * i), what))]);
    }

    [Fact]
    public void What_was_written_is_read_as_it_was()
    {
        byte[] file = Document.Write();
        BakeDocument read = BakeDocument.Read(file);
        Assert.Equal(file, read.Write());
        Assert.Equal(Document.Events, read.Events);
        Assert.Equal(-7, read.Plan.Oven!.OffsetC, 9);
    }

    [Fact]
    public async Task The_published_schema_is_the_one_that_is_written_and_files_keep_to_it()
    {
        string published = await File.ReadAllTextAsync(Path.Combine(AppContext.BaseDirectory, "bake-1.json"));
        Assert.Equal(BakeDocument.Schema(), published.ReplaceLineEndings("\n"));
        JsonSchema schema = await JsonSchema.FromJsonAsync(published);
        string file = Encoding.UTF8.GetString(Document.Write());
        Assert.Empty(schema.Validate(file));
        Assert.NotEmpty(schema.Validate(file.Replace("\"startedAt\"", "\"beganAt\"", StringComparison.Ordinal)));
        Assert.NotEmpty(schema.Validate(file.Replace("\"seq\": 1,", "\"seq\": \"one\",", StringComparison.Ordinal)));
    }

    [Theory]
    [InlineData("{}")]
    [InlineData("null")]
    [InlineData("")]
    [InlineData("{\"format\":\"amber-spoon-bake\",\"version\":1}")]
    [InlineData("{\"format\":5,\"version\":1}")]
    [InlineData("{\"format\":\"amber-spoon-bake\",\"version\":\"1\"}")]
    public void What_is_no_bake_is_refused(string text) => Assert.Throws<BakeDocumentException>(() => BakeDocument.Read(Encoding.UTF8.GetBytes(text)));

    [Fact]
    public void A_bake_that_is_not_whole_is_refused()
    {
        Refused(Document with { Id = Guid.Empty });
        Refused(Document with { Events = [.. Document.Events.Skip(1)] });
        Refused(Document with { Events = [.. Document.Events.Where(told => told.What is not Finished).Select((told, i) => told with { Seq = i + 1 })] });
        Refused(Document with { StartedAt = Start.AddMinutes(1) });
        Refused(Document with { Version = 2 });
        byte[] file = Document.Write();
        Assert.Throws<BakeDocumentException>(() => BakeDocument.Read(file.AsSpan(0, file.Length - 20)));
        Assert.Throws<BakeDocumentException>(() => BakeDocument.Read(new byte[BakeDocument.MostBytes + 1]));

        static void Refused(BakeDocument wrong) => Assert.Throws<BakeDocumentException>(() => BakeDocument.Read(wrong.Write()));
    }

    [Theory]
    [InlineData("=1+1")]
    [InlineData("+1")]
    [InlineData("-1+x")]
    [InlineData("@SUM(A1)")]
    public void No_text_of_a_table_is_a_formula(string name)
    {
        string line = LogTable.Write([new LoggedLine("id", "a", "b", name, "", "", "", "", 200, 40.5, null, null, "", "", "x,\"y\"")]).Split("\r\n")[1];
        Assert.DoesNotContain($",{name}", line, StringComparison.Ordinal);
        Assert.Contains($"'{name}", line, StringComparison.Ordinal);
        Assert.Contains(",200,40.5,,,", line, StringComparison.Ordinal);
        Assert.EndsWith(",\"x,\"\"y\"\"\"", line, StringComparison.Ordinal);
    }
}
