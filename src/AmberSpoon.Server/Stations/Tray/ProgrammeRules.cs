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
            Vessel(plan.Vessels![i], $"vessels[{i}]");
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

        if (vessel.MadeOf is not null && !Check.IsChosen(vessel.MadeOf))
        {
            context.Fail($"{at}.madeOf", "Choose light metal, dark metal, or glass and ceramic.");
        }

        if (vessel.Shelf is not null && !Check.IsChosen(vessel.Shelf))
        {
            context.Fail($"{at}.shelf", ThreePlaces);
        }

        if (vessel.Kind == VesselKind.Custom)
        {
            Side(vessel.Width, $"{at}.width.value");
            Side(vessel.Depth, $"{at}.depth.value");
        }

        Liquid(vessel, at);
    }

    /// <summary>What is poured in must stay in: a finger's breadth below the rim, so that it can be carried.</summary>
    private void Liquid(VesselRequest vessel, string at)
    {
        bool isMeasured = vessel.Kind != VesselKind.Custom || (Check.IsPositive(vessel.Width) && Check.IsPositive(vessel.Depth));
        if (vessel.WaterMl is not >= 0)
        {
            context.Fail($"{at}.waterMl", "Write how much is poured in, in ml; 0 for nothing.");
        }
        else if (isMeasured && (vessel with { Rack = false, Parchment = false }).ToVessel() is var made && vessel.WaterMl > made.MostLiquidMl)
        {
            context.Fail($"{at}.waterMl", $"This one holds about {50 * Math.Floor(made.MostLiquidMl / 50):0} ml below its rim with room to carry it. Pour in less, or take a deeper one.");
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

    private const string ThreePlaces = "This oven has three places: near the top, the middle, and low.";

    /// <summary>Grills that have a dial begin here, °C (common practice).</summary>
    private const double LowestGrillC = 150;

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
