using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Sections;

/// <summary>
/// Reads the temperatures of evenly spaced points on a plane. Each point is a weighted sum of the cells around it, and,
/// between the outermost cells' middles and the surface, of the surface's own temperature; the weights are found once.
/// </summary>
internal sealed class PlaneRaster
{
    private readonly ScaledMesh _mesh;
    private readonly ILookup<int, int> _elementsOf;
    private readonly int[] _start;
    private readonly List<(int Cell, double Weight)> _cells = [];
    private readonly int[] _elementStart;
    private readonly List<(int Element, double Weight)> _elements = [];
    private readonly int[] _source;

    /// <param name="mesh">The piece.</param>
    /// <param name="points">Places on the plane, m.</param>
    /// <param name="isInside">Whether a place is inside the piece.</param>
    public PlaneRaster(ScaledMesh mesh, IReadOnlyList<Point> points, Func<Point, bool> isInside)
    {
        _mesh = mesh;
        _elementsOf = Enumerable.Range(0, mesh.AreaM2.Length).ToLookup(e => mesh.Mesh.Elements[e].Cell);
        _source = SourcesOf(points, isInside);
        int[] own = [.. _source.Distinct().Order()];
        _start = new int[points.Count + 1];
        _elementStart = new int[points.Count + 1];
        int next = 0;
        for (int n = 0; n < points.Count; n++)
        {
            (_start[n], _elementStart[n]) = (_cells.Count, _elements.Count);
            if (next < own.Length && own[next] == n)
            {
                next++;
                Weigh(points[n]);
            }
        }

        (_start[^1], _elementStart[^1]) = (_cells.Count, _elements.Count);
    }

    /// <summary>Appends tenths of a °C, two bytes a point.</summary>
    public void Read(double[] cellC, double[] surfaceC, List<byte> into)
    {
        var values = new short[_source.Length];
        for (int n = 0; n < values.Length; n++)
        {
            values[n] = _source[n] == n ? (short)Math.Round(10 * Sum(n, cellC, surfaceC)) : (short)0;
        }

        foreach (int source in _source)
        {
            into.Add((byte)(values[source] & 0xFF));
            into.Add((byte)(values[source] >> 8));
        }
    }

    private double Sum(int point, double[] cellC, double[] surfaceC)
    {
        double sum = 0;
        for (int n = _start[point]; n < _start[point + 1]; n++)
        {
            sum += _cells[n].Weight * cellC[_cells[n].Cell];
        }

        for (int n = _elementStart[point]; n < _elementStart[point + 1]; n++)
        {
            (int element, double weight) = _elements[n];
            sum += weight * (surfaceC[element] - cellC[_mesh.Mesh.Elements[element].Cell]);
        }

        return sum;
    }

    /// <summary>Each point inside speaks for itself; each outside repeats the nearest inside.</summary>
    private static int[] SourcesOf(IReadOnlyList<Point> points, Func<Point, bool> isInside)
    {
        int[] inside = [.. Enumerable.Range(0, points.Count).Where(n => isInside(points[n]))];
        int[] sources = new int[points.Count];
        Array.Fill(sources, -1);
        foreach (int n in inside)
        {
            sources[n] = n;
        }

        for (int n = 0; n < sources.Length; n++)
        {
            if (sources[n] < 0)
            {
                Point here = points[n];
                sources[n] = inside.MinBy(other => (points[other] - here).Length);
            }
        }

        return sources;
    }

    private void Weigh(Point place)
    {
        GridShape grid = _mesh.Grid;
        Point cellM = grid.CellM.Stretched(_mesh.Stretch);
        Point inGrid = place - grid.Low.Stretched(_mesh.Stretch);
        (double x, double y, double z) = ((inGrid.X / cellM.X) - 0.5, (inGrid.Y / cellM.Y) - 0.5, (inGrid.Z / cellM.Z) - 0.5);
        (int i, int j, int k) = ((int)Math.Floor(x), (int)Math.Floor(y), (int)Math.Floor(z));
        Span<(int Cell, double Weight)> near = stackalloc (int, double)[8];
        double total = 0;
        for (int n = 0; n < 8; n++)
        {
            (int a, int b, int c) = (n & 1, (n >> 1) & 1, n >> 2);
            double weight = Share(x - i, a) * Share(y - j, b) * Share(z - k, c);
            int cell = grid.Index(Within(i + a, grid.CountX), Within(j + b, grid.CountY), Within(k + c, grid.CountZ));
            near[n] = (cell, _mesh.VolumeM3[cell] > 0 ? weight : 0);
            total += near[n].Weight;
        }

        if (total < 1e-3)
        {
            int holding = grid.Index(
                Within((int)(inGrid.X / cellM.X), grid.CountX), Within((int)(inGrid.Y / cellM.Y), grid.CountY), Within((int)(inGrid.Z / cellM.Z), grid.CountZ));
            near.Clear();
            near[0] = (Math.Max(0, _mesh.Mesh.Root[holding]), 1);
            total = 1;
        }

        foreach ((int cell, double weight) in near)
        {
            if (weight > 0)
            {
                _cells.Add((cell, weight / total));
                LeanOnSurface(cell, weight / total, place);
            }
        }
    }

    private void LeanOnSurface(int cell, double weight, Point place)
    {
        Point outwards = place - _mesh.CentreOf(cell);
        foreach (int element in _elementsOf[cell])
        {
            double share = outwards.Dot(_mesh.Mesh.Elements[element].Normal) / _mesh.DepthM[element];
            if (share > 0)
            {
                _elements.Add((element, weight * Math.Min(share, 1.2)));
            }
        }
    }

    private static double Share(double offset, int upper) => upper == 1 ? offset : 1 - offset;

    private static int Within(int place, int count) => Math.Clamp(place, 0, count - 1);
}
