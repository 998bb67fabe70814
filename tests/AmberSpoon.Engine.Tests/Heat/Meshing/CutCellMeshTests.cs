using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Heat.Shapes;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Meshing;

public sealed class CutCellMeshTests
{
    private static readonly Gen<double> NotZero = Gen.Double[-1, 1].Where(level => Math.Abs(level) > 1e-3);

    private static (double Volume, double Area) Measure(ReadOnlySpan<Point> corner, ReadOnlySpan<double> level)
    {
        var patches = default(SurfacePatches);
        double volume = CutTetrahedron.Measure(corner, level, ref patches);
        return (volume, patches.Top.AreaM2 + patches.Rim.AreaM2 + patches.Under.AreaM2);
    }

    [Fact]
    public void What_is_inside_and_what_is_outside_make_the_whole_and_share_their_surface() => NotZero.Array[4].Sample(level =>
    {
        Point[] corner = [new(0, 0, 0), new(1, 0, 0), new(0, 1, 0), new(0, 0, 1)];
        (double inside, double area) = Measure(corner, level);
        (double outside, double sameArea) = Measure(corner, [.. level.Select(each => -each)]);
        return Math.Abs(inside + outside - (1.0 / 6)) < 1e-12 && Math.Abs(area - sameArea) < 1e-12;
    });

    [Fact]
    public void A_plane_through_a_tetrahedron_is_cut_exactly()
    {
        Point[] corner = [new(0, 0, 0), new(1, 0, 0), new(0, 1, 0), new(0, 0, 1)];
        (double volume, double area) = Measure(corner, [-0.5, 0.5, 0.5, 0.5]);
        Assert.Equal(1.0 / 48, volume, 1e-12);
        Assert.Equal(Math.Sqrt(3) / 8, area, 1e-12);
    }

    [Fact]
    public void Shares_of_a_triangle_and_its_opposite_make_one() => NotZero.Array[3].Sample(level =>
        Math.Abs(CutTetrahedron.ShareOfTriangle(level[0], level[1], level[2])
            + CutTetrahedron.ShareOfTriangle(-level[0], -level[1], -level[2]) - 1) < 1e-9);

    private static CutCellMesh MeshOf(Solid solid, double cellM) => CutCellMeshBuilder.Build(solid, null, new(cellM, cellM, cellM));

    private static Solid Whole(double x, double y, double z) =>
        TextbookSolids.Ellipsoid(x, y, z) with { Low = new(-x, -y, -z), Copies = 1 };

    /// <summary>
    /// Gauss: a closed surface has no direction, and its area times distance from anywhere is three volumes. Both hold to
    /// rounding only if no bit of surface and no bit of volume is lost on its way to a followed cell.
    /// </summary>
    [Fact]
    public void Nothing_of_a_closed_body_is_lost_between_its_cells() =>
        Gen.Select(Gen.Double[0.015, 0.05], Gen.Double[0.012, 0.04], Gen.Double[0.008, 0.03]).Sample(
            (x, y, z) =>
            {
                CutCellMesh mesh = MeshOf(Whole(x, y, z), 0.004);
                var scaled = new ScaledMesh(mesh, new(1, 1, 1));
                Point direction = default;
                double moment = 0;
                for (int e = 0; e < scaled.AreaM2.Length; e++)
                {
                    SurfaceElement element = mesh.Elements[e];
                    Point centre = scaled.CentreOf(element.Cell);
                    direction += element.AreaM2 * element.Normal;
                    moment += element.DepthVolumeM3 + (element.AreaM2 * element.Normal.Dot(centre));
                }

                return direction.Length < 0.02 * scaled.TotalAreaM2
                    && Math.Abs((moment / 3 / scaled.TotalVolumeM3) - 1) < 0.03;
            },
            iter: 20);

    [Fact]
    public void Every_followed_cell_has_room_and_every_leaning_one_a_followed_root() => Assert.All(CutTable.All, facts =>
    {
        CutCellMesh mesh = CutMeshes.For(CutShapes.For(facts.Cut), GridLevel.Normal).Mesh;
        double cell = mesh.Grid.CellM.X * mesh.Grid.CellM.Y * mesh.Grid.CellM.Z;
        Assert.All(mesh.VolumeM3.Where(volume => volume > 0), volume => Assert.InRange(volume / cell, 0.1, 4));
        Assert.All(mesh.Leaning, lean =>
        {
            Assert.Equal(lean.Root, mesh.Root[lean.Root]);
            Assert.Equal(lean.Behind, mesh.Root[lean.Behind]);
        });
        Assert.All(mesh.Elements, element => Assert.True(element.DepthVolumeM3 > 0 && mesh.VolumeM3[element.Cell] > 0));
        Assert.All(mesh.InnerShare, share => Assert.InRange(share, 0, 1.001));
    });

    [Fact]
    public void Sides_are_told_apart_by_the_way_they_look()
    {
        CutCellMesh mesh = MeshOf(Whole(0.03, 0.03, 0.03), 0.003);
        double Area(Side side) => mesh.Elements.Where(element => element.Side == side).Sum(element => element.AreaM2);
        // A cap within 60° of straight up is a quarter of a ball.
        double ball = Area(Side.Top) + Area(Side.Rim) + Area(Side.Under);
        Assert.Equal(0.25, Area(Side.Top) / ball, 0.02);
        Assert.Equal(0.25, Area(Side.Under) / ball, 0.02);
    }
}
