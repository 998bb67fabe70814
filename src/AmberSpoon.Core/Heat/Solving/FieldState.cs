using System.Numerics;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Vectors;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// Temperatures of a body's cells through time: prepares the two stages of a step, books what a kept step did to the
/// inside (water that boils off, the hottest each cell has been), and reads the coldest.
/// </summary>
internal sealed class FieldState
{
    /// <summary>Meat that is this much hotter than boiling water gives the rest off as steam, °C.</summary>
    private const double BoilsAtC = WaterVapour.BoilingC + 0.3;

    /// <summary>γ / (1 − γ), the second stage's change against the first's where all is straight.</summary>
    private const double FirstAgainstSecond = 0.41421356237309503;

    /// <summary>How promptly a boiling cell gives its heat to steam, 1/s: within seconds.</summary>
    private const double BoilingPerS = 0.5;

    private readonly HeatBody _body;
    private readonly int[] _food;
    private readonly ColdestFood _coldest;
    private readonly double[] _foodVolumeM3;
    private readonly double[] _startC;
    private readonly double[] _ratePerS;
    private readonly double[] _firstRatePerS;
    private readonly double[] _boilingWPerK;
    private bool _boils;
    private double _steamedJ;

    public FieldState(HeatBody body, double startC)
    {
        _body = body;
        System = new(body.Mesh, body.Meat, body.Inner, startC);
        int length = body.Mesh.Grid.Length;
        _startC = new double[length];
        (_ratePerS, _firstRatePerS) = (new double[length], new double[length]);
        _boilingWPerK = new double[length];
        Water = new(body);
        _food = [.. Enumerable.Range(0, length).Where(body.IsFood)];
        _foodVolumeM3 = [.. _food.Select(cell => body.Mesh.VolumeM3[cell] * (1 - body.BoneShare(cell)))];
        _coldest = new(body, _food);
    }

    public ConductionSystem System { get; }

    public CellWater Water { get; }

    /// <summary>Heat that left as steam from inside, J, and the water it took along, kg.</summary>
    public double BoiledJ { get; private set; }

    public double BoiledKg { get; private set; }

    /// <summary>First stage of a step: from the start, guessing that things go on as before.</summary>
    public void Begin(double stepS, double gamma)
    {
        double[] now = System.TemperatureC;
        _steamedJ = 0;
        now.CopyTo(_startC, 0);
        now.CopyTo(System.FromC, 0);
        Extrapolate(stepS / 2);
        System.UpdateProperties(now);
        _startC.CopyTo(now, 0);
        Extrapolate(gamma * stepS);
        System.Assemble(gamma * stepS);
        Boil();
    }

    /// <summary>Solves the stage that was begun.</summary>
    /// <param name="shareS">For how long of the step its boiling counts, s.</param>
    public void Solve(double shareS)
    {
        System.Solve();
        if (_boils)
        {
            Vector<double> sum = Vector<double>.Zero;
            foreach (int block in _body.Mesh.Mesh.Blocks)
            {
                for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
                {
                    sum += Lanes.At(_boilingWPerK, i) * (Lanes.At(System.TemperatureC, i) - new Vector<double>(BoilsAtC));
                }
            }

            _steamedJ += shareS * Vector.Sum(sum);
        }
    }

    /// <summary>Cells that have come to the boil give what would heat them further to steam.</summary>
    private void Boil()
    {
        if (!_boils)
        {
            return;
        }

        foreach (int block in _body.Mesh.Mesh.Blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                Vector<double> boiling = Lanes.At(_boilingWPerK, i);
                Lanes.Put(Lanes.At(System.Diagonal, i) + boiling, System.Diagonal, i);
                Lanes.Put(Lanes.At(System.RightSide, i) + (BoilsAtC * boiling), System.RightSide, i);
            }
        }
    }

    /// <summary>After an abrupt change nothing boils until it is seen to.</summary>
    public void StopBoiling()
    {
        _boils = false;
        Array.Clear(_boilingWPerK);
    }

    /// <summary>Second stage: from where the first one points to.</summary>
    public void Continue(double stepS, double gamma)
    {
        double[] now = System.TemperatureC;
        double perStage = 1 / (gamma * stepS);
        double onwards = (1 - gamma) * stepS;
        double toEnd = stepS;
        foreach (int block in _body.Mesh.Mesh.Blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                Vector<double> start = Lanes.At(_startC, i);
                Vector<double> rate = perStage * (Lanes.At(now, i) - start);
                Lanes.Put(rate, _firstRatePerS, i);
                Lanes.Put(start + (onwards * rate), System.FromC, i);
                Lanes.Put(start + (toEnd * rate), now, i);
            }
        }

        System.Assemble(gamma * stepS);
        Boil();
    }

    public void Return() => _startC.CopyTo(System.TemperatureC, 0);

    private void Extrapolate(double aheadS)
    {
        double[] now = System.TemperatureC;
        foreach (int block in _body.Mesh.Mesh.Blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                Lanes.Put(Lanes.At(now, i) + (aheadS * Lanes.At(_ratePerS, i)), now, i);
            }
        }
    }

    /// <summary>How far the step's end lies from the first stage's line, °C, as a root mean square by volume.</summary>
    public double ErrorEstimateC()
    {
        Vector<double> sum = Vector<double>.Zero;
        Vector<double> volume = Vector<double>.Zero;
        double[] now = System.TemperatureC;
        foreach (int block in _body.Mesh.Mesh.Blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                // The second stage's change less the first's, which both last as long.
                Vector<double> second = Lanes.At(now, i) - Lanes.At(System.FromC, i);
                Vector<double> first = Lanes.At(System.FromC, i) - Lanes.At(_startC, i);
                Vector<double> difference = second - (first * FirstAgainstSecond);
                Vector<double> weight = Lanes.At(_body.Mesh.VolumeM3, i);
                sum += weight * difference * difference;
                volume += weight;
            }
        }

        return Math.Sqrt(Vector.Sum(sum) / Vector.Sum(volume));
    }

    /// <summary>Books a step that is kept: what came to the boil turns water to steam; a body that has none left gets hotter.</summary>
    /// <returns>Juice let go, kg.</returns>
    public double Settle(double stepS)
    {
        double[] now = System.TemperatureC;
        double perStep = 1 / stepS;
        var boils = new Vector<double>(Water.CanGive ? BoilsAtC : double.PositiveInfinity);
        Vector<double> excessJ = Vector<double>.Zero;
        foreach (int block in _body.Mesh.Mesh.Blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                Vector<double> celsius = Lanes.At(now, i);
                Vector<double> kept = Vector.Min(celsius, boils);
                Vector<double> capacity = Lanes.At(System.CapacityJPerK, i);
                excessJ += capacity * (celsius - kept);
                Lanes.Put(
                    Vector.ConditionalSelect(Vector.GreaterThanOrEqual(celsius, boils), BoilingPerS * capacity, Vector<double>.Zero),
                    _boilingWPerK,
                    i);
                Lanes.Put(kept, now, i);
                Lanes.Put(perStep * (kept - Lanes.At(_startC, i)), _ratePerS, i);
            }
        }

        double overshotJ = Vector.Sum(excessJ);
        _boils = overshotJ > 0;
        BoiledJ += _steamedJ + overshotJ;
        BoiledKg += Water.Draw((_steamedJ + overshotJ) / WaterVapour.LatentHeatJPerKg);
        return Water.LetGo(stepS, now);
    }

    /// <summary>Heat held, J.</summary>
    public double HeatJ()
    {
        double sum = 0;
        for (int i = 0; i < System.TemperatureC.Length; i++)
        {
            double volume = _body.Mesh.VolumeM3[i];
            if (volume > 0)
            {
                double share = _body.Inner is null ? 0 : _body.Mesh.Mesh.InnerShare[i];
                double inner = share > 0 ? _body.Inner!.EnthalpyJPerM3(System.TemperatureC[i]) : 0;
                sum += volume * (((1 - share) * _body.Meat.EnthalpyJPerM3(System.TemperatureC[i])) + (share * inner));
            }
        }

        return sum;
    }

    /// <summary>The coldest food, read between cells, and the mean over all food, °C.</summary>
    public (double ColdestC, double MeanC) ColdestAndMean()
    {
        double[] now = System.TemperatureC;
        (int cell, double coldestC) = _coldest.Find(now);
        ColdestCell = cell;
        double sum = 0;
        double volume = 0;
        for (int n = 0; n < _food.Length; n++)
        {
            sum += _foodVolumeM3[n] * now[_food[n]];
            volume += _foodVolumeM3[n];
        }

        return (coldestC, sum / volume);
    }

    /// <summary>The cell that was coldest when last asked.</summary>
    public int ColdestCell { get; private set; }
}
