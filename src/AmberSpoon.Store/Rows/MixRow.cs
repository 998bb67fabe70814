using AmberSpoon.Core.Prep.Mixes;

namespace AmberSpoon.Store.Rows;

/// <summary>A mix the household wrote, or brought in with a recipe.</summary>
public sealed class MixRow
{
    public int Id { get; init; }

    public required Mix Mix { get; set; }

    /// <summary>1 when it is written, and one more with each change.</summary>
    public int Version { get; set; }

    public DateTimeOffset SavedAt { get; set; }
}
