using AmberSpoon.Core.Doneness.Kinetics;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness.Kinetics;

public sealed class SurfaceTests
{
    /// <summary>Softening: ten times as fast for 33 °C more, one minute a minute at 100 °C (Mansfield's cook value, from memory).</summary>
    [Theory]
    [InlineData(100, 1.0)]
    [InlineData(133, 10.0)]
    [InlineData(67, 0.1)]
    public void Cook_value_goes_tenfold_in_33_degrees(double celsius, double minutesAMinute) =>
        Assert.Equal(minutesAMinute / 60, CookValue.RatePerS(celsius), 1e-9);

    /// <summary>Arrhenius with 80 kJ/mol (crusts in baking literature, from memory): from 150 to 180 °C 4.5 times as fast.</summary>
    [Fact]
    public void Browning_quickens_with_heat_as_crusts_do()
    {
        Assert.Equal(Math.Exp(80_000 / 8.314 * ((1 / 423.15) - (1 / 453.15))), Browning.RatePerS(180) / Browning.RatePerS(150), 1e-6);
        Assert.Equal(4.51, Browning.RatePerS(180) / Browning.RatePerS(150), 0.02);
        Assert.Equal(1.0 / 72, Browning.RatePerS(150), 1e-9);
        Assert.Equal(0, Browning.RatePerS(89.9));
        Assert.True(Browning.RatePerS(90) > 0);
    }

    [Theory]
    [InlineData(0.74, SurfaceColour.Pale)]
    [InlineData(0.75, SurfaceColour.Golden)]
    [InlineData(2.99, SurfaceColour.Golden)]
    [InlineData(3, SurfaceColour.Deep)]
    [InlineData(8.99, SurfaceColour.Deep)]
    [InlineData(9, SurfaceColour.Burnt)]
    public void A_colour_begins_at_its_number(double browning, SurfaceColour colour) => Assert.Equal(colour, SurfaceColours.Of(browning));
}
