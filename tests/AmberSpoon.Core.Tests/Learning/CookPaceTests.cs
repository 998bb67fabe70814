using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Learning;
using Xunit;

namespace AmberSpoon.Core.Tests.Learning;

public sealed class CookPaceTests
{
    [Fact]
    public void One_evening_moves_it_part_of_the_way_and_more_tasks_further()
    {
        CookPace few = CookPace.Usual.After(new(20, 30, 1));
        CookPace many = CookPace.Usual.After(new(20, 30, 6));
        Assert.InRange(few.Share, 1.1, 1.2);
        Assert.InRange(many.Share, 1.25, 1.35);
        Assert.True(few.Within > many.Within && many.Within < CookPace.Usual.Within);
        Assert.Equal(1, many.Evenings);

        // A quick cook is the slow one turned round.
        Assert.Equal(1, many.Share * CookPace.Usual.After(new(30, 20, 6)).Share, 9);
    }

    [Theory]
    [InlineData(0, 10, 2)]
    [InlineData(10, 0, 2)]
    [InlineData(10, 10, 0)]
    [InlineData(double.NaN, 10, 2)]
    public void What_says_nothing_changes_nothing(double usual, double took, int tasks) => Assert.Equal(CookPace.Usual, CookPace.Usual.After(new(usual, took, tasks)));

    [Fact]
    public void An_evening_on_which_the_phone_rang_counts_for_no_more_than_four_times() =>
        Assert.Equal(CookPace.Usual.After(new(10, 40, 3)), CookPace.Usual.After(new(10, 400, 3)));

    [Fact]
    public void Bakes_that_tell_nothing_are_passed_over_and_none_is_no_pace()
    {
        BakeFacts Bake(Readied? before) => new(null, null, null, null, OvenEvidence.None, []) { Before = before };
        Assert.Null(CookPace.Of([Bake(null), Bake(new(null, new(15, 200)))]));
        Assert.Equal(CookPace.Usual.After(new(20, 30, 4)), CookPace.Of([Bake(null), Bake(new(new(20, 30, 4), null)), Bake(null)]));
    }

    /// <summary>Forty cooks from nearly twice as quick to nearly twice as slow, each evening otherwise, tasks more so.</summary>
    [Fact]
    public void After_five_evenings_the_work_is_foretold_twice_as_well()
    {
        var random = new Random(11);
        List<double> before = [];
        List<double> after = [];
        int held = 0;
        for (int house = 0; house < 40; house++)
        {
            double truth = 0.6 * Math.Log(2) * Draws.Normal(random);
            CookPace pace = CookPace.Usual;
            for (int evening = 0; evening < 5; evening++)
            {
                double took = Enumerable.Range(0, 4).Average(_ => Math.Exp(truth + (0.2 * Draws.Normal(random)) + (0.45 * Draws.Normal(random))));
                pace = pace.After(new(20, 20 * took, 4));
            }

            before.Add(Math.Abs(truth));
            after.Add(Math.Abs(truth - pace.LogMean));
            held += after[^1] < pace.Within ? 1 : 0;
        }

        double was = before.Order().ElementAt(20);
        double isNow = after.Order().ElementAt(20);
        TestContext.Current.TestOutputHelper!.WriteLine("Pace after five evenings: median miss {0:0.00} of its logarithm, {1:0.00} before; {2} of 40 in their band.", isNow, was, held);
        Assert.True(isNow < 0.5 * was);
        Assert.InRange(held, 27, 39);
    }
}
