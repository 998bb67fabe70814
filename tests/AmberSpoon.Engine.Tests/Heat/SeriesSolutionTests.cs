using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;
using AmberSpoon.Core.Heat.Textbook;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>
/// The engine against exact series (Incropera and DeWitt, Fundamentals of Heat and Mass Transfer, chapter 5; roots and
/// Bessel functions from MathNet.Numerics).
/// </summary>
public sealed class SeriesSolutionTests
{
    private const double ConductivityWPerMK = 0.48;
    private const double DensityKgPerM3 = 1060;
    private const double SpecificHeatJPerKgK = 3500;
    private const double RadiusM = 0.02;
    private const double StartC = 5;
    private const double AirC = 180;
    private const double SecondsPerFourier = RadiusM * RadiusM * DensityKgPerM3 * SpecificHeatJPerKgK / ConductivityWPerMK;

    private static readonly ThermalMaterial Meat = ThermalMaterial.Constant(ConductivityWPerMK, DensityKgPerM3, SpecificHeatJPerKgK);

    public static TheoryData<int, double> Cases => new MatrixTheoryData<int, double>([0, 1, 2], [0.1, 1, 10, 100]);

    private static Solid SolidOf(int exponent) => exponent switch
    {
        0 => TextbookSolids.Slab(2 * RadiusM),
        1 => TextbookSolids.Cylinder(RadiusM, null),
        _ => TextbookSolids.Sphere(RadiusM),
    };

    private static HeatRun Heat(Solid solid, double biot, IReadOnlyList<double> atS, int cellsAcross, StepControl steps)
    {
        FaceClimate oven = FaceClimate.Uniform(AirC, biot * ConductivityWPerMK / RadiusM);
        var stages = new SteadyStages((atS[^1], oven));
        return Heating.Solve(new(HeatBody.Of(solid, Meat, RadiusM / cellsAcross), StartC, stages, steps) { SampleAtS = atS });
    }

    private static double[] Times(double biot)
    {
        double longest = Math.Max(2, 2.5 / biot);
        return [.. Enumerable.Range(2, (int)(longest * 10) - 1).Select(tenth => tenth / 10.0 * SecondsPerFourier)];
    }

    private static double WorstErrorC(int exponent, double biot, int cellsAcross, StepControl steps)
    {
        double[] atS = Times(biot);
        HeatRun run = Heat(SolidOf(exponent), biot, atS, cellsAcross, steps);
        var exact = new SeriesSolution(exponent, biot);
        return atS.Max(timeS => Math.Abs(run.At(timeS).CoreC - Celsius(exact.Middle(timeS / SecondsPerFourier))));
    }

    private static double Celsius(double left) => AirC + ((StartC - AirC) * left);

    [Theory]
    [MemberData(nameof(Cases))]
    public void Middle_follows_the_exact_series_within_a_third_of_a_degree(int exponent, double biot) =>
        Assert.InRange(WorstErrorC(exponent, biot, 16, StepControl.Normal), 0, 0.3);

    /// <summary>A brick is three slabs crossed: the differences left multiply.</summary>
    [Theory]
    [InlineData(0.1)]
    [InlineData(1)]
    [InlineData(10)]
    [InlineData(100)]
    public void Brick_follows_the_product_of_three_slabs(double biot)
    {
        double[] atS = Times(biot);
        HeatRun run = Heat(TextbookSolids.Brick(2 * RadiusM, 2 * RadiusM, 2 * RadiusM), biot, atS, 16, StepControl.Normal);
        var slab = new SeriesSolution(0, biot);
        foreach (double timeS in atS)
        {
            Assert.Equal(Celsius(Math.Pow(slab.Middle(timeS / SecondsPerFourier), 3)), run.At(timeS).CoreC, 0.3);
        }
    }

    /// <summary>Half the cell, about a quarter of the error: the mark of a second-order grid, curved surfaces included.</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(1)]
    [InlineData(2)]
    public void Error_falls_with_the_square_of_the_cell(int exponent)
    {
        double coarse = WorstErrorC(exponent, 10, 8, StepControl.Fixed(10));
        double fine = WorstErrorC(exponent, 10, 16, StepControl.Fixed(10));
        Assert.InRange(coarse / fine, 2.8, 6);
    }

    /// <summary>Steps alone: the same grid with ever shorter steps closes in by a factor of four each time.</summary>
    [Fact]
    public void Error_falls_with_the_square_of_the_step()
    {
        double[] at = [600];
        double[] core = [.. new[] { 100.0, 50, 25, 1 }.Select(stepS =>
            Heat(SolidOf(2), 1, at, 10, StepControl.Fixed(stepS)).Last.CoreC)];
        double first = Math.Abs(core[0] - core[3]);
        double second = Math.Abs(core[1] - core[3]);
        Assert.InRange(first / second, 2.5, 9);
        Assert.InRange(second / Math.Abs(core[2] - core[3]), 2.5, 9);
    }

    /// <summary>What the why page shows as published, held against roots found afresh.</summary>
    [Fact]
    public void Printed_one_term_table_agrees_with_its_equations() => Assert.All(OneTermSolution.Table, row =>
    {
        var exact = new SeriesSolution((int)row.Shape, row.Biot);
        Assert.Equal(exact.FirstRoot, row.Root, 0.0001);
        Assert.Equal(exact.FirstCoefficient, row.Coefficient, 0.0001);
    });
}
