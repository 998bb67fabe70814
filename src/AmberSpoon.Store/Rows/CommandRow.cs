namespace AmberSpoon.Store.Rows;

/// <summary>A command that made something: sent again, it makes nothing more.</summary>
public sealed class CommandRow
{
    public required Guid CommandId { get; init; }

    public required DateTimeOffset At { get; init; }

    /// <summary>The number of what it made.</summary>
    public required int MadeId { get; init; }
}
