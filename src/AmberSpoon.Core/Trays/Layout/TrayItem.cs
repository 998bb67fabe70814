namespace AmberSpoon.Core.Trays.Layout;

/// <summary>One thing to be laid on a tray.</summary>
/// <param name="Lot">Its lot.</param>
/// <param name="Index">Which of the lot's pieces.</param>
/// <param name="Vessel">Where it goes.</param>
/// <param name="IsChicken">Chicken is laid first, along the edges.</param>
/// <param name="Level">Under the chicken, beside it, or on top of it: each has a floor of its own.</param>
/// <param name="Scale">Its size against the lot's heaviest piece.</param>
/// <param name="Footprint">Seen from above.</param>
internal sealed record TrayItem(int Lot, int Index, int Vessel, bool IsChicken, TrayLevel Level, double Scale, Footprint Footprint)
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
                new TrayItem(lot.Id, i, lot.Vessel, true, TrayLevel.Floor, footprints[mass].LengthMm / footprints[masses[0]].LengthMm, footprints[mass])));
        }

        foreach (VegetableLot lot in plan.Vegetables)
        {
            var footprint = Footprint.Of(lot.Piece());
            items.AddRange(Enumerable.Range(0, Math.Min(OnTheFloor(lot), MostOfOneVegetable)).Select(i =>
                new TrayItem(lot.Id, i, lot.Vessel, false, LevelOf(lot.Place), 1, footprint)));
        }

        return items;
    }

    /// <summary>Of a heap only the lowest layer takes room.</summary>
    public static int OnTheFloor(VegetableLot lot) => (lot.Count + lot.Layers - 1) / lot.Layers;

    public static TrayLevel LevelOf(VegetablePlace place) => place switch
    {
        VegetablePlace.Under => TrayLevel.Bed,
        VegetablePlace.OnTop => TrayLevel.Top,
        _ => TrayLevel.Floor,
    };
}
