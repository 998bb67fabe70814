namespace AmberSpoon.Core.Evenings.Scheduling;

/// <summary>A stretch of a job in which it has something to itself. Minutes count from the job's begin.</summary>
/// <param name="Resource">What.</param>
/// <param name="FromMinutes">From when, min.</param>
/// <param name="UntilMinutes">Until when, min.</param>
/// <param name="Amount">How many of it.</param>
public readonly record struct Need(Resource Resource, int FromMinutes, int UntilMinutes, int Amount = 1);
