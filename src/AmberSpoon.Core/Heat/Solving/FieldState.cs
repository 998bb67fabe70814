using System.Numerics;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Meshing;

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
    private readonly double[] _boilsAtC;
    private readonly double[] _steamedJ;
    private bool _boils;

    public FieldState(HeatBody body, double startC)
    {
        _body = body;
        System = new(body.Mesh, body.Meat, body.Inner, startC);
        int length = body.Mesh.Grid.Length;
        _startC = new double[length];
        (_ratePerS, _firstRatePerS) = (new double[length], new double[length]);
        (_boilingWPerK, _steamedJ, _boilsAtC) = (new double[length], new double[length], new double[length]);
        Water = new(body);
        for (int cell = 0; cell < length; cell++)
        {
            _boilsAtC[cell] = body.Meat.Boils && Water.Of(cell) > 0 ? BoilsAtC : double.PositiveInfinity;
        }

        _food = [.. Enumerable.Range(0, length).Where(body.IsFood)];
        _foodVolumeM3 = [.. _food.Select(cell => body.Mesh.VolumeM3[cell] * (1 - body.BoneShare(cell)))];
        _coldest = new(body, _food);
    }

    public ConductionSystem System { get; }

    public CellWater Water { get; }

    /// <summary>Heat that left as steam from inside, J, and the water it took along, kg.</summary>
    public double BoiledJ { get; private set; }

    public double BoiledKg => BoiledJ / WaterVapour.LatentHeatJPerKg;

    /// <summary>First stage of a step: from the start, guessing that things go on as before.</summary>
    public void Begin(double stepS, double gamma)
    {
        double[] now = System.TemperatureC;
        Array.Clear(_steamedJ);
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
            foreach (int block in _body.Mesh.Mesh.Blocks)
            {
                for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
                {
                    Vector<double> watts = Lanes.At(_boilingWPerK, i) * (Lanes.At(System.TemperatureC, i) - new Vector<double>(BoilsAtC));
                    Lanes.Put(Lanes.At(_steamedJ, i) + (shareS * watts), _steamedJ, i);
                }
            }
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

    /// <summary>Books a step that is kept: what came to the boil gives its water, and a cell that has none left gets hotter.</summary>
    /// <returns>Juice let go, kg.</returns>
    public double Settle(double stepS)
    {
        double[] now = System.TemperatureC;
        double perStep = 1 / stepS;
        bool wasBoiling = _boils;
        _boils = false;
        foreach (int block in _body.Mesh.Mesh.Blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                Vector<double> celsius = Lanes.At(now, i);
                var atBoil = Vector.GreaterThanOrEqual(celsius, Lanes.At(_boilsAtC, i));
                if (wasBoiling || Vector.LessThanAny(atBoil, Vector<long>.Zero))
                {
                    for (int cell = i; cell < i + Vector<double>.Count; cell++)
                    {
                        BoilOff(cell);
                    }
                }

                Lanes.Put(perStep * (Lanes.At(now, i) - Lanes.At(_startC, i)), _ratePerS, i);
            }
        }

        return Water.LetGo(stepS, now);
    }

    private void BoilOff(int cell)
    {
        double[] now = System.TemperatureC;
        double capacity = System.CapacityJPerK[cell];
        double overshotJ = now[cell] >= _boilsAtC[cell] ? capacity * (now[cell] - BoilsAtC) : 0;
        double wantedJ = _steamedJ[cell] + overshotJ;
        _boilingWPerK[cell] = 0;
        if (wantedJ == 0)
        {
            return;
        }

        double boiledJ = wantedJ < 0 ? wantedJ : WaterVapour.LatentHeatJPerKg * Water.Take(cell, wantedJ / WaterVapour.LatentHeatJPerKg);
        BoiledJ += boiledJ;
        now[cell] += (_steamedJ[cell] - boiledJ) / capacity;
        if (Water.Of(cell) <= 0)
        {
            _boilsAtC[cell] = double.PositiveInfinity;
        }
        else if (overshotJ > 0)
        {
            _boilingWPerK[cell] = BoilingPerS * capacity;
            _boils = true;
        }
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
