namespace AmberSpoon.Core.Trays.Layout;

/// <summary>
/// Lays a plan's pieces on its vessels, to scale. What lies somewhere stays there; only new pieces look for a place: heavy
/// chicken along the edges and at the back, where the oven is hottest, thick ends outward; vegetables where there is most
/// room. Where that leaves no room, everything is laid afresh once.
/// </summary>
public static class TrayArranger
{
    public static TrayLayout Arrange(TrayPlan plan)
    {
        IReadOnlyList<TrayItem> items = TrayItem.All(plan);
        var vessels = new List<VesselLayout>();
        for (int v = 0; v < plan.Vessels.Count; v++)
        {
            int vessel = v;
            TrayItem[] here = [.. items.Where(item => item.Vessel == vessel)];
            Spot[] spots = [.. plan.Spots.Where(spot => spot.Vessel == vessel)];
            vessels.Add(VesselArranger.Arrange(plan, vessel, here, spots));
        }

        // What is under other things is drawn first.
        return new(vessels, [.. plan.Chicken.Select(lot => (lot.Id, lot.Count)).Concat(plan.Vegetables.Select(lot => (lot.Id, lot.Count)))
            .OrderBy(lot => items.First(item => item.Lot == lot.Id).Level)
            .Select(lot => OutlineOf(lot.Id, lot.Count))]);

        LotOutline OutlineOf(int lot, int pieces)
        {
            TrayItem first = items.First(item => item.Lot == lot);
            return new(
                lot,
                [.. first.Footprint.Outline().SelectMany(place => new[] { Math.Round(place.XMm, 1), Math.Round(place.YMm, 1) })],
                items.Count(item => item.Lot == lot),
                pieces);
        }
    }
}
