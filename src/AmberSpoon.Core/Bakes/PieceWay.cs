using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Bakes;

/// <summary>Where a piece has been that left its lot, from when they went in together. For a whole lot use <see cref="LotState.Places"/>.</summary>
/// <param name="Places">Its moves in order.</param>
/// <param name="IsOff">It is off the tray now.</param>
public sealed record PieceWay(IReadOnlyList<PlaceChange> Places, bool IsOff)
{
    internal PieceWay To(BakePlace place, double atS) => Places[^1].Place == place ? this : this with { Places = [.. Places, new(atS, place)] };
}
