using AmberSpoon.Core.Prep;

namespace AmberSpoon.Store.Rows;

/// <summary>What was decided at the counter for one tray.</summary>
public sealed class PrepRow
{
    public int TrayId { get; init; }

    public required PrepChoice Choice { get; set; }
}
