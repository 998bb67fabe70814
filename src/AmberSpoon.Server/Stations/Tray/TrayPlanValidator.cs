using AmberSpoon.Core.Trays;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>Checks a plan field by field, then each lot, vessel and step.</summary>
internal sealed class TrayPlanValidator : AbstractValidator<TrayPlanRequest>
{
    public TrayPlanValidator()
    {
        RuleFor(plan => plan.Name).Must(name => name?.Trim().Length is > 0 and <= TrayPlanLimits.LongestName)
            .OverridePropertyName("name").WithMessage($"Give the tray a name of up to {TrayPlanLimits.LongestName} letters.");
        RuleFor(plan => plan.Chicken).NotNull().OverridePropertyName("chicken").WithMessage("Send the lots of chicken, even if there are none.");
        RuleFor(plan => plan.Vegetables).NotNull().OverridePropertyName("vegetables").WithMessage("Send the vegetables, even if there are none.");
        RuleFor(plan => plan.Steps).Must(steps => steps?.Count <= TrayPlanLimits.MostSteps)
            .OverridePropertyName("steps").WithMessage($"Plan up to {TrayPlanLimits.MostSteps} steps.");
        RuleFor(plan => plan.Vessels).Must(vessels => vessels?.Count is >= 1 and <= TrayPlanLimits.MostVessels)
            .OverridePropertyName("vessels").WithMessage("Plan one tray or two.");
        RuleFor(plan => plan).Must(plan => (plan.Chicken?.Count ?? 0) + (plan.Vegetables?.Count ?? 0) <= TrayPlanLimits.MostLots)
            .OverridePropertyName("chicken").WithMessage($"Up to {TrayPlanLimits.MostLots} lots fit one evening.");
        RuleFor(plan => plan.OvenMode).Must(Check.IsChosen).OverridePropertyName("ovenMode").WithMessage(Check.Choose);
        RuleFor(plan => plan.OvenSetting).Custom((oven, context) => Check.Temperature(
            context, oven, "ovenSetting.value", "oven", TrayPlanLimits.LowestOvenC, TrayPlanLimits.HighestOvenC));
        RuleFor(plan => plan.Profile).Must(Check.IsChosen).OverridePropertyName("profile").WithMessage(Check.Choose);
        RuleFor(plan => plan.TargetCore).Custom((target, context) => Check.Temperature(
            context, target, "targetCore.value", "middle", TrayPlanLimits.LowestTargetC, TrayPlanLimits.HighestTargetC)).When(plan => plan.TargetCore is not null);
        RuleFor(plan => plan.RestMinutes).Must(minutes => minutes is >= 0 and <= TrayPlanLimits.LongestRestMinutes)
            .OverridePropertyName("restMinutes").WithMessage($"Rest for 0 to {TrayPlanLimits.LongestRestMinutes} minutes.");
        RuleFor(plan => plan.StayUntilMinutes).Must(minutes => minutes is null or (>= 1 and <= TrayPlanLimits.LatestStepMinutes))
            .OverridePropertyName("stayUntilMinutes").WithMessage($"Keep it in for 1 to {TrayPlanLimits.LatestStepMinutes} min, or leave this empty.");
        RuleFor(plan => plan).Custom((plan, context) =>
        {
            new LotRules(plan, context).Run();
            new ProgrammeRules(plan, context).Run();
            if (plan.Oven is not null && OvenRules.Require(context, plan.Oven, "oven") is { } oven)
            {
                OvenRules.Fits(context, plan, oven);
            }
        });
    }
}
