namespace AmberSpoon.Core.Units;

/// <summary>
/// A temperature as a cook typed it, kept so that 400 °F comes back as 400 °F and not as 204.4 °C.
/// For computing, use <see cref="ToTemperature"/>.
/// </summary>
/// <param name="Value">The number as typed, in <paramref name="Unit"/>.</param>
public sealed record EnteredTemperature(double Value, TemperatureUnit Unit)
{
    public Temperature ToTemperature() => Temperature.From(Value, Unit);
}
