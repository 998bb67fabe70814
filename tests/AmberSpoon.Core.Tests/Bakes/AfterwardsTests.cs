using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Bakes;

/// <summary>What is said at table changes nothing that happened at the oven.</summary>
public sealed class AfterwardsTests
{
    [Fact]
    public void The_last_word_on_each_subject_counts_and_can_be_taken_back()
    {
        Afterwards table = Told(
            new Rated(RatingOf.Meat, Rating.Right),
            new Rated(RatingOf.Vegetable, Rating.Below, new LotId(2)),
            new Rated(RatingOf.Vegetable, Rating.Beyond, new LotId(3)),
            new Rated(RatingOf.Meat, Rating.Beyond)).Table;
        Assert.Equal([Rating.Beyond, Rating.Below, Rating.Beyond], table.Ratings.Select(rated => rated.Value));

        // The second word on the meat is the sixth event: without it the first stands again.
        Assert.Equal(Rating.Right, Told(
            new Rated(RatingOf.Meat, Rating.Right),
            new Rated(RatingOf.Meat, Rating.Beyond),
            new Corrected(4)).Table.Ratings.Single().Value);
    }

    [Fact]
    public void Notes_photos_and_weights_are_kept_in_order()
    {
        Guid photo = Guid.NewGuid();
        BakeState state = Told(
            new Tasted("good"), new ForNextTime("less salt"), new Tasted("better cold"), new Pictured(photo), new StockKept(250),
            new Weighed(new LotId(1), new(700, MassUnit.Gram)), new Weighed(new LotId(1), new(1.5, MassUnit.Pound)), new Noted("late"), new Eaten());
        Assert.Equal(["good", "better cold"], state.Table.Tasting.Select(said => said.Text));
        Assert.Equal([3, 5], state.Table.Tasting.Select(said => said.Seq));
        Assert.Equal("less salt", Assert.Single(state.Table.NextTime).Text);
        Assert.Equal((photo, 6), Assert.Single(state.Table.Photos));
        Assert.Equal(250, state.Table.StockMl);
        Assert.Equal(["late"], state.Notes);
        Assert.Equal(680.4 / 990, state.Table.LeftShare(new LotId(1), 990)!.Value, 3);
        Assert.Null(state.Table.LeftShare(new LotId(2), 990));
        Assert.Equal(state.Clock.StartedAt.AddMinutes(60), state.Table.EatenAt);
    }

    [Fact]
    public void It_moves_no_food_ends_no_bake_and_is_no_last_thing_to_take_back_at_the_oven()
    {
        BakeState before = Told();
        BakeState after = Told(new Eaten(), new Rated(RatingOf.Timing, Rating.Beyond), new Counted(false));
        Assert.Equal(before.LatestS, after.LatestS);
        Assert.Equal(before.JudgedS, after.JudgedS);
        Assert.Equal(before.FinishedS, after.FinishedS);
        Assert.Equal(before.LastDone, after.LastDone);
        Assert.True(before.Table.Counts);
        Assert.False(after.Table.Counts);
        Assert.Equal(after.Seq, before.Seq + 3);
    }

    /// <summary>Finished after 50 min, then said, an hour after the start.</summary>
    private static BakeState Told(params Happening[] said) => BakeState.Fold(
        Plans.Supper, [Log.First, Log.At(2, 50, new Finished()), .. said.Select((what, i) => Log.At(3 + i, 60, what))]);
}
