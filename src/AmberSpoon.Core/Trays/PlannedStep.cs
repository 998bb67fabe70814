using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays;

/// <summary>
/// Something the plan has the cook do while the food is in the oven, for the whole oven at once. Adding and taking out belongs
/// to the lots. What one piece feels of it is an <c>OvenStep</c>; <c>LotTimeline</c> is the one place that turns one into the other.
/// </summary>
/// <param name="Kind">What.</param>
/// <param name="AtMinutes">Minutes after the first food went in.</param>
/// <param name="Setting">
/// Of <see cref="StepKind.Lower"/>: what the dial is turned to. Of <see cref="StepKind.Grill"/>: what the grill is set to, or null for on full.
/// </param>
/// <param name="ForMinutes">Of <see cref="StepKind.Grill"/>: how long.</param>
/// <param name="Shelf">
/// Of <see cref="StepKind.Grill"/>: where the tray stands meanwhile; null for near the grill. Of <see cref="StepKind.Shelf"/>: where it stands from then on.
/// </param>
public sealed record PlannedStep(StepKind Kind, int AtMinutes, EnteredTemperature? Setting = null, int? ForMinutes = null, OvenShelf? Shelf = null)
{
    /// <summary>Of <see cref="StepKind.Shelf"/>: which of the plan's vessels is moved, from 0.</summary>
    public int Vessel { get; init; }

    /// <summary>Of <see cref="StepKind.Coat"/>: which coats of which lots go on, all of one mix; null for any other step.</summary>
    public IReadOnlyList<CoatRef>? Coats { get; init; }
}

/// <summary>One coat of one lot on a tray.</summary>
/// <param name="Lot">Whose.</param>
/// <param name="Index">Which of its coats, from 0.</param>
public sealed record CoatRef(int Lot, int Index);

/// <summary>What a planned step is.</summary>
public enum StepKind
{
    Baste,

    /// <summary>One of a lot's coats goes on. Such a step follows from the lot's stack of coats and is not planned by itself.</summary>
    Coat,

    /// <summary>Turn every piece over and stir the vegetables.</summary>
    Turn,

    /// <summary>Turn the tray back to front.</summary>
    Rotate,

    /// <summary>Exchange two trays between their shelves.</summary>
    Swap,

    /// <summary>Move a tray to another shelf.</summary>
    Shelf,

    /// <summary>Open the door for a look.</summary>
    Look,

    /// <summary>Foil on.</summary>
    Cover,

    /// <summary>Foil off.</summary>
    Uncover,

    /// <summary>Pour the juices off.</summary>
    Drain,

    /// <summary>Turn the dial to another temperature.</summary>
    Lower,

    /// <summary>Top heat for a few minutes.</summary>
    Grill,
}
