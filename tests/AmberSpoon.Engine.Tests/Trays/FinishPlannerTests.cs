using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Together;
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
        double before = TrayForecaster.Forecast(Apart, Care.BestGuess).Spread.Minutes;
        Assert.All(proposals, proposal =>
        {
            Assert.Equal(before, proposal.SpreadBefore, 0.01);
            Assert.True(proposal.SpreadAfter < before - 1);
            Assert.Equal(TrayForecaster.Forecast(proposal.Plan, Care.BestGuess).Spread.Minutes, proposal.SpreadAfter, 0.3);
            Assert.NotEmpty(proposal.Changes);
            Assert.DoesNotContain(TrayArranger.Arrange(proposal.Plan).Vessels, vessel => vessel.IsOverfull);
        });
        Assert.True(proposals.Min(proposal => proposal.SpreadAfter) <= before / 2);
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
