using System.Numerics;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Solving;

public sealed class SurfaceLawTests
{
    private static readonly FaceClimate Oven = FaceClimate.Uniform(200, 15, emissivity: 0.9, wetness: 1, vapourPressurePa: 6000);

    private static (double FluxWPerM2, double Slope, double EvaporationKgPerM2S) At(in SurfaceLaw law, double surfaceC, double wetness)
    {
        SurfaceFlux at = law.At(new(surfaceC), new(wetness));
        return (at.FluxWPerM2[0], at.Slope[0], at.EvaporationKgPerM2S[0]);
    }

    /// <summary>Each of the places asked for at once gets its own answer, at both ends of the vapour table and beyond, too.</summary>
    [Fact]
    public void Places_asked_for_at_once_do_not_mix() => Gen.Double[-80, 260].Array[Vector<double>.Count].Select(Gen.Double[0, 1].Array[Vector<double>.Count]).Sample(
        (celsius, wetness) =>
        {
            var law = new SurfaceLaw(Oven, Coat.Bare);
            SurfaceFlux together = law.At(new(celsius), new(wetness));
            return Enumerable.Range(0, celsius.Length).All(n =>
                At(law, celsius[n], wetness[n]) == (together.FluxWPerM2[n], together.Slope[n], together.EvaporationKgPerM2S[n]));
        });

    /// <summary>What drives vapour off, against the law itself: between the table's places, at each end and beyond.</summary>
    [Theory]
    [InlineData(-10.1)]
    [InlineData(4.3)]
    [InlineData(37.9)]
    [InlineData(84.6)]
    public void The_vapour_table_is_the_vapour_law(double celsius)
    {
        double drive = WaterVapour.Saturation.At(new(celsius)).Pascal[0];
        Assert.Equal(WaterVapour.Drive(WaterVapour.SaturationPressurePa(celsius)), drive, 0.02 * drive);
    }

    [Fact]
    public void Beyond_its_ends_the_vapour_table_stays()
    {
        Assert.Equal(WaterVapour.Saturation.At(new(-40)).Pascal, WaterVapour.Saturation.At(new(-60)).Pascal);
        Assert.Equal(WaterVapour.Saturation.At(new(130)).Pascal, WaterVapour.Saturation.At(new(200)).Pascal);
        Assert.Equal(0, WaterVapour.Saturation.At(new(130)).Slope[0]);
        Assert.True(WaterVapour.Saturation.At(new(129.9)).Pascal[0] <= WaterVapour.Saturation.At(new(130)).Pascal[0]);
    }

    /// <summary>The solver steps along the law's slope, so it must be the law's own.</summary>
    [Fact]
    public void The_slope_is_the_slope() => Gen.Select(Gen.Double[0, 180], Gen.Double[0, 1]).Sample((surfaceC, dryness) =>
    {
        const double step = 0.02;
        // Away from the table's nodes, where the slope has a step of its own.
        double place = (Math.Floor(surfaceC * 4) / 4) + 0.125;
        var law = new SurfaceLaw(Oven, Coat.Bare);
        double finite = (At(law, place + step, dryness).FluxWPerM2 - At(law, place - step, dryness).FluxWPerM2) / (2 * step);
        return Math.Abs(finite - At(law, place, dryness).Slope) < 0.02 * Math.Abs(finite) + 0.1;
    });

    [Fact]
    public void A_hotter_surface_receives_less() => Gen.Select(Gen.Double[0, 180], Gen.Double[0.1, 30], Gen.Double[0, 1]).Sample(
        (surfaceC, more, dryness) =>
        {
            var law = new SurfaceLaw(Oven, Coat.Bare);
            return At(law, surfaceC + more, dryness).FluxWPerM2 < At(law, surfaceC, dryness).FluxWPerM2;
        });

    [Fact]
    public void A_wet_surface_in_a_hot_oven_settles_where_cooks_find_it()
    {
        var law = new SurfaceLaw(Oven, Coat.Bare);
        double low = 0;
        double high = 200;
        while (high - low > 0.01)
        {
            double middle = (low + high) / 2;
            (low, high) = At(law, middle, 1).FluxWPerM2 > 0 ? (middle, high) : (low, middle);
        }

        Assert.InRange(low, 57, 85);
    }

    [Fact]
    public void A_sealed_surface_loses_no_water_and_on_a_colder_one_it_condenses()
    {
        Assert.Equal(0, At(new(Oven with { Wetness = 0 }, Coat.Bare), 90, 1).EvaporationKgPerM2S);
        Assert.InRange(At(new(Oven, Coat.Bare), 20, 1).EvaporationKgPerM2S, -0.001, -0.0001);
        Assert.Equal(0, At(new(Oven, Coat.Bare), 90, 0).EvaporationKgPerM2S);
    }

    /// <summary>Nothing comes in and nothing goes out: heat stays and evens out.</summary>
    [Fact]
    public void An_insulated_body_keeps_its_heat_and_its_temperature()
    {
        HeatBody body = HeatBody.Of(TextbookSolids.Ellipsoid(0.03, 0.02, 0.015), ThermalMaterial.DarkMeat, 0.003);
        var insulated = new SteadyStages((1800, FaceClimate.Uniform(200, 0)));
        HeatRun run = Heating.Solve(new(body, 40, insulated, StepControl.Normal));
        Assert.All(run.Samples, sample => Assert.Equal(40, sample.MeanC, 1e-6));
    }

    [Fact]
    public void Browning_is_golden_after_72_seconds_at_150_and_nothing_happens_while_wet_and_cool()
    {
        Assert.Equal(Browning.Golden, 72 * Browning.RatePerS(150), 1e-9);
        Assert.Equal(0, Browning.RatePerS(80));
        Assert.InRange(Browning.RatePerS(180) / Browning.RatePerS(150), 3, 6);
    }

    [Fact]
    public void Coats_lie_over_each_other()
    {
        Coat both = new Coat(0.01, 0.5, 0.1, 2).Over(new(0.02, 0.8, 0.2, 1.5));
        Assert.Equal(0.03, both.ResistanceM2KPerW, 1e-12);
        Assert.Equal(0.4, both.Wetness, 1e-12);
        Assert.Equal(0.3, both.FreeWaterKgPerM2, 1e-12);
        Assert.Equal(3, both.Browning, 1e-12);
        Coat crumbed = new Coat(0.01, 0.5, 0.1, 2) { OutsideM2KPerW = 0.01 }.Over(new(0.02, 0.8, 0.2, 1.5) { OutsideM2KPerW = 0.005 });
        Assert.Equal(0.015, crumbed.OutsideM2KPerW, 1e-12);
        Assert.Equal(0.0045, crumbed.Mixed(Coat.Bare, 0.3).OutsideM2KPerW, 1e-12);
    }
}
