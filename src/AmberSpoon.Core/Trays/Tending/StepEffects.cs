using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Trays.Tending;

/// <summary>
/// What each decision does to the lead: the same tray with and without it. Foil that goes on and comes off again is one
/// decision, told under the step that puts it on.
/// </summary>
public static class StepEffects
{
    /// <param name="plan">A plan with at least one lot.</param>
    /// <param name="layout">Where its pieces lie.</param>
    /// <param name="forecast">What it leads to.</param>
    /// <returns>One per decision the plan has, in order of its first step.</returns>
    public static IReadOnlyList<StepEffect> Of(TrayPlan plan, TrayLayout layout, TrayForecast forecast)
    {
        StepKind[] kinds = [.. plan.Steps.Select(step => step.Kind == StepKind.Uncover ? StepKind.Cover : step.Kind).Distinct()];
        var effects = new StepEffect[kinds.Length];
        TrayPlan alone = OnlyLead(plan, forecast.Lead);
        Parallel.For(0, kinds.Length, i => effects[i] = Of(alone, layout, forecast, kinds[i]));
        return effects;
    }

    private static StepEffect Of(TrayPlan alone, TrayLayout layout, TrayForecast forecast, StepKind kind)
    {
        TrayPlan without = alone with { Steps = [.. alone.Steps.Where(step => !BelongsTo(kind, step.Kind))] };
        LotForecast with = forecast.Of(forecast.Lead);
        int times = Math.Max(1, alone.Steps.Count(step => step.Kind == kind));
        try
        {
            LotForecast bare = TrayForecaster.Forecast(without, layout, Care.BestGuess).Lots[0];

            // Colour at the same moment, or what is done later would look like what is browned less.
            double outAt = Math.Min(with.OutMinutes, bare.OutMinutes);
            CurvePoint there = with.Curve.Last(point => point.Minutes <= outAt);
            CurvePoint bareThere = bare.Curve.Last(point => point.Minutes <= outAt);
            return new(
                kind, times, with.Ready.MedianMinutes - bare.Ready.MedianMinutes, there.Browning - bareThere.Browning, there.BrowningUnder - bareThere.BrowningUnder);
        }
        catch (LotNeverDoneException)
        {
            return new(kind, times, null, 0, 0);
        }
    }

    /// <summary>Foil that comes off belongs to foil that goes on.</summary>
    private static bool BelongsTo(StepKind kind, StepKind other) => kind == other || (kind == StepKind.Cover && other == StepKind.Uncover);

    private static TrayPlan OnlyLead(TrayPlan plan, int lead) => plan with
    {
        Chicken = [.. plan.Chicken.Where(lot => lot.Id == lead).Select(lot => lot.OnlyHeaviest())],
        Vegetables = [.. plan.Vegetables.Where(lot => lot.Id == lead)],
    };
}

/// <param name="Kind">What is done; of foil on and off, on.</param>
/// <param name="Times">How often.</param>
/// <param name="MinutesAdded">Minutes it adds until the lead is done; below 0 it saves some; null where without it the lead is never done.</param>
/// <param name="BrowningAdded">What it adds to the browning of the upper side by then, in units of <see cref="Doneness.Kinetics.Browning"/>.</param>
/// <param name="BrowningUnderAdded">And to the side it lay on.</param>
public sealed record StepEffect(StepKind Kind, int Times, double? MinutesAdded, double BrowningAdded, double BrowningUnderAdded);
