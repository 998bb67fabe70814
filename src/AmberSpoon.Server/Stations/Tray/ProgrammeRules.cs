using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What is wrong with the vessels and steps of a plan.</summary>
internal sealed class ProgrammeRules(TrayPlanRequest plan, ValidationContext<TrayPlanRequest> context)
{
    public void Run()
    {
        for (int i = 0; i < (plan.Vessels?.Count ?? 0); i++)
        {
            VesselRules.Require(context, plan.Vessels![i], $"vessels[{i}]");
        }

        OvenAtStart();
        GentleOven(plan.OvenSetting, "ovenSetting.value");
        if (plan.Vessels is [{ Shelf: { } first }, { Shelf: { } second }] && first == second)
        {
            context.Fail("vessels[1].shelf", "Two trays do not fit on one shelf: put this one higher or lower.");
        }

        // In order of time, but named by where they stand in the request.
        bool isCovered = false;
        foreach ((StepRequest? step, int i) in (plan.Steps ?? []).Select((step, i) => (step, i)).OrderBy(step => step.step?.AtMinutes ?? 0))
        {
            isCovered = Step(step, $"steps[{i}]", isCovered);
        }
    }

    private void OvenAtStart()
    {
        if (plan.OvenAtStart is { } start)
        {
            Check.Temperature(context, start, "ovenAtStart.value", "oven when the food goes in", TrayPlanLimits.ColdestStartC, TrayPlanLimits.HighestOvenC);
        }
    }

    /// <summary>A filling warms too slowly in a gentle oven.</summary>
    private void GentleOven(TemperatureRequest? setting, string field)
    {
        bool isStuffed = plan.Chicken?.Any(LotRules.IsStuffed) ?? false;
        if (isStuffed && setting is { Value: { } value, Unit: { } unit } && double.IsFinite(value)
            && Math.Round(Temperature.From(value, unit).Celsius, 1) is >= TrayPlanLimits.LowestOvenC and < TrayPlanLimits.LowestStuffedOvenC)
        {
            context.Fail(field, $"Stuffed meat warms too slowly below {new Temperature(TrayPlanLimits.LowestStuffedOvenC).Say(unit)}: its filling would be lukewarm for hours. Choose a hotter oven.");
        }
    }

    private void Grill(StepRequest step, string at)
    {
        if (step.ForMinutes is not (>= 1 and <= TrayPlanLimits.LongestGrillMinutes))
        {
            context.Fail($"{at}.forMinutes", $"Grill for 1 to {TrayPlanLimits.LongestGrillMinutes} min, and stay with it.");
        }

        if (step.Setting is { } setting)
        {
            Check.Temperature(context, setting, $"{at}.setting.value", "grill", LowestGrillC, TrayPlanLimits.HighestOvenC);
        }

        if (step.Shelf is not null && !Check.IsChosen(step.Shelf))
        {
            context.Fail($"{at}.shelf", ThreePlaces);
        }
    }

    private void Shelf(StepRequest step, string at)
    {
        if (!Check.IsChosen(step.Shelf))
        {
            context.Fail($"{at}.shelf", ThreePlaces);
        }

        if ((step.Vessel ?? 0) < 0 || (step.Vessel ?? 0) >= (plan.Vessels?.Count ?? 0))
        {
            context.Fail($"{at}.vessel", "There is no such tray.");
        }
    }

    public const string ThreePlaces = "This oven has three places: near the top, the middle, and low.";

    /// <summary>Grills that have a dial begin here, °C (common practice).</summary>
    private const double LowestGrillC = 150;

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
            case StepKind.Coat:
                context.Fail($"{at}.kind", "A coat goes on by itself: write it into the coats of its food, with its minute.");
                break;
            case StepKind.Shelf:
                Shelf(step, at);
                break;
            case StepKind.Lower:
                Check.Temperature(context, step.Setting, $"{at}.setting.value", "oven", TrayPlanLimits.LowestOvenC, TrayPlanLimits.HighestOvenC);
                GentleOven(step.Setting, $"{at}.setting.value");
                break;
            case StepKind.Grill:
                Grill(step, at);
                break;
        }

        return step.Kind switch { StepKind.Cover => true, StepKind.Uncover => false, _ => isCovered };
    }
}
