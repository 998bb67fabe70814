using AmberSpoon.Core.Evenings;

namespace AmberSpoon.Store.Rows;

/// <summary>What was decided for the evening of one tray.</summary>
public sealed class EveningRow
{
    public int TrayId { get; init; }

    public required EveningChoice Choice { get; set; }

    /// <summary>Grows by one with each change; 0 is what is shown before the first.</summary>
    public int Version { get; set; }
}
