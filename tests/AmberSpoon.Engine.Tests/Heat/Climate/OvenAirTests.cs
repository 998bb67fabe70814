using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Climate;

public sealed class OvenAirTests
{
    private static OvenAir Hot(double setC = 200, double swingC = 0) => new(new(OvenMode.Still, setC) { SwingC = swingC });

    private static double MinutesUntil(OvenAir air, Func<OvenAir, bool> there)
    {
        double timeS = 0;
        while (!there(air) && timeS < 7200)
        {
            air.Advance(timeS, 5);
            timeS += 5;
        }

        return timeS / 60;
    }

    [Fact]
    public void A_cold_oven_is_hot_in_ten_to_sixteen_minutes()
    {
        var cold = new OvenAir(new(OvenMode.Still, 200) { StartC = 21 });
        Assert.Equal(HeatParameters.RoomAir.Value, cold.AirC);
        Assert.InRange(MinutesUntil(cold, air => air.AirC > 195), 10, 16);
        Assert.True(cold.WallC < cold.AirC);
    }

    [Fact]
    public void An_open_door_costs_tens_of_degrees_that_come_back_in_minutes()
    {
        OvenAir air = Hot();
        air.OpenDoor(30);
        Assert.InRange(air.AirC, 110, 160);
        Assert.InRange(air.WallC, 185, 199);
        Assert.InRange(MinutesUntil(air, now => now.AirC > 190), 0.5, 5);
    }

    [Fact]
    public void A_longer_look_costs_no_less_and_never_cools_below_the_kitchen() => Gen.Double[1, 600].Sample(openS =>
    {
        OvenAir brief = Hot();
        OvenAir longer = Hot();
        brief.OpenDoor(openS);
        longer.OpenDoor(openS * 1.5);
        return longer.AirC <= brief.AirC && longer.AirC > HeatParameters.RoomAir.Value;
    });

    [Fact]
    public void A_lower_dial_is_followed_slowly_and_a_higher_one_sooner()
    {
        OvenAir down = Hot();
        down.Set(160);
        OvenAir up = Hot();
        up.Set(240);
        double falling = MinutesUntil(down, air => air.AirC < 165);
        Assert.InRange(falling, 4, 15);
        Assert.True(MinutesUntil(up, air => air.AirC > 235) < falling);
    }

    /// <summary>Two short looks ahead land where one long one does: steps may be of any length.</summary>
    [Fact]
    public void Air_does_not_care_how_time_is_cut() => Gen.Select(Gen.Double[40, 300], Gen.Double[1, 40], Gen.Double[1, 40]).Sample(
        (startC, first, second) =>
        {
            OvenAir once = Hot(startC);
            OvenAir twice = Hot(startC);
            once.Set(180);
            twice.Set(180);
            once.Advance(0, first + second);
            twice.Advance(0, first);
            twice.Advance(first, second);
            return Math.Abs(once.AirC - twice.AirC) < 1.5;
        });

    [Fact]
    public void A_swing_goes_to_both_sides_and_an_offset_shifts_it()
    {
        var air = new OvenAir(new(OvenMode.Fan, 180) { SwingC = 6, SwingPeriodS = 600, OffsetC = 10 });
        double[] seen = [.. Enumerable.Range(0, 240).Select(n =>
        {
            air.Advance(n * 10, 10);
            return air.AirC;
        })];
        Assert.InRange(seen.Max(), 192, 197);
        Assert.InRange(seen.Min(), 183, 188);
    }

    [Theory]
    [InlineData(0, "oven.setC")]
    [InlineData(double.NaN, "oven.setC")]
    public void An_impossible_dial_is_named(double setC, string field) =>
        Assert.Equal(field, Assert.Throws<HeatInputException>(() => Hot(setC)).Field);
}
