using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;
using BenchmarkDotNet.Attributes;

namespace AmberSpoon.Bench;

/// <summary>
/// The heat engine alone. Bars: an hour of oven for one piece on the normal grid 40 ms on one core; an ensemble of 64
/// members 1.5 s on two.
/// </summary>
[MemoryDiagnoser]
[ShortRunJob]
public class EngineBenchmarks
{
    private readonly PieceBake _thigh = new(
        new PieceBody(Cut.BoneInThigh, 165), StartC: 4, new(OvenMode.Still, 204), new(), [], EndS: 3600);

    private readonly HeatBody _ellipsoid = HeatBody.Of(
        TextbookSolids.Ellipsoid(0.06, 0.042, 0.019), ThermalMaterial.Constant(0.48, 1060, 3500), cellM: 0.003);

    [Benchmark]
    public HeatRun HourOfOvenQuick() => _thigh.Follow(GridLevel.Quick);

    [Benchmark]
    public HeatRun HourOfOvenNormal() => _thigh.Follow(GridLevel.Normal);

    [Benchmark]
    public HeatRun HourOfOvenFine() => _thigh.Follow(GridLevel.Fine);

    [Benchmark]
    public HeatRun[] EnsembleOf64Normal()
    {
        var runs = new HeatRun[64];
        Parallel.For(0, runs.Length, i => runs[i] =
            (_thigh with { Oven = _thigh.Oven with { OffsetC = (i - 32) / 3.0 } }).Follow(GridLevel.Normal));
        return runs;
    }

    /// <summary>The case of the outside comparison: 40 min, within 0.4 °C of finite elements.</summary>
    [Benchmark]
    public HeatRun FreeFemEllipsoid() => HeatSolver.Solve(new(
        _ellipsoid, 5, new SteadyStages((2400, FaceClimate.Uniform(180, 25))), StepControl.Normal));
}
