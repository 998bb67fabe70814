using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>
/// How much of a tetrahedron lies inside a surface, and how much surface lies in it, when the level function is taken as
/// straight between its corners. Exact for planes; second-order for curved surfaces.
/// </summary>
internal static class CutTetrahedron
{
    /// <param name="corner">Four corners, m.</param>
    /// <param name="level">The level at each, below 0 inside.</param>
    /// <param name="patches">Receives the triangles of surface, their normals pointing out.</param>
    /// <returns>Volume inside, m³.</returns>
    public static double Measure(ReadOnlySpan<Point> corner, ReadOnlySpan<double> level, ref SurfacePatches patches)
    {
        Span<int> order = stackalloc int[4];
        int inside = 0;
        int outside = 3;
        for (int i = 0; i < 4; i++)
        {
            order[level[i] < 0 ? inside++ : outside--] = i;
        }

        double whole = VolumeOf(corner[0], corner[1], corner[2], corner[3]);
        switch (inside)
        {
            case 0:
                return 0;
            case 4:
                return whole;
            case 1:
            case 3:
                {
                    // One corner stands alone on its side; the cut is a triangle around it.
                    int alone = inside == 1 ? order[0] : order[3];
                    int first = inside == 1 ? 1 : 0;
                    Point a = Cut(corner, level, alone, order[first]);
                    Point b = Cut(corner, level, alone, order[first + 1]);
                    Point c = Cut(corner, level, alone, order[first + 2]);
                    patches.Add(a, b, c, insideAt: corner[order[0]], outsideAt: corner[order[3]]);
                    double cornerVolume = VolumeOf(corner[alone], a, b, c);
                    return inside == 1 ? cornerVolume : whole - cornerVolume;
                }

            default:
                {
                    Point ac = Cut(corner, level, order[0], order[2]);
                    Point ad = Cut(corner, level, order[0], order[3]);
                    Point bc = Cut(corner, level, order[1], order[2]);
                    Point bd = Cut(corner, level, order[1], order[3]);
                    Point a = corner[order[0]];
                    Point b = corner[order[1]];
                    patches.Add(ac, ad, bd, insideAt: a, outsideAt: corner[order[3]]);
                    patches.Add(ac, bc, bd, insideAt: a, outsideAt: corner[order[3]]);
                    return VolumeOf(a, ac, ad, bd) + VolumeOf(a, ac, bc, bd) + VolumeOf(a, b, bc, bd);
                }
        }
    }

    /// <summary>The share of a triangle that lies inside.</summary>
    public static double ShareOfTriangle(double levelA, double levelB, double levelC)
    {
        int inside = (levelA < 0 ? 1 : 0) + (levelB < 0 ? 1 : 0) + (levelC < 0 ? 1 : 0);
        if (inside is 0 or 3)
        {
            return inside / 3;
        }

        // The corner that stands alone on its side comes first.
        bool aloneIsInside = inside == 1;
        (double alone, double p, double q) = (levelA < 0) == aloneIsInside ? (levelA, levelB, levelC)
            : (levelB < 0) == aloneIsInside ? (levelB, levelA, levelC)
            : (levelC, levelA, levelB);
        double corner = alone / (alone - p) * (alone / (alone - q));
        return aloneIsInside ? corner : 1 - corner;
    }

    private static Point Cut(ReadOnlySpan<Point> corner, ReadOnlySpan<double> level, int from, int to) =>
        corner[from].Towards(corner[to], level[from] / (level[from] - level[to]));

    private static double VolumeOf(Point a, Point b, Point c, Point d) =>
        Math.Abs((b - a).Cross(c - a).Dot(d - a)) / 6;
}
