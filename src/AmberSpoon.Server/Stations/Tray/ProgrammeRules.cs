using AmberSpoon.Core.Trays;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What is wrong with the vessels and steps of a plan.</summary>
internal sealed class ProgrammeRules(TrayPlanRequest plan, ValidationContext<TrayPlanRequest> context)
{
    public void Run()
    {
        for (int i = 0; i < (plan.Vessels?.Count ?? 0); i++)
        {
            Vessel(plan.Vessels![i], $"vessels[{i}]");
        }

        // In order of time, but named by where they stand in the request.
        bool isCovered = false;
        foreach ((StepRequest? step, int i) in (plan.Steps ?? []).Select((step, i) => (step, i)).OrderBy(step => step.step?.AtMinutes ?? 0))
        {
            isCovered = Step(step, $"steps[{i}]", isCovered);
        }
    }

    private void Vessel(VesselRequest? vessel, string at)
    {
        if (vessel is null || !Check.IsChosen(vessel.Kind))
        {
            context.Fail($"{at}.kind", Check.Choose);
            return;
        }

        if (vessel.Rack is null || vessel.Parchment is null)
        {
            context.Fail(vessel.Rack is null ? $"{at}.rack" : $"{at}.parchment", Check.Choose);
        }

        if (vessel.WaterMl is not (>= 0 and <= TrayPlanLimits.MostWaterMl))
        {
            context.Fail($"{at}.waterMl", $"Pour in 0 to {TrayPlanLimits.MostWaterMl:0} ml.");
        }

        if (vessel.Kind == VesselKind.Custom)
        {
            Side(vessel.Width, $"{at}.width.value");
            Side(vessel.Depth, $"{at}.depth.value");
        }
    }

    private void Side(LengthRequest? side, string field)
    {
        if (!Check.IsPositive(side) || side!.ToEntered().Millimetres() is < TrayPlanLimits.SmallestVesselMm or > TrayPlanLimits.LargestVesselMm)
        {
            context.Fail(field, $"Measure the floor inside: {TrayPlanLimits.SmallestVesselMm:0} to {TrayPlanLimits.LargestVesselMm:0} mm.");
        }
    }

    /// <returns>Whether foil lies over the food after it.</returns>
    private bool Step(StepRequest? step, string at, bool isCovered)
    {
        if (step is null || !Check.IsChosen(step.Kind))
        {
            context.Fail($"{at}.kind", Check.Choose);
            return isCovered;
        }

        if (!Check.IsMinute(step.AtMinutes))
        {
            context.Fail($"{at}.atMinutes", $"Do it 0 to {TrayPlanLimits.LatestStepMinutes} min after the start.");
            return isCovered;
        }

        switch (step.Kind)
        {
            case StepKind.Cover when isCovered:
                context.Fail($"{at}.kind", "There is foil over it already.");
                break;
            case StepKind.Uncover when !isCovered:
                context.Fail($"{at}.kind", "There is no foil over it then: put it on in an earlier step.");
                break;
            case StepKind.Baste or StepKind.Grill or StepKind.Turn when isCovered:
                context.Fail($"{at}.kind", "There is foil over it then: take it off first.");
                break;
            case StepKind.Swap when plan.Vessels?.Count != TrayPlanLimits.MostVessels:
                context.Fail($"{at}.kind", "There is only one tray: nothing to swap with.");
                break;
            case StepKind.Lower:
                Check.Temperature(context, step.Setting, $"{at}.setting.value", "oven", TrayPlanLimits.LowestOvenC, TrayPlanLimits.HighestOvenC);
                break;
            case StepKind.Grill when step.ForMinutes is not (>= 1 and <= 20):
                context.Fail($"{at}.forMinutes", "Grill for 1 to 20 min, and stay with it.");
                break;
        }

        return step.Kind switch { StepKind.Cover => true, StepKind.Uncover => false, _ => isCovered };
    }
}
