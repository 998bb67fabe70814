using AmberSpoon.Core.Prep;

namespace AmberSpoon.Store.Rows;

/// <summary>What was decided at the counter for one tray.</summary>
public sealed class PrepRow
{
    public int TrayId { get; init; }

    public required PrepChoice Choice { get; set; }

    /// <summary>Grows by one with each change; 0 is what is shown before the first.</summary>
    public int Version { get; set; }
}
