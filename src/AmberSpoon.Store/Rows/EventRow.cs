using AmberSpoon.Core.Bakes.Events;

namespace AmberSpoon.Store.Rows;

/// <summary>One thing that happened in a bake: written once, never changed.</summary>
public sealed class EventRow
{
    /// <summary>How <see cref="What"/> is written now; older ones are read as they were written.</summary>
    public const int NewestSchema = 1;

    public required Guid BakeId { get; init; }

    /// <summary>Its place in the bake, from 1.</summary>
    public required int Seq { get; init; }

    /// <summary>Made by whoever told it; the same twice is one event.</summary>
    public required Guid CommandId { get; init; }

    public required DateTimeOffset At { get; init; }

    /// <summary>The kind of <see cref="What"/>, for queries.</summary>
    public required string Kind { get; init; }

    public int SchemaVersion { get; init; } = NewestSchema;

    public required Happening What { get; init; }

    public BakeEvent ToEvent() => new(Seq, CommandId, At, What);
}
