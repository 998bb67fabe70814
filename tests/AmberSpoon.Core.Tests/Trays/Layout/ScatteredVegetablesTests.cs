using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays.Layout;

/// <summary>
/// What stands round a vegetable is what a cook leaves round it who spreads all of them, not where the one that is drawn happens to lie.
/// Numbers by hand, for a half sheet of 130 100 mm² and potato of 1.08 g/cm³.
/// </summary>
public sealed class ScatteredVegetablesTests
{
    private static VegetableLot Cubes(double mm, double grams, VegetablePlace place = VegetablePlace.Around) =>
        Plans.Roots(2, Vegetable.Potato, grams) with { Cut = VegetableCut.Cube, Size = new(mm, LengthUnit.Millimetre), Place = place };

    private static double[] Crowding(TrayPlan plan, int lot) =>
        [.. TrayArranger.Arrange(plan).Vessels[0].Pieces.Where(piece => piece.Spot.Lot == lot).Select(piece => piece.Crowding).Distinct()];

    private static TrayPlan Only(VegetableLot lot) => Plans.Thighs with { Chicken = [], Vegetables = [lot] };

    /// <summary>
    /// 25 mm: 36 pieces have gaps of 35 mm, out of each other's way; 59 have 22 mm and take (32 − 22) / 16 of the 28 % they cover; 83 have
    /// 15 mm and take all 40 %. 12 mm: of 161, 18 %; of 750, 83 %, although only 60 of them are drawn.
    /// </summary>
    [Theory]
    [InlineData(25, 600, 0.1)]
    [InlineData(25, 1000, 0.28)]
    [InlineData(25, 1400, 0.5)]
    [InlineData(12, 300, 0.28)]
    [InlineData(12, 1400, 0.93)]
    public void Spread_evenly_they_crowd_each_other_by_what_they_cover_where_gaps_are_narrow(double mm, double grams, double crowding)
    {
        double[] found = Crowding(Only(Cubes(mm, grams)), 2);
        Assert.Equal(crowding, Assert.Single(found), 0.011);
    }

    /// <summary>What lies under the meat has it above: two fifths more.</summary>
    [Fact]
    public void A_bed_has_the_meat_above() =>
        Assert.Equal(0.28 + 0.4, Assert.Single(Crowding(Only(Cubes(25, 1000, VegetablePlace.Under)), 2)), 0.011);

    [Fact]
    public void Chicken_takes_floor_from_them_and_stands_round_its_neighbours()
    {
        TrayPlan beside = Only(Cubes(20, 600)) with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 6, 165)] };
        double alone = Assert.Single(Crowding(Only(Cubes(20, 600)), 2));
        double[] found = Crowding(beside, 2);
        Assert.True(found.Min() > alone + 0.05, "Less floor is left.");
        Assert.True(found.Max() > found.Min() + 0.1, "Some lie beside a thigh.");
    }

    /// <summary>Of 500 dice sixty are drawn; what is not drawn steams the thighs, too.</summary>
    [Fact]
    public void Chicken_among_very_many_small_pieces_is_crowded_by_all_of_them()
    {
        TrayPlan few = Only(Cubes(12, 100)) with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 4, 165)] };
        TrayPlan many = few with { Vegetables = [Cubes(12, 950)] };
        Assert.True(Crowding(many, 1).Min() >= 0.5);
        Assert.True(Crowding(few, 1).Max() < 0.35);
    }
}
