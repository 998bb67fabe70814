using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Core.Heat.Sections;

/// <summary>
/// Finds where a probe's tip should go: the coldest food on the mirror plane that a straight probe reaches without meeting
/// bone. It comes in the way usual for the cut, or else from either end or from above.
/// </summary>
internal sealed class ProbeFinder(HeatBody body, CutShape shape)
{
    private const int Checks = 60;

    private Point Stretch => body.Mesh.Stretch;

    public ProbePath Find(double[] cellC)
    {
        GridShape grid = body.Mesh.Grid;
        IEnumerable<int> onPlane = Enumerable.Range(0, grid.Length)
            .Where(cell => body.IsFood(cell) && grid.Place(cell).J == 0)
            .OrderBy(cell => cellC[cell]);
        ProbePath? fallback = null;
        foreach (int cell in onPlane.Take(200))
        {
            Point tip = body.Mesh.CentreOf(cell) with { Y = 0 };
            foreach (Point from in WaysTo(tip))
            {
                Point entry = EntryOf(from, tip);
                var path = new ProbePath(At(entry), At(tip), Math.Round(1000 * (tip - entry).Length, 1));
                fallback ??= path;
                if (!MeetsBone(entry, tip))
                {
                    return path;
                }
            }
        }

        return fallback ?? throw new InvalidOperationException("A piece has food on its mirror plane.");
    }

    private IEnumerable<Point> WaysTo(Point tip)
    {
        Point size = shape.Solid.Size.Stretched(Stretch);
        yield return shape.ProbeFrom.Stretched(Stretch);
        yield return new(tip.X - (0.8 * size.Z), 0, 1.4 * size.Z);
        yield return new(tip.X + (0.8 * size.Z), 0, 1.4 * size.Z);
        yield return new(tip.X, 0, 1.4 * size.Z);
        yield return new(-0.1 * size.X, 0, tip.Z);
    }

    private static PlanePoint At(Point place) => new(Math.Round(1000 * place.X, 1), Math.Round(1000 * place.Z, 1));

    private double Level(Point place) => shape.Solid.Level(place.Unstretched(Stretch));

    /// <summary>Where the way from outside to the tip last goes through the surface.</summary>
    private Point EntryOf(Point from, Point tip)
    {
        for (int n = Checks; n >= 0; n--)
        {
            Point here = from.Towards(tip, (double)n / Checks);
            if (Level(here) >= 0)
            {
                return here.Towards(from.Towards(tip, Math.Min(1, (n + 1.0) / Checks)), 0.5);
            }
        }

        return from;
    }

    private bool MeetsBone(Point entry, Point tip)
    {
        if (shape.Inner is null || shape.InnerIsFood)
        {
            return false;
        }

        for (int n = 0; n < Checks; n++)
        {
            if (shape.Inner(entry.Towards(tip, (double)n / Checks).Unstretched(Stretch)) < 0)
            {
                return true;
            }
        }

        return false;
    }
}
