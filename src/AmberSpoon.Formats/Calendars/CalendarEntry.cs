namespace AmberSpoon.Formats.Calendars;

/// <summary>One start that a calendar reminds of.</summary>
/// <param name="Uid">The same for the same task of the same tray, however often it moves.</param>
/// <param name="Sequence">Grows when it moves, so that a calendar takes the newer one.</param>
/// <param name="Title">What to do.</param>
/// <param name="Detail">How; perhaps empty.</param>
/// <param name="BeginsAt">When, to the second.</param>
/// <param name="EndsAt">Until when; the same where it is a moment.</param>
/// <param name="AlarmBeforeMinutes">The calendar rings so long before, min; null for not at all.</param>
public sealed record CalendarEntry(string Uid, int Sequence, string Title, string Detail, DateTimeOffset BeginsAt, DateTimeOffset EndsAt, int? AlarmBeforeMinutes);
