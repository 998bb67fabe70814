using AmberSpoon.Core.Heat.Materials;

namespace AmberSpoon.Core.Prep.Marinating;

/// <summary>
/// A brick of frozen food warming in air. Only a quarter of its floor is followed, by symmetry; upwards all of it, since
/// its underside may be covered. Cells hold enthalpy; faces conduct by the harmonic mean.
/// </summary>
public sealed class ThawingBlock
{
    private const double LongestS = 10 * 24 * 3600;

    private readonly FreezingFood _food;
    private readonly int _across;
    private readonly int _up;
    private readonly double _dxM;
    private readonly double _dyM;
    private readonly double _dzM;
    private readonly double[] _enthalpyJPerKg;
    private readonly double[] _celsius;
    private readonly double[] _inW;

    /// <param name="food">What it is.</param>
    /// <param name="lengthM">m.</param>
    /// <param name="widthM">m.</param>
    /// <param name="highM">m.</param>
    /// <param name="cells">Cells from middle to side; upwards twice as many.</param>
    /// <param name="startC">All of it, °C.</param>
    public ThawingBlock(FreezingFood food, double lengthM, double widthM, double highM, int cells, double startC)
    {
        (_food, _across, _up) = (food, cells, 2 * cells);
        (_dxM, _dyM, _dzM) = (lengthM / 2 / cells, widthM / 2 / cells, highM / _up);
        int count = cells * cells * _up;
        _enthalpyJPerKg = new double[count];
        _celsius = new double[count];
        _inW = new double[count];
        Array.Fill(_enthalpyJPerKg, food.EnthalpyJPerKg(startC));
        Array.Fill(_celsius, startC);
    }

    /// <summary>Heat held above that at 0 °C, J, of the quarter that is followed.</summary>
    public double HeatJ => _enthalpyJPerKg.Sum() * CellKg;

    /// <summary>Heat taken up so far, J.</summary>
    public double TakenUpJ { get; private set; }

    private double CellKg => _food.DensityKgPerM3 * _dxM * _dyM * _dzM;

    /// <summary>Warms it until its coldest place has no ice left.</summary>
    /// <param name="airC">°C.</param>
    /// <param name="exchangeWPerM2K">On top and at the sides.</param>
    /// <param name="underneathWPerM2K">Below.</param>
    /// <returns>Seconds.</returns>
    public double ThawS(double airC, double exchangeWPerM2K, double underneathWPerM2K)
    {
        double stepS = StableS(exchangeWPerM2K);
        double timeS = 0;
        while (_celsius.Min() < FreezingFood.FreezesAtC && timeS < LongestS)
        {
            Step(stepS, airC, exchangeWPerM2K, underneathWPerM2K);
            timeS += stepS;
        }

        return timeS;
    }

    private double StableS(double exchangeWPerM2K)
    {
        // Frozen food conducts best and, away from melting, holds least: there a step must be shortest.
        double conductivity = _food.ConductivityWPerMK(-30);
        double perSecond = 2 * conductivity * ((1 / (_dxM * _dxM)) + (1 / (_dyM * _dyM)) + (1 / (_dzM * _dzM)))
            + (exchangeWPerM2K * ((1 / _dxM) + (1 / _dyM) + (1 / _dzM)));
        double leastHeat = _food.DensityKgPerM3 * (_food.EnthalpyJPerKg(-29) - _food.EnthalpyJPerKg(-30));
        return 0.9 * leastHeat / perSecond;
    }

    private void Step(double stepS, double airC, double exchangeWPerM2K, double underneathWPerM2K)
    {
        Array.Clear(_inW);
        for (int z = 0; z < _up; z++)
        {
            for (int y = 0; y < _across; y++)
            {
                for (int x = 0; x < _across; x++)
                {
                    int cell = At(x, y, z);
                    double airW = (x == _across - 1 ? Through(cell, airC, _dxM, exchangeWPerM2K) * _dyM * _dzM : 0)
                        + (y == _across - 1 ? Through(cell, airC, _dyM, exchangeWPerM2K) * _dxM * _dzM : 0)
                        + (z == _up - 1 ? Through(cell, airC, _dzM, exchangeWPerM2K) * _dxM * _dyM : 0)
                        + (z == 0 ? Through(cell, airC, _dzM, underneathWPerM2K) * _dxM * _dyM : 0);
                    _inW[cell] += airW;
                    TakenUpJ += airW * stepS;
                    Share(x + 1 < _across, cell, At(x + 1, y, z), _dyM * _dzM / _dxM);
                    Share(y + 1 < _across, cell, At(x, y + 1, z), _dxM * _dzM / _dyM);
                    Share(z + 1 < _up, cell, At(x, y, z + 1), _dxM * _dyM / _dzM);
                }
            }
        }

        for (int cell = 0; cell < _inW.Length; cell++)
        {
            _enthalpyJPerKg[cell] += _inW[cell] * stepS / CellKg;
            _celsius[cell] = _food.TemperatureC(_enthalpyJPerKg[cell]);
        }
    }

    private int At(int x, int y, int z) => (((z * _across) + y) * _across) + x;

    /// <summary>Air, and half a cell of food, W/m².</summary>
    private double Through(int cell, double airC, double cellM, double exchange) =>
        (airC - _celsius[cell]) / ((1 / exchange) + (cellM / 2 / _food.ConductivityWPerMK(_celsius[cell])));

    private void Share(bool isInside, int cell, int other, double areaOverLengthM)
    {
        if (!isInside)
        {
            return;
        }

        double here = _food.ConductivityWPerMK(_celsius[cell]);
        double there = _food.ConductivityWPerMK(_celsius[other]);
        double watts = 2 * here * there / (here + there) * areaOverLengthM * (_celsius[other] - _celsius[cell]);
        _inW[cell] += watts;
        _inW[other] -= watts;
    }
}
