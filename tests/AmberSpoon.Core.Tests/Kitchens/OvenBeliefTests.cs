using System.Text.Json;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Kitchens;

/// <summary>Whatever was learnt, stored or restored: what is believed of an oven is within what an oven can be.</summary>
public sealed class OvenBeliefTests
{
    private static readonly double[] Nobody = [1, 0, 0, 0, 1, 0, 0, 0, 1];

    [Theory]
    [InlineData(12.0, 40)]
    [InlineData(-99999.0, -40)]
    [InlineData(double.NaN, 0)]
    [InlineData(1.0, 9.36)]
    public void An_offset_is_forty_degrees_at_most(double mean, double offsetC) => Assert.Equal(offsetC, new OvenBelief(3, [mean, 0, 0], Nobody).OffsetC, 0.01);

    [Theory]
    [InlineData(40, 1.6, 2)]
    [InlineData(-40, 0.6, 0.5)]
    public void Exchange_and_evaporation_have_limits(double mean, double exchange, double evaporation)
    {
        var belief = new OvenBelief(3, [0, mean, mean], Nobody);
        Assert.Equal((exchange, evaporation), (Math.Round(belief.ExchangeFactor, 6), Math.Round(belief.EvaporationFactor, 6)));
        Assert.InRange(Math.Abs(belief.ActsHotterByC), 0, 40);
        Assert.True(belief.IsAtLimit);
        Assert.False(OvenBelief.Unknown(12).IsAtLimit);
    }

    [Fact]
    public void What_is_not_whole_is_an_oven_nobody_knows()
    {
        OvenBelief read = JsonSerializer.Deserialize<OvenBelief>("""{"Bakes":4,"Mean":[1],"Spread":[-1,0,0,0,1,0,0,0,1]}""")!;
        Assert.Equal([0.0, 0, 0], read.Mean);
        Assert.Equal(Nobody, read.Spread);
        Assert.Equal(-40, (HouseOven.Usual with { RunsHotBy = new(-99999, TemperatureUnit.Celsius) }).OffsetC);
        Assert.InRange(HouseOven.PreheatTo(HouseOven.Usual with { PreheatMinutes = int.MaxValue }, 200), 1, 120);
    }
}
