using System.Numerics;
using AmberSpoon.Core.Heat.Vectors;

namespace AmberSpoon.Core.Trays.Layout;

/// <summary>
/// What every place of a lattice is worth to the next piece: the more, the better it lies there. All places at once, since each of
/// dozens of pieces asks for thousands of them.
/// </summary>
internal sealed class PlaceWorth
{
    /// <summary>Farther from other food than this is no better, mm.</summary>
    private const double FarFromOthersMm = 60;

    /// <summary>And from others of its lot, mm.</summary>
    private const double FarFromAlikeMm = 120;

    private readonly PlaceLattice _places;
    private readonly int _stride;
    private readonly double[] _towardsCentreXMm;
    private readonly double[] _towardsCentreYMm;

    /// <summary>Per place: how far the centre is, how far the nearest edge, and how far back it lies, mm.</summary>
    private readonly double[] _centreMm;
    private readonly double[] _edgeMm;
    private readonly double[] _backMm;
    private readonly double[] _worth;
    private readonly double[] _mostInRow;

    public PlaceWorth(Vessel vessel, PlaceLattice places)
    {
        (double widthMm, double depthMm) = vessel.Floor();
        (_places, _stride) = (places, places.Stride);
        int length = places.Rows * _stride;
        (_centreMm, _edgeMm, _backMm) = (new double[length], new double[length], new double[length]);
        (_worth, _mostInRow) = (new double[length], new double[places.Rows]);
        double[] x = [.. Enumerable.Range(0, _stride).Select(column => TrayGrid.MiddleMm(places.CellOf(column)))];
        double[] y = [.. Enumerable.Range(0, places.Rows).Select(row => TrayGrid.MiddleMm(places.CellOf(row)))];
        _towardsCentreXMm = [.. x.Select(mm => (widthMm / 2) - mm)];
        _towardsCentreYMm = [.. y.Select(mm => (depthMm / 2) - mm)];
        for (int place = 0; place < length; place++)
        {
            (int column, int row) = (place % _stride, place / _stride);
            (double towardsX, double towardsY) = (_towardsCentreXMm[column], _towardsCentreYMm[row]);
            _centreMm[place] = Math.Max(1, Math.Sqrt((towardsX * towardsX) + (towardsY * towardsY)));
            _edgeMm[place] = Math.Min(Math.Min(x[column], widthMm - x[column]), Math.Min(y[row], depthMm - y[row]));
            _backMm[place] = 0.1 * y[row];
        }
    }

    /// <summary>Of a row, as it was last worked out.</summary>
    public ReadOnlySpan<double> Row(int row) => _worth.AsSpan(row * _stride, _places.Columns);

    /// <summary>The most of a row: where that is too little, none of it need be looked at.</summary>
    public double MostIn(int row) => _mostInRow[row];

    /// <summary>Near an edge with the thick end outward, at the back before the door, away from other chicken.</summary>
    /// <param name="fromChicken">How far other chicken is.</param>
    /// <param name="lengthMm">Of the piece.</param>
    /// <param name="angleDegrees">Which way it is turned.</param>
    public void ForChicken(DistanceField fromChicken, double lengthMm, int angleDegrees)
    {
        (double sin, double cos) = Math.SinCos(angleDegrees * Math.PI / 180);
        var farMm = new Vector<double>(lengthMm * 1.4);
        for (int row = 0; row < _mostInRow.Length; row++)
        {
            var acrossY = new Vector<double>(_towardsCentreYMm[row] * sin);
            var most = new Vector<double>(double.NegativeInfinity);
            for (int column = 0, place = row * _stride; column < _stride; column += Vector<double>.Count, place += Vector<double>.Count)
            {
                // The thin end points along (cos, sin): inward is right.
                Vector<double> inward = ((Lanes.At(_towardsCentreXMm, column) * cos) + acrossY) / Lanes.At(_centreMm, place);
                Vector<double> worth = (25 * inward) - (1.5 * Lanes.At(_edgeMm, place)) - Lanes.At(_backMm, place) + (0.8 * Vector.Min(fromChicken.Mm(place), farMm));
                Lanes.Put(worth, _worth, place);
                most = Vector.Max(most, worth);
            }

            _mostInRow[row] = Most(most);
        }
    }

    /// <summary>Pushed together along an edge.</summary>
    /// <param name="fromChicken">How far other chicken is.</param>
    /// <param name="lengthMm">Of the piece.</param>
    public void ForChickenInRows(DistanceField fromChicken, double lengthMm)
    {
        var farMm = new Vector<double>(lengthMm);
        for (int row = 0; row < _mostInRow.Length; row++)
        {
            var most = new Vector<double>(double.NegativeInfinity);
            for (int column = 0, place = row * _stride; column < _stride; column += Vector<double>.Count, place += Vector<double>.Count)
            {
                Vector<double> worth = -Lanes.At(_edgeMm, place) - (0.3 * Vector.Min(fromChicken.Mm(place), farMm)) - Lanes.At(_backMm, place);
                Lanes.Put(worth, _worth, place);
                most = Vector.Max(most, worth);
            }

            _mostInRow[row] = Most(most);
        }
    }

    /// <summary>Where there is room, and scattered among the others.</summary>
    /// <param name="fromOthers">How far other food is.</param>
    /// <param name="fromAlike">How far others of its lot are; null for the first.</param>
    public void ForVegetable(DistanceField fromOthers, DistanceField? fromAlike)
    {
        var farFromOthersMm = new Vector<double>(FarFromOthersMm);
        var farFromAlikeMm = new Vector<double>(FarFromAlikeMm);
        for (int row = 0; row < _mostInRow.Length; row++)
        {
            var most = new Vector<double>(double.NegativeInfinity);
            for (int column = 0, place = row * _stride; column < _stride; column += Vector<double>.Count, place += Vector<double>.Count)
            {
                Vector<double> alikeMm = fromAlike is null ? farFromAlikeMm : Vector.Min(fromAlike.Mm(place), farFromAlikeMm);
                Vector<double> worth = Vector.Min(fromOthers.Mm(place), farFromOthersMm) + (0.5 * alikeMm);
                Lanes.Put(worth, _worth, place);
                most = Vector.Max(most, worth);
            }

            // The padding's, too: one look in vain at most.
            _mostInRow[row] = Most(most);
        }
    }

    private static double Most(Vector<double> values)
    {
        double most = values[0];
        for (int lane = 1; lane < Vector<double>.Count; lane++)
        {
            most = Math.Max(most, values[lane]);
        }

        return most;
    }
}
