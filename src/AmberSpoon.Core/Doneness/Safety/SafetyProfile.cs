namespace AmberSpoon.Core.Doneness.Safety;

/// <summary>What one authority asks of chicken at home. For one lot use <see cref="RuleFor"/>.</summary>
/// <param name="Id">Which profile.</param>
/// <param name="Name">Whose, as a cook says it.</param>
/// <param name="Authority">Who publishes the rule.</param>
/// <param name="Instant">A single reading at or above this is enough.</param>
/// <param name="Holds">Lower temperatures that are enough when held, hottest first; often none.</param>
/// <param name="HoldsCoverStuffing">Whether a hold also clears meat that is slit and filled.</param>
/// <param name="AimC">What a plan should aim for in the coldest middle, °C.</param>
/// <param name="Rule">The rule in one sentence.</param>
/// <param name="Caution">Who should not rely on it, in a sentence or two; null where it is the usual advice for homes.</param>
public sealed record SafetyProfile(
    ProfileId Id,
    string Name,
    string Authority,
    PublishedLimit Instant,
    IReadOnlyList<HoldRule> Holds,
    bool HoldsCoverStuffing,
    double AimC,
    string Rule,
    string? Caution = null)
{
    /// <summary>The rule for one lot.</summary>
    public SafetyRule RuleFor(bool isStuffed) => new(Name, Instant, isStuffed && !HoldsCoverStuffing ? [] : Holds, AimC);
}
