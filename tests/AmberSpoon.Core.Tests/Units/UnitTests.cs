using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Units;

/// <summary>Constants from NIST Special Publication 811, appendix B (from memory).</summary>
public sealed class UnitTests
{
    [Theory]
    [InlineData(32, 0)]
    [InlineData(212, 100)]
    [InlineData(165, 73.889)]
    [InlineData(400, 204.444)]
    [InlineData(-40, -40)]
    public void Fahrenheit_agrees_with_nist(double fahrenheit, double celsius) =>
        Assert.Equal(celsius, Temperature.From(fahrenheit, TemperatureUnit.Fahrenheit).Celsius, 0.001);

    [Fact]
    public void A_temperature_goes_there_and_back() => Gen.Double[-50, 400].Sample(value =>
        Math.Abs(Temperature.From(value, TemperatureUnit.Fahrenheit).In(TemperatureUnit.Fahrenheit) - value) < 1e-9);

    [Theory]
    [InlineData(1, MassUnit.Pound, 453.59237)]
    [InlineData(16, MassUnit.Ounce, 453.59237)]
    [InlineData(1.2, MassUnit.Kilogram, 1200)]
    [InlineData(5, MassUnit.Gram, 5)]
    public void Masses_agree_with_nist(double value, MassUnit unit, double grams) =>
        Assert.Equal(grams, new EnteredMass(value, unit).Grams(), 1e-6);

    [Fact]
    public void An_inch_is_25_4_mm()
    {
        Assert.Equal(38.1, new EnteredLength(1.5, LengthUnit.Inch).Millimetres(), 1e-9);
        Assert.Equal(38, new EnteredLength(38, LengthUnit.Millimetre).Millimetres());
    }

    [Theory]
    [InlineData(73, 74)]
    [InlineData(74, 74)]
    [InlineData(75, 74)]
    public void Temperatures_compare_by_their_degrees(double leftC, double rightC)
    {
        var left = new Temperature(leftC);
        var right = new Temperature(rightC);
        Assert.Equal(leftC < rightC, left < right);
        Assert.Equal(leftC > rightC, left > right);
        Assert.Equal(leftC <= rightC, left <= right);
        Assert.Equal(leftC >= rightC, left >= right);
        Assert.Equal(leftC.CompareTo(rightC), left.CompareTo(right));
    }

    [Fact]
    public void An_amount_is_multiplied_by_its_number()
    {
        Assert.Equal(6, new Amount(4, MeasureUnit.Gram).Times(1.5).Value);
        Assert.Equal(MeasureUnit.Gram, new Amount(4, MeasureUnit.Gram).Times(1.5).Unit);
    }

    [Theory]
    [InlineData(73.888, TemperatureUnit.Fahrenheit, "165 °F")]
    [InlineData(73.888, TemperatureUnit.Celsius, "74 °C")]
    public void Temperatures_are_said_in_whole_degrees(double celsius, TemperatureUnit unit, string said) =>
        Assert.Equal(said, new Temperature(celsius).Say(unit));
}
