using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Trays;

/// <summary>
/// The same plan and stages followed through every guess of <see cref="GuessDesign"/>; answers with bands. The best guess
/// is computed on the normal grid; how far the others lie from it needs only the quick one.
/// </summary>
public sealed class GuessEnsemble
{
    private readonly HeatRun _quick;
    private readonly IReadOnlyList<(HeatRun Faster, HeatRun Slower)> _pairs;

    private GuessEnsemble(HeatRun nominal, HeatRun quick, IReadOnlyList<(HeatRun Faster, HeatRun Slower)> pairs)
    {
        Nominal = nominal;
        _quick = quick;
        _pairs = pairs;
    }

    public HeatRun Nominal { get; }

    public static GuessEnsemble Follow(
        TrayPlan plan,
        KitchenGuess centre,
        IReadOnlyList<PlaceStage> stages,
        double stopAtColdestC = double.PositiveInfinity)
    {
        IReadOnlyList<(KitchenGuess Faster, KitchenGuess Slower)> design = GuessDesign.Around(centre, plan.Height is not null);
        (KitchenGuess Guess, GridLevel Level)[] members =
        [
            (centre, GridLevel.Normal),
            (centre, GridLevel.Quick),
            .. design.Select(pair => (pair.Faster, GridLevel.Quick)),
            .. design.Select(pair => (pair.Slower, GridLevel.Quick)),
        ];
        var runs = new HeatRun[members.Length];
        Parallel.For(0, members.Length, i =>
            runs[i] = PieceHeat.BakeOf(plan, members[i].Guess, stages, stopAtColdestC).Follow(members[i].Level));
        return new(
            runs[0],
            runs[1],
            [.. Enumerable.Range(2, design.Count).Select(i => (runs[i], runs[i + design.Count]))]);
    }

    /// <summary>
    /// When the coldest meat reaches a temperature, or null where the best guess never does. A slow member that
    /// never does counts as reaching it at the end of its run.
    /// </summary>
    public TimeBand? TimeToReach(double coldestC)
    {
        if (Nominal.TimeToReachS(coldestC) is not { } medianS)
        {
            return null;
        }

        double quickS = TimeOf(_quick);
        double low = RootSumSquare(_pairs.Select(pair => quickS - TimeOf(pair.Faster)));
        double high = RootSumSquare(_pairs.Select(pair => TimeOf(pair.Slower) - quickS));
        return new(Math.Max(0, medianS - low) / 60, medianS / 60, (medianS + high) / 60);

        double TimeOf(HeatRun run) => run.TimeToReachS(coldestC) ?? run.Last.TimeS;
    }

    /// <summary>The state at a time, with its band.</summary>
    /// <param name="timeS">Seconds since the tray went in.</param>
    /// <param name="anchor">
    /// A moment at which the coldest meat was measured: every member is shifted to pass through it, so the band
    /// closes there and opens again with time. Null without a measurement.
    /// </param>
    public CurvePoint At(double timeS, (double TimeS, double ColdestC)? anchor = null)
    {
        HeatSample nominal = Nominal.At(timeS);
        double middleC = nominal.ColdestC + ShiftC(Nominal);
        double quickC = _quick.At(timeS).ColdestC + ShiftC(_quick);
        double low = RootSumSquare(_pairs.Select(pair => quickC - pair.Slower.At(timeS).ColdestC - ShiftC(pair.Slower)));
        double high = RootSumSquare(_pairs.Select(pair => pair.Faster.At(timeS).ColdestC + ShiftC(pair.Faster) - quickC));
        return new(timeS / 60, middleC - low, middleC, middleC + high, nominal.SurfaceC);

        double ShiftC(HeatRun run) => anchor is { } known ? known.ColdestC - run.At(known.TimeS).ColdestC : 0;
    }

    private static double RootSumSquare(IEnumerable<double> differences) =>
        Math.Sqrt(differences.Sum(difference => difference * difference));
}
