using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Households;

/// <summary>What a household's own thermometer does not stand of a plan.</summary>
public static class ProbeCautions
{
    /// <returns>One sentence, or none.</returns>
    public static IReadOnlyList<string> For(TrayPlan plan, Household household)
    {
        if (household.ProbeLimit is not { } limit || household.Thermometer is not (ThermometerKind.LeaveIn or ThermometerKind.Both) || plan.Chicken.Count == 0)
        {
            return [];
        }

        KitchenUnits units = household.Units();
        if (plan.OvenMode == OvenMode.Grill || plan.Steps.Any(step => step.Kind == StepKind.Grill))
        {
            return [$"The lead of your probe stands {units.SayDial(limit)}, and a grill's element is far hotter: take the probe out before the grill is on, and measure afterwards."];
        }

        EnteredTemperature hottest = plan.Steps.Where(step => step.Kind == StepKind.Lower).Select(step => step.Setting!)
            .Append(plan.OvenSetting).MaxBy(dial => dial.ToTemperature().Celsius)!;
        return hottest.ToTemperature().Celsius > limit.ToTemperature().Celsius
            ? [$"The lead of your probe stands {units.SayDial(limit)}, and the oven goes to {units.SayDial(hottest)}: leave it out of the oven, and measure with it when the tray is out."]
            : [];
    }
}
