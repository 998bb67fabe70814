using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Prep.Order;

/// <summary>
/// The order of work at the counter: clean things first, raw meat last, a wash after it (common practice). Meat that lies in
/// a marinade for long is dealt with first and washed up after, and the vegetables are cut while it waits. Every coat of every
/// lot is put on in the order of its stack.
/// </summary>
public static class WorkOrder
{
    /// <summary>From here on it is worth putting the meat in before the vegetables are cut, min.</summary>
    private const int LongMarinade = 30;

    public const string OvenKey = "oven";

    public static IReadOnlyList<WorkStep> Of(WorkPlan work)
    {
        TrayPlan plan = work.Plan;
        ChickenLot[] waiting = [.. plan.Chicken.Where(lot => FirstSoak(work, lot) >= LongMarinade)];
        ChickenLot[] straight = [.. plan.Chicken.Except(waiting)];
        List<WorkStep> steps = [new("begin", Touches.Wash, "Wash your hands", "Clear and wipe the worktop. One board for plants, one for meat, a bowl for peelings, the tray, the thermometer.")];
        if (work.Garnish)
        {
            steps.Add(new("garnish", Touches.ReadyToEat, "Chop what is eaten raw", "Herbs, lemon, cheese for the table: onto a plate of its own, covered.") { Minutes = 4 });
        }

        steps.AddRange(work.Bowls.SelectMany(bowl => BowlSteps.Of(bowl, work)));
        steps.AddRange(Clean(work));
        if (waiting.Length > 0)
        {
            steps.AddRange(Meat(waiting, "-first"));
            steps.AddRange(waiting.SelectMany(lot => Into(work, lot)));
        }

        steps.AddRange(plan.Vegetables.Select(lot => Vegetable(plan, lot, work.Units)));
        steps.Add(new(OvenKey, Touches.ToBeCooked, OvenWords(plan, work.Units), TrayWords(plan)));
        if (plan.Chicken.Count > 0)
        {
            steps.AddRange(MayBeRaw(work));
            steps.AddRange(Meat(straight, string.Empty));
            steps.AddRange(plan.Chicken.SelectMany(lot => CoatSteps.Of(work, lot, waited: waiting.Contains(lot))));
            steps.Add(new("lay", Touches.Raw, "Lay the meat on the tray", LayWords(plan, work.Units)) { Minutes = 2 });
            steps.Add(new("left-over", Touches.Raw, "Everything raw to the sink", LeftOver(work)));
        }

        return CleanToRaw.Washed(steps);
    }

    /// <summary>The step that takes meat up again which was put to wait: that coat's own.</summary>
    public static string TakenUp(string into) => into.Replace("into-", "coat-", StringComparison.Ordinal);

    private static int FirstSoak(WorkPlan work, ChickenLot lot) => lot.Coats.Select(work.SoakOf).DefaultIfEmpty(0).Max();

    /// <summary>
    /// Fillings and what goes on top: bacon in or on them is raw until it is baked, so that what they touched is washed with what
    /// touched the meat (common practice). Right before the meat they cost no wash of their own.
    /// </summary>
    private static IEnumerable<WorkStep> MayBeRaw(WorkPlan work)
    {
        const string raw = "Bacon is raw: its board and knife are washed like those of the chicken.";
        foreach (ChickenLot lot in work.Plan.Chicken)
        {
            string lots = LotNames.Of(work.Plan, lot);
            if (lot.IsStuffed)
            {
                double gramsEach = lot.Filling?.Grams() ?? TrayPlanLimits.UsualMostFillingShare * lot.MassesG().Average();
                yield return new(
                    $"filling-{lot.Id}", Touches.Raw, $"Chop the filling for the {lots}", $"Small, about {work.Units.SayMass(5 * Math.Round(gramsEach / 5))} for each, into a bowl of its own with a spoon. {raw}")
                { Minutes = 4 };
            }

            foreach ((int index, LotCoat coat) in lot.Coats.Index().Where(coat => coat.Item is { Mix: null, Kind: Coating.Topping }))
            {
                yield return new($"top-{lot.Id}-{index}", Touches.Raw, $"Chop or grate what goes on the {lots}", $"Onto a plate of its own. {raw}") { Minutes = 3 };
            }
        }
    }

    /// <summary>What is cut clean for the meat: herbs for under the skin, citrus round it.</summary>
    private static IEnumerable<WorkStep> Clean(WorkPlan work)
    {
        TrayPlan plan = work.Plan;
        foreach (ChickenLot lot in plan.Chicken)
        {
            string lots = LotNames.Of(plan, lot);
            foreach ((int index, LotCoat coat) in lot.Coats.Index().Where(coat => coat.Item is { Mix: null, Kind: Coating.HerbsUnderSkin or Coating.Citrus }))
            {
                yield return coat.Kind == Coating.Citrus
                    ? new($"citrus-{lot.Id}-{index}", Touches.ReadyToEat, $"Chop citrus and herbs to lay round the {lots}", "Slices and sprigs, onto a plate of their own.") { Minutes = 2 }
                    : new($"herbs-{lot.Id}-{index}", Touches.ReadyToEat, $"Chop herbs and citrus for under the skin of the {lots}", "A sprig and a slice for each piece, on a plate of their own: what raw hands touched goes onto the tray or into the bin.") { Minutes = 3 };
            }
        }
    }

    /// <summary>The meat of some lots is unwrapped and made even.</summary>
    private static IEnumerable<WorkStep> Meat(ChickenLot[] lots, string suffix)
    {
        if (lots.Length == 0)
        {
            yield break;
        }

        int pieces = lots.Sum(lot => lot.Count);
        yield return new($"unwrap{suffix}", Touches.Raw, "Unwrap the meat in the sink", "Do not rinse it: water carries germs over half the kitchen. Paper to blot it, straight into the bin.");
        string skin = lots.Any(lot => lot.SkinOn && lot.Coats.Any(coat => StackedCoats.IsCrumb(coat.Kind))) ? "Skin off where crumb must stick. " : string.Empty;
        string slit = lots.Any(lot => lot.IsStuffed) ? "Slit the breasts that are filled, not through. " : string.Empty;
        yield return new($"trim{suffix}", Touches.Raw, "Trim and even out", $"{skin}{slit}Hanging fat off, thick parts flattened or slit, so that pieces of a lot are alike.") { Minutes = 1 + (pieces / 2.0) };
    }

    /// <summary>Meat of one lot into its long marinade.</summary>
    private static IEnumerable<WorkStep> Into(WorkPlan work, ChickenLot lot)
    {
        (int index, LotCoat coat) = lot.Coats.Index().MaxBy(coat => work.SoakOf(coat.Item));
        string lots = LotNames.Of(work.Plan, lot);
        bool isWet = StackedCoats.IsWet(coat.Kind) || coat.Kind == Coating.CrumbOverYogurt;
        yield return new(
            $"into-{lot.Id}-{index}",
            Touches.Raw,
            isWet ? $"The {lots} into {CoatWords.Called(coat)}" : $"Rub {CoatWords.Called(coat)} into the {lots}",
            $"{(isWet ? "Every side of the meat covered. Lid on" : "Blot the meat dry first. Open or under a lid")}, bottom of the fridge, where nothing can drip on other food.")
        {
            Minutes = 1 + (lot.Count / 4.0),
            WaitMinutes = work.SoakOf(coat),
        };
    }

    private static WorkStep Vegetable(TrayPlan plan, VegetableLot lot, KitchenUnits units) => new(
        $"vegetable-{lot.Id}",
        Touches.ToBeCooked,
        $"Cut the {LotNames.Of(plan, lot)}",
        $"{units.SayMass(lot.Amount.Grams())}, {units.SayLength(lot.Size.Millimetres())}, {VegetableCuts.SizeMeans(lot.Cut)}. Oil just to coat, salt, {PlaceWords(lot.Place)}.")
    {
        Minutes = 2 + (lot.Amount.Grams() / 200),
    };

    private static string PlaceWords(VegetablePlace place) => place switch
    {
        VegetablePlace.Under => "a bed on the tray",
        VegetablePlace.OnTop => "into a bowl: scattered over the chicken at the end",
        _ => "onto the tray",
    };

    private static string OvenWords(TrayPlan plan, KitchenUnits units) => plan.OvenMode == OvenMode.Grill
        ? $"Oven to grill at {units.SayDial(plan.OvenSetting)}"
        : $"Oven to {units.SayDial(plan.OvenSetting)}{(plan.OvenMode == OvenMode.Fan ? ", fan" : string.Empty)}";

    /// <summary>How the tray is laid, with what is poured in.</summary>
    private static string LayWords(TrayPlan plan, KitchenUnits units)
    {
        string skin = plan.Chicken.Any(lot => lot.SkinDown) ? "Skin down where it is turned later, otherwise up" : "Skin side up";
        string[] poured = [.. plan.Vessels.Where(vessel => vessel.WaterMl > 0).Select(vessel => $" Pour {units.SayVolume(vessel.WaterMl)} in beside the meat, not over it.")];
        return $"{skin}, thick ends outward, as the picture shows.{string.Concat(poured)} Drips and leftover herbs go onto the tray or into the bin.";
    }

    private static string LeftOver(WorkPlan work)
    {
        Bowl[] soiled = [.. work.Bowls.Where(bowl => bowl.MeetsRaw && StackedCoats.IsWet(MixKinds.CoatingOf(bowl.Mix.Kind) ?? Coating.Oil))];
        Bowl[] again = [.. soiled.Where(bowl => bowl.FirstMinute is not null)];
        return again.Length > 0
            ? $"Board and knife. What is left of “{again[0].Mix.Name}” has met the meat: it waits for minute {again[0].FirstMinute} in its bowl with its brush, and bakes on after that."
            : soiled.Length > 0
                ? "Board, knife, bowl and brush. Marinade that met the meat: spread on before baking, boiled as a sauce, or away."
                : work.Bowls.Any(bowl => MixKinds.IsCrumb(bowl.Mix.Kind)) || work.Plan.Chicken.Any(lot => lot.Coats.Any(coat => StackedCoats.IsCrumb(coat.Kind)))
                    ? "Board, knife and bowl. Egg and crumb that are left: away."
                    : "Board, knife, bowls, and what the meat came in.";
    }

    private static string TrayWords(TrayPlan plan) =>
        (plan.Vessels.Any(vessel => vessel.Parchment) ? "Paper on the tray. Thermometer and oven cloth ready to hand." : "Trays, thermometer and oven cloth ready to hand.")
        + (plan.Vessels.Any(vessel => vessel.PanBeneath) ? " A second pan on the shelf below catches drips." : string.Empty)
        + (plan.Vessels.Any(vessel => vessel.Rack) ? " A rack into the tray." : string.Empty);
}
