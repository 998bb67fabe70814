using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Prep.Order;
using Xunit;

namespace AmberSpoon.Core.Tests.Evenings;

/// <summary>Thighs for 19:00: the oven at 18:10, the wash at 18:13, and then the meat, which usually takes eleven minutes, from 18:14.</summary>
public sealed class ReadyingTests
{
    private const string Meat = "all-unwrap";
    private static readonly DateTimeOffset Dinner = Suppers.Dinner;
    private static readonly EveningAsk Washed = Suppers.Of(Plans.Thighs, 30).Ticked(Dinner.AddMinutes(-50), WorkOrder.OvenKey).Ticked(Dinner.AddMinutes(-46), "begin");

    [Fact]
    public void A_task_that_followed_the_tick_before_it_says_how_long_it_took() =>
        Assert.Equal(new TaskSpan(11, 14), Readying.Took(Washed, Meat, Dinner.AddMinutes(-32), Dinner));

    [Theory]
    [InlineData(0, true)] // Ticked with the one before: it took nothing of its own.
    [InlineData(49, true)] // Four times eleven minutes, and five.
    [InlineData(50, false)] // Something came between.
    [InlineData(-1, false)]
    public void What_took_too_long_was_something_else(double minutes, bool says) =>
        Assert.Equal(says, Readying.Took(Washed, Meat, Dinner.AddMinutes(-46 + minutes), Dinner) is not null);

    /// <summary>Washed at 18:00 the meat is not due before 18:14: who is done with it by 18:16 began at once, after that nobody knows.</summary>
    [Theory]
    [InlineData(16.5, true)]
    [InlineData(16.6, false)]
    public void Where_there_was_time_to_spare_only_quick_work_is_known(double minutes, bool says)
    {
        EveningAsk early = Suppers.Of(Plans.Thighs, 30).Ticked(Dinner.AddMinutes(-60), "begin");
        Assert.Equal(says, Readying.Took(early, Meat, Dinner.AddMinutes(-60 + minutes), Dinner) is not null);
    }

    [Fact]
    public void The_oven_two_pairs_of_hands_a_second_tick_and_what_bakes_say_nothing_of_a_pace()
    {
        DateTimeOffset at = Dinner.AddMinutes(-32);
        Assert.Null(Readying.Took(Suppers.Of(Plans.Thighs, 30), Meat, at, Dinner));
        Assert.Null(Readying.Took(Suppers.Of(Plans.Thighs, 30).Ticked(Dinner.AddMinutes(-46), WorkOrder.OvenKey), Meat, at, Dinner));
        Assert.Null(Readying.Took(Washed with { Choice = Washed.Choice with { Cooks = 2 } }, Meat, at, Dinner));
        Assert.Null(Readying.Took(Washed.Ticked(Dinner.AddMinutes(-40), Meat), Meat, at, Dinner));
        Assert.Null(Readying.Took(Washed, EveningTasks.InKey, at, Dinner));
        Assert.Null(Readying.Took(Washed, "no such task", at, Dinner));

        // Switching the oven on, or seeing that it is hot, is no work: the meat was begun before.
        EveningAsk hot = Washed.Ticked(Dinner.AddMinutes(-40), EveningTasks.HotKey);
        Assert.Equal(new TaskSpan(11, 14), Readying.Took(hot, Meat, at, Dinner));
    }

    [Fact]
    public void The_usual_is_what_most_take_whatever_is_known_or_chosen()
    {
        Assert.Equal(11, Readying.Took(Washed with { LearntPace = 1.4 }, Meat, Dinner.AddMinutes(-32), Dinner)!.UsualMinutes);
        Assert.Equal(11, Readying.Took(Washed with { Choice = Washed.Choice with { Pace = 0.75 } }, Meat, Dinner.AddMinutes(-32), Dinner)!.UsualMinutes);
    }

    private static EveningChoice Ticks(params (double BeforeMinutes, string Key, TaskSpan? Took)[] ticks) =>
        EveningChoice.Usual with { Done = [.. ticks.Select(tick => new DoneTask(tick.Key, Dinner.AddMinutes(-tick.BeforeMinutes)) { Took = tick.Took })] };

    [Fact]
    public void Work_is_added_up_and_several_ticks_in_a_row_are_one_go()
    {
        Readied? said = Readying.Of(Ticks((60, "a", null), (50, "b", new(5, 10)), (49.9, "c", new(6, 0.1)), (40, "d", new(8, 9.9))), 200, Dinner);
        Assert.Equal(new CounterWork(19, 20, 3), said!.Work);

        // Where nobody knows how long the first of them took, the rest of them says nothing either.
        Assert.Equal(new CounterWork(8, 9.9, 1), Readying.Of(Ticks((60, "a", null), (59.9, "b", new(5, 0.1)), (40, "d", new(8, 9.9))), 200, Dinner)!.Work);
    }

    [Theory]
    [InlineData(4.9, false)]
    [InlineData(5, true)]
    public void Too_little_work_says_nothing(double usual, bool says) =>
        Assert.Equal(says, Readying.Of(Ticks((50, "a", new(usual, usual))), 200, Dinner) is not null);

    [Fact]
    public void The_oven_is_timed_from_on_to_hot_and_only_of_this_evening()
    {
        EveningChoice told = Ticks((50, WorkOrder.OvenKey, null), (31.5, EveningTasks.HotKey, null));
        Assert.Equal(new OvenHeated(18.5, 204.4), Readying.Of(told, 204.44, Dinner.AddMinutes(-30))!.Oven);
        Assert.Null(Readying.Of(told, null, Dinner.AddMinutes(-30)));
        Assert.Null(Readying.Of(told, 204, Dinner.AddMinutes(-32)));
        Assert.Null(Readying.Of(told, 204, Dinner.AddHours(8)));
        Assert.Null(Readying.Of(Ticks((31.5, EveningTasks.HotKey, null), (30, WorkOrder.OvenKey, null)), 204, Dinner));
    }

    [Fact]
    public void Who_sees_that_it_is_hot_need_not_wait_for_the_minutes_that_were_reckoned()
    {
        // Switched on ten minutes late, everything else done: dinner waits for the oven until somebody sees that it is hot.
        EveningAsk late = Suppers.Of(Plans.Thighs, 30).Ticked(Dinner.AddMinutes(-40), WorkOrder.OvenKey, "begin", Meat);
        DateTimeOffset now = Dinner.AddMinutes(-36);
        Assert.Equal(10, EveningPlanner.Plan(late, now, Dinner).LateMinutes);
        Assert.Equal(0, EveningPlanner.Plan(late.Ticked(now.AddMinutes(-1), EveningTasks.HotKey), now, Dinner).LateMinutes);

        // A tick from before it was on is of another go.
        EveningAsk stale = Suppers.Of(Plans.Thighs, 30).Ticked(Dinner.AddMinutes(-90), EveningTasks.HotKey).Ticked(Dinner.AddMinutes(-40), WorkOrder.OvenKey, "begin", Meat);
        Assert.Equal(10, EveningPlanner.Plan(stale, now, Dinner).LateMinutes);
    }

    [Fact]
    public void An_evening_reckons_with_what_was_learnt_unless_something_was_chosen()
    {
        double Minutes(EveningAsk ask) => EveningTasks.Of(ask).Single(task => task.Key == Meat).Job.Minutes;
        EveningAsk usual = Suppers.Of(Plans.Thighs, 30);
        Assert.Equal(11, Minutes(usual));
        Assert.Equal(Math.Ceiling(1.5 * Minutes(usual)), Minutes(usual with { LearntPace = 1.5 }), 1.0);
        Assert.Equal(Minutes(usual), Minutes(usual with { LearntPace = 1.5, Choice = usual.Choice with { Pace = 1 } }));
        Assert.Equal(EveningChoice.SlowestPace, (usual with { LearntPace = 9 }).Pace);
        Assert.Equal(EveningChoice.QuickestPace, (usual with { LearntPace = 0.1 }).Pace);
    }
}
