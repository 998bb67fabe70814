namespace AmberSpoon.Core.Evenings.Scheduling;

/// <summary>All jobs of an evening, each in its place.</summary>
/// <param name="Jobs">In order of time.</param>
/// <param name="IsBest">Every order was tried: no other begins later.</param>
public sealed record JobSchedule(IReadOnlyList<PlacedJob> Jobs, bool IsBest)
{
    /// <summary>The first thing to be done begins so long before dinner, min.</summary>
    public int LengthMinutes => Jobs.Select(placed => placed.BeginsBefore).DefaultIfEmpty(0).Max();

    /// <exception cref="InvalidOperationException">No such job.</exception>
    public PlacedJob Of(string key) => Jobs.First(placed => placed.Job.Key == key);
}
