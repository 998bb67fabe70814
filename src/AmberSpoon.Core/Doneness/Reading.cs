using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Doneness;

/// <summary>A measured temperature in the middle of one piece. Only this, never a prediction, permits serving.</summary>
/// <param name="Piece">Which piece, counted from 1.</param>
/// <param name="Temperature">What the thermometer showed, the lowest while it was held there.</param>
/// <param name="HeldSeconds">How long it was watched at or above that, s; 0 for a glance.</param>
public sealed record Reading(int Piece, EnteredTemperature Temperature, int HeldSeconds)
{
    /// <summary>°C.</summary>
    public double CoreC => Temperature.ToTemperature().Celsius;
}
