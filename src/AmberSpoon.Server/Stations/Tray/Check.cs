using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>Checks that many fields share.</summary>
internal static class Check
{
    public const string Choose = "Choose one.";

    public static bool IsChosen<TChoice>(TChoice? choice)
        where TChoice : struct, Enum => choice is { } chosen && Enum.IsDefined(chosen);

    public static bool IsPositive(MassRequest? mass) => mass is { Value: > 0, Unit: not null } && double.IsFinite(mass.Value.Value);

    public static bool IsPositive(LengthRequest? length) => length is { Value: > 0, Unit: not null } && double.IsFinite(length.Value.Value);

    /// <returns>Whether nothing is wrong with it.</returns>
    public static bool Temperature<TRequest>(
        ValidationContext<TRequest> context, TemperatureRequest? typed, string field, string what, double lowestC, double highestC)
    {
        if (typed is not { Value: { } value, Unit: { } unit } || !double.IsFinite(value))
        {
            context.Fail(field, "Write a temperature as a number.");
            return false;
        }

        if (IsWithin(unit))
        {
            return true;
        }

        TemperatureUnit other = unit == TemperatureUnit.Celsius ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius;
        string range = $"{new Temperature(lowestC).Say(unit)} to {new Temperature(highestC).Say(unit)}";
        context.Fail(field, IsWithin(other)
            ? $"{value:0.#} is outside {range}. Did you mean {value:0.#} {(other == TemperatureUnit.Celsius ? "°C" : "°F")}? Then change the unit."
            : $"For the {what}, choose {range}.");
        return false;

        bool IsWithin(TemperatureUnit asUnit) =>
            Math.Round(Core.Units.Temperature.From(value, asUnit).Celsius, 1) is var celsius && celsius >= lowestC && celsius <= highestC;
    }

    public static bool IsMinute(int? minutes) => minutes is >= 0 and <= TrayPlanLimits.LatestStepMinutes;

    /// <summary>Says what is wrong with a field of what is being checked, an event in a list as well as a whole plan.</summary>
    public static void Fail<TRequest>(this ValidationContext<TRequest> context, string field, string sentence) =>
        context.AddFailure(field, sentence);
}
