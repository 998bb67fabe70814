using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

/// <summary>Two cheap grids together against one far finer.</summary>
public sealed class TwoGridsTests
{
    [Theory]
    [InlineData(Cut.BoneInThigh)]
    [InlineData(Cut.BonelessBreast)]
    [InlineData(Cut.Drumstick)]
    [InlineData(Cut.LegQuarter)]
    [InlineData(Cut.WholeWing)]
    [InlineData(Cut.Tender)]
    public void They_are_within_half_a_minute_of_the_fine_grid(Cut cut)
    {
        PieceBake bake = Heating.Bake(cut, 204, 70);
        double fine = bake.Run(GridLevel.Fine).TimeToReachS(74).Minutes();
        HeatRun quick = bake.Run(GridLevel.Quick);
        double both = TwoGrids.Beyond(quick, bake.Run(GridLevel.Rough)).TimeToReachS(74).Minutes();
        Assert.InRange(both, fine - 0.5, fine + 0.5);
    }

    [Fact]
    public void A_paused_bake_goes_on_as_if_it_had_not_paused()
    {
        PieceBake bake = Heating.Bake(Cut.BoneInThigh, 204, 200) with { StopAtColdestC = 60 };
        var paused = new PausedBake(bake, GridLevel.Quick);
        paused.FollowToGoal(TestContext.Current.CancellationToken);
        Assert.InRange(paused.Found.Last.ColdestC, 60, 64);
        paused.FollowTo([new TakeOut(2400)], 3000, TestContext.Current.CancellationToken);
        HeatRun straight = Heating.Bake(Cut.BoneInThigh, 204, 50, steps: [new TakeOut(2400)]).Run();
        Assert.Equal(3000, paused.Found.Last.TimeS, 1e-6);
        Assert.Equal(straight.Last.ColdestC, paused.Found.Last.ColdestC, 0.2);
    }
}
