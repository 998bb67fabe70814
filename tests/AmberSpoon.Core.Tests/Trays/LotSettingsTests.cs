using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Ways;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

/// <summary>From a plan to what each lot meets.</summary>
public sealed class LotSettingsTests
{
    private static LotSettings Of(TrayPlan plan) => new(plan, TrayArranger.Arrange(plan));

    private static PieceSetting Thigh(TrayPlan plan) => Of(plan).Of(plan.Chicken[0]);

    private static TrayPlan In(Vessel vessel) => Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165)], Vessels = [vessel] };

    [Fact]
    public void The_vessel_decides_what_the_food_lies_on()
    {
        Assert.Equal(Support.BareTray, Thigh(In(Vessel.HalfSheet)).Placement.Support);
        Assert.Equal(Support.Rack, Thigh(In(Vessel.HalfSheet with { Rack = true })).Placement.Support);
        Assert.Equal(Support.Parchment, Thigh(In(Vessel.HalfSheet with { Parchment = true })).Placement.Support);
        Assert.Equal(TrayMaterial.GlassOrCeramic, Thigh(In(Vessel.HalfSheet with { Kind = VesselKind.Dish })).Placement.Tray);
        Assert.Equal(TrayMaterial.DarkMetal, Thigh(In(Vessel.HalfSheet with { Kind = VesselKind.RoastingTin })).Placement.Tray);
    }

    [Fact]
    public void Water_stands_as_high_as_the_floor_lets_it()
    {
        // 300 ml on 33 × 23 cm: 4 mm.
        Placement inStock = Thigh(In(Vessel.HalfSheet with { Kind = VesselKind.Dish, WaterMl = 300 })).Placement;
        Assert.Equal(3.95, inStock.LiquidMm, 0.01);
    }

    [Fact]
    public void A_bed_is_under_the_chicken_of_its_own_tray_only()
    {
        TrayPlan bed = Plans.Supper with { Vegetables = [Plans.Roots(2, Vegetable.Onion, 200) with { Place = VegetablePlace.Under }] };
        Assert.Equal(Support.VegetableBed, Thigh(bed).Placement.Support);
        TrayPlan apart = bed with { Vessels = [Vessel.HalfSheet, Vessel.HalfSheet], Vegetables = [bed.Vegetables[0] with { Vessel = 1 }] };
        Assert.Equal(Support.BareTray, Thigh(apart).Placement.Support);
    }

    [Fact]
    public void A_parcel_stays_shut_whatever_the_foil_does()
    {
        TrayPlan plan = Plans.Thighs with
        {
            Chicken = [Plans.Thighs.Chicken[0] with { Coats = [Coating.Parcel] }],
            Steps = [new(StepKind.Cover, 5), new(StepKind.Uncover, 15)],
        };
        PieceSetting setting = Thigh(plan);
        Assert.Equal(Cover.Parcel, setting.Placement.Cover);
        Assert.DoesNotContain(setting.Steps, step => step is SetCover);
        Assert.Equal(2, setting.Steps.OfType<OpenDoor>().Count());
    }

    [Fact]
    public void Vegetables_are_not_basted_but_the_door_is_open_for_it()
    {
        TrayPlan plan = Plans.Supper with { Steps = [new(StepKind.Baste, 12)] };
        Assert.Contains(Thigh(plan).Steps, step => step is Baste { AtS: 720 });
        PieceSetting potato = Of(plan).Of(plan.Vegetables[0]);
        Assert.DoesNotContain(potato.Steps, step => step is Baste);
        Assert.Contains(potato.Steps, step => step is OpenDoor { AtS: 720 });
    }

    [Fact]
    public void A_grill_goes_back_to_the_oven_s_own_mode()
    {
        TrayPlan plan = Plans.Thighs with { OvenMode = OvenMode.Fan, Steps = [new(StepKind.Grill, 20, ForMinutes: 4)] };
        SwitchMode[] switches = [.. Thigh(plan).Steps.OfType<SwitchMode>()];
        Assert.Equal([(1200, OvenMode.Grill), (1440, OvenMode.Fan)], switches.Select(step => ((int)step.AtS, step.Mode)));
    }

    /// <summary>Set to 230 °C, on the second shelf, from the start: that is the oven the food goes into, until the dial's own comes back.</summary>
    [Fact]
    public void A_grill_that_is_on_from_the_start_is_the_oven_at_first()
    {
        TrayPlan plan = Plans.Thighs with { Steps = [new(StepKind.Grill, 0, new(230, TemperatureUnit.Celsius), 6)] };
        PieceSetting setting = Thigh(plan);
        Assert.Equal((OvenMode.Grill, 230.0), (setting.Oven.Mode, setting.Oven.SetC));
        Assert.Equal(OvenGeometry.Alone(OvenShelf.TopThird, OvenMode.Grill), setting.Oven.Place);
        SetOven back = Assert.Single(setting.Steps.OfType<SetOven>());
        Assert.Equal(360, back.AtS);
        Assert.InRange(back.SetC, 198, 210);
        Assert.Equal(OvenGeometry.Alone(OvenShelf.Middle, OvenMode.Still), Assert.Single(setting.Steps.OfType<MoveShelf>()).Place);

        // With a setting of its own later on: there and back.
        PieceSetting later = Thigh(plan with { Steps = [new(StepKind.Grill, 20, new(250, TemperatureUnit.Celsius), 5, OvenShelf.Middle)] });
        Assert.Equal([250.0, back.SetC], later.Steps.OfType<SetOven>().Select(step => step.SetC));
        Assert.Equal([false, false], later.Steps.OfType<SwitchMode>().Select(step => step.IsFull));
        Assert.Equal(OvenGeometry.Alone(OvenShelf.Middle, OvenMode.Grill), later.Steps.OfType<MoveShelf>().First().Place);
        Assert.True(Thigh(plan with { Steps = [new(StepKind.Grill, 20, ForMinutes: 5)] }).Steps.OfType<SwitchMode>().First().IsFull);
    }

    [Fact]
    public void A_lot_s_own_time_begins_when_it_goes_in() => Gen.Select(Gen.Int[1, 30], Gen.Int[0, 60]).Sample((addAt, stepAt) =>
    {
        TrayPlan plan = Plans.Supper with
        {
            Vegetables = [Plans.Supper.Vegetables[0] with { AddAtMinutes = addAt }],
            Steps = [new(StepKind.Turn, stepAt)],
        };
        PieceSetting late = Of(plan).Of(plan.Vegetables[0]);
        bool isTurned = late.Steps.OfType<Turn>().Any(step => step.AtS == 60 * (stepAt - addAt));
        return isTurned == (stepAt >= addAt) && late.Steps.All(step => step.AtS >= 0) && late.Steps[0] is OpenDoor { AtS: 0 };
    });

    [Fact]
    public void Turning_the_tray_round_mirrors_the_hot_place()
    {
        TrayPlan plan = In(Vessel.HalfSheet) with { Steps = [new(StepKind.Rotate, 10)] };
        PieceSetting setting = Thigh(plan);
        SetOven after = setting.Steps.OfType<SetOven>().Single();
        Assert.Equal(2 * 204, setting.Oven.SetC + after.SetC, 1e-6);
    }

    [Fact]
    public void A_guess_about_the_start_is_left_out_where_it_cannot_matter()
    {
        Assert.Equal(5, GuessDesign.Around(KitchenGuess.Nominal, heightMeasured: false).Count);
        Assert.Equal(4, GuessDesign.Around(KitchenGuess.Nominal, heightMeasured: false, startMatters: false).Count);
        Assert.All(GuessDesign.Around(KitchenGuess.Nominal, false, startMatters: false), pair => Assert.Equal(0, pair.Faster.StartDifferenceC));
    }

    [Fact]
    public void Vegetables_apart_lie_on_a_second_tray_and_chicken_stays_where_it_lay()
    {
        TrayPlan laid = Plans.Supper with { Spots = TrayArranger.Arrange(Plans.Supper).Spots() };
        TrayPlan apart = laid.WithVegetablesApart();
        Assert.Equal(2, apart.Vessels.Count);
        Assert.All(apart.Vegetables, lot => Assert.Equal((1, VegetablePlace.Around), (lot.Vessel, lot.Place)));
        Assert.Equal(laid.Spots.Where(spot => spot.Lot == 1), apart.Spots);
        Assert.Same(Plans.Thighs, Plans.Thighs.WithVegetablesApart());
    }

    [Fact]
    public void Ready_ways_keep_the_food_and_the_cook_s_unit()
    {
        TrayPlan fahrenheit = Plans.Supper with { OvenSetting = new(400, TemperatureUnit.Fahrenheit) };
        TrayPlan hot = ReadyWays.Find("hot")!.Of(fahrenheit);
        Assert.Equal(new EnteredTemperature(445, TemperatureUnit.Fahrenheit), hot.OvenSetting);
        Assert.Equal(fahrenheit.Chicken, hot.Chicken);
        TrayPlan fan = ReadyWays.Find("moderate")!.Of(Plans.Supper with { OvenMode = OvenMode.Fan });
        Assert.Equal(165, fan.OvenSetting.Value);
        TrayPlan boneless = ReadyWays.Find("boneless")!.Of(Plans.Supper);
        Assert.Equal(Cut.BonelessThigh, boneless.Chicken[0].Cut);
        Assert.Equal(0.72 * Plans.Supper.Chicken[0].MassesG().Sum(), boneless.Chicken[0].MassesG().Sum(), 1e-6);
        Assert.Null(ReadyWays.Find("sideways"));
        Assert.Equal(ReadyWays.All.Count, ReadyWays.All.Select(way => way.Id).Distinct().Count());
    }

    [Fact]
    public void Only_the_heaviest_of_a_lot_weighs_what_the_heaviest_weighs()
    {
        ChickenLot mixed = Plans.Chicken(1, Cut.BoneInThigh, 5, 160, spreadPercent: 25);
        Assert.Equal([200], mixed.OnlyHeaviest().MassesG());
        Assert.Equal(5, mixed.MassesG().Count);
        Assert.Equal(mixed.Piece(200).Size().HeightMm, mixed.OnlyHeaviest().Piece(200).Size().HeightMm, 1e-9);
    }

    [Fact]
    public void A_measured_height_is_that_of_the_heaviest_and_the_others_are_flatter()
    {
        ChickenLot measured = Plans.Chicken(1, Cut.BoneInThigh, 3, 160, spreadPercent: 20) with { Height = new(40, LengthUnit.Millimetre) };
        IReadOnlyList<double> masses = measured.MassesG();
        Assert.Equal(40, measured.Piece(masses[0]).Size().HeightMm, 0.5);
        Assert.Equal(40 * Math.Cbrt(masses[2] / masses[0]), measured.Piece(masses[2]).Size().HeightMm, 0.5);
    }

    [Fact]
    public void Frozen_meat_is_refused_rather_than_guessed() => Assert.Throws<ArgumentOutOfRangeException>(() =>
        Thigh(Plans.Thighs with { Chicken = [Plans.Thighs.Chicken[0] with { StartFrom = StartingPoint.Frozen }] }));

    /// <summary>
    /// By hand, for cubes of 12 mm: where 83 % is covered, less than the least that gets between them; where 59 %, each has 0.7 of its own
    /// floor beside it, open above and hot below, and four sides as large; where 18 %, more than the sides could take.
    /// </summary>
    [Theory]
    [InlineData(1400, 0.15, 0.15)]
    [InlineData(1000, 0.32, 0.36)]
    [InlineData(700, 0.6, 0.8)]
    [InlineData(300, 1, 1)]
    public void Vegetables_share_what_comes_in_through_their_gaps(double amountG, double least, double most)
    {
        VegetableLot lot = Plans.Roots(2, Vegetable.Potato, amountG) with { Size = new(12, LengthUnit.Millimetre) };
        TrayPlan plan = Plans.Thighs with { Chicken = [], Vegetables = [lot] };
        Assert.InRange(Of(plan).Of(lot).Placement.SideShare, least, most);
        Assert.Equal(1, new LotSettings(plan, TrayArranger.Arrange(plan), crowding: 0.5).Of(lot).Placement.SideShare);
    }

    [Fact]
    public void Chicken_stands_up_out_of_them() => Assert.Equal(1, Thigh(Plans.Supper).Placement.SideShare);
}
