using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

/// <summary>A plan in an oven that has been learnt: its middle is where the oven is, and its band as wide as what is still doubtful.</summary>
public sealed class KnownOvenTests
{
    private static readonly OvenBelief Learnt = new(5, [-1, 0.5, -0.2], [0.5, -0.3, 0, -0.3, 0.5, 0, 0, 0, 0.9]);

    [Fact]
    public void An_oven_nobody_knows_has_the_design_it_always_had()
    {
        IReadOnlyList<(KitchenGuess Faster, KitchenGuess Slower)> usual = GuessDesign.Around(KitchenGuess.Nominal, heightMeasured: false);
        Assert.Equal(usual, GuessDesign.Around(KitchenGuess.Nominal, false, believed: OvenBelief.Unknown(0)));
        Assert.Equal((12.0, -12.0), (usual[1].Faster.OvenOffsetC, usual[1].Slower.OvenOffsetC));
        Assert.Equal((1.2, 0.8), (usual[2].Faster.ExchangeFactor, usual[2].Slower.ExchangeFactor));
        Assert.Equal((0.7, 1.3), (usual[4].Faster.EvaporationFactor, usual[4].Slower.EvaporationFactor));
    }

    [Fact]
    public void Doubts_that_go_together_are_moved_together()
    {
        // By hand, the triangle of [0.5 −0.3; −0.3 0.5]: √½, −0.3/√½, √(0.5 − 0.18).
        IReadOnlyList<(KitchenGuess Faster, KitchenGuess Slower)> design = GuessDesign.Around(KitchenGuess.Nominal, false, believed: Learnt);
        double half = Math.Sqrt(0.5);
        Assert.Equal(12 * half, design[1].Faster.OvenOffsetC, 9);
        Assert.Equal(1 - (0.2 * 0.3 / half), design[1].Faster.ExchangeFactor, 9);
        Assert.Equal(0, design[2].Faster.OvenOffsetC, 9);
        Assert.Equal(1 + (0.2 * Math.Sqrt(0.5 - (0.09 / 0.5))), design[2].Faster.ExchangeFactor, 9);
        Assert.Equal(1 - (0.3 * Math.Sqrt(0.9)), design[4].Faster.EvaporationFactor, 9);
    }

    [Fact]
    public void The_heat_model_is_asked_about_the_oven_as_it_is_learnt()
    {
        var plan = Plans.Supper with { Oven = HouseOven.Usual with { Learnt = Learnt } };
        PieceSetting setting = new LotSettings(plan, TrayArranger.Arrange(plan)).Of(plan.Chicken[0]);
        PieceSetting unknown = new LotSettings(Plans.Supper, TrayArranger.Arrange(Plans.Supper)).Of(Plans.Supper.Chicken[0]);
        Assert.Equal(-OvenBelief.OffsetSdC, setting.Oven.OffsetC, 9);
        Assert.Equal(Math.Exp(0.09), setting.Oven.ExchangeFactor / unknown.Oven.ExchangeFactor, 9);
        Assert.Equal(Learnt, setting.Believed);
        var bake = setting.Bake(KitchenGuess.Nominal with { EvaporationFactor = 1.5 }, [new(BakePlace.Oven, 600)]);
        Assert.Equal(1.5 * Math.Exp(-0.2 * 0.3 / 1.2816), bake.Oven.EvaporationFactor, 9);
    }
}
