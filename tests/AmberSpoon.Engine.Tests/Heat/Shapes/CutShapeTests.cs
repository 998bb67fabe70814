using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Shapes;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Shapes;

public sealed class CutShapeTests
{
    private static readonly Gen<CutFacts> AnyCut = Gen.Int[0, CutTable.All.Count - 1].Select(i => CutTable.All[i]);

    /// <summary>A box that cut through the meat would be a mirror there: only y = 0, and a skewer's ends, may be.</summary>
    [Fact]
    public void No_piece_sticks_out_of_its_box() =>
        Gen.Select(AnyCut, Gen.Double[0, 1], Gen.Double[0, 1]).Sample((facts, u, v) =>
        {
            Solid solid = CutShapes.For(facts.Cut).Solid;
            Point size = solid.Size;
            double above = solid.Level(new(solid.Low.X + (u * size.X), v * size.Y, solid.High.Z));
            double beside = solid.Level(new(solid.Low.X + (u * size.X), solid.High.Y, v * size.Z));
            double before = solid.Level(new(solid.Low.X, u * size.Y, v * size.Z));
            double behind = solid.Level(new(solid.High.X, u * size.Y, v * size.Z));
            bool endsClosed = facts.Cut == Cut.ThighSkewer || (before > -1e-4 && behind > -1e-4);
            return above > -1e-4 && beside > -1e-4 && endsClosed;
        });

    [Fact]
    public void Bones_and_fillings_lie_inside_their_pieces() =>
        Gen.Select(AnyCut, Gen.Double[0, 1], Gen.Double[0, 1], Gen.Double[0, 1]).Sample((facts, u, v, w) =>
        {
            CutShape shape = CutShapes.For(facts.Cut);
            Point size = shape.Solid.Size;
            var place = new Point(u * size.X, v * size.Y, w * size.Z);
            // The shaft of a drumstick and a rib cage may reach the surface, no further than a millimetre or two beyond it.
            return shape.Inner is not { } inner || inner(place) > 0 || shape.Solid.Level(place) < 0.0035;
        });

    [Fact]
    public void The_middle_of_every_cut_is_deep_in_its_thickest_place() => Assert.All(CutTable.All, facts =>
    {
        CutShape shape = CutShapes.For(facts.Cut);
        Assert.True(shape.Solid.Level(shape.Middle) < -0.25 * shape.Solid.Size.Z);
    });

    [Theory]
    [InlineData(0.3)]
    [InlineData(0.5)]
    [InlineData(0.7)]
    public void A_loft_is_as_long_wide_and_high_as_it_says(double peak)
    {
        var loft = new Loft(0.01, 0.12, 0.08, 0.04) { Peak = peak, Taper = 0.4 };
        double atPeak = loft.PeakM;
        Assert.Equal(0, loft.Level(new(0.01, 0, loft.Waist * 0.04)), 1e-6);
        Assert.Equal(0, loft.Level(new(0.13, 0, loft.Waist * 0.04 * 0.6)), 1e-6);
        Assert.Equal(0, loft.Level(new(atPeak, 0, 0.04)), 1e-6);
        Assert.Equal(0, loft.Level(new(atPeak, 0.04, loft.Waist * 0.04)), 1e-6);
        Assert.True(loft.Level(new(atPeak, 0, 0.041)) > 0);
        Assert.True(loft.Level(new(atPeak, 0, -0.001)) > 0);
    }

    [Fact]
    public void Points_are_added_crossed_and_stretched_as_vectors()
    {
        var x = new Point(1, 0, 0);
        var y = new Point(0, 2, 0);
        Assert.Equal(new(0, 0, 2), x.Cross(y));
        Assert.Equal(new(1, 2, 0), x + y);
        Assert.Equal(new(0.5, 1, 0), x.Towards(y, 0.5));
        Assert.Equal(new(3, 8, 0), (x + y).Stretched(new(3, 4, 5)));
        Assert.Equal(x + y, (x + y).Stretched(new(3, 4, 5)).Unstretched(new(3, 4, 5)));
        Assert.Equal(5, new Point(3, 4, 0).Length);
    }
}
