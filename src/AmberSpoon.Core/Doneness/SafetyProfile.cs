namespace AmberSpoon.Core.Doneness;

/// <summary>What one country's authority asks of chicken at home.</summary>
/// <param name="Id">Which profile.</param>
/// <param name="Name">The country, as a cook says it.</param>
/// <param name="Authority">Who publishes the rule.</param>
/// <param name="Instant">A single reading at or above this is enough.</param>
/// <param name="Holds">Lower temperatures that are enough when held, hottest first; often none.</param>
/// <param name="AimC">What a plan should aim for in the coldest middle, °C.</param>
/// <param name="Rule">The rule in one sentence.</param>
public sealed record SafetyProfile(
    ProfileId Id,
    string Name,
    string Authority,
    PublishedLimit Instant,
    IReadOnlyList<HoldRule> Holds,
    double AimC,
    string Rule)
{
    public bool IsMetBy(Reading reading) =>
        Instant.IsMetBy(reading.Temperature)
        || Holds.Any(hold => hold.Limit.IsMetBy(reading.Temperature) && reading.HeldSeconds >= hold.Seconds);

    /// <summary>The hold that would pass this reading if it stayed there, or null.</summary>
    public HoldRule? HoldFor(Reading reading) => Holds.FirstOrDefault(hold => hold.Limit.IsMetBy(reading.Temperature));
}
