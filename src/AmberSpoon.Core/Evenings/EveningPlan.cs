namespace AmberSpoon.Core.Evenings;

/// <summary>An evening on the clock: what is still to do, and when dinner is.</summary>
/// <param name="EatAt">When dinner will be.</param>
/// <param name="AskedFor">When it was asked for; null for as soon as it can be.</param>
/// <param name="EarliestEatAt">The soonest it can be, if hands begin now.</param>
/// <param name="Tasks">In order of time.</param>
/// <param name="FirstHeld">What decides how soon dinner can be: the task that has to begin first of all that are late; null where none is.</param>
/// <param name="Chance">Of eating on time, 0 to 1; null where dinner is as soon as it can be.</param>
public sealed record EveningPlan(
    DateTimeOffset EatAt, DateTimeOffset? AskedFor, DateTimeOffset EarliestEatAt, IReadOnlyList<TimedTask> Tasks, EveningTask? FirstHeld, double? Chance)
{
    /// <summary>How much later than it was asked for dinner is, min.</summary>
    public int LateMinutes => AskedFor is { } asked ? Math.Max(0, (int)Math.Ceiling((EatAt - asked).TotalMinutes)) : 0;
}
