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

    private TurnedShape(CellRun[] runs) => _runs = runs;

    /// <summary>One per row, counted from the middle of the piece.</summary>
    public ReadOnlySpan<CellRun> Runs => _runs;

    /// <param name="footprint">The piece.</param>
    /// <param name="angleDegrees">See <see cref="Spot.AngleDegrees"/>.</param>
    /// <param name="gapMm">Space to leave round it, mm.</param>
    public static TurnedShape Of(Footprint footprint, int angleDegrees, double gapMm)
    {
        double around = gapMm + CornerMm;
        (double sin, double cos) = Math.SinCos(angleDegrees * Math.PI / 180);
        double step = footprint.LengthMm / (footprint.HalfWidthsMm.Count - 1);
        int reach = (int)Math.Ceiling((footprint.ReachMm + around) / TrayGrid.CellMm);
        var runs = new List<CellRun>();
        for (int row = -reach; row <= reach; row++)
        {
            int first = int.MaxValue;
            int last = int.MinValue;
            for (int column = -reach; column <= reach; column++)
            {
                // Into the piece's own directions: along it, and across.
                double x = column * TrayGrid.CellMm;
                double y = row * TrayGrid.CellMm;
                double along = (x * cos) + (y * sin) + (footprint.LengthMm / 2);
                double across = Math.Abs((y * cos) - (x * sin));
                if (Covers(along, across))
                {
                    first = Math.Min(first, column);
                    last = Math.Max(last, column);
                }
            }

            if (first <= last)
            {
                runs.Add(new(row, first, last));
            }
        }

        return new([.. runs]);

        bool Covers(double along, double across)
        {
            if (along < -around || along > footprint.LengthMm + around)
            {
                return false;
            }

            double widest = 0;
            int low = (int)Math.Clamp(Math.Floor((along - around) / step), 0, footprint.HalfWidthsMm.Count - 1);
            int high = (int)Math.Clamp(Math.Ceiling((along + around) / step), 0, footprint.HalfWidthsMm.Count - 1);
            for (int i = low; i <= high; i++)
            {
                widest = Math.Max(widest, footprint.HalfWidthsMm[i]);
            }

            return across <= widest + around;
        }
    }
}

/// <summary>Cells of one row, both ends included.</summary>
internal readonly record struct CellRun(int Row, int First, int Last);
