namespace AmberSpoon.Core.Heat.Sections;

/// <summary>
/// The edge of a body on a plane: for each of many columns, how low and how high it reaches. Exact enough for bodies that
/// no column leaves and enters again.
/// </summary>
internal static class PlaneOutline
{
    private const int ColumnCount = 120;
    private const int Samples = 80;

    /// <param name="leftM">Smallest x, m.</param>
    /// <param name="rightM">Largest x, m.</param>
    /// <param name="heightM">Top of what is searched, m.</param>
    /// <param name="level">Below 0 inside, at (x, z).</param>
    /// <returns>One closed edge per run of columns that meet the body, in mm.</returns>
    public static IReadOnlyList<IReadOnlyList<PlanePoint>> Of(
        double leftM, double rightM, double heightM, Func<double, double, double> level)
    {
        var edges = new List<IReadOnlyList<PlanePoint>>();
        var run = new List<(double X, double Low, double High)>();
        for (int n = 0; n <= ColumnCount; n++)
        {
            double x = leftM + ((rightM - leftM) * n / ColumnCount);
            if (Column(x, heightM, level) is { } reach)
            {
                run.Add((x, reach.Low, reach.High));
            }
            else if (run.Count > 0)
            {
                edges.Add(Close(run));
                run.Clear();
            }
        }

        if (run.Count > 0)
        {
            edges.Add(Close(run));
        }

        return edges;
    }

    private static PlanePoint[] Close(List<(double X, double Low, double High)> run) =>
    [
        .. run.Select(column => At(column.X, column.High)),
        .. Enumerable.Reverse(run).Select(column => At(column.X, column.Low)),
    ];

    private static PlanePoint At(double xM, double zM) => new(Math.Round(1000 * xM, 2), Math.Round(1000 * zM, 2));

    private static (double Low, double High)? Column(double x, double heightM, Func<double, double, double> level)
    {
        int first = -1;
        int last = -1;
        for (int n = 0; n <= Samples; n++)
        {
            if (level(x, heightM * n / Samples) < 0)
            {
                first = first < 0 ? n : first;
                last = n;
            }
        }

        return first < 0
            ? null
            : (Edge(x, heightM, first, first - 1, level), Edge(x, heightM, last, last + 1, level));
    }

    private static double Edge(double x, double heightM, int inside, int outside, Func<double, double, double> level)
    {
        double within = heightM * inside / Samples;
        double beyond = Math.Max(0, heightM * outside / Samples);
        for (int n = 0; n < 12; n++)
        {
            double middle = (within + beyond) / 2;
            (within, beyond) = level(x, middle) < 0 ? (middle, beyond) : (within, middle);
        }

        return within;
    }
}
