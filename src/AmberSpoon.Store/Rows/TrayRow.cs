using AmberSpoon.Core.Trays;

namespace AmberSpoon.Store.Rows;

/// <summary>A planned tray. The one opened last is the one being worked on.</summary>
public sealed class TrayRow
{
    public int Id { get; init; }

    public required TrayPlan Plan { get; set; }

    /// <summary>Grows by one with each save, undo and redo, so that a start can say which tray it means.</summary>
    public int Version { get; set; }

    public DateTimeOffset SavedAt { get; set; }

    public DateTimeOffset OpenedAt { get; set; }

    /// <summary>Set when it is put away, cleared when it is brought back.</summary>
    public DateTimeOffset? ArchivedAt { get; set; }

    /// <summary>Which of its states it is in; those after it were undone.</summary>
    public int State { get; set; }

    /// <summary>The last of its states.</summary>
    public int LastState { get; set; }

    /// <summary>The first state that is still kept.</summary>
    public int FirstState { get; set; }

    public bool CanUndo => State > FirstState;

    public bool CanRedo => State < LastState;
}
