namespace AmberSpoon.Core.Trays.Layout;

/// <summary>The floor of a vessel in cells of 3 mm, each free or taken.</summary>
internal sealed class TrayGrid
{
    public const double CellMm = 3;

    /// <summary>Per cell, a row at a time: the first column from there on that is taken. One look tells whether a whole run is free.</summary>
    private readonly short[] _nextTaken;

    public TrayGrid(Vessel vessel)
    {
        (double widthMm, double depthMm) = vessel.Floor();
        Columns = (int)Math.Floor(widthMm / CellMm);
        Rows = (int)Math.Floor(depthMm / CellMm);
        _nextTaken = new short[Columns * Rows];
        Array.Fill(_nextTaken, (short)Columns);
        if (vessel.IsRound)
        {
            double radius = widthMm / 2;
            for (int row = 0; row < Rows; row++)
            {
                // The corner of the cell that is farther from the middle decides.
                double y = Math.Max(Math.Abs((row * CellMm) - radius), Math.Abs(((row + 1) * CellMm) - radius));
                double half = Math.Sqrt(Math.Max(0, (radius * radius) - (y * y)));
                Take(row, 0, (int)Math.Ceiling((radius - half) / CellMm) - 1);
                Take(row, (int)Math.Floor((radius + half) / CellMm), Columns - 1);
            }
        }
    }

    /// <summary>The middle of a cell, mm from the edge.</summary>
    public static double MiddleMm(int cell) => (cell + 0.5) * CellMm;

    public int Columns { get; }

    public int Rows { get; }

    /// <summary>Whether a shape with its middle in this cell lies wholly on free floor.</summary>
    public bool Fits(TurnedShape shape, int column, int row)
    {
        if (row + shape.Top < 0 || row + shape.Bottom >= Rows || column + shape.Left < 0 || column + shape.Right >= Columns)
        {
            return false;
        }

        short[] nextTaken = _nextTaken;
        foreach (CellRun run in shape.Runs)
        {
            if (nextTaken[((row + run.Row) * Columns) + column + run.First] <= column + run.Last)
            {
                return false;
            }
        }

        return true;
    }

    public void Take(TurnedShape shape, int column, int row)
    {
        foreach (CellRun run in shape.Runs)
        {
            Take(row + run.Row, column + run.First, column + run.Last);
        }
    }

    /// <summary>Whether a cell is taken, or off the floor.</summary>
    public bool IsTaken(int column, int row) =>
        row < 0 || row >= Rows || column < 0 || column >= Columns || _nextTaken[(row * Columns) + column] == column;

    public int FreeCells => _nextTaken.Where((next, cell) => next != cell % Columns).Count();

    private void Take(int row, int first, int last)
    {
        Span<short> nextTaken = _nextTaken.AsSpan(row * Columns, Columns);
        first = Math.Max(0, first);
        for (int column = first; column <= last; column++)
        {
            nextTaken[column] = (short)column;
        }

        for (int column = first - 1; column >= 0 && first <= last && nextTaken[column] > first; column--)
        {
            nextTaken[column] = (short)first;
        }
    }
}
