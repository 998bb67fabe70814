using AmberSpoon.Core.Heat;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

public sealed class SeriesSolutionTests
{
    private const double ConductivityWPerMK = 0.48;
    private const double DensityKgPerM3 = 1060;
    private const double SpecificHeatJPerKgK = 3500;
    private const double RadiusM = 0.02;
    private const double StartC = 5;
    private const double AirC = 180;

    public static TheoryData<int, double> Cases => new MatrixTheoryData<int, double>([0, 1, 2], [0.1, 1, 10]);

    /// <summary>Exact series: Incropera and DeWitt, chapter 5. Bar: 0.3 °C.</summary>
    [Theory]
    [MemberData(nameof(Cases))]
    public void Middle_follows_the_exact_series(int exponent, double biot)
    {
        double secondsPerFourier = RadiusM * RadiusM * DensityKgPerM3 * SpecificHeatJPerKgK / ConductivityWPerMK;
        double longestFourier = Math.Max(2, 2.5 / biot);
        var body = new ConductionBody(
            RadiusM, exponent, ThermalMaterial.Constant(ConductivityWPerMK, DensityKgPerM3, SpecificHeatJPerKgK));
        HeatRun run = ConductionSolver.Solve(
            body,
            StartC,
            [new(longestFourier * secondsPerFourier, Surroundings.ConvectionOnly(AirC, biot * ConductivityWPerMK / RadiusM))]);

        var exact = new SeriesSolution(exponent, biot);
        for (double fourier = 0.2; fourier <= longestFourier; fourier += 0.1)
        {
            double expectedC = AirC + ((StartC - AirC) * exact.Middle(fourier));
            Assert.Equal(expectedC, run.At(fourier * secondsPerFourier).ColdestC, 0.3);
        }
    }

    /// <summary>The test's own reference, held against the printed one-term table at Bi 1 (Incropera and DeWitt, table 5.1).</summary>
    [Theory]
    [InlineData(0, 0.8603, 1.1191)]
    [InlineData(1, 1.2558, 1.2071)]
    [InlineData(2, 1.5708, 1.2732)]
    public void Reference_agrees_with_the_printed_one_term_table(int exponent, double root, double coefficient)
    {
        var exact = new SeriesSolution(exponent, 1);
        Assert.Equal(root, exact.FirstRoot, 0.0001);
        Assert.Equal(coefficient, exact.FirstCoefficient, 0.0001);
    }
}
