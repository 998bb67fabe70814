using System.Globalization;

namespace AmberSpoon.Formats.Thermometers;

/// <summary>When a row of an export was: by date and time, by the time since the start, or in seconds since it.</summary>
public static class SampleTime
{
    private static readonly string[] Elapsed = [@"h\:mm\:ss", @"hh\:mm\:ss", @"m\:ss", @"mm\:ss"];

    /// <param name="cell">"2026-11-26T18:04:10+01:00", "2026-11-26 17:04:10" (then UTC), "00:24:10", "1450".</param>
    /// <param name="startedAt">What times since the start count from.</param>
    /// <returns>Null where it is no time.</returns>
    public static DateTimeOffset? Read(string cell, DateTimeOffset startedAt)
    {
        if (ThermometerTable.Number(cell) is { } seconds)
        {
            return seconds is >= 0 and < 86_400 ? startedAt.AddSeconds(seconds) : null;
        }

        if (TimeSpan.TryParseExact(cell, Elapsed, CultureInfo.InvariantCulture, out TimeSpan since))
        {
            return startedAt + since;
        }

        return DateTimeOffset.TryParse(cell, CultureInfo.InvariantCulture, DateTimeStyles.AssumeUniversal, out DateTimeOffset at) ? at : null;
    }
}
