using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Heat.Shapes;

/// <summary>Reference shapes of cut vegetables, 25 mm each way; each is stretched to its size.</summary>
internal static class VegetableShapes
{
    private const double SideMm = 25;
    private const double SideM = SideMm / 1000;

    private static readonly CutShape Block = CutShapes.Cube(SideMm);
    private static readonly CutShape Disc = MakeDisc();
    private static readonly CutShape Ball = Round(waist: 0.5, roundness: 1);
    private static readonly CutShape Dome = Round(waist: 0, roundness: 1);
    private static readonly CutShape Segment = Round(waist: 0.3, roundness: 0.6);
    private static readonly CutShape Head = Round(waist: 0.6, roundness: 1);

    public static CutShape For(VegetableCut cut, VegetableFacts facts) => cut switch
    {
        VegetableCut.Cube or VegetableCut.Stick => Block,
        VegetableCut.Coin => Disc,
        VegetableCut.Half => Dome,
        VegetableCut.Whole => facts.Slender > 4 ? Block : Ball,
        VegetableCut.Floret => Head,
        _ => facts.WallMm is null ? Segment : Disc,
    };

    private static CutShape Round(double waist, double roundness) =>
        CutShapes.Boneless(new Loft(0, SideM, SideM, SideM) { Waist = waist, Roundness = roundness });

    /// <summary>A round slice with slightly rounded edges.</summary>
    private static CutShape MakeDisc()
    {
        const double half = SideM / 2;
        return CutShapes.Solid(SideMm, p =>
        {
            double out2 = (((p.X - half) * (p.X - half)) + (p.Y * p.Y)) / (half * half);
            double up = Math.Abs(p.Z - half) / half;
            double power = (out2 * out2 * out2) + Math.Pow(up, 6);
            return (Math.Pow(power, 1.0 / 6) - 1) * half;
        });
    }
}
