using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Buying;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

public sealed class PrepReasonsTests
{
    private static readonly MeatToCoat Meat = new(990, 9.6, 6);

    private static string[] Titles(PrepChoice choice, string? mix) =>
        [.. PrepReasons.For(choice, Meat, mix is null ? [] : [MixLibrary.Find(mix)!.Mix], KitchenUnits.Usual).Select(reason => reason.Title)];

    [Fact]
    public void Only_what_was_computed_is_explained_and_each_has_its_source()
    {
        Assert.Equal(["Portions", "Vegetables"], Titles(PrepChoice.Usual, null));
        Assert.Contains("Burning", Titles(PrepChoice.Usual, "apricot"));
        Assert.DoesNotContain("Burning", Titles(PrepChoice.Usual, "salt-only"));
        Assert.Contains("Thaw", Titles(PrepChoice.Usual with { FrozenMm = 40 }, "salt-only"));
        Assert.All(PrepReasons.For(PrepChoice.Usual with { FrozenMm = 40 }, Meat, [MixLibrary.Find("apricot")!.Mix], KitchenUnits.Usual), reason => Assert.NotEmpty(reason.Source));
    }

    [Fact]
    public void Amounts_say_what_they_were_counted_by()
    {
        Assert.Contains("990 g on the tray", PrepReasons.For(PrepChoice.Usual, Meat, [MixLibrary.Find("salt-only")!.Mix], KitchenUnits.Usual)[0].Sentence, StringComparison.Ordinal);
        Assert.Contains("9.6 dm²", PrepReasons.For(PrepChoice.Usual, Meat, [MixLibrary.Find("egg-crumb")!.Mix], KitchenUnits.Usual)[0].Sentence, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(MixKind.DryRub, Coating.DryRub)]
    [InlineData(MixKind.YogurtMarinade, Coating.ThickMarinade)]
    [InlineData(MixKind.Glaze, Coating.Glaze)]
    [InlineData(MixKind.UnderSkinButter, Coating.ButterUnderSkin)]
    [InlineData(MixKind.CrumbOverMayonnaise, Coating.CrumbOverMayonnaise)]
    [InlineData(MixKind.JuiceSauce, Coating.JuiceSauce)]
    public void A_kind_of_mix_makes_its_coating(MixKind kind, Coating? coating) => Assert.Equal(coating, MixKinds.CoatingOf(kind));

    [Fact]
    public void Only_crumb_stations_waste_and_only_sauces_and_marinades_are_served()
    {
        foreach (MixKind kind in Enum.GetValues<MixKind>())
        {
            Assert.Equal(MixKinds.IsCrumb(kind), MixKinds.Waste(kind, MixRole.Crumb) > 0);
            Assert.Equal(0, MixKinds.Waste(kind, MixRole.Mix));
            Assert.False(MixKinds.MayBeServed(kind) && MixKinds.IsCrumb(kind));
        }
    }

    [Fact]
    public void Bones_are_not_eaten_and_boneless_cuts_are_all_meat() => Assert.All(CutTable.All, facts =>
    {
        bool hasBone = facts.Cut is Cut.BoneInThigh or Cut.Drumstick or Cut.LegQuarter or Cut.BoneInBreast or Cut.WholeWing or Cut.Drumette or Cut.WingFlat;
        Assert.Equal(hasBone, EdibleYield.Of(facts.Cut) < 1);
        Assert.InRange(EdibleYield.Of(facts.Cut), 0.4, 1);
    });

    [Fact]
    public void Every_ready_mix_gives_an_order_that_names_it_and_ends_clean()
    {
        foreach (ReadyMix ready in MixLibrary.All)
        {
            IReadOnlyList<WorkStep> steps = WorkOrder.Of(Counter.Work(Plans.Supper, ready.Mix, 50, 90, garnish: true));
            Assert.Equal(Touches.Wash, steps[^1].Touches);
            Assert.Equal(MixKinds.MayBeServed(ready.Mix.Kind), steps.Any(step => step.Key == "aside-mix"));
            Assert.Equal(MixKinds.IsMarinade(ready.Mix.Kind) || ready.Mix.Kind == MixKind.DryRub, steps.Any(step => step.Key == "into-1-0"));
            Assert.Equal(MixKinds.IsCrumb(ready.Mix.Kind), steps.Any(step => step.Hand == Hand.Dry));
            Assert.All(steps, step => Assert.InRange(step.Title.Length, 4, 90));
        }
    }

    [Fact]
    public void Without_a_mix_meat_is_oiled_and_salted_and_without_meat_nothing_is_raw()
    {
        Assert.Contains(WorkOrder.Of(Counter.Work(Plans.Supper, null)), step => step.Title == "Oil and salt the thighs");
        Assert.DoesNotContain(WorkOrder.Of(Counter.Work(Plans.Supper with { Chicken = [] }, null)), step => step.Touches == Touches.Raw);
    }

    [Fact]
    public void A_step_that_is_only_to_be_cooked_may_follow_raw_meat_by_the_rule_but_gets_a_wash_all_the_same()
    {
        WorkStep raw = new("raw", Touches.Raw, "Meat", "");
        WorkStep roots = new("roots", Touches.ToBeCooked, "Potatoes", "");
        WorkStep end = new("end", Touches.Wash, "Wash", "");
        Assert.Null(CleanToRaw.FirstBreach([raw, roots, end]));
        Assert.Equal(["raw", "wash-1", "roots"], CleanToRaw.Washed([raw, roots]).Select(step => step.Key));
        Assert.Equal(roots, CleanToRaw.FirstBreach([raw, roots]));
    }
}
