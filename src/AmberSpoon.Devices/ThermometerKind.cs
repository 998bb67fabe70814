namespace AmberSpoon.Devices;

/// <summary>What a thermometer is like; times and errors are common practice.</summary>
/// <param name="NineTenthsS">Until it shows nine tenths of a step, s.</param>
/// <param name="NoiseC">Spread of one sample, °C.</param>
/// <param name="OffsetC">Always off by this, °C.</param>
/// <param name="DropOutShare">Samples that are lost.</param>
/// <param name="Depths">Where its sensors are: 0 in the coldest place, 1 at the surface.</param>
internal sealed record ThermometerKind(double NineTenthsS, double NoiseC, double OffsetC, double DropOutShare, IReadOnlyList<double> Depths)
{
    public static ThermometerKind InstantRead { get; } = new(3, 0.2, 0.3, 0, [0.02]);

    public static ThermometerKind Dial { get; } = new(18, 0.5, -1, 0, [0.1]);

    public static ThermometerKind LeaveIn { get; } = new(8, 0.15, 0.4, 0.02, [0.02]);

    /// <summary>A stick with three sensors: the coldest of them is the nearest to the middle.</summary>
    public static ThermometerKind Stepped { get; } = new(6, 0.15, -0.2, 0.02, [0.03, 0.3, 0.65]);
}
