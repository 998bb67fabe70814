using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Acts;

/// <summary>
/// Something that hands are still to do while a bake runs. What is planned before it runs is a <see cref="PlannedStep"/>; what was
/// done is an event.
/// </summary>
/// <param name="Kind">What.</param>
/// <param name="DueS">When, s in the bake's time; what is overdue keeps its time until it is done, skipped or put off.</param>
public sealed record OvenAct(ActKind Kind, double DueS)
{
    /// <summary>Of <see cref="ActKind.Tend"/>: which of the plan's steps, from 0.</summary>
    public int? Act { get; init; }

    /// <summary>Of <see cref="ActKind.Tend"/>: the step.</summary>
    public PlannedStep? Step { get; init; }

    /// <summary>Of <see cref="ActKind.Add"/> and <see cref="ActKind.TakeFoodOut"/>: which lot.</summary>
    public LotId? Lot { get; init; }

    /// <summary>Of <see cref="ActKind.Measure"/>: which piece.</summary>
    public PieceRef? Piece { get; init; }

    /// <summary>Of <see cref="ActKind.GrillOff"/>: what the dial goes back to.</summary>
    public EnteredTemperature? Dial { get; init; }

    /// <summary>It follows from a forecast and moves with it; nothing to be told about it yet.</summary>
    public bool IsExpected { get; init; }
}
