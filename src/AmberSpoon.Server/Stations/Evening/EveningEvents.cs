using AmberSpoon.Core.Evenings;
using AmberSpoon.Formats.Calendars;

namespace AmberSpoon.Server.Stations.Evening;

/// <summary>Which starts of an evening go into a calendar.</summary>
internal static class EveningEvents
{
    /// <param name="view">The evening.</param>
    /// <param name="trayVersion">How often its tray was changed.</param>
    public static IReadOnlyList<CalendarEntry> Of(EveningView view, int trayVersion) =>
    [
        .. view.Tasks.Where(task => task.Kind is not (TaskKind.Rest or TaskKind.Plate)).Select(task => new CalendarEntry(
            FormattableString.Invariant($"tray{view.TrayId}.{task.Key}@amber-spoon.invalid"),
            trayVersion + view.Version,
            task.Title,
            task.Detail,
            task.BeginsAt,
            task.EndsAt,
            task.Kind is TaskKind.PutAway ? null : 0)),
    ];
}
