using System.Numerics;
using AmberSpoon.Core.Heat.Vectors;

namespace AmberSpoon.Core.Trays.Layout;

/// <summary>How far every place of a lattice is from the nearest of some middles.</summary>
internal sealed class DistanceField
{
    private readonly PlaceLattice _places;
    private readonly int _stride;
    private readonly double[] _squared;

    public DistanceField(PlaceLattice places)
    {
        (_places, _stride) = (places, places.Stride);
        _squared = new double[_stride * places.Rows];
        Array.Fill(_squared, double.PositiveInfinity);
    }

    /// <summary>Another middle, in this cell of the floor.</summary>
    public void Add(int column, int row)
    {
        for (int r = 0, place = 0; place < _squared.Length; r++)
        {
            int down = _places.CellOf(r) - row;
            var down2 = new Vector<double>(down * down);
            for (int c = 0; c < _stride; c += Vector<double>.Count, place += Vector<double>.Count)
            {
                Vector<double> across = _places.CellsFrom(c) - new Vector<double>(column);
                Lanes.Put(Vector.Min(Lanes.At(_squared, place), down2 + (across * across)), _squared, place);
            }
        }
    }

    /// <param name="place">The first of several side by side.</param>
    /// <returns>mm; endless while there is no middle.</returns>
    public Vector<double> Mm(int place) => TrayGrid.CellMm * Vector.SquareRoot(Lanes.At(_squared, place));
}
