using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace AmberSpoon.Formats.Bakes;

/// <summary>
/// Tables for other programs (RFC 4180, UTF-8, UTC in ISO 8601, °C): a text that a spreadsheet would take for a formula is made harmless.
/// A log comes back by <see cref="LogTableReader"/>; what comes from thermometers is read by <see cref="Thermometers.ThermometerTable"/>.
/// </summary>
public static class LogTable
{
    private static readonly CsvConfiguration Csv = new(CultureInfo.InvariantCulture)
    {
        NewLine = "\r\n",
        InjectionOptions = InjectionOptions.Escape,
    };

    /// <summary>One line a bake.</summary>
    public static string Write(IEnumerable<LoggedLine> bakes) => Table(bakes);

    /// <summary>One line a reading.</summary>
    public static string Write(IEnumerable<ReadingLine> readings) => Table(readings);

    private static string Table<T>(IEnumerable<T> lines)
    {
        using var text = new StringWriter(CultureInfo.InvariantCulture);
        using (var csv = new CsvWriter(text, Csv))
        {
            csv.WriteRecords(lines);
        }

        return text.ToString();
    }

    /// <summary>As every table says a moment.</summary>
    public static string Utc(DateTimeOffset at) => at.UtcDateTime.ToString("yyyy-MM-dd'T'HH:mm:ss.fff'Z'", CultureInfo.InvariantCulture);
}

/// <param name="Id">Which bake.</param>
/// <param name="StartedAt">UTC.</param>
/// <param name="FinishedAt">UTC.</param>
/// <param name="Name">What the tray was called.</param>
/// <param name="Chicken">Its chicken: "6 bone-in thighs 990 g; 8 drumsticks 930 g".</param>
/// <param name="Vegetables">Its vegetables: "350 g potatoes".</param>
/// <param name="Coats">What was on the chicken.</param>
/// <param name="Oven">Which oven.</param>
/// <param name="OvenC">What the dial said at first, °C.</param>
/// <param name="ForetoldMin">When the chicken that leads was to be done, min.</param>
/// <param name="DoneMin">When it was, min.</param>
/// <param name="PastBestMin">How long past its best the worst food came out, min.</param>
/// <param name="Verdict">What the judge said last.</param>
/// <param name="Ratings">How it was at table.</param>
/// <param name="Notes">What was seen, tasted and meant for the next time.</param>
public sealed record LoggedLine(
    string Id, string StartedAt, string FinishedAt, string Name, string Chicken, string Vegetables, string Coats, string Oven, double OvenC, double? ForetoldMin, double? DoneMin, double? PastBestMin, string Verdict, string Ratings, string Notes);

/// <param name="At">UTC.</param>
/// <param name="Lot">Which lot.</param>
/// <param name="Piece">Which piece, from 1.</param>
/// <param name="Name">As the cook sees it.</param>
/// <param name="Celsius">What the thermometer showed, °C.</param>
/// <param name="Probe">Which probe on a wire told it; empty for what was typed.</param>
/// <param name="Believed">Whether it counts.</param>
public sealed record ReadingLine(string At, int Lot, int Piece, string Name, double Celsius, string Probe, bool Believed);
