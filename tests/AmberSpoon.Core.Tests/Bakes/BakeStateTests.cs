using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Bakes;

public sealed class BakeStateTests
{
    private static readonly TrayPlan Plan = Plans.Supper with
    {
        Chicken = [Plans.Supper.Chicken[0], Plans.Chicken(9, Cut.Tender, 4, 50) with { AddAtMinutes = 21 }],
        Steps = [new(StepKind.Turn, 15), new(StepKind.Lower, 20, new(175, TemperatureUnit.Celsius)), new(StepKind.Baste, 25)],
    };

    private static LotId Thighs => new(1);

    private static LotId Tenders => new(9);

    private static BakeState After(params (double Minute, Happening What)[] told) =>
        BakeState.Fold(Plan, [Log.First, .. told.Select((one, i) => Log.At(i + 2, one.Minute, one.What))]);

    [Fact]
    public void The_tray_carries_what_lies_on_it_and_leaves_the_rest()
    {
        BakeState state = After((10, new LotOut(Thighs)), (12, new Resting()), (15, new Moved(BakePlace.Oven)));
        Assert.Equal([(0, BakePlace.Oven), (600, BakePlace.Worktop)], state.Find(Thighs)!.Places.Select(place => (place.AtS, place.Place)));
        Assert.Equal([(0.0, BakePlace.Oven), (720.0, BakePlace.Worktop), (900.0, BakePlace.Oven)], state.Find(new(2))!.Places.Select(place => (place.AtS, place.Place)));
        Assert.Null(state.Find(Tenders)!.Place);
        Assert.Equal(BakePlace.Oven, state.Place);
        Assert.Equal([new(BakePlace.Oven, 720), new(BakePlace.Worktop, 180), new(BakePlace.Oven, 300)], state.Find(new(2))!.StagesUntil(1200));
    }

    [Fact]
    public void A_late_lot_goes_in_when_it_is_told_and_else_when_it_was_planned()
    {
        Assert.Equal(24 * 60, After((24, new LotIn(Tenders))).Find(Tenders)!.InS);
        BakeState silent = After((22, new Noted("hm")));
        Assert.Null(silent.Find(Tenders)!.Place);
        Assert.Null(AsBaked.WithWhatWasDue(silent, (21 * 60) - 1).Find(Tenders)!.Place);
        Assert.Equal((21 * 60, BakePlace.Oven), (AsBaked.WithWhatWasDue(silent, 21 * 60).Find(Tenders)!.InS, AsBaked.WithWhatWasDue(silent, 21 * 60).Find(Tenders)!.Place));
        Assert.True(After((5, new LotOut(Tenders))).Find(Tenders)!.IsLeftOut);
        Assert.False(AsBaked.WithWhatWasDue(After((5, new LotOut(Tenders))), 9999).Find(Tenders)!.HasGoneIn);
        Assert.False(After((5, new LotOut(Tenders)), (24, new LotIn(Tenders))).Find(Tenders)!.IsOff);
    }

    /// <summary>Put off before its time it moves from there, after its time from now; a lot that waits no longer counts as in.</summary>
    [Fact]
    public void What_is_put_off_comes_later()
    {
        BakeState early = After((10, new Postponed(0, null, 3)));
        Assert.Equal(18 * 60, early.Acts[0].DueS);
        Assert.Equal(18, AsBaked.PlanOf(early).Steps[0].AtMinutes);
        Assert.Equal(21 * 60, After((16, new Postponed(0, null, 5))).Acts[0].DueS);
        Assert.Equal(22 * 60, After((10, new Postponed(0, null, 2)), (11, new Postponed(0, null, 5))).Acts[0].DueS);
        Assert.Equal(20 * 60, early.Acts[1].DueS);
        BakeState late = After((23, new Postponed(null, Tenders, 4)));
        Assert.Equal(27 * 60, late.Find(Tenders)!.PlannedInS);
        Assert.False(AsBaked.WithWhatWasDue(late, (27 * 60) - 1).Find(Tenders)!.HasGoneIn);
        Assert.True(AsBaked.WithWhatWasDue(late, 27 * 60).Find(Tenders)!.HasGoneIn);

        // It moves no food: what is told after it may be from before it.
        Assert.Equal(0, late.LatestS);
    }

    [Fact]
    public void What_nobody_had_planned_is_followed_from_when_it_was_done()
    {
        BakeState state = After((7.4, new DoneBesides(StepKind.Cover)), (18, new DoneBesides(StepKind.Grill, 4)));
        Assert.Equal([new(StepKind.Cover, 7), new PlannedStep(StepKind.Grill, 18, null, 4)], state.Besides);
        Assert.Equal(
            [StepKind.Cover, StepKind.Turn, StepKind.Grill, StepKind.Lower, StepKind.Baste],
            AsBaked.PlanOf(state).Steps.Select(step => step.Kind));
        Assert.Empty(After((7, new DoneBesides(StepKind.Cover)), (8, new Corrected(2))).Besides);
    }

    /// <summary>It was on until the dial was turned, up to ten minutes late; by a planned step, too, and never past the next grill.</summary>
    [Fact]
    public void A_grill_is_on_until_the_dial_is_turned()
    {
        static int[] MinutesOf(params (double, Happening)[] told) => [.. AsBaked.PlanOf(After(told)).Steps.Where(step => step.Kind == StepKind.Grill).Select(step => step.ForMinutes!.Value)];
        (double, Happening) on = (18, new DoneBesides(StepKind.Grill, 4));
        OvenSet back = new(new(200, TemperatureUnit.Celsius));
        Assert.Equal([4], MinutesOf(on));
        Assert.Equal([2], MinutesOf(on, (20, back)));
        Assert.Equal([13], MinutesOf(on, (31, back)));
        Assert.Equal([4], MinutesOf(on, (26, new LotIn(Tenders)), (22, back)));
        Assert.Equal([4], MinutesOf(on, (33, back)));
        Assert.Equal([8], MinutesOf(on, (26, new ActDone(1))));
        Assert.Equal([4, 6], MinutesOf(on, (24, new DoneBesides(StepKind.Grill, 3)), (30, back)));
        Assert.Equal(new(175, TemperatureUnit.Celsius), After((16, new ActDone(1)), on).Grills[0].Dial);
    }

    [Fact]
    public void A_piece_that_came_off_stays_where_it_is_until_it_goes_back()
    {
        LotState lot = After((10, new PiecesOut(Thighs, [2])), (12, new Resting()), (15, new Moved(BakePlace.Oven))).Find(Thighs)!;
        Assert.Equal((true, false, false), (lot.IsOffAlone(2), lot.IsOffAlone(1), lot.IsOff));
        Assert.Equal((BakePlace.Worktop, BakePlace.Oven), (lot.PlaceOf(2), lot.PlaceOf(1)));
        Assert.Equal([new(BakePlace.Oven, 600), new(BakePlace.Worktop, 600)], lot.StagesUntil(2, 1200));
        Assert.Equal([new(BakePlace.Oven, 720), new(BakePlace.Worktop, 180), new(BakePlace.Oven, 300)], lot.StagesUntil(1, 1200));

        LotState back = After((10, new PiecesOut(Thighs, [1, 2])), (14, new PiecesIn(Thighs, [2])), (20, new Resting())).Find(Thighs)!;
        Assert.Equal((true, false), (back.IsOffAlone(1), back.IsOffAlone(2)));
        Assert.Equal([new(BakePlace.Oven, 600), new(BakePlace.Worktop, 240), new(BakePlace.Oven, 360), new(BakePlace.Worktop, 60)], back.StagesUntil(2, 1260));
        Assert.Equal(BakePlace.Worktop, back.PlaceOf(2));

        // Back onto a tray that stands outside, it goes in with it.
        LotState outside = After((10, new PiecesOut(Thighs, [1])), (12, new Resting()), (13, new PiecesIn(Thighs, [1])), (15, new Moved(BakePlace.Oven))).Find(Thighs)!;
        Assert.Equal([(0.0, BakePlace.Oven), (600.0, BakePlace.Worktop), (900.0, BakePlace.Oven)], outside.Apart[1].Places.Select(place => (place.AtS, place.Place)));
    }

    /// <summary>Whatever was told of its pieces before: it never went in.</summary>
    [Fact]
    public void Of_a_lot_that_never_went_in_no_piece_comes_off()
    {
        LotState lot = After((26, new PiecesOut(Tenders, [1])), (27, new PiecesIn(Tenders, [1])), (28, new LotNeverIn(Tenders))).Find(Tenders)!;
        Assert.Empty(lot.Apart);
        Assert.Null(lot.PlaceOf(1));
        Assert.Equal([new(BakePlace.Oven, 60)], lot.StagesUntil(1, 60));
        Assert.Empty(After((19, new PiecesOut(Tenders, [1]))).Find(Tenders)!.Apart);
    }

    /// <summary>Planned for minute 21 and never told in: taken off, in parts or whole, or measured, it was on the tray all the same.</summary>
    [Fact]
    public void What_nobody_told_in_is_not_forgotten_when_it_comes_off()
    {
        LotState off = After((35, new LotOut(Tenders))).Find(Tenders)!;
        Assert.Equal((false, true, 21.0 * 60), (off.IsLeftOut, off.IsOff, off.InS));
        Assert.Equal([(1260.0, BakePlace.Oven), (2100.0, BakePlace.Worktop)], off.Places.Select(place => (place.AtS, place.Place)));
        Assert.True(After((35, new PiecesOut(Tenders, [2]))).Find(Tenders)!.IsOffAlone(2));
        Assert.Equal(21 * 60, After((35, Log.Reading(9, 1, 60))).Find(Tenders)!.InS);

        // The tray has gone out with it.
        LotState rests = AsBaked.WithWhatWasDue(After((40, new Resting())), 45 * 60).Find(Tenders)!;
        Assert.Equal([(1260.0, BakePlace.Oven), (2400.0, BakePlace.Worktop)], rests.Places.Select(place => (place.AtS, place.Place)));

        // Told late that the tray had been out at its time, it was not in.
        Assert.False(AsBaked.WithWhatWasDue(After((30, new Noted("hm")), (20, new Resting())), 45 * 60).Find(Tenders)!.HasGoneIn);
    }

    /// <summary>A time told late is believed for when it says: it has gone where the tray has gone since.</summary>
    [Fact]
    public void A_lot_told_in_late_went_in_when_it_says()
    {
        LotState late = BakeState.Fold(Plan, [Log.First, Log.At(2, 40, new Resting()), Log.At(3, 15, new LotIn(Tenders))]).Find(Tenders)!;
        Assert.Equal([(900.0, BakePlace.Oven), (2400.0, BakePlace.Worktop)], late.Places.Select(place => (place.AtS, place.Place)));

        // After it was measured, too; and once told it stays told.
        LotState measured = After((30, Log.Reading(9, 1, 60)), (25, new LotIn(Tenders)), (33, new LotIn(Tenders))).Find(Tenders)!;
        Assert.Equal((25.0 * 60, true), (measured.InS, measured.IsTimeTold));
        Assert.Equal((21.0 * 60, false), (After((30, Log.Reading(9, 1, 60))).Find(Tenders)!.InS, After((30, Log.Reading(9, 1, 60))).Find(Tenders)!.IsTimeTold));
        Assert.True(After((1, new Noted("hm"))).Find(Thighs)!.IsTimeTold);
    }

    [Fact]
    public void A_lot_never_went_in_unless_it_was_measured()
    {
        LotState never = AsBaked.WithWhatWasDue(After((30, new LotNeverIn(Tenders))), 45 * 60).Find(Tenders)!;
        Assert.True(never.IsLeftOut);
        Assert.False(After((29, Log.Reading(9, 1, 60)), (30, new LotNeverIn(Tenders))).Find(Tenders)!.IsLeftOut);
        Assert.True(AsBaked.WithWhatWasDue(After((30, new LotNeverIn(Tenders)), (31, new Corrected(2))), 45 * 60).Find(Tenders)!.HasGoneIn);
        Assert.Equal(33 * 60, After((30, new LotNeverIn(Tenders)), (33, new LotIn(Tenders))).Find(Tenders)!.InS);
    }

    [Fact]
    public void A_tray_that_was_moved_and_a_sauce_with_its_minutes_are_steps_like_others()
    {
        BakeState state = After((7, new DoneBesides(StepKind.Shelf, null, OvenShelf.TopThird, 1)), (12, new DoneBesides(StepKind.Baste, 20)), (30, new DoneBesides(StepKind.Baste)));
        Assert.Equal(new PlannedStep(StepKind.Shelf, 7, Shelf: OvenShelf.TopThird) { Vessel = 1 }, state.Besides[0]);
        Assert.Equal(32 * 60, state.SaucedUntilS);
        Assert.Equal(35 * 60, After((12, new DoneBesides(StepKind.Baste, 20)), (15, new DoneBesides(StepKind.Baste, 20)), (16, new DoneBesides(StepKind.Grill, 40))).SaucedUntilS);
        Assert.Null(After((30, new DoneBesides(StepKind.Baste))).SaucedUntilS);
    }

    /// <summary>As planned, for what is still to be done, and for a sauce: the longest of them.</summary>
    [Fact]
    public void The_tray_is_kept_in_for_what_is_still_to_come()
    {
        Assert.Equal(25 * 60, After((5, new Noted("hm"))).KeptInUntilS);
        Assert.Equal(20 * 60, After((5, new ActSkipped(2))).KeptInUntilS);
        BakeState done = After((15, new ActDone(0)), (20, new ActDone(1)), (25, new ActDone(2)));
        Assert.Equal(0, done.KeptInUntilS);
        Assert.Equal(40 * 60, (done with { Plan = Plan with { StayUntilMinutes = 40 } }).KeptInUntilS);
        Assert.Equal(45 * 60, After((25, new DoneBesides(StepKind.Baste, 20))).KeptInUntilS);
        Assert.Equal(29 * 60, After((25, new DoneBesides(StepKind.Grill, 4))).KeptInUntilS);
    }

    /// <summary>What can be taken back with one tap: the last thing done, not a reading or a note, and the one before it once it is taken back.</summary>
    [Fact]
    public void What_was_done_last_is_known()
    {
        Assert.Null(After((7, new Noted("hm"))).LastDone);
        BakeState state = After((7, new ActDone(0)), (8, new PiecesOut(Thighs, [1])), (9, Log.Reading(1, 1, 60)), (9, new Noted("hm")));
        Assert.Equal(3, state.LastDone!.Seq);
        Assert.Equal(2, After((7, new ActDone(0)), (8, new Looked(Thighs, Look.Pale)), (9, new Corrected(3))).LastDone!.Seq);
        Assert.Equal(3, After((7, new ActDone(0)), (8, new Looked(Thighs, Look.Pale))).LastDone!.Seq);
    }

    /// <summary>A look moves no food: what is told after it may be from before it, and no verdict is made newer by it.</summary>
    [Fact]
    public void A_look_keeps_its_own_time()
    {
        BakeState state = After((30, new Looked(Thighs, Look.Dark)), (20, new Resting()));
        Assert.Equal(new LookTaken(Thighs, 1800, Look.Dark), Assert.Single(state.Looks));
        Assert.Equal((1200.0, 1200.0), (state.LatestS, state.JudgedS));
    }

    [Fact]
    public void An_act_knows_the_event_that_closed_it()
    {
        Assert.Equal((2, false), (After((15, new ActDone(0))).Acts[0].Seq!.Value, After((15, new ActDone(0))).Acts[0].IsOpen));
        Assert.Equal(3, After((14, new Noted("hm")), (15, new ActSkipped(0))).Acts[0].Seq);
        Assert.Null(After((15, new ActDone(0)), (16, new Corrected(2))).Acts[0].Seq);
    }

    /// <summary>Order is that of the numbers; a clock that went back moves nothing before what was told earlier.</summary>
    [Fact]
    public void Nothing_happens_before_what_was_told_earlier()
    {
        BakeState state = After((30, new Resting()), (-120, new Moved(BakePlace.Oven)), (-119, new Finished()));
        Assert.Equal([0, 1800, 1800], state.Moves.Select(move => move.AtS));
        Assert.Equal((BakePlace.Oven, 1800.0), (state.Place, state.FinishedS));
    }

    [Fact]
    public void A_reading_keeps_its_own_time_and_its_last_answer()
    {
        var measured = new Measured(new(Thighs, 2), new(60, TemperatureUnit.Celsius));
        BakeState state = After((30, new Resting()), (20, measured), (31, new Answered(3, ReadingAnswer.AsTyped)), (32, new Answered(3, ReadingAnswer.OtherUnit)));
        ReadingTaken reading = Assert.Single(state.Readings);
        Assert.Equal((3, 1200.0, ReadingAnswer.OtherUnit), (reading.Seq, reading.AtS, reading.Answer));
        Assert.Equal(1800, state.JudgedS);
        Assert.Equal(2400, After((30, new Resting()), (40, measured)).JudgedS);
    }

    [Fact]
    public void What_is_taken_back_never_happened()
    {
        BakeState state = After((10, new Resting()), (11, new Corrected(2)));
        Assert.Equal((BakePlace.Oven, 3, 1), (state.Place, state.Seq, state.Moves.Count));
        Assert.Empty(After((10, new Measured(new(Thighs, 1), new(60, TemperatureUnit.Celsius))), (11, new Corrected(2))).Readings);
    }

    [Fact]
    public void The_plan_is_baked_as_it_was_really_done()
    {
        TrayPlan baked = AsBaked.PlanOf(After(
            (17, new ActDone(0)), (18, new ActSkipped(1)), (22, new OvenSet(new(150, TemperatureUnit.Celsius))), (24, new LotIn(Tenders))));
        Assert.Equal([(StepKind.Turn, 17), (StepKind.Lower, 22), (StepKind.Baste, 25)], baked.Steps.Select(step => (step.Kind, step.AtMinutes)));
        Assert.Equal(150, baked.Steps[1].Setting!.Value);
        Assert.Equal(24, baked.Chicken[1].AddAtMinutes);
        Assert.Equal(0, baked.Vegetables[0].AddAtMinutes);
        Assert.Equal(BakePlace.Oven, After((30, new Said(Core.Doneness.VerdictKind.Serve, "x", null))).Place);
    }

    [Fact]
    public void A_step_is_open_until_it_is_done_or_skipped()
    {
        BakeState state = After((16, new ActDone(0)), (18, new ActSkipped(1)));
        Assert.Equal([false, false, true], state.Acts.Select(act => act.IsOpen));
        Assert.Equal([false, false, true], After((16, new ActSkipped(0)), (17, new ActDone(0)), (18, new ActSkipped(1))).Acts.Select(act => act.IsOpen));
        Assert.True(state.IsLive);
        Assert.False(After((40, new Finished())).IsLive);
        Assert.Null(state.Find(new(77)));
    }

    /// <summary>An answer is for its own reading, and a verdict is judged as of the latest that was told.</summary>
    [Fact]
    public void An_answer_leaves_the_other_readings_alone()
    {
        Measured At(int piece) => new(new(Thighs, piece), new(60, TemperatureUnit.Celsius));
        BakeState state = After((20, At(1)), (22, At(2)), (23, new Answered(3, ReadingAnswer.OtherUnit)));
        Assert.Equal([null, ReadingAnswer.OtherUnit], state.Readings.Select(reading => reading.Answer));
        Assert.Equal(22 * 60, state.JudgedS);
        Assert.Equal(25 * 60, After((20, At(1)), (25, new Resting())).JudgedS);
    }

    [Fact]
    public void Nothing_goes_in_by_itself_while_the_tray_is_out_nor_where_it_was_taken_off()
    {
        Assert.False(AsBaked.WithWhatWasDue(After((20, new Resting())), 30 * 60).Find(Tenders)!.HasGoneIn);
        Assert.True(AsBaked.WithWhatWasDue(After((20, new Resting()), (25, new Moved(BakePlace.Oven))), 30 * 60).Find(Tenders)!.HasGoneIn);
        LotState tookOff = After((24, new LotIn(Tenders)), (30, new LotOut(Tenders))).Find(Tenders)!;
        Assert.Equal((true, false, true), (tookOff.IsOff, tookOff.IsLeftOut, tookOff.HasGoneIn));
        Assert.False(After((1, new Noted("hm"))).Find(Tenders)!.IsLeftOut);
    }

    [Fact]
    public void The_tray_moves_only_where_it_is_not_already()
    {
        Assert.Single(After((5, new Moved(BakePlace.Oven))).Moves);
        Assert.Equal(2, After((5, new Resting()), (6, new Resting())).Moves.Count);
    }

    [Fact]
    public void A_lot_that_never_went_in_is_thought_of_in_the_oven_from_when_it_would_go_in()
    {
        LotState waiting = After((1, new Noted("hm"))).Find(Tenders)!;
        Assert.Equal(21 * 60, waiting.InS);
        Assert.Equal([new(BakePlace.Oven, 90)], waiting.StagesUntil(90));
        LotState late = After((24, new LotIn(Tenders)), (30, new Resting())).Find(Tenders)!;
        Assert.Equal([new(BakePlace.Oven, 360), new(BakePlace.Worktop, 40)], late.StagesUntil(400));
        Assert.Equal([new(BakePlace.Oven, 300), new(BakePlace.Worktop, 0)], late.StagesUntil(300));
    }

    /// <summary>One by one or all at once, the same events fold to the same state; nothing moves backwards.</summary>
    [Fact]
    public void Events_fold_alike_one_by_one_and_all_at_once()
    {
        Gen<Happening> any = Gen.OneOf(
            Gen.Const<Happening>(new Resting()),
            Gen.Const<Happening>(new Moved(BakePlace.Oven)),
            Gen.Int[1, 4].Select(lot => (Happening)new LotOut(new(lot))),
            Gen.Int[1, 9].Select(lot => (Happening)new LotIn(new(lot))),
            Gen.Int[1, 4].Select(piece => (Happening)new PiecesOut(new(1 + (piece / 2)), [piece])),
            Gen.Int[1, 4].Select(piece => (Happening)new PiecesIn(new(1 + (piece / 2)), [piece])),
            Gen.Int[0, 2].Select(act => (Happening)new ActDone(act)),
            Gen.Double[10, 90].Select(celsius => (Happening)new Measured(new(new(1), 1), new(celsius, TemperatureUnit.Celsius))));
        Gen.Select(any, Gen.Double[-60, 90]).Array[0, 12].Sample(told =>
        {
            BakeEvent[] events = [Log.First, .. told.Select((one, i) => Log.At(i + 2, one.Item2, one.Item1))];
            BakeState state = BakeState.Fold(Plan, [Log.First]);
            foreach (BakeEvent next in events.Skip(1))
            {
                BakeState after = state.After(next);
                if (after.LatestS < state.LatestS)
                {
                    return false;
                }

                state = after;
            }

            BakeState whole = BakeState.Fold(Plan, events);
            return whole.Seq == state.Seq && whole.LatestS == state.LatestS && whole.Moves.SequenceEqual(state.Moves)
                && whole.Lots.Zip(state.Lots).All(pair => pair.First.Places.SequenceEqual(pair.Second.Places) && pair.First.IsOff == pair.Second.IsOff)
                && whole.Readings.SequenceEqual(state.Readings)
                && whole.Lots.All(lot => lot.Places.Zip(lot.Places.Skip(1)).All(pair => pair.First.AtS <= pair.Second.AtS && pair.First.Place != pair.Second.Place));
        });
    }
}
