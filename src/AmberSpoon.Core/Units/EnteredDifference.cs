namespace AmberSpoon.Core.Units;

/// <summary>
/// How much hotter one thing is than another, as a cook typed it. It has no zero of its own: 9 °F of difference is 5 °C of
/// difference. For a temperature use <see cref="EnteredTemperature"/>.
/// </summary>
/// <param name="Value">The number as typed, in degrees of <paramref name="Unit"/>; below 0 for colder.</param>
public sealed record EnteredDifference(double Value, TemperatureUnit Unit)
{
    /// <summary>The difference in degrees Celsius.</summary>
    public double DegreesC() => Unit == TemperatureUnit.Fahrenheit ? Value * 5 / 9 : Value;
}
