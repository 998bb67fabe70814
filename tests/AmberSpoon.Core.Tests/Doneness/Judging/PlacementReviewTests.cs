using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness.Judging;

/// <summary>A reading is a placement of a tip: of two that differ the colder steers until a third decides.</summary>
public sealed class PlacementReviewTests
{
    private static readonly ReadingDoubt Cold = new(DoubtKind.TooCold, C(0, 0), "Is the tip in the middle?");

    private static TimedReading C(double celsius, double atS) => new(atS, new(celsius, TemperatureUnit.Celsius));

    private static PlacementReview Of(params (double Celsius, double AtS)[] readings) => Of(0, readings);

    private static PlacementReview Of(double riseCPerS, params (double Celsius, double AtS)[] readings) =>
        PlacementReview.Of([.. readings.Select(one => new PlacedReading(C(one.Celsius, one.AtS)))], atS => riseCPerS * atS, 74);

    private static double Last(PlacementReview review) => review.Steering[^1].CoreC;

    /// <summary>67, then 74 and 74 within 24 s: not two against one. A third, aimed anew a minute later, is.</summary>
    [Fact]
    public void The_hotter_of_two_tips_does_not_win()
    {
        PlacementReview disputed = Of((67, 0), (74, 12), (74, 24));
        Assert.Equal((true, 67.0, 0), (disputed.IsDisputed, Last(disputed), disputed.Agreeing));
        Assert.True(Of((67, 0), (74, 12), (74, 71)).IsDisputed);
        PlacementReview decided = Of((67, 0), (74, 12), (74, 72));
        Assert.Equal((false, 74.0, 2), (decided.IsDisputed, Last(decided), decided.Agreeing));

        // The colder one last steers by itself, and a third that agrees with it settles that.
        Assert.Equal((false, 67.0), (Of((74, 0), (67, 90)).IsDisputed, Last(Of((74, 0), (67, 90)))));
        Assert.Equal(67, Last(Of((74, 0), (67, 90), (67, 180))));
    }

    [Theory]
    [InlineData(3, false)]
    [InlineData(3.1, true)]
    public void Thermometer_and_tip_explain_three_degrees(double apartC, bool isDisputed) => Assert.Equal(isDisputed, Of((74 - apartC, 0), (74, 70)).IsDisputed);

    /// <summary>Brought to now by what is believed of its rise: 62 was 74 by then, and what is only believed may be a fifth off.</summary>
    [Theory]
    [InlineData(62, false)]
    [InlineData(57, false)]
    [InlineData(56, true)]
    public void What_rose_meanwhile_does_not_differ(double before, bool isDisputed) => Assert.Equal(isDisputed, Of(0.02, (before, 0), (74, 600)).IsDisputed);

    [Fact]
    public void Typed_again_within_a_minute_it_is_the_same_placement()
    {
        Assert.Equal(1, Of((75, 0), (75, 5), (75, 12)).Agreeing);
        Assert.Equal(1, Of((75, 0), (75, 59)).Agreeing);
        Assert.Equal(2, Of((75, 0), (75, 60)).Agreeing);
        Assert.Equal(0, Of((73.9, 0), (73.9, 70)).Agreeing);
    }

    /// <summary>Ten samples of a wire are one placement; a tip that is put in beside it, and the wire put in anew, are others.</summary>
    [Fact]
    public void A_wire_that_stays_in_is_one_placement_whatever_it_says()
    {
        PlacedReading Wire(double celsius, double atS, double sinceS = 0) => new(C(celsius, atS), new WirePlacement("a", sinceS));
        PlacementReview Review(params PlacedReading[] readings) => PlacementReview.Of(readings, _ => 0, 74);
        PlacedReading[] samples = [.. Enumerable.Range(0, 10).Select(i => Wire(74 + i, 120 * i))];
        Assert.Equal(1, Review(samples).Agreeing);
        Assert.Equal(2, Review([.. samples, new(C(83, 1100))]).Agreeing);
        Assert.Equal(2, Review([.. samples, Wire(83, 1300, sinceS: 1200)]).Agreeing);
        PlacementReview beside = Review([Wire(76, 0), new(C(68, 60)), Wire(76.5, 120)]);
        Assert.Equal((true, 68.0), (beside.IsDisputed, beside.Steering[^1].CoreC));
    }

    /// <summary>84, 55 that was asked about, 84 at once: the question stands. Put in anew a minute later, it is outvoted.</summary>
    [Fact]
    public void A_question_stays_open_until_a_third_reading_decides()
    {
        PlacementReview Review(double thirdS) => PlacementReview.Of([new(C(84, 0)), new(C(55, 20), null, Cold), new(C(84, thirdS))], _ => 0, 74);
        Assert.Same(Cold, Review(40).Doubt);
        Assert.Empty(Review(40).Steering);
        Assert.Null(Review(60).Doubt);
        Assert.Equal(84, Review(60).Steering[^1].CoreC);
    }

    /// <summary>71, 45 that was asked about, 71: whatever came of the question, nobody saw it held.</summary>
    [Fact]
    public void What_was_asked_about_breaks_a_hold()
    {
        PlacementReview review = PlacementReview.Of([new(C(71, 0)), new(C(45, 60), null, Cold), new(C(71, 130))], _ => 0, 60);
        SafetyRule rule = SafetyProfiles.For(ProfileId.UnitedKingdom).RuleFor(isStuffed: false);
        Assert.NotNull(rule.MetBy(review.Steering));
        Assert.Null(rule.MetBy(review.Steering, review.Seen));
    }
}
