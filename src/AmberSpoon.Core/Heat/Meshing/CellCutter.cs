using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>
/// Measures what a solid leaves of single cells: volume, open faces, surface. A cell that the surface passes through is
/// measured on a lattice <see cref="Fine"/> times as fine as the grid, so that areas are true long before temperatures
/// need such cells.
/// </summary>
internal sealed class CellCutter(GridShape grid, Func<Point, double> level)
{
    private const int Fine = 3;
    private const int Nodes = Fine + 1;

    /// <summary>Kuhn's six tetrahedra of a cell, by corner number (bit 0 is x, bit 1 is y, bit 2 is z).</summary>
    private static readonly int[][] Tetrahedra =
        [[0, 1, 3, 7], [0, 1, 5, 7], [0, 2, 3, 7], [0, 2, 6, 7], [0, 4, 5, 7], [0, 4, 6, 7]];

    private readonly double[] _levels = new double[Nodes * Nodes * Nodes];

    /// <summary>What is left of a cell, its faces being those towards larger x, y and z.</summary>
    public CutCell Measure(int i, int j, int k)
    {
        Point size = grid.CellM;
        Point corner = grid.Low + new Point(i * size.X, j * size.Y, k * size.Z);
        double atCentre = level(grid.Centre(i, j, k));
        if (Math.Abs(atCentre) > 1.5 * size.Length)
        {
            return atCentre < 0 ? Whole() : default;
        }

        for (int n = 0; n < _levels.Length; n++)
        {
            _levels[n] = level(corner + Node(n % Nodes, n / Nodes % Nodes, n / (Nodes * Nodes)));
        }

        return MeasureLattice(corner);
    }

    private CutCell Whole()
    {
        Point size = grid.CellM;
        return new()
        {
            VolumeM3 = size.X * size.Y * size.Z,
            OpenX = size.Y * size.Z,
            OpenY = size.X * size.Z,
            OpenZ = size.X * size.Y,
        };
    }

    private Point Node(int a, int b, int c) =>
        new(a * grid.CellM.X / Fine, b * grid.CellM.Y / Fine, c * grid.CellM.Z / Fine);

    private CutCell MeasureLattice(Point corner)
    {
        var cut = default(CutCell);
        Span<Point> place = stackalloc Point[8];
        Span<double> at = stackalloc double[8];
        Span<Point> tetrahedronPlace = stackalloc Point[4];
        Span<double> tetrahedronAt = stackalloc double[4];
        Point small = (1.0 / Fine) * grid.CellM;
        for (int s = 0; s < Fine * Fine * Fine; s++)
        {
            (int a, int b, int c) = (s % Fine, s / Fine % Fine, s / (Fine * Fine));
            for (int v = 0; v < 8; v++)
            {
                (int x, int y, int z) = (a + (v & 1), b + ((v >> 1) & 1), c + (v >> 2));
                place[v] = corner + Node(x, y, z);
                at[v] = _levels[x + (Nodes * (y + (Nodes * z)))];
            }

            foreach (int[] tetrahedron in Tetrahedra)
            {
                for (int v = 0; v < 4; v++)
                {
                    tetrahedronPlace[v] = place[tetrahedron[v]];
                    tetrahedronAt[v] = at[tetrahedron[v]];
                }

                cut.VolumeM3 += CutTetrahedron.Measure(tetrahedronPlace, tetrahedronAt, ref cut.Surface);
            }

            cut.OpenX += a == Fine - 1 ? Share(at, 1, 3, 5, 7) * small.Y * small.Z : 0;
            cut.OpenY += b == Fine - 1 ? Share(at, 2, 3, 6, 7) * small.X * small.Z : 0;
            cut.OpenZ += c == Fine - 1 ? Share(at, 4, 5, 6, 7) * small.X * small.Y : 0;
        }

        return cut;
    }

    /// <summary>Open share of a face with corners p, q, r, s, cut along p–s as its tetrahedra cut it.</summary>
    private static double Share(ReadOnlySpan<double> at, int p, int q, int r, int s) =>
        (CutTetrahedron.ShareOfTriangle(at[p], at[q], at[s]) + CutTetrahedron.ShareOfTriangle(at[p], at[r], at[s])) / 2;
}
