using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Prep.Order;

/// <summary>
/// The order of work at the counter: clean things first, raw meat last, a wash after it (common practice). Meat that lies in
/// a marinade for long is dealt with first and washed up after, and the vegetables are cut while it waits.
/// </summary>
public static class WorkOrder
{
    /// <summary>From here on it is worth putting the meat in before the vegetables are cut, min.</summary>
    private const int LongMarinade = 30;

    public static IReadOnlyList<WorkStep> Of(WorkPlan work)
    {
        bool hasMeat = work.Plan.Chicken.Count > 0;
        bool waits = hasMeat && work.Mix is { } mix && MixKinds.IsMarinade(mix.Kind) && work.MarinateMinutes >= LongMarinade;
        List<WorkStep> steps = [new("begin", Touches.Wash, "Wash your hands", "Clear and wipe the worktop. One board for plants, one for meat, a bowl for peelings, the tray, the thermometer.")];
        if (work.Garnish)
        {
            steps.Add(new("garnish", Touches.ReadyToEat, "Chop what is eaten raw", "Herbs, lemon, cheese for the table: onto a plate of its own, covered."));
        }

        steps.AddRange(MixSteps(work));
        if (waits)
        {
            steps.AddRange(Meat(work));
            steps.Add(new("into-marinade", Touches.Raw, $"Meat into “{work.Mix!.Name}”", "Every side covered. Lid on, bottom of the fridge, where nothing can drip on other food."));
        }

        steps.AddRange(work.Plan.Vegetables.Select(Vegetable));
        steps.Add(new("oven", Touches.ToBeCooked, $"Oven to {work.Plan.OvenSetting.ToTemperature().Say(work.Plan.OvenSetting.Unit)}", TrayWords(work.Plan)));
        if (hasMeat)
        {
            if (!waits)
            {
                steps.AddRange(Meat(work));
            }

            steps.AddRange(Coat(work, waits));
            steps.Add(new("lay", Touches.Raw, "Lay the meat on the tray", "Skin side up, thick ends outward, as the picture shows. Drips and leftover herbs go onto the tray or into the bin."));
            steps.Add(new("left-over", Touches.Raw, "Everything raw to the sink", LeftOver(work)));
        }

        return CleanToRaw.Washed(steps);
    }

    private static IEnumerable<WorkStep> MixSteps(WorkPlan work)
    {
        if (work.Mix is not { Kind: not MixKind.JuiceSauce } mix)
        {
            yield break;
        }

        string[] Named(Func<MixPart, bool> which) => [.. mix.Parts.Where(which).Select(part => part.Name)];
        if (Named(part => part.Known()?.Shelf == Shelf.Fresh) is { Length: > 0 } fresh)
        {
            yield return new("fresh", Touches.ReadyToEat, $"Chop {Listed(fresh)}", "On the plant board, while it is clean.");
        }

        if (MixKinds.IsCrumb(mix.Kind))
        {
            // A mix of one's own may be named a crumb and hold none.
            string plate = Named(part => part.Role == MixRole.Crumb) is { Length: > 0 } crumb ? $"Crumb plate: {Listed(crumb)}" : "Crumb plate";
            yield return new("crumb", Touches.Stores, plate, "Season it now, and put the jars away. Take only what this meat needs: what is left over goes in the bin.");
            if (Named(part => part.Role == MixRole.Binder && part.Known()?.Shelf != Shelf.RawEgg) is { Length: > 0 } binder)
            {
                yield return new("binder", Touches.Stores, $"Binder bowl: {Listed(binder)}", "Measured out, jars away.");
            }

            yield break;
        }

        yield return new("stir", Touches.Stores, $"Stir “{mix.Name}” together", "Measure everything out now, so that no jar is touched with raw hands.");
        if (work.ServeG > 0 && MixKinds.MayBeServed(mix.Kind))
        {
            yield return new("aside", Touches.ReadyToEat, FormattableString.Invariant($"Set {5 * Math.Round(work.ServeG / 5):0} g aside for the table"), "Covered and away from the meat. Only this may be served as it is.");
        }
    }

    private static WorkStep Vegetable(VegetableLot lot) => new(
        $"vegetable-{lot.Id}",
        Touches.ToBeCooked,
        $"Cut the {VegetableTable.For(lot.Kind).Name}",
        FormattableString.Invariant($"{lot.Amount.Grams():0} g, {Said(lot)}. Oil just to coat, salt, {(lot.Place == VegetablePlace.Under ? "a bed on the tray" : "onto the tray")}."));

    private static IEnumerable<WorkStep> Meat(WorkPlan work)
    {
        yield return new("unwrap", Touches.Raw, "Unwrap the meat in the sink", "Do not rinse it: water carries germs over half the kitchen. Paper to blot it, straight into the bin.");
        string skin = work.Mix is { } mix && MixKinds.IsCrumb(mix.Kind) && work.Plan.Chicken.Any(lot => lot.SkinOn) ? "Skin off where crumb must stick. " : string.Empty;
        yield return new("trim", Touches.Raw, "Trim and even out", $"{skin}Hanging fat off, thick parts flattened or slit, so that pieces of a lot are alike.");
    }

    private static IEnumerable<WorkStep> Coat(WorkPlan work, bool waited)
    {
        switch (work.Mix?.Kind)
        {
            case MixKind.CrumbOverEgg or MixKind.CrumbOverMayonnaise or MixKind.CrumbOverYogurt:
                if (work.Mix.HasRawEgg())
                {
                    yield return new("egg", Touches.Raw, "Beat the eggs", "Raw egg counts as raw meat.");
                }

                yield return new("wet-hand", Touches.Raw, waited ? "Wet hand: let the marinade drip off" : "Wet hand: meat through the binder", "The hand that holds the meat: it never goes into the crumb.", Hand.Wet);
                yield return new("dry-hand", Touches.Raw, "Dry hand: crumb over, pat on, shake off", "This hand never touches the meat: it is the clean one.", Hand.Dry);
                break;
            case MixKind.DryRub:
                yield return new("coat", Touches.Raw, "Oil thinly, rub in", "One hand turns the meat, the other sprinkles from the bowl.");
                break;
            case MixKind.Glaze:
                yield return new("coat", Touches.Raw, "Dab the glaze on", "Dabbed, not poured. The brush has met raw meat now: it goes back only into this bowl.");
                break;
            case MixKind.UnderSkinButter:
                yield return new("coat", Touches.Raw, "Butter under the skin", "Loosen the skin with a finger, push it in, press it flat.");
                break;
            case MixKind.WetMarinade or MixKind.YogurtMarinade:
                yield return waited
                    ? new("coat", Touches.Raw, "Meat out of the marinade", work.Mix.Kind == MixKind.WetMarinade ? "Let it drip, blot the skin." : "Leave what clings.")
                    : new("coat", Touches.Raw, $"Meat through “{work.Mix.Name}”", "All sides.");
                break;
            default:
                yield return new("coat", Touches.Raw, "Oil and salt the meat", "From a small bowl of salt, not from the jar.");
                break;
        }
    }

    private static string LeftOver(WorkPlan work) => work.Mix is { } mix && (MixKinds.IsMarinade(mix.Kind) || mix.Kind == MixKind.Glaze)
        ? "Board, knife, bowl and brush. Marinade that met the meat: spread on before baking, boiled as a sauce, or away."
        : "Board, knife and bowl. Egg and crumb that are left: away.";

    private static string TrayWords(TrayPlan plan) =>
        plan.Vessels.Any(vessel => vessel.Parchment) ? "Paper on the tray. Thermometer and oven cloth ready to hand." : "Trays, thermometer and oven cloth ready to hand.";

    private static string Said(VegetableLot lot) => FormattableString.Invariant($"{lot.Size.Millimetres():0} mm, {VegetableCuts.SizeMeans(lot.Cut)}");

    private static string Listed(string[] names) =>
        names.Length == 1 ? names[0] : $"{string.Join(", ", names.SkipLast(1))} and {names[^1]}";
}
