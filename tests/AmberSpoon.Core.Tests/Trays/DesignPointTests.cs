using AmberSpoon.Core.Trays.Forecasting;
using Xunit;

namespace AmberSpoon.Core.Tests.Trays;

/// <summary>By hand: shares of a band are as squares, so 3 and 4 min make 5, and each doubt moves by 3/5 and 4/5 of its end.</summary>
public sealed class DesignPointTests
{
    private static readonly KitchenGuess Thicker = KitchenGuess.Nominal with { ThicknessFactor = 1.1 };
    private static readonly KitchenGuess Cooler = KitchenGuess.Nominal with { OvenOffsetC = -10, ExchangeFactor = 0.9 };

    [Fact]
    public void Each_doubt_moves_by_its_share()
    {
        var at = DesignPoint.Of([(Thicker, 3), (Cooler, 4)], (1.15, 0), (1.1, 0));
        Assert.Equal(1.06, at.Guess.ThicknessFactor, 1e-12);
        Assert.Equal(-8, at.Guess.OvenOffsetC, 1e-12);
        Assert.Equal(0.92, at.Guess.ExchangeFactor, 1e-12);
        Assert.Equal((0, 1, 1, 1), (at.Guess.StartDifferenceC, at.Guess.EvaporationFactor, at.CookingFactor, at.ModelFactor));
    }

    [Fact]
    public void What_acts_the_other_way_moves_the_other_way() =>
        Assert.Equal(0.94, DesignPoint.Of([(Thicker, -3), (Cooler, 4)], (1.15, 0), (1.1, 0)).Guess.ThicknessFactor, 1e-12);

    [Fact]
    public void Start_and_evaporation_move_as_well()
    {
        KitchenGuess warmer = KitchenGuess.Nominal with { StartDifferenceC = 2 };
        KitchenGuess drier = KitchenGuess.Nominal with { EvaporationFactor = 0.7 };
        KitchenGuess at = DesignPoint.Of([(warmer, 3), (drier, 4)], (1, 0), (1, 0)).Guess;
        Assert.Equal(1.2, at.StartDifferenceC, 1e-12);
        Assert.Equal(0.76, at.EvaporationFactor, 1e-12);
    }

    [Fact]
    public void What_vegetables_need_and_our_own_model_take_their_shares()
    {
        var at = DesignPoint.Of([(Thicker, 2)], (0.85, 3), (0.9, 6));
        Assert.Equal(1 + (0.1 * 2 / 7), at.Guess.ThicknessFactor, 1e-12);
        Assert.Equal(1 - (0.15 * 3 / 7), at.CookingFactor, 1e-12);
        Assert.Equal(1 - (0.1 * 6 / 7), at.ModelFactor, 1e-12);
    }

    [Fact]
    public void Where_nothing_moves_it_there_is_one_kitchen() =>
        Assert.Equal(DesignPoint.Nominal, DesignPoint.Of([(Thicker, 0)], (0.85, 0), (0.9, 0)));
}
