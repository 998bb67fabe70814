using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays.Together;

/// <summary>
/// Proposes the smallest changes that give all lots one moment at which each is at its best: other cut sizes, later additions, a
/// second tray, a little more or less heat. A tray that has such a moment needs none: dark meat is simply left in until the
/// potatoes are tender. Each proposal is computed whole, with its own layout, before it is offered.
/// </summary>
public sealed class FinishPlanner
{
    private readonly IForecasts _forecasts;

    internal FinishPlanner(IForecasts forecasts) => _forecasts = forecasts;

    /// <summary>Nobody changes a plan for less, min.</summary>
    private const double WorthIt = 1;

    private const int Most = 3;

    /// <summary>A second tray to fetch and to wash weighs as much as so many minutes of waiting.</summary>
    private const double TrayCost = 3;

    /// <summary>Cooks look at the clock in steps of this, min.</summary>
    private const int AddEvery = 5;

    /// <summary>Proposed ovens stay in what cooks use for chicken pieces, °C (common practice).</summary>
    private const double CoolestC = 170;
    private const double HottestC = 240;

    /// <summary>No piece is cut more than this much larger or smaller, mm.</summary>
    private const double FurthestMm = 10;

    /// <summary>What makes all good together first, and of those the smallest change; empty where all is good together anyway.</summary>
    public static IReadOnlyList<FinishProposal> Propose(TrayPlan plan) => new FinishPlanner(new EngineForecasts()).Of(plan);

    internal IReadOnlyList<FinishProposal> Of(TrayPlan plan)
    {
        if (plan.Chicken.Count + plan.Vegetables.Count < 2)
        {
            return [];
        }

        Baked before = Bake(plan);
        if (before.Forecast.ApartMinutes < WorthIt)
        {
            return [];
        }

        var tried = new List<(FinishProposal Proposal, double Cost)>();
        Baked cut = CutToFit(before);
        Try("Cut to fit", cut);
        Try("One after the other", Stagger(before));
        if (cut != before)
        {
            Try("Cut to fit, then one after the other", Stagger(cut));
        }

        if (OtherOven(before) is { } oven)
        {
            Try("A little hotter or cooler", CutToFit(oven));
        }

        if (plan.Vessels.Count == 1 && plan.Chicken.Count > 0 && plan.Vegetables.Count > 0)
        {
            TrayPlan apart = plan.WithVegetablesApart();
            Try("Vegetables on their own tray", Stagger(CutToFit(Bake(apart))));
        }

        return
        [
            .. tried.Where(one => one.Proposal.ApartAfter < before.Forecast.ApartMinutes - WorthIt)
                .Where(one => !tried.Any(other => IsWorse(one.Proposal, other.Proposal)))
                .OrderByDescending(one => one.Proposal.ApartAfter < WorthIt)
                .ThenBy(one => one.Cost)
                .Select(one => one.Proposal)
                .DistinctBy(proposal => string.Join(' ', proposal.Changes))
                .Take(Most),
        ];

        void Try(string name, Baked changed)
        {
            Baked after = ForColour(changed);
            IReadOnlyList<string> changes = PlanChanges.Between(plan, after.Plan);
            if (changes.Count == 0 || after.Layout.Vessels.Any(vessel => vessel.IsOverfull))
            {
                return;
            }

            int doorsBefore = HandsOn.Of(plan, before.Forecast).DoorOpenings;
            int doors = HandsOn.Of(after.Plan, after.Forecast).DoorOpenings;
            var proposal = new FinishProposal(
                name,
                [.. changes, .. FirstOut(after.Plan, after.Forecast)],
                after.Plan,
                before.Forecast.ApartMinutes,
                after.Forecast.ApartMinutes,
                after.Forecast.Together,
                doors,
                doors - doorsBefore,
                after.Forecast.EatMinutes - before.Forecast.EatMinutes,
                LeadBrowning(after.Forecast) - LeadBrowning(before.Forecast));

            // The smallest change is the best: a minute of waiting, a change to make, half a door and four minutes of dinner weigh alike.
            tried.Add((proposal, proposal.ApartAfter + (2 * changes.Count) + (2 * proposal.DoorOpeningsMore) + (Math.Max(0, proposal.MinutesMore) / 4)
                + (TrayCost * (after.Plan.Vessels.Count - plan.Vessels.Count))));
        }
    }

    /// <summary>Another has things as near together, sooner, and with as few openings of the door.</summary>
    private static bool IsWorse(FinishProposal one, FinishProposal other) =>
        other.ApartAfter <= one.ApartAfter + WorthIt
        && other.MinutesMore < one.MinutesMore - WorthIt
        && other.DoorOpenings <= one.DoorOpenings
        && other.Changes.Count < one.Changes.Count;

    /// <summary>A plan laid and followed once.</summary>
    private sealed record Baked(TrayPlan Plan, TrayLayout Layout, TrayForecast Forecast);

    private Baked Bake(TrayPlan plan)
    {
        TrayLayout layout = TrayArranger.Arrange(plan);
        return new(plan with { Spots = layout.Spots() }, layout, _forecasts.Of(plan, layout));
    }

    private static double LeadBrowning(TrayForecast forecast)
    {
        LotForecast lead = forecast.Of(forecast.Lead);
        return lead.Curve.Last(point => point.Minutes <= lead.OutMinutes).Browning;
    }

    /// <summary>When all should be good: while the chicken is, or on a tray without chicken when the slowest vegetable is.</summary>
    private static MinuteSpan Wanted(TrayForecast forecast)
    {
        MinuteSpan[] chicken = [.. forecast.Lots.Where(lot => lot.IsChicken).Select(GoodOf)];
        if (chicken.Length == 0)
        {
            return new(forecast.Spread.LastMinutes, forecast.Spread.LastMinutes);
        }

        double from = chicken.Max(span => span.FromMinutes);
        return new(from, Math.Max(from, chicken.Min(span => span.UntilMinutes)));
    }

    /// <summary>From when it is done until it is no longer at its best.</summary>
    private static MinuteSpan GoodOf(LotForecast lot) => new(
        lot.Ready.MedianMinutes, Math.Max(lot.Ready.MedianMinutes, lot.Good?.BestUntilMinutes ?? lot.Good?.PastMinutes ?? lot.Ready.MedianMinutes));

    /// <summary>How long one waits for the other, min; 0 where they meet.</summary>
    private static double Away(MinuteSpan one, MinuteSpan other) =>
        Math.Max(0, Math.Max(one.FromMinutes - other.UntilMinutes, other.FromMinutes - one.UntilMinutes));

    /// <summary>Each vegetable that misses the chicken in the size, in steps of 5 mm, that meets it: of several, the nearest to its own.</summary>
    private Baked CutToFit(Baked baked)
    {
        MinuteSpan wanted = Wanted(baked.Forecast);
        var sized = baked.Plan.Vegetables.ToArray();
        Parallel.For(0, sized.Length, i =>
        {
            VegetableLot lot = sized[i];
            double awayNow = Away(GoodOf(baked.Forecast.Of(lot.Id)), wanted);
            if (awayNow >= WorthIt)
            {
                (VegetableLot Lot, double Away) best = Sizes(lot)
                    .Select(other => (Lot: other, Away: GoodAlone(baked, other) is { } good ? Away(good, wanted) : double.PositiveInfinity))
                    .DefaultIfEmpty((lot, awayNow))
                    .OrderBy(other => Math.Round(other.Item2))
                    .ThenBy(other => Math.Abs(other.Item1.Size.Millimetres() - lot.Size.Millimetres()))
                    .First();
                sized[i] = best.Away < awayNow - WorthIt ? best.Lot : lot;
            }
        });
        return sized.SequenceEqual(baked.Plan.Vegetables) ? baked : Bake(baked.Plan with { Vegetables = sized });
    }

    /// <summary>Nobody dices finer than this for a tray, mm.</summary>
    private const double FinestMm = 10;

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
        for (double mm = VegetableCuts.StepMm * Math.Ceiling(Math.Max(Math.Max(lowMm, FinestMm), nowMm - FurthestMm) / VegetableCuts.StepMm); mm <= highest; mm += VegetableCuts.StepMm)
        {
            if (Math.Abs(mm - nowMm) > 1)
            {
                yield return lot with { Size = new(mm, LengthUnit.Millimetre) };
            }
        }
    }

    /// <summary>When a vegetable cut like this is good, its place and company as they are; null where this oven never gets there.</summary>
    private MinuteSpan? GoodAlone(Baked baked, VegetableLot lot) => _forecasts.Alone(baked.Plan, baked.Layout, lot) is { } made ? GoodOf(made) : null;

    /// <summary>What would be past its best goes in later, by the clock in fives.</summary>
    private Baked Stagger(Baked baked)
    {
        double last = baked.Forecast.Spread.LastMinutes;
        return Bake(baked.Plan with
        {
            Chicken = [.. baked.Plan.Chicken.Select(lot => lot with { AddAtMinutes = Later(lot.Id, lot.AddAtMinutes) })],
            Vegetables = [.. baked.Plan.Vegetables.Select(lot => lot with { AddAtMinutes = Later(lot.Id, lot.AddAtMinutes) })],
        });

        int Later(int lot, int now)
        {
            MinuteSpan good = GoodOf(baked.Forecast.Of(lot));
            double early = last - good.FromMinutes;
            return good.UntilMinutes >= last ? now : now + (AddEvery * (int)Math.Floor((early / AddEvery) + 0.4));
        }
    }

    /// <summary>The oven, up to 20 °C hotter or cooler, in which lots are good nearest to each other; null where none is better.</summary>
    private Baked? OtherOven(Baked baked)
    {
        EnteredTemperature now = baked.Plan.OvenSetting;
        double step = now.Unit == TemperatureUnit.Celsius ? 10 : 20;
        Baked? best = null;
        foreach (double by in new[] { -2, -1, 1, 2 })
        {
            var set = new EnteredTemperature(now.Value + (by * step), now.Unit);
            if (set.ToTemperature().Celsius is < CoolestC or > HottestC)
            {
                continue;
            }

            Baked tried = Bake(baked.Plan with { OvenSetting = set });
            if (tried.Forecast.ApartMinutes < (best ?? baked).Forecast.ApartMinutes - 0.5)
            {
                best = tried;
            }
        }

        return best;
    }

    /// <summary>Foil over what would burn.</summary>
    private Baked ForColour(Baked baked)
    {
        bool burns = baked.Forecast.Lots.Any(lot => lot.Colour == Doneness.Kinetics.SurfaceColour.Burnt);
        return burns && !baked.Plan.Steps.Any(step => step.Kind == StepKind.Cover)
            ? Bake(baked.Plan with
            {
                Steps = [.. baked.Plan.Steps.Append(new(StepKind.Cover, (int)(0.6 * baked.Forecast.PullMinutes))).OrderBy(step => step.AtMinutes)],
            })
            : baked;
    }

    /// <summary>Which pieces of a mixed lot to look at first.</summary>
    private static IEnumerable<string> FirstOut(TrayPlan plan, TrayForecast forecast) =>
        from lot in plan.Chicken
        let made = forecast.Of(lot.Id)
        let early = made.Ready.MedianMinutes - made.LightestReady
        where early >= 3
        select FormattableString.Invariant($"Probe the lightest {CutTable.For(lot.Cut).Name} first: it is done about {early:0} min before the heaviest and may come out then.");
}
