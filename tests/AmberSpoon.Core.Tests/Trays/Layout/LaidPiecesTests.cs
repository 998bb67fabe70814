using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays.Layout;

/// <summary>Outlines, names and the worst place, by hand.</summary>
public sealed class LaidPiecesTests
{
    private static readonly Footprint Wedge = new(40, [10, 20, 5]);

    [Fact]
    public void A_footprint_is_measured_in_trapezoids()
    {
        // Two of 20 mm: 2 × (10 + 20) / 2 × 20 and 2 × (20 + 5) / 2 × 20.
        Assert.Equal(600 + 500, Wedge.AreaMm2(), 1e-9);
        Assert.Equal(Math.Sqrt((20 * 20) + (20 * 20)), Wedge.ReachMm, 1e-9);
        Assert.Equal(
            [(-20.0, 10.0), (0, 20), (20, 5), (20, -5), (0, -20), (-20, -10)],
            Wedge.Outline());
    }

    /// <summary>A bar of 12 × 6 mm: half a cell and a corner round it, 3.06 mm along and 5.1 mm to each side.</summary>
    [Fact]
    public void A_turned_bar_covers_its_cells_and_no_more()
    {
        var bar = new Footprint(12, [3, 3]);
        Assert.Equal([new(-1, -2, 2), new(0, -2, 2), new(1, -2, 2)], TurnedShape.Of(bar, 0, 0).Runs.ToArray());
        Assert.Equal([new(-2, -1, 1), new(-1, -1, 1), new(0, -1, 1), new(1, -1, 1), new(2, -1, 1)], TurnedShape.Of(bar, 90, 0).Runs.ToArray());
        Assert.Equal([new(-2, -3, 3), new(-1, -3, 3), new(0, -3, 3), new(1, -3, 3), new(2, -3, 3)], TurnedShape.Of(bar, 0, 3).Runs.ToArray());

        // At 45° the middle row is the longest, and the shape leans: it runs from back left to front right.
        CellRun[] leaning = TurnedShape.Of(bar, 45, 0).Runs.ToArray();
        Assert.Equal(leaning.Length, leaning.Select(run => run.Row).Distinct().Count());
        Assert.All(leaning, run => Assert.Contains(new CellRun(-run.Row, -run.Last, -run.First), leaning));
        Assert.True(leaning[0].First < leaning[^1].First && leaning[0].Last < leaning[^1].Last);
    }

    /// <summary>The thick end is covered where it is thick, and the thin end is not.</summary>
    [Fact]
    public void A_thick_end_covers_more_rows_than_a_thin_one()
    {
        var drop = new Footprint(24, [9, 9, 0, 0, 0]);
        CellRun[] runs = TurnedShape.Of(drop, 0, 0).Runs.ToArray();
        Assert.Equal([-3, -2, -1, 0, 1, 2, 3], runs.Select(run => run.Row));
        Assert.Equal(4, runs.Single(run => run.Row == 0).Last);
        Assert.All(runs, run => Assert.Equal(-4, run.First));
        Assert.InRange(runs[0].Last, -2, 0);
    }

    private static VesselLayout Holding(params PlacedPiece[] pieces) =>
        new(400, 300, false, pieces, 0.3, Fullness.Roomy, [], 0, false, false);

    private static PlacedPiece At(int index, double x, double y, double scale = 1, double crowding = 0.1, int vessel = 0) =>
        new(new Spot(1, index, vessel, x, y, 0, false), scale, crowding);

    [Fact]
    public void The_slowest_is_a_heavy_one_that_lies_towards_the_door_or_among_others()
    {
        static int? Slowest(params PlacedPiece[] pieces) => new TrayLayout([Holding(pieces)], []).Slowest(1)?.Spot.Index;
        Assert.Equal(1, Slowest(At(0, 100, 50), At(1, 100, 250)));
        Assert.Equal(0, Slowest(At(0, 100, 50, crowding: 0.9), At(1, 100, 250)));
        Assert.Equal(1, Slowest(At(0, 100, 50, crowding: 0.7), At(1, 100, 250)));
        Assert.Equal(0, Slowest(At(0, 100, 50), At(1, 100, 250, scale: 0.984)));
        Assert.Equal(1, Slowest(At(0, 100, 50), At(1, 100, 250, scale: 0.985)));
        Assert.Null(new TrayLayout([Holding(At(0, 1, 1))], []).Slowest(2));
    }

    /// <summary>Thirds of a tray, more or less: up to 40 % is left or back, beyond 60 % right or front.</summary>
    [Theory]
    [InlineData(0.39, 0.39, "back left")]
    [InlineData(0.41, 0.39, "back middle")]
    [InlineData(0.61, 0.39, "back right")]
    [InlineData(0.39, 0.41, "middle left")]
    [InlineData(0.5, 0.5, "middle")]
    [InlineData(0.59, 0.59, "middle")]
    [InlineData(0.61, 0.59, "middle right")]
    [InlineData(0.39, 0.61, "front left")]
    [InlineData(0.5, 0.61, "front middle")]
    [InlineData(0.61, 0.61, "front right")]
    public void A_piece_is_called_by_where_it_lies(double right, double front, string place)
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165)] };
        var layout = new TrayLayout([Holding(At(0, 10, 10), At(1, 400 * right, 300 * front))], []);
        IReadOnlyDictionary<PieceRef, string> names = PieceNames.Of(plan, layout);
        Assert.Equal("thigh 1, back left", names[new(new(1), 1)]);
        Assert.Equal($"thigh 2, {place}", names[new(new(1), 2)]);
    }

    [Fact]
    public void One_piece_needs_no_number_two_trays_need_their_shelf_and_what_is_not_laid_has_no_place()
    {
        TrayPlan one = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 1, 165)] };
        var layout = new TrayLayout([Holding(At(0, 10, 10))], []);
        Assert.Equal("the thigh", PieceNames.Of(one, layout)[new(new(1), 1)]);
        TrayPlan both = one with { Chicken = [.. one.Chicken, Plans.Chicken(2, Cut.BonelessThigh, 1, 110)] };
        Assert.Equal("the bone-in thigh, back left", PieceNames.Of(both, layout)[new(new(1), 1)]);
        Assert.Equal("the boneless thigh", PieceNames.Of(both, layout)[new(new(2), 1)]);
        TrayPlan twoTrays = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165)], Vessels = [Vessel.HalfSheet, Vessel.HalfSheet] };
        var shelves = new TrayLayout([Holding(At(0, 10, 10)), Holding(At(1, 390, 290, vessel: 1))], []);
        Assert.Equal(["thigh 1, back left, upper tray", "thigh 2, front right, lower tray"], PieceNames.Of(twoTrays, shelves).Values);
    }

    [Fact]
    public void Items_are_chicken_first_heaviest_first_and_of_one_vegetable_at_most_sixty()
    {
        TrayPlan plan = Plans.Thighs with
        {
            Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 3, 165, spreadPercent: 30) with { Vessel = 1 }],
            Vegetables = [Plans.Roots(2, Vegetable.GreenBean, 2000) with { Place = VegetablePlace.Under }, Plans.Roots(3, Vegetable.Potato, 60)],
            Vessels = [Vessel.HalfSheet, Vessel.HalfSheet],
        };
        IReadOnlyList<TrayItem> items = TrayItem.All(plan);
        TrayItem[] thighs = [.. items.Take(3)];
        Assert.All(thighs, item => Assert.Equal((1, 1, true, TrayLevel.Floor), (item.Lot, item.Vessel, item.IsChicken, item.Level)));
        Assert.Equal([0, 1, 2], thighs.Select(item => item.Index));
        Assert.Equal(1, thighs[0].Scale);
        double lighter = plan.Chicken[0].MassesG()[2] / plan.Chicken[0].MassesG()[0];
        Assert.Equal(Math.Cbrt(lighter), thighs[2].Scale, 0.01);
        Assert.Equal(60, items.Count(item => item.Lot == 2));
        Assert.All(items.Where(item => item.Lot == 2), item => Assert.True(item is { Level: TrayLevel.Bed, IsChicken: false, Vessel: 0, Scale: 1 }));
        Assert.Equal(plan.Vegetables[1].Count, items.Count(item => item is { Lot: 3, Level: TrayLevel.Floor }));
        Assert.Equal(Enumerable.Range(0, 60), items.Where(item => item.Lot == 2).Select(item => item.Index));
    }

    [Fact]
    public void Outlines_are_of_the_heaviest_and_say_how_many_are_drawn()
    {
        TrayPlan plan = Plans.Thighs with
        {
            Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165, spreadPercent: 30)],
            Vegetables = [Plans.Roots(2, Vegetable.GreenBean, 600)],
        };
        TrayLayout layout = TrayArranger.Arrange(plan);
        LotOutline thighs = layout.Outlines[0];
        Assert.Equal((1, 2, 2), (thighs.Lot, thighs.Drawn, thighs.Pieces));
        Assert.Equal(Footprint.Of(plan.Chicken[0].Piece(plan.Chicken[0].MassesG()[0])).LengthMm, thighs.Outline.Where((_, i) => i % 2 == 0).Max() * 2, 0.11);
        LotOutline beans = layout.Outlines[1];
        Assert.Equal((2, 60, plan.Vegetables[0].Count), (beans.Lot, beans.Drawn, beans.Pieces));
        Assert.True(beans.Pieces > 60);
    }
}
