using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

public sealed class ConductionSolverTests
{
    private static readonly Surroundings HotOven = OvenClimate.InOven(OvenMode.Still, 204, skinOn: true);

    private static ConductionBody Thigh => new(0.019, 0.4, ThermalMaterial.DarkMeat, 0.06);

    [Fact]
    public void A_grid_and_step_twice_as_fine_move_the_middle_by_less_than_a_third_of_a_degree()
    {
        HeatStage[] stages = [new(2400, HotOven), new(600, OvenClimate.Resting(true, 1.4))];
        HeatRun usual = ConductionSolver.Solve(Thigh, 4, stages);
        HeatRun fine = ConductionSolver.Solve(Thigh, 4, stages, refinement: 2);
        for (int minute = 5; minute <= 50; minute += 5)
        {
            Assert.Equal(fine.At(minute * 60).ColdestC, usual.At(minute * 60).ColdestC, 0.3);
        }
    }

    /// <summary>
    /// What the one-dimensional body leaves open: an ellipsoid followed in three dimensions by FreeFEM 4.11 (11 600
    /// nodes, 10 s steps; core 17.4, 47.2 and 75.7 °C at 10, 20 and 30 min, give or take 0.4).
    /// </summary>
    [Theory]
    [InlineData(10, 17.4)]
    [InlineData(20, 47.2)]
    [InlineData(30, 75.7)]
    public void Equivalent_shape_of_an_ellipsoid_stays_within_two_and_a_half_degrees_of_three_dimensions(double minutes, double coreC)
    {
        double exponent = EquivalentShape.ExponentOf(new PieceGeometry(60, 42, 19));
        var body = new ConductionBody(0.019, exponent, ThermalMaterial.Constant(0.48, 1060, 3500));
        HeatRun run = ConductionSolver.Solve(body, 5, [new(1800, Surroundings.ConvectionOnly(180, 25))]);
        Assert.Equal(coreC, run.At(minutes * 60).ColdestC, 2.5);
    }

    /// <summary>Heat balance of a convective body: what came in through the surface is what the mean has gained.</summary>
    [Fact]
    public void Energy_that_enters_is_energy_that_stays()
    {
        const double heat = 1060 * 3500;
        const double convection = 25;
        const double airC = 180;
        var body = new ConductionBody(0.02, 1, ThermalMaterial.Constant(0.48, 1060, 3500));
        HeatRun run = ConductionSolver.Solve(body, 5, [new(1800, Surroundings.ConvectionOnly(airC, convection))]);
        double enteredJPerM2 = run.Samples.Zip(run.Samples.Skip(1))
            .Sum(pair => (pair.Second.TimeS - pair.First.TimeS) * convection * (airC - ((pair.First.SurfaceC + pair.Second.SurfaceC) / 2)));
        double gainedJPerM2 = heat * body.VolumePerAreaM * (run.Last.MeanC - 5);
        Assert.Equal(1, enteredJPerM2 / gainedJPerM2, 0.005);
    }

    [Fact]
    public void Without_evaporation_nothing_leaves_the_range_of_start_and_air() =>
        Gen.Select(Gen.Double[0, 2], Gen.Double[0.005, 0.04], Gen.Double[5, 60], Gen.Double[100, 280]).Sample(
            (exponent, radiusM, convection, airC) =>
            {
                var body = new ConductionBody(radiusM, exponent, ThermalMaterial.BreastMeat);
                HeatRun run = ConductionSolver.Solve(body, 4, [new(1800, Surroundings.ConvectionOnly(airC, convection))]);
                return run.Samples.All(sample =>
                    sample.ColdestC >= 3.999 && sample.ColdestC <= sample.SurfaceC + 0.001 && sample.SurfaceC <= airC + 0.001);
            },
            iter: 60);

    [Fact]
    public void Evaporation_cools_and_dries()
    {
        HeatRun wet = ConductionSolver.Solve(Thigh, 4, [new(1800, HotOven)]);
        HeatRun sealedIn = ConductionSolver.Solve(Thigh, 4, [new(1800, HotOven with { EvaporationFactor = 0 })]);
        Assert.True(wet.Last.ColdestC < sealedIn.Last.ColdestC - 5);
        Assert.InRange(wet.EvaporatedKgPerM2, 0.2, 1.2);
        Assert.Equal(0, sealedIn.EvaporatedKgPerM2);
    }

    [Fact]
    public void A_run_stops_once_the_coldest_meat_is_hot_enough()
    {
        HeatRun run = ConductionSolver.Solve(Thigh, 4, [new(7200, HotOven)], stopAtColdestC: 74);
        Assert.InRange(run.Last.ColdestC, 74, 76);
        Assert.InRange(run.TimeToReachS(74)!.Value, run.Last.TimeS - 10, run.Last.TimeS);
        Assert.Null(run.TimeToReachS(90));
    }

    [Theory]
    [InlineData(-1)]
    [InlineData(double.NaN)]
    public void A_stage_needs_a_length(double seconds) => Assert.Throws<ArgumentException>(
        () => ConductionSolver.Solve(Thigh, 4, [new(seconds, HotOven)]));
}
