using AmberSpoon.Core.Evenings;
using AmberSpoon.Formats.Calendars;

namespace AmberSpoon.Server.Stations.Evening;

/// <summary>Which starts of an evening go into a calendar.</summary>
internal static class EveningEvents
{
    private const string Ours = "@amber-spoon.invalid";

    /// <summary>The same for the same task of the same tray.</summary>
    public static string UidOf(int trayId, string task) => FormattableString.Invariant($"tray{trayId}.{task}{Ours}");

    /// <summary>It was written here.</summary>
    public static bool IsOurs(string uid) => uid.EndsWith(Ours, StringComparison.Ordinal);

    /// <param name="view">The evening.</param>
    /// <param name="trayVersion">How often its tray was changed.</param>
    public static IReadOnlyList<CalendarEntry> Of(EveningView view, int trayVersion) =>
    [
        .. view.Tasks.Where(task => task.Kind is not (TaskKind.Rest or TaskKind.Plate)).Select(task => new CalendarEntry(
            UidOf(view.TrayId, task.Key),
            trayVersion + view.Version,
            task.Title,
            task.Detail,
            task.BeginsAt,
            task.EndsAt,
            task.Kind is TaskKind.PutAway ? null : 0)),
    ];
}
