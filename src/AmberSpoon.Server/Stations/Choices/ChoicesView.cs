using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Trays.Ways;

namespace AmberSpoon.Server.Stations.Choices;

/// <summary>What the planning form can offer.</summary>
public sealed record ChoicesView(
    IReadOnlyList<CutChoice> Cuts, IReadOnlyList<VegetableChoice> Vegetables, IReadOnlyList<WayChoice> Ways, IReadOnlyList<ProfileChoice> Profiles, BirdChoice Bird)
{
    public static ChoicesView All { get; } = new(
        [.. CutTable.All.Select(facts => new CutChoice(
            facts.Cut, facts.Name, facts.Plural, facts.IsDark, facts.ReferenceMassG, CutTable.UsualCount(facts.Cut), facts.ProbePlace))],
        [.. VegetableTable.All.Select(facts => new VegetableChoice(
            facts.Kind, facts.Name, facts.TenderCookMinutes, facts.Patience, facts.Usual.Cut, [.. facts.Cuts.Select(cut => CutSizeChoice.Of(facts, cut))]))],
        [.. ReadyWays.All.Select(way => new WayChoice(way.Id, way.Name, way.Sentence))],
        [.. SafetyProfiles.All.Select(profile => new ProfileChoice(
            profile.Id, profile.Name, profile.Authority, profile.Rule, profile.AimC, profile.Holds.Select(hold => hold.Seconds).ToList(), profile.Caution))],
        new BirdChoice(BirdChoice.OrdinaryG, PrepLimits.LeastBirdG, PrepLimits.MostBirdG, new WholeBird(1, 0).Parts));
}

/// <param name="Cut">The cut.</param>
/// <param name="Name">Singular.</param>
/// <param name="Plural">Plural.</param>
/// <param name="IsDark">Dark meat.</param>
/// <param name="UsualMassG">Mass of an ordinary piece, g.</param>
/// <param name="UsualCount">Pieces for a supper for four.</param>
/// <param name="ProbePlace">Where the probe goes.</param>
public sealed record CutChoice(Cut Cut, string Name, string Plural, bool IsDark, double UsualMassG, int UsualCount, string ProbePlace);

/// <summary>A whole bird, cut up.</summary>
/// <param name="UsualMassG">As bought, g.</param>
/// <param name="LeastMassG">The smallest that is sold, g.</param>
/// <param name="MostMassG">The largest, g.</param>
/// <param name="Parts">What a bird of one gram gives: cuts, how many, and their mass together, g.</param>
public sealed record BirdChoice(double UsualMassG, double LeastMassG, double MostMassG, IReadOnlyList<BirdPart> Parts)
{
    /// <summary>A roasting bird, g (common practice).</summary>
    public const double OrdinaryG = 1800;
}

/// <param name="Kind">Which vegetable.</param>
/// <param name="Name">As one buys several.</param>
/// <param name="TenderCookMinutes">Cook value at which it is tender, min.</param>
/// <param name="Patience">How many times that it bears.</param>
/// <param name="UsualCut">How it is usually cut.</param>
/// <param name="Cuts">How it may be cut.</param>
public sealed record VegetableChoice(
    Vegetable Kind, string Name, double TenderCookMinutes, double Patience, VegetableCut UsualCut, IReadOnlyList<CutSizeChoice> Cuts);

/// <param name="Cut">How it is cut.</param>
/// <param name="SizeMeans">What its size is, in words.</param>
/// <param name="UsualMm">Its usual size, mm.</param>
public sealed record CutSizeChoice(VegetableCut Cut, string SizeMeans, double UsualMm)
{
    internal static CutSizeChoice Of(VegetableFacts facts, VegetableCut cut) => new(cut, VegetableCuts.SizeMeans(cut), facts.UsualSizeMm(cut));
}

/// <param name="Id">A word for the wire.</param>
/// <param name="Name">What cooks call it.</param>
/// <param name="Sentence">What it is.</param>
public sealed record WayChoice(string Id, string Name, string Sentence);

/// <param name="Id">Which profile.</param>
/// <param name="Name">The country.</param>
/// <param name="Authority">Who publishes the rule.</param>
/// <param name="Rule">The rule in a sentence.</param>
/// <param name="AimC">What a plan should aim for, °C.</param>
/// <param name="HoldSeconds">How long lower temperatures may be held to count, s; empty where holding does not count.</param>
/// <param name="Caution">Who should not rely on it; null for the usual advice for homes.</param>
public sealed record ProfileChoice(
    ProfileId Id, string Name, string Authority, string Rule, double AimC, IReadOnlyList<int> HoldSeconds, string? Caution);
