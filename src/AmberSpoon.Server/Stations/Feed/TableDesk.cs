using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Thermometers;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Bakes;

namespace AmberSpoon.Server.Stations.Feed;

/// <summary>Reads a thermometer's export into a running bake, the way its wire would have told it.</summary>
internal sealed class TableDesk(FeedDesk feed, BakeDesk bakes)
{
    /// <summary>More are thinned evenly: a reading every half minute is all that is kept.</summary>
    private const int MostLines = 2500;

    /// <summary>What is in it, and which columns look like what.</summary>
    /// <exception cref="ProblemException">400.</exception>
    public static TableView Look(string text)
    {
        ThermometerTable table = Table(text);
        return new(table.Headers, table.TimeColumn(), table.ValueColumns(), table.Rows.Count);
    }

    /// <param name="id">A running bake.</param>
    /// <param name="request">The table, and what its columns are.</param>
    /// <param name="cancel">Ends it before anything is kept.</param>
    /// <exception cref="ProblemException">400 with the field; see <see cref="FeedDesk.Hear"/>.</exception>
    public async Task<FeedAnswer> Read(Guid id, TableRequest request, CancellationToken cancel)
    {
        ThermometerTable table = Table(request.Text);
        int time = Column(table, request.Time, "time");
        if (request.Unit is not { } unit || !Enum.IsDefined(unit))
        {
            throw ProblemException.InvalidField("unit", "Say in which unit: celsius or fahrenheit.");
        }

        if (request.Columns is not { Count: > 0 } columns || columns.Any(column => column is null))
        {
            throw ProblemException.InvalidField("columns", "Say which column is which probe.");
        }

        DateTimeOffset startedAt = await bakes.StartedAt(id, cancel);
        (int Index, TableColumn Column)[] read = [.. columns.Select((column, i) => (Column(table, column!.Header, $"columns[{i}].header"), column!))];
        if (read.Select((column, i) => (column.Column, i)).FirstOrDefault(column => column.Column.Lot is null || column.Column.Piece is null) is { Column: not null } open)
        {
            throw ProblemException.InvalidField($"columns[{open.i}].piece", "Say which piece this probe was in.");
        }

        int every = Math.Max(1, (int)Math.Ceiling(table.Rows.Count * read.Length / (double)MostLines));
        var lines = new List<FeedLine>();
        var refused = new List<FeedRefusal>();
        for (int row = 0; row < table.Rows.Count; row += every)
        {
            if (SampleTime.Read(table.Rows[row][time], startedAt) is not { } at)
            {
                refused.Add(new(row + 2, "at", "That is no time."));
                continue;
            }

            foreach ((int index, TableColumn column) in read)
            {
                // An empty cell is a lost sample.
                if (ThermometerTable.Number(table.Rows[row][index]) is { } value)
                {
                    lines.Add(FeedLine.Of(row + 2, NameOf(column.Header!), at, new EnteredTemperature(value, unit), column.Lot, column.Piece));
                }
            }
        }

        return lines.Count > 0
            ? await feed.Hear(id, lines, refused, cancel)
            : throw ProblemException.InvalidField("time", "No row has both a time and a number.");
    }

    private static ThermometerTable Table(string? text)
    {
        try
        {
            return ThermometerTable.Read(text ?? string.Empty);
        }
        catch (ThermometerTableException wrong)
        {
            throw ProblemException.InvalidField("text", wrong.Message);
        }
    }

    private static int Column(ThermometerTable table, string? header, string field)
    {
        int index = header is null ? -1 : table.Headers.ToList().IndexOf(header);
        return index >= 0 ? index : throw ProblemException.InvalidField(field, "There is no such column.");
    }

    /// <summary>A header as a probe may call itself.</summary>
    private static string NameOf(string header)
    {
        string name = new([.. header.Where(letter => char.IsAsciiLetterOrDigit(letter) || letter is ' ' or '.' or '-' or '_').Take(ProbeName.Longest)]);
        return name.Trim() is { Length: > 0 } good ? good : "File";
    }
}
