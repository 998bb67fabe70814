using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays;

/// <summary>What a careful friend would say about a plan before the oven is on.</summary>
public static class TrayCautions
{
    public static IReadOnlyList<string> For(TrayPlan plan)
    {
        var cautions = new List<string>();
        if (plan.Chicken.Any(lot => lot.StartFrom == StartingPoint.Counter))
        {
            cautions.Add("Keep raw chicken out for 2 hours at most, 1 hour when the kitchen is above 32 °C (90 °F).");
        }

        SafetyProfile profile = SafetyProfiles.For(plan.Profile);
        Temperature target = plan.TargetCore.ToTemperature();
        if (target.Celsius < profile.AimC - 0.1)
        {
            string aim = new Temperature(profile.AimC).Say(plan.TargetCore.Unit);
            cautions.Add($"{target.Say(plan.TargetCore.Unit)} counts on the rest to reach {aim}. You will be asked for a second reading before serving.");
        }

        return cautions;
    }
}
