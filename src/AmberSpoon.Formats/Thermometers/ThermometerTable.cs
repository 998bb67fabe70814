using System.Globalization;
using CsvHelper;
using CsvHelper.Configuration;

namespace AmberSpoon.Formats.Thermometers;

/// <summary>A thermometer's export: a table with a row of headers, one column of time and one for each probe.</summary>
/// <param name="Headers">As they stand in the first row.</param>
/// <param name="Rows">Cells as text, one list per row, as long as <paramref name="Headers"/>.</param>
public sealed record ThermometerTable(IReadOnlyList<string> Headers, IReadOnlyList<IReadOnlyList<string>> Rows)
{
    public const int MostRows = 100_000;
    private const int MostColumns = 40;

    /// <param name="text">Comma, semicolon or tab between cells.</param>
    /// <exception cref="ThermometerTableException">It is no such table.</exception>
    public static ThermometerTable Read(string text)
    {
        using var reader = new StringReader(text);
        using var parser = new CsvParser(reader, new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            DetectDelimiter = true,
            DetectDelimiterValues = [",", ";", "\t"],
            BadDataFound = null,
            TrimOptions = TrimOptions.Trim,
        });
        if (!parser.Read() || parser.Record is not { Length: >= 2 } headers)
        {
            throw new ThermometerTableException("The first row names the columns: a time, and what each probe showed.");
        }

        if (headers.Length > MostColumns)
        {
            throw new ThermometerTableException($"That has more than {MostColumns} columns.");
        }

        var rows = new List<IReadOnlyList<string>>();
        while (parser.Read())
        {
            if (rows.Count == MostRows)
            {
                throw new ThermometerTableException($"That has more than {MostRows} rows.");
            }

            string[] cells = parser.Record!;
            rows.Add([.. Enumerable.Range(0, headers.Length).Select(i => i < cells.Length ? cells[i] : string.Empty)]);
        }

        return rows.Count > 0 ? new([.. headers], rows) : throw new ThermometerTableException("There is nothing below the first row.");
    }

    /// <summary>The column that holds times, by its name or by what stands in it; null where none does.</summary>
    public string? TimeColumn() =>
        Headers.FirstOrDefault(header => header.Contains("time", StringComparison.OrdinalIgnoreCase) || header.Contains("date", StringComparison.OrdinalIgnoreCase))
        ?? Headers.Where((_, i) => SampleTime.Read(Rows[0][i], DateTimeOffset.UnixEpoch) is not null && Number(Rows[0][i]) is null).FirstOrDefault();

    /// <summary>Columns of numbers besides the time.</summary>
    public IReadOnlyList<string> ValueColumns() => [.. Headers.Where((header, i) => header != TimeColumn() && Rows.Any(row => Number(row[i]) is not null))];

    /// <summary>"61.2", "61,2"; null where it is no number.</summary>
    public static double? Number(string cell) =>
        double.TryParse(cell.Replace(',', '.'), NumberStyles.Float, CultureInfo.InvariantCulture, out double value) && double.IsFinite(value) ? value : null;
}
