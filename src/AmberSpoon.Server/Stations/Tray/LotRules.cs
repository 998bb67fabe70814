using System.Globalization;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What is wrong with the lots of a plan: each field, then whether mass, count and height make a possible piece.</summary>
internal sealed class LotRules(TrayPlanRequest plan, ValidationContext<TrayPlanRequest> context)
{
    private readonly HashSet<int> _ids = [];

    public void Run()
    {
        for (int i = 0; i < (plan.Chicken?.Count ?? 0); i++)
        {
            Chicken(plan.Chicken![i], $"chicken[{i}]");
        }

        for (int i = 0; i < (plan.Vegetables?.Count ?? 0); i++)
        {
            Vegetable(plan.Vegetables![i], $"vegetables[{i}]");
        }

        Spots();
    }

    private void Chicken(ChickenLotRequest? lot, string at)
    {
        if (lot is null)
        {
            context.Fail(at, "This lot is empty.");
            return;
        }

        Shared(lot.Id, lot.Vessel, lot.AddAtMinutes, lot.LeavesWhenDone, at);
        Require(Check.IsChosen(lot.Cut), $"{at}.cut", "Choose a cut.");
        Require(lot.SkinOn is not null, $"{at}.skinOn", "Say whether the skin is on.");
        Require(lot.SkinDown is not null, $"{at}.skinDown", "Say which side is down.");
        Coats(lot, at);
        Require(Check.IsChosen(lot.StartFrom), $"{at}.startFrom", Check.Choose);
        Require(lot.StartFrom != StartingPoint.Frozen, $"{at}.startFrom", "Frozen chicken cooks too unevenly to plan safely: the outside is done while the middle is ice. Thaw it in the fridge first, about a day for a pack.");
        Goal(lot.Goal, at);
        Require(lot.PartlySkinned != true || lot.SkinOn == true, $"{at}.partlySkinned", "There is no skin on it to be partly gone.");
        Require(
            lot.IsNestled != true || (plan.Vegetables?.Any(other => other?.Vessel == lot.Vessel && other?.Place != VegetablePlace.OnTop) ?? false),
            $"{at}.isNestled",
            "There is nothing to nestle it in: put vegetables into the same dish.");
        Sear(lot.Sear, at);
        bool heightUsable = Check.IsPositive(lot.Height);
        Require(lot.Height is null || heightUsable, $"{at}.height.value", "Write the height as a number above 0, or leave it empty.");
        if (Sizes(lot, at) && Check.IsChosen(lot.Cut))
        {
            PieceIsPossible(lot, at, heightUsable);
            Filling(lot, at);
        }
    }

    /// <summary>A lot says its stack of coats, or one coating.</summary>
    private void Coats(ChickenLotRequest lot, string at)
    {
        var checks = new CoatChecks(context.Fail);
        bool isOne = lot.Coats is null;
        if (isOne ? !Require(Check.IsChosen(lot.Coating), $"{at}.coating", Check.Choose) : !checks.AreRead(lot.Coats!, $"{at}.coats"))
        {
            return;
        }

        PlannedStep[] steps = [.. (plan.Steps ?? []).Where(step => step is { Kind: StepKind.Drain or StepKind.Cover or StepKind.Uncover, AtMinutes: not null }).Select(step => step!.ToStep())];
        checks.Stack(
            lot.ToCoats(),
            lot.Cut ?? Cut.BonelessBreast,
            lot.SkinOn ?? true,
            steps,
            lot.AddAtMinutes ?? 0,
            fault => isOne ? $"{at}.coating" : $"{at}.coats[{fault.Coat}].{fault.Field}");
    }

    private void Sear(SearRequest? sear, string at)
    {
        if (sear is null)
        {
            return;
        }

        Require(
            sear.Minutes is >= TrayPlanLimits.ShortestSearMinutes and <= TrayPlanLimits.LongestSearMinutes,
            $"{at}.sear.minutes",
            $"Sear for {TrayPlanLimits.ShortestSearMinutes:0} to {TrayPlanLimits.LongestSearMinutes:0} min, both sides together: longer is cooking in the pan.");
        Require(Check.IsChosen(sear.Pan), $"{at}.sear.pan", "Choose the pan: cast iron, steel or non-stick.");
    }

    /// <summary>Slit and filled, by its cut or by one of its coats.</summary>
    public static bool IsStuffed(ChickenLotRequest? lot) => lot is not null
        && (lot.Cut == Cut.StuffedBreast || (lot.Coats is { } coats ? coats.Any(coat => coat?.Kind == Coating.Stuffed) : lot.Coating == Coating.Stuffed));

    private void Filling(ChickenLotRequest lot, string at)
    {
        if (lot.Filling is not { } filling)
        {
            return;
        }

        bool isStuffed = IsStuffed(lot);
        if (!Require(isStuffed, $"{at}.filling.value", "Nothing is slit and stuffed here: choose that first, or leave the filling out.")
            || !Require(Check.IsPositive(filling), $"{at}.filling.value", "Write the filling’s mass as a number above 0."))
        {
            return;
        }

        double pieceG = lot.Sizes!.Basis == SizeBasis.Height ? double.PositiveInfinity : lot.Sizes.ToSizes().MassesG().Average();
        double grams = filling.ToEntered().Grams();
        Require(
            grams <= TrayPlanLimits.MostFillingShare * pieceG,
            $"{at}.filling.value",
            $"{filling.Say(grams)} of filling in a piece of {filling.Say(pieceG)}, filling and all: {filling.Say(TrayPlanLimits.MostFillingShare * pieceG)} is the most that holds together, a quarter is usual. Fill less, or check whether it is for one or for all.");
    }

    private void Goal(CoreGoalRequest? goal, string at)
    {
        if (goal is null)
        {
            return;
        }

        Check.Temperature(context, goal.Core, $"{at}.goal.core.value", "middle", TrayPlanLimits.LowestTargetC, TrayPlanLimits.HighestTargetC);
        Require(
            goal.HoldSeconds is null or (>= 0 and <= TrayPlanLimits.LongestHoldSeconds),
            $"{at}.goal.holdSeconds",
            $"Hold it for 0 to {TrayPlanLimits.LongestHoldSeconds / 60} min.");
    }

    private void Shared(int? id, int? vessel, int? addAt, bool? leaves, string at)
    {
        Require(id is { } number && _ids.Add(number), $"{at}.id", "Every lot needs a number of its own.");
        Require(vessel is >= 0 && vessel < (plan.Vessels?.Count ?? 0), $"{at}.vessel", "Choose one of tonight’s trays.");
        Require(Check.IsMinute(addAt), $"{at}.addAtMinutes", $"Add it 0 to {TrayPlanLimits.LatestStepMinutes} min after the start.");
        Require(leaves is not null, $"{at}.leavesWhenDone", Check.Choose);
    }

    /// <returns>Whether they can be computed with.</returns>
    private bool Sizes(ChickenLotRequest lot, string at)
    {
        SizesRequest? sizes = lot.Sizes;
        if (!Require(sizes is not null && Check.IsChosen(sizes.Basis), $"{at}.sizes.basis", Check.Choose))
        {
            return false;
        }

        if (sizes!.Basis == SizeBasis.EachPiece)
        {
            bool any = Require(sizes.Each?.Count is >= 1 and <= TrayPlanLimits.MostPieces, $"{at}.sizes.each", $"Write the mass of 1 to {TrayPlanLimits.MostPieces} pieces.");
            return any && sizes.Each!.Select((mass, n) => Require(Check.IsPositive(mass), $"{at}.sizes.each[{n}].value", "Write the mass as a number above 0.")).All(good => good);
        }

        bool isCounted = Require(
            sizes.Count is >= 1 and <= TrayPlanLimits.MostPieces, $"{at}.sizes.count", $"Between 1 and {TrayPlanLimits.MostPieces} pieces fit this plan. To have none, take the lot off the tray.");
        if (sizes.Basis == SizeBasis.Height)
        {
            return Require(Check.IsPositive(lot.Height), $"{at}.height.value", "Write how tall the thickest piece is, or choose another way to give the size.") && isCounted;
        }

        bool isSpread = sizes.Basis == SizeBasis.Piece || Require(
            sizes.SpreadPercent is >= 0 and <= TrayPlanLimits.MostSpreadPercent, $"{at}.sizes.spreadPercent", $"Let the pieces differ by 0 to {TrayPlanLimits.MostSpreadPercent:0} %.");
        return Require(Check.IsPositive(sizes.Mass), $"{at}.sizes.mass.value", "Write the mass as a number above 0.") && isCounted && isSpread;
    }

    private void PieceIsPossible(ChickenLotRequest lot, string at, bool heightUsable)
    {
        CutFacts facts = CutTable.For(lot.Cut!.Value);
        (double lowG, double highG) = TrayPlanLimits.PieceMass(facts);
        var made = new ChickenLot(0, facts.Cut, true, [Coating.Oil], lot.Sizes!.ToSizes(), lot.Height is null || !heightUsable ? null : lot.Height.ToEntered(), StartingPoint.Fridge, 0, 0, false, false, CoreGoal.Usual(facts.Cut, TemperatureUnit.Celsius));
        IReadOnlyList<double> masses = made.MassesG();
        if (masses.Any(mass => !(mass >= lowG && mass <= highG)))
        {
            double odd = masses.First(mass => !(mass >= lowG && mass <= highG));
            context.Fail(
                lot.Sizes.Basis switch { SizeBasis.Height => $"{at}.height.value", SizeBasis.EachPiece => $"{at}.sizes.each", _ => $"{at}.sizes.mass.value" },
                $"That makes {lot.Sizes.Mass.Say(odd)} for one {facts.Name}; between {lot.Sizes.Mass.Say(lowG)} and {lot.Sizes.Mass.Say(highG)} is possible. Check the mass, the count, and whether it is for all or each.");
            return;
        }

        (double lowMm, double highMm) = TrayPlanLimits.Height(facts, masses[0]);
        if (heightUsable && lot.Sizes.Basis != SizeBasis.Height && lot.Height!.ToEntered().Millimetres() is var mm && !(mm >= lowMm && mm <= highMm))
        {
            context.Fail($"{at}.height.value", $"A {facts.Name} of {lot.Sizes.Mass.Say(masses[0])} stands between {lot.Height.Say(lowMm)} and {lot.Height.Say(highMm)} tall. Measure the thickest one again.");
        }
    }

    private void Vegetable(VegetableLotRequest? lot, string at)
    {
        if (lot is null)
        {
            context.Fail(at, "This lot is empty.");
            return;
        }

        Shared(lot.Id, lot.Vessel, lot.AddAtMinutes, lot.LeavesWhenDone, at);
        Require(Check.IsChosen(lot.Place), $"{at}.place", Check.Choose);
        Require(lot.Goal is null || Check.IsChosen(lot.Goal), $"{at}.goal", Check.Choose);
        Require(
            lot.Layers is null or (>= 1 and <= TrayPlanLimits.MostLayers),
            $"{at}.layers",
            $"Heap them 1 to {TrayPlanLimits.MostLayers} deep: a deeper heap stews in the middle while its top burns. Take a larger dish, or two.");
        if (Require(Check.IsPositive(lot.Amount), $"{at}.amount.value", "Write the mass as a number above 0."))
        {
            double grams = lot.Amount!.ToEntered().Grams();
            Require(
                grams is >= TrayPlanLimits.LeastVegetableG and <= TrayPlanLimits.MostVegetableG,
                $"{at}.amount.value",
                $"{lot.Amount.Say(grams)} of one vegetable: between {lot.Amount.Say(TrayPlanLimits.LeastVegetableG)} and {lot.Amount.Say(TrayPlanLimits.MostVegetableG)} is possible.");
        }

        if (!Require(Check.IsChosen(lot.Kind), $"{at}.kind", "Choose a vegetable.") || !Require(Check.IsChosen(lot.Cut), $"{at}.cut", Check.Choose))
        {
            return;
        }

        VegetableFacts facts = VegetableTable.For(lot.Kind!.Value);
        Require(facts.Cuts.Contains(lot.Cut!.Value), $"{at}.cut", $"For {facts.Name}, choose {string.Join(", ", facts.Cuts).ToLower(CultureInfo.InvariantCulture)}.");
        (double lowMm, double highMm) = VegetableCuts.Limits(lot.Cut.Value);
        bool isSized = Check.IsPositive(lot.Size) && lot.Size!.ToEntered().Millimetres() is var mm && mm >= lowMm && mm <= highMm;
        Require(isSized, $"{at}.size.value", $"{VegetableCuts.SizeMeans(lot.Cut.Value)[..1].ToUpperInvariant()}{VegetableCuts.SizeMeans(lot.Cut.Value)[1..]}: {lot.Size.Say(lowMm)} to {lot.Size.Say(highMm)}.");
    }

    private void Spots()
    {
        for (int i = 0; i < (plan.Spots?.Count ?? 0); i++)
        {
            bool isWhole = plan.Spots![i] is
            {
                Lot: not null, Index: >= 0, Vessel: >= 0 and < TrayPlanLimits.MostVessels, XMm: > -1000 and < 2000, YMm: > -1000 and < 2000, AngleDegrees: >= -360 and <= 720, IsPinned: not null,
            };
            Require(isWhole, $"spots[{i}]", "This place on the tray could not be read: lay the piece again.");
        }

        Require((plan.Spots?.Count ?? 0) <= TrayPlanLimits.MostLots * TrayPlanLimits.MostPieces, "spots", "Those are more places than there can be pieces.");
    }

    private bool Require(bool holds, string field, string sentence)
    {
        if (!holds)
        {
            context.Fail(field, sentence);
        }

        return holds;
    }
}
