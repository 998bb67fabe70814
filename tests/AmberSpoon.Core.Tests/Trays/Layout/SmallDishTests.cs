using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays.Layout;

/// <summary>
/// Dishes of a hand's width, with blocks for meat and dice for vegetables. Where each piece lies was looked at once and found
/// good; that it lies there still is the point: a tray that is laid again tomorrow looks as it did today.
/// </summary>
public sealed class SmallDishTests
{
    private static readonly Footprint Block = new(30, [15, 15, 15]);
    private static readonly Footprint Wedge = new(42, [12, 8, 4]);
    private static readonly Footprint Dice = new(12, [6, 6, 6]);

    private static Vessel Dish(double widthMm, double depthMm) => Vessel.HalfSheet with
    {
        Kind = VesselKind.Custom,
        Width = new(widthMm, LengthUnit.Millimetre),
        Depth = new(depthMm, LengthUnit.Millimetre),
    };

    private static TrayItem[] Chicken(int count, Footprint shape) =>
        [.. Enumerable.Range(0, count).Select(i => new TrayItem(1, i, 0, IsChicken: true, TrayLevel.Floor, 1, shape))];

    private static TrayItem[] Diced(int count, int lot = 2, bool isBed = false) =>
        [.. Enumerable.Range(0, count).Select(i => new TrayItem(lot, i, 0, IsChicken: false, isBed ? TrayLevel.Bed : TrayLevel.Floor, 1, Dice))];

    private static VesselLayout Lay(Vessel vessel, TrayItem[] items, params Spot[] spots) =>
        VesselArranger.Arrange(Plans.Thighs with { Vessels = [vessel], Chicken = [], Vegetables = [] }, 0, items, spots);

    private static void Lies(VesselLayout layout, string pieces, string leftOver = "", double tooMuch = 0, bool isOverfull = false, bool isAfresh = false)
    {
        Assert.Equal(pieces, string.Join("; ", layout.Pieces.Select(piece => FormattableString.Invariant(
            $"{piece.Spot.Lot}.{piece.Spot.Index} {piece.Spot.XMm},{piece.Spot.YMm} {piece.Spot.AngleDegrees} {piece.Crowding}{(piece.Spot.IsPinned ? " pinned" : string.Empty)}"))));
        Assert.Equal(leftOver, string.Join(", ", layout.LeftOver.Select(lot => $"{lot.Pieces} of {lot.Lot}")));
        Assert.Equal(tooMuch, layout.TooMuchShare, 0.0006);
        Assert.Equal((isOverfull, isAfresh), (layout.IsOverfull, layout.IsAfresh));
        Assert.Equal(leftOver.Length > 0 ? Fullness.Crowded : Fullness.Roomy, layout.Fullness);
    }

    [Fact]
    public void Meat_lies_along_the_edge_thick_end_outward_and_apart()
    {
        Lies(Lay(Dish(120, 90), Chicken(1, Wedge)), "1.0 88.5,22.5 180 0.1");
        Lies(Lay(Dish(120, 90), Chicken(2, Wedge)), "1.0 88.5,22.5 180 0.19; 1.1 34.5,22.5 0 0.19");
        Lies(Lay(Dish(150, 90), Chicken(4, Wedge)), "1.0 124.5,16.5 180 0.1; 1.1 28.5,16.5 0 0.1; 1.2 124.5,70.5 180 0.1; 1.3 28.5,70.5 0 0.1");
    }

    [Fact]
    public void Vegetables_lie_where_there_is_most_room_and_away_from_their_like()
    {
        Lies(
            Lay(Dish(120, 90), [.. Chicken(2, Block), .. Diced(4)]),
            "1.0 94.5,40.5 180 0.16; 1.1 52.5,64.5 270 0.26; 2.0 16.5,16.5 0 0.1; 2.1 16.5,70.5 0 0.26; 2.2 58.5,16.5 0 0.13; 2.3 16.5,40.5 0 0.13");
        Lies(
            Lay(Dish(120, 90), [.. Diced(3), .. Diced(3, lot: 3)]),
            "2.0 16.5,16.5 0 0.1; 2.1 100.5,70.5 0 0.1; 2.2 76.5,16.5 0 0.1; 3.0 40.5,70.5 0 0.1; 3.1 100.5,34.5 0 0.1; 3.2 46.5,16.5 0 0.1");
    }

    /// <summary>A bed has a floor of its own: it is not in the meat's way, and has it above.</summary>
    [Fact]
    public void A_bed_lies_under_the_meat() => Lies(
        Lay(Dish(90, 90), [.. Chicken(2, Block), .. Diced(6, isBed: true)]),
        "2.0 10.5,10.5 0 0.5; 2.1 76.5,76.5 0 0.5; 2.2 76.5,10.5 0 0.5; 2.3 10.5,76.5 0 0.5; 2.4 40.5,40.5 0 0.5; 2.5 70.5,46.5 0 0.5; 1.0 70.5,40.5 180 0.16; 1.1 34.5,70.5 270 0.16");

    /// <summary>Of four blocks two fit, with a cell's margin round each: as much again is too much.</summary>
    [Fact]
    public void What_finds_no_room_is_counted()
    {
        Lies(Lay(Dish(100, 66), Chicken(4, Block)), "1.0 52.5,16.5 90 0.19; 1.1 16.5,40.5 0 0.19", "2 of 1", tooMuch: 1, isOverfull: true);
        Lies(Lay(Dish(96, 64), Chicken(5, Block)), "1.0 70.5,28.5 180 0.26; 1.1 28.5,28.5 0 0.26", "3 of 1", tooMuch: 1.5, isOverfull: true);
        Lies(Lay(Dish(20, 20), Chicken(1, Block)), string.Empty, "1 of 1", tooMuch: 1, isOverfull: true);
    }

    /// <summary>Both blocks, and as many dice as fit beside them, row by row: 5 × 144 of 1800 + 9 × 144 mm² do not, more than can be heaped.</summary>
    [Fact]
    public void Where_it_is_tight_vegetables_lie_in_rows() => Lies(
        Lay(Dish(90, 60), [.. Chicken(2, Block), .. Diced(14)]),
        "1.0 16.5,16.5 0 0.51; 1.1 52.5,16.5 0 0.76; 2.0 76.5,7.5 0 0.35; 2.1 76.5,22.5 0 0.38; 2.2 76.5,37.5 0 0.26; 2.3 7.5,40.5 0 0.35; 2.4 22.5,40.5 0 0.48; 2.5 37.5,40.5 0 0.48; 2.6 52.5,40.5 0 0.41; 2.7 67.5,52.5 0 0.19; 2.8 82.5,52.5 0 0.1",
        "5 of 2",
        tooMuch: 0.2326,
        isOverfull: true);

    /// <summary>Fewer pieces are left over where the dice lie and the meat does not; it is no supper.</summary>
    [Fact]
    public void Meat_is_not_left_out_for_vegetables()
    {
        Lies(Lay(Dish(72, 40), [.. Chicken(3, Block), .. Diced(3)]), "1.0 16.5,16.5 0 0.26; 1.1 52.5,16.5 180 0.26", "1 of 1, 3 of 2", tooMuch: 0.74, isOverfull: true);
        Lies(
            Lay(Dish(72, 40), [.. Chicken(1, Block), .. Diced(14)]),
            "1.0 16.5,16.5 0 0.26; 2.0 64.5,31.5 0 0.1; 2.1 46.5,7.5 0 0.29; 2.2 40.5,31.5 0 0.32; 2.3 64.5,10.5 0 0.1",
            "10 of 2",
            tooMuch: 0.9756,
            isOverfull: true);
    }

    /// <summary>Vegetables may be heaped by 15 % of what lies: two dice of thirteen are 2/13 more, and three of twelve too many.</summary>
    [Fact]
    public void A_few_vegetables_more_are_heaped()
    {
        VesselLayout heaped = Lay(Dish(60, 60), Diced(17));
        Assert.Equal((1, false), (heaped.LeftOver.Single().Pieces, heaped.IsOverfull));
        Assert.Equal(1 / 16.0, heaped.TooMuchShare, 1e-9);
        VesselLayout tooMany = Lay(Dish(60, 60), Diced(19));
        Assert.Equal((3, true), (tooMany.LeftOver.Single().Pieces, tooMany.IsOverfull));
    }

    [Fact]
    public void What_lies_somewhere_stays_and_what_was_dragged_comes_as_near_as_it_can()
    {
        Lies(Lay(Dish(120, 90), Chicken(2, Block), new Spot(1, 0, 0, 61, 44, 45, false)), "1.0 61.5,43.5 45 0.16; 1.1 100.5,70.5 180 0.22");
        Lies(Lay(Dish(120, 90), Chicken(2, Block), new Spot(1, 1, 0, 500, -20, 0, true)), "1.0 58.5,64.5 270 0.1; 1.1 103.5,16.5 0 0.1 pinned");

        // Dropped upon another that was not laid by hand: that one makes way.
        Lies(
            Lay(Dish(120, 90), Chicken(2, Block), new Spot(1, 0, 0, 40, 40, 0, false), new Spot(1, 1, 0, 44, 44, 0, true)),
            "1.0 94.5,40.5 180 0.1; 1.1 43.5,43.5 0 0.1 pinned");
    }

    [Fact]
    public void Vegetables_make_way_for_meat_and_then_all_is_laid_afresh_but_not_what_was_laid_by_hand()
    {
        Lies(
            Lay(Dish(72, 60), [.. Chicken(2, Block), .. Diced(2)], new Spot(1, 0, 0, 19, 19, 0, false), new Spot(2, 0, 0, 52, 19, 0, false), new Spot(2, 1, 0, 52, 42, 0, false)),
            "1.0 19.5,19.5 0 0.38; 1.1 52.5,34.5 180 0.38; 2.0 7.5,52.5 0 0.26; 2.1 64.5,7.5 0 0.32");
        Lies(Lay(Dish(72, 40), Chicken(2, Block), new Spot(1, 0, 0, 36, 19, 0, false)), "1.0 16.5,16.5 0 0.26; 1.1 52.5,16.5 180 0.26", isAfresh: true);
        Lies(Lay(Dish(72, 40), Chicken(2, Block), new Spot(1, 0, 0, 36, 19, 0, true)), "1.0 37.5,19.5 0 0.1 pinned", "1 of 1", tooMuch: 1, isOverfull: true);
    }

    [Fact]
    public void In_a_round_dish_nothing_lies_in_a_corner() => Lies(
        Lay(Vessel.HalfSheet with { Kind = VesselKind.RoundDish }, [.. Chicken(2, Wedge), .. Diced(2)]),
        "1.0 142.5,34.5 90 0.16; 1.1 34.5,136.5 0 0.16; 2.0 82.5,40.5 0 0.1; 2.1 202.5,46.5 0 0.1");

    /// <summary>A floor that is half covered is close; from 62 % on it is crowded.</summary>
    [Theory]
    [InlineData(0.499, Fullness.Roomy)]
    [InlineData(0.501, Fullness.Close)]
    [InlineData(0.619, Fullness.Close)]
    [InlineData(0.621, Fullness.Crowded)]
    public void A_floor_is_as_full_as_its_covered_share(double cover, Fullness fullness)
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.Drumette, 3, 42)], Vegetables = [] };
        double foodMm2 = 3 * Footprint.Of(plan.Chicken[0].Piece(42)).AreaMm2();
        VesselLayout layout = VesselArranger.Arrange(plan with { Vessels = [Dish(100, foodMm2 / cover / 100)] }, 0, [], []);
        Assert.Equal(cover, layout.CoverShare, 1e-6);
        Assert.Equal(fullness, layout.Fullness);

        // A bed counts by itself; of the two the fuller decides.
        VegetableLot bed = Plans.Roots(2, Vegetable.Potato, 50) with { Place = VegetablePlace.Under };
        VesselLayout above = VesselArranger.Arrange(plan with { Vessels = [Dish(100, foodMm2 / cover / 100)], Vegetables = [bed] }, 0, [], []);
        Assert.Equal(Math.Max(cover, cover * bed.Count * Footprint.Of(bed.Piece()).AreaMm2() / foodMm2), above.CoverShare, 1e-6);
        VesselLayout beside = VesselArranger.Arrange(plan with { Vessels = [Dish(100, foodMm2 / cover / 100)], Vegetables = [bed with { Place = VegetablePlace.Around }] }, 0, [], []);
        Assert.Equal(cover * (1 + (bed.Count * Footprint.Of(bed.Piece()).AreaMm2() / foodMm2)), beside.CoverShare, 1e-6);
    }
}
