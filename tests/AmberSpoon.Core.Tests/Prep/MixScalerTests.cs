using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

public sealed class MixScalerTests
{
    private static readonly Gen<Mix> AnyMix = Gen.Int[0, MixLibrary.All.Count - 1].Select(i => MixLibrary.All[i].Mix);

    private static readonly Gen<KitchenMeasures> AnyKitchen = Gen.Select(Gen.Enum<SpoonSet>(), Gen.Int[0, 2], Gen.Bool)
        .Select((spoons, scale, jug) => new KitchenMeasures(spoons, scale == 2 ? null : (ScaleUnit)scale, jug));

    private static MeatToCoat Meat(double massG) => new(massG, massG / 80, 6);

    [Fact]
    public void The_library_has_mixes_of_every_kind_and_knows_all_they_hold()
    {
        Assert.True(MixLibrary.All.Count >= 14);
        Assert.Equal(Enum.GetValues<MixKind>(), MixLibrary.All.Select(ready => ready.Mix.Kind).Distinct().Order());
        Assert.Equal(MixLibrary.All.Count, MixLibrary.All.Select(ready => ready.Id).Distinct().Count());
        Assert.All(MixLibrary.All.SelectMany(ready => ready.Mix.Parts), part => Assert.NotNull(part.Known()));
        Assert.Equal("Apricot glaze", MixLibrary.Find("apricot")?.Mix.Name);
        Assert.Null(MixLibrary.Find("none"));
    }

    [Fact]
    public void Scaling_is_linear_before_rounding() =>
        Gen.Select(AnyMix, Gen.Double[50, 6000], Gen.Double[0.2, 5], AnyKitchen).Sample((mix, massG, factor, own) =>
        {
            ScaledMix one = MixScaler.Scale(mix, Meat(massG), own);
            ScaledMix other = MixScaler.Scale(mix, Meat(massG * factor), own);
            for (int i = 0; i < one.Parts.Count; i++)
            {
                Assert.Equal(one.Parts[i].Exact.Value * factor, other.Parts[i].Exact.Value, 1e-9 * other.Parts[i].Exact.Value);
                Assert.Equal(one.Parts[i].ExactG!.Value * factor, other.Parts[i].ExactG!.Value, 1e-9 * other.Parts[i].ExactG!.Value);
            }

            Assert.Equal(one.SaltPercent.Exact, other.SaltPercent.Exact, 1e-9);
        });

    [Fact]
    public void Doubling_by_eye_is_replaced_by_a_factor()
    {
        Assert.Equal(1.78, MeatToCoat.Factor(1600, 900), 0.005);
        Assert.Equal(1.76, MeatToCoat.Factor(1600, new EnteredMass(2, MassUnit.Pound).Grams()), 0.005);
    }

    [Fact]
    public void A_factor_of_nothing_is_refused() => Assert.Throws<ArgumentOutOfRangeException>(() => MeatToCoat.Factor(1600, 0));

    [Fact]
    public void What_is_measured_is_near_what_is_wanted_with_whatever_the_kitchen_owns() =>
        Gen.Select(AnyMix, Gen.Double[400, 4000], AnyKitchen).Sample((mix, massG, own) =>
        {
            foreach (ScaledPart part in MixScaler.Scale(mix, Meat(massG), own).Parts)
            {
                // Eggs and cloves go by number; a pinch of a strong spice cannot be had finer than an eighth of a spoon.
                Ingredient known = part.Part.Known()!;
                double leastG = known.EachG ?? (Measures.Millilitres(MeasureUnit.Pinch, own.Spoons) * known.GramsPerMl);
                Assert.InRange(Math.Abs(part.RoundedG!.Value - part.ExactG!.Value), 0, Math.Max(leastG, 0.14 * part.ExactG.Value));
                Assert.InRange(part.Take.Count, 1, 2);
                Assert.All(part.Take, take => Assert.True(take.Value > 0));
            }
        });

    [Fact]
    public void Spoons_come_in_the_fractions_one_can_buy()
    {
        double[] fractions = [0, 1.0 / 8, 1.0 / 4, 1.0 / 3, 1.0 / 2, 2.0 / 3, 3.0 / 4];
        var own = new KitchenMeasures(SpoonSet.UnitedStates, Scale: null, HasJug: false);
        Gen.Select(Gen.Double[0.4, 900], Gen.Double[0.2, 1.4]).Sample((massG, density) =>
        {
            foreach (Amount take in SpoonRounder.Of(massG, density, isWet: false, own).Measures)
            {
                Assert.Contains(take.Unit, new[] { MeasureUnit.Teaspoon, MeasureUnit.Tablespoon, MeasureUnit.Cup });
                Assert.Contains(fractions, fraction => Math.Abs((take.Value % 1) - fraction) < 1e-9);
            }
        });
    }

    [Theory]
    [InlineData(13.5, 0.913, true, SpoonSet.UnitedStates, "1 Tablespoon")]
    [InlineData(18, 0.913, true, SpoonSet.UnitedStates, "1 Tablespoon, 1 Teaspoon")]
    [InlineData(6, 1.22, false, SpoonSet.Metric, "1 Teaspoon")]
    [InlineData(125, 0.53, false, SpoonSet.UnitedStates, "1 Cup")]
    public void Usual_amounts_are_said_as_a_cook_would(double massG, double density, bool isWet, SpoonSet spoons, string said)
    {
        Measured measured = SpoonRounder.Of(massG, density, isWet, new(spoons, Scale: null, HasJug: false));
        Assert.Equal(said, string.Join(", ", measured.Measures.Select(take => FormattableString.Invariant($"{take.Value:0.##} {take.Unit}"))));
    }

    [Fact]
    public void A_scale_weighs_and_a_jug_pours()
    {
        Assert.Equal([new Amount(85, MeasureUnit.Gram)], SpoonRounder.Of(86.2, 0.25, isWet: false, KitchenMeasures.Usual).Measures);
        Assert.Equal([new Amount(55, MeasureUnit.Millilitre)], SpoonRounder.Of(50, 0.913, isWet: true, KitchenMeasures.Usual).Measures);
        Assert.Equal([new Amount(3, MeasureUnit.Ounce)], SpoonRounder.Of(85, 0.25, isWet: false, new(SpoonSet.UnitedStates, ScaleUnit.Ounce, HasJug: false)).Measures);

        // Where the scale shows ounces and there is no jug, what runs goes by the cup.
        Assert.Equal([new Amount(1, MeasureUnit.Cup)], SpoonRounder.Of(236.6, 1, isWet: true, new(SpoonSet.UnitedStates, ScaleUnit.Ounce, HasJug: false)).Measures);
        Assert.Equal([new Amount(235, MeasureUnit.Gram)], SpoonRounder.Of(236.6, 1, isWet: true, new(SpoonSet.UnitedStates, ScaleUnit.Gram, HasJug: false)).Measures);
    }

    [Fact]
    public void A_portion_to_serve_makes_more_and_salts_no_more()
    {
        Mix mix = MixLibrary.Find("lemon-garlic")!.Mix;
        ScaledMix all = MixScaler.Scale(mix, Meat(1000), KitchenMeasures.Usual);
        ScaledMix served = MixScaler.Scale(mix, Meat(1000), KitchenMeasures.Usual, serveG: 60);
        Assert.Equal(all.Parts.Sum(part => part.ExactG ?? 0) + 60, served.Parts.Sum(part => part.ExactG ?? 0), 0.01);
        Assert.Equal(all.SaltPercent.Exact, served.SaltPercent.Exact, 1e-9);
        Assert.Equal(1.2, all.SaltPercent.Exact, 0.02);
    }

    /// <summary>Common practice: three large eggs and about 150 g of crumb coat eight to ten drumsticks.</summary>
    [Fact]
    public void Nine_drumsticks_take_three_eggs_and_about_150_g_of_crumb()
    {
        MeatToCoat meat = MeatToCoat.Of([Plans.Chicken(1, Cut.Drumstick, 9, 115)]);
        ScaledMix mix = MixScaler.Scale(MixLibrary.Find("egg-crumb")!.Mix, meat, KitchenMeasures.Usual);
        Assert.Equal([new Amount(3, MeasureUnit.Piece)], mix.Parts.Single(part => part.Part.Ingredient == "egg").Take);
        Assert.InRange(mix.Parts.Where(part => part.Part.Role == MixRole.Crumb).Sum(part => part.RoundedG!.Value), 110, 190);
    }

    [Fact]
    public void Surface_comes_from_the_shapes_and_grows_slower_than_mass()
    {
        MeatToCoat small = MeatToCoat.Of([Plans.Chicken(1, Cut.BoneInThigh, 6, 100)]);
        MeatToCoat large = MeatToCoat.Of([Plans.Chicken(1, Cut.BoneInThigh, 6, 200)]);
        Assert.Equal(Math.Pow(2, 2.0 / 3), large.SurfaceDm2 / small.SurfaceDm2, 0.02);
        Assert.Equal(600, small.MassG, 1e-9);
        Assert.Equal(new(0, 0, 0), MeatToCoat.Of([]));
    }

    [Fact]
    public void An_unknown_ingredient_keeps_its_unit_and_is_rounded_plainly()
    {
        var mix = new Mix("Mine", MixKind.DryRub, MixBasis.KilogramOfMeat, [new("lake dust", null, new(3, MeasureUnit.Teaspoon)), new("charms", null, new(2, MeasureUnit.Piece))], "");
        ScaledMix scaled = MixScaler.Scale(mix, Meat(1400), KitchenMeasures.Usual);
        Assert.Equal([new Amount(4.25, MeasureUnit.Teaspoon)], scaled.Parts[0].Take);
        Assert.Equal([new Amount(2.75, MeasureUnit.Piece)], scaled.Parts[1].Take);
        Assert.Null(scaled.Parts[1].RoundedG);
        Assert.Equal(0, scaled.SaltPercent.Rounded);
    }

    [Fact]
    public void Nothing_to_coat_takes_nothing()
    {
        ScaledMix scaled = MixScaler.Scale(MixLibrary.All[0].Mix, new(0, 0, 0), KitchenMeasures.Usual);
        Assert.Equal(0, scaled.TotalG);
        Assert.All(scaled.Parts, part => Assert.Equal(0, part.RoundedG));
    }

    /// <summary>By hand: 5 g of salt and 40 g of soy at 14.5 % are 10.8 g on a kilogram; sugar and acid are weighed against all of it.</summary>
    [Fact]
    public void Salt_sugar_and_acid_are_those_of_every_part()
    {
        var mix = new Mix(
            "Mine",
            MixKind.WetMarinade,
            MixBasis.KilogramOfMeat,
            [Grams("fineSalt", 5), Grams("soy", 40), Grams("honey", 50), Grams("lemonJuice", 30), Grams("wineVinegar", 25)],
            "");
        ScaledMix scaled = MixScaler.Scale(mix, Meat(1000), new(SpoonSet.Metric, ScaleUnit.Gram, HasJug: false));
        Assert.Equal(1.08, scaled.SaltPercent.Exact, 1e-9);
        (double soy, double honey, double lemon, double vinegar) = (Rounded("soy"), Rounded("honey"), Rounded("lemonJuice"), Rounded("wineVinegar"));
        Assert.Equal(scaled.Parts.Sum(part => part.RoundedG!.Value), scaled.TotalG, 1e-9);
        Assert.Equal(((0.01 * soy) + (0.82 * honey) + (0.025 * lemon)) / scaled.TotalG, scaled.SugarShare, 1e-4);
        Assert.Equal(((0.055 * lemon) + (0.06 * vinegar)) / scaled.TotalG, scaled.AcidShare, 1e-4);

        double Rounded(string ingredient) => scaled.Parts.Single(part => part.Part.Ingredient == ingredient).RoundedG!.Value;

        static MixPart Grams(string ingredient, double grams) => new(ingredient, ingredient, new(grams, MeasureUnit.Gram));
    }

    /// <summary>Whoever weighs in ounces and says no more goes by the cup.</summary>
    [Theory]
    [InlineData(MassUnit.Gram, ScaleUnit.Gram, true)]
    [InlineData(MassUnit.Kilogram, ScaleUnit.Gram, true)]
    [InlineData(MassUnit.Ounce, ScaleUnit.Ounce, false)]
    [InlineData(MassUnit.Pound, ScaleUnit.Ounce, false)]
    public void A_kitchen_measures_as_its_units_suggest(MassUnit mass, ScaleUnit scale, bool hasJug)
    {
        var usual = KitchenMeasures.UsualFor(KitchenUnits.Usual with { Mass = mass });
        Assert.Equal((scale, hasJug), (usual.Scale, usual.HasJug));
        Assert.Equal(hasJug ? SpoonSet.Metric : SpoonSet.UnitedStates, usual.Spoons);
    }

    [Theory]
    [InlineData(236.588 / 4, 0.25, MeasureUnit.Cup)]
    [InlineData(236.588 / 3, 1.0 / 3, MeasureUnit.Cup)]
    [InlineData(236.588 * 2 / 3, 2.0 / 3, MeasureUnit.Cup)]
    [InlineData(4.929 / 8, 1.0 / 8, MeasureUnit.Teaspoon)]
    [InlineData(4.929 * 3 / 4, 0.75, MeasureUnit.Teaspoon)]
    public void A_fraction_one_can_buy_is_taken_as_it_is(double ml, double count, MeasureUnit unit) =>
        Assert.Equal([new Amount(count, unit)], SpoonRounder.Of(ml, 1, isWet: false, new(SpoonSet.UnitedStates, Scale: null, HasJug: false)).Measures);

    /// <summary>At, below and above where a scale or a word is read more coarsely.</summary>
    [Theory]
    [InlineData(119, 4.25)]
    [InlineData(115.5, 4.125)]
    [InlineData(123.3, 4.25)]
    [InlineData(446, 15.75)]
    [InlineData(452, 16)]
    [InlineData(462, 16.5)]
    public void Ounces_are_read_in_eighths_then_quarters_then_halves(double massG, double ounces) =>
        Assert.Equal([new Amount(ounces, MeasureUnit.Ounce)], SpoonRounder.Of(massG, 1, isWet: false, new(SpoonSet.UnitedStates, ScaleUnit.Ounce, HasJug: false)).Measures);

    [Theory]
    [InlineData(19.7, 19.5)]
    [InlineData(20.3, 20)]
    [InlineData(22.6, 25)]
    public void Grams_of_the_unknown_are_rounded_to_halves_below_twenty_and_to_fives_from_there(double exact, double said) =>
        Assert.Equal(new Amount(said, MeasureUnit.Gram), SpoonRounder.Plain(new(exact, MeasureUnit.Gram)));
}
