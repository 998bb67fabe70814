using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Meshing;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat.Climate;

public sealed class OvenEveningTests
{
    private static readonly double[] WarmMeat = [70, 70, 70];

    private static OvenEvening Evening(Placement? placement = null, params IReadOnlyList<OvenStep> steps) =>
        new(new(OvenMode.Still, 200), placement ?? new(), steps, 3600);

    /// <summary>What the sides meet after this long, the meat at one temperature meanwhile.</summary>
    private static FaceClimate[] After(OvenEvening evening, double seconds, double meatC = 70)
    {
        double[] meat = [meatC, meatC, meatC];
        for (double timeS = 0; timeS < seconds;)
        {
            double next = Math.Min(Math.Min(seconds, timeS + 10), evening.NextChangeS(timeS));
            evening.Advance(timeS, next, meat);
            timeS = next;
        }

        var sides = new FaceClimate[3];
        evening.Describe(seconds, sides);
        return sides;
    }

    private static FaceClimate Top(FaceClimate[] sides) => sides[(int)Side.Top];

    private static FaceClimate Under(FaceClimate[] sides) => sides[(int)Side.Under];

    [Fact]
    public void On_a_tray_the_top_meets_air_and_the_under_side_meets_metal()
    {
        FaceClimate[] sides = After(Evening(), 600);
        Assert.Equal(0, Top(sides).ContactWPerM2K);
        Assert.Equal(HeatParameters.StillConvection.Value, Top(sides).ConvectionWPerM2K);
        Assert.Equal(0, Under(sides).ConvectionWPerM2K);
        Assert.InRange(Under(sides).ContactC, 80, 200);
    }

    [Fact]
    public void Turning_swaps_what_the_sides_meet_and_turning_again_swaps_it_back()
    {
        FaceClimate[] turned = After(Evening(null, new Turn(300)), 400);
        Assert.True(Top(turned).ContactWPerM2K > 0);
        Assert.True(Under(turned).ConvectionWPerM2K > 0);
        FaceClimate[] back = After(Evening(null, new Turn(300), new Turn(350)), 400);
        Assert.Equal(0, Top(back).ContactWPerM2K);
        Assert.True(Top(After(Evening(new(TopDown: true)), 60)).ContactWPerM2K > 0);
    }

    [Fact]
    public void Foil_and_parcel_keep_the_air_near_boiling_and_the_surface_from_drying()
    {
        foreach (Cover cover in new[] { Cover.Foil, Cover.Parcel })
        {
            FaceClimate under = Top(After(Evening(new(Cover: cover)), 300));
            Assert.InRange(under.AirC, 100, 125);
            Assert.Equal(0, under.Wetness);
        }

        FaceClimate uncovered = Top(After(Evening(new(Cover: Cover.Foil), new SetCover(300, Cover.None)), 900));
        Assert.InRange(uncovered.AirC, 180, 201);
        Assert.Equal(1, uncovered.Wetness);
    }

    [Fact]
    public void A_rack_lets_air_under_and_a_crowd_keeps_it_from_the_rim()
    {
        FaceClimate[] onRack = After(Evening(new(Support.Rack)), 600);
        Assert.Equal(0, Under(onRack).ContactWPerM2K);
        Assert.Equal(HeatParameters.RackShare.Value * HeatParameters.StillConvection.Value, Under(onRack).ConvectionWPerM2K, 1e-9);
        FaceClimate alone = After(Evening(new(Crowding: 0)), 60)[(int)Side.Rim];
        FaceClimate crowded = After(Evening(new(Crowding: 1)), 60)[(int)Side.Rim];
        Assert.True(crowded.ConvectionWPerM2K < alone.ConvectionWPerM2K);
        Assert.True(crowded.IncomingRadiationWPerM2 < alone.IncomingRadiationWPerM2);
        Assert.True(crowded.VapourPressurePa > alone.VapourPressurePa);
    }

    [Fact]
    public void What_comes_in_through_a_gap_is_all_that_its_sides_get()
    {
        FaceClimate open = After(Evening(new(Crowding: 0)), 600)[(int)Side.Rim];
        FaceClimate shared = After(Evening(new(Crowding: 0, SideShare: 0.25)), 600)[(int)Side.Rim];
        Assert.Equal(0.25 * open.ConvectionWPerM2K, shared.ConvectionWPerM2K, 1e-9);
        Assert.Equal(
            (0.25 * open.IncomingRadiationWPerM2) + (0.75 * FaceClimate.RadiationAt(HeatParameters.NeighbourSurface.Value)), shared.IncomingRadiationWPerM2, 1e-6);

        // Neighbours that leave less than the gap lets in decide.
        FaceClimate crowded = After(Evening(new(Crowding: 0.8, SideShare: 0.7)), 600)[(int)Side.Rim];
        Assert.Equal(0.6 * open.ConvectionWPerM2K, crowded.ConvectionWPerM2K, 1e-9);
        Assert.Equal(Top(After(Evening(), 600)).ConvectionWPerM2K, Top(After(Evening(new(SideShare: 0.25)), 600)).ConvectionWPerM2K);
    }

    /// <summary>A gram and a half a square metre, of which a tenth stays under the piece, every ten seconds: 35 of the metal's 2 000 W/m².</summary>
    [Fact]
    public void Drippings_that_sizzle_away_do_not_hold_hot_metal_at_boiling()
    {
        double[] crust = [110, 110, 110];
        double dry = Under(After(Evening(), 1500, crust[0])).ContactC;
        double sizzling = Dripped(0.0015);
        Assert.InRange(sizzling, dry - 5, dry - 0.05);
        Assert.Equal(100, Dripped(0.3), 0.5);

        double Dripped(double kgPerM2)
        {
            OvenEvening evening = Evening();
            for (double timeS = 0; timeS < 1500; timeS += 10)
            {
                if (timeS >= 1200)
                {
                    evening.Drip(kgPerM2);
                }

                evening.Advance(timeS, timeS + 10, crust);
            }

            var sides = new FaceClimate[3];
            evening.Describe(1500, sides);
            return Under(sides).ContactC;
        }
    }

    [Fact]
    public void Stock_holds_the_tray_at_boiling_until_it_is_gone_or_drained()
    {
        const double hotMeatC = 99;
        FaceClimate simmering = Under(After(Evening(new(LiquidMm: 10)), 1500, hotMeatC));
        // An open pan of water in a hot oven stays where it gives off as much as it takes up, short of boiling.
        Assert.InRange(simmering.ContactC, 75, 100);
        Assert.Equal(HeatParameters.LiquidContact.Value, simmering.ContactWPerM2K, 1e-6);
        foreach (OvenEvening dry in new[] { Evening(new(LiquidMm: 0.05)), Evening(new(LiquidMm: 10), new Drain(600)) })
        {
            FaceClimate under = Under(After(dry, 3500, hotMeatC));
            Assert.True(under.ContactC > 101);
            Assert.Equal(HeatParameters.TrayContact.Value, under.ContactWPerM2K);
        }
    }

    [Fact]
    public void Glass_warms_later_than_metal()
    {
        double At(TrayMaterial tray) => Under(After(Evening(new(Tray: tray)), 120)).ContactC;
        Assert.True(At(TrayMaterial.GlassOrCeramic) < At(TrayMaterial.LightMetal) - 2);
    }

    [Fact]
    public void The_grill_shines_on_the_top_alone()
    {
        FaceClimate[] grilled = After(Evening(null, new SwitchMode(300, OvenMode.Grill)), 600);
        FaceClimate[] still = After(Evening(), 600);
        Assert.True(Top(grilled).IncomingRadiationWPerM2 > 1.5 * Top(still).IncomingRadiationWPerM2);
        Assert.Equal(still[(int)Side.Rim].IncomingRadiationWPerM2, grilled[(int)Side.Rim].IncomingRadiationWPerM2, 1);
    }

    [Fact]
    public void Resting_is_in_the_kitchen_and_back_in_is_in_an_oven_still_hot()
    {
        OvenEvening evening = Evening(null, new TakeOut(600), new PutBack(900));
        Assert.Equal(HeatParameters.RoomAir.Value, Top(After(evening, 700)).AirC);
        Assert.InRange(Top(After(Evening(null, new TakeOut(600), new PutBack(900)), 960)).AirC, 140, 201);
        Assert.True(
            Top(After(Evening(null, new TakeOut(600, RestKind.Tented)), 700)).ConvectionWPerM2K
                < Top(After(Evening(null, new TakeOut(600)), 700)).ConvectionWPerM2K);
    }

    [Fact]
    public void Changes_are_announced_in_time_and_basting_brings_water_once()
    {
        OvenEvening evening = Evening(null, new Baste(600), new Turn(600), new OpenDoor(1200, 10));
        Assert.Equal(600, evening.NextChangeS(0));
        Assert.Equal(HeatParameters.BasteWater.Value, evening.WaterAddedKgPerM2(600, Side.Top));
        Assert.Equal(0, evening.WaterAddedKgPerM2(600, Side.Under));
        Assert.Equal(0, evening.WaterAddedKgPerM2(1200, Side.Top));
        evening.Advance(0, 600, WarmMeat);
        // Turned by now, so the brush meets what lay down.
        Assert.Equal(0, evening.WaterAddedKgPerM2(600, Side.Top));
        Assert.Equal(HeatParameters.BasteWater.Value, evening.WaterAddedKgPerM2(600, Side.Under));
        Assert.Equal(1200, evening.NextChangeS(600));
        evening.Advance(600, 1200, WarmMeat);
        Assert.Equal(3600, evening.NextChangeS(1200));
    }
}
