using System.Buffers.Binary;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Heat.Shapes;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Sections;

public sealed class SectionFilmTests
{
    private static readonly double[] EveryFiveMinutes = [0, 300, 600, 900, 1200, 1500, 1800];

    public static TheoryData<Cut> AllCuts => [.. CutTable.All.Select(facts => facts.Cut)];

    private static SectionFilm Film(Cut cut, double minutes = 30, params IReadOnlyList<OvenStep> steps) =>
        Heating.Bake(cut, minutes: minutes, steps: steps).Film(EveryFiveMinutes, 74, TestContext.Current.CancellationToken);

    private static double Celsius(SectionPlane plane, int frame, int row, int column) => BinaryPrimitives.ReadInt16LittleEndian(
        plane.DeciC.AsSpan(2 * ((((frame * plane.Rows) + row) * plane.Columns) + column))) / 10.0;

    /// <summary>The way of the probe for every cut: from outside, through no bone, to nearly the coldest food.</summary>
    [Theory]
    [MemberData(nameof(AllCuts))]
    public void A_probe_reaches_the_coldest_food_without_meeting_bone(Cut cut)
    {
        SectionFilm film = Film(cut);
        CutShape shape = CutShapes.For(cut);
        Point stretch = new PieceBody(cut, CutTable.For(cut).ReferenceMassG).At(Core.Heat.GridLevel.Normal).Mesh.Stretch;
        Point At(PlanePoint place) => new(place.XMm / 1000 / stretch.X, 0, place.ZMm / 1000 / stretch.Z);
        (Point entry, Point tip) = (At(film.Probe.Entry), At(film.Probe.Tip));
        Assert.InRange(shape.Solid.Level(entry), -0.004, 0.004);
        Assert.True(shape.Solid.Level(tip) < -0.002);
        if (shape is { Inner: { } inner, InnerIsFood: false })
        {
            Assert.All(Enumerable.Range(0, 20), n => Assert.True(inner(entry.Towards(tip, n / 20.0)) > -0.0005));
        }
    }

    [Fact]
    public void Pictures_begin_uniform_and_grow_hot_from_the_edge()
    {
        SectionFilm film = Film(Cut.BonelessBreast);
        Assert.Equal(EveryFiveMinutes.Length, film.Frames.Count);
        for (int column = 0; column < film.Along.Columns; column++)
        {
            Assert.Equal(4, Celsius(film.Along, 0, film.Along.Rows / 2, column), 0.11);
        }

        (int row, int middle) = (film.Across.Rows / 2, film.Across.Columns / 2);
        for (int frame = 1; frame < film.Frames.Count; frame++)
        {
            Assert.True(Celsius(film.Across, frame, row, 1) > Celsius(film.Across, frame, row, middle) + 3);
            Assert.True(Celsius(film.Along, frame, film.Along.Rows - 2, film.Along.Columns / 3) > Celsius(film.Along, frame - 1, film.Along.Rows / 2, film.Along.Columns / 3));
        }
    }

    /// <summary>Across, a piece is the same left and right.</summary>
    [Fact]
    public void The_picture_across_is_its_own_mirror_image()
    {
        SectionPlane across = Film(Cut.BoneInThigh).Across;
        for (int row = 0; row < across.Rows; row++)
        {
            for (int column = 0; column < across.Columns; column++)
            {
                Assert.Equal(Celsius(across, 5, row, column), Celsius(across, 5, row, across.Columns - 1 - column), 0.11);
            }
        }
    }

    [Fact]
    public void The_outline_has_the_piece_s_length_and_height()
    {
        SectionFilm film = Film(Cut.LegQuarter);
        PieceSize size = new PieceBody(Cut.LegQuarter, 330).Size();
        Assert.Equal(size.HeightMm, film.Along.Outline.Max(point => point.ZMm), 0.5);
        Assert.InRange(film.Along.Outline.Max(point => point.XMm) - film.Along.Outline.Min(point => point.XMm), size.LengthMm - 5, size.LengthMm);
        Assert.NotEmpty(film.Along.Inner);
        Assert.Equal(InsideKind.Bone, film.Inside);
        Assert.Equal(InsideKind.Filling, Film(Cut.StuffedBreast, 30).Inside);
        Assert.Equal(InsideKind.OnlyMeat, Film(Cut.Tender, 30).Inside);
    }

    /// <summary>While a piece cools on the worktop its coldest food is at the surface; the probe must not be sent there.</summary>
    [Fact]
    public void A_long_rest_does_not_move_the_probe_to_the_surface()
    {
        SectionFilm film = Film(Cut.Drumstick, 60, new TakeOut(900));
        Assert.True(film.Probe.DepthMm > 12);
    }

    /// <summary>Taken out before its goal, its coldest food is soon at the surface; the tip still belongs in the middle.</summary>
    [Theory]
    [InlineData(Cut.BoneInThigh)]
    [InlineData(Cut.BonelessBreast)]
    public void At_rest_the_probe_still_goes_into_the_middle(Cut cut)
    {
        double[] everyMinute = [.. Enumerable.Range(0, 60).Select(n => 60.0 * n)];
        SectionFilm baked = Film(cut, 31);
        SectionFilm rested = Heating.Bake(cut, minutes: 60, steps: [new TakeOut(31 * 60)])
            .Film(everyMinute, 80, TestContext.Current.CancellationToken);
        Assert.Equal(baked.Probe.DepthMm, rested.Probe.DepthMm, 6.0);
        Assert.Equal(baked.Probe.Tip.ZMm, rested.Probe.Tip.ZMm, 5.0);
    }
}
