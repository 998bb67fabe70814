using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Problems;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>Puts a plan, its layout, its forecast and the clock together.</summary>
internal sealed class TrayPlanner(TimeProvider time, TrayAnswers answers)
{
    public DateTimeOffset Now => time.GetUtcNow();

    /// <summary>Lays and answers a plan that is to be saved.</summary>
    /// <param name="plan">As it was asked for.</param>
    /// <param name="units">What a refusal is written in.</param>
    /// <returns>The plan with a place for every piece, and what follows from it; nothing for an empty tray.</returns>
    /// <exception cref="ProblemException">
    /// 400 when it is more than two layers, this oven never gets there, a lot comes too late, or dinner is in the past, too soon or
    /// too far ahead. Too soon carries <c>earliestEatAt</c>, too full <c>offer</c>, so that the page can offer it.
    /// </exception>
    public TrayComputed? Answer(TrayPlan plan, KitchenUnits units)
    {
        if (plan.IsEmpty)
        {
            return null;
        }

        TrayLayout layout = TrayArranger.Arrange(plan);
        RequireFewLayers(plan, layout);
        TrayPlan laid = plan with { Spots = layout.Spots() };
        TrayComputed computed = answers.Of(laid, _ => Computed(laid, layout, Forecast(laid, layout)));
        RequireLotsInTime(laid, computed.Forecast);
        RequireDinnerInTime(laid, computed.Forecast, units);
        _ = computed.Details.Value;
        return computed;
    }

    /// <summary>What follows from a stored plan.</summary>
    /// <exception cref="ProblemException">400 when this oven never gets there.</exception>
    public static TrayComputed Compute(TrayPlan plan)
    {
        TrayLayout layout = TrayArranger.Arrange(plan);
        return Computed(plan, layout, Forecast(plan, layout));
    }

    /// <summary>A stored plan without its dinner where that has passed: what the page shows for it.</summary>
    public TrayPlan WithoutPastDinner(TrayPlan plan) => plan.EatAt < time.GetUtcNow() ? plan with { EatAt = null } : plan;

    /// <summary>The answer for a stored plan, which time may have overtaken.</summary>
    /// <param name="row">The tray.</param>
    /// <param name="computed">What follows from its plan; null while it is empty.</param>
    /// <param name="household">Whose sentences they are, and what it measures with.</param>
    public TrayView View(TrayRow row, TrayComputed? computed, Household household)
    {
        KitchenUnits units = household.Units();
        DateTimeOffset now = time.GetUtcNow();
        if (computed is null)
        {
            return new(row.Id, row.Plan, row.Version, row.CanUndo, row.CanRedo, null, EatAtHasPassed: false, now);
        }

        bool passed = row.Plan.EatAt is { } dinner && DinnerScheduler.BackFrom(dinner, computed.Forecast).InAt < now.AddMinutes(-1);
        DinnerTiming timing = row.Plan.EatAt is { } eatAt && !passed ? DinnerScheduler.BackFrom(eatAt, computed.Forecast) : DinnerScheduler.From(now, computed.Forecast);
        TrayDetails details = computed.Details.Value;
        var answer = new TrayAnswer(
            computed.Forecast, computed.Layout, timing.WithOvenOf(row.Plan), details.Hands, details.Crowding, details.Effects, details.Brush, Cautions(computed, details, household), ForecastReasons.For(computed.Plan, computed.Forecast, units), Overfull(row.Plan, computed.Layout), CoatSteps(row.Plan));
        return new(row.Id, row.Plan, row.Version, row.CanUndo, row.CanRedo, answer, passed, now);
    }

    private static string[] Cautions(TrayComputed computed, TrayDetails details, Household household) =>
        [.. ProbeCautions.For(computed.Plan, household), .. TrayCautions.For(computed.Plan, computed.Forecast, household.Units()), .. CoatCautions.For(computed.Plan, details.Brush?.UntilMinutes)];

    /// <exception cref="ProblemException">400 when this oven never gets there.</exception>
    public static TrayForecast Forecast(TrayPlan plan, TrayLayout? layout = null)
    {
        try
        {
            return TrayForecaster.Forecast(plan, layout ?? TrayArranger.Arrange(plan));
        }
        catch (LotNeverDoneException never)
        {
            throw NeverDone(plan, never);
        }
    }

    public static ProblemException NeverDone(TrayPlan plan, LotNeverDoneException never) => ProblemException.InvalidField(
        "ovenSetting.value",
        plan.Chicken.Any(lot => lot.Id == never.Lot)
            ? $"At {plan.OvenSetting.ToTemperature().Say(plan.OvenSetting.Unit)} the middle of the {NameOf(plan, never.Lot)} does not reach {GoalOf(plan, never.Lot)} within four hours. Choose a hotter oven."
            : $"At {plan.OvenSetting.ToTemperature().Say(plan.OvenSetting.Unit)} the {NameOf(plan, never.Lot)} do not get tender within four hours. Choose a hotter oven, or cut them smaller.");

    private static string GoalOf(TrayPlan plan, int lot)
    {
        EnteredTemperature core = plan.Chicken.First(chicken => chicken.Id == lot).Goal.Core;
        return core.ToTemperature().Say(core.Unit);
    }

    private static string NameOf(TrayPlan plan, int lot) => LotNames.Of(plan, new LotId(lot));

    /// <summary>More than a second layer on top of the first is a heap that no oven gets through evenly.</summary>
    private const double MostTooMuchShare = 1;

    private static void RequireFewLayers(TrayPlan plan, TrayLayout layout)
    {
        for (int v = 0; v < layout.Vessels.Count; v++)
        {
            if (layout.Vessels[v].IsOverfull && layout.Vessels[v].TooMuchShare > MostTooMuchShare)
            {
                bool canAdd = plan.Vessels.Count < TrayPlanLimits.MostVessels;
                throw ProblemException.InvalidField(
                    "vessels",
                    $"{TooMuch(plan, layout, v)}: no oven gets through such a heap evenly. {(canAdd ? "Add a second tray, or take something off." : "Take something off, or use larger trays.")}",
                    canAdd ? new Dictionary<string, object?> { ["offer"] = "secondTray" } : null);
            }
        }
    }

    private static CoatStepView[] CoatSteps(TrayPlan plan) =>
    [
        .. plan.HandSteps().Where(step => step.Coats is not null).Select(step => new CoatStepView(step.AtMinutes, step.Coats!, CoatNames.PutOn(plan, step.Coats!))),
    ];

    /// <summary>Food that lies on top of other food, for each tray that has some: said, and baked as it is.</summary>
    private static OverfullView[] Overfull(TrayPlan plan, TrayLayout layout) =>
    [
        .. layout.Vessels.Index().Where(vessel => vessel.Item.IsOverfull).Select(vessel => new OverfullView(
            vessel.Index,
            $"{TooMuch(plan, layout, vessel.Index)}. What has no room lies on top of the rest: it steams, and takes longer. It is counted as pressed on all sides, and may take longer still.",
            plan.Vessels.Count < TrayPlanLimits.MostVessels)),
    ];

    private static string TooMuch(TrayPlan plan, TrayLayout layout, int v)
    {
        string left = string.Join(" and ", layout.Vessels[v].LeftOver.Select(lot => $"{lot.Pieces} of the {NameOf(plan, lot.Lot)}"));
        string tray = plan.Vessels.Count == 1 ? "this tray" : v == 0 ? "the upper tray" : "the lower tray";
        return $"That is {Math.Max(1, Math.Round(100 * layout.Vessels[v].TooMuchShare)):0} % more than {tray} holds: no room for {left}";
    }

    private static void RequireLotsInTime(TrayPlan plan, TrayForecast forecast)
    {
        int end = forecast.Lots.Max(lot => lot.OutMinutes);
        foreach (LotForecast lot in forecast.Lots.Where(lot => lot.InMinutes >= end))
        {
            throw ProblemException.InvalidField("steps", $"The {NameOf(plan, lot.Lot)} would go in when everything else is out.");
        }

        // What leaves when it is done has left: nothing can be put on it in the oven after that.
        foreach ((int at, CoatRef coat) in plan.HandSteps().SelectMany(step => (step.Coats ?? []).Select(coat => (step.AtMinutes, coat))).Where(coat => coat.AtMinutes >= forecast.Of(coat.coat.Lot).OutMinutes))
        {
            int lot = plan.Chicken.ToList().FindIndex(chicken => chicken.Id == coat.Lot);
            throw ProblemException.InvalidField(
                $"chicken[{lot}].coats[{coat.Index}].atMinutes",
                $"The {NameOf(plan, coat.Lot)} are out by minute {forecast.Of(coat.Lot).OutMinutes}, before minute {at}: put this on earlier, or at the table.");
        }
    }

    private void RequireDinnerInTime(TrayPlan plan, TrayForecast forecast, KitchenUnits units)
    {
        if (plan.EatAt is not { } eatAt)
        {
            return;
        }

        DateTimeOffset now = time.GetUtcNow().ToOffset(eatAt.Offset);
        if (eatAt > now.AddDays(TrayPlanLimits.FurthestEatAtDays))
        {
            throw ProblemException.InvalidField("eatAt", $"Plan dinner within the next {TrayPlanLimits.FurthestEatAtDays} days.");
        }

        DateTimeOffset earliest = DinnerScheduler.EarliestEatAt(now, forecast);
        if (eatAt < now || DinnerScheduler.BackFrom(eatAt, forecast).InAt < now.AddMinutes(-1))
        {
            string sentence = eatAt <= now
                ? $"{units.SayTime(eatAt)} has passed. If the tray goes into a hot oven now, dinner is at {units.SayTime(earliest)}."
                : $"{units.SayTime(eatAt)} is too soon for this tray. If it goes into a hot oven now, dinner is at {units.SayTime(earliest)}.";
            throw ProblemException.InvalidField("eatAt", sentence, new Dictionary<string, object?> { ["earliestEatAt"] = earliest });
        }
    }

    /// <summary>Its details may be asked for by one who leaves before they are there: the next one then begins anew.</summary>
    private static TrayComputed Computed(TrayPlan plan, TrayLayout layout, TrayForecast forecast) =>
        new(plan, layout, forecast, new(() => Details(plan, layout, forecast), LazyThreadSafetyMode.PublicationOnly));

    private static TrayDetails Details(TrayPlan plan, TrayLayout layout, TrayForecast forecast)
    {
        CrowdingCost? crowding = null;
        IReadOnlyList<StepEffect> effects = [];
        BrushAnswer? brush = null;
        Parallel.Invoke(
            () => crowding = CrowdingCost.Of(plan, layout, forecast),
            () => effects = StepEffects.Of(plan, layout, forecast),
            () => brush = IsBrushed(plan) ? new(LastBaste.Minutes(plan, layout, forecast)) : null);
        return new(HandsOn.Of(plan, forecast), crowding, effects, brush);
    }

    /// <summary>Something wet that met raw meat may be brushed on again; a bowl that first goes on in the oven has met none.</summary>
    private static bool IsBrushed(TrayPlan plan) => plan.Chicken.Count > 0
        && (plan.Steps.Any(step => step.Kind == StepKind.Baste)
            || plan.Chicken.Any(lot => lot.Coats.Any(coat => coat.IsOnAtStart() && StackedCoats.IsWet(coat.Kind))));
}
