namespace AmberSpoon.Core.Trays.Together;

/// <summary>One way to have everything done in one window.</summary>
/// <param name="Name">In a few words.</param>
/// <param name="Changes">What is done differently, a sentence each.</param>
/// <param name="Plan">The whole plan, to be adopted as it is.</param>
/// <param name="SpreadBefore">First-ready to last-ready as planned, min.</param>
/// <param name="SpreadAfter">The same if adopted, min.</param>
/// <param name="DoorOpenings">How often the oven is opened, and by how many more or fewer than before.</param>
/// <param name="DoorOpeningsMore">How many more than before.</param>
/// <param name="MinutesMore">Minutes until dinner, more than before.</param>
/// <param name="BrowningMore">Browning of the chicken's upper side, more than before, in units of <see cref="Doneness.Kinetics.Browning"/>.</param>
public sealed record FinishProposal(
    string Name,
    IReadOnlyList<string> Changes,
    TrayPlan Plan,
    double SpreadBefore,
    double SpreadAfter,
    int DoorOpenings,
    int DoorOpeningsMore,
    double MinutesMore,
    double BrowningMore);
