using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Trays.Layout;

/// <summary>Coats of a tray's lots in words: what each lot is called depends on what else lies there.</summary>
public static class CoatNames
{
    /// <summary>"Brush “Apricot glaze” on the thighs and wings"</summary>
    /// <param name="plan">The tray.</param>
    /// <param name="coats">All of one mix.</param>
    public static string PutOn(TrayPlan plan, IReadOnlyList<CoatRef> coats)
    {
        ChickenLot[] lots = [.. coats.Select(coat => plan.Chicken.First(chicken => chicken.Id == coat.Lot))];
        return CoatWords.PutOn(lots[0].Coats[coats[0].Index], Lots(plan, lots));
    }

    /// <summary>"thighs and wings"</summary>
    public static string Lots(TrayPlan plan, IEnumerable<ChickenLot> lots) =>
        Phrases.Listed([.. lots.DistinctBy(lot => lot.Id).Select(lot => LotNames.Of(plan, lot)).Distinct()]);
}
