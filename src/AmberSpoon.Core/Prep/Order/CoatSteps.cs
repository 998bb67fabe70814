using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Prep.Order;

/// <summary>The coats of one lot with raw hands, in the order of its stack.</summary>
internal static class CoatSteps
{
    /// <param name="work">The work.</param>
    /// <param name="lot">The lot.</param>
    /// <param name="waited">It has lain in its longest coat already.</param>
    public static IEnumerable<WorkStep> Of(WorkPlan work, ChickenLot lot, bool waited)
    {
        string lots = LotNames.Of(work.Plan, lot);
        (int Index, LotCoat Coat)[] coats = [.. lot.Coats.Index().Where(coat => coat.Item.IsOnAtStart())];
        int soaked = waited ? coats.MaxBy(coat => work.SoakOf(coat.Coat)).Index : -1;
        if (lot.IsStuffed && coats.All(coat => coat.Coat.Kind != Coating.Stuffed))
        {
            yield return Fill($"coat-{lot.Id}-filling", lots, lot);
        }

        bool isSeared = lot.Sear is null;
        foreach ((int index, LotCoat coat) in coats)
        {
            if (!isSeared && coat.When == CoatTime.On)
            {
                yield return Sear(lot, lots);
                isSeared = true;
            }

            foreach (WorkStep step in Step(work, lot, lots, index, coat, index == soaked))
            {
                yield return step;
            }

            if (coat.IsScrapedOff)
            {
                yield return new($"scrape-{lot.Id}-{index}", Touches.Raw, $"Scrape {CoatWords.Called(coat)} off the {lots}", "What comes off the meat goes in the bin. A thin film may stay.") { Minutes = lot.Count / 4.0 };
            }
        }

        if (!isSeared)
        {
            yield return Sear(lot, lots);
        }

        if (coats.All(coat => coat.Coat.Kind is Coating.Stuffed or Coating.Parcel or Coating.HerbsUnderSkin or Coating.Citrus) && coats.All(coat => coat.Coat.Kind != Coating.Parcel))
        {
            yield return new($"coat-{lot.Id}", Touches.Raw, $"Oil and salt the {lots}", "From a small bowl of salt, not from the jar. All sides of the meat.") { Minutes = 1 + (lot.Count / 6.0) };
        }
    }

    private static IEnumerable<WorkStep> Step(WorkPlan work, ChickenLot lot, string lots, int index, LotCoat coat, bool isSoaked)
    {
        string key = $"coat-{lot.Id}-{index}";
        string called = CoatWords.Called(coat);
        double each = lot.Count / 4.0;
        if (coat.When == CoatTime.UnderSkin && coat.Kind != Coating.HerbsUnderSkin)
        {
            yield return new(key, Touches.Raw, $"Push {called} under the skin of the {lots}", "Loosen the skin with a finger, push it in, press it flat.") { Minutes = 1 + (2 * each) };
            yield break;
        }

        if (isSoaked && coat.Kind is (Coating.Glaze or Coating.Sauce))
        {
            yield return new(key, Touches.Raw, $"The {lots} out of {called}", "Let the meat drip.") { Minutes = 1 + (each / 2) };
            yield break;
        }

        switch (coat.Kind)
        {
            case Coating.CrumbOverEgg or Coating.CrumbOverMayonnaise or Coating.CrumbOverYogurt or Coating.Crumb:
                if (work.Bowls.FirstOrDefault(bowl => bowl.Id == coat.Mix) is { } bowl ? bowl.Mix.HasRawEgg() : coat.Kind == Coating.CrumbOverEgg)
                {
                    yield return new($"egg-{lot.Id}-{index}", Touches.Raw, "Beat the eggs", "Raw egg counts as raw meat.") { Minutes = 2 };
                }

                if (coat.Kind != Coating.Crumb)
                {
                    yield return new($"wet-hand-{lot.Id}-{index}", Touches.Raw, isSoaked ? $"Wet hand: let the marinade drip off the {lots}" : $"Wet hand: the {lots} through the binder", "The hand that holds the meat: it never goes into the crumb.", Hand.Wet) { Minutes = each };
                }

                yield return new(key, Touches.Raw, $"Dry hand: {called} over the {lots}, pat on, shake off", "This hand never touches the meat: it is the clean one.", Hand.Dry) { Minutes = each };
                break;
            case Coating.DryRub:
                yield return isSoaked
                    ? new(key, Touches.Raw, $"The {lots} out of the fridge", "The rub stays on. Blot the skin where it is wet.")
                    : new(key, Touches.Raw, $"Oil the {lots} thinly, rub {called} in", "Blot the meat dry first. One hand turns it, the other sprinkles from the bowl.") { Minutes = 1 + each, WaitMinutes = work.SoakOf(coat) };
                break;
            case Coating.Glaze:
                yield return new(key, Touches.Raw, $"Brush {called} on the {lots}", "A thin coat, and none into the tray: it burns there. The brush has met raw meat now: it goes back only into this bowl.") { Minutes = 1 + each };
                break;
            case Coating.Sauce:
                yield return new(key, Touches.Raw, $"Pour {called} over the {lots}", "From its bowl, and nothing back into it: it has met the meat.");
                break;
            case Coating.WetMarinade or Coating.ThickMarinade:
                yield return isSoaked
                    ? new(key, Touches.Raw, $"The {lots} out of {called}", coat.Kind == Coating.WetMarinade ? "Let the meat drip, blot the skin." : coat.IsScrapedOff ? "One piece of meat after the other." : "Leave what clings to the meat.") { Minutes = 1 + (each / 2) }
                    : new(key, Touches.Raw, $"The {lots} through {called}", work.SoakOf(coat) is > 0 and var soak ? $"All sides of the meat. It lies in it for {soak} min." : "All sides of the meat.")
                    {
                        Minutes = 1 + each,
                        WaitMinutes = work.SoakOf(coat),
                    };
                break;
            case Coating.HerbsUnderSkin:
                yield return new(key, Touches.Raw, $"Herbs and citrus under the skin of the {lots}", "Loosen the skin with a finger, one hand only. What is left on the plate has met raw hands: onto the tray or into the bin.") { Minutes = 1 + (2 * each) };
                break;
            case Coating.ButterUnderSkin:
                yield return new(key, Touches.Raw, $"Rub {called} into the {lots}", "Soft or melted, by hand, all sides of the meat.") { Minutes = 1 + each };
                break;
            case Coating.Stuffed:
                yield return Fill(key, lots, lot);
                break;
            case Coating.Topping:
                yield return new(key, Touches.Raw, $"Lay what goes on top on the {lots}", "With the hand that has not touched the meat.") { Minutes = 1 + (each / 2) };
                break;
            case Coating.Citrus:
                yield return new(key, Touches.Raw, $"Lay citrus and herbs on and round the {lots}", "With the hand that has not touched the meat. What is left over goes onto the tray or into the bin.");
                break;
            case Coating.Parcel:
                yield return new(key, Touches.Raw, $"Fold the {lots} into their parcels", "Paper folded twice over the meat, ends tucked under: a small gap for steam.") { Minutes = 1 + (4 * each) };
                break;
            case Coating.Oil:
                yield return new(key, Touches.Raw, $"Oil and salt the {lots}", "From a small bowl of salt, not from the jar. All sides of the meat.") { Minutes = 1 + (each / 2) };
                break;
        }
    }

    private static WorkStep Fill(string key, string lots, ChickenLot lot) =>
        new(key, Touches.Raw, $"Fill the {lots}", "As much as fits without tearing the meat, with the spoon of its bowl; close it with picks.") { Minutes = lot.Count };

    private static WorkStep Sear(ChickenLot lot, string lots) => new(
        $"sear-{lot.Id}",
        Touches.Raw,
        FormattableString.Invariant($"Sear the {lots} for {lot.Sear!.Minutes:0.#} min"),
        "In a hot pan, both sides. The meat is coloured, not cooked: onto a clean plate, and straight on. The plate it lay on raw goes to the sink.")
    {
        Minutes = lot.Sear!.Minutes + 3,
    };
}
