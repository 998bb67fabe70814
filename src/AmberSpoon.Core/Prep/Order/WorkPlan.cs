using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Prep.Order;

/// <summary>What the order of work is made from.</summary>
/// <param name="Plan">Tonight's tray, with the coats of its lots.</param>
/// <param name="Bowls">Mixes that are made for it.</param>
/// <param name="ServeG">How much of a mix is set aside clean to be served, g, by the mix's id.</param>
/// <param name="MarinateMinutes">How long meat lies in a marinade that says nothing else.</param>
/// <param name="Garnish">Something is chopped to go on at the table.</param>
/// <param name="JuiceMl">What the tray gives to make a sauce of, ml; 0 where that is not known.</param>
public sealed record WorkPlan(TrayPlan Plan, IReadOnlyList<Bowl> Bowls, IReadOnlyDictionary<string, double> ServeG, int MarinateMinutes, bool Garnish, double JuiceMl = 0)
{
    /// <summary>How long a coat stays on before the oven, min; 0 for one that goes straight in.</summary>
    public int SoakOf(LotCoat coat) => coat.When == CoatTime.Before ? coat.SoakMinutes ?? MarinateMinutes : 0;
}
