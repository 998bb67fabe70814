using System.Numerics;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Vectors;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// The one account of the water inside a body, cell by cell: what is held, what proteins let go, what boils off and what the
/// surface draws when it has no film of juice. Nothing gives more than it has. kg of the modelled part of the body.
/// </summary>
internal sealed class CellWater
{
    private readonly int[] _blocks;
    private readonly double[] _massKg;
    private readonly double[] _heldKg;
    private readonly double[] _letGoShare;
    private readonly bool _letsGo;
    private readonly double _boundKg;

    /// <summary>What drying has left of each cell's water; kept apart, so that a step need not touch every cell.</summary>
    private double _keptShare = 1;

    public CellWater(HeatBody body)
    {
        int length = body.Mesh.Grid.Length;
        _blocks = body.Mesh.Mesh.Blocks;
        (_massKg, _heldKg, _letGoShare) = (new double[length], new double[length], new double[length]);
        for (int cell = 0; cell < length; cell++)
        {
            _massKg[cell] = body.Mesh.VolumeM3[cell] * body.MeatShare(cell) * body.Meat.DensityKgPerM3;
            _heldKg[cell] = _massKg[cell] * body.Meat.WaterShare;
        }

        _letsGo = body.Meat.LetsJuiceGo;
        HeldKg = _heldKg.Sum();
        _boundKg = _letsGo ? HeatParameters.BoundWater.Value * HeldKg : 0;
    }

    /// <summary>Held at this moment, kg.</summary>
    public double HeldKg { get; private set; }

    /// <summary>Whether there is water that can leave: without it nothing boils, and meat gets hotter than 100 °C.</summary>
    public bool CanGive => HeldKg > _boundKg;

    /// <summary>Proteins shrink for a while.</summary>
    /// <returns>Juice let go, kg.</returns>
    public double LetGo(double stepS, double[] celsius)
    {
        if (!_letsGo || !CanGive)
        {
            return 0;
        }

        Vector<double> sum = Vector<double>.Zero;
        foreach (int block in _blocks)
        {
            for (int i = block; i < block + GridShape.Lanes; i += Vector<double>.Count)
            {
                JuiceRelease.At(Lanes.At(celsius, i), out Vector<double> freeShare, out Vector<double> ratePerS);
                Vector<double> gone = Lanes.At(_letGoShare, i);
                Vector<double> steps = stepS * ratePerS;
                Vector<double> share = Vector.Max(Vector<double>.Zero, freeShare - gone) * steps / (Vector<double>.One + steps);
                Vector<double> held = Lanes.At(_heldKg, i);
                Vector<double> given = Vector.Min(share * Lanes.At(_massKg, i), _keptShare * held);
                Lanes.Put(gone + share, _letGoShare, i);
                Lanes.Put(held - (given / new Vector<double>(_keptShare)), _heldKg, i);
                sum += given;
            }
        }

        double givenKg = Vector.Sum(sum);
        HeldKg -= givenKg;
        return givenKg;
    }

    /// <summary>
    /// Takes water that a drying surface draws or that boils off: it wicks from all of the body, so that the answer does not
    /// hang on how thin the outermost cells are; what dried meat binds stays. Less than nothing gives some back.
    /// </summary>
    /// <returns>What was given, kg.</returns>
    public double Draw(double wantedKg)
    {
        double given = Math.Min(wantedKg, Math.Max(0, HeldKg - _boundKg));
        if (HeldKg <= 0 || given == 0)
        {
            return 0;
        }

        _keptShare = Math.Max(1e-9, _keptShare * (1 - (given / HeldKg)));
        HeldKg -= given;
        return given;
    }
}
