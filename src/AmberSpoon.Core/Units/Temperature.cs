using System.Globalization;

namespace AmberSpoon.Core.Units;

/// <summary>
/// A point on the temperature scale. Use it wherever a temperature crosses a boundary; inside a numerical
/// loop use a <c>double</c> whose name ends in <c>C</c>. It is never a difference of temperatures: those are
/// plain numbers named <c>…DifferenceC</c>, because 10 °C of difference is 18 °F and not 50 °F.
/// </summary>
/// <param name="Celsius">Degrees Celsius.</param>
public readonly record struct Temperature(double Celsius) : IComparable<Temperature>
{
    public double Fahrenheit => (Celsius * 9 / 5) + 32;

    public static Temperature From(double value, TemperatureUnit unit) => unit switch
    {
        TemperatureUnit.Celsius => new(value),
        TemperatureUnit.Fahrenheit => new((value - 32) * 5 / 9),
        _ => throw new ArgumentOutOfRangeException(nameof(unit), unit, null),
    };

    public double In(TemperatureUnit unit) => unit == TemperatureUnit.Celsius ? Celsius : Fahrenheit;

    /// <summary>Text for a cook, in whole degrees unless <paramref name="decimals"/> says more: "74 °C", "165 °F", and never "-0 °F".</summary>
    public string Say(TemperatureUnit unit, int decimals = 0) =>
        (Math.Round(In(unit), decimals, MidpointRounding.AwayFromZero) + 0.0).ToString("F" + decimals, CultureInfo.InvariantCulture)
        + (unit == TemperatureUnit.Celsius ? " °C" : " °F");

    public int CompareTo(Temperature other) => Celsius.CompareTo(other.Celsius);

    public static bool operator <(Temperature left, Temperature right) => left.Celsius < right.Celsius;
    public static bool operator >(Temperature left, Temperature right) => left.Celsius > right.Celsius;
    public static bool operator <=(Temperature left, Temperature right) => left.Celsius <= right.Celsius;
    public static bool operator >=(Temperature left, Temperature right) => left.Celsius >= right.Celsius;
}
