using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Trays.Tending;

/// <summary>What a careful friend would say about the coats of a plan.</summary>
public static class CoatCautions
{
    /// <param name="plan">The plan.</param>
    /// <param name="brushUntilMinutes">The last minute for a brush that has met raw meat; null where no minute is safe.</param>
    public static IEnumerable<string> For(TrayPlan plan, int? brushUntilMinutes)
    {
        foreach (PlannedStep step in plan.HandSteps().Where(step => step.Coats is not null))
        {
            ChickenLot lot = plan.Chicken.First(chicken => chicken.Id == step.Coats![0].Lot);
            LotCoat coat = lot.Coats[step.Coats![0].Index];
            if (HasMetRaw(plan, coat) && step.AtMinutes > (brushUntilMinutes ?? -1))
            {
                yield return $"{Phrases.Capital(CoatWords.Called(coat))} goes on at minute {step.AtMinutes}, and its bowl has met raw meat. {(brushUntilMinutes is { } until ? $"After minute {until} that is too late to cook it through" : "Tonight no minute is early enough to cook it through")}: keep some apart before the meat goes in, with a brush of its own, or boil it first.";
            }
        }

        foreach (ChickenLot lot in plan.Chicken.Where(lot => lot.SkinOn && lot.Coats.Any(coat => StackedCoats.IsCrumb(coat.Kind))))
        {
            yield return $"Crumb on the skin of the {LotNames.Of(plan, lot)} comes off with it, and skin under crumb stays soft. Take the skin off.";
        }
    }

    /// <summary>The same mix is on raw meat from the start, so that what is left in its bowl has met it.</summary>
    private static bool HasMetRaw(TrayPlan plan, LotCoat coat) => coat.Kind != Coating.JuiceSauce && coat.Mix is { } mix
        && plan.Chicken.Any(lot => lot.Coats.Any(other => other.Mix == mix && other.IsOnAtStart()));
}
