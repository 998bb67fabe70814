using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

public sealed class PieceBodyTests
{
    private static readonly Gen<CutFacts> AnyCut = Gen.Int[0, CutTable.All.Count - 1].Select(i => CutTable.All[i]);

    private static double MassG(HeatBody body)
    {
        double[] volume = body.Mesh.VolumeM3;
        double inner = 2 * volume.Zip(body.Mesh.Mesh.InnerShare, (all, share) => all * share).Sum();
        return 1000 * (((body.VolumeM3 - inner) * body.Meat.DensityKgPerM3) + (inner * (body.Inner?.DensityKgPerM3 ?? 0)));
    }

    [Fact]
    public void A_measured_height_moves_the_other_sides_so_that_the_mass_holds() =>
        Gen.Select(AnyCut, Gen.Double[0.5, 2], Gen.Double[0.6, 1.6]).Sample(
            (facts, share, flatter) =>
            {
                double massG = facts.ReferenceMassG * share;
                double heightMm = PieceBody.GuessHeightMm(facts.Cut, massG) * flatter;
                var piece = new PieceBody(facts.Cut, massG, heightMm);
                return Math.Abs(MassG(piece.At(GridLevel.Quick)) - massG) < 0.001 * massG
                    && Math.Abs(MassG(piece.At(GridLevel.Normal)) - massG) < 0.001 * massG
                    && Math.Abs(piece.Size().HeightMm - heightMm) < 1e-6;
            },
            iter: 40);

    [Fact]
    public void Eight_times_the_mass_is_twice_as_tall() => AnyCut.Sample(
        facts => Math.Abs((PieceBody.GuessHeightMm(facts.Cut, 800) / PieceBody.GuessHeightMm(facts.Cut, 100)) - 2) < 1e-9, iter: 20);

    /// <summary>Heights of ordinary pieces lying on a tray, measured with a ruler (common practice).</summary>
    [Theory]
    [InlineData(Cut.BoneInThigh, 34, 40)]
    [InlineData(Cut.BonelessBreast, 30, 34)]
    [InlineData(Cut.BoneInBreast, 46, 54)]
    [InlineData(Cut.Drumstick, 41, 46)]
    [InlineData(Cut.BonelessThigh, 20, 26)]
    [InlineData(Cut.LegQuarter, 39, 46)]
    [InlineData(Cut.PoundedBreast, 13, 19)]
    public void Ordinary_pieces_have_ordinary_heights(Cut cut, double lowMm, double highMm) =>
        Assert.InRange(PieceBody.GuessHeightMm(cut, CutTable.For(cut).ReferenceMassG), lowMm, highMm);

    /// <summary>Bone as a share of mass: thigh 10 to 30 %, drumstick 8 to 40 %, wing 5 to 50 % (common practice, wide).</summary>
    [Theory]
    [InlineData(Cut.BoneInThigh, 0.05, 0.3)]
    [InlineData(Cut.Drumstick, 0.05, 0.4)]
    [InlineData(Cut.WholeWing, 0.03, 0.5)]
    [InlineData(Cut.BoneInBreast, 0.05, 0.3)]
    public void Bones_weigh_what_bones_weigh(Cut cut, double low, double high)
    {
        HeatBody body = new PieceBody(cut, CutTable.For(cut).ReferenceMassG).At(GridLevel.Normal);
        double bone = 2 * body.Mesh.VolumeM3.Zip(body.Mesh.Mesh.InnerShare, (all, share) => all * share).Sum();
        Assert.InRange(1000 * bone * body.Inner!.DensityKgPerM3 / MassG(body), low, high);
    }

    /// <summary>Stretching a mesh must give the area that cutting the stretched shape gives.</summary>
    [Fact]
    public void A_stretched_mesh_has_the_area_of_the_stretched_shape()
    {
        Solid ball = TextbookSolids.Sphere(0.02);
        CutCellMesh mesh = CutCellMeshBuilder.Build(ball, null, new(0.002, 0.002, 0.002));
        var stretched = new ScaledMesh(mesh, new(2.5, 1.5, 0.8));
        HeatBody cut = HeatBody.Of(TextbookSolids.Ellipsoid(0.05, 0.03, 0.016), Core.Heat.Materials.ThermalMaterial.DarkMeat, 0.002);
        Assert.Equal(1, stretched.TotalAreaM2 / cut.SurfaceM2, 0.005);
        Assert.Equal(1, stretched.TotalVolumeM3 / cut.VolumeM3, 0.005);
    }

    [Theory]
    [InlineData(Cut.BoneInThigh)]
    [InlineData(Cut.Drumstick)]
    [InlineData(Cut.BonelessBreast)]
    [InlineData(Cut.BoneInBreast)]
    [InlineData(Cut.LegQuarter)]
    [InlineData(Cut.WholeWing)]
    [InlineData(Cut.BonelessThigh)]
    [InlineData(Cut.StuffedBreast)]
    public void A_piece_is_within_a_degree_of_a_grid_twice_as_fine(Cut cut)
    {
        PieceBake bake = Heating.Bake(cut, minutes: 36);
        HeatRun normal = bake.Run(GridLevel.Normal);
        HeatRun fine = bake.Run(GridLevel.Fine);
        double worst = Enumerable.Range(1, 12).Max(n => Math.Abs(fine.At(n * 180).ColdestC - normal.At(n * 180).ColdestC));
        Assert.InRange(worst, 0, 0.9);
    }

    [Theory]
    [InlineData(0, null, "massG")]
    [InlineData(double.NaN, null, "massG")]
    [InlineData(165, 0.0, "heightMm")]
    [InlineData(165, double.PositiveInfinity, "heightMm")]
    public void No_mass_and_no_height_are_no_piece(double massG, double? heightMm, string field) => Assert.Equal(
        field, Assert.Throws<HeatInputException>(() => new PieceBody(Cut.Drumstick, massG, heightMm).At(GridLevel.Quick)).Field);
}
