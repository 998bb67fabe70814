using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Together;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

public sealed class FinishPlannerTests
{
    private static readonly TrayPlan Apart = Plans.Supper with
    {
        Vegetables = [Plans.Roots(2, Vegetable.Potato, 300), Plans.Roots(3, Vegetable.Courgette, 200)],
    };

    [Fact]
    public void Proposals_bring_lots_together_and_what_they_say_is_what_their_plan_does()
    {
        IReadOnlyList<FinishProposal> proposals = FinishPlanner.Propose(Apart);
        Assert.InRange(proposals.Count, 2, 3);
        double before = TrayForecaster.Forecast(Apart, Care.BestGuess).ApartMinutes;
        Assert.All(proposals, proposal =>
        {
            Assert.Equal(before, proposal.ApartBefore, 0.01);
            Assert.True(proposal.ApartAfter < before - 1);
            Assert.Equal(TrayForecaster.Forecast(proposal.Plan, Care.BestGuess).ApartMinutes, proposal.ApartAfter, 0.3);
            Assert.NotEmpty(proposal.Changes);
            Assert.DoesNotContain(TrayArranger.Arrange(proposal.Plan).Vessels, vessel => vessel.IsOverfull);
        });
        Assert.True(proposals.Min(proposal => proposal.ApartAfter) <= before / 2);
    }

    /// <summary>More work for a later dinner and no nearer together: nobody would take it.</summary>
    [Fact]
    public void Nothing_is_offered_that_another_offer_beats_in_everything()
    {
        TrayPlan crowded = Plans.Thighs.Aiming(80) with
        {
            Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 6, 165, spreadPercent: 20, targetC: 80)],
            Vegetables = [Plans.Roots(2, Vegetable.Potato, 600), Plans.Roots(3, Vegetable.Carrot, 400), Plans.Roots(4, Vegetable.Onion, 250)],
        };
        foreach (TrayPlan plan in new[] { Apart, crowded })
        {
            IReadOnlyList<FinishProposal> proposals = FinishPlanner.Propose(plan);
            Assert.NotEmpty(proposals);
            Assert.DoesNotContain(proposals, one => proposals.Any(other =>
                other.ApartAfter <= one.ApartAfter && other.MinutesMore < one.MinutesMore - 1 && other.DoorOpenings <= one.DoorOpenings && other.Changes.Count < one.Changes.Count));
        }

        // One thing to do before three, where both help.
        TrayPlan less = crowded with { Vegetables = [Plans.Roots(2, Vegetable.Potato, 500), Plans.Roots(3, Vegetable.Carrot, 300)] };
        Assert.Single(FinishPlanner.Propose(less)[0].Changes, change => !change.StartsWith("Probe", StringComparison.Ordinal));
    }

    [Fact]
    public void Sizes_are_whole_fives_and_additions_are_by_the_clock_in_fives() => Assert.All(FinishPlanner.Propose(Apart), proposal =>
    {
        Assert.All(proposal.Plan.Vegetables, lot => Assert.Equal(0, lot.Size.Millimetres() % 5, 1e-9));
        Assert.All(proposal.Plan.Vegetables.Select(lot => lot.AddAtMinutes).Concat(proposal.Plan.Chicken.Select(lot => lot.AddAtMinutes)), minutes => Assert.Equal(0, minutes % 5));
    });

    [Fact]
    public void Every_change_of_the_plan_is_said()
    {
        foreach (FinishProposal proposal in FinishPlanner.Propose(Apart))
        {
            int changed = proposal.Plan.Vegetables.Zip(Apart.Vegetables).Count(pair => pair.First.Size != pair.Second.Size)
                + (proposal.Plan.OvenSetting == Apart.OvenSetting ? 0 : 1)
                + (proposal.Plan.Vessels.Count - Apart.Vessels.Count)
                + proposal.Plan.Vegetables.Select(lot => lot.AddAtMinutes).Concat(proposal.Plan.Chicken.Select(lot => lot.AddAtMinutes)).Where(at => at > 0).Distinct().Count();
            Assert.Equal(changed, proposal.Changes.Count(change => !change.StartsWith("Probe", StringComparison.Ordinal) && !change.StartsWith("Lay foil", StringComparison.Ordinal)));
        }
    }

    /// <summary>Potatoes that need longer than the thighs: the thighs are left in, at their best all the while, and nothing is proposed.</summary>
    [Fact]
    public void Dark_meat_is_left_in_until_the_potatoes_are_tender_and_nothing_need_change()
    {
        TrayPlan plan = Plans.Supper with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 4, 165)], Vegetables = [Plans.Roots(2, Vegetable.Potato, 300)] };
        TrayForecast forecast = TrayForecaster.Forecast(plan, Care.BestGuess);
        LotForecast thighs = forecast.Of(1);
        LotForecast potatoes = forecast.Of(2);
        Assert.InRange(potatoes.Ready.MedianMinutes, thighs.Ready.MedianMinutes + 5, thighs.Good!.BestUntilMinutes!.Value);
        Assert.Equal((int)Math.Ceiling(potatoes.Ready.MedianMinutes - 0.02), forecast.PullMinutes);
        Assert.Equal(forecast.PullMinutes, thighs.OutMinutes);
        Assert.Equal(forecast.PullMinutes, potatoes.OutMinutes);
        Assert.Equal(0, forecast.ApartMinutes);
        Assert.NotNull(forecast.Together);
        Assert.Equal(MiddleState.AtTarget, thighs.State);
        Assert.Empty(FinishPlanner.Propose(plan));

        // Whoever wants them out when they are done has them out when they are done.
        TrayForecast apart = TrayForecaster.Forecast(plan with { Chicken = [plan.Chicken[0] with { LeavesWhenDone = true }] }, Care.BestGuess);
        Assert.Equal((int)Math.Ceiling(thighs.Ready.MedianMinutes - 0.02), apart.Of(1).OutMinutes);
    }

    /// <summary>Half a minute past the best is no reason to change a plan; some minutes are.</summary>
    [Fact]
    public void Less_than_a_minute_apart_is_one_moment()
    {
        TrayPlan thighs = Plans.Supper with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 4, 165)], Vegetables = [Plans.Roots(2, Vegetable.Potato, 300)] };
        double[] apart = [.. Enumerable.Range(25, 31).Select(mm => TrayForecaster.Forecast(
            thighs with { Vegetables = [thighs.Vegetables[0] with { Size = new(mm, LengthUnit.Millimetre) }] }, Care.BestGuess).ApartMinutes)];
        Assert.Equal(0, apart[0]);
        Assert.True(apart[^1] > 3, string.Join(" ", apart));
        Assert.DoesNotContain(apart, minutes => minutes is > 0 and < 1);
    }

    /// <summary>Breast does not wait: it comes out when it is done, and the potatoes are the ones to change.</summary>
    [Fact]
    public void Lean_meat_is_not_left_in_and_cutting_smaller_or_adding_later_is_proposed()
    {
        TrayPlan plan = Plans.Supper with { Chicken = [Plans.Chicken(1, Cut.BonelessBreast, 3, 225)], Vegetables = [Plans.Roots(2, Vegetable.Potato, 300)] };
        TrayForecast forecast = TrayForecaster.Forecast(plan, Care.BestGuess);
        LotForecast breast = forecast.Of(1);
        Assert.Equal((int)Math.Ceiling(breast.Ready.MedianMinutes - 0.02), breast.OutMinutes);
        Assert.Null(forecast.Together);
        Assert.Equal(forecast.Of(2).Ready.MedianMinutes - breast.Good!.BestUntilMinutes!.Value, forecast.ApartMinutes, 0.11);
        IReadOnlyList<FinishProposal> proposals = FinishPlanner.Propose(plan);
        Assert.NotEmpty(proposals);
        Assert.All(proposals, proposal => Assert.True(proposal.ApartAfter < forecast.ApartMinutes - 1));
    }

    [Fact]
    public void What_is_together_already_needs_no_proposal()
    {
        Assert.Empty(FinishPlanner.Propose(Plans.Thighs));
        TrayPlan alike = Plans.Thighs with { Chicken = [Plans.Chicken(1, Cut.BoneInThigh, 3, 165), Plans.Chicken(2, Cut.BoneInThigh, 3, 165)] };
        Assert.Empty(FinishPlanner.Propose(alike));
    }

    [Fact]
    public void Mixed_pieces_are_told_which_to_look_at_first() => Assert.Contains(
        FinishPlanner.Propose(Apart)[0].Changes, change => change.StartsWith("Probe the lightest bone-in thigh first", StringComparison.Ordinal));
}
