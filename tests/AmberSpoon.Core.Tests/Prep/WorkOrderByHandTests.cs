using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Prep;

/// <summary>What each step says, and that it stands where it belongs and nowhere else, tray by tray.</summary>
public sealed class WorkOrderByHandTests
{
    private static readonly LotCoat Rub = Counter.Coat("salt-only");

    private static readonly LotCoat Yogurt = Counter.Coat("green-yogurt");

    private static readonly LotCoat Crumb = Counter.Coat("egg-crumb");

    /// <summary>Eight thighs and, beside them, four drumsticks in oil.</summary>
    private static readonly TrayPlan Two = Plans.Supper with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 8, 165), Plans.Chicken(5, Cut.Drumstick, 4, 110)] };

    private static IReadOnlyList<WorkStep> Order(TrayPlan plan) => WorkOrder.Of(Counter.Work(plan));

    private static WorkStep Step(TrayPlan plan, string key) => Order(plan).Single(step => step.Key == key);

    private static void Says(bool isSaid, string words, string text)
    {
        if (isSaid)
        {
            Assert.Contains(words, text, StringComparison.Ordinal);
        }
        else
        {
            Assert.DoesNotContain(words, text, StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData(0, null)]
    [InlineData(9.9, null)]
    [InlineData(10, "about 10 ml")]
    [InlineData(124, "about 120 ml")]
    [InlineData(126, "about 130 ml")]
    public void JuicesAreSaidFromTwoSpoonfulsOn(double juiceMl, string? words)
    {
        WorkPlan work = Counter.Work(Plans.Supper.Coated(Counter.Coat("pan-gravy"))) with { JuiceMl = juiceMl };
        string detail = WorkOrder.Of(work).Single(step => step.Key == "stir-pan-gravy").Detail;
        Says(words is not null, words ?? "The tray gives", detail);
    }

    /// <summary>R raw, W wash, V vegetables; w is a wash that was put in.</summary>
    [Theory]
    [InlineData("V", "V")]
    [InlineData("R", "Rw")]
    [InlineData("RV", "RwV")]
    [InlineData("RWV", "RWV")]
    [InlineData("RWVV", "RWVV")]
    [InlineData("RRV", "RRwV")]
    [InlineData("VRVR", "VRwVRw")]
    public void AWashIsPutInWhereHandsAreRawAndNowhereElse(string order, string washed) => Assert.Equal(
        washed,
        string.Concat(CleanToRaw.Washed([.. order.Select(letter => new WorkStep(letter.ToString(), letter switch { 'R' => Touches.Raw, 'W' => Touches.Wash, _ => Touches.ToBeCooked }, "", ""))])
            .Select(step => step.Key[0])));

    [Fact]
    public void MeatIsTakenOutOfTheCoatItLayInLongest()
    {
        TrayPlan plan = Plans.Supper.Coated(Rub with { When = CoatTime.Before, SoakMinutes = 45 }, Yogurt with { SoakMinutes = 600 });
        Assert.Equal("into-1-1", Assert.Single(Order(plan), step => step.Key.StartsWith("into-", StringComparison.Ordinal)).Key);
        Assert.StartsWith("The thighs out of", Step(plan, "coat-1-1").Title, StringComparison.Ordinal);
        Assert.StartsWith("Oil the thighs thinly", Step(plan, "coat-1-0").Title, StringComparison.Ordinal);
        // A short one is not taken out of anything.
        Assert.StartsWith("The thighs through", Step(Plans.Supper.Coated(Rub, Yogurt with { SoakMinutes = 10 }), "coat-1-1").Title, StringComparison.Ordinal);
    }

    [Fact]
    public void WhatIsFilledIsSlitAndFilledOnce()
    {
        TrayPlan stuffed = Plans.Supper with { Chicken = [Plans.Chicken(1, Cut.StuffedBreast, 2, 200), Two.Chicken[1]] };
        Assert.Equal(2, Step(stuffed, "coat-1-filling").Minutes);
        Assert.DoesNotContain(Order(stuffed), step => step.Key == "coat-5-filling");
        Assert.DoesNotContain(Order(stuffed.Coated(Coating.Stuffed)), step => step.Key == "coat-1-filling");
        Assert.Contains("Slit the breasts", Step(stuffed, "trim").Detail, StringComparison.Ordinal);
        Assert.DoesNotContain("Slit the breasts", Step(Two, "trim").Detail, StringComparison.Ordinal);
        Assert.DoesNotContain(Order(Two), step => step.Key.EndsWith("filling", StringComparison.Ordinal));

        // A quarter of the mean piece, or what was said; in steps of five grams.
        TrayPlan uneven = stuffed with { Chicken = [stuffed.Chicken[0] with { Sizes = new(SizeBasis.EachPiece, 2, null, 0, [new(240, MassUnit.Gram), new(144, MassUnit.Gram)]) }] };
        Assert.Contains("about 50 g for each", Step(uneven, "filling-1").Detail, StringComparison.Ordinal);
        Assert.Contains("about 35 g for each", Step(uneven with { Chicken = [uneven.Chicken[0] with { Filling = new(34, MassUnit.Gram) }] }, "filling-1").Detail, StringComparison.Ordinal);
    }

    [Fact]
    public void WhatIsSearedIsSearedOnce()
    {
        TrayPlan plan = Plans.Supper.Coated(Rub, Crumb);
        plan = plan with { Chicken = [plan.Chicken[0] with { Sear = new(4, Pan.Steel) }] };
        Assert.Single(Order(plan), step => step.Key == "sear-1");
        Assert.DoesNotContain(Order(Two), step => step.Key.StartsWith("sear", StringComparison.Ordinal));
    }

    [Theory]
    [InlineData(Coating.Stuffed, true)]
    [InlineData(Coating.HerbsUnderSkin, true)]
    [InlineData(Coating.Citrus, true)]
    [InlineData(Coating.Parcel, false)]
    [InlineData(Coating.Oil, false)]
    [InlineData(Coating.Topping, false)]
    public void WhatIsBareIsOiledAndSalted(Coating kind, bool isBare) => Assert.Equal(isBare, Order(Plans.Supper.Coated(kind)).Any(step => step.Key == "coat-1"));

    [Fact]
    public void EggsAreBeatenForACrumbOverEggWhoeverMadeIt()
    {
        Assert.Contains(Order(Plans.Supper.Coated(Coating.CrumbOverEgg)), step => step.Key == "egg-1-0");
        Assert.DoesNotContain(Order(Plans.Supper.Coated(Coating.CrumbOverYogurt)), step => step.Key == "egg-1-0");
        Assert.DoesNotContain(Order(Plans.Supper.Coated(Crumb)), step => step.Key == "stir-egg-crumb");
    }

    [Fact]
    public void ASauceIsPouredAndButterRubbedIn()
    {
        Assert.StartsWith("Pour", Step(Plans.Supper.Coated(Coating.Sauce), "coat-1-0").Title, StringComparison.Ordinal);
        WorkStep butter = Step(Two.Coated(new LotCoat(Coating.ButterUnderSkin, CoatTime.On)), "coat-1-0");
        Assert.StartsWith("Rub", butter.Title, StringComparison.Ordinal);
        Assert.Equal(3, butter.Minutes, 1e-9);
        Assert.Equal("One piece of meat after the other.", Step(Plans.Supper.Coated(Yogurt with { SoakMinutes = 60, IsScrapedOff = true }, Crumb), "coat-1-0").Detail);
    }

    [Fact]
    public void WhereAllMeatWaitsItIsUnwrappedOnceAndFirst()
    {
        string[] waits = [.. Order(Plans.Supper.Coated(Yogurt with { SoakMinutes = 60 })).Select(step => step.Key)];
        Assert.Contains("unwrap-first", waits);
        Assert.Contains("trim-first", waits);
        Assert.DoesNotContain("unwrap", waits);
        Assert.DoesNotContain("trim", waits);
        string[] straight = [.. Order(Two).Select(step => step.Key)];
        Assert.DoesNotContain("unwrap-first", straight);
        Assert.DoesNotContain("trim-first", straight);
        // One waits, the other does not: each is trimmed with its own.
        TrayPlan both = Two.Coated(Yogurt with { SoakMinutes = 60 });
        Assert.Equal((5, 3), (Step(both, "trim-first").Minutes, Step(both, "trim").Minutes));
        Assert.Equal(7, Step(Two, "trim").Minutes);
    }

    [Fact]
    public void SkinComesOffUnderACrumbOnly()
    {
        Assert.Contains("Skin off", Step(Two.Coated(Rub, Crumb), "trim").Detail, StringComparison.Ordinal);
        Assert.DoesNotContain("Skin off", Step(Two.Coated(Rub), "trim").Detail, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("green-yogurt", "The thighs into", "Lid on")]
    [InlineData("lemon-garlic", "The thighs into", "Lid on")]
    [InlineData("salt-only", "Rub", "Blot the meat dry first")]
    public void MeatIsLaidIntoWhatIsWetAndRubbedWithWhatIsDry(string mix, string title, string detail)
    {
        WorkStep into = Step(Plans.Supper.Coated(Counter.Coat(mix) with { When = CoatTime.Before, SoakMinutes = 60 }), "into-1-0");
        Assert.StartsWith(title, into.Title, StringComparison.Ordinal);
        Assert.Contains(detail, into.Detail, StringComparison.Ordinal);
    }

    [Fact]
    public void YogurtUnderACrumbIsWet() =>
        Assert.StartsWith("The thighs into", Step(Plans.Supper.Coated(new LotCoat(Coating.CrumbOverYogurt, CoatTime.Before) { SoakMinutes = 60 }), "into-1-0").Title, StringComparison.Ordinal);

    [Theory]
    [InlineData(OvenMode.Still, "Oven to 204 °C")]
    [InlineData(OvenMode.Fan, "Oven to 204 °C, fan")]
    [InlineData(OvenMode.Grill, "Oven to grill at 204 °C")]
    public void TheOvenIsNamed(OvenMode mode, string title) => Assert.Equal(title, Step(Plans.Supper with { OvenMode = mode }, "oven").Title);

    [Fact]
    public void TheTrayIsNamed()
    {
        TrayPlan With(Func<Vessel, Vessel> other) => Plans.Supper with { Vessels = [Vessel.HalfSheet, other(Vessel.HalfSheet)] };
        foreach ((TrayPlan plan, bool pan, bool rack) in new[] { (With(one => one), false, false), (With(one => one with { PanBeneath = true }), true, false), (With(one => one with { Rack = true }), false, true) })
        {
            string detail = Step(plan, "oven").Detail;
            Says(pan, "A second pan", detail);
            Says(rack, "A rack into the tray", detail);
        }

        Assert.EndsWith("picture shows. Drips and leftover herbs go onto the tray or into the bin.", Step(Plans.Supper, "lay").Detail, StringComparison.Ordinal);
        Assert.Contains(". Pour 150 ml in beside the meat, not over it. Drips", Step(With(one => one with { WaterMl = 150 }), "lay").Detail, StringComparison.Ordinal);
        Assert.StartsWith("Skin side up", Step(Two, "lay").Detail, StringComparison.Ordinal);
        Assert.StartsWith("Skin down where it is turned later", Step(Two with { Chicken = [Two.Chicken[0] with { SkinDown = true }, Two.Chicken[1]] }, "lay").Detail, StringComparison.Ordinal);
    }

    [Fact]
    public void WhatIsLeftOfABowlIsAwayUnlessItBakesOn()
    {
        LotCoat glaze = Counter.Coat("apricot");
        Assert.Contains("waits for minute 20 in its bowl", Step(Two.Coated(glaze, glaze with { When = CoatTime.AtMinute, AtMinutes = 20 }), "left-over").Detail, StringComparison.Ordinal);
        Assert.Contains("Marinade that met the meat", Step(Two.Coated(glaze), "left-over").Detail, StringComparison.Ordinal);
        Assert.Contains("Egg and crumb that are left: away", Step(Two.Coated(Rub, Coating.Crumb), "left-over").Detail, StringComparison.Ordinal);
        Assert.Contains("Egg and crumb that are left: away", Step(Two.Coated(Rub, Crumb), "left-over").Detail, StringComparison.Ordinal);
        Assert.Equal("Board, knife, bowls, and what the meat came in.", Step(Two.Coated(Rub), "left-over").Detail);
    }
}
