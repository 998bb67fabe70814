using AmberSpoon.Formats.Thermometers;
using Xunit;

namespace AmberSpoon.Formats.Tests.Thermometers;

public sealed class ThermometerTableTests
{
    private static readonly DateTimeOffset Started = new(2026, 11, 26, 17, 0, 0, TimeSpan.Zero);

    [Theory]
    [InlineData("Time,Meat,Air\n00:00:10,4.5,190\n00:00:20,4.6,191")]
    [InlineData("Time;Meat;Air\n00:00:10;4,5;190\n00:00:20;4,6;191")]
    [InlineData("Time\tMeat\tAir\r\n00:00:10\t4.5\t190\r\n00:00:20\t4.6\t191\r\n")]
    [InlineData("\"Time\",\"Meat\",\"Air\"\n\"00:00:10\",\"4.5\",\"190\"\n\"00:00:20\",4.6,191")]
    public void Tables_are_read_however_their_cells_are_parted(string text)
    {
        ThermometerTable table = ThermometerTable.Read(text);
        Assert.Equal(["Time", "Meat", "Air"], table.Headers);
        Assert.Equal("Time", table.TimeColumn());
        Assert.Equal(["Meat", "Air"], table.ValueColumns());
        Assert.Equal([4.5, 4.6], table.Rows.Select(row => ThermometerTable.Number(row[1])));
    }

    [Fact]
    public void A_column_of_times_is_found_without_its_name_and_short_rows_are_filled()
    {
        ThermometerTable table = ThermometerTable.Read("no,when,A\n1,2026-11-26T17:04:10Z,20\n2,2026-11-26T17:04:20Z");
        Assert.Equal("when", table.TimeColumn());
        Assert.Equal(["no", "A"], table.ValueColumns());
        Assert.Null(ThermometerTable.Number(table.Rows[1][2]));
    }

    [Theory]
    [InlineData("")]
    [InlineData("only one column\n1\n2")]
    [InlineData("Time,Meat")]
    public void What_is_no_table_is_refused_with_a_sentence(string text) =>
        Assert.EndsWith(".", Assert.Throws<ThermometerTableException>(() => ThermometerTable.Read(text)).Message, StringComparison.Ordinal);

    [Fact]
    public void A_hundred_thousand_rows_are_read_and_no_more()
    {
        string rows = string.Concat(Enumerable.Repeat("1,2\n", ThermometerTable.MostRows));
        Assert.Equal(ThermometerTable.MostRows, ThermometerTable.Read("Time,A\n" + rows).Rows.Count);
        Assert.Throws<ThermometerTableException>(() => ThermometerTable.Read("Time,A\n" + rows + "1,2\n"));
        Assert.Throws<ThermometerTableException>(() => ThermometerTable.Read(string.Join(',', Enumerable.Repeat("A", 41)) + "\n1"));
    }

    [Theory]
    [InlineData("2026-11-26T18:04:10+01:00", 250)]
    [InlineData("2026-11-26 17:04:10", 250)]
    [InlineData("00:24:10", 1450)]
    [InlineData("4:05", 245)]
    [InlineData("1450", 1450)]
    [InlineData("0", 0)]
    [InlineData("12.5", 12.5)]
    public void Times_are_of_the_day_or_since_the_start(string cell, double seconds) =>
        Assert.Equal(seconds, (SampleTime.Read(cell, Started)!.Value - Started).TotalSeconds, 3);

    [Theory]
    [InlineData("soon")]
    [InlineData("-1")]
    [InlineData("86400")]
    [InlineData("")]
    public void What_is_no_time_is_none(string cell) => Assert.Null(SampleTime.Read(cell, Started));
}
