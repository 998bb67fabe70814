using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Tests.Bakes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using Xunit;

namespace AmberSpoon.Core.Tests.Estimating;

/// <summary>A stream is reviewed as it comes; what is believed must be what a review of all of it at once believes.</summary>
public sealed class StreamTests
{
    private static readonly TrayPlan Mixed = Plans.Thighs with
    {
        Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165, targetC: 80), Plans.Chicken(2, Cut.Drumstick, 2, 115, targetC: 80)],
    };

    private static readonly TrayForecast Planned = TrayForecaster.Forecast(Mixed);

    /// <summary>Honest ones, one that is far too hot, one that slipped, one in the other unit, and the same piece again.</summary>
    private static readonly (double Minute, Happening What)[] Told =
    [
        (12, Log.Reading(1, 1, 24)), (12, Log.Reading(2, 1, 31)), (14, Log.Reading(1, 2, 98)), (15, Log.Reading(1, 1, 33)), (16, Log.Reading(2, 2, 12)),
        (18, Log.Reading(1, 2, 42)), (18, Log.Reading(2, 1, 52)), (19, Log.Reading(2, 2, 135)), (20, Log.Reading(1, 1, 50)),
    ];

    private static BakeState After(int count, params (double Minute, Happening What)[] more) => BakeState.Fold(
        Mixed, [Log.First, .. Told.Take(count).Concat(more).Select((one, i) => Log.At(i + 2, one.Minute, one.What))]);

    private static readonly TrayCourses Courses = TrayCourses.Of(After(0), Planned, 1200, KitchenPrior.Usual);

    private static void Same(ReadingReview whole, ReadingReview stepwise)
    {
        Assert.Equal(whole.Readings.Select(reading => (reading.Taken.Seq, reading.IsBelieved, reading.Doubt?.Kind)), stepwise.Readings.Select(reading => (reading.Taken.Seq, reading.IsBelieved, reading.Doubt?.Kind)));
        foreach (PieceRef piece in (PieceRef[])[new(new(1), 1), new(new(1), 2), new(new(2), 1), new(new(2), 2)])
        {
            foreach (double z in (double[])[-2, 0, 2])
            {
                Assert.Equal(whole.Belief.MiddleC(piece, 1500, z), stepwise.Belief.MiddleC(piece, 1500, z), 1e-9);
                Assert.Equal(whole.Without(piece).MiddleC(piece, 1500, z), stepwise.Without(piece).MiddleC(piece, 1500, z), 1e-9);
            }
        }
    }

    [Fact]
    public void A_stream_reviewed_as_it_comes_believes_what_a_review_of_all_of_it_does()
    {
        ReadingReview? stepwise = null;
        for (int count = 1; count <= Told.Length; count++)
        {
            TrayCourses now = Courses.With(After(count), 1200);
            stepwise = ReadingReview.Of(now, stepwise);
            Same(ReadingReview.Of(now), stepwise);
        }

        Assert.Contains(stepwise!.Readings, reading => !reading.IsBelieved);
        Assert.Contains(stepwise.Readings, reading => reading.IsBelieved);
    }

    [Fact]
    public void An_answer_to_an_earlier_question_changes_what_was_reviewed_before()
    {
        ReadingReview before = ReadingReview.Of(Courses.With(After(Told.Length), 1200));
        TrayCourses answered = Courses.With(After(Told.Length, (20, new Answered(6, ReadingAnswer.InTheMiddle))), 1200);
        Same(ReadingReview.Of(answered), ReadingReview.Of(answered, before));
    }

    /// <summary>By the others alone: its own readings do not speak for a piece.</summary>
    [Fact]
    public void What_is_believed_without_a_piece_does_not_hear_it()
    {
        PieceRef thigh = new(new(1), 1);
        ReadingReview only = ReadingReview.Of(Courses.With(BakeState.Fold(Mixed, [Log.First, Log.At(2, 12, Log.Reading(1, 1, 24)), Log.At(3, 18, Log.Reading(1, 1, 46))]), 1200));
        Assert.Equal(Courses.Unmeasured().MiddleC(thigh, 1500, 0), only.Without(thigh).MiddleC(thigh, 1500, 0), 1e-9);
        Assert.NotEqual(only.Belief.MiddleC(thigh, 1500, 0), only.Without(thigh).MiddleC(thigh, 1500, 0), 1e-3);
    }

    [Fact]
    public void What_the_judge_said_changes_nothing_of_the_estimate_but_what_was_said()
    {
        BakeState state = After(4);
        var estimate = new BakeEstimate(Courses.With(state, 1200), 1200);
        BakeState after = state.After(Log.At(99, 20, new Said(estimate.Verdict!.Kind, "as said", null)));
        BakeEstimate told = estimate.After(after);
        Assert.Equal((99, "as said", estimate.Verdict), (told.State.Seq, told.State.LastSaid!.Reason, told.Verdict));
        Assert.Null(estimate.State.LastSaid);
        Assert.Equal(estimate.Now(new(new(1), 1)), told.Now(new(new(1), 1)));
    }
}
