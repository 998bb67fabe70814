using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Doneness.Safety;

/// <summary>A measured temperature in the middle of one piece, with its own time. Only this, never a prediction, permits serving.</summary>
/// <param name="AtS">Seconds since the first food went in.</param>
/// <param name="Temperature">What the thermometer showed.</param>
public sealed record TimedReading(double AtS, EnteredTemperature Temperature)
{
    /// <summary>°C.</summary>
    public double CoreC => Temperature.ToTemperature().Celsius;
}
