namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>What a plan asks of the cook while the food is in the oven.</summary>
/// <param name="DoorOpenings">How often the door is opened before the chicken is out, that time included.</param>
/// <param name="Minutes">Minutes of work at the oven.</param>
public sealed record HandsOn(int DoorOpenings, double Minutes)
{
    private const double AddMinutes = 1;
    private const double SecondsPerPiece = 8;

    public static HandsOn Of(TrayPlan plan, TrayForecast forecast)
    {
        int[] arrivals = [.. plan.Chicken.Select(lot => lot.AddAtMinutes).Concat(plan.Vegetables.Select(lot => lot.AddAtMinutes)).Where(at => at > 0).Distinct()];
        int[] departures = [.. forecast.Lots.Select(lot => lot.OutMinutes).Distinct()];
        int[] tended = [.. plan.HandSteps().Where(NeedsTheDoor).Select(step => step.AtMinutes).Where(at => at > 0).Distinct()];
        double minutes = (AddMinutes * (arrivals.Length + departures.Length)) + plan.HandSteps().Sum(step => MinutesOf(step.Kind, plan));
        return new(arrivals.Concat(departures).Concat(tended).Distinct().Count(), minutes);
    }

    private static bool NeedsTheDoor(PlannedStep step) => step.Kind is not (StepKind.Lower or StepKind.Grill);

    /// <summary>Common practice.</summary>
    private static double MinutesOf(StepKind kind, TrayPlan plan) => kind switch
    {
        StepKind.Lower or StepKind.Grill => 0.2,
        StepKind.Turn => 0.5 + (SecondsPerPiece * plan.Count / 60),
        StepKind.Baste or StepKind.Coat => 0.5 + (SecondsPerPiece * plan.Count / 120),
        _ => 0.75,
    };
}
