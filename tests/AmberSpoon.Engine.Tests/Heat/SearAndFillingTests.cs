using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>What is done to a piece before it goes in: seared, filled, partly skinned.</summary>
public sealed class SearAndFillingTests
{
    private static PieceBake Breast(PanSear? sear) => Heating.Bake(Cut.BonelessBreast, 180, 60) with { Sear = sear };

    /// <summary>
    /// A hot surface and a cool middle: that is what searing is. Three minutes a side leave a breast about half to two thirds
    /// of its time in the oven (common practice).
    /// </summary>
    [Theory]
    [InlineData(Pan.CastIron)]
    [InlineData(Pan.Steel)]
    [InlineData(Pan.NonStick)]
    public void A_seared_piece_starts_hot_outside_and_cool_inside_and_is_done_sooner(Pan pan)
    {
        HeatRun raw = Breast(null).Run();
        HeatRun seared = Breast(new(6, pan)).Run();
        Assert.InRange(seared.Samples[0].SurfaceC, 35, 110);
        Assert.InRange(seared.Samples[0].ColdestC, 4, 25);
        Assert.Equal(0, seared.Samples[0].TimeS);
        Assert.InRange(seared.TimeToReachS(74).Minutes() / raw.TimeToReachS(74).Minutes(), 0.5, 0.75);
        Assert.True(seared.Samples[0].BrowningTop > raw.At(360).BrowningTop);
        Assert.InRange(seared.Samples[0].LossShare, 0.001, 0.08);
        Assert.InRange(Math.Abs(seared.Ends.EnergyErrorFraction), 0, 0.001);
        Assert.InRange(Math.Abs(seared.Ends.WaterErrorShare), 0, 0.001);
    }

    [Fact]
    public void The_longer_and_the_hotter_the_pan_the_browner_and_the_sooner()
    {
        HeatRun[] longer = [.. new[] { 2.0, 4, 8 }.Select(minutes => Breast(new(minutes, Pan.CastIron)).Run())];
        for (int i = 1; i < longer.Length; i++)
        {
            Assert.True(longer[i].Samples[0].BrowningTop > longer[i - 1].Samples[0].BrowningTop);
            Assert.True(longer[i].TimeToReachS(74) < longer[i - 1].TimeToReachS(74) - 20);
        }

        Assert.True(Breast(new(6, Pan.CastIron)).Run().Samples[0].BrowningTop > Breast(new(6, Pan.NonStick)).Run().Samples[0].BrowningTop);
    }

    [Fact]
    public void A_lot_is_seared_as_its_plan_says()
    {
        TrayPlan plan = Plans.Of(Cut.BonelessBreast, 200, 180);
        TrayPlan seared = plan with { Chicken = [plan.Chicken[0] with { Sear = new(6, Pan.CastIron) }] };
        LotForecast lot = TrayForecaster.Forecast(seared, Care.BestGuess).Lots[0];
        Assert.InRange(lot.Ready.MedianMinutes / TrayForecaster.Forecast(plan, Care.BestGuess).Lots[0].Ready.MedianMinutes, 0.5, 0.75);
        Assert.True(lot.Curve[0].SurfaceC > 35);
    }

    /// <summary>The pocket's mesh holds what was asked, to three hundredths of the piece.</summary>
    [Theory]
    [InlineData(0.05)]
    [InlineData(0.1)]
    [InlineData(0.2)]
    [InlineData(0.3)]
    [InlineData(0.4)]
    public void A_filling_takes_the_share_of_the_mass_that_was_said(double share)
    {
        var body = new PieceBody(Cut.StuffedBreast, 240) { FillingShare = share };
        CutMesh mesh = CutMeshes.For(body.Shape, GridLevel.Normal);
        double fillingKg = mesh.InnerM3 * HeatParameters.FillingDensity.Value;
        Assert.Equal(share, fillingKg / mesh.MassKg(Core.Heat.Materials.ThermalMaterial.BreastMeat, Core.Heat.Materials.ThermalMaterial.Filling), 0.03);
    }

    [Fact]
    public void A_filling_put_into_the_same_meat_takes_longer_and_a_piece_of_the_same_mass_about_as_long()
    {
        TrayPlan Stuffed(double totalG, double? grams)
        {
            TrayPlan plan = Plans.Of(Cut.BonelessBreast, totalG, 200);
            return plan with { Chicken = [plan.Chicken[0] with { Coats = [Coating.Stuffed], Filling = grams is { } g ? new(g, MassUnit.Gram) : null }] };
        }

        double Ready(double totalG, double? grams) => TrayForecaster.Forecast(Stuffed(totalG, grams), Care.BestGuess).Lots[0].Ready.MedianMinutes;
        Assert.InRange(Ready(220, 60), Ready(170, 10) + 1.5, Ready(170, 10) + 9);
        Assert.InRange(Ready(200, 60), Ready(200, 20) - 1.5, Ready(200, 20) + 1.5);
        Assert.InRange(Ready(200, null), Ready(200, 20) - 0.3, Ready(200, 20) + 0.3);
        bool Tears(double grams) => TrayCautions.For(Stuffed(200, grams), TrayForecaster.Forecast(Stuffed(200, grams)), KitchenUnits.Usual)
            .Any(caution => caution.StartsWith("So much filling tears", StringComparison.Ordinal));
        Assert.True(Tears(51));
        Assert.False(Tears(50));
    }

    [Fact]
    public void Half_a_skin_lies_between_skin_and_none()
    {
        double Ready(bool skin, bool partly) => Plans.Thighs is var plan
            ? TrayForecaster.Forecast(plan with { Chicken = [plan.Chicken[0] with { SkinOn = skin, PartlySkinned = partly }] }, Care.BestGuess).Lots[0].Ready.MedianMinutes
            : 0;
        double on = Ready(true, false);
        double off = Ready(false, false);
        double partly = Ready(true, true);
        Assert.NotEqual(on, off, 0.2);
        Assert.InRange(partly, Math.Min(on, off) + 0.05, Math.Max(on, off) - 0.05);
    }

    /// <summary>Said where a gentle oven keeps the middle lukewarm, with the hours; not in an ordinary one (USDA FSIS: 6 h, from memory).</summary>
    [Theory]
    [InlineData(85, true)]
    [InlineData(180, false)]
    public void A_slow_come_up_is_said(double ovenC, bool isSlow)
    {
        TrayPlan plan = Plans.Of(Cut.BonelessBreast, 200, ovenC, targetC: 62);
        TrayForecast forecast = TrayForecaster.Forecast(plan);
        string? said = TrayCautions.For(plan, forecast, KitchenUnits.Usual).FirstOrDefault(caution => caution.Contains("between 10 °C and 54 °C", StringComparison.Ordinal));
        Assert.Equal(isSlow, said is not null);
        if (said is not null)
        {
            double hours = double.Parse(said.Split("for ")[1].Split(" h")[0], System.Globalization.CultureInfo.InvariantCulture);
            IReadOnlyList<CurvePoint> curve = forecast.Lots[0].Curve;
            double nominal = curve.Count(point => point.ColdestC is >= 10 and < 54) / 60.0;
            Assert.InRange(hours, nominal - 0.1, 3 * nominal);
        }
    }
}
