namespace AmberSpoon.Core.Evenings;

/// <summary>A task on the clock.</summary>
/// <param name="Task">The task.</param>
/// <param name="BeginsAt">When to begin it; of one that is under way, when it was to begin.</param>
/// <param name="EndsAt">When it ends.</param>
/// <param name="IsUnderWay">It was to begin before now and ends after: hands are taken to be at it.</param>
/// <param name="KeptTooLong">How much longer than it keeps it waits for dinner, min; 0 where all is well.</param>
public sealed record TimedTask(EveningTask Task, DateTimeOffset BeginsAt, DateTimeOffset EndsAt, bool IsUnderWay, int KeptTooLong);
