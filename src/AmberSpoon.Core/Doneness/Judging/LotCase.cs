using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Doneness.Judging;

/// <summary>What is known of one lot of chicken when it is judged.</summary>
/// <param name="Lot">The lot.</param>
/// <param name="Plural">"thighs".</param>
/// <param name="Goal">The cook's own.</param>
/// <param name="Rule">What its readings must show.</param>
/// <param name="Where">Where it is.</param>
/// <param name="Pieces">All its pieces.</param>
/// <param name="NowS">Seconds since the first food went in.</param>
/// <param name="FirstLookS">When a first look is worth opening the door for, s in the bake's time.</param>
/// <param name="Outlook">What to expect of a piece from now on; asked only where a reading is short or the goal is not reached.</param>
public sealed record LotCase(
    LotId Lot,
    string Plural,
    CoreGoal Goal,
    SafetyRule Rule,
    LotWhereabouts Where,
    IReadOnlyList<PieceCase> Pieces,
    double NowS,
    double FirstLookS,
    Func<int, PieceOutlook> Outlook)
{
    /// <summary>The tray is out of the oven.</summary>
    public bool IsTrayOut { get; init; }
}

/// <summary>Where a lot is while it is judged.</summary>
public enum LotWhereabouts
{
    /// <summary>It has not gone in yet.</summary>
    Waiting,
    Oven,

    /// <summary>Out of the oven, resting or waiting to go back.</summary>
    Worktop,
}

/// <summary>What the forecast expects of one piece from now on, given every believed reading; it never permits serving.</summary>
/// <param name="OvenMinutesToAim">More oven until its coldest middle is where it should be, min; null if it never is.</param>
/// <param name="RestPeakLowC">The lowest peak its coldest middle reaches if it rests from now, in nine kitchens of ten, °C.</param>
/// <param name="RestPeakInMinutes">When, min from now.</param>
public sealed record PieceOutlook(double? OvenMinutesToAim, double RestPeakLowC, double RestPeakInMinutes);
