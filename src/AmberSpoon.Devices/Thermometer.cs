using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Devices;

/// <summary>A thermometer that takes its time, is off by a little, and is silent now and then.</summary>
/// <param name="name">As it calls itself.</param>
/// <param name="kind">What kind.</param>
/// <param name="piece">The piece it is in.</param>
/// <param name="seed">What it draws its noise from.</param>
internal sealed class Thermometer(string name, ThermometerKind kind, PieceRef piece, int seed)
{
    private const double RoomC = 21;

    private readonly Random _random = new(seed);
    private readonly double[] _shownC = [.. Enumerable.Repeat(RoomC, kind.Depths.Count)];
    private double? _lastS;

    public string Name => name;

    public PieceRef Piece => piece;

    /// <summary>What is wrong with it; null for nothing.</summary>
    public DeviceFault? Fault { get; set; }

    /// <summary>What its sensors show, °C, the tip first; empty where it is silent.</summary>
    /// <param name="truth">The piece now.</param>
    /// <param name="airC">Around it, °C.</param>
    /// <param name="atS">s in the bake's time.</param>
    public IReadOnlyList<double> Show(HeatSample truth, double airC, double atS)
    {
        double passedS = Math.Max(0, atS - (_lastS ?? atS));
        _lastS = atS;
        for (int i = 0; i < _shownC.Length; i++)
        {
            double aroundC = Fault == DeviceFault.PoppedOut ? airC : truth.ColdestC + (kind.Depths[i] * (truth.SurfaceC - truth.ColdestC));

            // A body that takes its time comes up like 1 − exp(−t/τ); makers tell the time to nine tenths of the way.
            double share = 1 - Math.Exp(-passedS * Math.Log(10) / kind.NineTenthsS);
            _shownC[i] = Fault == DeviceFault.Frozen ? _shownC[i] : _shownC[i] + (share * (aroundC - _shownC[i]));
        }

        if (Fault == DeviceFault.Silent || _random.NextDouble() < kind.DropOutShare)
        {
            return [];
        }

        return [.. _shownC.Select(celsius => Math.Round(celsius + kind.OffsetC + Noise(), 1))];
    }

    private double Noise() => Fault switch
    {
        DeviceFault.Frozen => 0,
        DeviceFault.WetSocket => _random.Next(2) == 0 ? 40 : -15,
        _ => kind.NoiseC * Math.Sqrt(-2 * Math.Log(1 - _random.NextDouble())) * Math.Cos(2 * Math.PI * _random.NextDouble()),
    };
}
