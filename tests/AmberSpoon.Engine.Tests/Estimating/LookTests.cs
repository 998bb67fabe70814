using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Tests.Bakes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using Xunit;

namespace AmberSpoon.Core.Tests.Estimating;

/// <summary>What eye and fork teach.</summary>
public sealed class LookTests
{
    private static readonly VegetableFacts Potato = VegetableTable.For(Vegetable.Potato);

    /// <summary>A normal cut off below nought has the mean √(2/π) and the variance 1 − 2/π (textbook, from memory).</summary>
    [Fact]
    public void A_spread_cut_in_half_is_the_half_normal()
    {
        (double moved, double left) = new SeenBounds(5, double.PositiveInfinity, 1).Left(5, 3);
        Assert.Equal(3 * Math.Sqrt(2 / Math.PI), moved, 1e-9);
        Assert.Equal(1 - (2 / Math.PI), left, 1e-9);
        (double down, double leftBelow) = new SeenBounds(double.NegativeInfinity, 5, 1).Left(5, 3);
        Assert.Equal((-moved, left), (down, leftBelow));
    }

    /// <summary>Between −1 and 1 of a standard normal: mean 0, variance 1 − 2φ(1)/(Φ(1) − Φ(−1)) = 0.2911 (textbook, from memory).</summary>
    [Fact]
    public void A_spread_cut_on_both_sides_narrows_and_stays()
    {
        (double moved, double left) = new SeenBounds(-1, 1, 1).Left(0, 1);
        Assert.Equal(0, moved, 1e-12);
        Assert.Equal(0.2911, left, 1e-4);
    }

    [Fact]
    public void A_surprise_moves_no_further_than_three_standard_deviations_and_a_little()
    {
        (double moved, double left) = new SeenBounds(100, double.PositiveInfinity, 1).Left(0, 1);
        Assert.InRange(moved, 3, 3.4);
        Assert.InRange(left, 0, 0.2);
        Assert.InRange(new SeenBounds(double.NegativeInfinity, -100, 1).Left(0, 1).Moved, -3.4, -3);
        Assert.True(double.IsFinite(new SeenBounds(100, 101, 1).Left(0, 1).Moved));
    }

    /// <summary>Hard to 0.7 of what makes it tender, soft from 2 (common practice); pale to 0.75 golden, dark from 3.</summary>
    [Fact]
    public void Looks_are_bounds_that_meet()
    {
        SeenBounds[] fork = [.. new[] { Look.Hard, Look.Tender, Look.Soft }.Select(look => SeenBounds.OfSoftness(look, Potato))];
        Assert.Equal((double.NegativeInfinity, fork[1].Low), (fork[0].Low, fork[0].High));
        Assert.Equal((fork[1].High, double.PositiveInfinity), (fork[2].Low, fork[2].High));
        Assert.Equal(0.7 * Potato.TenderCookMinutes, Bent.ToCook(fork[1].Low), 1e-9);
        Assert.Equal(Math.Min(2, Potato.Patience) * Potato.TenderCookMinutes, Bent.ToCook(fork[1].High), 1e-9);
        SeenBounds right = SeenBounds.OfColour(Look.Browned);
        Assert.Equal((Bent.FromBrowning(0.75), Bent.FromBrowning(3)), (right.Low, right.High));
        Assert.Equal((double.NegativeInfinity, right.Low), (SeenBounds.OfColour(Look.Pale).Low, SeenBounds.OfColour(Look.Pale).High));
        Assert.Equal(right.High, SeenBounds.OfColour(Look.Dark).Low);
        Assert.Equal(SurfaceColour.Pale, SurfaceColours.Of(0.74));
    }

    /// <summary>Sixty hidden kitchens whose potatoes are pierced once: the moment of tenderness is known better after it, and the band still holds it.</summary>
    [Fact]
    public void A_fork_teaches_when_potatoes_are_tender()
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [], Vegetables = [Plans.Roots(3, Vegetable.Potato, 500)] };
        TrayCourses courses = TrayCourses.Of(BakeState.Fold(plan, [Log.First]), TrayForecaster.Forecast(plan), 0, KitchenPrior.Usual);
        LotId potatoes = new(3);
        double forkAtS = Enumerable.Range(1, 200).Select(i => 30.0 * i).First(atS => courses.Unmeasured().CookMinutes(potatoes, atS, 0) > Potato.TenderCookMinutes);
        (double before, double after, int held) = (0, 0, 0);
        const int kitchens = 60;
        PieceCurves softening = courses.Lots[potatoes].Curves.Softening!;
        for (int i = 0; i < kitchens; i++)
        {
            var random = new Random(501 + i);
            var hidden = new DoubtVector(HiddenKitchen.Normal(random), HiddenKitchen.Normal(random), HiddenKitchen.Normal(random), HiddenKitchen.Normal(random), HiddenKitchen.Normal(random));
            double truth = softening.At(forkAtS, hidden) + (KitchenPrior.Usual.Variety * HiddenKitchen.Normal(random));
            double share = Bent.ToCook(truth + (0.2 * HiddenKitchen.Normal(random))) / Potato.TenderCookMinutes;
            Look look = share < 0.7 ? Look.Hard : share < Math.Min(2, Potato.Patience) ? Look.Tender : Look.Soft;
            KitchenBelief belief = courses.Unmeasured();
            KitchenBelief taught = belief.FeelingSoftness(potatoes, forkAtS, SeenBounds.OfSoftness(look, Potato));
            before += Math.Abs(Bent.FromCook(belief.CookMinutes(potatoes, forkAtS, 0)) - truth);
            after += Math.Abs(Bent.FromCook(taught.CookMinutes(potatoes, forkAtS, 0)) - truth);
            held += truth >= Bent.FromCook(taught.CookMinutes(potatoes, forkAtS, -1.2816)) && truth <= Bent.FromCook(taught.CookMinutes(potatoes, forkAtS, 1.2816)) ? 1 : 0;
        }

        // One tap of three tells little; what it tells must be right.
        Assert.True(after < 0.8 * before, $"{after / kitchens:0.00} against {before / kitchens:0.00} on the logarithm");
        Assert.InRange(held, 0.68 * kitchens, 0.92 * kitchens);
    }

    /// <summary>Soft where firm was expected: by then it is tender, and the moment that it is has passed; the oven may be hot, so that the chicken beside it moves too, but less.</summary>
    [Fact]
    public void Soft_already_brings_the_moment_forward()
    {
        TrayPlan plan = Plans.Thighs with { Vegetables = [Plans.Roots(3, Vegetable.Potato, 500)] };
        TrayForecast planned = TrayForecaster.Forecast(plan);
        BakeEstimate At(double minute, params Happening[] told) => new(
            TrayCourses.Of(BakeState.Fold(plan, [Log.First, .. told.Select((one, i) => Log.At(i + 2, minute, one))]), planned, 60 * minute, KitchenPrior.Usual), 60 * minute);
        LotId potatoes = new(3);
        double usual = At(10).GoalBand(potatoes)!.MedianMinutes;
        double early = Math.Floor(usual - 5);
        BakeEstimate soft = At(early, new Looked(potatoes, Look.Soft));
        BakeEstimate hard = At(usual + 4, new Looked(potatoes, Look.Hard));
        Assert.InRange(soft.GoalBand(potatoes)!.MedianMinutes, usual - 14, early);
        Assert.InRange(hard.GoalBand(potatoes)!.MedianMinutes, usual + 3, usual + 15);
        double chickenMoved = At(early).GoalBand(new(1))!.MedianMinutes - soft.GoalBand(new(1))!.MedianMinutes;
        Assert.InRange(chickenMoved, 0.3, usual - soft.GoalBand(potatoes)!.MedianMinutes);
    }
}
