using AmberSpoon.Core.Trays;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What is wrong with a vessel, of a plan or of the kitchen.</summary>
internal static class VesselRules
{
    public static void Require<T>(ValidationContext<T> context, VesselRequest? vessel, string at)
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
            context.Fail($"{at}.shelf", ProgrammeRules.ThreePlaces);
        }

        if (vessel.Kind == VesselKind.Custom)
        {
            Side(context, vessel.Width, $"{at}.width.value");
            Side(context, vessel.Depth, $"{at}.depth.value");
        }

        Liquid(context, vessel, at);
    }

    /// <summary>What is poured in must stay in: a finger's breadth below the rim, so that it can be carried.</summary>
    private static void Liquid<T>(ValidationContext<T> context, VesselRequest vessel, string at)
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

    private static void Side<T>(ValidationContext<T> context, LengthRequest? side, string field)
    {
        if (!Check.IsPositive(side) || side!.ToEntered().Millimetres() is < TrayPlanLimits.SmallestVesselMm or > TrayPlanLimits.LargestVesselMm)
        {
            context.Fail(field, $"Measure the floor inside: {side.Say(TrayPlanLimits.SmallestVesselMm)} to {side.Say(TrayPlanLimits.LargestVesselMm)}.");
        }
    }
}
