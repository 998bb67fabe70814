using System.Globalization;
using AmberSpoon.Server.Problems;
using Microsoft.AspNetCore.Mvc;

namespace AmberSpoon.Server.Commands;

/// <summary>
/// What may come with every change. For events of a bake, whose ids stand with each event, see
/// <see cref="Stations.Bakes.EventsRequest"/>.
/// </summary>
public sealed record CommandHead
{
    /// <summary>Made by the client: sent again after a lost answer, the same command changes nothing more.</summary>
    [FromHeader(Name = "Command-Id")]
    public Guid? CommandId { get; init; }

    /// <summary>The ETag of what the change was made to; left out, it is made to whatever is there.</summary>
    [FromHeader(Name = "If-Match")]
    public string? IfMatch { get; init; }

    /// <summary>The version the sender had before it; null for any.</summary>
    /// <exception cref="ProblemException">400 for an ETag that is none of ours.</exception>
    public int? SeenVersion()
    {
        if (string.IsNullOrWhiteSpace(IfMatch) || IfMatch.Trim() == "*")
        {
            return null;
        }

        return IfMatch.Trim() is ['"', .. var version, '"'] && int.TryParse(version, NumberStyles.None, CultureInfo.InvariantCulture, out int seen)
            ? seen
            : throw ProblemException.InvalidField("If-Match", "That version is not known: reload the page and try again.");
    }

    /// <summary>Refuses a change to something that was changed meanwhile.</summary>
    /// <param name="version">What is stored.</param>
    /// <param name="what">As the cook calls it, at the beginning of a sentence.</param>
    /// <param name="changed">The fields that were changed since, as far as that is known.</param>
    /// <exception cref="ProblemException">409 with <c>version</c> and <c>changed</c>.</exception>
    public void RequireSeen(int version, string what, Func<int, IReadOnlyList<string>> changed)
    {
        if (SeenVersion() is { } seen && seen != version)
        {
            throw new ProblemException(
                StatusCodes.Status409Conflict,
                $"{what} was changed on another screen meanwhile.",
                new Dictionary<string, string> { ["version"] = $"{what} was changed on another screen. Look at it, then change it again." },
                new Dictionary<string, object?> { ["version"] = version, ["changed"] = changed(seen) });
        }
    }
}
