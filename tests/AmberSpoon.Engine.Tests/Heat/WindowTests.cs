using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>
/// Windows in which cooks took a tray out and found it done (common practice). The model agrees when its time lies between
/// 0.7 × the low end and 1.1 × the high end, and its coldest meat has the stated temperature at the high end, which is the
/// stricter of the two. Physical parameters are shared; none is set for one cut.
/// </summary>
public sealed class WindowTests(ITestOutputHelper output)
{
    private const int MostMisses = 1;

    private static readonly Placement OnVegetables = new(Support.VegetableBed);

    private static readonly IReadOnlyList<Window> All =
    [
        new("W1", "medium bone-in thighs, still 204 °C", 74, 30, 35, Of(new(Cut.BoneInThigh, 165), Still(204))),
        new("W2", "bone-in thighs, mixed sizes, on vegetables, still 232 °C", 74, 28, 32, Of(new(Cut.BoneInThigh, 165), Still(232), OnVegetables)),
        new("W3", "drumsticks, sticky, never turned, still 177 °C", 74, 40, 50, Of(new(Cut.Drumstick, 115) { Coating = Coating.Glaze }, Still(177))),
        new("W4", "crumbed drumsticks, turned midway, still 180 °C", 74, 50, 60, Of(
            new(Cut.Drumstick, 115, SkinOn: false, Coating: Coating.CrumbOverEgg), Still(180), steps: new Turn(25 * 60))),
        new("W5", "leg quarters with vegetable chunks, still 200 °C", 74, 55, 65, Of(new(Cut.LegQuarter, 330), Still(200), OnVegetables)),
        new("W6", "breast thirds, crumbed, 180 °C, fan", 75, 20, 25, Of(
            new(Cut.BreastThird, 75, SkinOn: false, Coating: Coating.CrumbOverEgg), new(OvenMode.Fan, 180))),
        new("W7", "slit and stuffed boneless breast, still 200 °C", 74, 25, 30, Of(new(Cut.StuffedBreast, 200, SkinOn: false), Still(200))),
        new("W8", "cut-up bird's breast, basted three times, still 191 °C", 71, 60, 65, Of(
            new(Cut.BoneInBreast, 400), Still(191), steps: [new Baste(30 * 60), new Baste(42 * 60), new Baste(54 * 60)])),
        new("W9", "bone-in breast, still 218 °C for 28 min, then 177 °C", 74, 70, 90, Of(
            new(Cut.BoneInBreast, 400), Still(218), steps: new SetOven(28 * 60, 177))),
        new("W10", "drumsticks in stock, foil for 60 min, still 200 °C", 74, 60, 90, Of(
            new(Cut.Drumstick, 115), Still(200), new(LiquidMm: 5, Cover: Cover.Foil), new SetCover(60 * 60, Cover.None))),
    ];

    private static OvenTraits Still(double setC) => new(OvenMode.Still, setC);

    private static PieceBake Of(PieceBody piece, OvenTraits oven, Placement? placement = null, params IReadOnlyList<TendingStep> steps) =>
        new(piece, StartC: 4, oven, placement ?? new(), steps, EndS: 3 * 3600);

    [Fact]
    public void All_windows_but_one_agree_and_the_table_is_printed_with_its_misses()
    {
        foreach (Window window in All)
        {
            output.WriteLine(window.Row);
        }

        Assert.InRange(All.Count(window => !window.Agrees), 0, MostMisses);
    }

    private sealed record Window(string Name, string Piece, double TargetC, double LowMinutes, double HighMinutes, PieceBake Bake)
    {
        private HeatRun Run { get; } = Bake.Run(GridLevel.Normal);

        private double Minutes => Run.TimeToReachS(TargetC).Minutes();

        public bool Agrees => Minutes >= 0.7 * LowMinutes && Minutes <= HighMinutes;

        private double CarryOverC
        {
            get
            {
                double outS = Minutes * 60;
                IReadOnlyList<TendingStep> steps = [.. Bake.Steps.Where(step => step.AtS < outS), new TakeOut(outS)];
                HeatRun rested = (Bake with { Steps = steps, EndS = outS + 900 }).Run(GridLevel.Normal);
                return rested.PeakFrom(outS).ColdestC - TargetC;
            }
        }

        public string Row => FormattableString.Invariant(
            $"| {Name} | {Piece} | {LowMinutes:0}–{HighMinutes:0} | {Minutes:0.0} | {TargetC:0} °C | {Run.At(HighMinutes * 60).ColdestC:0} °C | {CarryOverC:+0.0} °C | {(Agrees ? "agrees" : "misses")} |");
    }
}
