using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness;

/// <summary>Every number that an authority prints, in both units: at it, just below and just above.</summary>
public sealed class SafetyRuleTests
{
    private static SafetyRule Rule(ProfileId profile, bool isStuffed = false) => SafetyProfiles.For(profile).RuleFor(isStuffed);

    private static TimedReading At(double seconds, double value, TemperatureUnit unit) => new(seconds, new(value, unit));

    /// <summary>USDA 165 °F / 73.9 °C; Health Canada 74 °C / 165 °F; FSANZ 75 °C / 167 °F; FSA 80 °C / 176 °F; FSIS 165 °F (all from memory).</summary>
    [Theory]
    [InlineData(ProfileId.UnitedStates, 73.9, 165)]
    [InlineData(ProfileId.Canada, 74, 165)]
    [InlineData(ProfileId.Australia, 75, 167)]
    [InlineData(ProfileId.UnitedKingdom, 80, 176)]
    [InlineData(ProfileId.TimeAndTemperature, 73.9, 165)]
    public void A_single_reading_is_held_against_the_number_printed_in_its_unit(ProfileId profile, double celsius, double fahrenheit)
    {
        foreach ((double printed, TemperatureUnit unit) in new[] { (celsius, TemperatureUnit.Celsius), (fahrenheit, TemperatureUnit.Fahrenheit) })
        {
            Assert.Equal(0, Rule(profile).MetBy([At(0, printed, unit)])!.HeldSeconds);
            Assert.NotNull(Rule(profile).MetBy([At(0, printed + 0.1, unit)]));
            Assert.Null(Rule(profile).MetBy([At(0, printed - 0.1, unit)]));
        }
    }

    /// <summary>
    /// FSA: 75 °C 30 s, 70 °C 2 min, 65 °C 10 min, 60 °C 45 min. FSIS Appendix A, chicken, seconds rounded up: 160 °F 13.7 s,
    /// 155 °F 44.2 s, 150 °F 2.7 min, 145 °F 8.4 min, 140 °F 25.2 min (all from memory).
    /// </summary>
    [Theory]
    [InlineData(ProfileId.UnitedKingdom, 75, 167, 30)]
    [InlineData(ProfileId.UnitedKingdom, 70, 158, 120)]
    [InlineData(ProfileId.UnitedKingdom, 65, 149, 600)]
    [InlineData(ProfileId.UnitedKingdom, 60, 140, 2700)]
    [InlineData(ProfileId.TimeAndTemperature, 71.1, 160, 14)]
    [InlineData(ProfileId.TimeAndTemperature, 68.3, 155, 45)]
    [InlineData(ProfileId.TimeAndTemperature, 65.6, 150, 162)]
    [InlineData(ProfileId.TimeAndTemperature, 62.8, 145, 504)]
    [InlineData(ProfileId.TimeAndTemperature, 60, 140, 1512)]
    public void A_hold_counts_from_its_printed_temperature_for_its_printed_time(ProfileId profile, double celsius, double fahrenheit, int seconds)
    {
        foreach ((double printed, TemperatureUnit unit) in new[] { (celsius, TemperatureUnit.Celsius), (fahrenheit, TemperatureUnit.Fahrenheit) })
        {
            Assert.Equal((printed, seconds), (Met(Held(printed, seconds))!.Limit.In(unit), Met(Held(printed, seconds))!.HeldSeconds));
            Assert.NotNull(Met(Held(printed + 0.1, seconds + 1)));
            Assert.Null(Met(Held(printed, seconds - 1)));
            Assert.Null(Met(Held(printed - 0.1, seconds)));

            TimedReading[] Held(double value, int forSeconds) =>
                [.. Enumerable.Range(0, (forSeconds / 150) + 1).Select(n => At(150 * n, value, unit)).Append(At(forSeconds, value, unit))];
        }

        RuleMet? Met(TimedReading[] series) => Rule(profile).MetBy(series);
    }

    [Theory]
    [InlineData(ProfileId.UnitedStates)]
    [InlineData(ProfileId.Canada)]
    [InlineData(ProfileId.Australia)]
    public void Where_the_rule_has_no_holds_none_counts(ProfileId profile) =>
        Assert.Null(Rule(profile).MetBy([.. Enumerable.Range(0, 60).Select(n => At(60 * n, 73, TemperatureUnit.Celsius))]));

    [Fact]
    public void A_hold_is_broken_by_a_gap_and_by_a_reading_below_it()
    {
        SafetyRule british = Rule(ProfileId.UnitedKingdom);
        Assert.NotNull(british.MetBy([At(0, 71, TemperatureUnit.Celsius), At(180, 71, TemperatureUnit.Celsius)]));
        Assert.Null(british.MetBy([At(0, 71, TemperatureUnit.Celsius), At(181, 71, TemperatureUnit.Celsius)]));
        Assert.Null(british.MetBy([At(0, 71, TemperatureUnit.Celsius), At(60, 69.9, TemperatureUnit.Celsius), At(120, 71, TemperatureUnit.Celsius)]));
        Assert.Null(british.MetBy([At(0, 71, TemperatureUnit.Celsius), At(120, 71, TemperatureUnit.Celsius), At(130, 69.9, TemperatureUnit.Celsius)]));
    }

    /// <summary>The table is for whole muscle; the FSA's rule is for the middle of any food.</summary>
    [Fact]
    public void Stuffed_meat_is_held_only_where_the_rule_covers_it()
    {
        TimedReading[] held = [.. Enumerable.Range(0, 12).Select(n => At(60 * n, 70.5, TemperatureUnit.Celsius))];
        Assert.NotNull(Rule(ProfileId.TimeAndTemperature).MetBy(held));
        Assert.Null(Rule(ProfileId.TimeAndTemperature, isStuffed: true).MetBy(held));
        Assert.NotNull(Rule(ProfileId.UnitedKingdom, isStuffed: true).MetBy(held));
    }

    [Fact]
    public void The_hold_in_progress_is_the_one_that_needs_the_least_more_time()
    {
        SafetyRule british = Rule(ProfileId.UnitedKingdom);
        HoldInProgress hold = british.HoldOf([At(0, 71, TemperatureUnit.Celsius), At(60, 75.2, TemperatureUnit.Celsius)], 80)!;
        Assert.Equal((75, 30), (hold.Hold.Limit.Celsius, hold.LeftSeconds));
        hold = british.HoldOf([At(0, 71, TemperatureUnit.Celsius), At(100, 75.2, TemperatureUnit.Celsius)], 80)!;
        Assert.Equal((70, 20), (hold.Hold.Limit.Celsius, hold.LeftSeconds));

        // A hold of many minutes is not asked of those whose own goal lies above.
        Assert.Null(british.HoldOf([At(0, 66, TemperatureUnit.Celsius)], 80));
        Assert.Equal(600, british.HoldOf([At(0, 66, TemperatureUnit.Celsius)], 65)!.LeftSeconds);
    }

    [Theory]
    [InlineData(ProfileId.UnitedStates, 73.9)]
    [InlineData(ProfileId.Canada, 74)]
    [InlineData(ProfileId.Australia, 75)]
    [InlineData(ProfileId.UnitedKingdom, 75)]
    [InlineData(ProfileId.TimeAndTemperature, 73.9)]
    public void The_everyday_number_is_what_plans_aim_at(ProfileId profile, double celsius)
    {
        Assert.Equal(celsius, Rule(profile).Everyday.Celsius);
        Assert.Equal(celsius, Rule(profile).AimC);
    }

    [Fact]
    public void A_prediction_meets_the_rule_by_the_quickest_way()
    {
        // One degree in ten seconds from 0 °C.
        double? Met(ProfileId profile) => Rule(profile).MetInOvenS(celsius => 10 * celsius);
        Assert.Equal(739, Met(ProfileId.UnitedStates)!.Value, 1e-9);
        Assert.Equal(780, Met(ProfileId.UnitedKingdom)!.Value, 1e-9);
        Assert.Equal(725, Met(ProfileId.TimeAndTemperature)!.Value, 1e-9);
        Assert.Null(Rule(ProfileId.UnitedStates).MetInOvenS(_ => null));
    }

    [Theory]
    [InlineData(ProfileId.UnitedStates, 73.9)]
    [InlineData(ProfileId.UnitedKingdom, 60)]
    [InlineData(ProfileId.TimeAndTemperature, 60)]
    public void The_coldest_that_can_ever_be_enough(ProfileId profile, double celsius) => Assert.Equal(celsius, Rule(profile).LowestC);

    /// <summary>Long holds are for goals below what plans aim at; a goal a rounding below that is at it.</summary>
    [Theory]
    [InlineData(74.8, true)]
    [InlineData(74.9, false)]
    [InlineData(75, false)]
    public void A_long_hold_is_offered_only_to_goals_below_the_aim(double goalC, bool isOffered)
    {
        Assert.Equal(isOffered, Rule(ProfileId.UnitedKingdom).HoldOf([At(0, 66, TemperatureUnit.Celsius)], goalC) is not null);
        Assert.Null(Rule(ProfileId.UnitedKingdom).HoldOf([], goalC));
        Assert.Null(Rule(ProfileId.UnitedKingdom).MetBy([]));
    }

    /// <summary>A goal that no instant limit clears is passed by its hold: the hottest that it keeps.</summary>
    [Fact]
    public void A_goal_keeps_the_hottest_hold_it_reaches()
    {
        Assert.Equal(65.6, Rule(ProfileId.TimeAndTemperature).HoldAt(new(66, TemperatureUnit.Celsius))!.Limit.Celsius);
        Assert.Equal(60, Rule(ProfileId.TimeAndTemperature).HoldAt(new(62.7, TemperatureUnit.Celsius))!.Limit.Celsius);
        Assert.Null(Rule(ProfileId.TimeAndTemperature).HoldAt(new(59.9, TemperatureUnit.Celsius)));
    }

    /// <summary>Only what is printed for whole muscle leaves stuffed meat out.</summary>
    [Fact]
    public void Which_rules_cover_a_filling() => Assert.Equal(
        [ProfileId.TimeAndTemperature], SafetyProfiles.All.Where(profile => !profile.HoldsCoverStuffing).Select(profile => profile.Id));

    [Fact]
    public void A_limit_is_said_as_it_is_printed()
    {
        Assert.Equal("73.9 °C", new PublishedLimit(73.9, 165).Say(TemperatureUnit.Celsius));
        Assert.Equal("165 °F", new PublishedLimit(73.9, 165).Say(TemperatureUnit.Fahrenheit));
    }

    [Fact]
    public void Only_the_table_for_those_who_measure_all_the_while_carries_a_caution() => Assert.Equal(
        [ProfileId.TimeAndTemperature], SafetyProfiles.All.Where(profile => profile.Caution is not null).Select(profile => profile.Id));
}
