using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays.Tending;

/// <summary>A school's steps at times that fit how long this tray takes.</summary>
public static class SchoolSteps
{
    /// <summary>First basting where there is time for it, and then every so often, min (common practice).</summary>
    private const int FirstBaste = 30;
    private const int BasteEvery = 12;

    /// <summary>Nothing is done to food that is about to come out, min.</summary>
    private const int LastCall = 5;

    private const int GrillFor = 4;

    /// <summary>The two stages lie this far apart, °C (common practice: 218 then 177).</summary>
    private const double StageDropC = 41;

    /// <summary>
    /// The plan with this school's steps in place of its own. Steps change how long it takes, so they are placed twice.
    /// </summary>
    /// <exception cref="LotNeverDoneException">Tended like this, some lot never gets there.</exception>
    public static TrayPlan Adopt(TrayPlan plan, TendingSchool school)
    {
        TrayPlan tended = plan with { Steps = [] };
        for (int i = 0; i < 2; i++)
        {
            int pull = TrayForecaster.Forecast(tended, Care.BestGuess).PullMinutes;
            tended = plan with { Steps = For(school, pull, plan.OvenSetting) };
        }

        // Whatever still lies beyond the end would be refused.
        int end = TrayForecaster.Forecast(tended, Care.BestGuess).PullMinutes;
        return tended with { Steps = [.. tended.Steps.Where(step => step.AtMinutes + (step.ForMinutes ?? 1) <= end)] };
    }

    /// <param name="school">What the cook holds right.</param>
    /// <param name="pullMinutes">How long the chicken takes.</param>
    /// <param name="oven">What the dial says at first.</param>
    public static IReadOnlyList<PlannedStep> For(TendingSchool school, int pullMinutes, EnteredTemperature oven)
    {
        var steps = new List<PlannedStep>();
        int latest = pullMinutes - LastCall;

        // Whatever hands do at the food waits until its foil is off: once it is, they do it in one go.
        int open = school.Heat == HeatSchool.CoveredThenOpen ? Share(0.65) : 0;
        switch (school.Heat)
        {
            case HeatSchool.TwoStage:
                double lowerC = Math.Max(TrayPlanLimits.LowestOvenC, oven.ToTemperature().Celsius - StageDropC);
                steps.Add(new(StepKind.Lower, Share(0.4), RoundedToDial(lowerC, oven.Unit)));
                break;
            case HeatSchool.CoveredThenOpen:
                steps.Add(new(StepKind.Cover, 0));
                steps.Add(new(StepKind.Uncover, open));
                break;
            case HeatSchool.GrillFinish:
                steps.Add(new(StepKind.Grill, Math.Max(1, pullMinutes - GrillFor), ForMinutes: GrillFor));
                break;
        }

        steps.AddRange(Times(school.Turning, Share(0.5), Math.Max(6, pullMinutes / 4), Math.Max(6, pullMinutes / 4)).Select(at => new PlannedStep(StepKind.Turn, at)));
        int firstBaste = pullMinutes > FirstBaste + BasteEvery ? FirstBaste : Share(0.45);
        steps.AddRange(Times(school.Basting, Share(0.6), firstBaste, BasteEvery).Select(at => new PlannedStep(StepKind.Baste, at)));
        if (school.DrainsJuices)
        {
            steps.Add(new(StepKind.Drain, Math.Max(open, Math.Min(FirstBaste, Share(0.65)))));
        }

        return [.. steps.OrderBy(step => step.AtMinutes)];

        int Share(double share) => Math.Max(1, (int)Math.Round(share * pullMinutes));

        IEnumerable<int> Times(HowOften often, int once, int first, int every) => often switch
        {
            HowOften.Never => [],
            HowOften.Once => [Math.Max(open, once)],
            _ => Enumerable.Range(0, 1 + (Math.Max(0, latest - Math.Max(open, first)) / every)).Select(n => Math.Max(open, first) + (n * every)).Where(at => at <= latest),
        };
    }

    private static EnteredTemperature RoundedToDial(double celsius, TemperatureUnit unit) =>
        new(5 * Math.Round(new Temperature(celsius).In(unit) / 5), unit);
}
