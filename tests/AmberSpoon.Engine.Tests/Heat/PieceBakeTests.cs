using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>What every cook knows of ovens, as properties of the engine.</summary>
public sealed class PieceBakeTests
{
    private static readonly Gen<CutFacts> AnyCut = Gen.Int[0, CutTable.All.Count - 1].Select(i => CutTable.All[i]);

    private static double MinutesTo74(PieceBake bake) => bake.Run().TimeToReachS(74).Minutes();

    private static PieceBake Thigh(double ovenC = 204, double minutes = 90, params IReadOnlyList<OvenStep> steps) =>
        Heating.Bake(Cut.BoneInThigh, ovenC, minutes, steps: steps);

    [Fact]
    public void A_hotter_oven_a_lighter_piece_and_a_warmer_start_are_each_sooner() =>
        Gen.Select(AnyCut, Gen.Double[170, 230], Gen.Double[0.6, 1.8]).Sample(
            (facts, ovenC, share) =>
            {
                PieceBake bake = Heating.Bake(facts.Cut, ovenC, 180, facts.ReferenceMassG * share);
                double minutes = MinutesTo74(bake);
                return MinutesTo74(bake with { Oven = bake.Oven with { SetC = ovenC + 15 } }) < minutes
                    && MinutesTo74(bake with { Piece = bake.Chicken() with { MassG = bake.Chicken().MassG * 1.2 } }) > minutes
                    && MinutesTo74(bake with { StartC = 12 }) < minutes
                    && MinutesTo74(bake with { Oven = bake.Oven with { Mode = OvenMode.Fan } }) < minutes;
            },
            iter: 25);

    [Fact]
    public void Energy_closes_to_a_thousandth_on_eventful_evenings() =>
        Gen.Select(AnyCut, Gen.Enum<Coating>(), Gen.Enum<Support>(), Gen.Enum<TrayMaterial>(), Gen.Double[300, 1500], Gen.Double[0, 20]).Sample(
            (facts, coating, support, tray, atS, liquidMm) =>
            {
                PieceBake bake = Heating.Bake(facts.Cut, 200, 50, steps:
                [
                    new Baste(atS), new Turn(atS + 60), new SetCover(atS + 300, Cover.Foil), new SetCover(atS + 700, Cover.None),
                    new SwitchMode(atS + 800, OvenMode.Grill), new TakeOut(atS + 900),
                ]);
                HeatRun run = (bake with
                {
                    Piece = bake.Chicken() with { Coating = coating },
                    Placement = new(support, tray, liquidMm),
                }).Run();
                return Math.Abs(run.Ends.EnergyErrorFraction) < 0.001
                    && run.Samples.All(sample => sample.ColdestC is > 3.9 and < 101 && double.IsFinite(sample.SurfaceC));
            },
            iter: 30);

    [Fact]
    public void A_longer_rest_never_lowers_the_peak()
    {
        double previous = 0;
        foreach (double restMinutes in new[] { 0, 1, 2, 4, 7, 12, 20.0 })
        {
            double peak = Thigh(minutes: 32 + restMinutes, steps: new TakeOut(32 * 60)).Run(GridLevel.Normal).PeakFrom(32 * 60).ColdestC;
            Assert.True(peak >= previous - 0.1);
            previous = peak;
        }
    }

    /// <summary>Carry-over of 2 to 5 °C after a hot oven, none when the oven is at the target (common practice).</summary>
    [Fact]
    public void Resting_lifts_the_middle_by_a_few_degrees_and_then_lets_it_fall()
    {
        HeatRun hot = Thigh(minutes: 70, steps: new TakeOut(30 * 60)).Run(GridLevel.Normal);
        Assert.InRange(hot.PeakFrom(1800).ColdestC - hot.At(1800).ColdestC, 2, 8);
        Assert.True(hot.Last.ColdestC < hot.PeakFrom(1800).ColdestC - 3);
        HeatRun gentle = Thigh(80, 420, new TakeOut(400 * 60)).Run();
        Assert.InRange(gentle.PeakFrom(24000).ColdestC - gentle.At(24000).ColdestC, 0, 0.3);
    }

    [Fact]
    public void A_tent_keeps_it_warmer_than_open_air_and_a_parcel_no_less()
    {
        double After(RestKind rest) => Thigh(minutes: 60, steps: new TakeOut(1800, rest)).Run().Last.ColdestC;
        Assert.True(After(RestKind.Tented) > After(RestKind.Open) + 1);
        Assert.True(After(RestKind.InParcel) >= After(RestKind.Tented));
    }

    [Fact]
    public void Opening_the_door_often_costs_minutes()
    {
        IReadOnlyList<OvenStep> often = [.. Enumerable.Range(1, 8).Select(n => new Baste(n * 240))];
        double extra = MinutesTo74(Thigh(steps: often)) - MinutesTo74(Thigh());
        Assert.InRange(extra, 0.7, 12);
    }

    [Fact]
    public void A_thermostat_s_swing_moves_the_end_by_less_than_a_minute()
    {
        PieceBake even = Thigh();
        double swung = MinutesTo74(even with { Oven = even.Oven with { SwingC = 5, SwingPeriodS = 600 } });
        Assert.Equal(MinutesTo74(even), swung, 0.8);
    }

    [Fact]
    public void An_oven_not_yet_hot_takes_longer_by_less_than_its_heating_up()
    {
        PieceBake hot = Thigh();
        double extra = MinutesTo74(hot with { Oven = hot.Oven with { StartC = 21 } }) - MinutesTo74(hot);
        Assert.InRange(extra, 3, 14);
    }

    [Fact]
    public void Foil_a_parcel_stock_and_crumb_each_hold_heat_back()
    {
        PieceBake bare = Thigh(minutes: 240);
        double minutes = MinutesTo74(bare);
        Assert.True(MinutesTo74(bare with { Placement = new(Cover: Cover.Foil) }) > minutes + 3);
        Assert.True(MinutesTo74(bare with { Placement = new(Cover: Cover.Parcel) }) > minutes - 5);
        Assert.True(MinutesTo74(bare with { Piece = bare.Chicken() with { Coating = Coating.CrumbOverEgg } }) > minutes + 1);
        Assert.True(MinutesTo74(bare with { Piece = bare.Chicken() with { Coating = Coating.ThickMarinade } }) > minutes);
        Assert.True(MinutesTo74(bare with { Placement = new(Crowding: 1) }) > MinutesTo74(bare with { Placement = new(Crowding: 0) }) + 0.5);
    }

    [Fact]
    public void Trays_differ_in_how_they_brown_and_hurry_the_under_side()
    {
        double Minutes(TrayMaterial tray, Support support = Support.BareTray) => MinutesTo74(Thigh() with { Placement = new(support, tray) });
        Assert.True(Minutes(TrayMaterial.DarkMetal) < Minutes(TrayMaterial.LightMetal));
        Assert.True(Minutes(TrayMaterial.LightMetal, Support.Parchment) > Minutes(TrayMaterial.LightMetal));
        Assert.True(Minutes(TrayMaterial.LightMetal, Support.VegetableBed) > Minutes(TrayMaterial.LightMetal));
    }

    [Fact]
    public void The_side_on_metal_browns_so_a_turn_takes_it_from_there_and_a_grill_browns_the_top()
    {
        HeatRun still = Thigh(minutes: 40).Run();
        HeatRun turned = Thigh(minutes: 40, steps: new Turn(20 * 60)).Run();
        HeatRun grilled = Thigh(minutes: 40, steps: new SwitchMode(35 * 60, OvenMode.Grill)).Run();
        Assert.True(turned.Ends.BrowningUnder < still.Ends.BrowningUnder - 0.05);
        Assert.True(turned.Ends.BrowningTop > still.Ends.BrowningTop);
        Assert.True(grilled.Ends.BrowningTop > 1.5 * still.Ends.BrowningTop);
    }

    [Fact]
    public void A_glaze_browns_sooner_and_draining_dries_the_tray()
    {
        PieceBake plain = Heating.Bake(Cut.Drumstick, 220, 45);
        Assert.True((plain with { Piece = plain.Chicken() with { Coating = Coating.Glaze } }).Run().Ends.BrowningTop > 1.3 * plain.Run().Ends.BrowningTop);
        PieceBake inStock = Thigh(minutes: 60) with { Placement = new(LiquidMm: 15) };
        HeatRun drained = (inStock with { Steps = [new Drain(900)] }).Run();
        Assert.True(drained.Ends.BrowningUnder > inStock.Run().Ends.BrowningUnder);
    }

    [Fact]
    public void Two_stages_lie_between_their_two_ovens()
    {
        double twoStage = MinutesTo74(Thigh(220, 90, new SetOven(600, 170)));
        Assert.InRange(twoStage, MinutesTo74(Thigh(220)), MinutesTo74(Thigh(170)));
    }

    [Fact]
    public void Meat_does_not_get_hotter_than_its_water_boils_and_loses_what_cooks_see_it_lose()
    {
        HeatRun run = Thigh(230, 70).Run();
        Assert.InRange(run.Last.ColdestC, 97, 104);
        Assert.InRange(run.Ends.LossShare, 0.3, 0.6);

        // Dried to two fifths of itself it has nothing left that boils, and its middle gets hotter.
        HeatRun dried = Thigh(230, 110).Run();
        Assert.InRange(dried.Ends.LossShare, 0.55, 0.62);
        Assert.InRange(dried.Last.ColdestC, 104, 230);
        HeatRun justDone = Thigh(minutes: 31).Run();
        Assert.InRange(justDone.Ends.LossShare, 0.1, 0.35);
        Assert.InRange((justDone.Ends.EvaporatedKg + justDone.Ends.BoiledKg) / 0.165, 0.03, 0.2);
    }

    [Fact]
    public void A_probe_reads_where_its_tip_is()
    {
        PieceBake bake = Heating.Bake(Cut.BonelessBreast, minutes: 25);
        double heightM = bake.Piece.Size().HeightMm / 1000;
        double AtHeight(double share) => (bake with { Tip = new(0.05, 0, share * heightM) }).Run(GridLevel.Normal).Last.TipC;
        Assert.True(AtHeight(0.9) > AtHeight(0.5) + 5);
        Assert.Equal("tip", Assert.Throws<HeatInputException>(() => (bake with { Tip = new(0.05, 0.5, 0.9) }).Run()).Field);
    }

    /// <summary>From 4 to 25 °C in 20 min, then another 15 to 20 min to 52 °C (a leave-in probe, common practice).</summary>
    [Fact]
    public void A_probe_that_took_twenty_minutes_to_25_takes_under_twenty_more_to_52()
    {
        PieceBake bake = Heating.Bake(Cut.BonelessBreast, minutes: 120, massG: 500);
        double to25 = 0;
        double ovenC = 230;
        while (to25 < 20)
        {
            ovenC -= 5;
            to25 = (bake with { Oven = bake.Oven with { SetC = ovenC } }).Run().TimeToReachS(25).Minutes();
        }

        double to52 = (bake with { Oven = bake.Oven with { SetC = ovenC } }).Run().TimeToReachS(52).Minutes();
        Assert.InRange(to52 - to25, 11, 20);
    }

    /// <summary>Beyond its arrays, a run leaves one sample per step and nothing else.</summary>
    [Fact]
    public void Time_steps_allocate_nothing_but_their_samples()
    {
        long Bytes(double minutes)
        {
            PieceBake bake = Thigh(minutes: minutes);
            bake.Run();
            long before = GC.GetAllocatedBytesForCurrentThread();
            int steps = bake.Run().Ends.Steps;
            return GC.GetAllocatedBytesForCurrentThread() - before - (steps * 96L);
        }

        Assert.InRange(Bytes(240) - Bytes(30), -8_000, 8_000);
        Assert.InRange(Bytes(60), 0, 10_000_000);
    }

    [Fact]
    public void The_same_bake_always_gets_the_same_answer() => Assert.Equal(Thigh().Run().Samples, Thigh().Run().Samples);

    [Fact]
    public void Impossible_programmes_are_refused_with_the_field()
    {
        string FieldOf(PieceBake bake) => Assert.Throws<HeatInputException>(() => bake.Run()).Field;
        Assert.Equal("steps[1].atS", FieldOf(Thigh(steps: [new Turn(900), new Baste(600)])));
        Assert.Equal("steps[0].atS", FieldOf(Thigh(steps: new Turn(double.NaN))));
        Assert.Equal("steps[0].atS", FieldOf(Thigh(minutes: 10, steps: new Turn(900))));
        Assert.Equal("endS", FieldOf(Thigh(minutes: double.NaN)));
        Assert.Equal("oven.setC", FieldOf(Thigh(900)));
        Assert.Equal("placement.crowding", FieldOf(Thigh() with { Placement = new(Crowding: 2) }));
        Assert.Equal("placement.liquidMm", FieldOf(Thigh() with { Placement = new(LiquidMm: -1) }));
    }
}
