namespace AmberSpoon.Core.Bakes.Events;

/// <summary>
/// One thing that happened in a bake, as it was told. Events are only ever added; their order is that of
/// <see cref="Seq"/>, never of the clock. What follows from them is <see cref="BakeState.Fold"/>'s to say.
/// </summary>
/// <param name="Seq">Its place in the bake, from 1 without gaps.</param>
/// <param name="CommandId">Made by whoever told it: told twice, it happened once.</param>
/// <param name="At">When it happened, by the wall.</param>
/// <param name="What">What.</param>
public sealed record BakeEvent(int Seq, Guid CommandId, DateTimeOffset At, Happening What);
