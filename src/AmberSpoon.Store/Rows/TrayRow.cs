using AmberSpoon.Core.Trays;

namespace AmberSpoon.Store.Rows;

/// <summary>The tray being planned; a kitchen has one.</summary>
public sealed class TrayRow
{
    public const int OnlyId = 1;

    public int Id { get; init; } = OnlyId;

    public required TrayPlan Plan { get; set; }

    /// <summary>Grows by one with each save, so that a start can say which tray it means.</summary>
    public int Version { get; set; }

    public DateTimeOffset SavedAt { get; set; }
}
