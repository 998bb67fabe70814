using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>Cuts a solid into a <see cref="CutCellMesh"/>.</summary>
internal sealed class CutCellMeshBuilder
{
    private static readonly (int X, int Y, int Z)[] Neighbours =
        [(-1, 0, 0), (1, 0, 0), (0, -1, 0), (0, 1, 0), (0, 0, -1), (0, 0, 1)];

    private readonly Solid _solid;
    private readonly GridShape _grid;
    private readonly CutCell[] _cut;
    private readonly int[] _root;
    private readonly int[] _lean;

    private CutCellMeshBuilder(Solid solid, Point cellM)
    {
        _solid = solid;
        _grid = new(solid, cellM);
        _cut = new CutCell[_grid.Length];
        _root = new int[_grid.Length];
        _lean = new int[_grid.Length];
        Array.Fill(_lean, -1);
    }

    /// <param name="solid">The body.</param>
    /// <param name="inner">Level function of bones or filling, or null.</param>
    /// <param name="cellM">Wanted sides of a cell, m; the box is divided evenly into cells at most this large.</param>
    public static CutCellMesh Build(Solid solid, Func<Point, double>? inner, Point cellM)
    {
        var builder = new CutCellMeshBuilder(solid, cellM);
        builder.MeasureCells();
        builder.ChooseRoots();
        return builder.Gather(inner);
    }

    private void ForEachCell(Action<int, int, int, int> visit)
    {
        for (int k = 0; k < _grid.CountZ; k++)
        {
            for (int j = 0; j < _grid.CountY; j++)
            {
                for (int i = 0; i < _grid.CountX; i++)
                {
                    visit(i, j, k, _grid.Index(i, j, k));
                }
            }
        }
    }

    private void MeasureCells()
    {
        var cutter = new CellCutter(_grid, _solid.Level);
        ForEachCell((i, j, k, cell) => _cut[cell] = cutter.Measure(i, j, k));
    }

    private void ChooseRoots()
    {
        Array.Fill(_root, -1);
        ForEachCell((i, j, k, cell) =>
        {
            if (_cut[cell].VolumeM3 > 0 && _solid.Level(_grid.Centre(i, j, k)) < 0)
            {
                _root[cell] = cell;
            }
        });
        bool[] followed = [.. _root.Select(root => root >= 0)];
        ForEachCell((i, j, k, cell) =>
        {
            if (!followed[cell] && (_cut[cell].VolumeM3 > 0 || AreaOf(_cut[cell].Surface) > 0))
            {
                _root[cell] = LeaningOn(i, j, k, cell, followed);
            }
        });
    }

    private static double AreaOf(in SurfacePatches surface) => surface.Top.AreaM2 + surface.Rim.AreaM2 + surface.Under.AreaM2;

    /// <summary>The followed neighbour behind the widest open face, or the nearest followed cell.</summary>
    private int LeaningOn(int i, int j, int k, int cell, bool[] followed)
    {
        int best = -1;
        double widest = 0;
        foreach ((int x, int y, int z) in Neighbours)
        {
            if (_grid.Has(i + x, j + y, k + z) && _grid.Index(i + x, j + y, k + z) is var neighbour && followed[neighbour])
            {
                int lower = Math.Min(cell, neighbour);
                double open = (x != 0 ? _cut[lower].OpenX : y != 0 ? _cut[lower].OpenY : _cut[lower].OpenZ) + 1e-18;
                if (open > widest)
                {
                    (best, widest) = (neighbour, open);
                }
            }
        }

        return best >= 0 ? best : Nearest(i, j, k, followed);
    }

    private int Nearest(int i, int j, int k, bool[] followed)
    {
        for (int reach = 1; reach <= 4; reach++)
        {
            int best = -1;
            double closest = double.PositiveInfinity;
            for (int n = 0; n < Math.Pow((2 * reach) + 1, 3); n++)
            {
                int side = (2 * reach) + 1;
                (int a, int b, int c) = (i + (n % side) - reach, j + (n / side % side) - reach, k + (n / (side * side)) - reach);
                if (_grid.Has(a, b, c) && _grid.Index(a, b, c) is var other && followed[other]
                    && (_grid.Centre(a, b, c) - _grid.Centre(i, j, k)).Length is var away && away < closest)
                {
                    (best, closest) = (other, away);
                }
            }

            if (best >= 0)
            {
                return best;
            }
        }

        return -1;
    }

    private CutCellMesh Gather(Func<Point, double>? inner)
    {
        var surfaces = new SurfacePatches[_grid.Length];
        double[] volume = new double[_grid.Length];
        ForEachCell((i, j, k, cell) =>
        {
            if (_root[cell] >= 0)
            {
                volume[_root[cell]] += _cut[cell].VolumeM3;
                surfaces[_root[cell]].Add(_cut[cell].Surface);
            }
        });
        double[][] open = [new double[_grid.Length], new double[_grid.Length], new double[_grid.Length]];
        var mesh = new CutCellMesh(_grid, _solid.Copies)
        {
            VolumeM3 = volume,
            Elements = ElementsOf(surfaces),
            Leaning = FindLeaning(),
            LeaningFaces = OpenFaces(open),
            OpenX = open[0],
            OpenY = open[1],
            OpenZ = open[2],
            Root = _root,
            Blocks = BlocksOf(volume),
        };
        if (inner is not null)
        {
            ShareOut(inner, mesh);
        }

        return mesh;
    }

    private List<SurfaceElement> ElementsOf(SurfacePatches[] surfaces)
    {
        var elements = new List<SurfaceElement>();
        foreach (Side side in Enum.GetValues<Side>())
        {
            ForEachCell((i, j, k, cell) =>
            {
                SurfaceSum sum = side == Side.Top ? surfaces[cell].Top : side == Side.Rim ? surfaces[cell].Rim : surfaces[cell].Under;
                if (sum.AreaM2 > 0)
                {
                    double depthVolume = sum.Moment - _grid.Centre(i, j, k).Dot(sum.NormalArea);
                    double smallest = Math.Min(_grid.CellM.X, Math.Min(_grid.CellM.Y, _grid.CellM.Z));
                    elements.Add(new(
                        cell,
                        side,
                        sum.AreaM2,
                        sum.SquareArea,
                        Math.Max(depthVolume, 0.02 * smallest * sum.AreaM2),
                        (1 / Math.Max(1e-30, sum.NormalArea.Length)) * sum.NormalArea));
                }
            });
        }

        return elements;
    }

    private int[] BlocksOf(double[] volume)
    {
        var blocks = new List<int>();
        for (int start = _grid.Padding; start < _grid.Length - _grid.Padding; start += GridShape.Lanes)
        {
            if (volume.AsSpan(start, GridShape.Lanes).ContainsAnyExcept(0.0))
            {
                blocks.Add(start);
            }
        }

        return [.. blocks];
    }

    private List<LeaningCell> FindLeaning()
    {
        var leaning = new List<LeaningCell>();
        ForEachCell((i, j, k, cell) =>
        {
            int root = _root[cell];
            if (root >= 0 && root != cell)
            {
                _lean[cell] = leaning.Count;
                leaning.Add(new(root, Behind(i, j, k, root)));
            }
        });
        return leaning;
    }

    /// <summary>The followed cell on the far side of a root, seen from the cell that leans on it.</summary>
    private int Behind(int i, int j, int k, int root)
    {
        (int a, int b, int c) = _grid.Place(root);
        (int x, int y, int z) = ((2 * a) - i, (2 * b) - j, (2 * c) - k);
        return _grid.Has(x, y, z) && _grid.Index(x, y, z) is var behind && _root[behind] == behind ? behind : root;
    }

    private List<LeaningFace> OpenFaces(double[][] open)
    {
        int[] strides = [1, _grid.Row, _grid.Layer];
        var faces = new List<LeaningFace>();
        ForEachCell((i, j, k, cell) =>
        {
            Open(0, _grid.Has(i + 1, j, k), _cut[cell].OpenX);
            Open(1, _grid.Has(i, j + 1, k), _cut[cell].OpenY);
            Open(2, _grid.Has(i, j, k + 1), _cut[cell].OpenZ);

            void Open(int axis, bool hasNext, double area)
            {
                int next = cell + strides[axis];
                if (area <= 0 || !hasNext || _root[cell] < 0 || _root[next] < 0 || _root[cell] == _root[next])
                {
                    return;
                }

                if (_root[cell] == cell && _root[next] == next)
                {
                    open[axis][cell] = area;
                }
                else
                {
                    faces.Add(new(_root[cell], _root[next], axis, area, _lean[cell], _lean[next]));
                }
            }
        });
        return faces;
    }

    private void ShareOut(Func<Point, double> inner, CutCellMesh mesh)
    {
        var cutter = new CellCutter(_grid, inner);
        ForEachCell((i, j, k, cell) =>
        {
            if (_root[cell] >= 0)
            {
                double innerVolume = Math.Min(cutter.Measure(i, j, k).VolumeM3, _cut[cell].VolumeM3);
                mesh.InnerShare[_root[cell]] += innerVolume / mesh.VolumeM3[_root[cell]];
            }
        });
    }
}
