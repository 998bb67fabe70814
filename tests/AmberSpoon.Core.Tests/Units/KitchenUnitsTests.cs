using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Units;

public sealed class KitchenUnitsTests
{
    private static readonly KitchenUnits Ounces = new(TemperatureUnit.Fahrenheit, MassUnit.Ounce, LengthUnit.Inch, ClockFace.Twelve);

    /// <summary>A pound is 453.592 37 g and has sixteen ounces (NIST Handbook 44, appendix C).</summary>
    [Theory]
    [InlineData(0.4, "0.4 g", "0 oz")]
    [InlineData(7.6, "8 g", "0.3 oz")]
    [InlineData(165, "165 g", "5.8 oz")]
    [InlineData(282, "282 g", "9.9 oz")]
    [InlineData(283, "283 g", "10 oz")]
    [InlineData(439, "439 g", "15 oz")]
    [InlineData(440, "440 g", "1 lb")]
    [InlineData(467, "467 g", "1 lb")]
    [InlineData(469, "469 g", "1 lb 1 oz")]
    [InlineData(999.4, "999 g", "2 lb 3 oz")]
    [InlineData(999.6, "1 kg", "2 lb 3 oz")]
    [InlineData(1000, "1 kg", "2 lb 3 oz")]
    [InlineData(1650, "1.65 kg", "3 lb 10 oz")]
    public void A_mass_is_said_as_the_scale_shows_it(double grams, string metric, string ounces) =>
        Assert.Equal((metric, ounces), (KitchenUnits.Usual.SayMass(grams), Ounces.SayMass(grams)));

    [Theory]
    [InlineData(1, "1 mm", "⅛ in")]
    [InlineData(25, "25 mm", "1 in")]
    [InlineData(38, "38 mm", "1 ½ in")]
    [InlineData(42, "42 mm", "1 ⅝ in")]
    [InlineData(50.8, "51 mm", "2 in")]
    public void A_length_is_said_as_the_ruler_shows_it(double millimetres, string metric, string inches) =>
        Assert.Equal((metric, inches), (KitchenUnits.Usual.SayLength(millimetres), Ounces.SayLength(millimetres)));

    [Theory]
    [InlineData(4, "4 ml", "0.5 tbsp")]
    [InlineData(19, "19 ml", "1.5 tbsp")]
    [InlineData(59, "60 ml", "4 tbsp")]
    [InlineData(60, "60 ml", "¼ cup")]
    [InlineData(100, "100 ml", "⅜ cup")]
    [InlineData(224, "225 ml", "⅞ cup")]
    [InlineData(226, "225 ml", "1 cup")]
    [InlineData(240, "240 ml", "1 cup")]
    [InlineData(270, "270 ml", "1 ¼ cups")]
    [InlineData(303, "305 ml", "1 ¼ cups")]
    public void A_volume_is_said_as_it_is_measured(double millilitres, string metric, string cups) =>
        Assert.Equal((metric, cups), (KitchenUnits.Usual.SayVolume(millilitres), Ounces.SayVolume(millilitres)));

    [Theory]
    [InlineData(0, 5, "00:05", "12:05 am")]
    [InlineData(11, 59, "11:59", "11:59 am")]
    [InlineData(12, 0, "12:00", "12:00 pm")]
    [InlineData(18, 45, "18:45", "6:45 pm")]
    public void A_time_is_said_as_the_clock_shows_it(int hour, int minute, string full, string half)
    {
        var at = new DateTimeOffset(2026, 11, 26, hour, minute, 0, TimeSpan.FromHours(1));
        Assert.Equal((full, half), (KitchenUnits.Usual.SayTime(at), Ounces.SayTime(at)));
    }

    [Fact]
    public void A_price_is_said_for_what_meat_is_sold_by() =>
        Assert.Equal(("7.20 the kilogram", "3.27 the pound"), (KitchenUnits.Usual.SayPrice(7.2m), Ounces.SayPrice(7.2m)));

    [Fact]
    public void A_temperature_is_said_in_whole_degrees() =>
        Assert.Equal(("74 °C", "165 °F"), (KitchenUnits.Usual.Say(new(74)), Ounces.Say(new(73.9))));

    [Theory]
    [InlineData(-17.9, "-18 °C", "0 °F")]
    [InlineData(-0.4, "0 °C", "31 °F")]
    [InlineData(0.4, "0 °C", "33 °F")]
    public void Nothing_is_said_to_be_minus_nothing(double celsius, string metric, string fahrenheit) =>
        Assert.Equal((metric, fahrenheit), (KitchenUnits.Usual.Say(new(celsius)), Ounces.Say(new(celsius))));

    [Theory]
    [InlineData(204, TemperatureUnit.Celsius, "204 °C", "400 °F")]
    [InlineData(201, TemperatureUnit.Celsius, "201 °C", "395 °F")]
    [InlineData(425, TemperatureUnit.Fahrenheit, "220 °C", "425 °F")]
    [InlineData(423, TemperatureUnit.Fahrenheit, "215 °C", "423 °F")]
    public void A_dial_is_said_as_typed_or_as_it_is_marked(double value, TemperatureUnit unit, string metric, string fahrenheit) =>
        Assert.Equal((metric, fahrenheit), (KitchenUnits.Usual.SayDial(new(value, unit)), Ounces.SayDial(new(value, unit))));

    [Fact]
    public void A_surface_is_said_in_squares_of_the_ruler() =>
        Assert.Equal(("9.7 dm²", "150 in²"), (KitchenUnits.Usual.SayArea(9.7), Ounces.SayArea(9.7)));

    [Fact]
    public void A_difference_of_temperatures_is_no_temperature() =>
        Assert.Equal(("5 °C", "9 °F"), (KitchenUnits.Usual.SayDifference(5), Ounces.SayDifference(5)));
}
