using System.Collections.Concurrent;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Trays.Layout;

/// <summary>
/// A piece seen from above: its widths along its length, from the same shape that heat is computed in.
/// </summary>
/// <param name="LengthMm">From its thick end to the other, mm.</param>
/// <param name="HalfWidthsMm">Half its width at even steps along that, both ends included, mm.</param>
public sealed record Footprint(double LengthMm, IReadOnlyList<double> HalfWidthsMm)
{
    private const int Stations = 24;
    private const int Across = 40;
    private const int Up = 12;

    private static readonly ConcurrentDictionary<CutShape, double[]> Profiles = new();

    /// <summary>Of a piece lying on the tray.</summary>
    public static Footprint Of(FoodBody piece)
    {
        Point size = piece.Stretch.Stretched(piece.Shape.Solid.Size);
        double[] profile = Profiles.GetOrAdd(piece.Shape, Profile);
        return new(1000 * size.X, [.. profile.Select(share => 1000 * size.Y * share)]);
    }

    public double AreaMm2()
    {
        double sum = 0;
        for (int i = 1; i < HalfWidthsMm.Count; i++)
        {
            sum += HalfWidthsMm[i - 1] + HalfWidthsMm[i];
        }

        return sum * LengthMm / (HalfWidthsMm.Count - 1);
    }

    /// <summary>Its outline stays within this of its middle, whichever way it is turned, mm.</summary>
    public double ReachMm => Math.Sqrt((LengthMm * LengthMm / 4) + (HalfWidthsMm.Max() * HalfWidthsMm.Max()));

    /// <summary>Its outline round its middle, thick end towards negative x, mm: once round.</summary>
    public IReadOnlyList<(double XMm, double YMm)> Outline()
    {
        double step = LengthMm / (HalfWidthsMm.Count - 1);
        IEnumerable<(double, double)> side = HalfWidthsMm.Select((half, i) => ((i * step) - (LengthMm / 2), half));
        return [.. side, .. side.Reverse().Select(place => (place.Item1, -place.Item2))];
    }

    /// <summary>Half the width at even steps along, as a share of the greatest half width of the box.</summary>
    private static double[] Profile(CutShape shape)
    {
        Solid solid = shape.Solid;
        return [.. Enumerable.Range(0, Stations + 1).Select(i =>
        {
            // A whisker inside, so that a blunt end has its width.
            double x = solid.Low.X + (solid.Size.X * Math.Clamp(i / (double)Stations, 0.004, 0.996));
            for (int y = Across; y > 0; y--)
            {
                for (int z = 0; z <= Up; z++)
                {
                    if (solid.Level(new(x, y * solid.Size.Y / Across, z * solid.Size.Z / Up)) <= 0)
                    {
                        return y / (double)Across;
                    }
                }
            }

            return 0;
        })];
    }
}
