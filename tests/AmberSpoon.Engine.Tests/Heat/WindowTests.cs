using System.Globalization;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>
/// The clock against the kitchen. Physical parameters are shared by all cuts; none is set for one. What was calibrated on and
/// what checks it is said in docs/how-it-works.md.
/// </summary>
public sealed class WindowTests(ITestOutputHelper output)
{
    /// <summary>
    /// A row agrees when the middle of the cooks' window lies between the minute at which the coldest meat has the stated core
    /// and the minute at which it is past, and when at the window's low end it is within 12 °C of the stated core.
    /// </summary>
    [Fact]
    public void Nine_of_ten_windows_agree_and_the_table_is_printed_with_its_misses()
    {
        var ratios = new Dictionary<string, List<double>>();
        int agree = 0;
        foreach (KitchenWindow row in KitchenRows.Windows)
        {
            HeatRun run = row.Bake.Run(GridLevel.Normal);
            double middle = (row.LowMinutes + row.HighMinutes) / 2;
            double reached = (run.TimeToReachS(row.CoreC) ?? double.PositiveInfinity) / 60;
            double past = (PastS(row.Bake, run) ?? double.PositiveInfinity) / 60;
            double atLowC = run.At(row.LowMinutes * 60).ColdestC;
            bool agrees = reached <= middle && middle <= past && atLowC >= row.CoreC - 12;
            agree += agrees ? 1 : 0;
            string family = ((PieceBody)row.Bake.Piece).Cut switch
            {
                Cut.BoneInThigh => "thigh",
                Cut.Drumstick => "drumstick",
                Cut.LegQuarter => "leg",
                _ => "breast",
            };
            (ratios.TryGetValue(family, out List<double>? list) ? list : ratios[family] = []).Add(reached / middle);
            Write($"| {row.Name} | {row.Piece} | {row.LowMinutes:0}–{row.HighMinutes:0} | {row.CoreC:0} °C at {reached:0.0} | past {past:0} | {atLowC:0} °C at low end | ratio {reached / middle:0.00} | {CarryOverC(row.Bake, row.CoreC):+0.0} °C | {(agrees ? "agrees" : "misses")} |");
        }

        foreach ((string family, List<double> of) in ratios)
        {
            Write($"{family}: mean ratio {of.Average():0.00}");
        }

        Assert.InRange(agree, 9, 10);
        Assert.All(ratios, family => Assert.InRange(family.Value.Average(), 0.80, 1.15));
    }

    [Fact]
    public void Four_of_five_published_times_agree()
    {
        int agree = 0;
        foreach (PublishedTime row in KitchenRows.Published)
        {
            double minutes = row.Bake.Run(GridLevel.Normal).TimeToReachS(73.9).Minutes();
            bool agrees = minutes >= 0.85 * row.LowMinutes && minutes <= 1.15 * row.HighMinutes;
            agree += agrees ? 1 : 0;
            Write($"| {row.Piece} | {row.LowMinutes:0}–{row.HighMinutes:0} | {minutes:0.0} | {(agrees ? "agrees" : "misses")} |");
        }

        Assert.InRange(agree, 4, 5);
    }

    [Fact]
    public void Losses_are_those_of_meat_science()
    {
        var shares = new List<double>();
        foreach (KnownLoss row in KitchenRows.Losses)
        {
            HeatRun run = row.Bake.Run(GridLevel.Normal);
            double share = run.At(run.TimeToReachS(row.CoreC)!.Value).LossShare;
            shares.Add(share);
            Write($"| {row.Piece} | {100 * row.Low:0}–{100 * row.High:0} % | {100 * share:0.0} % | evaporated {1000 * run.Ends.EvaporatedKg:0} g, dripped {1000 * run.Ends.DrippedKg:0} g in all |");
        }

        Assert.All(KitchenRows.Losses.Zip(shares), row => Assert.InRange(row.Second, row.First.Low - 0.05, row.First.High + 0.05));
        Assert.True(shares[1] - shares[0] >= 0.05);
    }

    [Fact]
    public void Colours_are_those_of_practice_but_for_one()
    {
        int agree = 0;
        foreach (KnownColour row in KitchenRows.Colours)
        {
            HeatSample at = row.Bake.Run(GridLevel.Normal).At(row.Minutes * 60);
            double browning = row.IsOfUnderside ? at.BrowningUnder : at.BrowningTop;
            bool agrees = SurfaceColours.Of(browning) == row.Colour;
            agree += agrees ? 1 : 0;
            Write($"| {row.Piece} | {row.Colour} | {SurfaceColours.Of(browning)} ({browning:0.00}; above {at.BrowningTop:0.00}, under {at.BrowningUnder:0.00}) | {(agrees ? "agrees" : "misses")} |");
        }

        Assert.InRange(agree, KitchenRows.Colours.Count - 1, KitchenRows.Colours.Count);
    }

    /// <summary>
    /// Common practice: 2 to 5 °C after a hot oven, up to 7 for the largest. A known miss: a whole bone-in breast from 220 °C is
    /// still predicted to gain more than that.
    /// </summary>
    [Fact]
    public void What_is_taken_out_warms_by_a_few_degrees_more()
    {
        foreach (double ovenC in new[] { 180.0, 200, 220 })
        {
            foreach (CutFacts facts in CutTable.All)
            {
                double coreC = facts.IsDark ? 77 : 71;
                double moreC = CarryOverC(KitchenRows.Of(new(facts.Cut, facts.ReferenceMassG), KitchenRows.Still(ovenC)), coreC);
                double most = facts.Cut is Cut.BoneInBreast or Cut.LegQuarter ? 7 : 5;
                Write($"| {facts.Name} | {ovenC:0} °C | {moreC:+0.0} °C |");
                Assert.InRange(moreC, ovenC >= 200 && facts.Cut is Cut.BoneInThigh or Cut.Drumstick or Cut.LegQuarter or Cut.BonelessBreast or Cut.BoneInBreast ? 1 : 0, most);
            }
        }
    }

    private void Write(FormattableString row) => output.WriteLine(row.ToString(CultureInfo.InvariantCulture));

    /// <summary>PRACTICE's past: lean meat hotter than it forgives, dark meat near boiling for a quarter of an hour, or burnt.</summary>
    private static double? PastS(PieceBake bake, HeatRun run)
    {
        (double pastC, double afterS) = bake.Chicken().Cut switch
        {
            Cut.BoneInBreast => (88, 0),
            Cut.BonelessThigh or Cut.ThighSkewer => (97, 600),
            Cut cut when CutTable.For(cut).IsDark => (97, 1050),
            _ => (82.0, 0.0),
        };
        double? hot = run.TimeToReachS(pastC) + afterS;
        double? burnt = run.Samples.Where(sample => SurfaceColours.Of(sample.BrowningTop) == SurfaceColour.Burnt).Select(sample => (double?)sample.TimeS).FirstOrDefault();
        return hot is null ? burnt : burnt is null ? hot : Math.Min(hot.Value, burnt.Value);
    }

    private static double CarryOverC(PieceBake bake, double coreC)
    {
        double outS = bake.Run().TimeToReachS(coreC)!.Value;
        IReadOnlyList<OvenStep> steps = [.. bake.Steps.Where(step => step.AtS < outS), new TakeOut(outS)];
        HeatRun rested = (bake with { Steps = steps, EndS = outS + 1200 }).Run();
        return rested.PeakFrom(outS).ColdestC - coreC;
    }
}
