using AmberSpoon.Core.Trays;

namespace AmberSpoon.Store.Rows;

/// <summary>The tray went into the oven or out of it.</summary>
public sealed class MoveRow
{
    public int Id { get; init; }

    public required DateTimeOffset At { get; init; }

    public required BakePlace Place { get; init; }
}
