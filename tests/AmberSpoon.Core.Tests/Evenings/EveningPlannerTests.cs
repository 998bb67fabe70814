using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Evenings.Scheduling;
using AmberSpoon.Core.Evenings.Sides;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Evenings;

public sealed class EveningPlannerTests
{
    private static readonly DateTimeOffset Dinner = Suppers.Dinner;

    /// <summary>The weeknight's first task is the oven, at 18:10; with it switched on in time, the wash at 18:13 and then the meat.</summary>
    private static readonly EveningAsk Weeknight = Suppers.Of(Plans.Thighs, 30).Ticked(Dinner.AddMinutes(-50), WorkOrder.OvenKey, "begin");

    [Theory]
    [InlineData(-1, 0)]
    [InlineData(0, 0)]
    [InlineData(1, 0)] // Hands may be at the meat, which was to begin at 18:14 and takes eleven minutes.
    [InlineData(10, 0)]
    [InlineData(11, 11)] // Not ticked when it should be over: it begins now.
    [InlineData(40, 40)]
    public void A_task_that_is_late_moves_dinner_by_no_more_than_it_must(int lateMinutes, int dinnerLater)
    {
        DateTimeOffset now = Dinner.AddMinutes(-46 + lateMinutes);
        EveningPlan plan = EveningPlanner.Plan(Weeknight, now, Dinner);
        Assert.Equal(dinnerLater, plan.LateMinutes);
        Assert.Equal(Dinner.AddMinutes(dinnerLater), plan.EatAt);
        Assert.Equal(dinnerLater > 0 ? "all-unwrap" : null, plan.FirstHeld?.Key);
        Assert.All(plan.Tasks, task => Assert.True(task.BeginsAt >= now || task.IsUnderWay));
        Assert.Equal(lateMinutes is 1 or 10, plan.Tasks[0].IsUnderWay);
    }

    [Fact]
    public void As_soon_as_it_can_be_begins_now_on_a_whole_minute()
    {
        DateTimeOffset now = Dinner.AddSeconds(17);
        EveningPlan plan = EveningPlanner.Plan(Suppers.Of(Plans.Thighs, 30), now, null);
        Assert.Equal(Dinner.AddMinutes(1), plan.Tasks[0].BeginsAt);
        Assert.Equal(Dinner.AddMinutes(51), plan.EatAt);
        Assert.Equal(plan.EatAt, plan.EarliestEatAt);
        Assert.Equal(0, plan.LateMinutes);
        Assert.Null(plan.Chance);
    }

    [Theory]
    [InlineData(null, 15)]
    [InlineData(21.0, 0)]
    [InlineData(39.9, 0)]
    [InlineData(120.0, 7)]
    public void An_oven_is_on_for_as_long_as_it_takes_to_be_what_the_food_goes_into(double? startC, int minutes)
    {
        EveningAsk ask = Suppers.Of(Plans.Thighs with { OvenAtStart = startC is { } celsius ? new(celsius, TemperatureUnit.Celsius) : null }, 30);
        Assert.Equal(minutes, ask.Plan.PreheatMinutes);
        Assert.Equal(minutes, EveningTasks.Of(ask).Where(task => task.Kind == TaskKind.Preheat).Sum(task => task.Job.Minutes));
    }

    [Theory]
    [InlineData(50, 0)]
    [InlineData(49, 1)]
    public void Dinner_that_was_asked_for_too_soon_is_as_soon_as_it_can_be(int minutesAhead, int late)
    {
        EveningPlan plan = EveningPlanner.Plan(Suppers.Of(Plans.Thighs, 30), Dinner.AddMinutes(-minutesAhead), Dinner);
        Assert.Equal(late, plan.LateMinutes);
        Assert.Equal(Dinner.AddMinutes(50 - minutesAhead), plan.EarliestEatAt);
    }

    [Fact]
    public void Meat_stays_in_its_mix_for_as_long_as_was_said_whenever_it_went_in()
    {
        // Two hours; in at 16:40 instead of 16:09: out at 18:40, and dinner 51 minutes after that.
        EveningAsk ask = Suppers.Of(Suppers.Marinated(120), 40).Ticked(Dinner.AddMinutes(-140), "all-unwrap-first").Ticked(Dinner.AddMinutes(-80), "turn-into-1-0");
        EveningPlan plan = EveningPlanner.Plan(ask, Dinner.AddMinutes(-79), Dinner);
        Assert.Equal(Dinner.AddMinutes(31), plan.EatAt);
        Assert.Equal(Dinner.AddMinutes(-20), plan.Tasks.Single(task => task.Task.Key == "all-coat-1-0").BeginsAt);
        Assert.DoesNotContain(plan.Tasks, task => task.Task.Key is "begin" or "stir-green-yogurt" or "all-unwrap-first");
    }

    [Theory]
    [InlineData(-5, 0)]
    [InlineData(0, 0)]
    [InlineData(12, 12)]
    public void A_tray_that_went_in_late_bakes_for_as_long_as_it_bakes(int lateMinutes, int dinnerLater)
    {
        TrayPlan turned = Plans.Thighs with { Steps = [new(StepKind.Turn, 10)] };
        DateTimeOffset went = Dinner.AddMinutes(-35 + lateMinutes);
        EveningPlan plan = EveningPlanner.Plan(Suppers.Of(turned, 30).Ticked(went, EveningTasks.InKey), went.AddMinutes(20), Dinner);
        Assert.Equal(dinnerLater, plan.LateMinutes);
        Assert.Equal([EveningTasks.OutKey, EveningTasks.PlateKey], plan.Clock().Select(line => line[6..]));
    }

    [Fact]
    public void Under_a_grill_a_side_of_the_oven_bakes_before_the_tray()
    {
        EveningAsk ask = Suppers.Of(Plans.Thighs with { OvenMode = Core.Heat.Climate.OvenMode.Grill }, 25).With(SideKind.WarmBread);
        EveningPlan plan = EveningPlanner.Plan(ask, Dinner.AddDays(-1), Dinner);
        TimedTask tray = plan.Tasks.Single(task => task.Task.Key == EveningTasks.InKey);
        TimedTask bread = plan.Tasks.Single(task => task.Task.Side is not null);
        Assert.True(bread.BeginsAt.AddMinutes(7) <= tray.BeginsAt);
        Assert.True(bread.KeptTooLong > 0);
    }

    [Fact]
    public void While_the_oven_leads_only_what_stands_beside_it_is_planned()
    {
        EveningAsk ask = Suppers.Of(Suppers.Marinated(60), 40, garnish: true).With(SideKind.Rice) with { OvenLeads = true };
        Assert.Equal(["eat", "garnish", "plate", "put-away", "side-0-Rice"], EveningTasks.Of(ask).Select(task => task.Key).Order());
    }

    [Fact]
    public void What_is_ticked_in_part_takes_as_long_as_what_is_left_of_it()
    {
        EveningAsk ask = Weeknight with { Prep = Weeknight.Prep with { Done = ["unwrap", "trim"] } };
        TimedTask meat = EveningPlanner.Plan(ask, Dinner.AddHours(-2), Dinner).Tasks.Single(task => task.Task.Kind == TaskKind.Meat);
        Assert.Equal(6, meat.Task.Job.Minutes);
        Assert.Equal(4, meat.Task.Steps.Count);
    }

    [Fact]
    public void A_slower_cook_begins_earlier()
    {
        EveningAsk ask = Suppers.Of(Plans.Thighs, 30);
        TimedTask Meat(double pace) => EveningPlanner.Plan(ask with { Choice = ask.Choice with { Pace = pace } }, Dinner.AddHours(-3), Dinner).Tasks.Single(task => task.Task.Kind == TaskKind.Meat);
        Assert.Equal(11, Meat(1).Task.Job.Minutes);
        Assert.Equal(17, Meat(1.5).Task.Job.Minutes);
        Assert.Equal(6, Meat(0.5).Task.Job.Minutes);
    }

    [Fact]
    public void What_can_be_given_up_says_truly_what_it_buys()
    {
        // Peeling potatoes for the hob stands in the way of nothing but itself: begun now, dinner is when they are done.
        EveningAsk ask = Suppers.Of(Suppers.Marinated(60), 40).With(SideKind.BoiledPotatoes, SideKind.Rice);
        DateTimeOffset now = Dinner.AddMinutes(-90);
        EveningPlan plan = EveningPlanner.Plan(ask, now, Dinner);
        IReadOnlyList<EveningGain> gains = EveningGains.Of(ask, plan, () => [], now);
        Assert.True(plan.LateMinutes > 20);
        EveningGain shorter = Assert.Single(gains, gain => gain.Kind == GainKind.ShorterMarinade);
        Assert.InRange(shorter.Minutes, 1, plan.LateMinutes);
        Assert.StartsWith("Leave the meat in its mix for", shorter.Sentence, StringComparison.Ordinal);
        foreach (EveningGain gain in gains.Where(gain => gain.Side is not null))
        {
            EveningAsk without = ask with { Choice = ask.Choice with { Sides = [.. ask.Choice.Sides.Where((_, i) => i != gain.Side)] } };
            Assert.Equal(gain.Minutes, (plan.EatAt - EveningPlanner.Plan(without, now, Dinner).EatAt).TotalMinutes);
        }

        Assert.Empty(EveningGains.Of(ask, EveningPlanner.Plan(ask, Dinner.AddHours(-9), Dinner), () => throw new InvalidOperationException("Nobody asked for it."), Dinner.AddHours(-9)));
    }

    [Fact]
    public void A_faster_tray_buys_what_it_is_faster_by()
    {
        EveningAsk ask = Suppers.Of(Plans.Thighs, 40);
        DateTimeOffset now = Dinner.AddMinutes(-50);
        EveningPlan plan = EveningPlanner.Plan(ask, now, Dinner);
        Assert.Equal(10, plan.LateMinutes);
        FasterTray hotter = new(GainKind.HotterOven, "Bake at 220 °C", Suppers.Of(Plans.Thighs, 33).Forecast);
        FasterTray slower = new(GainKind.SmallerCuts, "Cut smaller", Suppers.Of(Plans.Thighs, 41).Forecast);
        EveningGain gain = Assert.Single(EveningGains.Of(ask, plan, () => [hotter, slower], now));
        Assert.Equal((GainKind.HotterOven, 7), (gain.Kind, gain.Minutes));
    }

    [Fact]
    public void A_hotter_oven_boneless_pieces_and_smaller_cuts_are_each_sooner_by_the_engine()
    {
        TrayPlan plan = Plans.Supper with { OvenSetting = new(400, TemperatureUnit.Fahrenheit) };
        int planned = TrayForecaster.Forecast(plan).EatMinutes;
        IReadOnlyList<FasterTray> faster = FasterTrays.Of(plan, KitchenUnits.Usual with { Temperature = TemperatureUnit.Fahrenheit });
        Assert.Equal(["Bake at 435 °F", "Take boneless pieces", "Cut the vegetables a third smaller"], faster.Select(tray => tray.Sentence));
        Assert.True(faster[0].Forecast.EatMinutes < planned);
        Assert.True(faster[1].Forecast.Of(1).Ready.MedianMinutes < TrayForecaster.Forecast(plan).Of(1).Ready.MedianMinutes - 3);
        Assert.Equal(["Take boneless pieces"], FasterTrays.Of(Plans.Thighs with { OvenSetting = new(230, TemperatureUnit.Celsius) }, KitchenUnits.Usual).Select(tray => tray.Sentence));
        Assert.Empty(FasterTrays.Of(Plans.Of(Core.Food.Cut.Drumstick, 115, 180, Core.Heat.Climate.OvenMode.Grill), KitchenUnits.Usual));
    }

    [Fact]
    public void A_marinade_is_never_made_shorter_than_it_is_worth_and_a_pack_never_thaws_faster()
    {
        EveningAsk ask = Suppers.Of(Suppers.Marinated(60), 40) with { ThawMinutes = 900 };
        DateTimeOffset now = Dinner.AddMinutes(-60);
        EveningPlan plan = EveningPlanner.Plan(ask, now, Dinner);
        EveningGain shorter = Assert.Single(EveningGains.Of(ask, plan, () => [], now), gain => gain.Kind == GainKind.ShorterMarinade);
        Assert.Contains("for 10 min instead of 1 h", shorter.Sentence, StringComparison.Ordinal);
        Assert.Equal(50, shorter.Minutes);
    }

    [Fact]
    public void Dinner_is_surer_with_more_rest_a_surer_oven_and_free_minutes()
    {
        EveningAsk ask = Suppers.Of(Plans.Thighs, 30);
        double usual = EveningChance.Of(ask.Forecast, 12, 0);
        Assert.InRange(usual, 0.35, 0.5); // Out at the median, hands with nothing to spare.
        Assert.Equal(0.5, EveningChance.Of(ask.Forecast, 12, 600), 0.01);
        Assert.InRange(EveningChance.Of(ask.Forecast, 12, 600, 5), 0.93, 0.96); // Five minutes are 1.6 deviations of a band of eight.
        Assert.InRange(EveningChance.Of(Suppers.Of(Plans.Thighs, 30, restMinutes: 10).Forecast, 12, 600), 0.93, 0.96);
        Assert.True(EveningChance.Of(Suppers.Of(Plans.Thighs, 30, bandMinutes: 30).Forecast, 12, 600, 5) < 0.7);
        Assert.True(EveningChance.Of(ask.Forecast, 60, 0) < usual);
    }

    /// <summary>The chance that is shown counts the free minutes there are.</summary>
    [Fact]
    public void Who_begins_early_is_surer()
    {
        EveningAsk ask = Suppers.Of(Plans.Thighs, 30);
        EveningAsk slow = ask with { Choice = ask.Choice with { Pace = 2.5 } };
        double late = EveningPlanner.Plan(slow, Dinner.AddMinutes(-66), Dinner).Chance!.Value;
        double early = EveningPlanner.Plan(slow, Dinner.AddMinutes(-120), Dinner).Chance!.Value;
        Assert.True(early > late + 0.05);
        EveningPlan plan = EveningPlanner.Plan(ask, Dinner.AddMinutes(-120), Dinner);
        Assert.True(EveningPlanner.ChanceIfSooner(plan, ask, Dinner.AddMinutes(-120), 10) > plan.Chance + 0.3);
    }

    /// <summary>Random evenings of trays with coats and sides: hands and board are never had twice, raw meat is washed up after, and all is done in time.</summary>
    [Fact]
    public void No_evening_puts_what_is_eaten_raw_between_raw_meat_and_its_wash()
    {
        string[] mixes = ["green-yogurt", "egg-crumb"];
        Gen.Select(Gen.Int[0, 2], Gen.Int[0, 200], Gen.Int[25, 70], Gen.Int[0, 12], Gen.Int[1, 2], Gen.Bool, Gen.Int[0, 100_000]).Sample(
            (mix, soak, outMinutes, sides, cooks, garnish, seed) =>
            {
                var dice = new Random(seed);
                TrayPlan plan = mix < 2 ? Plans.Supper.Coated(Counter.Coat(mixes[mix])) : Plans.Supper;
                EveningAsk ask = Suppers.Of(plan, outMinutes, garnish: garnish, soakMinutes: soak).With([.. Enumerable.Range(0, sides % 5).Select(_ => (SideKind)dice.Next(12)).Distinct()]);
                ask = ask with { Choice = ask.Choice with { Cooks = cooks } };
                EveningPlan evening = EveningPlanner.Plan(ask, Dinner.AddDays(-2), Dinner);
                Assert.Equal(0, evening.LateMinutes);
                TimedTask[] raw = [.. evening.Tasks.Where(task => task.Task.Kind == TaskKind.Meat)];
                Assert.All(raw, task => Assert.True(task.Task.Steps[^1].Touches is Touches.Wash || task.Task.Steps.Any(step => step.WaitMinutes > 0)));
                foreach (TimedTask clean in evening.Tasks.Where(task => task.Task.Touches == Touches.ReadyToEat && task.Task.Job.Needs.Any(need => need.Resource == Resource.Board)))
                {
                    Assert.All(raw, meat => Assert.True(clean.EndsAt <= meat.BeginsAt || clean.BeginsAt >= meat.EndsAt));
                }

                DateTimeOffset trayIn = evening.Tasks.Single(task => task.Task.Key == EveningTasks.InKey).BeginsAt;
                Assert.All(evening.Tasks.Where(task => task.Task.Kind is TaskKind.Meat or TaskKind.Preheat || task.Task.Key.StartsWith("vegetable", StringComparison.Ordinal)), task => Assert.True(task.EndsAt <= trayIn));
                Assert.All(evening.Tasks.Where(task => task.Task.Kind == TaskKind.Side), task => Assert.True(task.EndsAt <= Dinner));
                Assert.Equal(evening.Tasks.Select(task => task.Task.Key).Distinct().Count(), evening.Tasks.Count);
            },
            iter: 1000);
    }

    [Fact]
    public void Through_the_night_on_which_clocks_are_changed_minutes_stay_minutes()
    {
        // 28 March 2027: the clock goes from two to three. Dinner is said in the summer's offset, the marinade began in the winter's.
        DateTimeOffset dinner = new(2027, 3, 28, 19, 0, 0, TimeSpan.FromHours(2));
        EveningPlan plan = EveningPlanner.Plan(Suppers.Of(Suppers.Marinated(1200), 40), dinner.AddDays(-2), dinner);
        TimedTask into = plan.Tasks.Single(task => task.Task.Key == "all-unwrap-first");
        TimedTask outOf = plan.Tasks.Single(task => task.Task.Key == "all-coat-1-0");
        Assert.Equal(1200, (outOf.BeginsAt - into.EndsAt).TotalMinutes);
        Assert.Equal(21, into.BeginsAt.ToOffset(TimeSpan.FromHours(1)).Hour);
    }

    [Theory]
    [InlineData(5, "still at their best")]
    [InlineData(10, "still at their best")]
    [InlineData(11, "past their best")]
    [InlineData(25, "past their best")]
    [InlineData(26, "onto a warm plate")]
    [InlineData(31, "above 60 °C (140 °F)")]
    public void A_dinner_that_slips_says_what_to_do_by_each_window(int late, string says)
    {
        // Best until ten minutes after it is out, past after twenty-five.
        EveningAsk ask = Suppers.Of(Plans.Thighs, 30);
        IReadOnlyList<string> sentences = EveningSlip.Sentences(ask.Plan, ask.Forecast, late, minute => $"minute {minute}");
        Assert.Contains(says, sentences[0], StringComparison.Ordinal);
        Assert.Equal(late > 25 ? 2 : 1, sentences.Count);
        Assert.Contains(late > 25 ? "at minute 40" : $"at minute {30 + late}", sentences[0], StringComparison.Ordinal);
    }
}
