using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep.Marinating;

public sealed class MarinatingTests
{
    private static readonly DateTimeOffset Five = new(2026, 11, 26, 17, 0, 0, TimeSpan.FromHours(1));

    private static ContactTime LimitsOf(string id)
    {
        Mix mix = MixLibrary.Find(id)!.Mix;
        return ContactTime.Of(mix, MixScaler.Scale(mix, new(1000, 12, 6), KitchenMeasures.Usual));
    }

    [Fact]
    public void Sharp_mixes_bear_hours_and_yogurt_a_day()
    {
        Assert.Equal(240, LimitsOf("lemon-garlic").TooLongMinutes);
        Assert.Equal(1440, LimitsOf("green-yogurt").TooLongMinutes);
        Assert.Equal(1440, LimitsOf("salt-only").TooLongMinutes);
        Assert.Equal(60, LimitsOf("egg-crumb").TooLongMinutes);
        Assert.InRange(LimitsOf("harvest-rub").TooLongMinutes, 720, 1440);
        Assert.Equal(0, LimitsOf("pan-gravy").TooLongMinutes);
    }

    [Theory]
    [InlineData(10, null)]
    [InlineData(60, 30)]
    [InlineData(300, 60)]
    public void Meat_is_turned_half_way_or_after_an_hour(int minutes, int? turn)
    {
        MarinadeTimes times = MarinadeClock.Times(Five, minutes, LimitsOf("green-yogurt"), MarinadePlace.Fridge);
        Assert.Equal(turn is { } at ? Five.AddMinutes(at) : null, times.TurnAt);
        Assert.Equal(Five.AddMinutes(minutes), times.ReadyAt);
        Assert.Equal(Five.AddHours(24), times.LatestAt);
    }

    /// <summary>Two hours out of the fridge in all (usual caution), whatever the mix would bear.</summary>
    [Fact]
    public void On_the_counter_it_goes_into_the_oven_within_two_hours()
    {
        MarinadeTimes times = MarinadeClock.Times(Five, 60, LimitsOf("green-yogurt"), MarinadePlace.Counter);
        Assert.Equal((Five.AddMinutes(60), Five.AddHours(2)), (times.ReadyAt, times.LatestAt));
    }

    [Fact]
    public void The_counter_a_day_and_too_much_acid_are_warned_of()
    {
        ContactTime sharp = LimitsOf("lemon-garlic");
        Assert.Empty(MarinadeClock.Cautions(120, MarinadePlace.Fridge, sharp));
        Assert.Contains("in the fridge", MarinadeClock.Cautions(60, MarinadePlace.Counter, sharp)[0], StringComparison.Ordinal);
        Assert.Contains("Too long for this mix: more than 4 h", Assert.Single(MarinadeClock.Cautions(300, MarinadePlace.Fridge, sharp)), StringComparison.Ordinal);
        Assert.Contains("More than 24 hours", MarinadeClock.Cautions(1500, MarinadePlace.Fridge, LimitsOf("green-yogurt"))[0], StringComparison.Ordinal);
        Assert.Contains("Too short", Assert.Single(MarinadeClock.Cautions(10, MarinadePlace.Fridge, sharp)), StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(40, "40 min")]
    [InlineData(120, "2 h")]
    [InlineData(150, "2 h 30 min")]
    public void Lengths_are_said_as_cooks_say_them(int minutes, string said) => Assert.Equal(said, MarinadeClock.Said(minutes));

    /// <summary>Frozen share and heat of lean meat at −18 °C: ASHRAE Handbook, Refrigeration (from memory): 0.85 to 0.92 of the water is ice; 260 to 290 kJ/kg below 0 °C.</summary>
    [Fact]
    public void Frozen_meat_holds_the_ice_and_lacks_the_heat_that_tables_say()
    {
        FreezingFood meat = FreezingFood.BreastMeat;
        Assert.InRange(meat.IceShare(-18) / Composition.BreastMeat.Water, 0.85, 0.95);
        Assert.InRange(meat.EnthalpyJPerKg(-18), -290e3, -250e3);
        Assert.InRange(meat.ConductivityWPerMK(-18), 1.3, 1.9);
        Assert.Equal(0, meat.IceShare(0));
    }

    [Fact]
    public void Temperature_and_heat_are_inverse_and_rise_together() =>
        Gen.Select(Gen.Double[-29, 29], Gen.Double[0.05, 1]).Sample((celsius, more) =>
            Math.Abs(FreezingFood.DarkMeat.TemperatureC(FreezingFood.DarkMeat.EnthalpyJPerKg(celsius)) - celsius) < 0.001
            && FreezingFood.DarkMeat.EnthalpyJPerKg(celsius + more) > FreezingFood.DarkMeat.EnthalpyJPerKg(celsius));

    [Fact]
    public void A_thawing_block_keeps_its_books()
    {
        var block = new ThawingBlock(FreezingFood.DarkMeat, 0.2, 0.15, 0.05, 4, -18);
        double before = block.HeatJ;
        block.ThawS(4, 8, 5);
        Assert.Equal(block.HeatJ - before, block.TakenUpJ, 0.001 * block.TakenUpJ);
    }

    /// <summary>
    /// Plank's equation (1941) for a slab thawing from its freezing point (from memory): t = ρΔh/(Ta − Tf)·(D/2h + D²/8k), k of
    /// the thawed layer. It melts all at one temperature; meat melts over a range below it, where the air is further off, so
    /// ours is a little sooner.
    /// </summary>
    [Theory]
    [InlineData(0.02)]
    [InlineData(0.05)]
    public void A_wide_slab_agrees_with_Planks_equation(double thicknessM)
    {
        const double exchange = 30;
        const double airC = 20;
        FreezingFood meat = FreezingFood.DarkMeat;
        var slab = new ThawingBlock(meat, 40 * thicknessM, 40 * thicknessM, thicknessM, 6, -8);
        double seconds = slab.ThawS(airC, exchange, exchange);
        double heat = meat.DensityKgPerM3 * (meat.EnthalpyJPerKg(FreezingFood.FreezesAtC) - meat.EnthalpyJPerKg(-8));
        double plank = heat / (airC - FreezingFood.FreezesAtC) * ((thicknessM / 2 / exchange) + (thicknessM * thicknessM / 8 / meat.ConductivityWPerMK(1)));
        Assert.InRange(seconds / plank, 0.82, 1.05);
    }

    /// <summary>Common practice: a flat pack of half a kilogram thaws in the fridge overnight, a bird of 1.8 kg in one to two days.</summary>
    [Theory]
    [InlineData(450, 20, 8, 24)]
    [InlineData(1000, 45, 18, 36)]
    [InlineData(1800, 110, 24, 48)]
    public void Thaw_times_are_those_of_practice(double massG, double thicknessMm, double lowHours, double highHours) =>
        Assert.InRange(FridgeThaw.Minutes(massG, thicknessMm, FreezingFood.DarkMeat) / 60.0, lowHours, highHours);

    [Fact]
    public void Thicker_and_heavier_take_longer() => Gen.Select(Gen.Double[200, 2000], Gen.Double[25, 80]).Sample(
        (massG, mm) =>
        {
            int minutes = FridgeThaw.Minutes(massG, mm, FreezingFood.BreastMeat);
            return FridgeThaw.Minutes(massG, mm * 1.15, FreezingFood.BreastMeat) >= minutes - 60
                && FridgeThaw.Minutes(massG * 1.3, mm, FreezingFood.BreastMeat) > minutes;
        },
        iter: 6);

    [Theory]
    [InlineData(10, 40, "massG")]
    [InlineData(900, 400, "thicknessMm")]
    public void No_pack_is_refused(double massG, double mm, string field) =>
        Assert.Equal(field, Assert.Throws<HeatInputException>(() => FridgeThaw.Minutes(massG, mm, FreezingFood.DarkMeat)).Field);
}
