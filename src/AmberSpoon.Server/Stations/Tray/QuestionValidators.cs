using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Ways;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>Checks that a school of tending says all of itself.</summary>
internal sealed class TendingValidator : AbstractValidator<TendingRequest>
{
    public TendingValidator()
    {
        RuleFor(school => school.Heat).Must(Check.IsChosen).OverridePropertyName("heat").WithMessage(Check.Choose);
        RuleFor(school => school.Turning).Must(Check.IsChosen).OverridePropertyName("turning").WithMessage(Check.Choose);
        RuleFor(school => school.Basting).Must(Check.IsChosen).OverridePropertyName("basting").WithMessage(Check.Choose);
        RuleFor(school => school.DrainsJuices).NotNull().OverridePropertyName("drainsJuices").WithMessage(Check.Choose);
    }
}

/// <summary>Checks which ways are to stand side by side.</summary>
internal sealed class CompareValidator : AbstractValidator<CompareRequest>
{
    public CompareValidator() => RuleFor(compare => compare.Ways).Cascade(CascadeMode.Stop)
        .Must(ways => ways is { Count: >= WayComparer.Fewest and <= WayComparer.Most } && ways.Distinct().Count() == ways.Count)
        .WithMessage($"Choose {WayComparer.Fewest} to {WayComparer.Most} different ways.")
        .Must(ways => ways!.All(way => ReadyWays.Find(way) is not null)).WithMessage("That is not one of the ways.")
        .OverridePropertyName("ways");
}

/// <summary>Checks a recipe's oven and time.</summary>
internal sealed class RecipeValidator : AbstractValidator<RecipeRequest>
{
    public const int LongestMinutes = 240;

    public RecipeValidator()
    {
        RuleFor(recipe => recipe.Oven).Custom((oven, context) => Check.Temperature(
            context, oven, "oven.value", "recipe’s oven", TrayPlanLimits.LowestOvenC, TrayPlanLimits.HighestOvenC));
        RuleFor(recipe => recipe.Minutes).InclusiveBetween(1, LongestMinutes).NotNull()
            .OverridePropertyName("minutes").WithMessage($"Write the recipe’s time, 1 to {LongestMinutes} min.");
        RuleFor(recipe => recipe).Custom((recipe, context) => Stages(recipe, context));
    }

    /// <summary>As many turns of the dial as any recipe has.</summary>
    private const int MostStages = 4;

    private static void Stages(RecipeRequest recipe, ValidationContext<RecipeRequest> context)
    {
        IReadOnlyList<RecipeStageRequest> stages = recipe.Then ?? [];
        if (stages.Count > MostStages)
        {
            context.Fail("then", $"A recipe turns the dial {MostStages} times at most.");
            return;
        }

        for (int i = 0; i < stages.Count; i++)
        {
            int after = i == 0 ? 0 : stages[i - 1]?.AfterMinutes ?? 0;
            if (stages[i]?.AfterMinutes is not { } minutes || minutes <= after || minutes >= recipe.Minutes)
            {
                context.Fail($"then[{i}].afterMinutes", "Write after how many minutes the dial is turned, before the recipe’s time is over.");
            }

            Check.Temperature(context, stages[i]?.Oven, $"then[{i}].oven.value", "recipe’s oven", TrayPlanLimits.LowestOvenC, TrayPlanLimits.HighestOvenC);
        }
    }
}
