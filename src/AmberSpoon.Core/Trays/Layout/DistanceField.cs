namespace AmberSpoon.Core.Trays.Layout;

/// <summary>How far every cell of a floor is from the nearest of some middles.</summary>
internal sealed class DistanceField
{
    private readonly int _columns;
    private readonly int _rows;
    private readonly float[] _squared;

    public DistanceField(TrayGrid floor)
    {
        (_columns, _rows) = (floor.Columns, floor.Rows);
        _squared = new float[_columns * _rows];
        Array.Fill(_squared, float.PositiveInfinity);
    }

    /// <summary>Another middle.</summary>
    public void Add(int column, int row)
    {
        for (int r = 0; r < _rows; r++)
        {
            int down2 = (r - row) * (r - row);
            for (int c = 0; c < _columns; c++)
            {
                int cell = (r * _columns) + c;
                _squared[cell] = Math.Min(_squared[cell], down2 + ((c - column) * (c - column)));
            }
        }
    }

    /// <returns>mm; endless while there is no middle.</returns>
    public double Mm(int column, int row) => TrayGrid.CellMm * Math.Sqrt(_squared[(row * _columns) + column]);
}
