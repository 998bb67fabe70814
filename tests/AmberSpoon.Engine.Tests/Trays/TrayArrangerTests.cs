using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

/// <summary>Properties of every layout, with outlines as they are drawn, not as the arranger counts them. Thousands of places each: not among the fast tests.</summary>
public sealed class TrayArrangerTests
{
    private static readonly Gen<Vessel> AnyVessel = Gen.Enum<VesselKind>().Select(Gen.Double[150, 500], Gen.Double[150, 400]).Select((kind, width, depth) =>
        Vessel.HalfSheet with { Kind = kind, Width = new(width, LengthUnit.Millimetre), Depth = new(depth, LengthUnit.Millimetre) });

    private static readonly Gen<TrayPlan> AnyPlan =
        Gen.Select(AnyVessel, Plans.AnyCut, Gen.Int[1, 7], Gen.Double[0, 40], Plans.AnyVegetable, Gen.Double[40, 350], Gen.Bool).Select(
            (vessel, cut, count, spread, vegetable, grams, isBed) => Plans.Thighs with
            {
                Vessels = [vessel],
                Chicken = [Plans.Chicken(1, cut, count, CutTable.For(cut).ReferenceMassG, spread)],
                Vegetables = [Plans.Roots(2, vegetable, grams) with { Place = isBed ? VegetablePlace.Under : VegetablePlace.Around }],
            });

    [Fact]
    public void Nothing_overlaps_and_nothing_leaves_the_vessel() => AnyPlan.Sample(
        plan =>
        {
            VesselLayout vessel = TrayArranger.Arrange(plan).Vessels[0];
            Outline[] outlines = [.. vessel.Pieces.Select(piece => Outline.Of(plan, piece))];
            bool isInside = outlines.All(outline => outline.Places.All(place => IsInside(vessel, place)));
            bool isApart = outlines.Index().All(one => outlines.Skip(one.Index + 1).All(other =>
                other.IsBed != one.Item.IsBed || !one.Item.Touches(other)));
            return isInside && isApart;
        },
        iter: 60);

    [Fact]
    public void One_piece_more_leaves_all_but_vegetables_in_its_way_where_they_lie() => Gen.Select(Gen.Int[1, 5], Plans.AnyVegetable, Gen.Double[40, 120]).Sample(
        (count, vegetable, grams) =>
        {
            TrayPlan plan = Plans.Thighs with
            {
                Chicken = [Plans.Chicken(1, Cut.Drumstick, count, 115)],
                Vegetables = [Plans.Roots(2, vegetable, grams)],
            };
            plan = plan with { Spots = TrayArranger.Arrange(plan).Spots() };
            TrayLayout more = TrayArranger.Arrange(plan with { Chicken = [Plans.Chicken(1, Cut.Drumstick, count + 1, 115)] });
            Spot added = more.Spots().Single(spot => spot.Lot == 1 && spot.Index == count);

            // A drumstick is 126 mm long, and nothing else on these trays longer than 100.
            Spot[] moved = [.. plan.Spots.Where(spot => !more.Spots().Contains(spot))];
            return more.Spots().Count == plan.Spots.Count + 1
                && moved.All(spot => spot.Lot == 2 && Math.Sqrt(((spot.XMm - added.XMm) * (spot.XMm - added.XMm)) + ((spot.YMm - added.YMm) * (spot.YMm - added.YMm))) < 125);
        },
        iter: 30);

    [Fact]
    public void On_a_full_tray_new_chicken_moves_only_vegetables_that_are_in_its_way()
    {
        TrayPlan plan = Plans.Supper with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 6, 165)] };
        plan = plan with { Spots = TrayArranger.Arrange(plan).Spots() };
        TrayLayout more = TrayArranger.Arrange(plan with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 7, 165)] });
        Assert.Empty(more.Vessels[0].LeftOver);
        Assert.All(plan.Spots.Where(spot => spot.Lot == 1), spot => Assert.Contains(spot, more.Spots()));
        int moved = plan.Spots.Count(spot => !more.Spots().Contains(spot));
        Assert.InRange(moved, 0, plan.Spots.Count / 2);
    }

    [Fact]
    public void Laying_the_same_again_changes_nothing() => AnyPlan.Sample(
        plan =>
        {
            TrayLayout once = TrayArranger.Arrange(plan);
            TrayLayout again = TrayArranger.Arrange(plan with { Spots = once.Spots() });
            return once.Vessels[0].LeftOver.Count > 0 || once.Spots().SequenceEqual(again.Spots());
        },
        iter: 20);

    [Fact]
    public void A_piece_laid_by_hand_stays_there_or_as_near_as_can_be()
    {
        TrayPlan plan = Plans.Supper with { Spots = TrayArranger.Arrange(Plans.Supper).Spots() };
        Spot middle = plan.Spots.First(spot => spot.Lot == 1) with { XMm = 220, YMm = 150, IsPinned = true };
        TrayPlan dragged = plan with { Spots = [.. plan.Spots.Where(spot => (spot.Lot, spot.Index) != (1, middle.Index)), middle] };
        Spot laid = TrayArranger.Arrange(dragged).Spots().First(spot => spot.Lot == 1 && spot.Index == middle.Index);
        Assert.Equal(220, laid.XMm, 2.0);
        Assert.Equal(150, laid.YMm, 2.0);

        Spot outside = middle with { XMm = 2000, YMm = -50 };
        TrayLayout back = TrayArranger.Arrange(plan with { Spots = [outside] });
        Assert.Empty(back.Vessels[0].LeftOver);
    }

    [Fact]
    public void Large_pieces_lie_along_the_edge_with_their_thick_end_outward()
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.Drumstick, 6, 115)] };
        VesselLayout vessel = TrayArranger.Arrange(plan).Vessels[0];
        int outward = vessel.Pieces.Count(piece =>
        {
            (double sin, double cos) = Math.SinCos(piece.Spot.AngleDegrees * Math.PI / 180);
            return (cos * ((vessel.WidthMm / 2) - piece.Spot.XMm)) + (sin * ((vessel.DepthMm / 2) - piece.Spot.YMm)) > 0;
        });
        Assert.InRange(outward, 5, 6);
        Assert.All(vessel.Pieces, piece => Assert.InRange(
            Math.Min(Math.Min(piece.Spot.XMm, vessel.WidthMm - piece.Spot.XMm), Math.Min(piece.Spot.YMm, vessel.DepthMm - piece.Spot.YMm)), 0, 80));
    }

    [Fact]
    public void Too_much_food_is_counted_and_a_roomy_tray_is_called_roomy()
    {
        VesselLayout full = TrayArranger.Arrange(Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.LegQuarter, 14, 330)] }).Vessels[0];
        Assert.True(full.IsOverfull && full.TooMuchShare > 0.2);
        Assert.Equal(14, full.Pieces.Count + full.LeftOver[0].Pieces);
        Assert.Equal(Fullness.Crowded, full.Fullness);
        VesselLayout roomy = TrayArranger.Arrange(Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165)] }).Vessels[0];
        Assert.Equal(Fullness.Roomy, roomy.Fullness);
        Assert.False(roomy.IsOverfull);
    }

    [Fact]
    public void Neighbours_crowd_and_an_open_piece_is_open()
    {
        VesselLayout two = TrayArranger.Arrange(Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165)] }).Vessels[0];
        VesselLayout twelve = TrayArranger.Arrange(Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 12, 165)] }).Vessels[0];
        Assert.All(two.Pieces, piece => Assert.Equal(0.1, piece.Crowding));
        Assert.True(twelve.Pieces.Average(piece => piece.Crowding) > 0.2);
    }

    private static bool IsInside(VesselLayout vessel, (double X, double Y) place)
    {
        if (vessel.IsRound)
        {
            double radius = vessel.WidthMm / 2;
            return Math.Sqrt(((place.X - radius) * (place.X - radius)) + ((place.Y - radius) * (place.Y - radius))) <= radius;
        }

        return place.X >= 0 && place.Y >= 0 && place.X <= vessel.WidthMm && place.Y <= vessel.DepthMm;
    }

    /// <summary>A piece's outline where it lies.</summary>
    private sealed record Outline(IReadOnlyList<(double X, double Y)> Places, bool IsBed)
    {
        public static Outline Of(TrayPlan plan, PlacedPiece piece)
        {
            ChickenLot? chicken = plan.Chicken.FirstOrDefault(lot => lot.Id == piece.Spot.Lot);
            VegetableLot? vegetable = plan.Vegetables.FirstOrDefault(lot => lot.Id == piece.Spot.Lot);
            var footprint = Footprint.Of(chicken is null ? vegetable!.Piece() : chicken.Piece(chicken.MassesG()[piece.Spot.Index]));
            (double sin, double cos) = Math.SinCos(piece.Spot.AngleDegrees * Math.PI / 180);
            return new(
                [.. footprint.Outline().Select(place => (piece.Spot.XMm + (cos * place.XMm) - (sin * place.YMm), piece.Spot.YMm + (sin * place.XMm) + (cos * place.YMm)))],
                vegetable?.Place == VegetablePlace.Under);
        }

        /// <summary>Some place of one lies inside the other. Outlines are drawn with many more places than they have corners.</summary>
        public bool Touches(Outline other) => Places.Any(other.Holds) || other.Places.Any(Holds);

        private bool Holds((double X, double Y) place)
        {
            bool isIn = false;
            for (int i = 0, j = Places.Count - 1; i < Places.Count; j = i++)
            {
                (double X, double Y) a = Places[i];
                (double X, double Y) b = Places[j];
                if ((a.Y > place.Y) != (b.Y > place.Y) && place.X < ((b.X - a.X) * (place.Y - a.Y) / (b.Y - a.Y)) + a.X)
                {
                    isIn = !isIn;
                }
            }

            return isIn;
        }
    }
}
