using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>The heaviest and the lightest piece of a lot, left in the oven on the rough grid until they are past.</summary>
internal sealed class LeftInOven
{
    private readonly PausedBake _heaviest;
    private readonly PausedBake _lightest;
    private readonly double _pastAfterS;
    private readonly Func<HeatRun, HeatRun, GoodWindow> _window;

    private LeftInOven(PausedBake heaviest, PausedBake lightest, double pastAfterS, Func<HeatRun, HeatRun, GoodWindow> window) =>
        (_heaviest, _lightest, _pastAfterS, _window) = (heaviest, lightest, pastAfterS, window);

    public static LeftInOven Of(ChickenLot lot, SafetyRule rule, PieceSetting heaviest, PieceSetting? lightest)
    {
        // A degree more, so that the moment itself lies inside the run.
        PausedBake until = Begin(heaviest, bake => bake with { StopAtColdestC = LotWindow.PastCoreC(lot) + 1 });
        return new(
            until,
            lightest is null ? until : Begin(lightest, bake => bake with { StopAtColdestC = LotWindow.PastCoreC(lot) + 1 }),
            WindowRule.For(lot.Cut).PastAfterS,
            (heavy, light) => LotWindow.Of(lot, rule, heavy, light));
    }

    public static LeftInOven Of(VegetableLot lot, PieceSetting setting)
    {
        PausedBake until = Begin(setting, bake => bake with { StopAtCookMinutes = LotWindow.PastCookMinutes(lot) + 1 });
        return new(until, until, 0, (run, _) => LotWindow.Of(lot, run));
    }

    public IEnumerable<Action> ToPast()
    {
        yield return () => ToPast(_heaviest);
        if (_lightest != _heaviest)
        {
            yield return () => ToPast(_lightest);
        }
    }

    /// <summary>Once followed: the lightest piece; null where all weigh alike.</summary>
    public HeatRun? Lightest => _lightest == _heaviest ? null : _lightest.Found;

    /// <summary>Once followed: from when to when it is good, min since the first food, as the rough grid has it.</summary>
    public GoodWindow Window() => _window(_heaviest.Found, _lightest.Found);

    /// <summary>What is past only after a while may burn meanwhile.</summary>
    private void ToPast(PausedBake bake)
    {
        bake.FollowToGoal();
        if (_pastAfterS > 0)
        {
            bake.FollowTo([], Math.Min(TrayForecaster.LongestBakeS, bake.ReachedS + _pastAfterS));
        }
    }

    private static PausedBake Begin(PieceSetting setting, Func<PieceBake, PieceBake> stopping) =>
        new(stopping(setting.Bake(KitchenGuess.Nominal, [new(BakePlace.Oven, TrayForecaster.LongestBakeS)])), GridLevel.Rough);
}
