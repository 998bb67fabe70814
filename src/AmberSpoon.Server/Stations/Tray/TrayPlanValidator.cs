using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>Checks a plan field by field, then whether mass, count and height make a possible piece.</summary>
internal sealed class TrayPlanValidator : AbstractValidator<TrayPlanRequest>
{
    private const string Choose = "Choose one.";

    public TrayPlanValidator()
    {
        RuleFor(plan => plan.Name).Must(name => name?.Trim().Length is > 0 and <= TrayPlanLimits.LongestName)
            .OverridePropertyName("name").WithMessage($"Give the tray a name of up to {TrayPlanLimits.LongestName} letters.");
        RuleFor(plan => plan.Cut).Must(IsChosen).OverridePropertyName("cut").WithMessage("Choose a cut.");
        RuleFor(plan => plan.SkinOn).NotNull().OverridePropertyName("skinOn").WithMessage("Say whether the skin is on.");
        RuleFor(plan => plan.Count).Must(count => count is >= 1 and <= TrayPlanLimits.MostPieces)
            .OverridePropertyName("count").WithMessage($"Between 1 and {TrayPlanLimits.MostPieces} pieces fit this plan.");
        RuleFor(plan => plan.Mass).Must(mass => mass is { Value: > 0, Unit: not null } && double.IsFinite(mass.Value.Value))
            .OverridePropertyName("mass.value").WithMessage("Write the mass as a number above 0.");
        RuleFor(plan => plan.MassBasis).Must(IsChosen).OverridePropertyName("massBasis").WithMessage(Choose);
        RuleFor(plan => plan.StartFrom).Must(IsChosen).OverridePropertyName("startFrom").WithMessage(Choose);
        RuleFor(plan => plan.StartFrom).NotEqual(StartingPoint.Frozen).OverridePropertyName("startFrom").WithMessage(
            "Frozen chicken cooks too unevenly to plan safely: the outside is done while the middle is ice. Thaw it in the fridge first, about a day for a pack.");
        RuleFor(plan => plan.OvenMode).Must(IsChosen).OverridePropertyName("ovenMode").WithMessage(Choose);
        RuleFor(plan => plan.OvenMode).NotEqual(OvenMode.Grill).OverridePropertyName("ovenMode").WithMessage(
            "The grill burns the top long before the middle is done: choose still or fan.");
        RuleFor(plan => plan.OvenSetting).Custom((oven, context) => CheckTemperature(
            context, oven, "ovenSetting.value", "oven", TrayPlanLimits.LowestOvenC, TrayPlanLimits.HighestOvenC));
        RuleFor(plan => plan.Profile).Must(IsChosen).OverridePropertyName("profile").WithMessage(Choose);
        RuleFor(plan => plan.TargetCore).Custom((target, context) => CheckTemperature(
            context, target, "targetCore.value", "middle", TrayPlanLimits.LowestTargetC, TrayPlanLimits.HighestTargetC));
        RuleFor(plan => plan.RestMinutes).Must(minutes => minutes is >= 0 and <= TrayPlanLimits.LongestRestMinutes)
            .OverridePropertyName("restMinutes").WithMessage($"Rest for 0 to {TrayPlanLimits.LongestRestMinutes} minutes.");
        RuleFor(plan => plan).Custom(CheckPieceIsPossible);
    }

    private static bool IsChosen<TChoice>(TChoice? choice)
        where TChoice : struct, Enum => choice is { } chosen && Enum.IsDefined(chosen);

    private static void CheckTemperature(
        ValidationContext<TrayPlanRequest> context, TemperatureRequest? typed, string field, string what, double lowestC, double highestC)
    {
        if (typed is not { Value: { } value, Unit: { } unit } || !double.IsFinite(value))
        {
            context.AddFailure(field, "Write a temperature as a number.");
            return;
        }

        if (IsWithin(unit))
        {
            return;
        }

        TemperatureUnit other = unit == TemperatureUnit.Celsius ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius;
        string range = $"{new Temperature(lowestC).Say(unit)} to {new Temperature(highestC).Say(unit)}";
        context.AddFailure(field, IsWithin(other)
            ? $"{value:0.#} is outside {range}. Did you mean {value:0.#} {(other == TemperatureUnit.Celsius ? "°C" : "°F")}? Then change the unit."
            : $"For the {what}, choose {range}.");

        bool IsWithin(TemperatureUnit asUnit) =>
            Math.Round(Temperature.From(value, asUnit).Celsius, 1) is var celsius && celsius >= lowestC && celsius <= highestC;
    }

    private static void CheckPieceIsPossible(TrayPlanRequest plan, ValidationContext<TrayPlanRequest> context)
    {
        bool heightUsable = plan.Height is { Value: > 0, Unit: not null } && double.IsFinite(plan.Height.Value.Value);
        if (plan.Height is not null && !heightUsable)
        {
            context.AddFailure("height.value", "Write the height as a number above 0, or leave it empty.");
        }

        if (plan is not { Cut: { } cut, Count: > 0 and <= TrayPlanLimits.MostPieces, Mass: { Value: > 0, Unit: not null }, MassBasis: not null }
            || !Enum.IsDefined(cut))
        {
            return;
        }

        CutFacts facts = CutTable.For(cut);
        double packG = new EnteredMass(plan.Mass.Value.Value, plan.Mass.Unit.Value).Grams();
        double pieceG = plan.MassBasis == MassBasis.Pack ? packG / plan.Count.Value : packG;
        (double lowG, double highG) = TrayPlanLimits.PieceMass(facts);
        if (!(pieceG >= lowG && pieceG <= highG))
        {
            context.AddFailure("mass.value", $"That makes {SayGrams(pieceG)} for one {facts.Name}; between {lowG:0} g and {highG:0} g is possible. Check the mass, the count, and pack or piece.");
            return;
        }

        (double lowMm, double highMm) = TrayPlanLimits.Height(facts, pieceG);
        if (heightUsable && new EnteredLength(plan.Height!.Value!.Value, plan.Height.Unit!.Value).Millimetres() is var mm && !(mm >= lowMm && mm <= highMm))
        {
            context.AddFailure("height.value", $"A {facts.Name} of {pieceG:0} g stands between {lowMm:0} and {highMm:0} mm ({lowMm / 25.4:0.0} to {highMm / 25.4:0.0} in) tall. Measure the thickest one again.");
        }
    }

    private static string SayGrams(double grams) => grams switch
    {
        < 10 => $"{grams:0.#} g",
        < 10_000 => $"{grams:0} g",
        < 1e9 => $"{grams / 1000:0} kg",
        _ => "far too much",
    };
}
