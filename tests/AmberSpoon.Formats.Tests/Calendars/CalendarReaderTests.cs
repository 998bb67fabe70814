using AmberSpoon.Formats.Calendars;
using CsCheck;
using Xunit;

namespace AmberSpoon.Formats.Tests.Calendars;

public sealed class CalendarReaderTests
{
    private static readonly TimeSpan Here = TimeSpan.FromHours(1);
    private static readonly DateTimeOffset From = new(2026, 11, 27, 17, 0, 0, TimeSpan.Zero);
    private static readonly DateTimeOffset To = From.AddHours(3);

    private static string Calendar(params string[] entries) =>
        "BEGIN:VCALENDAR\r\nVERSION:2.0\r\nPRODID:-//made up//EN\r\n" + string.Concat(entries) + "END:VCALENDAR\r\n";

    private static string Entry(string title, string start, string end, string more = "") =>
        $"BEGIN:VEVENT\r\nUID:{title}@made.up\r\nDTSTAMP:20261101T000000Z\r\nSUMMARY:{title}\r\nDTSTART{start}\r\nDTEND{end}\r\n{more}END:VEVENT\r\n";

    private static string[] Said(string text) => [.. CalendarReader.Read(text, From, To, Here).Select(span => $"{span.Title} {span.BeginsAt.UtcDateTime:HH:mm}-{span.EndsAt.UtcDateTime:HH:mm}")];

    [Fact]
    public void Entries_of_the_evening_come_in_order_whatever_zone_they_are_said_in() => Assert.Equal(
        ["Piano 17:00-17:45", "Choir 18:10-18:40", "Call 18:30-19:00"],
        Said(Calendar(
            Entry("Call", ":20261127T183000Z", ":20261127T190000Z"),
            Entry("Piano", ":20261127T180000", ":20261127T184500"), // No zone: clocks here are one hour ahead.
            Entry("Choir", ";TZID=America/New_York:20261127T131000", ";TZID=America/New_York:20261127T134000"))));

    [Fact]
    public void What_repeats_is_followed_to_this_evening_and_what_was_called_off_is_not() => Assert.Equal(
        ["Yoga 17:30-18:00"],
        Said(Calendar(
            Entry("Yoga", ":20240105T173000Z", ":20240105T180000Z", "RRULE:FREQ=WEEKLY;BYDAY=FR\r\n"),
            Entry("Band", ":20260102T180000Z", ":20260102T190000Z", "RRULE:FREQ=WEEKLY;BYDAY=FR\r\nEXDATE:20261127T180000Z\r\n"),
            Entry("Off", ":20261127T180000Z", ":20261127T190000Z", "STATUS:CANCELLED\r\n"),
            Entry("Reminder", ":20261127T180000Z", ":20261127T190000Z", "TRANSP:TRANSPARENT\r\n"))));

    [Theory]
    [InlineData(":20261127T150000Z", ":20261127T170000Z", false)] // Over when it begins.
    [InlineData(":20261127T150000Z", ":20261127T170100Z", true)]
    [InlineData(":20261127T195900Z", ":20261127T210000Z", true)]
    [InlineData(":20261127T200000Z", ":20261127T210000Z", false)]
    [InlineData(":20261127T080000Z", ":20261127T200000Z", true)] // Twelve hours.
    [InlineData(":20261127T080000Z", ":20261127T200100Z", false)] // A journey.
    [InlineData(";VALUE=DATE:20261127", ";VALUE=DATE:20261128", false)]
    [InlineData(":20261127T180000Z", ":20261127T180000Z", false)]
    [InlineData(":20261127T183000Z", ":20261127T180000Z", false)]
    public void Only_what_keeps_somebody_from_the_stove_counts(string start, string end, bool counts) =>
        Assert.Equal(counts ? 1 : 0, Said(Calendar(Entry("It", start, end))).Length);

    [Fact]
    public void Our_own_calendar_comes_back_as_it_went()
    {
        CalendarEntry entry = new("tray1.eat@amber-spoon.invalid", 3, "Dinner", string.Empty, From.AddHours(2), From.AddHours(2), 0);
        CalendarSpan span = Assert.Single(CalendarReader.Read(EveningCalendar.Write([entry], From), From, To, Here));
        Assert.Equal((entry.Uid, entry.BeginsAt), (span.Uid, span.BeginsAt));
    }

    [Theory]
    [InlineData("")]
    [InlineData("Date;Time;What\r\n27.11.2026;18:00;Choir")]
    [InlineData("{\"format\":\"amber-spoon-bake\"}")]
    [InlineData("BEGIN:VCALENDAR\r\nBEGIN:VEVENT\r\nDTSTART:yesterday")]
    public void What_is_no_calendar_is_refused_with_a_sentence(string text) =>
        Assert.Contains("alendar", Assert.Throws<CalendarException>(() => CalendarReader.Read(text, From, To, Here)).Message, StringComparison.Ordinal);

    [Fact]
    public void Longer_than_can_be_read_is_said() =>
        Assert.Throws<CalendarException>(() => CalendarReader.Read(new string('x', CalendarReader.MostLetters + 1), From, To, Here));

    /// <summary>Rules that never come, that come every second since the beginning, or in zones nobody knows: the other entries are still read.</summary>
    [Theory]
    [InlineData("RRULE:FREQ=SECONDLY\r\n")]
    [InlineData("RRULE:FREQ=YEARLY;BYMONTH=2;BYMONTHDAY=30\r\n")]
    [InlineData("RRULE:FREQ=DAILY;BYMONTH=2;BYMONTHDAY=31\r\n")]
    [InlineData("RRULE:FREQ=MONTHLY;BYDAY=5MO,5TU;BYSETPOS=366\r\n")]
    [InlineData("RRULE:FREQ=DAILY;INTERVAL=2147483647\r\n")]
    [InlineData("RRULE:FREQ=NEVER\r\n")]
    public void Rules_that_never_end_hold_nobody_up(string rule)
    {
        string text = Calendar(Entry("Bad", ":19910101T000000Z", ":19910101T010000Z", rule), Entry("Choir", ":20261127T181000Z", ":20261127T184000Z"));
        try
        {
            Assert.Contains("Choir 18:10-18:40", Said(text));
        }
        catch (CalendarException)
        {
            // Refused is as good.
        }
    }

    [Fact]
    public void A_zone_nobody_knows_spoils_only_its_own_entry() => Assert.Contains(
        "Choir 18:10-18:40",
        Said(Calendar(Entry("Lost", ";TZID=Nowhere/Land:20261127T180000", ";TZID=Nowhere/Land:20261127T190000"), Entry("Choir", ":20261127T181000Z", ":20261127T184000Z"))));

    [Fact]
    public void Titles_are_one_line_and_no_longer_than_a_line()
    {
        string[] titles = [.. CalendarReader.Read(Calendar(Entry(new string('a', 300), ":20261127T181000Z", ":20261127T184000Z"), Entry("  ", ":20261127T183000Z", ":20261127T184000Z")), From, To, Here).Select(span => span.Title)];
        Assert.Equal([new string('a', 80), "Away"], titles);
    }

    /// <summary>Whatever letters are put into a calendar, it is read or refused.</summary>
    [Fact]
    public void Damaged_calendars_are_read_or_refused()
    {
        string whole = Calendar(Entry("Yoga", ":20240105T173000Z", ":20240105T180000Z", "RRULE:FREQ=WEEKLY;BYDAY=FR\r\n"), Entry("Choir", ":20261127T181000Z", ":20261127T184000Z"));
        Gen.Select(Gen.Int[0, whole.Length - 1], Gen.Char[' ', '~'], Gen.Int[0, 12]).Sample(
            (at, letter, cut) =>
            {
                string damaged = whole[..at] + letter + whole[Math.Min(whole.Length, at + cut)..];
                try
                {
                    Assert.True(CalendarReader.Read(damaged, From, To, Here).Count <= 40);
                }
                catch (CalendarException)
                {
                }
            },
            iter: 400);
    }
}
