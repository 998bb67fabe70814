using AmberSpoon.Core.Households;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Tray;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Kitchen;

internal sealed class HouseholdValidator : AbstractValidator<HouseholdRequest>
{
    private const int LongestName = 40;

    /// <summary>What leads of probes are made to stand, °C (common practice: 200 to 380).</summary>
    private const double LowestProbeLimitC = 100;
    private const double HighestProbeLimitC = 400;

    public HouseholdValidator()
    {
        RuleFor(kitchen => kitchen.Temperature).Must(Check.IsChosen).OverridePropertyName("temperature").WithMessage(Check.Choose);
        RuleFor(kitchen => kitchen.Mass).Must(mass => mass is MassUnit.Gram or MassUnit.Ounce).OverridePropertyName("mass").WithMessage("Choose grams or ounces.");
        RuleFor(kitchen => kitchen.Length).Must(Check.IsChosen).OverridePropertyName("length").WithMessage(Check.Choose);
        RuleFor(kitchen => kitchen.Clock).Must(Check.IsChosen).OverridePropertyName("clock").WithMessage(Check.Choose);
        RuleFor(kitchen => kitchen.Thermometer).Must(Check.IsChosen).OverridePropertyName("thermometer").WithMessage(Check.Choose);
        RuleFor(kitchen => kitchen.Profile).Must(Check.IsChosen).OverridePropertyName("profile").WithMessage("Choose whose safety rule you follow.");
        RuleFor(kitchen => kitchen.Heads).Must(heads => heads is >= 1 and <= Household.MostHeads)
            .OverridePropertyName("heads").WithMessage($"Between 1 and {Household.MostHeads} people eat.");
        RuleFor(kitchen => kitchen).Custom((kitchen, context) =>
        {
            Check.Temperature(context, kitchen.Dial, "dial.value", "oven", TrayPlanLimits.LowestOvenC, TrayPlanLimits.HighestOvenC);
            if (kitchen is { Temperature: { } read, Dial.Unit: { } dialled } && dialled != read)
            {
                context.Fail("dial.unit", "Say how hot the oven is in the unit this kitchen reads.");
            }

            HouseOven[] ovens = Ovens(kitchen, context);
            Vessels(kitchen, ovens, context);
            if (kitchen is { ProbeLimit: not null, Thermometer: ThermometerKind.LeaveIn or ThermometerKind.Both })
            {
                Check.Temperature(context, kitchen.ProbeLimit, "probeLimit.value", "lead of a probe", LowestProbeLimitC, HighestProbeLimitC);
            }

            Cooks(kitchen, context);
        });
    }

    /// <returns>Those that nothing is wrong with.</returns>
    private static HouseOven[] Ovens(HouseholdRequest kitchen, ValidationContext<HouseholdRequest> context)
    {
        if (kitchen.Ovens?.Count is not (>= 1 and <= Household.MostOvens))
        {
            context.Fail("ovens", $"Keep at least one oven, and at most {Household.MostOvens}.");
            return [];
        }

        HouseOven[] ovens = [.. kitchen.Ovens.Select((oven, i) => OvenRules.Require(context, oven, $"ovens[{i}]")).OfType<HouseOven>()];
        if (ovens.Length == kitchen.Ovens.Count && kitchen.Dial is { Value: { } value, Unit: { } unit } && double.IsFinite(value)
            && ovens[0].Highest is { } highest && Temperature.From(value, unit).Celsius > highest.ToTemperature().Celsius + 0.1)
        {
            context.Fail("dial.value", $"The {ovens[0].Name} goes up to {highest.ToTemperature().Say(unit)}.");
        }

        return ovens;
    }

    private static void Vessels(HouseholdRequest kitchen, HouseOven[] ovens, ValidationContext<HouseholdRequest> context)
    {
        if (kitchen.Vessels?.Count is not (>= 1 and <= Household.MostVessels))
        {
            context.Fail("vessels", $"Keep at least one tray or dish, and at most {Household.MostVessels}.");
            return;
        }

        for (int i = 0; i < kitchen.Vessels.Count; i++)
        {
            OwnedVesselRequest? owned = kitchen.Vessels[i];
            if (!IsName(owned?.Name))
            {
                context.Fail($"vessels[{i}].name", $"Give it a name of up to {LongestName} letters.");
            }

            VesselRules.Require(context, owned?.Vessel, $"vessels[{i}]");
            if (ovens.Length > 0)
            {
                OvenRules.StandsIn(context, owned?.Vessel, $"vessels[{i}]", ovens);
            }
        }
    }

    private static void Cooks(HouseholdRequest kitchen, ValidationContext<HouseholdRequest> context)
    {
        if (kitchen.Cooks?.Count > Household.MostCooks)
        {
            context.Fail("cooks", $"At most {Household.MostCooks} cooks.");
        }

        for (int i = 0; i < (kitchen.Cooks?.Count ?? 0); i++)
        {
            if (!IsName(kitchen.Cooks![i]))
            {
                context.Fail($"cooks[{i}]", $"Write a first name of up to {LongestName} letters.");
            }
        }
    }

    private static bool IsName(string? name) => name?.Trim() is { Length: > 0 and <= LongestName } trimmed && !trimmed.Any(char.IsControl);
}
