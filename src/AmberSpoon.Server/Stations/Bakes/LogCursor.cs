using System.Globalization;
using AmberSpoon.Server.Problems;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>Where a page of finished bakes ended: the next one goes on there, whatever was added or deleted meanwhile.</summary>
internal static class LogCursor
{
    public static string Of(DateTimeOffset startedAt, Guid id) => FormattableString.Invariant($"{startedAt.ToUnixTimeMilliseconds()}.{id:N}");

    /// <exception cref="ProblemException">400 for one that is none of ours.</exception>
    public static (DateTimeOffset StartedAt, Guid Id)? Read(string? cursor)
    {
        if (cursor is null)
        {
            return null;
        }

        return cursor.Split('.') is [var ms, var id]
            && long.TryParse(ms, NumberStyles.None, CultureInfo.InvariantCulture, out long startedMs) && startedMs < DateTimeOffset.MaxValue.ToUnixTimeMilliseconds()
            && Guid.TryParseExact(id, "N", out Guid bake)
            ? (DateTimeOffset.FromUnixTimeMilliseconds(startedMs), bake)
            : throw ProblemException.InvalidField("cursor", "That page of the log is not known: begin at the first.");
    }
}
