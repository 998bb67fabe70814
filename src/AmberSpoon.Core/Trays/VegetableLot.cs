using System.Text.Json.Serialization;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays;

/// <summary>One vegetable, cut to one size.</summary>
/// <param name="Id">Its number on this tray, shared with the chicken lots; never reused.</param>
/// <param name="Kind">Which vegetable.</param>
/// <param name="Cut">How it is cut.</param>
/// <param name="Size">How large: see <see cref="VegetableCuts.SizeMeans"/>.</param>
/// <param name="Amount">Mass, trimmed.</param>
/// <param name="Place">Around the chicken or under it.</param>
/// <param name="Vessel">Which of the plan's vessels it lies in, from 0.</param>
/// <param name="AddAtMinutes">Minutes after the first food; 0 goes in first.</param>
/// <param name="LeavesWhenDone">Comes out when it is tender, before the others.</param>
/// <param name="Goal">How tender it is wanted.</param>
public sealed record VegetableLot(
    int Id,
    Vegetable Kind,
    VegetableCut Cut,
    EnteredLength Size,
    EnteredMass Amount,
    VegetablePlace Place,
    int Vessel,
    int AddAtMinutes,
    bool LeavesWhenDone,
    Tenderness Goal)
{
    /// <summary>How many of its pieces lie over each other: 1 side by side, 2 or 3 heaped in a dish.</summary>
    public int Layers { get; init; } = 1;

    [JsonIgnore]
    public LotId LotId => new(Id);

    /// <summary>What this household calls tender, as a share of what is usual, by what it said at table (see <see cref="Learning.TenderWish"/>).</summary>
    public double Wish { get; init; } = 1;

    /// <summary>How tender, for this vegetable.</summary>
    public SoftGoal SoftGoal() => new(VegetableTable.For(Kind), Goal) { Wish = Wish };

    public VegetableBody Piece() => new(Kind, Cut, Size.Millimetres());

    /// <summary>How many pieces its mass makes, at least one.</summary>
    public int Count => (int)Math.Max(1, Math.Round(Amount.Grams() / Piece().MassG));
}

/// <summary>Where a vegetable lies.</summary>
public enum VegetablePlace
{
    /// <summary>Beside the chicken, or alone on its tray.</summary>
    Around,

    /// <summary>A bed under the chicken.</summary>
    Under,

    /// <summary>Scattered over the chicken.</summary>
    OnTop,
}
