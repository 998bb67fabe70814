using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Evaluation;

namespace AmberSpoon.Formats.Calendars;

/// <summary>
/// What a cook's own calendar (iCalendar, RFC 5545) says of one evening: when somebody is not at the stove. Entries that take whole days, are
/// called off or leave the time free are passed over. What goes into a calendar is <see cref="EveningCalendar"/>'s.
/// </summary>
public static class CalendarReader
{
    /// <summary>Letters.</summary>
    public const int MostLetters = 2_000_000;

    private const int MostEntries = 20_000;
    private const int MostFound = 40;
    private const int LongestTitle = 80;

    /// <summary>What takes longer than this is no errand: a journey, a fair.</summary>
    private const double LongestHours = 12;

    /// <summary>A rule that finds nothing in so many steps is given up.</summary>
    private const int MostSteps = 2_000;

    /// <summary>Entries from before are of no evening of ours, and rules are followed from their beginning.</summary>
    private const int EarliestYear = 1990;

    /// <param name="text">The file.</param>
    /// <param name="from">From when.</param>
    /// <param name="to">Until when.</param>
    /// <param name="here">What clocks here are ahead of UTC: times that name no zone are meant so.</param>
    /// <returns>In order of time, what overlaps that stretch; the same file and stretch give the same.</returns>
    /// <exception cref="CalendarException">It is none, or more than can be followed.</exception>
    public static IReadOnlyList<CalendarSpan> Read(string text, DateTimeOffset from, DateTimeOffset to, TimeSpan here)
    {
        if (text.Length > MostLetters)
        {
            throw new CalendarException("That calendar is longer than can be read here: save one month of it.");
        }

        Calendar[] calendars;
        try
        {
            calendars = [.. CalendarCollection.Load(text)];
        }
        catch (Exception failed) when (failed is not OutOfMemoryException)
        {
            // The library says in many ways that something is no calendar.
            throw new CalendarException("That file is no calendar, or not whole: nothing was taken from it.");
        }

        if (calendars.Length == 0)
        {
            throw new CalendarException("That file is no calendar: it should begin with BEGIN:VCALENDAR.");
        }

        CalendarEvent[] entries = [.. calendars.SelectMany(calendar => calendar.Events)];
        if (entries.Length > MostEntries)
        {
            throw new CalendarException("That calendar holds more entries than can be read here: save one month of it.");
        }

        return [.. entries.Where(IsBusy).SelectMany(entry => Spans(entry, from, to, here)).OrderBy(span => span.BeginsAt).ThenBy(span => span.Title, StringComparer.Ordinal).Take(MostFound)];
    }

    private static bool IsBusy(CalendarEvent entry) =>
        entry is { Start: { HasTime: true, Year: >= EarliestYear }, IsAllDay: false }
        && !string.Equals(entry.Status, "CANCELLED", StringComparison.OrdinalIgnoreCase)
        && !string.Equals(entry.Transparency, "TRANSPARENT", StringComparison.OrdinalIgnoreCase)
        && entry.RecurrenceRule?.Frequency is null or FrequencyType.Daily or FrequencyType.Weekly or FrequencyType.Monthly or FrequencyType.Yearly;

    private static List<CalendarSpan> Spans(CalendarEvent entry, DateTimeOffset from, DateTimeOffset to, TimeSpan here)
    {
        var found = new List<CalendarSpan>();
        try
        {
            var begin = new CalDateTime(from.AddHours(-LongestHours).UtcDateTime, "UTC");
            foreach (Occurrence occurrence in entry.GetOccurrences(begin, new EvaluationOptions { MaxUnmatchedIncrementsLimit = MostSteps }))
            {
                DateTimeOffset begins = At(occurrence.Period.StartTime, here);
                DateTimeOffset ends = occurrence.Period.EffectiveEndTime is { } end ? At(end, here) : begins;
                if (begins >= to || found.Count == MostFound)
                {
                    break;
                }

                if (ends > from && ends > begins && (ends - begins).TotalHours <= LongestHours)
                {
                    found.Add(new(entry.Uid ?? string.Empty, TitleOf(entry), begins, ends));
                }
            }
        }
        catch (Exception failed) when (failed is not OutOfMemoryException)
        {
            // One entry that cannot be followed, as a zone nobody knows or a rule that never comes: the others still can.
        }

        return found;
    }

    private static DateTimeOffset At(CalDateTime time, TimeSpan here) => time.IsFloating ? new DateTimeOffset(DateTime.SpecifyKind(time.Value, DateTimeKind.Unspecified), here) : new DateTimeOffset(time.AsUtc, TimeSpan.Zero);

    private static string TitleOf(CalendarEvent entry)
    {
        string title = string.Join(' ', (entry.Summary ?? string.Empty).Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries));
        return title.Length == 0 ? "Away" : title.Length > LongestTitle ? title[..LongestTitle] : title;
    }
}

/// <param name="Uid">Of its entry.</param>
/// <param name="Title">What it is called.</param>
/// <param name="BeginsAt">From when.</param>
/// <param name="EndsAt">Until when.</param>
public sealed record CalendarSpan(string Uid, string Title, DateTimeOffset BeginsAt, DateTimeOffset EndsAt);

/// <summary>A file that is no calendar; its message is a sentence for a cook.</summary>
public sealed class CalendarException(string sentence) : Exception(sentence);
