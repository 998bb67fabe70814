using AmberSpoon.Core.Food;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Food;

public sealed class PieceGeometryTests
{
    private static readonly Gen<CutFacts> AnyCut = Gen.Int[0, CutTable.All.Count - 1].Select(i => CutTable.All[i]);

    [Fact]
    public void A_measured_height_moves_the_other_sides_so_that_the_mass_holds() =>
        Gen.Select(AnyCut, Gen.Double[30, 900], Gen.Double[10, 90]).Sample((facts, massG, heightMm) =>
        {
            var piece = PieceGeometry.Of(facts, massG, heightMm);
            double allLimbsG = piece.VolumeMl * facts.LimbCount * 1.06;
            return Math.Abs(allLimbsG - massG) < 1e-6 * massG && Math.Abs(piece.HeightMm - heightMm) < 1e-9;
        });

    [Fact]
    public void Eight_times_the_mass_is_twice_as_tall() => AnyCut.Sample(facts =>
        Math.Abs((PieceGeometry.GuessHeightMm(facts, 800) / PieceGeometry.GuessHeightMm(facts, 100)) - 2) < 1e-9);

    [Fact]
    public void A_ball_has_the_surface_of_a_ball() =>
        Assert.Equal(4 * Math.PI * 25, new PieceGeometry(50, 50, 50).SurfaceCm2, 0.001);

    [Theory]
    [InlineData(0)]
    [InlineData(-5)]
    public void No_mass_is_no_piece(double massG) =>
        Assert.Throws<ArgumentOutOfRangeException>(() => PieceGeometry.Of(CutTable.For(Cut.Drumstick), massG, null));
}
