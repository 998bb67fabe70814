using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness.Judging;

public sealed class LotJudgeTests
{
    private const double NowS = 2000;
    private static readonly PieceOutlook NoHelp = new(OvenMinutesToAim: 6.2, RestPeakLowC: 60, RestPeakInMinutes: 3);

    private static TimedReading C(double celsius, double atS = NowS) => new(atS, new(celsius, TemperatureUnit.Celsius));

    /// <summary>A piece, the heaviest first planned coldest.</summary>
    private static PieceCase Piece(int number, double lowestC = 99, bool needsAnother = false, ReadingDoubt? doubt = null, double? expectedC = null, params TimedReading[] readings) =>
        new(number, $"thigh {number}", readings, doubt, needsAnother, expectedC ?? (60 + (3 * number)), _ => lowestC);

    private static LotCase Lot(ProfileId profile, double goalC, PieceOutlook outlook, params PieceCase[] pieces) => new(
        new(1), "thighs", new CoreGoal(new EnteredTemperature(goalC, TemperatureUnit.Celsius)), SafetyProfiles.For(profile).RuleFor(isStuffed: false), LotWhereabouts.Oven, pieces, NowS, FirstLookS: 1700, _ => outlook);

    private static LotVerdict Judged(params PieceCase[] pieces) => LotJudge.Judge(Lot(ProfileId.UnitedStates, 74, NoHelp, pieces));

    private static int[] Asked(LotVerdict verdict) => [.. verdict.MeasureNext.Select(piece => piece.Piece)];

    [Fact]
    public void Nothing_measured_asks_for_the_slowest_and_a_second()
    {
        LotVerdict verdict = Judged(Piece(1), Piece(2), Piece(3));
        Assert.Equal(VerdictKind.Measure, verdict.Kind);
        Assert.Equal([1, 2], Asked(verdict));
        Assert.Equal(0, verdict.NextCheckInMinutes);
        Assert.Equal(5, LotJudge.Judge(Lot(ProfileId.UnitedStates, 74, NoHelp, Piece(1)) with { NowS = 1430 }).NextCheckInMinutes);
    }

    [Fact]
    public void Serve_needs_the_slowest_and_a_second_piece()
    {
        Assert.Equal(VerdictKind.Measure, Judged(Piece(1), Piece(2, readings: C(80)), Piece(3, readings: C(82))).Kind);
        Assert.Equal([1], Asked(Judged(Piece(1), Piece(2, readings: C(80)), Piece(3, readings: C(82)))));
        Assert.Equal([2], Asked(Judged(Piece(1, readings: C(80)), Piece(2), Piece(3))));
        Assert.Equal(VerdictKind.Serve, Judged(Piece(1, readings: C(80)), Piece(2), Piece(3, readings: C(82))).Kind);
        Assert.Equal(VerdictKind.Serve, Judged(Piece(1, readings: C(80))).Kind);
    }

    /// <summary>Nothing that is measured on the others speaks for a piece that came off by itself, and it does not speak for them.</summary>
    [Fact]
    public void A_piece_that_came_off_by_itself_needs_a_reading_of_its_own()
    {
        PieceCase Off(params TimedReading[] readings) => Piece(1, readings: readings) with { IsOffAlone = true };
        LotVerdict verdict = Judged(Off(), Piece(2, readings: C(80)), Piece(3, readings: C(82)));
        Assert.Equal((VerdictKind.Measure, 1), (verdict.Kind, Assert.Single(Asked(verdict))));
        Assert.EndsWith("it came off by itself.", verdict.Reason, StringComparison.Ordinal);
        Assert.Equal(VerdictKind.Serve, Judged(Off(C(80)), Piece(2, readings: C(80)), Piece(3)).Kind);
        Assert.Equal([2], Asked(Judged(Off(C(80)), Piece(2), Piece(3, readings: C(82)))));
        LotVerdict cold = Judged(Off(C(60)), Piece(2, readings: C(80)), Piece(3, readings: C(82)));
        Assert.Equal(VerdictKind.BackIn, cold.Kind);
        Assert.Contains("put it back in: about 7 more min", cold.Reason, StringComparison.Ordinal);
        Assert.DoesNotContain("put it back", Judged(Piece(1, readings: C(60)), Piece(2, readings: C(80))).Reason, StringComparison.Ordinal);

        // Told by mistake, all of them may be off: each is asked for.
        Assert.Equal([1], Asked(Judged(Off(), Piece(2, readings: C(80)) with { IsOffAlone = true })));
    }

    [Theory]
    [InlineData(63, 64.5, VerdictKind.Serve)]
    [InlineData(63, 64.6, VerdictKind.Measure)]
    public void Pieces_that_were_planned_alike_are_as_slow_as_each_other(double slowestC, double measuredC, VerdictKind expected) => Assert.Equal(
        expected, Judged(Piece(1, expectedC: slowestC), Piece(2, expectedC: measuredC, readings: C(80)), Piece(3, readings: C(82), expectedC: 70)).Kind);

    /// <summary>The forecast may ask for more; it never takes one away.</summary>
    [Theory]
    [InlineData(73.8, VerdictKind.Measure)]
    [InlineData(73.9, VerdictKind.Serve)]
    public void A_piece_that_may_be_colder_is_measured_too(double lowestC, VerdictKind expected)
    {
        LotVerdict verdict = Judged(Piece(1, readings: C(80)), Piece(2, readings: C(80)), Piece(3, lowestC: lowestC));
        Assert.Equal(expected, verdict.Kind);
        Assert.Equal(expected == VerdictKind.Serve ? [] : [3], Asked(verdict));
    }

    [Fact]
    public void A_reading_far_hotter_than_expected_is_taken_once_more()
    {
        LotVerdict verdict = Judged(Piece(1, needsAnother: true, readings: C(80)), Piece(2, readings: C(80)));
        Assert.Equal((VerdictKind.Measure, 1), (verdict.Kind, Assert.Single(Asked(verdict))));
        Assert.Contains("aimed anew a minute later", verdict.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void The_last_reading_of_a_piece_is_what_it_is_like()
    {
        Assert.Equal(VerdictKind.BackIn, Judged(Piece(1, readings: [C(80, 1500), C(70)]), Piece(2, readings: C(80))).Kind);
        Assert.Equal(VerdictKind.Serve, Judged(Piece(1, readings: [C(70, 1500), C(80)]), Piece(2, readings: C(80))).Kind);
    }

    [Fact]
    public void One_short_piece_holds_back_its_lot_and_is_named()
    {
        LotVerdict verdict = Judged(Piece(1, readings: C(71)), Piece(2, readings: C(69)), Piece(3, readings: C(90)));
        Assert.Equal((VerdictKind.BackIn, 7), (verdict.Kind, verdict.NextCheckInMinutes));
        Assert.StartsWith("Thigh 2 reads 69 °C and needs 73.9 °C; about 7 more min", verdict.Reason, StringComparison.Ordinal);
        Assert.Equal([2, 1], Asked(verdict));
    }

    [Theory]
    [InlineData(DoubtKind.TooCold, true)]
    [InlineData(DoubtKind.Unit, true)]
    [InlineData(DoubtKind.TooHot, false)]
    public void A_doubt_holds_back_but_one_that_is_too_hot_undoes_nothing_that_was_enough(DoubtKind kind, bool holdsBack)
    {
        var doubt = new ReadingDoubt(kind, C(20), "Is the tip in the middle?");
        LotVerdict verdict = Judged(Piece(1, doubt: doubt, readings: C(80, 1900)), Piece(2, readings: C(80)));
        Assert.Equal(holdsBack ? VerdictKind.CannotTell : VerdictKind.Serve, verdict.Kind);
        Assert.Equal(VerdictKind.CannotTell, Judged(Piece(1, doubt: doubt), Piece(2, readings: C(80))).Kind);
        if (holdsBack)
        {
            Assert.Equal("Is the tip in the middle?", verdict.Reason);
        }
    }

    [Theory]
    [InlineData(74.9, VerdictKind.RestThenCheck)]
    [InlineData(74.8, VerdictKind.BackIn)]
    public void A_rest_is_offered_where_the_low_end_of_the_peak_clears_the_rule_by_a_degree(double peakLowC, VerdictKind expected)
    {
        LotVerdict verdict = LotJudge.Judge(Lot(ProfileId.UnitedStates, 74, new(2, peakLowC, 3.4), Piece(1, readings: C(71))));
        Assert.Equal(expected, verdict.Kind);
        if (expected == VerdictKind.RestThenCheck)
        {
            Assert.Equal(4, verdict.NextCheckInMinutes);
            Assert.Contains("only a second reading", verdict.Reason, StringComparison.Ordinal);
        }
    }

    [Theory]
    [InlineData(0.5, 3)]
    [InlineData(3.1, 4)]
    [InlineData(200.0, 60)]
    public void Back_in_says_for_how_long_within_reason(double modelMinutes, int said) => Assert.Equal(
        said, LotJudge.Judge(Lot(ProfileId.UnitedStates, 74, NoHelp with { OvenMinutesToAim = modelMinutes }, Piece(1, readings: C(60)))).NextCheckInMinutes);

    [Fact]
    public void An_oven_that_never_gets_there_is_to_be_turned_up_and_a_stale_short_reading_measured_again()
    {
        Assert.Contains("turn it up", LotJudge.Judge(Lot(ProfileId.UnitedStates, 74, NoHelp with { OvenMinutesToAim = null }, Piece(1, readings: C(60)))).Reason, StringComparison.Ordinal);
        LotVerdict stale = LotJudge.Judge(Lot(ProfileId.UnitedStates, 74, new(0, 99, 1), Piece(1, readings: C(60, 900))));
        Assert.Equal((VerdictKind.Measure, 0), (stale.Kind, stale.NextCheckInMinutes));
        Assert.Contains("was short at 60 °C", stale.Reason, StringComparison.Ordinal);
    }

    /// <summary>Safe, and what the cook likes comes with a little more oven: not "take it out". Minutes are not in the words, which stay.</summary>
    [Theory]
    [InlineData(78.4, true)]
    [InlineData(78.5, false)]
    public void Safe_comes_first_and_then_what_the_cook_likes(double celsius, bool wantsMore)
    {
        LotCase lot = Lot(ProfileId.UnitedStates, 79, NoHelp with { OvenMinutesToAim = 2.6 }, Piece(1, readings: C(celsius)));
        LotVerdict verdict = LotJudge.Judge(lot);
        Assert.Equal(VerdictKind.Serve, verdict.Kind);
        Assert.Equal(wantsMore ? 2.6 : null, verdict.MinutesToGoal);
        Assert.StartsWith("Safe. The lowest", verdict.Reason, StringComparison.Ordinal);
        Assert.Equal(wantsMore, verdict.Reason.EndsWith("brings it to your 79 °C.", StringComparison.Ordinal));
        Assert.Null(LotJudge.Judge(lot with { Where = LotWhereabouts.Worktop }).MinutesToGoal);
    }

    [Fact]
    public void A_lot_that_waits_is_still_to_be_measured() => Assert.Equal(
        VerdictKind.Measure, LotJudge.Judge(Lot(ProfileId.UnitedStates, 74, NoHelp, Piece(1, readings: C(80))) with { Where = LotWhereabouts.Waiting }).Kind);

    [Fact]
    public void A_hold_is_asked_for_with_what_is_left_of_it()
    {
        LotVerdict verdict = LotJudge.Judge(Lot(ProfileId.UnitedKingdom, 75, NoHelp, Piece(1, readings: [C(71, NowS - 60), C(72)])));
        Assert.Equal((VerdictKind.Measure, 1), (verdict.Kind, verdict.NextCheckInMinutes));
        Assert.Contains("stayed at 70 °C or more for 2 min: keep the tip in, and enter what it shows in 60 s", verdict.Reason, StringComparison.Ordinal);
    }

    /// <summary>Breast held at 63 °C: the full time, measured, and only then; what is not measured must have been as hot for as long.</summary>
    [Fact]
    public void Lean_breast_is_served_at_a_lower_temperature_when_it_was_seen_through()
    {
        TimedReading[] held = [.. Enumerable.Range(0, 5).Select(n => C(63.5, NowS - 504 + (126 * n)))];
        Assert.Equal(VerdictKind.Serve, Table(Piece(1, readings: held)).Kind);
        Assert.Equal(VerdictKind.Measure, Table(Piece(1, readings: held[1..])).Kind);
        Assert.Equal(VerdictKind.BackIn, LotJudge.Judge(Lot(ProfileId.Canada, 63, NoHelp, Piece(1, readings: held))).Kind);

        PieceCase third = Piece(3) with { LowestC = untilS => untilS >= NowS - 504 ? 63 : 50 };
        Assert.Equal(VerdictKind.Serve, Table(Piece(1, readings: held), Piece(2, readings: held), third).Kind);
        third = third with { LowestC = untilS => untilS > NowS - 504 ? 63 : 50 };
        Assert.Equal([3], Asked(Table(Piece(1, readings: held), Piece(2, readings: held), third)));

        static LotVerdict Table(params PieceCase[] pieces) => LotJudge.Judge(Lot(ProfileId.TimeAndTemperature, 63, NoHelp, pieces));
    }

    /// <summary>The second piece is the slowest of the rest; none is asked for twice.</summary>
    [Fact]
    public void What_is_asked_for_is_asked_once_and_the_slowest_first()
    {
        Assert.Equal([1, 3], Asked(Judged(Piece(1, expectedC: 60), Piece(2, expectedC: 70), Piece(3, expectedC: 65))));
        Assert.Equal([2, 3], Asked(Judged(Piece(1, expectedC: 61.5), Piece(2, expectedC: 60.2), Piece(3, expectedC: 61.4))));
        Assert.Equal([1], Asked(Judged(Piece(1, needsAnother: true, lowestC: 40, readings: C(80)), Piece(2, readings: C(80)))));
        Assert.Equal([1, 2], Asked(Judged(Piece(1, lowestC: 40), Piece(2, lowestC: 40), Piece(3, readings: C(80)))));
        Assert.Equal([3, 2], Asked(Judged(Piece(1, readings: C(80)), Piece(2, lowestC: 40, expectedC: 69), Piece(3, lowestC: 40, expectedC: 67))));
        Assert.Equal([1], Asked(Judged(Piece(1))));
    }

    [Fact]
    public void Of_all_that_were_measured_the_lowest_speaks_for_the_lot() => Assert.Contains(
        "The lowest, thigh 2, reads 78 °C", Judged(Piece(1, readings: C(84)), Piece(2, readings: C(78)), Piece(3, readings: C(81))).Reason, StringComparison.Ordinal);

    /// <summary>Two pieces need two measurements; one that is asked for again is not a second one.</summary>
    [Fact]
    public void Of_two_pieces_both_are_measured()
    {
        Assert.Equal([2], Asked(Judged(Piece(1, readings: C(80)), Piece(2))));
        Assert.Equal([2, 1], Asked(Judged(Piece(1, needsAnother: true, readings: C(80)), Piece(2))));
        Assert.Equal([1, 2], Asked(Judged(Piece(1), Piece(2))));
    }

    /// <summary>What was measured is told by the piece measured last.</summary>
    [Fact]
    public void The_piece_measured_last_is_the_one_that_is_hot_enough()
    {
        Assert.StartsWith("Thigh 3 is hot enough. Now measure thigh 1:", Judged(Piece(1), Piece(2, readings: C(80, 1500)), Piece(3, readings: C(81, 1900))).Reason, StringComparison.Ordinal);
        Assert.StartsWith("First measure thigh 1", Judged(Piece(1), Piece(2)).Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void What_was_enough_is_said_with_the_rule_that_it_met()
    {
        LotCase british = Lot(ProfileId.UnitedKingdom, 75, NoHelp, Piece(1, readings: [C(71, NowS - 120), C(72)]));
        Assert.Equal("Safe. The lowest, thigh 1, was seen at 70 °C or more for 2 min, which meets the United Kingdom rule.", LotJudge.Judge(british with { Where = LotWhereabouts.Worktop }).Reason);
        Assert.Equal("Safe. The lowest, thigh 1, reads 81 °C, and the United Kingdom rule asks 80 °C.", LotJudge.Judge(british with { Pieces = [Piece(1, readings: C(81))] }).Reason);
    }

    /// <summary>Pieces nobody measured must have been as hot as the hold since it began, not only now.</summary>
    [Fact]
    public void A_held_lot_asks_about_the_time_since_the_hold_began()
    {
        TimedReading[] held = [C(71, NowS - 120), C(72)];
        PieceCase cooler = Piece(3) with { LowestC = sinceS => sinceS < NowS ? 60 : 75 };
        Assert.Equal([3], Asked(LotJudge.Judge(Lot(ProfileId.UnitedKingdom, 75, NoHelp, Piece(1, readings: held), Piece(2, readings: held), cooler))));

        // A single reading at once says nothing of earlier: only now counts.
        Assert.Equal(VerdictKind.Serve, LotJudge.Judge(Lot(ProfileId.UnitedKingdom, 75, NoHelp, Piece(1, readings: C(82)), Piece(2, readings: C(82)), Piece(3) with { LowestC = sinceS => sinceS < NowS ? 60 : 81 })).Kind);

        // The least that any measured piece had to show is what the others are held against.
        PieceCase between = Piece(3, lowestC: 72);
        Assert.Equal(VerdictKind.Serve, LotJudge.Judge(Lot(ProfileId.UnitedKingdom, 75, NoHelp, Piece(1, readings: held), Piece(2, readings: C(82)), between)).Kind);
    }

    [Theory]
    [InlineData(0, false)]
    [InlineData(0.1, true)]
    public void More_for_the_cook_s_own_goal_is_said_where_there_is_more_to_wait(double minutes, bool isSaid) => Assert.Equal(
        isSaid, LotJudge.Judge(Lot(ProfileId.UnitedStates, 79, NoHelp with { OvenMinutesToAim = minutes }, Piece(1, readings: C(75)))).MinutesToGoal is not null);

    /// <summary>A long hold is seen through in steps of three minutes, the longest gap that is still one hold.</summary>
    [Fact]
    public void A_long_hold_is_looked_at_every_three_minutes()
    {
        LotVerdict verdict = LotJudge.Judge(Lot(ProfileId.UnitedKingdom, 65, NoHelp, Piece(1, readings: C(66))));
        Assert.Equal((VerdictKind.Measure, 3), (verdict.Kind, verdict.NextCheckInMinutes));
        Assert.Contains("enter what it shows in 10 min, and every 3 min until then", verdict.Reason, StringComparison.Ordinal);
        Assert.DoesNotContain("every 3 min", LotJudge.Judge(Lot(ProfileId.UnitedKingdom, 75, NoHelp, Piece(1, readings: C(71)))).Reason, StringComparison.Ordinal);
        Assert.Equal(2, LotJudge.Judge(Lot(ProfileId.UnitedKingdom, 75, NoHelp, Piece(1, readings: C(71)))).NextCheckInMinutes);
    }

    /// <summary>What a short piece needs: the rule's everyday number, or the hold a lower goal is at.</summary>
    [Theory]
    [InlineData(73.9, "needs 73.9 °C")]
    [InlineData(73.85, "needs 73.9 °C")]
    [InlineData(73.7, "needs 71.1 °C")]
    [InlineData(63, "needs 62.8 °C")]
    [InlineData(80, "needs 73.9 °C")]
    public void A_short_piece_is_held_against_what_its_goal_needs(double goalC, string said)
    {
        LotVerdict verdict = LotJudge.Judge(Lot(ProfileId.TimeAndTemperature, goalC, NoHelp, Piece(1, readings: C(50))));
        Assert.Contains(said, verdict.Reason, StringComparison.Ordinal);
        double aimC = Math.Max(goalC, goalC switch { < 63.1 => 62.8, < 73.8 => 71.1, _ => 73.9 });
        Assert.Contains($"brings it to {new Temperature(aimC).Say(TemperatureUnit.Celsius)}.", verdict.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void A_dial_that_is_too_low_is_looked_at_again_soon() => Assert.Equal(
        9, LotJudge.Judge(Lot(ProfileId.UnitedStates, 74, NoHelp with { OvenMinutesToAim = null }, Piece(1, readings: C(60)))).NextCheckInMinutes);

    [Fact]
    public void A_rest_is_never_shorter_than_it_takes_to_lay_the_tray_down() => Assert.Equal(
        2, LotJudge.Judge(Lot(ProfileId.UnitedStates, 74, new(2, 76, 0.4), Piece(1, readings: C(71)))).NextCheckInMinutes);

    /// <summary>The rule that never bends, over any readings, any doubts and any forecast.</summary>
    [Fact]
    public void Serve_always_rests_on_believed_measurements_of_the_slowest_and_a_second_piece()
    {
        Gen<TimedReading> reading = Gen.Select(Gen.Double[40, 100], Gen.Int[0, 2000]).Select((celsius, at) => C(celsius, at));
        Gen<PieceCase> piece = Gen.Select(reading.Array[0, 3], Gen.Double[50, 100], Gen.Double[50, 70], Gen.Bool)
            .Select((readings, lowestC, expectedC, isDoubtful) => Piece(
                1,
                lowestC,
                doubt: isDoubtful ? new(DoubtKind.TooCold, C(20), "?") : null,
                expectedC: expectedC,
                readings: [.. readings.OrderBy(taken => taken.AtS)]));
        Gen.Select(Gen.Int[0, SafetyProfiles.All.Count - 1], piece.Array[1, 6], Gen.Double[0, 60], Gen.Double[20, 110]).Sample((profile, drawn, minutes, peak) =>
        {
            PieceCase[] pieces = [.. drawn.Select((one, i) => one with { Piece = i + 1 })];
            SafetyRule rule = SafetyProfiles.All[profile].RuleFor(isStuffed: false);
            LotVerdict verdict = LotJudge.Judge(Lot(SafetyProfiles.All[profile].Id, 74, new(minutes, peak, 2), pieces));
            PieceCase[] measured = [.. pieces.Where(one => one.IsMeasured)];
            double slowestC = pieces.Min(one => one.ExpectedC);
            return verdict.Kind != VerdictKind.Serve
                ? verdict.MeasureNext.Count > 0
                : measured.Length >= Math.Min(2, pieces.Length)
                    && measured.All(one => rule.MetBy(one.Believed) is not null)
                    && pieces.All(one => one.Doubt is null)
                    && measured.Any(one => one.ExpectedC <= slowestC + 1.5)
                    && pieces.All(one => one.IsMeasured || one.LowestC(NowS) >= rule.LowestC);
        });
    }
}
