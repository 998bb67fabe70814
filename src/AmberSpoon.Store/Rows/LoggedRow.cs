using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Learning;

namespace AmberSpoon.Store.Rows;

/// <summary>
/// What is looked for in the log and learnt from it, of one finished bake. All of it follows from the <see cref="BakeRow"/> and its events,
/// and is made again where it is missing.
/// </summary>
public sealed class LoggedRow
{
    public required Guid BakeId { get; init; }

    public required DateTimeOffset StartedAt { get; set; }

    /// <summary>Which oven, by its name; empty for an ordinary one.</summary>
    public required string Oven { get; set; }

    public VerdictKind? Verdict { get; set; }

    /// <summary>What may be looked for, in small letters: names, foods, mixes, notes; and what is filtered by, as "cut:drumstick;".</summary>
    public required string Words { get; set; }

    /// <summary>Whether it is in the log and is learnt from.</summary>
    public bool Counts { get; set; }

    /// <summary>The event up to which this holds.</summary>
    public int Seq { get; set; }

    public required BakeFacts Facts { get; set; }
}
