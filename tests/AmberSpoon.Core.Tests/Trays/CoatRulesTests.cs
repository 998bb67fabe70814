using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

/// <summary>What cannot lie on what, each rule where it begins to bite.</summary>
public sealed class CoatRulesTests
{
    private static CoatFault? Fault(IReadOnlyList<LotCoat> coats, Cut cut = Cut.BoneInThigh, bool skin = true, int[]? drains = null, int addAt = 0) =>
        CoatRules.Faults(coats, cut, skin, [.. (drains ?? []).Select(at => new PlannedStep(StepKind.Drain, at))], addAt).FirstOrDefault();

    private static LotCoat At(Coating kind, int? minute) => new(kind, CoatTime.AtMinute) { AtMinutes = minute };

    [Theory]
    [InlineData(Coating.ThickMarinade, true)]
    [InlineData(Coating.WetMarinade, true)]
    [InlineData(Coating.Glaze, true)]
    [InlineData(Coating.Sauce, true)]
    [InlineData(Coating.DryRub, false)]
    [InlineData(Coating.HerbsUnderSkin, false)]
    [InlineData(Coating.Oil, false)]
    public void Crumb_alone_needs_something_that_holds_it(Coating under, bool holds)
    {
        Assert.Equal(holds, Fault([under, Coating.Crumb]) is null);
        Assert.Contains("Nothing holds this crumb", Fault([Coating.Crumb, under])!.Sentence, StringComparison.Ordinal);
        Assert.Contains("Nothing holds this crumb", Fault([new(under, CoatTime.AtTable), Coating.Crumb])!.Sentence, StringComparison.Ordinal);
    }

    [Fact]
    public void Crumb_is_put_on_once_and_just_before_the_oven()
    {
        Assert.Equal((1, "kind"), (Fault([Coating.CrumbOverEgg, Coating.CrumbOverMayonnaise])!.Coat, Fault([Coating.CrumbOverEgg, Coating.CrumbOverMayonnaise])!.Field));
        Assert.Equal("when", Fault([new(Coating.CrumbOverEgg, CoatTime.Before)])!.Field);
        Assert.Null(Fault([new(Coating.CrumbOverYogurt, CoatTime.Before)]));
        Assert.Equal("when", Fault([new(Coating.CrumbOverYogurt, CoatTime.AtMinute) { AtMinutes = 10 }])!.Field);
        Assert.Null(Fault([Coating.CrumbOverEgg, At(Coating.Sauce, 20)]));
    }

    [Theory]
    [InlineData(null, true)]
    [InlineData(0, true)]
    [InlineData(1, false)]
    [InlineData(240, false)]
    [InlineData(241, true)]
    public void A_minute_is_one_of_the_bake(int? minute, bool isWrong) => Assert.Equal(isWrong, Fault([At(Coating.Glaze, minute)]) is { Coat: 0, Field: "atMinutes" });

    [Theory]
    [InlineData(9, false)]
    [InlineData(10, true)]
    [InlineData(59, true)]
    [InlineData(60, false)]
    public void Nothing_is_brushed_on_through_foil(int minute, bool isWrong)
    {
        PlannedStep[] foil = [new(StepKind.Uncover, 60), new(StepKind.Cover, 10)];
        Assert.Equal(isWrong, CoatRules.Faults([At(Coating.Glaze, minute)], Cut.BoneInThigh, true, foil, 0).Any());
        PlannedStep[] drained = [.. foil, new(StepKind.Drain, minute)];
        Assert.Equal(isWrong, CoatRules.Faults([Coating.JuiceSauce], Cut.BoneInThigh, true, drained, 0).Any());
        Assert.Empty(CoatRules.Faults([new(Coating.JuiceSauce, CoatTime.AtTable)], Cut.BoneInThigh, true, drained, 0));
    }

    [Theory]
    [InlineData(19, true)]
    [InlineData(20, true)]
    [InlineData(21, false)]
    public void Nothing_goes_on_food_that_is_not_in_yet(int minute, bool isWrong) => Assert.Equal(isWrong, Fault([At(Coating.Glaze, minute)], addAt: 20) is not null);

    [Theory]
    [InlineData(29, true)]
    [InlineData(30, true)]
    [InlineData(31, false)]
    public void A_sauce_from_the_juices_waits_for_them(int minute, bool isWrong)
    {
        Assert.Equal(isWrong, Fault([At(Coating.JuiceSauce, minute)], drains: [30]) is not null);
        Assert.NotNull(Fault([At(Coating.JuiceSauce, minute)]));
    }

    [Fact]
    public void After_draining_needs_a_draining_and_no_juices_run_before_the_oven()
    {
        Assert.Equal("when", Fault([Coating.JuiceSauce])!.Field);
        Assert.Null(Fault([Coating.JuiceSauce], drains: [30]));
        Assert.All([CoatTime.Before, CoatTime.UnderSkin, CoatTime.On], when => Assert.NotNull(Fault([new(Coating.JuiceSauce, when)], drains: [30])));
        Assert.Null(Fault([new(Coating.JuiceSauce, CoatTime.AtTable)]));
    }

    [Fact]
    public void Under_the_skin_needs_skin()
    {
        Assert.All([Coating.ButterUnderSkin, Coating.HerbsUnderSkin], kind => Assert.NotNull(Fault([kind], skin: false)));
        Assert.NotNull(Fault([new(Coating.DryRub, CoatTime.UnderSkin)], skin: false));
        Assert.Null(Fault([new(Coating.DryRub, CoatTime.UnderSkin), Coating.ButterUnderSkin]));
    }

    [Fact]
    public void Only_a_boneless_breast_is_filled_and_a_parcel_stays_shut()
    {
        Assert.NotNull(Fault([Coating.Stuffed]));
        Assert.Null(Fault([Coating.Stuffed], Cut.BonelessBreast));
        Assert.NotNull(Fault([new(Coating.Stuffed, CoatTime.AtMinute) { AtMinutes = 10 }], Cut.BonelessBreast));
        Assert.Null(Fault([Coating.Glaze, Coating.Parcel, new(Coating.Sauce, CoatTime.AtTable)]));
        Assert.Contains("parcel", Fault([Coating.Parcel, Coating.Glaze])!.Sentence, StringComparison.Ordinal);
        Assert.Contains("parcel", Fault([Coating.Parcel, At(Coating.Glaze, 20)])!.Sentence, StringComparison.Ordinal);
        Assert.Equal("Once is enough.", Fault([Coating.Stuffed, Coating.Stuffed], Cut.BonelessBreast)!.Sentence);
    }

    [Fact]
    public void Every_fault_names_its_coat() => Assert.Equal(
        [(1, "kind"), (3, "atMinutes")],
        CoatRules.Faults([Coating.DryRub, Coating.Crumb, Coating.Glaze, At(Coating.Glaze, 0)], Cut.BoneInThigh, true, [], 0).Select(fault => (fault.Coat, fault.Field)));

    [Fact]
    public void What_is_seen_is_the_outermost_coat_that_is_on_at_the_start()
    {
        Assert.Equal(Coating.Oil, StackedCoats.Seen([]));
        Assert.Equal(Coating.CrumbOverEgg, StackedCoats.Seen([Coating.DryRub, Coating.CrumbOverEgg, At(Coating.Glaze, 20)]));
        Assert.Equal(Coating.DryRub, StackedCoats.Seen([Coating.DryRub, Coating.Oil, new(Coating.Sauce, CoatTime.AtTable)]));
        Assert.Equal(Coating.Oil, StackedCoats.Seen([new(Coating.DryRub, CoatTime.UnderSkin)]));
        Assert.Equal(Coating.ButterUnderSkin, StackedCoats.Seen([Coating.ButterUnderSkin]));
    }
}
