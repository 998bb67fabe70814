using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Tests.Bakes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using Xunit;

namespace AmberSpoon.Core.Tests.Estimating;

public sealed class BakeEstimateTests
{
    private static readonly TrayPlan Two = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165, targetC: 80)] };

    private static readonly TrayForecast Planned = TrayForecaster.Forecast(Two);

    private static BakeEstimate At(double minute, params (double Minute, Happening What)[] told)
    {
        BakeState state = BakeState.Fold(Two, [Log.First, .. told.Select((one, i) => Log.At(i + 2, one.Minute, one.What))]);
        return new(TrayCourses.Of(state, Planned, 60 * minute, KitchenPrior.Usual), 60 * minute);
    }

    /// <summary>For a cook without a thermometer: later than nine kitchens of ten need for the rule, and no reading is asked for less.</summary>
    [Fact]
    public void The_cautious_time_is_that_of_the_slowest_kitchen_in_a_hundred()
    {
        BakeEstimate unmeasured = At(5);
        TrayPlan ruled = Two with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165, targetC: 74)] };
        BakeState state = BakeState.Fold(ruled, [Log.First]);
        TimeBand rule = new BakeEstimate(TrayCourses.Of(state, TrayForecaster.Forecast(ruled), 300, KitchenPrior.Usual), 300).GoalBand(new(1))!;
        double cautious = unmeasured.CautiousMinutes()!.Value;
        Assert.InRange(cautious, rule.HighMinutes + 2, rule.MedianMinutes + (3 * (rule.HighMinutes - rule.MedianMinutes)));
        Assert.NotEqual(VerdictKind.Serve, At(Math.Ceiling(cautious)).Verdict!.Kind);

        // What was read narrows it; what is off the tray is not waited for.
        Assert.InRange(At(26, (25, Log.Reading(1, 1, 62)), (25, Log.Reading(1, 2, 62))).CautiousMinutes()!.Value, 26, cautious - 3);
        Assert.Null(At(26, (25, new LotOut(new(1)))).CautiousMinutes());

        // What is still to go in is waited for.
        TrayPlan late = Two with { Chicken = [Two.Chicken[0], Plans.Chicken(2, Cut.BoneInThigh, 1, 165) with { AddAtMinutes = 30 }] };
        var soon = new BakeEstimate(TrayCourses.Of(BakeState.Fold(late, [Log.First]), TrayForecaster.Forecast(late), 300, KitchenPrior.Usual), 300);
        Assert.InRange(soon.CautiousMinutes()!.Value, cautious + 20, cautious + 40);
    }

    private static ReviewedReading Last(BakeEstimate estimate) => estimate.Review.Readings[^1];

    /// <summary>Practice: 25 °C where 36 to 52 was to be expected, 40 after 71, 71 and 95 in one piece are asked about.</summary>
    [Fact]
    public void A_tip_that_is_far_off_either_way_is_asked_about()
    {
        BakeEstimate cold = At(20, (20, Log.Reading(1, 1, 25)));
        Assert.Equal((false, DoubtKind.TooCold), (Last(cold).IsBelieved, Last(cold).Doubt!.Kind));
        Assert.True(Last(At(20, (20, Log.Reading(1, 1, 36)))).IsBelieved);
        Assert.Equal(DoubtKind.TooCold, Last(At(30, (28, Log.Reading(1, 1, 71)), (30, Log.Reading(1, 1, 40)))).Doubt!.Kind);
        Assert.Equal(DoubtKind.TooHot, Last(At(28, (28, Log.Reading(1, 1, 71)), (28, Log.Reading(1, 1, 95)))).Doubt!.Kind);
        Assert.Equal(DoubtKind.TooHot, Last(At(40, (40, Log.Reading(1, 1, 103.1)))).Doubt!.Kind);
    }

    [Fact]
    public void An_unanswered_question_neither_steers_nor_counts_and_an_answer_lets_the_cold_one_steer()
    {
        PieceRef piece = new(new(1), 1);
        double expectedC = At(20).Now(piece).LikeliestC;
        Assert.Equal(expectedC, At(20, (20, Log.Reading(1, 1, 25))).Now(piece).LikeliestC, 1e-9);
        Assert.Equal(expectedC, At(20, (20, Log.Reading(1, 1, 25)), (20, new Answered(2, ReadingAnswer.NotInTheMiddle))).Now(piece).LikeliestC, 1e-9);
        BakeEstimate sure = At(20, (20, Log.Reading(1, 1, 25)), (20, new Answered(2, ReadingAnswer.InTheMiddle)));
        Assert.Equal(25, sure.Now(piece).LikeliestC, 3.0);
        BakeEstimate hot = At(14, (14, Log.Reading(1, 1, 85)), (14, new Answered(2, ReadingAnswer.InTheMiddle)));
        Assert.False(Last(hot).IsBelieved);
        Assert.Equal(VerdictKind.CannotTell, hot.Verdict!.Kind);
    }

    /// <summary>A cold number that was meant as typed steers.</summary>
    [Fact]
    public void As_typed_lets_a_cold_reading_steer()
    {
        BakeEstimate asTyped = At(20, (20, Log.Reading(1, 1, 25)), (20, new Answered(2, ReadingAnswer.AsTyped)));
        Assert.True(Last(asTyped).IsBelieved);
        Assert.Equal(25, asTyped.Now(new(new(1), 1)).LikeliestC, 3.0);
    }

    /// <summary>A tip that is off stays off for ten minutes: until then it tells little that is new.</summary>
    [Fact]
    public void A_tip_that_stays_tells_little_more()
    {
        double Width(double second)
        {
            TimeBand band = At(31, (20, Log.Reading(1, 1, 45)), (second, Log.Reading(1, 1, 66))).GoalBand(new(1))!;
            return band.HighMinutes - band.LowMinutes;
        }

        Assert.True(Width(29.8) > 1.05 * Width(30.2), $"{Width(29.8)} and {Width(30.2)} min");
    }

    [Fact]
    public void A_number_that_fits_the_other_unit_is_asked_about_and_meant_so_when_answered()
    {
        BakeEstimate asked = At(14, (14, Log.Reading(1, 1, 82.2)));
        Assert.Equal(DoubtKind.Unit, Last(asked).Doubt!.Kind);
        Assert.True(Last(asked).IsOpenQuestion);
        BakeEstimate meant = At(14, (14, Log.Reading(1, 1, 82.2)), (14, new Answered(2, ReadingAnswer.OtherUnit)));
        Assert.Equal(27.9, Last(meant).Meant.CoreC, 0.1);
        Assert.True(Last(meant).IsBelieved);
        Assert.Equal(DoubtKind.TooHot, Last(At(14, (14, Log.Reading(1, 1, 82.2)), (14, new Answered(2, ReadingAnswer.AsTyped)))).Doubt!.Kind);
    }

    /// <summary>As the rows were seen: none of these is two readings that bear each other out.</summary>
    [Theory]
    [InlineData(34, 67, 34.2, 74, 34.4, 74)]
    [InlineData(36, 84, 36.3, 55, 36.6, 84)]
    public void The_hotter_of_two_tips_never_serves(double first, double firstC, double second, double secondC, double third, double thirdC)
    {
        TrayPlan one = Two with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 1, 165)] };
        TrayForecast planned = TrayForecaster.Forecast(one);
        BakeState state = BakeState.Fold(one, [Log.First, Log.At(2, first, Log.Reading(1, 1, firstC)), Log.At(3, second, Log.Reading(1, 1, secondC)), Log.At(4, third, Log.Reading(1, 1, thirdC))]);
        Assert.NotEqual(VerdictKind.Serve, new BakeEstimate(TrayCourses.Of(state, planned, 60 * third, KitchenPrior.Usual), 60 * third).Verdict!.Kind);
    }

    /// <summary>A wire that is eight degrees over the middle does not confirm itself, however often it is heard.</summary>
    [Fact]
    public void A_wire_does_not_bear_itself_out()
    {
        TrayPlan one = Two with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 1, 165)] };
        TrayForecast planned = TrayForecaster.Forecast(one);
        var piece = new PieceRef(new(1), 1);
        var plain = new BakeEstimate(TrayCourses.Of(BakeState.Fold(one, [Log.First]), planned, 40 * 60, KitchenPrior.Usual), 40 * 60);
        var told = new List<BakeEvent> { Log.First, Log.At(2, 20, new ProbePlaced("a", piece)) };
        for (double minute = 21; minute < 33; minute++)
        {
            double shownC = Math.Round(plain.Curve(new(1)).First(point => point.Minutes == (int)minute).ColdestC + 8, 1);
            told.Add(Log.At(told.Count + 1, minute, new Measured(piece, new(shownC, Core.Units.TemperatureUnit.Celsius), null, "a")));
            BakeEstimate estimate = new(TrayCourses.Of(BakeState.Fold(one, told), planned, 60 * minute, KitchenPrior.Usual), 60 * minute);
            Assert.True(estimate.Verdict!.Kind != VerdictKind.Serve || shownC >= 84, $"{minute} min: {shownC}");
        }
    }

    [Fact]
    public void Resting_meat_is_expected_to_fall_and_what_goes_back_to_rise()
    {
        PieceRef piece = new(new(1), 1);
        Assert.True(At(60, (30, new Resting())).Now(piece).LikeliestC < At(40, (30, new Resting())).Now(piece).LikeliestC - 5);
        Assert.Null(At(25, (20, new Resting())).GoalBand(new(1)));
        TimeBand straight = At(20).GoalBand(new(1))!;
        TimeBand paused = At(26, (20, new Resting()), (25, new Moved(BakePlace.Oven))).GoalBand(new(1))!;
        Assert.InRange(paused.MedianMinutes - straight.MedianMinutes, 1, 8);
        Assert.True(straight.LowMinutes < straight.MedianMinutes && straight.MedianMinutes < straight.HighMinutes);
    }

    [Fact]
    public void Verdicts_do_not_change_with_the_hour_one_looks_at_them()
    {
        BakeEstimate then = At(28, (28, Log.Reading(1, 1, 66)), (28, Log.Reading(1, 2, 67)));
        BakeEstimate later = At(36, (28, Log.Reading(1, 1, 66)), (28, Log.Reading(1, 2, 67)));
        Assert.Equal(then.Verdict!.Reason, later.Verdict!.Reason);
        Assert.Equal(28 * 60, later.JudgedS);
    }

    /// <summary>A piece on a plate cools while the others bake on; they are slow or quick by themselves, and it is asked for by itself.</summary>
    [Fact]
    public void A_piece_that_came_off_goes_its_own_way()
    {
        PieceRef first = new(new(1), 1);
        PieceRef second = new(new(1), 2);
        BakeEstimate together = At(40);
        int slowest = together.SlowestOf(new(1));
        BakeEstimate apart = At(40, (30, new PiecesOut(new(1), [slowest])));
        PieceRef off = new(new(1), slowest);
        PieceRef other = slowest == 1 ? second : first;
        Assert.InRange(apart.Now(off).LikeliestC, 40, together.Now(off).LikeliestC - 8);
        Assert.Equal(together.Now(other).LikeliestC, apart.Now(other).LikeliestC, 1e-9);
        Assert.Equal(other.Piece, apart.SlowestOf(new(1)));
        Assert.Contains(apart.Verdict!.MeasureNext, piece => piece.Piece == slowest);
        Assert.Null(apart.Expected(off, 2400)!.OvenC);
        Assert.NotNull(apart.Expected(other, 2400)!.OvenC);

        // Back with the others it warms again.
        BakeEstimate back = At(48, (30, new PiecesOut(new(1), [slowest])), (36, new PiecesIn(new(1), [slowest])));
        Assert.InRange(back.Now(off).LikeliestC, At(36, (30, new PiecesOut(new(1), [slowest]))).Now(off).LikeliestC + 2, At(48).Now(off).LikeliestC - 2);
        Assert.Equal(slowest, back.SlowestOf(new(1)));

        // Taken out by mistake and taken back, nothing has changed.
        Assert.Equal(together.Now(off).LikeliestC, At(40, (30, new PiecesOut(new(1), [slowest])), (31, new Corrected(2))).Now(off).LikeliestC, 1e-9);
    }

    [Fact]
    public void A_short_piece_on_a_plate_is_said_to_need_the_oven_again()
    {
        LotVerdict verdict = At(31, (30, new PiecesOut(new(1), [1])), (31, Log.Reading(1, 1, 66)), (31, Log.Reading(1, 2, 72))).Verdicts.Single();
        Assert.True(verdict.Kind is VerdictKind.BackIn or VerdictKind.RestThenCheck, verdict.Reason);
        Assert.Equal(1, verdict.MeasureNext[0].Piece);
    }

    /// <summary>A tray nearer the grill's element and the hot air, or low over the floor: small things, but in the right order on top.</summary>
    [Fact]
    public void A_tray_moved_to_another_shelf_is_followed_there()
    {
        double ColourAt(OvenShelf shelf) => At(45, (5, new DoneBesides(StepKind.Shelf, null, shelf, 0))).Curve(new(1)).First(point => point.Minutes == 40).Browning;
        double stays = At(45).Curve(new(1)).First(point => point.Minutes == 40).Browning;
        Assert.True(ColourAt(OvenShelf.TopThird) > stays);
        Assert.True(stays > ColourAt(OvenShelf.Low));
        Assert.InRange(ColourAt(OvenShelf.Middle), 0.8 * stays, stays);
    }

    [Fact]
    public void Chances_are_those_of_the_band_and_come_in_order()
    {
        BakeEstimate estimate = At(20);
        TimeBand band = estimate.GoalBand(new(1))!;
        IReadOnlyList<(double Chance, double Minutes)> chances = estimate.ChancesDone(new(1));
        Assert.Equal([0.1, 0.25, 0.5, 0.75, 0.9], chances.Select(chance => chance.Chance));
        Assert.Equal((band.LowMinutes, band.MedianMinutes, band.HighMinutes), (chances[0].Minutes, chances[2].Minutes, chances[4].Minutes));
        Assert.Equal(chances.Select(chance => chance.Minutes), chances.Select(chance => chance.Minutes).Order());
        Assert.True(chances.DistinctBy(chance => chance.Minutes).Count() == 5);
        Assert.Empty(At(25, (20, new Resting())).ChancesDone(new(1)));
    }

    [Fact]
    public void The_rise_is_that_of_the_middle()
    {
        PieceRef slowest = new(new(1), At(20).SlowestOf(new(1)));
        Assert.Equal((At(20).Now(slowest).LikeliestC - At(18).Now(slowest).LikeliestC) / 2, At(20).RisePerMinuteC(new(1)), 1e-6);
        Assert.InRange(At(20).RisePerMinuteC(new(1)), 1, 4);
        Assert.Equal(0, At(0).RisePerMinuteC(new(1)));
        Assert.True(At(50, (35, new Resting())).RisePerMinuteC(new(1)) < 0);
    }

    /// <summary>What the eye says moves the forecast a little and the judge not at all.</summary>
    [Fact]
    public void A_look_steers_the_forecast_and_never_the_verdict()
    {
        PieceRef piece = new(new(1), 1);
        double usual = At(20).GoalBand(new(1))!.MedianMinutes;
        BakeEstimate dark = At(20, (20, new Looked(new(1), Look.Dark)));
        BakeEstimate pale = At(26, (26, new Looked(new(1), Look.Pale)));
        Assert.InRange(dark.GoalBand(new(1))!.MedianMinutes, usual - 8, usual - 0.5);
        Assert.True(pale.GoalBand(new(1))!.MedianMinutes > At(26).GoalBand(new(1))!.MedianMinutes);
        Assert.True(dark.Now(piece).LikeliestC > At(20).Now(piece).LikeliestC);
        Assert.Equal(At(20).CautiousMinutes(), dark.CautiousMinutes());
        Assert.Equal(At(20).Expected(piece, 1200), dark.Expected(piece, 1200));

        // As many dark looks as one likes: the same measurements are asked for, in the same words.
        (double, Happening)[] told = [(40, Log.Reading(1, 1, 75)), (40, Log.Reading(1, 2, 76)), (40, Log.Reading(1, 1, 75.5))];
        BakeEstimate seen = At(41, [.. told, .. Enumerable.Repeat<(double, Happening)>((40, new Looked(new(1), Look.Dark)), 20)]);
        Assert.Equal(At(41, told).Verdict!.Reason, seen.Verdict!.Reason);
        Assert.Equal(At(41, told).Verdicts.Single().MeasureNext, seen.Verdicts.Single().MeasureNext);
    }

    /// <summary>The oven's own air moves the forecast the way it points, and no verdict.</summary>
    [Fact]
    public void The_air_of_the_oven_steers_the_forecast_and_never_the_verdict()
    {
        static AirRead Air(double celsius) => new(new(celsius, Core.Units.TemperatureUnit.Celsius));
        PieceRef piece = new(new(1), 1);
        double usual = At(20).GoalBand(new(1))!.MedianMinutes;
        TimeBand hot = At(20, (10, Air(224)), (12, Air(224))).GoalBand(new(1))!;
        TimeBand cold = At(20, (10, Air(184)), (12, Air(184))).GoalBand(new(1))!;
        TimeBand right = At(20, (10, Air(204)), (12, Air(204))).GoalBand(new(1))!;
        Assert.InRange(hot.MedianMinutes, usual - 5, usual - 1);
        Assert.InRange(cold.MedianMinutes, usual + 1, usual + 7);
        Assert.Equal(usual, right.MedianMinutes, 0.05);
        Assert.True(right.HighMinutes - right.LowMinutes < At(20).GoalBand(new(1))!.HighMinutes - At(20).GoalBand(new(1))!.LowMinutes);
        Assert.Equal(At(20).CautiousMinutes(), At(20, (10, Air(224))).CautiousMinutes());
        Assert.Equal(At(20).Expected(piece, 1200), At(20, (10, Air(224))).Expected(piece, 1200));

        (double, Happening)[] told = [(40, Log.Reading(1, 1, 75)), (40, Log.Reading(1, 2, 76)), (40, Log.Reading(1, 1, 75.5))];
        BakeEstimate aired = At(41, [(20, Air(250)), (22, Air(250)), .. told]);
        Assert.Equal(At(41, told).Verdict!.Reason, aired.Verdict!.Reason);
        Assert.Equal(At(41, told).Verdicts.Single().MeasureNext, aired.Verdicts.Single().MeasureNext);
    }

    /// <summary>Tapped again within ten minutes the last word counts alone; after that it is another look.</summary>
    [Fact]
    public void Of_looks_at_one_time_the_last_counts()
    {
        double Goal(double minute, params (double, Look)[] looks) =>
            At(minute, [.. looks.Select(look => (look.Item1, (Happening)new Looked(new(1), look.Item2)))]).GoalBand(new(1))!.MedianMinutes;
        Assert.Equal(Goal(26, (26, Look.Pale)), Goal(26, (16, Look.Dark), (20, Look.Dark), (26, Look.Pale)), 1e-9);
        Assert.Equal(Goal(26, (26, Look.Dark)), Goal(26, (26, Look.Dark), (26, Look.Dark)), 1e-9);
        Assert.NotEqual(Goal(26, (26, Look.Pale)), Goal(26, (15.9, Look.Dark), (26, Look.Pale)), 1e-3);
    }

    /// <summary>One reading half-way: the band of 60 hidden kitchens holds the truth about as often as it says, before and after.</summary>
    [Fact]
    public void Bands_hold_the_truth_about_as_often_as_they_say()
    {
        var settings = new LotSettings(Two, TrayArranger.Arrange(Two));
        (int before, int after, double errorBefore, double errorAfter) = (0, 0, 0, 0);
        const int kitchens = 60;
        TrayCourses courses = TrayCourses.Of(BakeState.Fold(Two, [Log.First]), Planned, 0, KitchenPrior.Usual);
        PieceRef piece = new(new(1), courses.Lots[new(1)].Curves.Slowest);
        for (int i = 0; i < kitchens; i++)
        {
            var random = new Random(77 + i);
            var hidden = new HiddenKitchen(Two, settings, random, KitchenPrior.Usual);
            double truth = hidden.ColdestC(piece, 1680);
            KitchenBelief belief = courses.Unmeasured();
            before += Holds(belief);
            errorBefore += Math.Abs(belief.MiddleC(piece, 1680, 0) - truth);
            belief = belief.Learning(piece, 960, hidden.ColdestC(piece, 960) + (KitchenPrior.Usual.ReadingC * HiddenKitchen.Normal(random)), 0);
            after += Holds(belief);
            errorAfter += Math.Abs(belief.MiddleC(piece, 1680, 0) - truth);

            int Holds(KitchenBelief by) => truth >= by.MiddleC(piece, 1680, -1.2816) && truth <= by.MiddleC(piece, 1680, 1.2816) ? 1 : 0;
        }

        // Four in five, within what sixty kitchens can show (binomial, two standard deviations either way).
        Assert.InRange(before, 0.68 * kitchens, 0.92 * kitchens);
        Assert.InRange(after, 0.68 * kitchens, 0.92 * kitchens);
        Assert.True(errorAfter < 0.6 * errorBefore, $"{errorAfter / kitchens:0.0} against {errorBefore / kitchens:0.0} °C");
    }

    /// <summary>
    /// Common practice: a middle that went from 4 to 25 °C in 20 min needs another 15 to 20 min to 52 °C. Asked of a breast in an
    /// oven that makes it so.
    /// </summary>
    [Fact]
    public void A_slow_climb_goes_on_as_cooks_expect_it()
    {
        TrayPlan breasts = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInBreast, 2, 400)] };
        BakeState state = BakeState.Fold(breasts, [Log.First, Log.At(2, 20, Log.Reading(1, 1, 25)), Log.At(3, 20, new Answered(2, ReadingAnswer.InTheMiddle))]);
        var estimate = new BakeEstimate(TrayCourses.Of(state, TrayForecaster.Forecast(breasts), 1200, KitchenPrior.Usual), 1200);
        double at52 = estimate.Curve(new(1)).First(point => point.ColdestC >= 52).Minutes;
        Assert.InRange(at52 - 20, 13, 21);
    }

    [Fact]
    public void The_horizon_may_grow_and_readings_alone_change_no_course()
    {
        BakeState state = BakeState.Fold(Two, [Log.First]);
        string key = TrayCourses.KeyOf(state, Planned, 600);
        Assert.Equal(key, TrayCourses.KeyOf(BakeState.Fold(Two, [Log.First, Log.At(2, 9, Log.Reading(1, 1, 20)), Log.At(3, 9, new Noted("x"))]), Planned, 600));
        Assert.NotEqual(key, TrayCourses.KeyOf(BakeState.Fold(Two, [Log.First, Log.At(2, 9, new Resting())]), Planned, 600));
        Assert.NotEqual(key, TrayCourses.KeyOf(state, Planned, 2 * 3600));
    }
}
