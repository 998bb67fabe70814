using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Evenings;

/// <summary>What to do with each food when dinner slips: by how long it stays good in the oven.</summary>
public static class EveningSlip
{
    /// <summary>Cooked meat that waits for longer than a moment is kept above this, °C: 140 °F (USDA FSIS; from memory).</summary>
    private const string HoldsAbove = "60 °C (140 °F)";

    /// <summary>On a warm plate under foil a roast piece is still hot after so long, min (common practice).</summary>
    private const int UnderFoilMinutes = 20;

    /// <param name="plan">The tray.</param>
    /// <param name="forecast">What it leads to.</param>
    /// <param name="lateMinutes">Dinner is so much later, min.</param>
    /// <param name="sayMinute">A minute of the bake as a clock time.</param>
    /// <returns>One sentence a food, and one caution.</returns>
    public static IReadOnlyList<string> Sentences(TrayPlan plan, TrayForecast forecast, int lateMinutes, Func<int, string> sayMinute)
    {
        var said = new List<string>();
        bool anyWaits = false;
        foreach (LotForecast lot in forecast.Lots)
        {
            string name = LotNames.Of(plan, new LotId(lot.Lot));
            int until = lot.OutMinutes + lateMinutes;
            double best = lot.Good?.BestUntilMinutes ?? lot.OutMinutes;
            double past = lot.Good?.PastMinutes ?? best;
            if (until <= best)
            {
                said.Add($"Leave the {name} in: still at their best at {sayMinute(until)}.");
            }
            else if (until <= past)
            {
                said.Add($"Leave the {name} in with the dial a little lower: past their best at {sayMinute(until)}, still good.");
            }
            else
            {
                anyWaits = true;
                int takeOut = (int)Math.Floor(Math.Max(lot.OutMinutes, best));
                said.Add(until - takeOut <= UnderFoilMinutes
                    ? $"Take the {name} out at {sayMinute(takeOut)}, onto a warm plate under loose foil: longer in the oven spoils them."
                    : $"Take the {name} out at {sayMinute(takeOut)} and keep them above {HoldsAbove}, covered, in an oven at its lowest: longer in this heat spoils them.");
            }
        }

        if (anyWaits && plan.Chicken.Count > 0)
        {
            said.Add($"Chicken that waits is measured first, and again before it is eaten: below {HoldsAbove} it does not wait.");
        }

        return said;
    }
}
