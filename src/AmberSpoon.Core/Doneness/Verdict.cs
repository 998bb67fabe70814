namespace AmberSpoon.Core.Doneness;

/// <summary>The answer to a check.</summary>
/// <param name="Kind">What to do.</param>
/// <param name="Reason">Why, in one sentence.</param>
/// <param name="NextCheckInMinutes">When to measure again, min from the check; null when nothing is left to measure.</param>
public sealed record Verdict(VerdictKind Kind, string Reason, int? NextCheckInMinutes);
