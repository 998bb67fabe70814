using AmberSpoon.Core.Heat.Materials;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// The one account of the water inside a body, cell by cell: what is held, what proteins let go, what boils off and what the
/// surface draws when it has no film of juice. Nothing gives more than it has. kg of the modelled part of the body.
/// </summary>
internal sealed class CellWater
{
    private readonly int[] _cells;
    private readonly double[] _massKg;
    private readonly double[] _heldKg;
    private readonly double[] _letGoShare;
    private readonly bool _letsGo;

    public CellWater(HeatBody body)
    {
        int length = body.Mesh.Grid.Length;
        _cells = [.. Enumerable.Range(0, length).Where(cell => body.Mesh.VolumeM3[cell] > 0 && body.MeatShare(cell) > 0)];
        (_massKg, _heldKg, _letGoShare) = (new double[length], new double[length], new double[length]);
        foreach (int cell in _cells)
        {
            _massKg[cell] = body.Mesh.VolumeM3[cell] * body.MeatShare(cell) * body.Meat.DensityKgPerM3;
            _heldKg[cell] = _massKg[cell] * body.Meat.WaterShare;
        }

        _letsGo = body.Meat.LetsJuiceGo;
        MeatKg = _massKg.Sum();
    }

    /// <summary>Raw meat, or vegetable, without bone and filling, kg.</summary>
    public double MeatKg { get; }

    /// <summary>Held at this moment, kg.</summary>
    public double HeldKg => _heldKg.Sum();

    public double Of(int cell) => _heldKg[cell];

    /// <summary>Proteins shrink for a while.</summary>
    /// <returns>Juice let go, kg.</returns>
    public double LetGo(double stepS, double[] celsius)
    {
        if (!_letsGo)
        {
            return 0;
        }

        double sum = 0;
        foreach (int cell in _cells)
        {
            double toGo = JuiceRelease.FreeShare(celsius[cell]) - _letGoShare[cell];
            if (toGo > 1e-6)
            {
                double share = toGo * (1 - Math.Exp(-stepS * JuiceRelease.RatePerS(celsius[cell])));
                _letGoShare[cell] += share;
                sum += Take(cell, share * _massKg[cell]);
            }
        }

        return sum;
    }

    /// <summary>Takes water from a cell, as much as it has; less than nothing gives some back.</summary>
    /// <returns>What it gave, kg.</returns>
    public double Take(int cell, double wantedKg)
    {
        double given = Math.Min(wantedKg, _heldKg[cell]);
        _heldKg[cell] -= given;
        return given;
    }
}
