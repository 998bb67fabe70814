using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What is wrong with an oven, of a plan or of the kitchen.</summary>
internal static class OvenRules
{
    /// <summary>A shelf's shortest and longest side, mm: from a small one on the counter to a range's.</summary>
    private const double SmallestMm = 200;
    private const double LargestMm = 800;

    /// <returns>The oven, or null where something is wrong with it.</returns>
    public static HouseOven? Require<T>(ValidationContext<T> context, OvenRequest? oven, string at)
    {
        if (oven is null)
        {
            context.Fail($"{at}.name", "Name the oven.");
            return null;
        }

        bool isWrong = false;
        if (oven.Name?.Trim() is not { Length: > 0 and <= HouseOven.LongestName } name || name.Any(char.IsControl))
        {
            Wrong("name", $"Give the oven a name of up to {HouseOven.LongestName} letters.");
        }

        if (oven.Air is not (OvenMode.Still or OvenMode.Fan))
        {
            Wrong("air", "Choose still or fan.");
        }

        if (oven.Shelves is not (null or (>= 1 and <= HouseOven.MostShelves)))
        {
            Wrong("shelves", $"Trays can stand on 1 to {HouseOven.MostShelves} shelves at once.");
        }

        if (oven.PreheatMinutes is not (null or (>= HouseOven.ShortestPreheatMinutes and <= HouseOven.LongestPreheatMinutes)))
        {
            Wrong("preheatMinutes", $"It is hot after {HouseOven.ShortestPreheatMinutes} to {HouseOven.LongestPreheatMinutes} minutes.");
        }

        Dial(oven.Lowest, "lowest");
        Dial(oven.Highest, "highest");
        Offset(oven.RunsHotBy);
        Side(oven.Width, "width");
        Side(oven.Depth, "depth");
        if (!isWrong && oven is { Lowest: { } low, Highest: { } high } && low.ToEntered().ToTemperature().Celsius >= high.ToEntered().ToTemperature().Celsius)
        {
            Wrong("highest", "Its hottest is hotter than its coolest: swap the two.");
        }

        return isWrong ? null : oven.ToOven();

        void Wrong(string field, string sentence)
        {
            isWrong = true;
            context.Fail($"{at}.{field}", sentence);
        }

        void Dial(TemperatureRequest? dial, string field)
        {
            if (dial is not null && !Check.Temperature(context, dial, $"{at}.{field}.value", "oven", TrayPlanLimits.LowestOvenC, TrayPlanLimits.HighestOvenC))
            {
                isWrong = true;
            }
        }

        void Offset(DifferenceRequest? offset)
        {
            if (offset is not null && (offset is not { Value: { } value, Unit: { } unit } || !double.IsFinite(value) || !Enum.IsDefined(unit)
                || Math.Abs(offset.ToEntered().DegreesC()) > HouseOven.MostOffsetC))
            {
                double most = offset.Unit == TemperatureUnit.Fahrenheit ? HouseOven.MostOffsetC * 9 / 5 : HouseOven.MostOffsetC;
                Wrong("runsHotBy.value", $"Write by how many degrees it differs from its dial, up to {most:0}; an oven further off needs mending.");
            }
        }

        void Side(LengthRequest? side, string field)
        {
            if (side is not null && (!Check.IsPositive(side) || side.ToEntered().Millimetres() is < SmallestMm or > LargestMm))
            {
                Wrong($"{field}.value", $"Measure a shelf: {side.Say(SmallestMm)} to {side.Say(LargestMm)}.");
            }
        }
    }

    /// <summary>What is wrong with a plan because of the oven that it bakes in.</summary>
    public static void Fits(ValidationContext<TrayPlanRequest> context, TrayPlanRequest plan, HouseOven oven)
    {
        WithinDial(context, plan.OvenSetting, "ovenSetting.value", oven);
        if (plan.OvenMode == OvenMode.Grill && !oven.HasGrill)
        {
            context.Fail("ovenMode", $"The {oven.Name} has no grill: bake, or choose another oven.");
        }

        if (plan.Vessels?.Count > oven.Shelves)
        {
            context.Fail("vessels", $"In the {oven.Name} one tray at a time has room: bake in turns, or choose another oven.");
        }

        for (int i = 0; i < (plan.Steps?.Count ?? 0); i++)
        {
            if (plan.Steps![i] is not { } step)
            {
                continue;
            }

            if (step.Kind == StepKind.Grill && !oven.HasGrill)
            {
                context.Fail($"steps[{i}].kind", $"The {oven.Name} has no grill.");
            }
            else if (step.Kind == StepKind.Lower)
            {
                WithinDial(context, step.Setting, $"steps[{i}].setting.value", oven);
            }
        }

        for (int i = 0; i < (plan.Vessels?.Count ?? 0); i++)
        {
            StandsIn(context, plan.Vessels![i], $"vessels[{i}]", [oven]);
        }
    }

    /// <summary>A vessel must stand in one of these ovens.</summary>
    public static void StandsIn<T>(ValidationContext<T> context, VesselRequest? vessel, string at, IReadOnlyList<HouseOven> ovens)
    {
        if (vessel is null || !Check.IsChosen(vessel.Kind) || (vessel.Kind == VesselKind.Custom && !(Check.IsPositive(vessel.Width) && Check.IsPositive(vessel.Depth))))
        {
            return;
        }

        (double widthMm, double depthMm) = (vessel with { Rack = false, Parchment = false, WaterMl = 0 }).ToVessel().Floor();
        if (!ovens.Any(oven => oven.Takes(widthMm, depthMm)))
        {
            string field = vessel.Kind == VesselKind.Custom ? $"{at}.width.value" : $"{at}.kind";
            context.Fail(field, ovens is [{ } only] ? $"It is bigger than a shelf of the {only.Name}: take a smaller one." : "It is bigger than the shelves of your ovens: take a smaller one.");
        }
    }

    private static void WithinDial(ValidationContext<TrayPlanRequest> context, TemperatureRequest? setting, string field, HouseOven oven)
    {
        if (setting is not { Value: { } value, Unit: { } unit } || !double.IsFinite(value))
        {
            return;
        }

        double celsius = Temperature.From(value, unit).Celsius;
        if (oven.Highest is { } highest && celsius > highest.ToTemperature().Celsius + 0.1)
        {
            context.Fail(field, $"The {oven.Name} goes up to {highest.ToTemperature().Say(unit)}.");
        }
        else if (oven.Lowest is { } lowest && celsius < lowest.ToTemperature().Celsius - 0.1)
        {
            context.Fail(field, $"The {oven.Name} goes down to {lowest.ToTemperature().Say(unit)}.");
        }
    }
}
