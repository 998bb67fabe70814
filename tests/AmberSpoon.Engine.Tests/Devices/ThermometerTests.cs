using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Devices;
using Xunit;

namespace AmberSpoon.Core.Tests.Devices;

/// <summary>What simulated thermometers show of a piece that is known.</summary>
public sealed class ThermometerTests
{
    private const double RoomC = 21;
    private static readonly PieceRef Piece = new(new(1), 1);

    private static HeatSample Even(double celsius) => new(0, celsius, celsius, celsius, celsius, celsius);

    private static Thermometer Of(ThermometerKind kind, int seed = 1) => new("A", kind, Piece, seed);

    /// <summary>Instant-read 3 s, dial 18 s (common practice): nine tenths of the step by then, less than six before half of it.</summary>
    [Theory]
    [InlineData("instant", 3, 0.3)]
    [InlineData("dial", 18, -1)]
    [InlineData("leaveIn", 8, 0.4)]
    [InlineData("stepped", 6, -0.2)]
    public void A_thermometer_takes_its_time_and_is_off_by_its_own(string kind, double nineTenthsS, double offsetC)
    {
        double At(double seconds) => Enumerable.Range(1, 400).Select(seed =>
        {
            Thermometer thermometer = Of(KindOf(kind) with { DropOutShare = 0 }, seed);
            _ = thermometer.Show(Even(71), 200, 0);
            return thermometer.Show(Even(71), 200, seconds)[0];
        }).Average();
        Assert.Equal(RoomC + (0.9 * 50) + offsetC, At(nineTenthsS), 0.15);
        Assert.Equal(RoomC + ((1 - Math.Sqrt(0.1)) * 50) + offsetC, At(nineTenthsS / 2), 0.15);
        Assert.Equal(71 + offsetC, At(10 * nineTenthsS), 0.15);
    }

    /// <summary>Many small steps show what one large one does.</summary>
    [Fact]
    public void How_often_it_is_asked_changes_nothing()
    {
        Thermometer often = Of(ThermometerKind.Dial with { NoiseC = 0 });
        IReadOnlyList<double> shown = [];
        for (double atS = 0; atS <= 18; atS += 0.5)
        {
            shown = often.Show(Even(71), 200, atS);
        }

        Assert.Equal(RoomC + 45 - 1, shown[0], 0.051);
    }

    [Fact]
    public void The_deepest_sensor_of_a_stick_is_the_coldest()
    {
        Thermometer stick = Of(ThermometerKind.Stepped with { NoiseC = 0, DropOutShare = 0 });
        _ = stick.Show(new(0, 60, 60, 60, 90, 70), 200, 0);
        IReadOnlyList<double> shown = stick.Show(new(0, 60, 60, 60, 90, 70), 200, 600);
        Assert.Equal([60.7, 68.8, 79.3], shown);
    }

    [Fact]
    public void Faults_are_what_they_are_called()
    {
        Thermometer probe = Of(ThermometerKind.LeaveIn with { NoiseC = 0, DropOutShare = 0 });
        _ = probe.Show(Even(60), 200, 0);
        double well = probe.Show(Even(60), 200, 120)[0];
        probe.Fault = DeviceFault.Frozen;
        Assert.Equal(well, probe.Show(Even(80), 200, 600)[0]);
        probe.Fault = DeviceFault.Silent;
        Assert.Empty(probe.Show(Even(80), 200, 660));
        probe.Fault = DeviceFault.PoppedOut;
        Assert.Equal(200.4, probe.Show(Even(80), 200, 900)[0], 0.11);
        probe.Fault = DeviceFault.WetSocket;
        double[] wet = [.. Enumerable.Range(0, 20).Select(n => probe.Show(Even(80), 200, 1000 + n)[0])];
        Assert.InRange(wet.Max() - wet.Min(), 40, 200);
        probe.Fault = null;
        Assert.Equal(80.4, probe.Show(Even(80), 200, 1500)[0], 0.11);
    }

    [Fact]
    public void A_wire_loses_about_two_samples_in_a_hundred()
    {
        Thermometer probe = Of(ThermometerKind.LeaveIn);
        Assert.InRange(Enumerable.Range(0, 5000).Count(n => probe.Show(Even(60), 200, n).Count == 0), 60, 140);
    }

    private static ThermometerKind KindOf(string kind) => kind switch
    {
        "instant" => ThermometerKind.InstantRead,
        "dial" => ThermometerKind.Dial,
        "leaveIn" => ThermometerKind.LeaveIn,
        _ => ThermometerKind.Stepped,
    };
}
