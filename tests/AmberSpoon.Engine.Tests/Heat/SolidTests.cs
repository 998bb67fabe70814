using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

public sealed class SolidTests
{
    private static readonly ThermalMaterial Meat = ThermalMaterial.Constant(0.48, 1060, 3500);

    /// <summary>
    /// An independent finite-element run: FreeFEM 4.11, linear tetrahedra, 11 600 nodes, 10 s implicit steps, itself known
    /// to about 0.4 °C. Bar: 0.5 °C.
    /// </summary>
    [Theory]
    [InlineData(10, 17.4)]
    [InlineData(20, 47.2)]
    [InlineData(30, 75.7)]
    [InlineData(40, 99.7)]
    public void Ellipsoid_agrees_with_finite_elements(double minutes, double coreC)
    {
        HeatBody body = HeatBody.Of(TextbookSolids.Ellipsoid(0.06, 0.042, 0.019), Meat, 0.002);
        var oven = new SteadyStages((2400, FaceClimate.Uniform(180, 25)));
        HeatRun run = Heating.Solve(new(body, 5, oven, StepControl.Normal));
        Assert.Equal(coreC, run.At(minutes * 60).CoreC, 0.5);
    }

    /// <summary>Volume in closed form; area by Thomsen's approximation for ellipsoids (within 1.1 %, from memory) and exactly for a ball.</summary>
    [Fact]
    public void Ellipsoids_have_their_true_volume_and_area_on_the_grid() =>
        Gen.Select(Gen.Double[0.03, 0.09], Gen.Double[0.02, 0.06], Gen.Double[0.012, 0.03]).Sample(
            (x, y, z) =>
            {
                HeatBody body = HeatBody.Of(TextbookSolids.Ellipsoid(x, y, z), Meat, 0.003);
                double volume = 4.0 / 3 * Math.PI * x * y * z;
                const double p = 1.6075;
                double mean = (Math.Pow(x * y, p) + Math.Pow(x * z, p) + Math.Pow(y * z, p)) / 3;
                double area = 4 * Math.PI * Math.Pow(mean, 1 / p);
                return Math.Abs((body.VolumeM3 / volume) - 1) < 0.005 && Math.Abs((body.SurfaceM2 / area) - 1) < 0.016;
            },
            iter: 20);

    [Fact]
    public void Ball_has_its_true_volume_and_area_on_the_grid()
    {
        HeatBody body = HeatBody.Of(TextbookSolids.Sphere(0.03), Meat, 0.003);
        Assert.Equal(1, body.VolumeM3 / (4.0 / 3 * Math.PI * 2.7e-5), 0.005);
        Assert.Equal(1, body.SurfaceM2 / (4 * Math.PI * 9e-4), 0.005);
    }

    /// <summary>Oblate spheroid, area in closed form: 2πa²(1 + (1 − e²)/e · artanh e).</summary>
    [Fact]
    public void Spheroid_has_its_true_area_on_the_grid()
    {
        const double a = 0.05;
        const double c = 0.02;
        double e = Math.Sqrt(1 - (c * c / (a * a)));
        double area = 2 * Math.PI * a * a * (1 + ((1 - (e * e)) / e * Math.Atanh(e)));
        Assert.Equal(1, HeatBody.Of(TextbookSolids.Ellipsoid(a, a, c), Meat, 0.003).SurfaceM2 / area, 0.005);
    }

    [Fact]
    public void Brick_and_rod_with_ends_are_exact_or_nearly()
    {
        HeatBody brick = HeatBody.Of(TextbookSolids.Brick(0.04, 0.06, 0.02), Meat, 0.003);
        Assert.Equal(1, brick.VolumeM3 / 4.8e-5, 1e-6);
        Assert.Equal(1, brick.SurfaceM2 / 8.8e-3, 1e-6);
        HeatBody rod = HeatBody.Of(TextbookSolids.Cylinder(0.02, 0.08), Meat, 0.0025);
        Assert.Equal(1, rod.VolumeM3 / (Math.PI * 4e-4 * 0.08), 0.005);
        Assert.Equal(1, rod.SurfaceM2 / ((2 * Math.PI * 0.02 * 0.08) + (2 * Math.PI * 4e-4)), 0.005);
    }

    [Fact]
    public void Without_evaporation_nothing_leaves_the_range_of_start_and_air() =>
        Gen.Select(Gen.Double[0.01, 0.06], Gen.Double[0.01, 0.04], Gen.Double[5, 60], Gen.Double[40, 280]).Sample(
            (x, z, convection, airC) =>
            {
                HeatBody body = HeatBody.Of(TextbookSolids.Ellipsoid(x, 0.03, z), Meat, Math.Min(x, z) / 8);
                var oven = new SteadyStages((1800, FaceClimate.Uniform(airC, convection, emissivity: 0.9)));
                HeatRun run = Heating.Solve(new(body, 4, oven, StepControl.Normal));
                return run.Samples.All(sample => sample.ColdestC >= 3.95 && sample.SurfaceC <= airC + 0.01)
                    && Math.Abs(run.Ends.EnergyErrorFraction) < 0.001;
            },
            iter: 25);

    [Fact]
    public void A_bone_that_conducts_worse_than_meat_keeps_the_meat_beside_it_colder()
    {
        var oven = new SteadyStages((1200, FaceClimate.Uniform(200, 20)));
        Solid solid = TextbookSolids.Ellipsoid(0.05, 0.03, 0.02);
        var bone = ThermalMaterial.Constant(0.1, 1400, 2200);
        HeatRun plain = Heating.Solve(new(HeatBody.Of(solid, Meat, 0.002), 4, oven, StepControl.Normal));
        HeatRun boned = Heating.Solve(
            new(HeatBody.Of(solid, Meat, 0.002, (TextbookSolids.Rod(0.006, 0.03), bone)), 4, oven, StepControl.Normal));
        Assert.True(boned.Last.CoreC < plain.Last.CoreC - 1);
        Assert.True(boned.Last.ColdestC > boned.Last.CoreC);
    }

    /// <summary>The whole body against the eighth between its mirror planes.</summary>
    [Fact]
    public void A_mirrored_part_heats_like_the_whole()
    {
        Solid eighth = TextbookSolids.Ellipsoid(0.04, 0.03, 0.018);
        Solid whole = eighth with { Low = new(-0.04, -0.03, -0.018), Copies = 1 };
        var oven = new SteadyStages((1500, FaceClimate.Uniform(200, 20)));
        HeatBody wholeBody = HeatBody.Of(whole, Meat, 0.002);
        HeatRun part = Heating.Solve(new(HeatBody.Of(eighth, Meat, 0.002), 4, oven, StepControl.Normal));
        HeatRun all = Heating.Solve(new(wholeBody, 4, oven, StepControl.Normal));
        Assert.Equal(part.Last.ColdestC, all.Last.ColdestC, 0.15);
        Assert.Equal(part.Last.MeanC, all.Last.MeanC, 0.15);
    }

    [Fact]
    public void A_run_stops_once_the_coldest_meat_is_hot_enough()
    {
        HeatBody body = HeatBody.Of(TextbookSolids.Sphere(0.02), Meat, 0.002);
        var oven = new SteadyStages((7200, FaceClimate.Uniform(200, 20)));
        HeatRun run = Heating.Solve(new(body, 4, oven, StepControl.Normal) { StopAtColdestC = 74 });
        Assert.InRange(run.Last.ColdestC, 74, 80);
        Assert.InRange(run.TimeToReachS(74)!.Value, run.Samples[^2].TimeS, run.Last.TimeS);
        Assert.Null(run.TimeToReachS(90));
    }

    [Fact]
    public void Work_is_bounded_and_a_refusal_names_the_field()
    {
        HeatBody body = HeatBody.Of(TextbookSolids.Brick(0.1, 0.1, 0.1), Meat, 0.0012);
        var oven = new SteadyStages((86400, FaceClimate.Uniform(200, 20)));
        HeatInputException refusal = Assert.Throws<HeatInputException>(
            () => Heating.Solve(new(body, 4, oven, StepControl.Fixed(0.5))));
        Assert.Equal("cellMm", refusal.Field);
    }

    [Fact]
    public void A_cancelled_run_gives_no_answer()
    {
        using var cancel = new CancellationTokenSource();
        cancel.Cancel();
        HeatBody body = HeatBody.Of(TextbookSolids.Sphere(0.02), Meat, 0.002);
        var oven = new SteadyStages((600, FaceClimate.Uniform(200, 20)));
        Assert.Throws<OperationCanceledException>(() => HeatSolver.Solve(new(body, 4, oven, StepControl.Normal), cancel.Token));
    }

    [Theory]
    [InlineData(double.NaN, 600, "initialC")]
    [InlineData(200, 600, "initialC")]
    [InlineData(4, -1, "stages[0].minutes")]
    [InlineData(4, double.NaN, "stages[0].minutes")]
    [InlineData(4, 1e9, "stages")]
    public void Impossible_starts_and_stages_are_refused(double startC, double seconds, string field)
    {
        HeatBody body = HeatBody.Of(TextbookSolids.Sphere(0.02), Meat, 0.004);
        HeatInputException refusal = Assert.Throws<HeatInputException>(() =>
            Heating.Solve(new(body, startC, new SteadyStages((seconds, FaceClimate.Uniform(200, 20))), StepControl.Normal)));
        Assert.Equal(field, refusal.Field);
    }
}
