using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Doneness;

/// <summary>
/// A reading that looks typed in the other unit: 74 while the thermometer is set to °F, or 165 while it is set to °C.
/// Nobody guesses; the cook is asked.
/// </summary>
/// <param name="AsTyped">What was typed.</param>
/// <param name="Otherwise">The same number in the other unit.</param>
public sealed record UnitQuestion(EnteredTemperature AsTyped, EnteredTemperature Otherwise)
{
    /// <summary>Middles that cooks bother to measure lie between these, °C.</summary>
    private const double LowestLikelyC = 50;
    private const double HighestLikelyC = ReadingLimits.HottestMeatC;

    /// <returns>The question to ask, or null where the reading makes sense as typed.</returns>
    public static UnitQuestion? For(EnteredTemperature typed)
    {
        EnteredTemperature otherwise = typed with
        {
            Unit = typed.Unit == TemperatureUnit.Celsius ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius,
        };
        return !IsLikely(typed) && IsLikely(otherwise) ? new(typed, otherwise) : null;
    }

    private static bool IsLikely(EnteredTemperature reading) =>
        reading.ToTemperature().Celsius is >= LowestLikelyC and <= HighestLikelyC;
}
