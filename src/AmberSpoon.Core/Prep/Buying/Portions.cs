using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Prep.Buying;

/// <summary>Who eats how much, what it costs, and what is left.</summary>
public static class Portions
{
    /// <summary>Cooked meat a head, g (common practice).</summary>
    public const double UsualG = 130;

    /// <param name="plan">The tray.</param>
    /// <param name="forecast">What it leads to; null before anything is computed, then a usual loss is taken.</param>
    /// <param name="heads">How many eat, 1 or more.</param>
    /// <param name="portionG">Cooked meat each of them eats, g.</param>
    /// <param name="packs">What was bought for it; perhaps nothing.</param>
    public static PortionAnswer Of(TrayPlan plan, TrayForecast? forecast, int heads, double portionG, IReadOnlyList<Pack> packs)
    {
        const double usualLoss = 0.22;
        double rawEdibleG = 0;
        double cookedG = 0;
        foreach (ChickenLot lot in plan.Chicken)
        {
            double edibleG = lot.MassesG().Sum() * EdibleYield.Of(lot.Cut);
            rawEdibleG += edibleG;
            cookedG += edibleG * (1 - (forecast?.Of(lot.Id).LossShare ?? usualLoss));
        }

        double eatenG = Math.Min(cookedG, heads * portionG);
        decimal? cost = Cost(plan, packs);
        return new(
            heads,
            portionG,
            cookedG,
            portionG <= 0 ? 0 : cookedG / portionG,
            cookedG - eatenG,
            Math.Max(0, (heads * portionG) - cookedG),
            cost,
            cost is { } all && cookedG > 0 ? all * (decimal)(eatenG / cookedG) / heads : null,
            cost is { } paid && rawEdibleG > 0 ? paid / (decimal)(rawEdibleG / 1000) : null);
    }

    /// <summary>What the meat on the tray cost, each cut at the price of its pack; null where a cut has none.</summary>
    private static decimal? Cost(TrayPlan plan, IReadOnlyList<Pack> packs)
    {
        decimal sum = 0;
        foreach (ChickenLot lot in plan.Chicken)
        {
            if (packs.FirstOrDefault(pack => pack.Cut == lot.Cut) is not { } pack)
            {
                return null;
            }

            sum += (decimal)(lot.MassesG().Sum() / 1000) * pack.PricePerKg;
        }

        return plan.Chicken.Count == 0 ? null : sum;
    }
}

/// <param name="Heads">How many eat.</param>
/// <param name="PortionG">Cooked meat for each, g.</param>
/// <param name="CookedG">Cooked meat without bones, g.</param>
/// <param name="Portions">How many portions that makes.</param>
/// <param name="LeftG">Left for tomorrow or the freezer, g.</param>
/// <param name="ShortG">Missing, g.</param>
/// <param name="Cost">What the meat on the tray cost; null where a cut has no price.</param>
/// <param name="CostPerHead">What one who eats costs.</param>
/// <param name="CostPerEdibleKg">A raw kilogram without bones.</param>
public sealed record PortionAnswer(
    int Heads, double PortionG, double CookedG, double Portions, double LeftG, double ShortG, decimal? Cost, decimal? CostPerHead, decimal? CostPerEdibleKg);
