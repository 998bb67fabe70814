using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>Sums over the triangles of surface in a cell, kept apart by <see cref="Side"/>.</summary>
internal struct SurfacePatches
{
    public SurfaceSum Top;
    public SurfaceSum Rim;
    public SurfaceSum Under;

    public void Add(Point a, Point b, Point c, Point insideAt, Point outsideAt)
    {
        Point normalArea = 0.5 * (b - a).Cross(c - a);
        if (normalArea.Dot(outsideAt - insideAt) < 0)
        {
            normalArea = -1 * normalArea;
        }

        double area = normalArea.Length;
        if (area == 0)
        {
            return;
        }

        var centre = new Point((a.X + b.X + c.X) / 3, (a.Y + b.Y + c.Y) / 3, (a.Z + b.Z + c.Z) / 3);
        double up = normalArea.Z / area;
        if (up >= 0.5)
        {
            Top.Add(area, normalArea, centre);
        }
        else if (up <= -0.5)
        {
            Under.Add(area, normalArea, centre);
        }
        else
        {
            Rim.Add(area, normalArea, centre);
        }
    }

    public void Add(in SurfacePatches other)
    {
        Top.Add(other.Top);
        Rim.Add(other.Rim);
        Under.Add(other.Under);
    }
}
