using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>What coatings do, held against what cooks see (common practice).</summary>
public sealed class CoatingTests
{
    private static HeatRun Baked(Coating coating, Cut cut = Cut.Drumstick, double minutes = 40)
    {
        PieceBake plain = Heating.Bake(cut, 200, minutes);
        return (plain with { Piece = plain.Chicken() with { Coating = coating } }).Run();
    }

    [Fact]
    public void A_rub_a_glaze_and_crumb_over_mayonnaise_each_brown_more_than_plain_skin()
    {
        double plain = Baked(Coating.Oil).Ends.BrowningTop;
        Assert.True(Baked(Coating.DryRub).Ends.BrowningTop > 1.2 * plain);
        Assert.True(Baked(Coating.Glaze).Ends.BrowningTop > 1.2 * plain);
        Assert.True(Baked(Coating.CrumbOverMayonnaise).Ends.BrowningTop > Baked(Coating.CrumbOverEgg).Ends.BrowningTop);
        Assert.True(Baked(Coating.ButterUnderSkin).Ends.BrowningTop > plain);
    }

    /// <summary>Which is why it is turned at ten minutes; the meat under it still steams.</summary>
    [Fact]
    public void Crumb_browns_on_the_metal_first_and_bare_meat_does_not()
    {
        PieceBake crumbed = new(
            new PieceBody(Cut.BreastThird, 75, SkinOn: false, Coating: Coating.CrumbOverEgg), 5, new(OvenMode.Still, 204), new(Tray: TrayMaterial.DarkMetal), [], 600);
        HeatSample atTen = crumbed.Run().Last;
        Assert.InRange(atTen.BrowningUnder, 0.1, Browning.Golden);
        Assert.True(atTen.BrowningUnder > atTen.BrowningTop);
        PieceBake turned = crumbed with { Steps = [new Turn(600)], EndS = 1200 };
        Assert.InRange(turned.Run().Last.BrowningUnder, 0.85, Browning.Deep);
        PieceBake bare = turned with { Piece = turned.Chicken() with { Coating = Coating.Oil } };
        Assert.True(bare.Run().Last.BrowningUnder < 0.4);
    }

    [Fact]
    public void Crumb_over_yogurt_stays_pale_longer_than_over_egg() =>
        Assert.True(Baked(Coating.CrumbOverYogurt).Ends.BrowningTop < Baked(Coating.CrumbOverEgg).Ends.BrowningTop);

    [Fact]
    public void Wet_coatings_give_off_more_water()
    {
        double plain = Baked(Coating.Oil).Ends.EvaporatedKg;
        Assert.True(Baked(Coating.WetMarinade).Ends.EvaporatedKg > plain);
        Assert.True(Baked(Coating.ThickMarinade).Ends.EvaporatedKg > Baked(Coating.WetMarinade).Ends.EvaporatedKg);
    }

    [Fact]
    public void Herbs_under_the_skin_change_nothing_that_can_be_computed() =>
        Assert.Equal(Baked(Coating.Oil).Ends.BrowningTop, Baked(Coating.HerbsUnderSkin).Ends.BrowningTop, 1e-9);

    [Fact]
    public void Crumb_takes_longer_than_skin() => Assert.True(
        Baked(Coating.CrumbOverEgg).TimeToReachS(74) > Baked(Coating.Oil).TimeToReachS(74));

    /// <summary>Golden when just done at 204 °C in a still oven: the unit's own definition (common practice).</summary>
    [Fact]
    public void A_thigh_s_skin_is_golden_when_it_is_done_and_darkens_from_there()
    {
        HeatRun run = Heating.Bake(Cut.BoneInThigh, 204, 75).Run();
        Assert.Equal(SurfaceColour.Golden, SurfaceColours.Of(run.At(run.TimeToReachS(77)!.Value + 60).BrowningTop));
        SurfaceColour[] seen = [.. run.Samples.Select(sample => SurfaceColours.Of(sample.BrowningTop)).Distinct()];
        Assert.Equal(seen.Order(), seen);
        Assert.Contains(SurfaceColour.Deep, seen);
    }

    [Fact]
    public void Under_foil_nothing_browns() =>
        Assert.Equal(SurfaceColour.Pale, SurfaceColours.Of((Heating.Bake(Cut.BoneInThigh, 204, 40) with { Placement = new(Cover: Cover.Foil) }).Run().Ends.BrowningTop));

    [Fact]
    public void A_tray_moved_to_a_worse_shelf_heats_more_slowly_and_its_door_was_open()
    {
        double Minutes(params OvenStep[] steps) => Heating.Bake(Cut.BoneInThigh, 204, 90, steps: steps).Run().TimeToReachS(74).Minutes();
        double still = Minutes();
        Assert.True(Minutes(new MoveShelf(300, OvenGeometry.Beside(OvenShelf.Low, OvenShelf.TopThird, OvenMode.Still), 45)) > still + 1.5);
        Assert.InRange(Minutes(new MoveShelf(300, ShelfPlace.Usual, 45)), still, still + 1.5);
    }

    [Fact]
    public void A_mixture_with_carbohydrate_conducts_and_stores_like_a_potato()
    {
        // ASHRAE Handbook, Refrigeration (from memory): potato about 0.5 to 0.6 W/(m·K), 3.4 to 3.7 kJ/(kg·K), 1050 to 1110 kg/m³.
        var potato = AmberSpoon.Core.Heat.Materials.ThermalMaterial.FromComposition(VegetableTable.For(Vegetable.Potato).Made);
        (double conductivity, double volumetric) = potato.At(20);
        Assert.InRange(conductivity, 0.48, 0.6);
        Assert.InRange(potato.DensityKgPerM3, 1050, 1110);
        Assert.InRange(volumetric / potato.DensityKgPerM3, 3400, 3750);
    }

    [Fact]
    public void Pores_lower_density_by_their_share_and_conductivity_by_more()
    {
        Composition made = VegetableTable.For(Vegetable.Mushroom).Made;
        var dense = AmberSpoon.Core.Heat.Materials.ThermalMaterial.FromComposition(made);
        var porous = AmberSpoon.Core.Heat.Materials.ThermalMaterial.FromComposition(made, 0.25);
        Assert.Equal(0.75, porous.DensityKgPerM3 / dense.DensityKgPerM3, 1e-9);
        Assert.InRange(porous.At(20).ConductivityWPerMK / dense.At(20).ConductivityWPerMK, 0.6, 0.7);
    }
}
