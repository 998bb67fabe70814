using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Doneness.Safety;

/// <summary>
/// A limit as an authority prints it, in both units. Authorities round each by itself (74 °C and 165 °F stand side by
/// side though 165 °F is 73.9 °C), so a reading is held against the number printed in its own unit.
/// </summary>
/// <param name="Celsius">The printed °C.</param>
/// <param name="Fahrenheit">The printed °F.</param>
public sealed record PublishedLimit(double Celsius, double Fahrenheit)
{
    /// <summary>How far a limit's two printed numbers may lie apart, °C.</summary>
    public const double RoundingC = 0.1;

    public bool IsMetBy(EnteredTemperature reading) => reading.Value >= In(reading.Unit);

    public double In(TemperatureUnit unit) => unit == TemperatureUnit.Celsius ? Celsius : Fahrenheit;

    public string Say(TemperatureUnit unit) => unit == TemperatureUnit.Celsius ? $"{Celsius:0.#} °C" : $"{Fahrenheit:0.#} °F";
}
