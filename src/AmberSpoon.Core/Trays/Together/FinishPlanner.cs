using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays.Together;

/// <summary>
/// Proposes the smallest changes that bring all lots to done in one window: other cut sizes, later additions, a second
/// tray, a little more or less heat. Each proposal is computed whole, with its own layout, before it is offered.
/// </summary>
public static class FinishPlanner
{
    /// <summary>Within this, everything is done together, min.</summary>
    public const double Together = 5;

    private const int Most = 3;

    /// <summary>Cooks look at the clock in steps of this, min.</summary>
    private const int AddEvery = 5;

    /// <summary>No piece is cut more than this much larger or smaller, mm.</summary>
    private const double FurthestMm = 20;

    /// <summary>Best first; empty where all is done together anyway.</summary>
    public static IReadOnlyList<FinishProposal> Propose(TrayPlan plan)
    {
        if (plan.Chicken.Count + plan.Vegetables.Count < 2)
        {
            return [];
        }

        TrayForecast before = TrayForecaster.Forecast(plan, Care.BestGuess);
        if (before.Spread.Minutes <= Together)
        {
            return [];
        }

        var tried = new List<FinishProposal>();
        TrayPlan cut = CutToFit(plan, before);
        Try("Cut to fit", cut);
        Try("One after the other", Stagger(plan, before));
        if (!ReferenceEquals(cut, plan))
        {
            Try("Cut to fit, then one after the other", Stagger(cut, TrayForecaster.Forecast(cut, Care.BestGuess)));
        }

        if (OwnTray(plan) is { } apart)
        {
            TrayPlan fitted = CutToFit(apart, TrayForecaster.Forecast(apart, Care.BestGuess));
            Try("Vegetables on their own tray", Stagger(fitted, TrayForecaster.Forecast(fitted, Care.BestGuess)));
        }

        return
        [
            .. tried.Where(proposal => proposal.SpreadAfter < before.Spread.Minutes - 1)
                .OrderBy(proposal => proposal.SpreadAfter + (2 * proposal.DoorOpeningsMore) + (Math.Max(0, proposal.MinutesMore) / 4))
                .DistinctBy(proposal => string.Join(' ', proposal.Changes))
                .Take(Most),
        ];

        void Try(string name, TrayPlan changed)
        {
            TrayPlan coloured = ForColour(changed);
            IReadOnlyList<string> changes = PlanChanges.Between(plan, coloured);
            if (changes.Count == 0 || TrayArranger.Arrange(coloured).Vessels.Any(vessel => vessel.IsOverfull))
            {
                return;
            }

            TrayForecast after = TrayForecaster.Forecast(coloured, Care.BestGuess);
            int doorsBefore = HandsOn.Of(plan, before).DoorOpenings;
            int doors = HandsOn.Of(coloured, after).DoorOpenings;
            tried.Add(new(
                name,
                [.. changes, .. FirstOut(coloured, after)],
                coloured,
                before.Spread.Minutes,
                after.Spread.Minutes,
                doors,
                doors - doorsBefore,
                after.EatMinutes - before.EatMinutes,
                LeadBrowning(after) - LeadBrowning(before)));
        }
    }

    private static double LeadBrowning(TrayForecast forecast)
    {
        LotForecast lead = forecast.Of(forecast.Lead);
        return lead.Curve.Last(point => point.Minutes <= lead.OutMinutes).Browning;
    }

    /// <summary>The moment all should be done: the slowest chicken, or without chicken the slowest vegetable.</summary>
    private static double Wanted(TrayForecast forecast) => forecast.Lots.Where(lot => lot.IsChicken)
        .Select(lot => lot.Ready.MedianMinutes).DefaultIfEmpty(forecast.Spread.LastMinutes).Max();

    /// <summary>Each vegetable in the size, in steps of 5 mm, that is tender nearest to when the chicken is done.</summary>
    private static TrayPlan CutToFit(TrayPlan plan, TrayForecast forecast)
    {
        double wanted = Wanted(forecast);
        var changed = new List<VegetableLot>();
        foreach (VegetableLot lot in plan.Vegetables)
        {
            double awayNow = Math.Abs(forecast.Of(lot.Id).Ready.MedianMinutes - wanted);
            VegetableLot best = lot;
            double bestAway = awayNow - 1;
            if (awayNow > Together / 2)
            {
                foreach (VegetableLot sized in Sizes(lot))
                {
                    double away = Math.Abs(ReadyAlone(plan, sized) - wanted);
                    if (away < bestAway)
                    {
                        (best, bestAway) = (sized, away);
                    }
                }
            }

            changed.Add(best);
        }

        return changed.SequenceEqual(plan.Vegetables) ? plan : plan with { Vegetables = changed };
    }

    private static IEnumerable<VegetableLot> Sizes(VegetableLot lot)
    {
        VegetableFacts facts = VegetableTable.For(lot.Kind);
        bool comesWhole = lot.Cut is VegetableCut.Whole || facts.WallMm is not null;
        if (comesWhole)
        {
            yield break;
        }

        (double lowMm, double highMm) = VegetableCuts.Limits(lot.Cut);
        double nowMm = lot.Size.Millimetres();
        double highest = lot.Cut == VegetableCut.Half ? nowMm : Math.Min(highMm, nowMm + FurthestMm);
        for (double mm = VegetableCuts.StepMm * Math.Ceiling(Math.Max(lowMm, nowMm - FurthestMm) / VegetableCuts.StepMm); mm <= highest; mm += VegetableCuts.StepMm)
        {
            if (Math.Abs(mm - nowMm) > 1)
            {
                yield return lot with { Size = new(mm, LengthUnit.Millimetre) };
            }
        }
    }

    /// <summary>When a vegetable cut like this is tender, its place and company as they are, min.</summary>
    private static double ReadyAlone(TrayPlan plan, VegetableLot lot)
    {
        TrayPlan alone = plan with { Chicken = [], Vegetables = [lot], Steps = [.. plan.Steps] };
        try
        {
            return TrayForecaster.Forecast(alone, new LotSettings(alone, TrayArranger.Arrange(plan)), Care.BestGuess).ToTarget.MedianMinutes;
        }
        catch (LotNeverDoneException)
        {
            return double.PositiveInfinity;
        }
    }

    /// <summary>What is done early goes in later, by the clock in fives.</summary>
    private static TrayPlan Stagger(TrayPlan plan, TrayForecast forecast)
    {
        double last = forecast.Spread.LastMinutes;
        return plan with
        {
            Chicken = [.. plan.Chicken.Select(lot => lot with { AddAtMinutes = Later(lot.Id, lot.AddAtMinutes) })],
            Vegetables = [.. plan.Vegetables.Select(lot => lot with { AddAtMinutes = Later(lot.Id, lot.AddAtMinutes) })],
        };

        int Later(int lot, int now)
        {
            double early = last - forecast.Of(lot).Ready.MedianMinutes;
            return now + (AddEvery * (int)Math.Floor((early / AddEvery) + 0.4));
        }
    }

    private static TrayPlan? OwnTray(TrayPlan plan)
    {
        bool canMove = plan.Vessels.Count == 1 && plan.Chicken.Count > 0 && plan.Vegetables.Count > 0;
        return canMove
            ? plan with
            {
                Vessels = [plan.Vessels[0], Vessel.HalfSheet],
                Vegetables = [.. plan.Vegetables.Select(lot => lot with { Vessel = 1, Place = VegetablePlace.Around })],
                Spots = [.. plan.Spots.Where(spot => plan.Chicken.Any(lot => lot.Id == spot.Lot))],
            }
            : null;
    }

    /// <summary>Foil over what would burn; a hotter oven for what would stay pale.</summary>
    private static TrayPlan ForColour(TrayPlan plan)
    {
        TrayForecast forecast = TrayForecaster.Forecast(plan, Care.BestGuess);
        bool burns = forecast.Lots.Any(lot => lot.Colour == Doneness.SurfaceColour.Burnt);
        return burns && !plan.Steps.Any(step => step.Kind == StepKind.Cover)
            ? plan with { Steps = [.. plan.Steps.Append(new(StepKind.Cover, (int)(0.6 * forecast.PullMinutes))).OrderBy(step => step.AtMinutes)] }
            : plan;
    }

    /// <summary>Which pieces of a mixed lot to look at first.</summary>
    private static IEnumerable<string> FirstOut(TrayPlan plan, TrayForecast forecast) =>
        from lot in plan.Chicken
        let made = forecast.Of(lot.Id)
        let early = made.Ready.MedianMinutes - made.LightestReady
        where early >= 3
        select FormattableString.Invariant($"Probe the lightest {CutTable.For(lot.Cut).Name} first: it is done about {early:0} min before the heaviest and may come out then.");
}
