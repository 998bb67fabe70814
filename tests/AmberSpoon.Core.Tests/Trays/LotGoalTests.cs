using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class LotGoalTests
{
    /// <summary>Dark meat 80 °C, lean 74 °C (common practice).</summary>
    [Fact]
    public void Each_cut_has_its_usual_goal_in_either_unit()
    {
        Assert.All(CutTable.All, cut => Assert.Equal(cut.IsDark ? 80 : 74, CoreGoal.Usual(cut.Cut, TemperatureUnit.Celsius).Core.Value));
        Assert.All(CutTable.All, cut => Assert.Equal(cut.IsDark ? 176 : 165, CoreGoal.Usual(cut.Cut, TemperatureUnit.Fahrenheit).Core.Value));
    }

    [Fact]
    public void Two_lots_of_one_tray_are_done_by_their_own_goals()
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 2, 165, targetC: 74), Plans.Chicken(2, Cut.BoneInThigh, 2, 165, targetC: 82)] };
        TrayForecast forecast = TrayForecaster.Forecast(plan);
        Assert.True(forecast.Of(2).Ready.MedianMinutes > forecast.Of(1).Ready.MedianMinutes + 2);
        Assert.Equal(forecast.Of(1).Safe!.MedianMinutes, forecast.Of(1).Ready.MedianMinutes, 0.3);
        Assert.Equal(forecast.Of(2).Safe!.MedianMinutes, forecast.Of(1).Safe!.MedianMinutes, 2.0);
        Assert.True(forecast.Of(1).PeakC >= 74);
    }

    [Fact]
    public void A_hold_comes_after_the_temperature_it_is_held_at()
    {
        TrayPlan plan = Plans.Of(Cut.BonelessBreast, 225, 180, targetC: 63);
        double reached = TrayForecaster.Forecast(plan).Of(1).Ready.MedianMinutes;
        TrayPlan held = plan with { Chicken = [plan.Chicken[0] with { Goal = plan.Chicken[0].Goal with { HoldSeconds = 510 } }] };
        Assert.Equal(reached + 8.5, TrayForecaster.Forecast(held).Of(1).Ready.MedianMinutes, 0.1);
    }

    [Theory]
    [InlineData(Tenderness.WithBite, 0.7)]
    [InlineData(Tenderness.Tender, 1)]
    [InlineData(Tenderness.Soft, 2)]
    public void A_vegetable_is_done_as_tender_as_it_is_wanted(Tenderness wanted, double share)
    {
        VegetableFacts potato = VegetableTable.For(Vegetable.Potato);
        Assert.Equal(share * potato.TenderCookMinutes, new SoftGoal(potato, wanted).CookMinutes, 1e-9);
        VegetableFacts quick = potato with { Patience = 1.4 };
        Assert.InRange(new SoftGoal(quick, Tenderness.Soft).CookMinutes / quick.TenderCookMinutes, 1.1, 1.4);
        TrayPlan usual = Plans.Supper with { Vegetables = [Plans.Supper.Vegetables[0]] };
        TrayPlan plan = usual with { Vegetables = [usual.Vegetables[0] with { Goal = wanted }] };
        double tender = TrayForecaster.Forecast(usual).Of(2).Ready.MedianMinutes;
        Assert.Equal(Math.Sign(share - 1), Math.Sign(Math.Round(TrayForecaster.Forecast(plan).Of(2).Ready.MedianMinutes - tender)));
    }

    [Theory]
    [InlineData(79.4, MiddleState.BelowTarget)]
    [InlineData(79.5, MiddleState.AtTarget)]
    [InlineData(90, MiddleState.AtTarget)]
    [InlineData(90.1, MiddleState.Beyond)]
    public void A_middle_is_told_by_its_goal(double coldestC, MiddleState state) =>
        Assert.Equal(state, new CoreGoal(new EnteredTemperature(80, TemperatureUnit.Celsius)).StateAt(coldestC, 0));

    /// <summary>What will become of a goal below the rule is said while it is planned.</summary>
    [Theory]
    [InlineData(ProfileId.UnitedStates, 73.9, 0, "")]
    [InlineData(ProfileId.UnitedStates, 63, 0, "will not pass: the United States rule asks 73.9 °C. Aim for that, or follow the time and temperature rule")]
    [InlineData(ProfileId.UnitedStates, 73, 0, "second reading")]
    [InlineData(ProfileId.TimeAndTemperature, 63, 0, "passes the Time and temperature rule only when held at 62.8 °C or more for 8.4 min")]
    [InlineData(ProfileId.TimeAndTemperature, 63, 504, "pass only when every piece is seen at 62.8 °C or more for 8.4 min")]
    [InlineData(ProfileId.TimeAndTemperature, 63, 503, "Plan that hold")]
    [InlineData(ProfileId.UnitedKingdom, 66, 600, "65 °C or more for 10 min")]
    public void A_goal_below_the_rule_is_told_what_will_become_of_it(ProfileId profile, double goalC, int holdSeconds, string says)
    {
        TrayPlan plan = Plans.Of(Cut.BonelessBreast, 225, 200) with { Profile = profile };
        plan = plan with { Chicken = [plan.Chicken[0] with { SkinOn = false, Goal = new(new EnteredTemperature(goalC, TemperatureUnit.Celsius), holdSeconds) }] };
        IReadOnlyList<string> cautions = TrayCautions.For(plan, TrayForecaster.Forecast(plan), KitchenUnits.Usual);
        string[] expected = profile == ProfileId.TimeAndTemperature ? ["very young", says] : says.Length > 0 ? [says] : [];
        Assert.Equal(expected.Length, cautions.Count);
        Assert.All(expected, sentence => Assert.Contains(cautions, caution => caution.Contains(sentence, StringComparison.Ordinal)));
    }

    [Fact]
    public void Stuffed_breast_is_not_sent_to_the_hold_it_may_not_use()
    {
        TrayPlan plan = Plans.Of(Cut.StuffedBreast, 240, 200, targetC: 63) with { Profile = ProfileId.TimeAndTemperature };
        Assert.Contains(TrayCautions.For(plan, TrayForecaster.Forecast(plan), KitchenUnits.Usual), caution => caution.Contains("will not pass", StringComparison.Ordinal) && caution.Contains("of stuffed meat", StringComparison.Ordinal));
    }

    [Fact]
    public void Pieces_are_called_as_the_cook_sees_them()
    {
        TrayPlan plan = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 3, 165), Plans.Chicken(2, Cut.BonelessBreast, 1, 225)] };
        Spot[] spots =
        [
            new(1, 0, 0, 80, 60, 0, true), new(1, 1, 0, 220, 60, 0, true), new(1, 2, 0, 360, 250, 0, true), new(2, 0, 0, 220, 160, 0, true),
        ];
        IReadOnlyDictionary<PieceRef, string> names = PieceNames.Of(plan, TrayArranger.Arrange(plan with { Spots = spots }));
        Assert.Equal("thigh 1, back left", names[new(new(1), 1)]);
        Assert.Equal("thigh 2, back middle", names[new(new(1), 2)]);
        Assert.Equal("thigh 3, front right", names[new(new(1), 3)]);
        Assert.StartsWith("the breast, middle", names[new(new(2), 1)], StringComparison.Ordinal);
        TrayPlan both = plan with { Chicken = [plan.Chicken[0], Plans.Chicken(2, Cut.BonelessThigh, 2, 110)] };
        Assert.Equal("bone-in thighs", LotNames.Of(both, both.Chicken[0]));
        Assert.Equal("thighs", LotNames.Of(plan, plan.Chicken[0]));
    }
}
