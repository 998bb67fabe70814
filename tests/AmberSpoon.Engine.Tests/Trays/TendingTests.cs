using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Core.Trays.Ways;
using AmberSpoon.Core.Units;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class TendingTests
{
    private static readonly Gen<TendingSchool> AnySchool = Gen.Select(Gen.Enum<HeatSchool>(), Gen.Enum<HowOften>(), Gen.Enum<HowOften>(), Gen.Bool)
        .Select((heat, turning, basting, drains) => new TendingSchool(heat, turning, basting, drains));

    private static readonly string[] Compared = ["hot", "moderate", "covered", "boneless"];

    private static readonly TrayPlan Glazed = Plans.Thighs with { Chicken = [Plans.Thighs.Chicken[0] with { Coats = [Coating.Glaze] }] };

    [Fact]
    public void A_school_s_steps_are_in_order_and_before_the_chicken_is_out() => Gen.Select(AnySchool, Gen.Int[15, 90]).Sample((school, pull) =>
    {
        IReadOnlyList<PlannedStep> steps = SchoolSteps.For(school, pull, new(200, TemperatureUnit.Celsius));
        return steps.SequenceEqual(steps.OrderBy(step => step.AtMinutes))
            && steps.All(step => step.AtMinutes >= 0 && step.AtMinutes + (step.ForMinutes ?? 0) <= pull)
            && steps.Count(step => step.Kind == StepKind.Turn) is var turns && turns == 0 == (school.Turning == HowOften.Never)
            && steps.Any(step => step.Kind == StepKind.Cover) == (school.Heat == HeatSchool.CoveredThenOpen)
            && NothingIsDoneUnderFoil(steps);
    });

    private static bool NothingIsDoneUnderFoil(IReadOnlyList<PlannedStep> steps)
    {
        bool isCovered = false;
        foreach (PlannedStep step in steps)
        {
            isCovered = step.Kind == StepKind.Cover || (isCovered && step.Kind != StepKind.Uncover);
            if (isCovered && step.Kind != StepKind.Cover)
            {
                return false;
            }
        }

        return true;
    }

    [Fact]
    public void Foil_off_is_when_hands_turn_and_baste_what_lay_under_it()
    {
        var dish = new TendingSchool(HeatSchool.CoveredThenOpen, HowOften.Once, HowOften.Often, DrainsJuices: true);
        IReadOnlyList<PlannedStep> steps = SchoolSteps.For(dish, 100, new(200, TemperatureUnit.Celsius));
        Assert.Equal(
            [(StepKind.Cover, 0), (StepKind.Uncover, 65), (StepKind.Turn, 65), (StepKind.Baste, 65), (StepKind.Drain, 65), (StepKind.Baste, 77), (StepKind.Baste, 89)],
            steps.Select(step => (step.Kind, step.AtMinutes)));
    }

    /// <summary>Baste at 30 min and then every 10 to 15 (common practice).</summary>
    [Fact]
    public void Basting_often_begins_at_thirty_minutes_where_there_is_time()
    {
        var often = new TendingSchool(HeatSchool.Steady, HowOften.Never, HowOften.Often, DrainsJuices: false);
        int[] times = [.. SchoolSteps.For(often, 62, new(190, TemperatureUnit.Celsius)).Select(step => step.AtMinutes)];
        Assert.Equal(30, times[0]);
        Assert.All(times.Zip(times.Skip(1)), pair => Assert.InRange(pair.Second - pair.First, 10, 15));
    }

    [Fact]
    public void An_adopted_school_fits_the_time_the_tray_then_takes()
    {
        TrayPlan tended = SchoolSteps.Adopt(Plans.Supper, new(HeatSchool.CoveredThenOpen, HowOften.Once, HowOften.Never, DrainsJuices: true));
        int pull = TrayForecaster.Forecast(tended, Care.BestGuess).PullMinutes;
        Assert.All(tended.Steps, step => Assert.InRange(step.AtMinutes, 0, pull));
        Assert.InRange(tended.Steps.Single(step => step.Kind == StepKind.Uncover).AtMinutes / (double)pull, 0.5, 0.8);
    }

    [Fact]
    public void Each_step_s_effect_is_the_tray_with_and_without_it()
    {
        TrayPlan plan = Plans.Supper with { Steps = [new(StepKind.Baste, 10), new(StepKind.Turn, 14), new(StepKind.Baste, 18)] };
        TrayLayout layout = TrayArranger.Arrange(plan);
        IReadOnlyList<StepEffect> effects = StepEffects.Of(plan, layout, TrayForecaster.Forecast(plan, layout));
        Assert.Equal([StepKind.Baste, StepKind.Turn], effects.Select(effect => effect.Kind));
        Assert.Equal(2, effects[0].Times);
        Assert.InRange(effects[0].MinutesAdded!.Value, 0.3, 5);
        Assert.True(effects[0].BrowningAdded < 0);
        Assert.True(effects[1].BrowningUnderAdded < 0 && effects[1].BrowningAdded > -0.3);
        Assert.Empty(StepEffects.Of(Plans.Supper, layout, TrayForecaster.Forecast(Plans.Supper)));

        // Foil on and off is one decision, told once; taking both away is what it is held against.
        TrayPlan foiled = Plans.Supper with { Steps = [new(StepKind.Cover, 5), new(StepKind.Turn, 12), new(StepKind.Uncover, 20)] };
        IReadOnlyList<StepEffect> pairs = StepEffects.Of(foiled, layout, TrayForecaster.Forecast(foiled, layout));
        Assert.Equal([(StepKind.Cover, 1), (StepKind.Turn, 1)], pairs.Select(effect => (effect.Kind, effect.Times)));
        TrayPlan bare = foiled with { Steps = [new(StepKind.Turn, 12)] };
        Assert.Equal(
            TrayForecaster.Forecast(foiled, layout, Care.BestGuess).ToTarget.MedianMinutes - TrayForecaster.Forecast(bare, layout, Care.BestGuess).ToTarget.MedianMinutes,
            pairs[0].MinutesAdded!.Value,
            0.3);

        // Without the one step that makes the oven hot it would never be done: said as such, not as a number.
        TrayPlan gentle = Plans.Thighs with { OvenSetting = new(60, TemperatureUnit.Celsius), Steps = [new(StepKind.Lower, 10, new(200, TemperatureUnit.Celsius))] };
        TrayLayout alone = TrayArranger.Arrange(gentle);
        Assert.Null(Assert.Single(StepEffects.Of(gentle, alone, TrayForecaster.Forecast(gentle, alone))).MinutesAdded);
    }

    [Fact]
    public void The_last_raw_brush_is_well_before_the_end_and_earlier_in_a_cooler_oven()
    {
        int hot = Last(Glazed);
        int pull = TrayForecaster.Forecast(Glazed).PullMinutes;
        Assert.InRange(hot, pull / 3, pull - 6);
        TrayPlan cool = Glazed with { OvenSetting = new(160, TemperatureUnit.Celsius) };
        Assert.True(TrayForecaster.Forecast(cool).PullMinutes - Last(cool) >= pull - hot);

        static int Last(TrayPlan plan) => LastBaste.Minutes(plan, TrayArranger.Arrange(plan), TrayForecaster.Forecast(plan))!.Value;
    }

    [Fact]
    public void In_foil_to_the_end_or_in_minutes_no_raw_brush_is_safe()
    {
        TrayPlan tenders = Plans.Of(Cut.Tender, 20, 200, targetC: 60);
        Assert.Null(LastBaste.Minutes(tenders, TrayArranger.Arrange(tenders), TrayForecaster.Forecast(tenders)));
    }

    [Fact]
    public void Door_openings_and_work_are_counted_once_a_moment()
    {
        TrayForecast plain = TrayForecaster.Forecast(Plans.Supper, Care.BestGuess);
        int outs = plain.Lots.Select(lot => lot.OutMinutes).Distinct().Count();
        Assert.Equal(outs, HandsOn.Of(Plans.Supper, plain).DoorOpenings);
        TrayPlan tended = Plans.Supper with { Steps = [new(StepKind.Turn, 15), new(StepKind.Baste, 15), new(StepKind.Lower, 20, new(180, TemperatureUnit.Celsius))] };
        var hands = HandsOn.Of(tended, plain);
        Assert.Equal(outs + 1, hands.DoorOpenings);
        Assert.True(hands.Minutes > HandsOn.Of(Plans.Supper, plain).Minutes + 1);
    }

    [Fact]
    public void Ways_differ_as_practice_says()
    {
        TrayPlan plan = Plans.Supper with { Chicken = [Plans.Supper.Chicken[0], Plans.Chicken(4, Cut.BonelessBreast, 2, 200)] };
        Dictionary<string, WayReport> reports = WayComparer.Compare(
            plan, [.. Compared.Select(id => ReadyWays.Find(id)!)]).ToDictionary(report => report.Id);
        Assert.True(reports["hot"].ToTarget.MedianMinutes < reports["moderate"].ToTarget.MedianMinutes);
        Assert.True(reports["covered"].ToTarget.MedianMinutes > reports["hot"].ToTarget.MedianMinutes);
        Assert.True(reports["covered"].Colour <= reports["hot"].Colour);
        Assert.True(reports["boneless"].ToTarget.MedianMinutes < reports["moderate"].ToTarget.MedianMinutes);
        Assert.All(reports.Values, report => Assert.True(report.BreastLossShare is > 0.1 and < 0.45 && report.DarkLossShare is > 0.1 and < 0.45));
        Assert.Equal(1, Plans.Thighs.Vegetables.Count + Plans.Thighs.Vessels.Count);
        Assert.Null(WayComparer.Compare(Plans.Thighs, [ReadyWays.All[0]])[0].BreastLossShare);
    }

    [Fact]
    public void Every_ready_way_bakes_a_supper() => Assert.Equal(
        ReadyWays.All.Count, WayComparer.Compare(Plans.Supper, ReadyWays.All).Count);

    [Fact]
    public void A_recipe_is_too_short_too_long_or_fits_and_the_oven_that_fits_is_named()
    {
        var oven = new EnteredTemperature(204, TemperatureUnit.Celsius);
        double ready = TrayForecaster.Forecast(Plans.Thighs, Care.BestGuess).ToTarget.MedianMinutes;
        RecipeOutcome tooShort = RecipeCheck.Of(Plans.Thighs, oven, (int)ready - 8);
        Assert.StartsWith("Leave it", tooShort.Advice, StringComparison.Ordinal);
        Assert.Equal(MiddleState.BelowTarget, tooShort.Lots[0].State);
        Assert.Contains("Or set the oven to", RecipeCheck.Of(Plans.Thighs, oven, (int)ready - 3).Advice, StringComparison.Ordinal);
        RecipeOutcome later = RecipeCheck.Of(Plans.Thighs, oven, (int)ready + 15);
        Assert.StartsWith("The chicken is good from about 3", later.Advice, StringComparison.Ordinal);
        Assert.EndsWith("min fit. Measure all the same.", later.Advice, StringComparison.Ordinal);
        Assert.Equal(MiddleState.AtTarget, later.Lots[0].State);
        RecipeOutcome past = RecipeCheck.Of(Plans.Thighs, oven, 120);
        Assert.EndsWith("at the recipe’s 120 min the bone-in thighs are past.", past.Advice, StringComparison.Ordinal);
        Assert.Equal(MiddleState.Beyond, past.Lots[0].State);
        Assert.Contains("Not tender by then: potatoes (about ", RecipeCheck.Of(Plans.Supper, oven, (int)ready + 5).Advice, StringComparison.Ordinal);
        Assert.EndsWith("are past.", RecipeCheck.Of(Plans.Of(Cut.BonelessBreast, 225, 204), oven, 50).Advice, StringComparison.Ordinal);
        Assert.StartsWith("The recipe’s time fits", RecipeCheck.Of(Plans.Thighs, oven, (int)Math.Ceiling(ready)).Advice, StringComparison.Ordinal);
        // A recipe in stages: less heat for the second half is later than no change, sooner than less heat all along.
        double Minutes(params RecipeStage[] then) => RecipeCheck.Of(Plans.Thighs, oven, 60, then).ReadyMinutes!.Value;
        var cooler = new EnteredTemperature(150, TemperatureUnit.Celsius);
        double staged = Minutes(new RecipeStage(10, cooler));
        Assert.InRange(staged, ready + 2, RecipeCheck.Of(Plans.Thighs, cooler, 60).ReadyMinutes!.Value - 2);
        Assert.True(Minutes(new RecipeStage(5, cooler)) > staged + 1);
        Assert.Equal(ready, Minutes(), 0.01);
        Assert.DoesNotContain("Or set the oven", RecipeCheck.Of(Plans.Thighs, oven, 20, [new RecipeStage(10, cooler)]).Advice, StringComparison.Ordinal);
        RecipeOutcome supper = RecipeCheck.Of(Plans.Supper, oven, 20);
        Assert.Equal([true, false, false], supper.Lots.Select(lot => lot.IsChicken));
        Assert.InRange(supper.Lots[1].State, MiddleState.Hard, MiddleState.Firm);
    }
}
