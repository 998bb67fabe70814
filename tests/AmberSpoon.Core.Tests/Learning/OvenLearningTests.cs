using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using Xunit;

namespace AmberSpoon.Core.Tests.Learning;

/// <summary>What bakes teach together, with bakes whose say is worked out by hand; what one says of its oven is tested with the engine.</summary>
public sealed class OvenLearningTests
{
    /// <summary>A bake that tells the offset alone, to half of what is doubtful before.</summary>
    private static OvenEvidence Says(double offsetZ, double sd = 0.5) =>
        new([1 / (sd * sd), 0, 0, 0, 0, 0, 0, 0, 0], [offsetZ / (sd * sd), 0, 0]);

    [Fact]
    public void One_bake_moves_the_belief_as_its_weight_says()
    {
        // Before: mean 0, variance 1, and 0.08² of wear; the bake: −1 with variance ¼. By hand: 1/(1/1.0064 + 4) and 4·(−1) of it.
        OvenBelief belief = OvenLearning.Of([Says(-1)], 0).Belief;
        double variance = 1 / ((1 / 1.0064) + 4);
        Assert.Equal(-4 * variance, belief.Mean[0], 9);
        Assert.Equal(variance, belief.Spread[0], 9);
        Assert.Equal(-4 * variance * 12 / 1.2816, belief.OffsetC, 6);
        Assert.Equal(1.2816 * 12 / 1.2816 * Math.Sqrt(variance), belief.OffsetWithinC, 6);
        Assert.Equal(1, belief.Bakes);
        Assert.Equal(1.0064, belief.Spread[4], 9);
    }

    [Fact]
    public void More_bakes_make_it_surer_but_never_surer_than_an_oven_that_wears()
    {
        OvenBelief five = OvenLearning.Of([.. Enumerable.Repeat(Says(-1), 5)], 0).Belief;
        OvenBelief fifty = OvenLearning.Of([.. Enumerable.Repeat(Says(-1), 50)], 0).Belief;
        Assert.True(five.Spread[0] < 0.06);
        Assert.InRange(fifty.Spread[0], 0.01, 0.05);
        Assert.Equal(-1, fifty.Mean[0], 2);
    }

    [Fact]
    public void A_bake_in_which_nothing_was_measured_teaches_nothing_and_does_not_count()
    {
        OvenBelief with = OvenLearning.Of([Says(-1), OvenEvidence.None, OvenEvidence.None], 0).Belief;
        OvenBelief without = OvenLearning.Of([Says(-1)], 0).Belief;
        Assert.Equal(without.Mean, with.Mean);
        Assert.Equal(without.Spread, with.Spread);
        Assert.Equal(1, with.Bakes);
    }

    [Fact]
    public void It_goes_on_from_what_the_cook_knows_and_an_oven_without_bakes_is_that()
    {
        Assert.Equal(-10, OvenLearning.Of([], -10).Belief.OffsetC, 9);
        Assert.Equal(0, OvenLearning.Of([], -10).Belief.Bakes);

        // A bake that says nothing of the offset leaves it.
        Assert.Equal(-10, OvenLearning.Of([new([0, 0, 0, 0, 4, 0, 0, 0, 0], [0, 4, 0])], -10).Belief.OffsetC, 9);
        Assert.True(OvenLearning.Of([Says(0, 5)], -10).Belief.OffsetC < -9);
    }

    [Fact]
    public void The_sum_of_three_surprises_shows_a_change_and_what_came_before_is_left_out()
    {
        OvenEvidence[] steady = [.. Enumerable.Repeat(Says(0), 6)];
        OvenLearning before = OvenLearning.Of(steady, 0);
        Assert.Null(before.ChangedAt);

        // Two standard deviations of a bake: one is no change, three in a row are.
        Assert.Null(OvenLearning.Of([.. steady, Says(1)], 0).ChangedAt);
        OvenLearning after = OvenLearning.Of([.. steady, .. Enumerable.Repeat(Says(1), 3)], 0);
        Assert.Equal(6, after.ChangedAt);
        Assert.Equal(3, after.Belief.Bakes);
        Assert.Equal(12.0 / 13, after.Belief.Mean[0], 9);

        // There and back is none.
        Assert.Null(OvenLearning.Of([.. steady, Says(1), Says(-1), Says(1), Says(-1)], 0).ChangedAt);
    }

    [Theory]
    [InlineData(1.6, null)]
    [InlineData(1.9, 6)]
    [InlineData(-1.9, 6)]
    public void One_bake_alone_shows_a_change_where_it_lies_three_standard_deviations_off(double offsetZ, int? changedAt)
    {
        // After six bakes at 0 the belief's variance is about 0.042, the bake's 0.25: three of the sum are about 1.64.
        Assert.Equal(changedAt, OvenLearning.Of([.. Enumerable.Repeat(Says(0), 6), Says(offsetZ)], 0).ChangedAt);
    }

    [Fact]
    public void A_bake_without_readings_between_does_not_hide_a_change()
    {
        OvenLearning after = OvenLearning.Of([.. Enumerable.Repeat(Says(0), 6), Says(1), OvenEvidence.None, Says(1), Says(1)], 0);
        Assert.Equal(6, after.ChangedAt);
        Assert.Equal(10, after.After.Count);
    }

    [Fact]
    public void What_an_oven_bakes_like_is_known_better_than_its_offset_where_readings_cannot_tell_the_two_apart()
    {
        // As the engine has it: a reading feels 1 of the offset and 1.27 of the exchange.
        double[] felt = [1, 1.27, -0.43];
        double[] information = [.. from row in felt from column in felt select 3 * row * column];
        OvenEvidence bake = new(information, [.. felt.Select(one => 3 * one * -1.2)]);
        OvenBelief belief = OvenLearning.Of([.. Enumerable.Repeat(bake, 8)], 0).Belief;
        Assert.True(belief.ActsWithinC < 0.45 * belief.OffsetWithinC);
        Assert.Equal(-1.2 * 12 / 1.2816, belief.ActsHotterByC, 0);
        Assert.True(Math.Abs(belief.OffsetC) < 6);
        Assert.True(belief.ExchangeFactor < 1);
        Assert.True(belief.EvaporationFactor > 1);
    }

    [Fact]
    public void Beliefs_that_differ_have_different_keys()
    {
        OvenBelief one = OvenLearning.Of([Says(-1)], 0).Belief;
        Assert.Equal(one.Key, OvenLearning.Of([Says(-1)], 0).Belief.Key);
        Assert.NotEqual(one.Key, OvenLearning.Of([Says(-1.01)], 0).Belief.Key);
        Assert.NotEqual(one.Key, OvenLearning.Of([Says(-1), Says(-1)], 0).Belief.Key);
    }
}
