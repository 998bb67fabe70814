using System.Collections.Concurrent;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>Answers a plan: how long, how sure, and what each middle does meanwhile.</summary>
public static class TrayForecaster
{
    /// <summary>No tray is followed for longer than this, s.</summary>
    public const double LongestBakeS = 4 * 3600;

    /// <summary>The same with the layout that follows from the plan.</summary>
    public static TrayForecast Forecast(TrayPlan plan, Care care = Care.Full) => Forecast(plan, TrayArranger.Arrange(plan), care);

    /// <param name="plan">A plan within <see cref="TrayPlanLimits"/> with at least one lot.</param>
    /// <param name="layout">Where its pieces lie.</param>
    /// <param name="care">With bands, or the best guess alone.</param>
    /// <exception cref="LotNeverDoneException">Some lot never gets there.</exception>
    public static TrayForecast Forecast(TrayPlan plan, TrayLayout layout, Care care = Care.Full) => Forecast(plan, new LotSettings(plan, layout), care);

    /// <param name="plan">A plan within <see cref="TrayPlanLimits"/> with at least one lot.</param>
    /// <param name="settings">What its lots meet.</param>
    /// <param name="care">With bands, or the best guess alone.</param>
    /// <exception cref="LotNeverDoneException">Some lot never gets there.</exception>
    public static TrayForecast Forecast(TrayPlan plan, LotSettings settings, Care care) =>
        // A lot alone waits for nobody.
        Forecast(plan, settings, care, care == Care.Full || plan.Chicken.Count + plan.Vegetables.Count > 1);

    /// <inheritdoc cref="Forecast(TrayPlan, LotSettings, Care)"/>
    internal static TrayForecast Forecast(TrayPlan plan, LotSettings settings, Care care, bool withWindows)
    {
        SafetyProfile profile = SafetyProfiles.For(plan.Profile);
        LotRuns[] lots =
        [
            .. plan.Chicken.Select(lot => LotRuns.Of(lot, settings, profile.RuleFor(lot.IsStuffed), care, withWindows)),
            .. plan.Vegetables.Select(lot => LotRuns.Of(lot, settings, care, withWindows)),
        ];
        AllAtOnce(lots.SelectMany(lot => lot.ToGoal()));
        AllAtOnce(lots.Select(lot => (Action)lot.ToGoalTogether));
        TrayLeaving leaving = TrayLeaving.Of(plan, lots);
        AllAtOnce(lots.SelectMany(lot => lot.ToEnd(leaving.OutMinutes(lot), leaving.EatMinutes)));

        LotForecast[] forecasts = [.. lots.Select(lot => lot.Forecast(leaving.OutMinutes(lot), leaving.EatMinutes))];
        LotForecast lead = forecasts.First(forecast => forecast.Lot == leaving.Lead.Value);
        HeatSample peak = lots.First(lot => lot.Lot == leaving.Lead).Nominal(lead.OutMinutes).PeakFrom(0);
        return new(
            leaving.Lead.Value,
            lead.Piece,
            lead.Ready,
            leaving.PullMinutes,
            FirstCheckMinutes: Math.Max(1, (int)Math.Floor(lead.Ready.LowMinutes)),
            plan.RestMinutes,
            peak.ColdestC,
            lead.InMinutes + (peak.TimeS / 60),
            leaving.EatMinutes,
            FinishSpread.Of([.. forecasts.Select(forecast => (forecast.Lot, forecast.Ready.MedianMinutes, forecast.LightestReady))]),
            [.. lead.Curve.Where(point => point.Minutes <= leaving.PullMinutes + plan.RestMinutes)],
            forecasts)
        {
            Together = GoodWindow.Together([.. lots.Zip(forecasts).Where(pair => !pair.First.LeavesWhenDone).Select(pair => pair.Second.Good).OfType<GoodWindow>()]),
            ApartMinutes = leaving.ApartMinutes,
        };
    }

    /// <summary>Work of very different lengths: each processor takes the next when it is free.</summary>
    private static void AllAtOnce(IEnumerable<Action> work) => Parallel.ForEach(
        Partitioner.Create(work.ToList(), EnumerablePartitionerOptions.NoBuffering), action => action());
}
