using System.Globalization;
using System.Security.Cryptography;
using System.Text;
using System.Text.RegularExpressions;
using AmberSpoon.Core.Food;
using CsvHelper;
using CsvHelper.Configuration;

namespace AmberSpoon.Formats.Bakes;

/// <summary>
/// A log that was kept as a table: one of ours (<see cref="LogTable"/>), or one that a cook kept in a spreadsheet under the same column
/// names. It knows less than a bake's own file, <see cref="BakeDocument"/>.
/// </summary>
public static partial class LogTableReader
{
    /// <summary>Letters, and lines below the head.</summary>
    public const int MostLetters = 1_000_000;
    public const int MostLines = 100;

    private const int LongestPart = 120;
    private const int LongestNote = 500;
    private const int MostNotes = 10;
    private const int PatienceMs = 200;
    private const double LongestMinutes = 12 * 60;

    private static readonly string[] Needed = ["StartedAt", "Chicken", "OvenC"];

    [GeneratedRegex(@"^\s*(?<count>[0-9]{1,3})\s+(?<name>\D.*?)[\s,]+(?<grams>[0-9]{1,5}(?:[.,][0-9]+)?)\s*g\s*$", RegexOptions.None, PatienceMs)]
    private static partial Regex ChickenWords();

    [GeneratedRegex(@"^\s*(?<grams>[0-9]{1,5}(?:[.,][0-9]+)?)\s*g\s+(?<name>\D.*?)\s*$", RegexOptions.None, PatienceMs)]
    private static partial Regex VegetableWords();

    /// <param name="text">The table, its head first; commas, semicolons or tabs between columns.</param>
    /// <param name="here">What clocks here are ahead of UTC: times that name no zone are meant so.</param>
    /// <returns>In the order of the table.</returns>
    /// <exception cref="LogTableException">With line and column.</exception>
    public static IReadOnlyList<TableBake> Read(string text, TimeSpan here)
    {
        if (text.Length > MostLetters)
        {
            throw new LogTableException("That table is longer than can be read at once: bring a part of it.");
        }

        if (text.Contains('\uFFFD', StringComparison.Ordinal) || text.Contains('\0', StringComparison.Ordinal))
        {
            throw new LogTableException("That table is not in UTF-8: save it so, and bring it again.");
        }

        var bakes = new List<TableBake>();
        using var csv = new CsvReader(new StringReader(text), new CsvConfiguration(CultureInfo.InvariantCulture)
        {
            DetectDelimiter = true,
            DetectDelimiterValues = [",", ";", "\t"],
            BadDataFound = null,
            MissingFieldFound = null,
            TrimOptions = TrimOptions.Trim,
        });
        try
        {
            if (!csv.Read() || !csv.ReadHeader())
            {
                throw new LogTableException("There is nothing in that table.");
            }

            string[] missing = [.. Needed.Where(column => !csv.HeaderRecord!.Contains(column, StringComparer.OrdinalIgnoreCase))];
            if (missing.Length > 0)
            {
                throw new LogTableException($"That table has no column {string.Join(" and none ", missing.Select(column => $"“{column}”"))}: it is from another program, or its head is gone. A log as a table has {string.Join(", ", Needed)}, and Minutes or FinishedAt.");
            }

            var columns = csv.HeaderRecord!.Index().DistinctBy(column => column.Item, StringComparer.OrdinalIgnoreCase).ToDictionary(column => column.Item, column => column.Index, StringComparer.OrdinalIgnoreCase);
            while (csv.Read())
            {
                if (bakes.Count == MostLines)
                {
                    throw new LogTableException($"{MostLines} lines can be brought at once: bring the table in parts.");
                }

                bakes.Add(new Line(csv, columns, here).Bake());
            }
        }
        catch (CsvHelperException)
        {
            throw new LogTableException("That table is not whole: nothing was taken from it.");
        }

        return bakes.Count > 0 ? bakes : throw new LogTableException("There is no bake in that table, only its head.");
    }

    /// <summary>A word of a table for a cut: "bone-in thighs", "bone-in thigh" or "boneInThigh".</summary>
    public static Cut? CutOf(string words) => CutTable.All.Where(facts => Same(words, facts.Name) || Same(words, facts.Plural) || Same(words, $"{facts.Cut}")).Select(facts => (Cut?)facts.Cut).FirstOrDefault();

    /// <summary>A word of a table for a vegetable: "potatoes", "potato".</summary>
    public static Vegetable? VegetableOf(string words) => VegetableTable.All.Where(facts => Same(words, facts.Name) || Same(words, $"{facts.Kind}")).Select(facts => (Vegetable?)facts.Kind).FirstOrDefault();

    private static bool Same(string a, string b) => string.Equals(a.Trim(), b, StringComparison.OrdinalIgnoreCase);

    /// <summary>One line, its columns by name.</summary>
    private sealed class Line(CsvReader csv, Dictionary<string, int> columns, TimeSpan here)
    {
        public TableBake Bake()
        {
            DateTimeOffset started = Moment("StartedAt") ?? throw Wrong("StartedAt", "say when the tray went in, such as 2026-11-20 18:05");
            DateTimeOffset? finished = Moment("FinishedAt");
            double? minutes = Number("Minutes") ?? (finished - started)?.TotalMinutes;
            if (minutes is not (>= 5 and <= LongestMinutes))
            {
                throw Wrong(finished is null ? "Minutes" : "FinishedAt", "say how long it baked: 5 min to 12 hours, in Minutes or by FinishedAt");
            }

            string name = Text("Name");
            TableChicken[] chicken = [.. Parts("Chicken").Select(Chicken)];
            if (chicken.Length == 0)
            {
                throw Wrong("Chicken", "say what was baked, such as “6 bone-in thighs 990 g”");
            }

            double? coreC = Number("CoreC");
            double? coreMin = Number("CoreMin");
            if (coreC is not (null or (>= 0 and <= 120)) || coreMin is not null && !(coreMin >= 0 && coreMin <= minutes))
            {
                throw Wrong(coreC is not (null or (>= 0 and <= 120)) ? "CoreC" : "CoreMin", "a middle is 0 to 120 °C, measured while it baked");
            }

            return new(
                csv.Context.Parser!.RawRow,
                Guid.TryParse(Text("Id"), out Guid id) && id != Guid.Empty ? id : IdOf($"{started.UtcDateTime:O}|{name}|{Text("Chicken")}"),
                started.ToUniversalTime(),
                Math.Round(minutes.Value, 1),
                name,
                chicken,
                [.. Parts("Vegetables").Select(Vegetable)],
                Text("Oven"),
                Number("OvenC") ?? throw Wrong("OvenC", "say what the oven was set to, °C"),
                coreC,
                coreMin,
                [.. Text("Notes").Split(" / ").Append(Text("Ratings")).Append(Text("Coats")).Select(note => note.Trim()).Where(note => note.Length > 0).Take(MostNotes).Select(note => note.Length > LongestNote ? note[..LongestNote] : note)]);
        }

        /// <summary>The apostrophe before what looks like a formula is the table's, not the cook's.</summary>
        private string Text(string column)
        {
            string text = columns.TryGetValue(column, out int at) ? csv.GetField(at) ?? string.Empty : string.Empty;
            return text.Length > 1 && text[0] == '\'' && "=+-@\t\r".Contains(text[1], StringComparison.Ordinal) ? text[1..] : text;
        }

        private string[] Parts(string column) => Text(column).Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries);

        private double? Number(string column)
        {
            string text = Text(column);
            return text.Length == 0 ? null : Parsed(text) ?? throw Wrong(column, $"“{Short(text)}” is no number");
        }

        private DateTimeOffset? Moment(string column)
        {
            string text = Text(column);
            if (text.Length == 0)
            {
                return null;
            }

            bool hasZone = text.EndsWith('Z') || text.LastIndexOfAny(['+', '-']) > "yyyy-MM-dd".Length;
            return hasZone && DateTimeOffset.TryParse(text, CultureInfo.InvariantCulture, DateTimeStyles.None, out DateTimeOffset at) ? InRange(at, column)
                : DateTime.TryParse(text, CultureInfo.InvariantCulture, DateTimeStyles.None, out DateTime local) && local.Year > 1 ? InRange(new DateTimeOffset(DateTime.SpecifyKind(local, DateTimeKind.Unspecified), here), column)
                : throw Wrong(column, $"“{Short(text)}” is no date and time, such as 2026-11-20 18:05");
        }

        private DateTimeOffset InRange(DateTimeOffset at, string column) => at.Year is >= 1970 and < 2200 ? at : throw Wrong(column, "that year is none of this kitchen’s");

        private TableChicken Chicken(string part)
        {
            Match read = ChickenWords().Match(Bounded(part, "Chicken"));
            return read.Success && CutOf(read.Groups["name"].Value) is { } cut
                ? new(cut, int.Parse(read.Groups["count"].Value, CultureInfo.InvariantCulture), Parsed(read.Groups["grams"].Value)!.Value)
                : throw Wrong("Chicken", $"“{Short(part)}” is not understood; write it as “6 bone-in thighs 990 g”");
        }

        private TableVegetable Vegetable(string part)
        {
            Match read = VegetableWords().Match(Bounded(part, "Vegetables"));
            return read.Success && VegetableOf(read.Groups["name"].Value) is { } kind
                ? new(kind, Parsed(read.Groups["grams"].Value)!.Value)
                : throw Wrong("Vegetables", $"“{Short(part)}” is not understood; write it as “350 g potatoes”");
        }

        /// <summary>What no cook would write is not looked at for minutes.</summary>
        private string Bounded(string part, string column) => part.Length <= LongestPart ? part : throw Wrong(column, $"“{Short(part)}” is not understood");

        private static double? Parsed(string text) =>
            double.TryParse(text.Replace(',', '.'), NumberStyles.AllowLeadingSign | NumberStyles.AllowDecimalPoint, CultureInfo.InvariantCulture, out double number) && double.IsFinite(number) ? number : null;

        private static string Short(string text) => text.Length > 40 ? $"{text[..40]}…" : text;

        private LogTableException Wrong(string column, string what) => new(string.Create(CultureInfo.InvariantCulture, $"Line {csv.Context.Parser!.RawRow}, {column}: {what}."));
    }

    /// <summary>The same line twice is one bake.</summary>
    private static Guid IdOf(string said) => new(SHA256.HashData(Encoding.UTF8.GetBytes(said)).AsSpan(0, 16));
}

/// <summary>One bake as a table says it.</summary>
/// <param name="Line">Which line of the table, from 1.</param>
/// <param name="Id">Its own, or one that follows from the line.</param>
/// <param name="StartedAt">UTC.</param>
/// <param name="Minutes">How long it baked.</param>
/// <param name="Name">What it was called; perhaps empty.</param>
/// <param name="Chicken">One or more.</param>
/// <param name="Vegetables">Perhaps none.</param>
/// <param name="Oven">Which oven; perhaps empty.</param>
/// <param name="OvenC">What its dial said, °C.</param>
/// <param name="CoreC">What a thermometer in the first piece showed, °C; null for none.</param>
/// <param name="CoreMin">After how many minutes; null for at the end.</param>
/// <param name="Notes">What was written of it.</param>
public sealed record TableBake(
    int Line, Guid Id, DateTimeOffset StartedAt, double Minutes, string Name, IReadOnlyList<TableChicken> Chicken, IReadOnlyList<TableVegetable> Vegetables, string Oven, double OvenC, double? CoreC, double? CoreMin, IReadOnlyList<string> Notes);

/// <param name="Cut">Which cut.</param>
/// <param name="Count">How many pieces.</param>
/// <param name="Grams">All of them together, g.</param>
public sealed record TableChicken(Cut Cut, int Count, double Grams);

/// <param name="Kind">Which vegetable.</param>
/// <param name="Grams">How much, g.</param>
public sealed record TableVegetable(Vegetable Kind, double Grams);

/// <summary>A table that is no log; its message is a sentence for a cook.</summary>
public sealed class LogTableException(string sentence) : Exception(sentence);
