using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;

namespace AmberSpoon.Server.Stations.Choices;

/// <summary>What the planning form can offer.</summary>
public sealed record ChoicesView(IReadOnlyList<CutChoice> Cuts, IReadOnlyList<ProfileChoice> Profiles)
{
    public static ChoicesView All { get; } = new(
        [.. CutTable.All.Select(facts => new CutChoice(
            facts.Cut, facts.Name, facts.Plural, facts.IsDark, facts.ProbePlace))],
        [.. SafetyProfiles.All.Select(profile => new ProfileChoice(
            profile.Id, profile.Name, profile.Authority, profile.Rule, profile.AimC, profile.Holds.Select(hold => hold.Seconds).ToList()))]);
}

/// <param name="Cut">The cut.</param>
/// <param name="Name">Singular.</param>
/// <param name="Plural">Plural.</param>
/// <param name="IsDark">Dark meat.</param>
/// <param name="ProbePlace">Where the probe goes.</param>
public sealed record CutChoice(Cut Cut, string Name, string Plural, bool IsDark, string ProbePlace);

/// <param name="Id">Which profile.</param>
/// <param name="Name">The country.</param>
/// <param name="Authority">Who publishes the rule.</param>
/// <param name="Rule">The rule in a sentence.</param>
/// <param name="AimC">What a plan should aim for, °C.</param>
/// <param name="HoldSeconds">How long lower temperatures may be held to count, s; empty where holding does not count.</param>
public sealed record ProfileChoice(
    ProfileId Id, string Name, string Authority, string Rule, double AimC, IReadOnlyList<int> HoldSeconds);
