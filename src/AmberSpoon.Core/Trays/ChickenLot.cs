using System.Text.Json.Serialization;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays;

/// <summary>Pieces of one cut that are treated alike.</summary>
/// <param name="Id">Its number on this tray; never reused.</param>
/// <param name="Cut">Which cut.</param>
/// <param name="SkinOn">Whether the skin is on.</param>
/// <param name="Coats">What covers, fills or wraps it, innermost first; none is a film of oil.</param>
/// <param name="Sizes">How many and how heavy.</param>
/// <param name="Height">Height of the thickest piece lying on the tray, or null to guess it from its mass.</param>
/// <param name="StartFrom">Where the meat comes from.</param>
/// <param name="Vessel">Which of the plan's vessels it lies in, from 0.</param>
/// <param name="AddAtMinutes">Minutes after the first food; 0 goes in first.</param>
/// <param name="LeavesWhenDone">Comes out when it is done, before the others; otherwise all chicken leaves together.</param>
/// <param name="SkinDown">Laid skin side down at first.</param>
/// <param name="Goal">Where its coldest middle should get to.</param>
public sealed record ChickenLot(
    int Id,
    Cut Cut,
    bool SkinOn,
    IReadOnlyList<LotCoat> Coats,
    PieceSizes Sizes,
    EnteredLength? Height,
    StartingPoint StartFrom,
    int Vessel,
    int AddAtMinutes,
    bool LeavesWhenDone,
    bool SkinDown,
    CoreGoal Goal)
{
    /// <summary>What covers, fills or wraps it, innermost first; none is a film of oil.</summary>
    public IReadOnlyList<LotCoat> Coats { get; init; } = Coats ?? [];

    /// <summary>What is seen of it when it goes in. Plans that were stored before lots had a stack of coats hold only this.</summary>
    [JsonInclude]
    public Coating Coating
    {
        get => StackedCoats.Seen(Coats);
        private init => Coats = Coats.Count == 0 && value != Coating.Oil ? [value] : Coats;
    }

    /// <summary>Of slit and filled breasts: how much filling each holds; null for the usual.</summary>
    public EnteredMass? Filling { get; init; }

    /// <summary>About half of the skin is gone; only where the skin is on.</summary>
    public bool PartlySkinned { get; init; }

    /// <summary>It lies in hollows of the vegetables of its dish: they stand against its sides.</summary>
    public bool IsNestled { get; init; }

    /// <summary>Browned in a pan first, or null.</summary>
    public PanSear? Sear { get; init; }

    [JsonIgnore]
    public LotId LotId => new(Id);

    /// <summary>Slit and filled: its filling must get as hot as the meat.</summary>
    [JsonIgnore]
    public bool IsStuffed => Cut == Cut.StuffedBreast || Coats.Any(coat => coat.Kind == Coating.Stuffed);

    /// <summary>Sealed in paper or foil from the start.</summary>
    [JsonIgnore]
    public bool IsInParcel => Coats.Any(coat => coat.Kind == Coating.Parcel);

    public int Count => Sizes.Count;

    /// <summary>Mass of each piece, g, heaviest first.</summary>
    public IReadOnlyList<double> MassesG() => Sizes.Basis == SizeBasis.Height
        ? [.. Enumerable.Repeat(PieceBody.GuessMassG(Cut, Height!.Millimetres()), Count)]
        : Sizes.MassesG();

    /// <summary>Only its heaviest piece.</summary>
    public ChickenLot OnlyHeaviest() => this with { Sizes = new(SizeBasis.Piece, 1, new(MassesG()[0], MassUnit.Gram), 0, []) };

    /// <summary>One of its pieces, by mass: a measured height is that of the heaviest, and the others are as much flatter.</summary>
    public PieceBody Piece(double massG)
    {
        double share = Math.Cbrt(massG / MassesG()[0]);
        return new(Cut, massG, Height is { } height ? share * height.Millimetres() : null, SkinOn, IsStuffed ? Coating.Stuffed : Coating.Oil)
        {
            Under = StackedCoats.LayersAtStart(Coats),
            FillingShare = IsStuffed && Filling is { } filling ? filling.Grams() / MassesG().Average() : null,
            PartlySkinned = PartlySkinned,
        };
    }
}
