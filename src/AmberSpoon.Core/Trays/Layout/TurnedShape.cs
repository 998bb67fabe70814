namespace AmberSpoon.Core.Trays.Layout;

/// <summary>
/// The cells of a <see cref="TrayGrid"/> that a turned footprint covers: one run of cells per row. Every cell that the
/// outline touches is covered, so what is apart on the grid is apart on the tray.
/// </summary>
internal sealed class TurnedShape
{
    /// <summary>From a cell's middle to its corner.</summary>
    private const double CornerMm = TrayGrid.CellMm * 0.7072;

    private readonly CellRun[] _runs;

    private TurnedShape(CellRun[] runs)
    {
        _runs = runs;
        (Top, Bottom) = (runs[0].Row, runs[^1].Row);
        (Left, Right) = (runs.Min(run => run.First), runs.Max(run => run.Last));
    }

    /// <summary>One per row, counted from the middle of the piece.</summary>
    public ReadOnlySpan<CellRun> Runs => _runs;

    /// <summary>Its first row; likewise its last row, and its first and last column.</summary>
    public int Top { get; }

    public int Bottom { get; }

    public int Left { get; }

    public int Right { get; }

    /// <param name="footprint">The piece.</param>
    /// <param name="angleDegrees">See <see cref="Spot.AngleDegrees"/>.</param>
    /// <param name="gapMm">Space to leave round it, mm.</param>
    public static TurnedShape Of(Footprint footprint, int angleDegrees, double gapMm)
    {
        double around = gapMm + CornerMm;
        (double sin, double cos) = Math.SinCos(angleDegrees * Math.PI / 180);
        double[] halfWidths = [.. footprint.HalfWidthsMm];
        double widestMm = halfWidths.Max();
        double step = footprint.LengthMm / (halfWidths.Length - 1);
        int reach = (int)Math.Ceiling((footprint.ReachMm + around) / TrayGrid.CellMm);
        var runs = new List<CellRun>();
        for (int row = -reach; row <= reach; row++)
        {
            (int first, int last) = Within(row);
            int end = last;
            while (first <= end && !Covers(row, first))
            {
                first++;
            }

            while (last > first && !Covers(row, last))
            {
                last--;
            }

            if (first <= last)
            {
                runs.Add(new(row, first, last));
            }
        }

        return new([.. runs]);

        // Columns that can be covered at all: those of the box round the footprint, and one more on either side.
        (int First, int Last) Within(int row)
        {
            double y = row * TrayGrid.CellMm;
            double halfLength = (footprint.LengthMm / 2) + around;
            double low = -reach * TrayGrid.CellMm;
            double high = -low;
            Narrow(cos, -(y * sin), halfLength);
            Narrow(sin, y * cos, widestMm + around);
            return ((int)Math.Floor(low / TrayGrid.CellMm) - 1, (int)Math.Ceiling(high / TrayGrid.CellMm) + 1);

            // Where x times the slope is within half a width of the middle.
            void Narrow(double slope, double middle, double half)
            {
                if (Math.Abs(slope) > 1e-3)
                {
                    low = Math.Max(low, Math.Min((middle - half) / slope, (middle + half) / slope));
                    high = Math.Min(high, Math.Max((middle - half) / slope, (middle + half) / slope));
                }
            }
        }

        bool Covers(int row, int column)
        {
            // Into the piece's own directions: along it, and across.
            double x = column * TrayGrid.CellMm;
            double y = row * TrayGrid.CellMm;
            double along = (x * cos) + (y * sin) + (footprint.LengthMm / 2);
            double across = Math.Abs((y * cos) - (x * sin));
            if (along < -around || along > footprint.LengthMm + around)
            {
                return false;
            }

            double widest = 0;
            int low = (int)Math.Clamp(Math.Floor((along - around) / step), 0, halfWidths.Length - 1);
            int high = (int)Math.Clamp(Math.Ceiling((along + around) / step), 0, halfWidths.Length - 1);
            for (int i = low; i <= high; i++)
            {
                widest = Math.Max(widest, halfWidths[i]);
            }

            return across <= widest + around;
        }
    }
}

/// <summary>Cells of one row, both ends included.</summary>
internal readonly record struct CellRun(int Row, int First, int Last);
