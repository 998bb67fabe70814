using AmberSpoon.Core.Trays;

namespace AmberSpoon.Store.Rows;

/// <summary>One state a tray has been in, kept for undo and redo.</summary>
public sealed class TrayStateRow
{
    public int TrayId { get; init; }

    public int State { get; init; }

    public required TrayPlan Plan { get; set; }
}
