using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Learning;

public sealed class TenderWishTests
{
    [Fact]
    public void Too_firm_wants_more_too_soft_wants_less_and_right_makes_surer()
    {
        TenderWish firm = TenderWish.Usual.After(Rating.Below, 1);
        TenderWish soft = TenderWish.Usual.After(Rating.Beyond, 1);
        TenderWish right = TenderWish.Usual.After(Rating.Right, 1);
        Assert.InRange(firm.Share, 1.1, 1.3);
        Assert.Equal(1, firm.Share * soft.Share, 6);
        Assert.Equal(1, right.Share, 9);
        Assert.True(right.LogSd < TenderWish.Usual.LogSd);
        Assert.Equal(1, right.Said);
    }

    [Fact]
    public void It_is_held_against_what_the_vegetable_got_not_against_what_was_planned()
    {
        // Too firm although it had far more than usual says more than too firm at less.
        Assert.True(TenderWish.Usual.After(Rating.Below, 1.3).Share > TenderWish.Usual.After(Rating.Below, 1).Share);
        Assert.InRange(TenderWish.Usual.After(Rating.Below, 0.6).Share, 1, 1.05);
        Assert.True(TenderWish.Usual.After(Rating.Right, 1.3).Share > 1.05);
    }

    [Fact]
    public void A_household_that_wants_a_third_more_is_understood_and_no_wish_goes_beyond_half()
    {
        TenderWish wish = TenderWish.Usual;
        for (int dinner = 0; dinner < 8; dinner++)
        {
            double got = wish.Share;
            wish = wish.After(got < 1.33 / 1.15 ? Rating.Below : got > 1.33 * 1.15 ? Rating.Beyond : Rating.Right, got);
        }

        Assert.InRange(wish.Share, 1.15, 1.5);
        for (int dinner = 0; dinner < 60; dinner++)
        {
            wish = wish.After(Rating.Below, 4);
        }

        Assert.Equal(1.5, wish.Share);
    }

    [Fact]
    public void Only_what_was_said_of_a_vegetable_that_was_baked_counts()
    {
        BakeFacts bake = new(40, 42, null, null, OvenEvidence.None, [new(Vegetable.Potato, 2, 1)])
        {
            Ratings = [new(RatingOf.Vegetable, Rating.Below, new LotId(2)), new(RatingOf.Meat, Rating.Below), new(RatingOf.Vegetable, Rating.Below, new LotId(7))],
        };
        IReadOnlyDictionary<Vegetable, TenderWish> wishes = HouseholdWishes.Of([bake, bake]);
        Assert.Equal(2, Assert.Single(wishes).Value.Said);
        Assert.True(wishes[Vegetable.Potato].Share > TenderWish.Usual.After(Rating.Below, 1).Share);
    }

    [Fact]
    public void A_plan_bakes_the_vegetable_by_so_much_longer_at_the_boil()
    {
        VegetableLot potatoes = Plans.Supper.Vegetables[0];
        var known = new Known(null, new Dictionary<Vegetable, TenderWish> { [potatoes.Kind] = new(Math.Log(1.2), 0.1, 3) });
        TrayPlan plan = known.On(Plans.Supper);
        Assert.Equal(1.2 * potatoes.SoftGoal().CookMinutes, plan.Vegetables[0].SoftGoal().CookMinutes, 9);
        Assert.All(plan.Vegetables.Where(lot => lot.Kind != potatoes.Kind), lot => Assert.Equal(1, lot.Wish));
        Assert.NotEqual(Known.KeyOf(Plans.Supper), Known.KeyOf(plan));

        // Of an oven that the plan does not name nothing is said.
        Assert.Null(new Known(OvenBelief.Unknown(-10) with { Bakes = 2 }, known.Wishes).On(Plans.Supper).Oven);
        TrayPlan named = new Known(OvenBelief.Unknown(-10) with { Bakes = 2 }, known.Wishes).On(Plans.Supper with { Oven = HouseOven.Usual });
        Assert.Equal(-10, named.Oven!.OffsetC, 9);
        Assert.Equal(0, (named.Oven with { Learnt = null }).OffsetC);
    }

    [Fact]
    public void What_is_learnt_goes_in_place_of_what_the_cook_said_and_never_beyond_what_an_oven_can_be()
    {
        HouseOven oven = HouseOven.Usual with { RunsHotBy = new(5, TemperatureUnit.Celsius) };
        Assert.Equal(5, oven.OffsetC);
        Assert.Equal(12, (oven with { Learnt = OvenBelief.Unknown(12) }).OffsetC, 9);
        Assert.Equal(OvenBelief.MostOffsetC, (oven with { Learnt = OvenBelief.Unknown(80) }).OffsetC);
        Assert.Equal(5, (oven with { Learnt = OvenBelief.Unknown(80) }).KnownOffsetC);
    }
}
