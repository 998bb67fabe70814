using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Trays.Layout;

/// <summary>Calls each piece of chicken as the cook sees it: "thigh 2, back left". For a lot use <see cref="LotNames"/>.</summary>
public static class PieceNames
{
    public static IReadOnlyDictionary<PieceRef, string> Of(TrayPlan plan, TrayLayout layout) => plan.Chicken
        .SelectMany(lot => Enumerable.Range(1, lot.Count).Select(piece => new PieceRef(lot.LotId, piece)))
        .ToDictionary(piece => piece, piece => NameOf(plan, layout, piece));

    private static string NameOf(TrayPlan plan, TrayLayout layout, PieceRef piece)
    {
        ChickenLot lot = plan.Chicken.First(chicken => chicken.LotId == piece.Lot);
        string name = LotNames.OneOf(plan, lot);
        string called = lot.Count == 1 ? $"the {name}" : $"{name} {piece.Piece}";
        return PlaceOf(plan, layout, piece) is { } place && plan.Count > 1 ? $"{called}, {place}" : called;
    }

    private static string? PlaceOf(TrayPlan plan, TrayLayout layout, PieceRef piece)
    {
        foreach (VesselLayout vessel in layout.Vessels)
        {
            if (vessel.Pieces.FirstOrDefault(placed => placed.Spot.Lot == piece.Lot.Value && placed.Spot.Index == piece.Piece - 1) is { } found)
            {
                string place = Place(found.Spot.XMm / vessel.WidthMm, found.Spot.YMm / vessel.DepthMm);
                return plan.Vessels.Count < 2 ? place : $"{place}, {(found.Spot.Vessel == 0 ? "upper" : "lower")} tray";
            }
        }

        return null;
    }

    /// <param name="right">0 at the left edge, 1 at the right.</param>
    /// <param name="front">0 at the back of the oven, 1 at its door.</param>
    private static string Place(double right, double front)
    {
        string deep = front < 0.4 ? "back" : front > 0.6 ? "front" : string.Empty;
        string side = right < 0.4 ? "left" : right > 0.6 ? "right" : string.Empty;
        return (deep, side) switch
        {
            ("", "") => "middle",
            ("", _) => $"middle {side}",
            (_, "") => $"{deep} middle",
            _ => $"{deep} {side}",
        };
    }
}
