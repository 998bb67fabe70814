using AmberSpoon.Core.Trays.Forecasting;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

/// <summary>By hand: 3 and 4 min as squares make 5; our own doubt is a tenth of the time it is in.</summary>
public sealed class WindowBandTests
{
    private static readonly GoodWindow Good = new(30, 35, 45, 60);
    private static readonly TimeBand Opens = new(26, 30, 36);

    private static (GoodWindow Sooner, GoodWindow Later) Of(GoodWindow good, int inMinutes, params (GoodWindow, double)[] doubts) =>
        WindowBand.Of(good, inMinutes, Opens, Good, doubts);

    [Fact]
    public void Each_moment_moves_by_what_the_doubts_make_of_it()
    {
        // Past moves by 12 and 9 min sooner, by 18 and 9 later; ours is 6 there, 4.5 and 3.5 before.
        (GoodWindow sooner, GoodWindow later) = Of(
            Good,
            0,
            (new(27, 32, 41, 48), 1.5),
            (new(26, 31, 42, 51), 1));
        Assert.Equal(new(26, 28.9, 38.3, 43.8), sooner);
        Assert.Equal(new(36, 42, 53.1, 81), later);
    }

    [Fact]
    public void What_never_comes_in_a_kitchen_comes_at_the_end_of_the_longest_bake() =>
        Assert.Equal(240, Of(Good, 0, (Good with { PastMinutes = null }, 1)).Later.PastMinutes!.Value, 0.2);

    [Fact]
    public void What_never_comes_in_ours_has_no_band()
    {
        (GoodWindow sooner, GoodWindow later) = Of(Good with { PastMinutes = null }, 0, (Good, 1));
        Assert.Null(sooner.PastMinutes);
        Assert.Null(later.PastMinutes);
        Assert.Equal(40.5, sooner.BestUntilMinutes);
    }

    [Fact]
    public void Our_own_doubt_counts_from_when_it_goes_in() =>
        Assert.Equal((55, 65), (Of(Good, 10, (Good, 1)).Sooner.PastMinutes, Of(Good, 10, (Good, 1)).Later.PastMinutes));

    [Fact]
    public void Moments_stay_in_order_and_what_burns_first_has_no_best()
    {
        GoodWindow late = WindowBand.Of(Good, 0, new(26, 30, 42), Good, []).Later;
        Assert.Equal(new(42, 42, 49.5, 66), late);
        Assert.Equal(new(70, null, null, 66), WindowBand.Of(Good, 0, new(26, 30, 70), Good, []).Later);
    }
}
