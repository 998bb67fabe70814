namespace AmberSpoon.Core.Trays.Layout;

/// <summary>One thing to be laid on a tray.</summary>
/// <param name="Lot">Its lot.</param>
/// <param name="Index">Which of the lot's pieces.</param>
/// <param name="Vessel">Where it goes.</param>
/// <param name="IsChicken">Chicken is laid first, along the edges.</param>
/// <param name="IsBed">It lies under the chicken.</param>
/// <param name="Scale">Its size against the lot's heaviest piece.</param>
/// <param name="Footprint">Seen from above.</param>
internal sealed record TrayItem(int Lot, int Index, int Vessel, bool IsChicken, bool IsBed, double Scale, Footprint Footprint)
{
    /// <summary>More pieces of one vegetable than this are not laid one by one: those laid stand for the rest.</summary>
    public const int MostOfOneVegetable = 60;

    public static IReadOnlyList<TrayItem> All(TrayPlan plan)
    {
        var items = new List<TrayItem>();
        foreach (ChickenLot lot in plan.Chicken)
        {
            IReadOnlyList<double> masses = lot.MassesG();
            var footprints = masses.Distinct().ToDictionary(mass => mass, mass => Footprint.Of(lot.Piece(mass)));
            items.AddRange(masses.Select((mass, i) =>
                new TrayItem(lot.Id, i, lot.Vessel, true, false, footprints[mass].LengthMm / footprints[masses[0]].LengthMm, footprints[mass])));
        }

        foreach (VegetableLot lot in plan.Vegetables)
        {
            var footprint = Footprint.Of(lot.Piece());
            items.AddRange(Enumerable.Range(0, Math.Min(lot.Count, MostOfOneVegetable)).Select(i =>
                new TrayItem(lot.Id, i, lot.Vessel, false, lot.Place == VegetablePlace.Under, 1, footprint)));
        }

        return items;
    }
}
