using Ical.Net;
using Ical.Net.CalendarComponents;
using Ical.Net.DataTypes;
using Ical.Net.Serialization;

namespace AmberSpoon.Formats.Calendars;

/// <summary>
/// An evening as iCalendar (RFC 5545). All times are UTC, so that they are right on any device, through the nights on which clocks
/// are changed and when it travels.
/// </summary>
public static class EveningCalendar
{
    private const string Product = "-//Amber Spoon//Evening//EN";

    /// <param name="entries">Each with a uid of its own.</param>
    /// <param name="writtenAt">DTSTAMP of every entry.</param>
    public static string Write(IReadOnlyList<CalendarEntry> entries, DateTimeOffset writtenAt)
    {
        var calendar = new Calendar { ProductId = Product, Method = "PUBLISH" };
        foreach (CalendarEntry entry in entries)
        {
            var shown = new CalendarEvent
            {
                Uid = entry.Uid,
                Sequence = entry.Sequence,
                Summary = entry.Title,
                Description = entry.Detail.Length > 0 ? entry.Detail : null,
                DtStamp = Utc(writtenAt),
                Start = Utc(entry.BeginsAt),
                End = Utc(entry.EndsAt > entry.BeginsAt ? entry.EndsAt : entry.BeginsAt.AddMinutes(1)),
            };
            if (entry.AlarmBeforeMinutes is { } before)
            {
                shown.Alarms.Add(new Alarm { Action = "DISPLAY", Description = entry.Title, Trigger = new Trigger(Duration.FromMinutes(-before)) });
            }

            calendar.Events.Add(shown);
        }

        return new CalendarSerializer().SerializeToString(calendar)!;
    }

    private static CalDateTime Utc(DateTimeOffset at) => new(at.UtcDateTime, "UTC");
}
