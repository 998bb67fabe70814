using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// The same piece followed through every guess of <see cref="GuessDesign"/>; answers with bands. The best guess may be
/// computed on a finer grid; how far the others lie from it needs only a rough one.
/// </summary>
public sealed class GuessEnsemble
{
    private readonly HeatRun _rough;
    private readonly IReadOnlyList<(HeatRun Faster, HeatRun Slower)> _pairs;

    /// <param name="nominal">The best guess.</param>
    /// <param name="rough">The same on the rough grid.</param>
    /// <param name="pairs">The ends of each doubt, on the rough grid.</param>
    public GuessEnsemble(HeatRun nominal, HeatRun rough, IReadOnlyList<(HeatRun Faster, HeatRun Slower)> pairs)
    {
        Nominal = nominal;
        _rough = rough;
        _pairs = pairs;
    }

    public HeatRun Nominal { get; }

    /// <summary>All members were followed until then, s; afterwards a band keeps its width.</summary>
    public double BandUntilS { get; init; } = double.PositiveInfinity;

    public static GuessEnsemble Follow(
        PieceSetting setting,
        KitchenGuess centre,
        IReadOnlyList<PlaceStage> stages,
        double stopAtColdestC = double.PositiveInfinity)
    {
        IReadOnlyList<(KitchenGuess Faster, KitchenGuess Slower)> design = GuessDesign.Around(centre, setting.IsMeasured, believed: setting.Believed);
        (KitchenGuess Guess, GridLevel Level)[] members =
        [
            (centre, GridLevel.Normal),
            (centre, GridLevel.Rough),
            .. design.Select(pair => (pair.Faster, GridLevel.Rough)),
            .. design.Select(pair => (pair.Slower, GridLevel.Rough)),
        ];
        var runs = new HeatRun[members.Length];
        Parallel.For(0, members.Length, i =>
            runs[i] = setting.Bake(members[i].Guess, stages, stopAtColdestC).Follow(members[i].Level));
        return new(
            runs[0],
            runs[1],
            [.. Enumerable.Range(2, design.Count).Select(i => (runs[i], runs[i + design.Count]))]);
    }

    /// <summary>When the coldest meat reaches a temperature, or null where the best guess never does.</summary>
    public TimeBand? TimeToReach(double coldestC) => TimeUntil(run => run.TimeToReachS(coldestC));

    /// <summary>
    /// When something happens, or null where the best guess never gets there. A slow member that never does counts as
    /// getting there at the end of its run.
    /// </summary>
    /// <param name="whenS">When it happens in a run, s, or null.</param>
    public TimeBand? TimeUntil(Func<HeatRun, double?> whenS)
    {
        if (whenS(Nominal) is not { } medianS)
        {
            return null;
        }

        double roughS = TimeOf(_rough);
        double low = RootSumSquare(_pairs.Select(pair => roughS - TimeOf(pair.Faster)));
        double high = RootSumSquare(_pairs.Select(pair => TimeOf(pair.Slower) - roughS));
        return new(Math.Max(0, medianS - low) / 60, medianS / 60, (medianS + high) / 60);

        double TimeOf(HeatRun run) => whenS(run) ?? run.Last.TimeS;
    }

    /// <summary>The state at a time, with its band.</summary>
    /// <param name="timeS">Seconds since the tray went in.</param>
    public CurvePoint At(double timeS)
    {
        HeatSample nominal = Nominal.At(timeS);
        double middleC = nominal.ColdestC;
        double bandS = Math.Min(timeS, BandUntilS);
        double roughC = _rough.At(bandS).ColdestC;
        double low = RootSumSquare(_pairs.Select(pair => roughC - pair.Slower.At(bandS).ColdestC));
        double high = RootSumSquare(_pairs.Select(pair => pair.Faster.At(bandS).ColdestC - roughC));
        return new(timeS / 60, middleC - low, middleC, middleC + high, nominal.SurfaceC)
        {
            Browning = nominal.BrowningTop,
            BrowningUnder = nominal.BrowningUnder,
            CookMinutes = nominal.CookMinutes,
            Scale = Shrinkage.Scale(nominal.LossShare),
        };
    }

    private static double RootSumSquare(IEnumerable<double> differences) =>
        Math.Sqrt(differences.Sum(difference => difference * difference));
}
