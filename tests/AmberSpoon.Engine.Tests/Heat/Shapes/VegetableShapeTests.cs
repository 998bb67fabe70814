using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Pieces;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Shapes;

/// <summary>Cut vegetables against closed forms of what they are cut into.</summary>
public sealed class VegetableShapeTests
{
    private static PieceSize Size(Vegetable kind, VegetableCut cut, double sizeMm) => new VegetableBody(kind, cut, sizeMm).Size();

    [Fact]
    public void A_cube_is_as_high_as_it_is_wide_and_a_little_less_than_its_box()
    {
        PieceSize cube = Size(Vegetable.Potato, VegetableCut.Cube, 30);
        Assert.Equal((30, 30, 30), (Math.Round(cube.LengthMm), Math.Round(cube.WidthMm), Math.Round(cube.HeightMm)));
        Assert.InRange(cube.VolumeMl, 0.88 * 27, 27);
        Assert.InRange(cube.SurfaceCm2, 0.8 * 54, 54);
    }

    [Fact]
    public void A_whole_tomato_is_a_ball()
    {
        PieceSize ball = Size(Vegetable.CherryTomato, VegetableCut.Whole, 28);
        Assert.Equal(4.0 / 3 * Math.PI * 14 * 14 * 14 / 1000, ball.VolumeMl, 0.25);
        Assert.Equal(4 * Math.PI * 14 * 14 / 100, ball.SurfaceCm2, 0.6);
    }

    [Fact]
    public void A_half_is_half_a_whole_and_lies_on_its_cut()
    {
        PieceSize whole = Size(Vegetable.Mushroom, VegetableCut.Whole, 40);
        PieceSize half = Size(Vegetable.Mushroom, VegetableCut.Half, 40);
        Assert.Equal(whole.VolumeMl / 2, half.VolumeMl, 0.6);
        Assert.Equal(20, half.HeightMm, 0.1);
    }

    [Fact]
    public void A_slice_has_the_vegetable_s_width_and_its_own_thickness()
    {
        PieceSize slice = Size(Vegetable.Carrot, VegetableCut.Coin, 15);
        Assert.Equal(28, slice.WidthMm, 0.1);
        Assert.Equal(15, slice.HeightMm, 0.1);
        Assert.InRange(slice.VolumeMl, 0.9 * Math.PI * 14 * 14 * 15 / 1000, Math.PI * 14 * 14 * 15 / 1000);
    }

    [Fact]
    public void A_quarter_of_pepper_is_as_thick_as_its_wall() =>
        Assert.Equal(VegetableTable.For(Vegetable.Pepper).WallMm!.Value, Size(Vegetable.Pepper, VegetableCut.Wedge, 60).HeightMm, 0.1);

    [Fact]
    public void A_bean_is_long_and_thin()
    {
        PieceSize bean = Size(Vegetable.GreenBean, VegetableCut.Whole, 9);
        Assert.Equal(90, bean.LengthMm, 0.5);
        Assert.Equal(9, bean.HeightMm, 0.1);
    }

    [Fact]
    public void Mass_grows_with_the_cube_of_an_even_size() => Gen.Double[12, 28].Sample(sizeMm =>
    {
        double small = new VegetableBody(Vegetable.Potato, VegetableCut.Cube, sizeMm).MassG;
        double large = new VegetableBody(Vegetable.Potato, VegetableCut.Cube, 2 * sizeMm).MassG;
        return Math.Abs((large / small) - 8) < 1e-6;
    });

    [Fact]
    public void Grids_agree_on_volume_and_area() => Assert.All(VegetableTable.All, facts =>
    {
        var piece = new VegetableBody(facts.Kind, facts.Usual.Cut, facts.Usual.SizeMm);
        Assert.Equal(piece.At(GridLevel.Normal).VolumeM3, piece.At(GridLevel.Quick).VolumeM3, 0.02 * piece.At(GridLevel.Normal).VolumeM3);
        Assert.Equal(piece.At(GridLevel.Normal).SurfaceM2, piece.At(GridLevel.Quick).SurfaceM2, 0.03 * piece.At(GridLevel.Normal).SurfaceM2);
    });
}
