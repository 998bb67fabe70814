using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>The heaviest and the lightest piece of a lot, left in the oven of some kitchen on the rough grid until they are past.</summary>
internal sealed class LeftInOven
{
    private readonly PausedBake _heaviest;
    private readonly PausedBake _lightest;
    private readonly double _pastAfterS;
    private readonly Func<HeatRun, HeatRun, GoodWindow> _window;

    private LeftInOven(PausedBake heaviest, PausedBake lightest, double pastAfterS, double modelFactor, Func<HeatRun, HeatRun, GoodWindow> window) =>
        (_heaviest, _lightest, _pastAfterS, ModelFactor, _window) = (heaviest, lightest, pastAfterS, modelFactor, window);

    /// <inheritdoc cref="DesignPoint.ModelFactor"/>
    public double ModelFactor { get; }

    public static LeftInOven Of(ChickenLot lot, SafetyRule rule, PieceSetting heaviest, PieceSetting? lightest, DesignPoint at)
    {
        PausedBake until = Begin(heaviest);
        return new(
            until,
            lightest is null ? until : Begin(lightest),
            WindowRule.For(lot.Cut).PastAfterS,
            at.ModelFactor,
            (heavy, light) => LotWindow.Of(lot, rule, heavy, light));

        // A degree more, so that the moment itself lies inside the run.
        PausedBake Begin(PieceSetting setting) => LeftInOven.Begin(setting, at, bake => bake with { StopAtColdestC = LotWindow.PastCoreC(lot) + 1 });
    }

    public static LeftInOven Of(VegetableLot lot, PieceSetting setting, DesignPoint at)
    {
        PausedBake until = Begin(setting, at, bake => bake with { StopAtCookMinutes = (at.CookingFactor * LotWindow.PastCookMinutes(lot)) + 1 });
        return new(until, until, 0, at.ModelFactor, (run, _) => LotWindow.Of(lot, run, at.CookingFactor));
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

    private static PausedBake Begin(PieceSetting setting, DesignPoint at, Func<PieceBake, PieceBake> stopping) =>
        new(stopping(setting.Bake(at.Guess, [new(BakePlace.Oven, TrayForecaster.LongestBakeS)])), GridLevel.Rough);
}
