using System.Collections.Concurrent;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Evenings.Sides;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Evening;

/// <summary>How long a side takes on a shelf of its own at what the chicken's tray is set to, by the same engine; kept while the server runs.</summary>
internal sealed class SideTimes
{
    /// <summary>Of a vegetable on a tray of its own, g a head (common practice).</summary>
    private const double GramsAHead = 180;
    private const int MostKept = 500;

    private readonly ConcurrentDictionary<Asked, int> _found = new();

    /// <returns>Minutes in the oven by a side's place in the list; nothing for those that say so themselves or need no oven.</returns>
    public Dictionary<int, int> Of(EveningChoice choice, TrayPlan plan, int heads, Known known)
    {
        var minutes = new Dictionary<int, int>();
        for (int i = 0; i < choice.Sides.Count; i++)
        {
            if (choice.Sides[i].CookMinutes is null && Of(choice.Sides[i].Kind, plan, heads, known) is { } found)
            {
                minutes[i] = found;
            }
        }

        return minutes;
    }

    /// <returns>Minutes in the oven, or null for a side that the engine does not bake.</returns>
    public int? Of(SideKind kind, TrayPlan plan, int heads, Known known)
    {
        if (SideLibrary.For(kind).Vegetable is not { } vegetable)
        {
            return null;
        }

        OvenMode mode = plan.OvenMode == OvenMode.Grill ? OvenMode.Still : plan.OvenMode;
        var asked = new Asked(vegetable, mode, Math.Round(plan.OvenSetting.ToTemperature().Celsius, 1), Math.Round(plan.Oven?.OffsetC ?? 0, 1), plan.Oven?.Learnt?.Key, heads, Math.Round(known.Wishes.GetValueOrDefault(vegetable)?.Share ?? 1, 2));
        if (_found.Count > MostKept)
        {
            _found.Clear();
        }

        return _found.GetOrAdd(asked, one => Bake(one, plan));
    }

    private static int Bake(Asked asked, TrayPlan plan)
    {
        VegetableFacts facts = VegetableTable.For(asked.Vegetable);
        VegetableCut cut = asked.Vegetable == Vegetable.Potato ? VegetableCut.Cube : facts.Usual.Cut;
        TrayPlan alone = plan with
        {
            Chicken = [],
            Vegetables =
            [
                new(1, asked.Vegetable, cut, new(facts.UsualSizeMm(cut), LengthUnit.Millimetre), new(Math.Clamp(GramsAHead * asked.Heads, TrayPlanLimits.LeastVegetableG, 1200), MassUnit.Gram), VegetablePlace.Around, 0, 0, LeavesWhenDone: false, Tenderness.Tender) { Wish = asked.Wish },
            ],
            Vessels = [Vessel.HalfSheet],
            OvenMode = asked.Mode,
            Steps = [],
            Spots = [],
            OvenAtStart = null,
            StayUntilMinutes = null,
            EatAt = null,
        };
        try
        {
            return Math.Max(1, TrayForecaster.Forecast(alone).Lots.Max(lot => lot.OutMinutes));
        }
        catch (LotNeverDoneException)
        {
            return TrayPlanLimits.LatestStepMinutes;
        }
    }

    private readonly record struct Asked(Vegetable Vegetable, OvenMode Mode, double DialC, double OffsetC, string? Learnt, int Heads, double Wish);
}
