using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Solving;

/// <summary>Reading between cells, held against temperatures that are known everywhere.</summary>
public sealed class FieldPointTests
{
    private static readonly HeatBody Ball = HeatBody.Of(TextbookSolids.Sphere(0.03), ThermalMaterial.DarkMeat, 0.003);

    /// <summary>Hotter with the square of the distance from the middle, as in every piece that is being heated.</summary>
    private static double Celsius(Point place) => 20 + (60_000 * place.Dot(place));

    private static double[] Field()
    {
        double[] celsius = new double[Ball.Mesh.Grid.Length];
        for (int cell = 0; cell < celsius.Length; cell++)
        {
            celsius[cell] = Ball.Mesh.VolumeM3[cell] > 0 ? Celsius(Ball.Mesh.CentreOf(cell)) : double.NaN;
        }

        return celsius;
    }

    [Fact]
    public void A_place_between_cells_is_read_by_parabolas() =>
        Gen.Select(Gen.Double[0, 0.014], Gen.Double[0, 0.014], Gen.Double[0, 0.014]).Sample((x, y, z) =>
        {
            var place = new Point(x, y, z);
            return Math.Abs(new FieldPoint(Ball.Mesh, place).Read(Field()) - Celsius(place)) < 0.15;
        });

    /// <summary>The cells' middles lie beside the ball's; the parabola still finds 20 °C, not the coldest cell's 20.4.</summary>
    [Fact]
    public void The_coldest_food_is_found_between_cells()
    {
        int[] food = [.. Enumerable.Range(0, Ball.Mesh.Grid.Length).Where(Ball.IsFood)];
        (int cell, double coldestC) = new ColdestFood(Ball, food).Find(Field());
        Assert.Equal(20, coldestC, 0.05);
        Assert.True(Celsius(Ball.Mesh.CentreOf(cell)) > 20.3);
    }

    [Theory]
    [InlineData(0.2, 0, 0)]
    [InlineData(0.029, 0.029, 0.029)]
    public void A_place_outside_is_refused(double x, double y, double z)
    {
        // Beyond the box the nearest cell speaks; a corner of the box that holds nothing has none.
        Exception? refusal = Record.Exception(() => new FieldPoint(Ball.Mesh, new(x, y, z)));
        Assert.Equal(x < 0.1, refusal is HeatInputException { Field: "tip" });
    }
}
