using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>Until when a piece of a lot is followed to see how long it is good, and what is read off it then. On the rough grid.</summary>
internal sealed class LeftInOven
{
    private readonly Func<PieceBake, PieceBake> _stopping;
    private readonly double _pastAfterS;
    private readonly Func<HeatRun, HeatRun, double, GoodWindow> _window;

    private LeftInOven(Func<PieceBake, PieceBake> stopping, double pastAfterS, Func<HeatRun, HeatRun, double, GoodWindow> window) =>
        (_stopping, _pastAfterS, _window) = (stopping, pastAfterS, window);

    /// <summary>A degree more, so that the moment itself lies inside the run.</summary>
    public static LeftInOven Of(ChickenLot lot, SafetyRule rule) => new(
        bake => bake with { StopAtColdestC = LotWindow.PastCoreC(lot) + 1 },
        WindowRule.For(lot.Cut).PastAfterS,
        (heaviest, lightest, _) => LotWindow.Of(lot, rule, heaviest, lightest));

    public static LeftInOven Of(VegetableLot lot) => new(
        bake => bake with { StopAtCookMinutes = LotWindow.PastCookMinutes(lot) + 1 },
        0,
        (run, _, cooking) => LotWindow.Of(lot, run, cooking));

    public PausedBake Begin(PieceSetting setting, KitchenGuess guess) =>
        new(_stopping(setting.Bake(guess, [new(BakePlace.Oven, TrayForecaster.LongestBakeS)])), GridLevel.Rough);

    /// <summary>What is past only after a while may burn meanwhile.</summary>
    public void ToPast(PausedBake bake)
    {
        bake.FollowToGoal();
        if (_pastAfterS > 0)
        {
            bake.FollowTo([], Math.Min(TrayForecaster.LongestBakeS, bake.ReachedS + _pastAfterS));
        }
    }

    /// <summary>From when to when it is good, min since the first food, as the rough grid has it.</summary>
    /// <param name="heaviest">Its heaviest piece, followed until it is past.</param>
    /// <param name="lightest">And its lightest.</param>
    /// <param name="cookingFactor">How much more cooking than usual a vegetable needs.</param>
    public GoodWindow Window(HeatRun heaviest, HeatRun lightest, double cookingFactor = 1) => _window(heaviest, lightest, cookingFactor);
}
