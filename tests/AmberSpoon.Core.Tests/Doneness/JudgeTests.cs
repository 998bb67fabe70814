using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness;

public sealed class JudgeTests
{
    private static readonly EnteredTemperature Target = new(74, TemperatureUnit.Celsius);
    private static readonly CheckOutlook NoHelp = new(OvenMinutesToAim: 6.2, RestPeakC: 60, RestPeakInMinutes: 3, HottestBelievableC: 100);
    private static readonly CheckOutlook RestHelps = new(OvenMinutesToAim: 2, RestPeakC: 78, RestPeakInMinutes: 3.4, HottestBelievableC: 100);
    private static readonly CheckOutlook RosyOutlook = new(0, 99, 1, 110);

    private static Reading C(int piece, double celsius, int held = 0) => new(piece, new(celsius, TemperatureUnit.Celsius), held);

    private static Reading F(int piece, double fahrenheit) => new(piece, new(fahrenheit, TemperatureUnit.Fahrenheit), 0);

    private static Verdict Judged(ProfileId profile, CheckOutlook outlook, params Reading[] readings) =>
        Judge.Decide(SafetyProfiles.For(profile), Target, pieceCount: 6, readings, [], outlook);

    /// <summary>Printed limits: USDA 165 °F, Health Canada 74 °C / 165 °F, FSANZ 75 °C (from memory).</summary>
    [Theory]
    [InlineData(ProfileId.UnitedStates, 73.9, VerdictKind.Serve)]
    [InlineData(ProfileId.UnitedStates, 73.8, VerdictKind.BackIn)]
    [InlineData(ProfileId.Canada, 74, VerdictKind.Serve)]
    [InlineData(ProfileId.Canada, 73.9, VerdictKind.BackIn)]
    [InlineData(ProfileId.Australia, 75, VerdictKind.Serve)]
    [InlineData(ProfileId.Australia, 74.9, VerdictKind.BackIn)]
    [InlineData(ProfileId.UnitedKingdom, 80, VerdictKind.Serve)]
    [InlineData(ProfileId.UnitedKingdom, 79.9, VerdictKind.CannotTell)]
    [InlineData(ProfileId.UnitedKingdom, 69.9, VerdictKind.BackIn)]
    public void The_lowest_reading_decides_against_the_printed_limit(ProfileId profile, double lowestC, VerdictKind expected) =>
        Assert.Equal(expected, Judged(profile, NoHelp, C(1, 85), C(2, lowestC)).Kind);

    [Theory]
    [InlineData(ProfileId.UnitedStates)]
    [InlineData(ProfileId.Canada)]
    public void A_thermometer_in_fahrenheit_is_held_against_the_fahrenheit_that_is_printed(ProfileId profile)
    {
        Assert.Equal(VerdictKind.Serve, Judged(profile, NoHelp, F(1, 165), F(2, 168)).Kind);
        Assert.Equal(VerdictKind.BackIn, Judged(profile, NoHelp, F(1, 164), F(2, 168)).Kind);
    }

    /// <summary>Food Standards Agency: 70 °C for 2 min, 75 °C for 30 s (from memory).</summary>
    [Theory]
    [InlineData(70, 120, VerdictKind.Serve)]
    [InlineData(70, 119, VerdictKind.CannotTell)]
    [InlineData(75, 30, VerdictKind.Serve)]
    [InlineData(75, 0, VerdictKind.CannotTell)]
    [InlineData(69, 600, VerdictKind.BackIn)]
    public void Held_temperatures_count_only_where_the_rule_has_them(double celsius, int heldSeconds, VerdictKind british)
    {
        Assert.Equal(british, Judged(ProfileId.UnitedKingdom, NoHelp, C(1, celsius, heldSeconds), C(2, 81)).Kind);
        if (celsius < 73.9)
        {
            Assert.Equal(VerdictKind.BackIn, Judged(ProfileId.UnitedStates, NoHelp, C(1, celsius, heldSeconds), C(2, 81)).Kind);
        }
    }

    [Fact]
    public void One_piece_cannot_speak_for_six_but_can_for_itself()
    {
        Assert.Equal(VerdictKind.CannotTell, Judged(ProfileId.UnitedStates, RosyOutlook, C(3, 80)).Kind);
        Verdict alone = Judge.Decide(SafetyProfiles.For(ProfileId.UnitedStates), Target, 1, [C(1, 80)], [], NoHelp);
        Assert.Equal(VerdictKind.Serve, alone.Kind);
    }

    [Fact]
    public void Hotter_than_meat_can_be_is_a_tip_in_air()
    {
        Verdict verdict = Judged(ProfileId.UnitedStates, NoHelp, C(1, 80), C(2, 121));
        Assert.Equal(VerdictKind.CannotTell, verdict.Kind);
        Assert.Contains("Piece 2", verdict.Reason, StringComparison.Ordinal);
    }

    [Fact]
    public void Hotter_than_any_oven_could_have_made_it_is_not_the_middle() => Assert.Equal(
        VerdictKind.CannotTell, Judged(ProfileId.UnitedStates, NoHelp with { HottestBelievableC = 60 }, C(1, 80), C(2, 81)).Kind);

    [Fact]
    public void A_piece_that_was_short_must_be_measured_again()
    {
        SafetyProfile american = SafetyProfiles.For(ProfileId.UnitedStates);
        Verdict evaded = Judge.Decide(american, Target, 6, [C(2, 80), C(3, 81)], [C(1, 65), C(2, 70)], NoHelp);
        Assert.Equal(VerdictKind.CannotTell, evaded.Kind);
        Assert.Contains("Piece 1 was short at 65 °C", evaded.Reason, StringComparison.Ordinal);
        Verdict faced = Judge.Decide(american, Target, 6, [C(1, 78), C(3, 81)], [C(1, 65), C(2, 80)], NoHelp);
        Assert.Equal(VerdictKind.Serve, faced.Kind);
    }

    [Fact]
    public void A_piece_that_was_hot_enough_before_counts_beside_one_measured_now() => Assert.Equal(
        VerdictKind.Serve, Judge.Decide(SafetyProfiles.For(ProfileId.UnitedStates), Target, 6, [C(2, 79)], [C(1, 80)], NoHelp).Kind);

    [Fact]
    public void Short_but_still_rising_rests_and_is_measured_again()
    {
        Verdict verdict = Judged(ProfileId.UnitedStates, RestHelps, C(1, 71), C(2, 75));
        Assert.Equal((VerdictKind.RestThenCheck, 4), (verdict.Kind, verdict.NextCheckInMinutes));
        Assert.Contains("second reading", verdict.Reason, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData(6.2, 7)]
    [InlineData(0.5, 3)]
    [InlineData(200.0, 60)]
    public void Back_in_says_for_how_long_within_reason(double modelMinutes, int said)
    {
        Verdict verdict = Judged(ProfileId.UnitedStates, NoHelp with { OvenMinutesToAim = modelMinutes }, C(1, 60), C(2, 75));
        Assert.Equal((VerdictKind.BackIn, said), (verdict.Kind, verdict.NextCheckInMinutes));
    }

    [Fact]
    public void An_oven_that_never_gets_there_is_to_be_turned_up() => Assert.Contains(
        "turn it up", Judged(ProfileId.UnitedStates, NoHelp with { OvenMinutesToAim = null }, C(1, 60)).Reason, StringComparison.Ordinal);

    [Fact]
    public void No_reading_is_no_verdict() =>
        Assert.Equal(VerdictKind.CannotTell, Judged(ProfileId.UnitedStates, RosyOutlook).Kind);

    /// <summary>The rule that never bends, over any readings and any outlook.</summary>
    [Fact]
    public void Serve_always_rests_on_measured_temperatures_that_meet_the_rule()
    {
        Gen<Reading> reading = Gen.Select(Gen.Int[1, 6], Gen.Double[40, 110], Gen.Int[0, 200]).Select((piece, celsius, held) => C(piece, celsius, held));
        Gen<CheckOutlook> outlook = Gen.Select(Gen.Double[0, 60], Gen.Double[20, 110], Gen.Double[0, 20]).Select((minutes, peak, at) => new CheckOutlook(minutes, peak, at, 110));
        Gen.Select(Gen.Int[0, SafetyProfiles.All.Count - 1].Select(i => SafetyProfiles.All[i]), reading.Array[0, 6], reading.Array[0, 6], outlook).Sample((profile, readings, before, expected) =>
        {
            Reading[] earlier = [.. before.DistinctBy(r => r.Piece)];
            Verdict verdict = Judge.Decide(profile, Target, 6, readings, earlier, expected);
            IEnumerable<Reading> latest = readings.Concat(earlier.Where(r => readings.All(now => now.Piece != r.Piece)));
            return verdict.Kind != VerdictKind.Serve
                || (readings.Length > 0
                    && latest.All(profile.IsMetBy)
                    && latest.Select(r => r.Piece).Distinct().Count() >= 2
                    && readings.All(r => r.CoreC <= ReadingLimits.HottestMeatC));
        });
    }
}
