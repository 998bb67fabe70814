using System.Globalization;

namespace AmberSpoon.Store.Backups;

/// <summary>The backups that a kitchen makes by itself, in a folder beside its file.</summary>
public static class BackupShelf
{
    private const int Days = 7;
    private const int Weeks = 5;
    private const int Months = 12;
    private const string Pattern = "yyyy-MM-dd";

    /// <summary>Today's, where there is none yet; and no more old ones than are kept.</summary>
    public static void Keep(HouseFolder house, DateTimeOffset now)
    {
        string today = Path.Combine(house.Backups, $"{now.UtcDateTime.ToString(Pattern, CultureInfo.InvariantCulture)}.zip");
        if (!File.Exists(today))
        {
            HouseBackup.Write(house, today, now);
        }

        DateOnly[] days = [.. Directory.GetFiles(house.Backups, "*.zip").Select(DayOf).OfType<DateOnly>()];
        HashSet<DateOnly> kept = [.. Kept(days)];
        foreach (DateOnly gone in days.Where(day => !kept.Contains(day)))
        {
            File.Delete(Path.Combine(house.Backups, $"{gone.ToString(Pattern, CultureInfo.InvariantCulture)}.zip"));
        }
    }

    /// <summary>The last seven days that there are, the last of each of the last five weeks, and of each of the last twelve months.</summary>
    public static IReadOnlyCollection<DateOnly> Kept(IReadOnlyCollection<DateOnly> days)
    {
        DateOnly[] newest = [.. days.OrderDescending()];
        return
        [
            .. newest.Take(Days)
                .Concat(newest.GroupBy(day => (day.DayNumber - (int)day.DayOfWeek) / 7).Select(week => week.First()).Take(Weeks))
                .Concat(newest.GroupBy(day => (day.Year, day.Month)).Select(month => month.First()).Take(Months))
                .Distinct(),
        ];
    }

    private static DateOnly? DayOf(string path) =>
        DateOnly.TryParseExact(Path.GetFileNameWithoutExtension(path), Pattern, CultureInfo.InvariantCulture, DateTimeStyles.None, out DateOnly day) ? day : null;
}
