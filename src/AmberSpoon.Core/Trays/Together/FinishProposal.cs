using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Trays.Together;

/// <summary>One way to have everything done in one window.</summary>
/// <param name="Name">In a few words.</param>
/// <param name="Changes">What is done differently, a sentence each.</param>
/// <param name="Plan">The whole plan, to be adopted as it is.</param>
/// <param name="ApartBefore">How long the first waits past its best for the last as planned, min.</param>
/// <param name="ApartAfter">The same if adopted, min; 0 where one moment is good for all.</param>
/// <param name="Together">When all is at its best at once if adopted; null where that never is.</param>
/// <param name="DoorOpenings">How often the oven is opened, and by how many more or fewer than before.</param>
/// <param name="DoorOpeningsMore">How many more than before.</param>
/// <param name="MinutesMore">Minutes until dinner, more than before.</param>
/// <param name="BrowningMore">Browning of the chicken's upper side, more than before, in units of <see cref="Doneness.Kinetics.Browning"/>.</param>
public sealed record FinishProposal(
    string Name,
    IReadOnlyList<string> Changes,
    TrayPlan Plan,
    double ApartBefore,
    double ApartAfter,
    MinuteSpan? Together,
    int DoorOpenings,
    int DoorOpeningsMore,
    double MinutesMore,
    double BrowningMore);
