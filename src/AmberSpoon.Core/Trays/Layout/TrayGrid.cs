using System.Numerics;

namespace AmberSpoon.Core.Trays.Layout;

/// <summary>The floor of a vessel in cells of 3 mm, each free or taken, a row at a time in bits.</summary>
internal sealed class TrayGrid
{
    public const double CellMm = 3;

    private const int Bits = 64;
    private readonly ulong[] _taken;
    private readonly int _words;

    public TrayGrid(Vessel vessel)
    {
        (double widthMm, double depthMm) = vessel.Floor();
        Columns = (int)Math.Floor(widthMm / CellMm);
        Rows = (int)Math.Floor(depthMm / CellMm);
        _words = (Columns + Bits - 1) / Bits;
        _taken = new ulong[_words * Rows];
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

    public int Columns { get; }

    public int Rows { get; }

    /// <summary>Whether a shape with its middle in this cell lies wholly on free floor.</summary>
    public bool Fits(TurnedShape shape, int column, int row)
    {
        foreach (CellRun run in shape.Runs)
        {
            if (!IsFree(row + run.Row, column + run.First, column + run.Last))
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
    public bool IsTaken(int column, int row) => !IsFree(row, column, column);

    public int FreeCells => (Rows * Columns) - _taken.Sum(BitOperations.PopCount);

    private bool IsFree(int row, int first, int last)
    {
        if (row < 0 || row >= Rows || first < 0 || last >= Columns)
        {
            return false;
        }

        for (int word = first / Bits; word <= last / Bits; word++)
        {
            if ((_taken[(row * _words) + word] & Mask(word, first, last)) != 0)
            {
                return false;
            }
        }

        return true;
    }

    private void Take(int row, int first, int last)
    {
        for (int word = Math.Max(0, first) / Bits; word <= last / Bits && first <= last; word++)
        {
            _taken[(row * _words) + word] |= Mask(word, Math.Max(0, first), last);
        }
    }

    private static ulong Mask(int word, int first, int last)
    {
        int from = Math.Max(0, first - (word * Bits));
        int to = Math.Min(Bits - 1, last - (word * Bits));
        return (ulong.MaxValue >> (Bits - 1 - to)) & (ulong.MaxValue << from);
    }
}
