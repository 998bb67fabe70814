using System.Collections.Concurrent;
using System.Collections.Frozen;
using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Heat.Shapes;

/// <summary>
/// Reference shapes of all cuts. Lengths in mm are common practice, measured with a ruler on ordinary pieces.
/// </summary>
internal static class CutShapes
{
    private const double Mm = 0.001;

    private static readonly FrozenDictionary<Cut, CutShape> All = new Dictionary<Cut, CutShape>
    {
        [Cut.BonelessBreast] = Boneless(Teardrop(160, 86, 33)),
        [Cut.BreastHalf] = Boneless(Teardrop(88, 72, 31)),
        [Cut.BreastThird] = Boneless(Teardrop(89, 67, 20.7) with { Peak = 0.45, Taper = 0.2 }),
        [Cut.PoundedBreast] = Boneless(new Loft(0, 195 * Mm, 135 * Mm, 17 * Mm) { Peak = 0.45, Waist = 0.5, Roundness = 0.7 }),
        [Cut.StuffedBreast] = Pocketed(1),
        [Cut.Tender] = Boneless(new Loft(0, 140 * Mm, 38 * Mm, 18 * Mm) { Peak = 0.4, Taper = 0.4, Roundness = 0.75 }),
        [Cut.BoneInBreast] = OnRibs(Teardrop(153, 97, 47) with { Waist = 0.36, Roundness = 0.65 }),
        [Cut.BoneInThigh] = OnBone([Thigh(0, 108, 75, 36.4)], [Rod(16, 88, 15, 5.5)]),
        [Cut.BonelessThigh] = Boneless(new Loft(0, 130 * Mm, 84 * Mm, 24 * Mm) { Peak = 0.45, Taper = 0.2, Roundness = 0.7 }),
        [Cut.ThighSkewer] = Skewered(32, 46, 36),
        [Cut.Drumstick] = OnBone([Bulb(0, 100, 46, 46), Shank(45, 85, 24, 23, 11)], [Rod(14, 126, 21, 5, endAxisMm: 11)]),
        [Cut.LegQuarter] = OnBone(
            [Thigh(0, 117, 90, 50), Bulb(76, 105, 56, 50), Shank(150, 75, 25, 24, 11)],
            [Rod(18, 96, 18, 6), Rod(96, 218, 18, 5, endAxisMm: 11)]),
        [Cut.WholeWing] = OnBone([Bulb(0, 86, 52, 35), Limb(40, 76, 44, 25)], [Rod(8, 76, 15, 3.2), Rod(60, 112, 11, 2.6)]),
        [Cut.Drumette] = OnBone([Bulb(0, 88, 34, 30)], [Rod(8, 84, 13, 3.4)]),
        [Cut.WingFlat] = OnBone([Limb(0, 88, 36, 19)], [Rod(6, 82, 9, 2.8)]),
        [Cut.Diced] = Cube(25),
    }.ToFrozenDictionary();

    public static CutShape For(Cut cut) => All[cut];

    private static readonly ConcurrentDictionary<int, CutShape> Filled = new();

    /// <summary>A breast of which so much is filling: the pocket grows in all directions. Shares go in steps of a hundredth.</summary>
    public static CutShape Stuffed(double fillingShare) => Filled.GetOrAdd(
        (int)Math.Round(100 * Math.Clamp(fillingShare, LeastFilling, MostFilling)), hundredths => Pocketed(Math.Cbrt(hundredths / (100 * UsualFilling))));

    private static Loft Teardrop(double lengthMm, double widthMm, double heightMm) =>
        new(0, lengthMm * Mm, widthMm * Mm, heightMm * Mm) { Peak = 0.38, Taper = 0.45, Roundness = 0.75 };

    private static Loft Thigh(double startMm, double lengthMm, double widthMm, double heightMm) =>
        new(startMm * Mm, lengthMm * Mm, widthMm * Mm, heightMm * Mm) { Peak = 0.46, Taper = 0.15, Roundness = 0.8 };

    private static Loft Bulb(double startMm, double lengthMm, double widthMm, double heightMm) =>
        new(startMm * Mm, lengthMm * Mm, widthMm * Mm, heightMm * Mm) { Peak = 0.4, Taper = 0.3, Waist = 0.47, Roundness = 0.93 };

    private static Loft Limb(double startMm, double lengthMm, double widthMm, double heightMm) =>
        new(startMm * Mm, lengthMm * Mm, widthMm * Mm, heightMm * Mm) { Peak = 0.5, Waist = 0.47, Roundness = 0.85 };

    /// <summary>The thin end of a drumstick: round, its axis a little above the tray.</summary>
    private static Loft Shank(double startMm, double lengthMm, double widthMm, double heightMm, double axisMm) =>
        new(startMm * Mm, lengthMm * Mm, widthMm * Mm, heightMm * Mm) { Peak = 0.5, Waist = axisMm / heightMm, Roundness = 0.95 };

    /// <summary>A bone, round-ended, its axis sloping from one height above the tray to another.</summary>
    private static Func<Point, double> Rod(double fromMm, double toMm, double axisMm, double radiusMm, double? endAxisMm = null)
    {
        var from = new Point(fromMm * Mm, 0, axisMm * Mm);
        Point along = new Point(toMm * Mm, 0, (endAxisMm ?? axisMm) * Mm) - from;
        return p =>
        {
            double share = Math.Clamp((p - from).Dot(along) / along.Dot(along), 0, 1);
            return (p - from - (share * along)).Length - (radiusMm * Mm);
        };
    }

    internal static CutShape Boneless(Loft loft) => new(
        Half(loft.StartM, loft.StartM + loft.LengthM, loft.WidthM / 2, loft.HeightM, loft.Level),
        null,
        false,
        MiddleOf(loft),
        FromTheThickEnd(loft));

    /// <summary>Share of a stuffed breast's mass that its usual pocket holds, as its mesh has it.</summary>
    internal const double UsualFilling = 0.1;
    internal const double LeastFilling = 0.03;
    internal const double MostFilling = 0.4;

    /// <summary>A filling lies in a slit along the thick part.</summary>
    /// <param name="larger">Each side of the pocket against the usual one.</param>
    private static CutShape Pocketed(double larger)
    {
        var loft = new Loft(0, 158 * Mm, 104 * Mm, 31 * Mm) { Peak = 0.42, Taper = 0.2, Waist = 0.45, Roundness = 0.75 };
        double lengthM = 0.55 * larger * loft.LengthM;
        double startM = Math.Max(0.03 * loft.LengthM, (0.475 * loft.LengthM) - (lengthM / 2));
        var pocket = new Loft(startM, lengthM, 0.62 * larger * loft.WidthM, 0.3 * larger * loft.HeightM) { Waist = 0.5, Roundness = 1 };
        var lift = new Point(0, 0, (0.48 - (0.15 * larger)) * loft.HeightM);
        return Boneless(loft) with { Inner = p => pocket.Level(p - lift), InnerIsFood = true };
    }

    /// <summary>A plate of ribs and breastbone under the meat, as wide as the meat but for its rim.</summary>
    private static CutShape OnRibs(Loft loft)
    {
        Loft cage = loft with { StartM = loft.StartM + (0.07 * loft.LengthM), LengthM = 0.76 * loft.LengthM, WidthM = 0.82 * loft.WidthM };
        return Boneless(loft) with { Inner = p => Math.Max(p.Z - (7 * Mm), cage.Level(p)) };
    }

    private static CutShape OnBone(IReadOnlyList<Loft> lofts, IReadOnlyList<Func<Point, double>> bones)
    {
        Loft first = lofts[0];
        return new(
            Half(
                lofts.Min(loft => loft.StartM),
                lofts.Max(loft => loft.StartM + loft.LengthM),
                lofts.Max(loft => loft.WidthM) / 2,
                lofts.Max(loft => loft.HeightM),
                p => Least(lofts, p)),
            p => Least(bones, p),
            InnerIsFood: false,
            MiddleOf(first),
            new(first.StartM - (0.1 * first.LengthM), 0, 1.35 * first.HeightM));
    }

    private static double Least(IReadOnlyList<Loft> lofts, Point p)
    {
        double least = double.PositiveInfinity;
        foreach (Loft loft in lofts)
        {
            least = Math.Min(least, loft.Level(p));
        }

        return least;
    }

    private static double Least(IReadOnlyList<Func<Point, double>> levels, Point p)
    {
        double least = double.PositiveInfinity;
        foreach (Func<Point, double> level in levels)
        {
            least = Math.Min(least, level(p));
        }

        return least;
    }

    /// <summary>One of many pieces threaded close together: its neighbours are its mirror images.</summary>
    private static CutShape Skewered(double lengthMm, double widthMm, double heightMm)
    {
        var thread = new Loft(-5 * lengthMm * Mm, 11 * lengthMm * Mm, widthMm * Mm, heightMm * Mm) { Waist = 0.5, Roundness = 0.95 };
        return new(
            Half(0, lengthMm * Mm, widthMm / 2 * Mm, heightMm * Mm, thread.Level),
            null,
            false,
            new(lengthMm / 2 * Mm, 0, heightMm / 2 * Mm),
            new(lengthMm / 2 * Mm, 0, 1.5 * heightMm * Mm));
    }

    /// <summary>A cube with rounded edges.</summary>
    internal static CutShape Cube(double sideMm)
    {
        double half = sideMm / 2 * Mm;
        return Solid(sideMm, p =>
        {
            double power = Math.Pow(Math.Abs(p.X - half) / half, 6) + Math.Pow(p.Y / half, 6) + Math.Pow(Math.Abs(p.Z - half) / half, 6);
            return (Math.Pow(power, 1.0 / 6) - 1) * half;
        });
    }

    /// <summary>Anything that fills a cube, given by its level function.</summary>
    internal static CutShape Solid(double sideMm, Func<Point, double> level)
    {
        double half = sideMm / 2 * Mm;
        return new(
            Half(0, 2 * half, half, 2 * half, level),
            null,
            false,
            new(half, 0, half),
            new(half, 0, 3 * half));
    }

    private static Solid Half(double fromM, double toM, double halfWidthM, double heightM, Func<Point, double> level) =>
        new(new(fromM, 0, 0), new(toM, halfWidthM, heightM), 2, level);

    private static Point MiddleOf(Loft loft) => new(loft.PeakM, 0, 0.5 * loft.HeightM);

    private static Point FromTheThickEnd(Loft loft) => new(loft.StartM - (0.1 * loft.LengthM), 0, 0.5 * loft.HeightM);
}
