using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Judgements;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

/// <summary>Amounts, costs and judgements worked out by hand, at each bound and on both sides of it.</summary>
public sealed class PrepByHandTests
{
    private static readonly KitchenMeasures NothingButSpoons = new(SpoonSet.Metric, Scale: null, HasJug: false);

    private static Mix Of(MixKind kind, params MixPart[] parts) => new("Mine", kind, MixBasis.KilogramOfMeat, parts, "");

    private static MixPart Part(string key, double grams, MixRole role = MixRole.Mix) => new(key, key, new(grams, MeasureUnit.Gram)) { Role = role };

    /// <summary>A mix as if scaled, with just these numbers.</summary>
    private static MixOnMeat Asked(
        Mix mix, double salt = 1.2, double sugar = 0, double totalG = 100, double onMeat = 1, int minutes = 60, bool skin = true,
        Container container = Container.GlassOrChina, GlazeBurn? burn = null, MeatToCoat? meat = null, params (MixPart Part, double Grams, double Count)[] parts) => new(
        mix,
        new([.. parts.Select(part => new ScaledPart(part.Part, part.Part.Amount, part.Grams, [new(part.Count, MeasureUnit.Piece)], part.Grams))], new(salt, salt))
        {
            TotalG = totalG,
            OnMeatShare = onMeat,
            SugarShare = sugar,
            AcidShare = 0,
        },
        meat ?? new(1000, 10, 6),
        skin,
        minutes,
        container,
        burn);

    private static Judgement? Said(MixOnMeat asked, Topic topic) => MixJudge.Judge(asked).SingleOrDefault(said => said.Topic == topic);

    [Theory]
    [InlineData(0.69, Loudness.Note, "That is little")]
    [InlineData(0.7, Loudness.Note, "On the mild side")]
    [InlineData(0.99, Loudness.Note, "On the mild side")]
    [InlineData(1.0, Loudness.Fine, "Cooks like")]
    [InlineData(1.5, Loudness.Fine, "Cooks like")]
    [InlineData(1.51, Loudness.Note, "On the salty side")]
    [InlineData(2.0, Loudness.Note, "On the salty side")]
    [InlineData(2.01, Loudness.Warn, "Too salty")]
    public void Salt_at_its_bounds(double percent, Loudness level, string words)
    {
        LotSalt salt = SaltJudge.Judge(new(percent, percent), []);
        Assert.Equal((level, false), (salt.Said.Level, salt.IsUnknown));
        Assert.Contains(words, salt.Said.Sentence, StringComparison.Ordinal);
    }

    /// <summary>Nothing sour, nothing sweet: half an hour to a day.</summary>
    [Theory]
    [InlineData(29, Loudness.Note, "too short")]
    [InlineData(30, Loudness.Fine, "is enough")]
    [InlineData(24 * 60, Loudness.Fine, "is enough")]
    [InlineData((24 * 60) + 1, Loudness.Warn, "too long")]
    public void Contact_at_its_bounds(int minutes, Loudness level, string words)
    {
        Judgement said = Said(Asked(Of(MixKind.DryRub), minutes: minutes), Topic.Contact)!;
        Assert.Equal(level, said.Level);
        Assert.Contains(words, said.Sentence, StringComparison.Ordinal);
        Assert.Null(Said(Asked(Of(MixKind.Glaze), minutes: minutes), Topic.Contact));
    }

    [Theory]
    [InlineData(SurfaceColour.Burnt, 20, Loudness.Warn, "from minute 20 of 40")]
    [InlineData(SurfaceColour.Burnt, null, Loudness.Warn, "even in the last minutes")]
    [InlineData(SurfaceColour.Deep, 0, Loudness.Note, "deep brown by minute 40")]
    [InlineData(SurfaceColour.Golden, 0, Loudness.Fine, "does not burn it")]
    public void Sugar_burns_as_the_programme_has_it(SurfaceColour colour, int? from, Loudness level, string words)
    {
        var burn = new GlazeBurn(colour, from, 30, 40);
        Judgement said = Said(Asked(Of(MixKind.Glaze), sugar: 0.3, burn: burn), Topic.Burning)!;
        Assert.Equal(level, said.Level);
        Assert.StartsWith("30 % sugar.", said.Sentence, StringComparison.Ordinal);
        Assert.Contains(words, said.Sentence, StringComparison.Ordinal);

        // A glaze is watched however sweet it is, a rub from 12 % on, a sauce never.
        Assert.NotNull(Said(Asked(Of(MixKind.Glaze), sugar: 0, burn: burn), Topic.Burning));
        Assert.NotNull(Said(Asked(Of(MixKind.DryRub), sugar: 0.12, burn: burn), Topic.Burning));
        Assert.Null(Said(Asked(Of(MixKind.DryRub), sugar: 0.119, burn: burn), Topic.Burning));
        Assert.Null(Said(Asked(Of(MixKind.JuiceSauce), sugar: 0.3, burn: burn), Topic.Burning));
        Assert.Null(Said(Asked(Of(MixKind.Glaze), sugar: 0.3), Topic.Burning));
    }

    /// <summary>Of a glaze that goes on in the oven: too soon it burns, too late it does not turn golden.</summary>
    [Theory]
    [InlineData(20, 30, 19, Loudness.Warn, "from minute 20 of 40")]
    [InlineData(20, 30, 20, Loudness.Fine, "turns golden")]
    [InlineData(20, 30, 30, Loudness.Fine, "turns golden")]
    [InlineData(20, 30, 31, Loudness.Note, "does not turn golden any more")]
    [InlineData(20, null, 25, Loudness.Note, "does not turn golden any more")]
    [InlineData(null, 30, 39, Loudness.Warn, "even in the last minutes")]
    public void Sugar_that_goes_on_later_burns_or_sets(int? from, int? goldenUntil, int at, Loudness level, string words)
    {
        Judgement said = Said(Asked(Of(MixKind.Glaze), sugar: 0.3, burn: new(SurfaceColour.Burnt, from, goldenUntil, 40)) with { OnAtMinutes = at }, Topic.Burning)!;
        Assert.Equal(level, said.Level);
        Assert.Contains(words, said.Sentence, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(MixKind.JuiceSauce, Loudness.Warn, "boil the sauce before anyone tastes it")]
    [InlineData(MixKind.WetMarinade, Loudness.Note, "boil it, or throw it away")]
    [InlineData(MixKind.YogurtMarinade, Loudness.Note, "boil it, or throw it away")]
    [InlineData(MixKind.Glaze, Loudness.Note, "boil it, or throw it away")]
    [InlineData(MixKind.DryRub, null, null)]
    public void What_met_raw_meat_is_cooked_or_thrown_away(MixKind kind, Loudness? level, string? words)
    {
        Judgement? said = Said(Asked(Of(kind)), Topic.Safety);
        Assert.Equal(level, said?.Level);
        Assert.Contains(words ?? string.Empty, said?.Sentence ?? string.Empty, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(1.2, 1.2, "Salt is 1.2 % of the meat.")]
    [InlineData(1.2, 1.24, "Salt is 1.2 % of the meat.")]
    [InlineData(1.2, 1.26, "Rounding moves the salt from 1.2 % to 1.3 % of the meat.")]
    [InlineData(1.2, 1.14, "Rounding moves the salt from 1.2 % to 1.1 % of the meat.")]
    public void Salt_that_rounding_moves(double exact, double rounded, string words) =>
        Assert.StartsWith(words, SaltJudge.Judge(new(exact, rounded), []).Said.Sentence, StringComparison.Ordinal);

    [Theory]
    [InlineData(0, "The salt in soy is not known: taste, and read the label.")]
    [InlineData(0.3, "The salt in soy is not known: taste, and read the label. Without it there is 0.3 %; cooks like 1.0 to 1.5 % in all.")]
    public void Salt_beside_what_is_not_known(double percent, string sentence) => Assert.Equal(sentence, SaltJudge.Judge(new(percent, percent), ["soy"]).Said.Sentence);

    /// <summary>A bowl for two lots salts each, and its rounding is each one's, too.</summary>
    [Fact]
    public void Salt_of_a_bowl_for_two_lots()
    {
        LotCoat[] rub = [Counter.Coat("salt-only")];
        TrayPlan plan = Plans.Supper with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 4, 165) with { Coats = rub }, Plans.Chicken(5, Cut.Drumstick, 4, 110) with { Coats = rub }] };
        Bowl bowl = Assert.Single(Counter.Work(plan).Bowls);
        ScaledMix scaled = MixScaler.Scale(bowl.Mix, MeatToCoat.Of(bowl.Lots), KitchenMeasures.Usual) with { SaltPercent = new(2, 3) };
        foreach (ChickenLot lot in plan.Chicken)
        {
            RoundedShare salt = SaltJudge.Of(lot, [(bowl, scaled)], KitchenMeasures.Usual).Percent;
            Assert.Equal((1.1, 1.65), (Math.Round(salt.Exact, 3), Math.Round(salt.Rounded, 3)));
        }
    }

    [Theory]
    [InlineData(Container.BareAluminium, Loudness.Warn, "aluminium")]
    [InlineData(Container.Plastic, Loudness.Note, "scratches")]
    [InlineData(Container.GlassOrChina, Loudness.Fine, "does not mind")]
    [InlineData(Container.Bag, Loudness.Fine, "does not mind")]
    public void A_container_for_a_marinade(Container container, Loudness level, string words)
    {
        Judgement said = Said(Asked(Of(MixKind.WetMarinade), container: container), Topic.Container)!;
        Assert.Equal(level, said.Level);
        Assert.Contains(words, said.Sentence, StringComparison.Ordinal);
        Assert.Null(Said(Asked(Of(MixKind.DryRub), container: container), Topic.Container));
    }

    [Theory]
    [InlineData(MixKind.DryRub, true, "Blot the meat")]
    [InlineData(MixKind.CrumbOverEgg, false, "Blot the meat")]
    [InlineData(MixKind.WetMarinade, true, "blot the skin")]
    [InlineData(MixKind.WetMarinade, false, null)]
    [InlineData(MixKind.YogurtMarinade, true, null)]
    [InlineData(MixKind.Glaze, true, null)]
    public void What_a_surface_needs_first(MixKind kind, bool skin, string? words)
    {
        Judgement? said = Said(Asked(Of(kind), skin: skin), Topic.Surface);
        Assert.Equal(words is null, said is null);
        Assert.Contains(words ?? string.Empty, said?.Sentence ?? string.Empty, StringComparison.Ordinal);
    }

    /// <summary>On six pieces of ten dm², after a fifth of the binder and a quarter of the crumb stay on plate and hands.</summary>
    [Theory]
    [InlineData(MixRole.Crumb, 49, Loudness.Note, "thin", "25 %")]
    [InlineData(MixRole.Crumb, 50, Loudness.Fine, "about 7 g on each piece", "25 %")]
    [InlineData(MixRole.Crumb, 200, Loudness.Fine, "about 27 g on each piece", "25 %")]
    [InlineData(MixRole.Crumb, 202, Loudness.Note, "it falls off", "25 %")]
    [InlineData(MixRole.Binder, 35, Loudness.Note, "thin", "20 %")]
    [InlineData(MixRole.Binder, 36, Loudness.Fine, "about 5 g on each piece", "20 %")]
    [InlineData(MixRole.Binder, 192, Loudness.Fine, "about 27 g on each piece", "20 %")]
    [InlineData(MixRole.Binder, 194, Loudness.Note, "it slides", "20 %")]
    public void Crumb_and_binder_at_their_bounds(MixRole role, double grams, Loudness level, string words, string waste)
    {
        // In two parts: they count together.
        MixOnMeat asked = Asked(Of(MixKind.CrumbOverEgg), parts: [(Part("oil", 1, role), grams - 10, 0), (Part("flour", 1, role), 10, 0), (Part("salt", 1), 500, 0)]);
        Judgement said = Said(asked, role == MixRole.Crumb ? Topic.Crumb : Topic.Binder)!;
        Assert.Equal(level, said.Level);
        Assert.Contains(words, said.Sentence, StringComparison.Ordinal);
        Assert.StartsWith(FormattableString.Invariant($"{grams:0} g of"), said.Sentence, StringComparison.Ordinal);
        Assert.Contains(waste, said.Sentence, StringComparison.Ordinal);
        Assert.Null(Said(Asked(Of(MixKind.DryRub), parts: [(Part("oil", 1, role), grams, 0)]), Topic.Crumb));
        Assert.Null(Said(Asked(Of(MixKind.CrumbOverEgg), meat: new(1000, 0, 6)), Topic.Crumb));
    }

    /// <summary>50 g in a large egg, 44 g in a medium one (common practice).</summary>
    [Theory]
    [InlineData(1, "1 large egg for 6 pieces; of medium ones 2.")]
    [InlineData(2, "2 large eggs for 6 pieces; of medium ones 3.")]
    [InlineData(7, "7 large eggs for 6 pieces; of medium ones 8.")]
    [InlineData(0, null)]
    public void Eggs_are_counted_in_two_sizes(double eggs, string? sentence) => Assert.Equal(
        sentence,
        Said(Asked(Of(MixKind.CrumbOverEgg), parts: [(Part("egg", 50, MixRole.Binder), 50 * eggs, eggs), (Part("lemon", 85), 85, 3)]), Topic.Eggs)?.Sentence);

    /// <summary>120 to 180 ml for 900 g is usual; from 100 to 280 ml to the kilogram nothing is said.</summary>
    [Theory]
    [InlineData(99, 1, Loudness.Note, "Scant")]
    [InlineData(100, 1, Loudness.Fine, "50 ml for 500 g.")]
    [InlineData(280, 1, Loudness.Fine, "140 ml for 500 g.")]
    [InlineData(281, 1, Loudness.Note, "More than the meat")]
    [InlineData(200, 0.49, Loudness.Note, "Scant")]
    public void A_marinade_s_volume_at_its_bounds(double waterG, double onMeat, Loudness level, string words)
    {
        // Half a kilogram of meat and half the marinade; unknown things weigh as water does.
        MixOnMeat asked = Asked(Of(MixKind.WetMarinade), onMeat: onMeat, meat: new(500, 5, 3), parts: [(Part("spring water", 1), waterG / 4, 0), (Part("another", 1), waterG / 4, 0)]);
        Judgement said = Said(asked, Topic.Volume)!;
        Assert.Equal(level, said.Level);
        Assert.Contains(words, said.Sentence, StringComparison.Ordinal);
        Assert.Null(Said(Asked(Of(MixKind.YogurtMarinade)), Topic.Volume));
        Assert.Null(Said(Asked(Of(MixKind.WetMarinade), meat: new(0, 0, 0)), Topic.Volume));

        // Oil is lighter than water: the same mass is more.
        double gramsPerMl = IngredientTable.For("oil").GramsPerMl;
        Assert.StartsWith(
            FormattableString.Invariant($"{5 * Math.Round(20 / gramsPerMl):0} ml for"),
            Said(Asked(Of(MixKind.WetMarinade), parts: [(new("oil", "oil", new(1, MeasureUnit.Gram)), 100, 0)]), Topic.Volume)!.Sentence,
            StringComparison.Ordinal);
    }

    /// <summary>Metric spoons of 5 and 15 ml, a cup of 250 ml.</summary>
    [Theory]
    [InlineData(0, "0 Teaspoon")]
    [InlineData(0.6, "0.125 Teaspoon")]
    [InlineData(1.3, "0.25 Teaspoon")]
    [InlineData(2.5, "0.5 Teaspoon")]
    [InlineData(3.8, "0.75 Teaspoon")]
    [InlineData(5, "1 Teaspoon")]
    [InlineData(12.5, "2.5 Teaspoon")]
    [InlineData(15, "1 Tablespoon")]
    [InlineData(20, "1 Tablespoon + 1 Teaspoon")]
    [InlineData(62.5, "0.25 Cup")]
    [InlineData(83.4, "0.333 Cup")]
    [InlineData(125, "0.5 Cup")]
    [InlineData(166.7, "0.667 Cup")]
    [InlineData(187.5, "0.75 Cup")]
    [InlineData(250, "1 Cup")]
    [InlineData(246, "1 Cup")]
    [InlineData(500, "2 Cup")]
    [InlineData(375, "1.5 Cup")]
    [InlineData(265, "1 Cup + 1 Tablespoon")]
    public void Spoons_and_cups(double ml, string said) => Assert.Equal(
        said, string.Join(" + ", SpoonRounder.Of(ml, 1, isWet: false, NothingButSpoons).Measures.Select(take => FormattableString.Invariant($"{take.Value:0.###} {take.Unit}"))));

    [Theory]
    [InlineData(29.9, true, 30, MeasureUnit.Gram)]
    [InlineData(30, true, 30, MeasureUnit.Millilitre)]
    [InlineData(32.4, true, 30, MeasureUnit.Millilitre)]
    [InlineData(32.6, true, 35, MeasureUnit.Millilitre)]
    [InlineData(32.4, false, 32, MeasureUnit.Gram)]
    [InlineData(14.9, false, 1, MeasureUnit.Tablespoon)]
    [InlineData(15, false, 15, MeasureUnit.Gram)]
    [InlineData(49.4, false, 49, MeasureUnit.Gram)]
    [InlineData(50.9, false, 50, MeasureUnit.Gram)]
    [InlineData(52.6, false, 55, MeasureUnit.Gram)]
    public void A_scale_in_grams_and_a_jug(double grams, bool isWet, double value, MeasureUnit unit)
    {
        Measured taken = SpoonRounder.Of(grams, 1, isWet, new(SpoonSet.Metric, ScaleUnit.Gram, HasJug: true));
        Assert.Equal((value, unit), (taken.Measures[0].Value, taken.Measures[0].Unit));
    }

    /// <summary>Eighths up to 120 g, quarters up to a pound, halves beyond.</summary>
    [Theory]
    [InlineData(116, 4.125)]
    [InlineData(119.9, 4.25)]
    [InlineData(124, 4.25)]
    [InlineData(127, 4.5)]
    [InlineData(446, 15.75)]
    [InlineData(451, 16)]
    [InlineData(460, 16)]
    public void A_scale_in_ounces(double grams, double ounces)
    {
        Measured taken = SpoonRounder.Of(grams, 1, isWet: false, new(SpoonSet.UnitedStates, ScaleUnit.Ounce, HasJug: false));
        Assert.Equal(ounces, taken.Measures[0].Value, 1e-9);
        Assert.Equal(ounces * 28.349523125, taken.MassG, 1e-6);
    }

    [Theory]
    [InlineData(-1, 0)]
    [InlineData(0, 0)]
    [InlineData(0.1, 0.5)]
    [InlineData(0.8, 1)]
    [InlineData(2.3, 2.5)]
    [InlineData(2.9, 3)]
    [InlineData(3, 3)]
    [InlineData(3.4, 3)]
    [InlineData(3.6, 4)]
    public void What_is_counted(double exact, double count) => Assert.Equal(count, SpoonRounder.Count(exact));

    [Theory]
    [InlineData(19.74, MeasureUnit.Gram, 19.5)]
    [InlineData(19.8, MeasureUnit.Gram, 20)]
    [InlineData(20.4, MeasureUnit.Gram, 20)]
    [InlineData(22.6, MeasureUnit.Millilitre, 25)]
    [InlineData(1.1, MeasureUnit.Teaspoon, 1)]
    [InlineData(1.13, MeasureUnit.Tablespoon, 1.25)]
    public void What_nobody_knows_is_rounded_in_its_own_unit(double exact, MeasureUnit unit, double value) =>
        Assert.Equal(new(value, unit), SpoonRounder.Plain(new(exact, unit)));

    /// <summary>Four thighs of 165 g: 660 g, of which 0.725 is meat and 0.78 of that is left after a usual loss.</summary>
    [Fact]
    public void Portions_by_hand()
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 4, 165)] };
        Pack[] packs = [new(Cut.Drumstick, 1000, 8, 99m), new(Cut.BoneInThigh, 2000, 12, 14m)];
        PortionAnswer two = Portions.Of(plan, null, 2, 120, packs);
        const double cookedG = 660 * 0.725 * 0.78;
        Assert.Equal(cookedG, two.CookedG, 1e-6);
        Assert.Equal(cookedG / 120, two.Portions, 1e-9);
        Assert.Equal((cookedG - 240, 0.0), (two.LeftG, two.ShortG));
        Assert.Equal(4.62m, two.Cost);
        Assert.Equal(4.62 * 240 / cookedG / 2, (double)two.CostPerHead!.Value, 1e-6);
        Assert.Equal(4.62 / (0.660 * 0.725), (double)two.CostPerEdibleKg!.Value, 1e-6);

        PortionAnswer many = Portions.Of(plan, null, 4, 120, []);
        Assert.Equal(480 - cookedG, many.ShortG, 1e-6);
        Assert.Equal(0, many.LeftG, 1e-9);
        Assert.Null(many.Cost);
        Assert.Null(many.CostPerHead);
        Assert.Null(many.CostPerEdibleKg);
        Assert.Equal(0, Portions.Of(plan, null, 4, 0, packs).Portions);

        PortionAnswer none = Portions.Of(plan with { Chicken = [] }, null, 4, 120, packs);
        Assert.Equal((0.0, null, null, null), (none.CookedG, none.Cost, none.CostPerHead, none.CostPerEdibleKg));

        // Two lots count together.
        TrayPlan mixed = plan with { Chicken = [plan.Chicken[0], Plans.Chicken(2, Cut.Tender, 4, 50)] };
        Assert.Equal(cookedG + (200 * 0.78), Portions.Of(mixed, null, 2, 120, packs).CookedG, 1e-6);
    }

    [Fact]
    public void Packs_and_birds_by_hand()
    {
        Assert.Equal(5 / 1.45, (double)new Pack(Cut.BoneInThigh, 2000, 12, 5m).PricePerEdibleKg, 1e-6);
        var bird = new WholeBird(2000, 9m);
        const double edibleKg = 0.650 + (0.630 * 0.67) + (0.220 * 0.475);
        Assert.Equal(1000 * edibleKg, bird.EdibleG, 1e-6);
        Assert.Equal(9 / edibleKg, (double)bird.PricePerEdibleKg, 1e-6);
    }

    /// <summary>Salt at 10 g to the kilogram, half as much again made to be served: the meat still gets its 1 %.</summary>
    [Fact]
    public void Scaling_by_hand()
    {
        Mix mix = Of(MixKind.Glaze, new("salt", "fineSalt", new(10, MeasureUnit.Gram)), new("honey", "honey", new(90, MeasureUnit.Gram)));
        ScaledMix scaled = MixScaler.Scale(mix, new(2000, 20, 8), new(SpoonSet.Metric, ScaleUnit.Gram, HasJug: false), serveG: 100);
        Assert.Equal([30.0, 270.0], scaled.Parts.Select(part => part.ExactG!.Value).Select(grams => Math.Round(grams, 6)));
        Assert.Equal(2.0 / 3, scaled.OnMeatShare, 1e-9);
        Assert.Equal(300, scaled.TotalG, 0.01);
        Assert.Equal(1.0, scaled.SaltPercent.Exact, 0.02);
        Assert.Equal(0.9 * IngredientTable.For("honey").Sugar, scaled.SugarShare, 1e-6);

        ScaledMix nothing = MixScaler.Scale(mix, new(0, 0, 0), KitchenMeasures.Usual);
        Assert.Equal((0.0, 1.0, 0.0), (nothing.TotalG, nothing.OnMeatShare, nothing.SaltPercent.Rounded));

        // What stays on plate and hands salts nobody's meat.
        Mix crumb = Of(MixKind.CrumbOverEgg, new MixPart("salt", "fineSalt", new(10, MeasureUnit.Gram)) { Role = MixRole.Crumb });
        ScaledMix plate = MixScaler.Scale(crumb, new(1000, 10, 6), KitchenMeasures.Usual);
        Assert.Equal(12.5, plate.Parts[0].ExactG!.Value, 1e-9);
        Assert.Equal(1.0, plate.SaltPercent.Exact, 0.02);

        // Pounds and millilitres of things nobody knows.
        Assert.Equal(453.59237, MixScaler.GramsOf(new(1, MeasureUnit.Pound), new("x", "unknown", new(1, MeasureUnit.Pound)), SpoonSet.Metric)!.Value, 1e-6);
        Assert.Equal(30, MixScaler.GramsOf(new(2, MeasureUnit.Tablespoon), new("x", "unknown", new(1, MeasureUnit.Tablespoon)), SpoonSet.Metric)!.Value, 1e-6);
        Assert.Null(MixScaler.GramsOf(new(2, MeasureUnit.Piece), new("x", "unknown", new(1, MeasureUnit.Piece)), SpoonSet.Metric));
    }

    /// <summary>An egg short by a tenth is no egg more; other things are counted in halves.</summary>
    [Theory]
    [InlineData(1.05, 1)]
    [InlineData(1.12, 2)]
    [InlineData(2.09, 2)]
    [InlineData(2.12, 3)]
    public void Eggs_are_whole(double perKg, double count)
    {
        ScaledMix scaled = MixScaler.Scale(Of(MixKind.Glaze, new MixPart("egg", "egg", new(50 * perKg, MeasureUnit.Gram))), new(1000, 10, 6), KitchenMeasures.Usual);
        Assert.Equal([new(count, MeasureUnit.Piece)], scaled.Parts[0].Take);
        Assert.Equal(50 * count, scaled.Parts[0].RoundedG!.Value, 1e-9);
        ScaledMix lemon = MixScaler.Scale(Of(MixKind.Glaze, new MixPart("lemon", "lemon", new(0.8, MeasureUnit.Piece))), new(1000, 10, 6), KitchenMeasures.Usual);
        Assert.Equal([new(1, MeasureUnit.Piece)], lemon.Parts[0].Take);
        ScaledMix weighed = MixScaler.Scale(Of(MixKind.Glaze, new MixPart("lemon", "lemon", new(90, MeasureUnit.Gram))), new(1000, 10, 6), KitchenMeasures.Usual);
        Assert.Equal(MeasureUnit.Gram, weighed.Parts[0].Take[0].Unit);
    }

    /// <summary>Pieces of a lot have one shape: of half the mass, 0.63 of the surface.</summary>
    [Fact]
    public void Surface_goes_with_mass_to_the_two_thirds()
    {
        ChickenLot lot = Plans.Chicken(1, Cut.BoneInThigh, 2, 160);
        ChickenLot mixed = lot with { Sizes = new(SizeBasis.EachPiece, 2, null, 0, [new(160, MassUnit.Gram), new(80, MassUnit.Gram)]) };
        double one = MeatToCoat.Of([lot]).SurfaceDm2 / 2;
        Assert.Equal(one * (1 + Math.Pow(0.5, 2.0 / 3)), MeatToCoat.Of([mixed]).SurfaceDm2, 1e-6);
        Assert.Equal((240.0, 2), (MeatToCoat.Of([mixed]).MassG, MeatToCoat.Of([mixed]).Pieces));
    }

    [Theory]
    [InlineData("natural yogurt", "yogurt")]
    [InlineData("Plain Yoghurt", "yogurt")]
    [InlineData("finely grated lemon zest", "lemonZest")]
    [InlineData("lemons", "lemon")]
    [InlineData("eggs", "egg")]
    [InlineData(" beaten egg ", "egg")]
    [InlineData("two  eggs", "egg")]
    [InlineData("egged", null)]
    [InlineData("moon dust", null)]
    [InlineData("s", null)]
    [InlineData("", null)]
    public void Names_as_cooks_write_them(string name, string? key) => Assert.Equal(key, IngredientTable.FindByName(name)?.Key);

    [Theory]
    [InlineData("egg", 3, MeasureUnit.Piece, 150)]
    [InlineData("egg", 2, MeasureUnit.Pound, 2 * 453.59237)]
    [InlineData("egg", 100, MeasureUnit.Millilitre, 103)]
    public void An_amount_in_grams(string key, double value, MeasureUnit unit, double grams) =>
        Assert.Equal(grams, IngredientTable.For(key).Grams(new(value, unit), SpoonSet.Metric), 1e-9);

    [Fact]
    public void Only_milk_is_mildly_sour() => Assert.Equal(["yogurt", "thickYogurt", "buttermilk"], IngredientTable.All.Where(known => known.IsMild).Select(known => known.Key));

    [Fact]
    public void The_order_of_work_says_what_is_done_with_each_kind()
    {
        WorkStep Step(MixKind kind, int minutes, string key, TrayPlan? plan = null) =>
            WorkOrder.Of(Counter.Work(plan ?? Plans.Supper, Of(kind, new MixPart("olive oil", "oil", new(10, MeasureUnit.Gram)) { Role = MixRole.Binder }), 0, minutes)).Single(step => step.Key == key);
        Assert.Equal("Let the meat drip, blot the skin.", Step(MixKind.WetMarinade, 60, "coat-1-0").Detail);
        Assert.Equal("Leave what clings to the meat.", Step(MixKind.YogurtMarinade, 60, "coat-1-0").Detail);
        Assert.Equal("The thighs through “Mine”", Step(MixKind.WetMarinade, 10, "coat-1-0").Title);
        Assert.StartsWith("Wet hand: let the marinade drip", Step(MixKind.CrumbOverYogurt, 60, "wet-hand-1-0").Title, StringComparison.Ordinal);
        Assert.StartsWith("Wet hand: the thighs through", Step(MixKind.CrumbOverYogurt, 10, "wet-hand-1-0").Title, StringComparison.Ordinal);
        Assert.Contains("brush", Step(MixKind.Glaze, 0, "left-over").Detail, StringComparison.Ordinal);
        Assert.Contains("brush", Step(MixKind.WetMarinade, 60, "left-over").Detail, StringComparison.Ordinal);
        Assert.Contains("Egg and crumb", Step(MixKind.CrumbOverEgg, 0, "left-over").Detail, StringComparison.Ordinal);
        Assert.DoesNotContain("crumb", Step(MixKind.DryRub, 0, "left-over").Detail, StringComparison.Ordinal);
        Assert.StartsWith("Trays, thermometer", Step(MixKind.DryRub, 0, "oven").Detail, StringComparison.Ordinal);
        TrayPlan papered = Plans.Supper with { Vessels = [Vessel.HalfSheet, Vessel.HalfSheet with { Parchment = true }] };
        Assert.StartsWith("Paper on the tray", Step(MixKind.DryRub, 0, "oven", papered).Detail, StringComparison.Ordinal);
        Assert.Equal("Crumb plate", Step(MixKind.CrumbOverEgg, 0, "crumb-mix").Title);
        Assert.Equal("Binder bowl: olive oil", Step(MixKind.CrumbOverEgg, 0, "binder-mix").Title);
        Assert.Contains("Skin off", Step(MixKind.CrumbOverEgg, 0, "trim").Detail, StringComparison.Ordinal);
        Assert.DoesNotContain("Skin off", Step(MixKind.DryRub, 0, "trim").Detail, StringComparison.Ordinal);
        Assert.DoesNotContain("Skin off", Step(MixKind.CrumbOverEgg, 0, "trim", Plans.Supper with { Chicken = [Plans.Supper.Chicken[0] with { SkinOn = false }] }).Detail, StringComparison.Ordinal);
        Assert.Contains(WorkOrder.Of(Counter.Work(Plans.Supper, MixLibrary.Find("lemon-garlic")!.Mix, 62, 15)), step => step.Title == "Set 60 g aside for the table");
        Assert.DoesNotContain(WorkOrder.Of(Counter.Work(Plans.Supper, MixLibrary.Find("lemon-garlic")!.Mix, 0, 15)), step => step.Key == "aside-mix");
    }
}
