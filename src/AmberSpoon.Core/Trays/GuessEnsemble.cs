using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Trays;

/// <summary>
/// The same plan and stages followed through every guess of <see cref="GuessDesign"/>; answers with bands.
/// </summary>
public sealed class GuessEnsemble
{
    private readonly IReadOnlyList<(HeatRun Faster, HeatRun Slower)> _pairs;

    private GuessEnsemble(HeatRun nominal, IReadOnlyList<(HeatRun Faster, HeatRun Slower)> pairs)
    {
        Nominal = nominal;
        _pairs = pairs;
    }

    public HeatRun Nominal { get; }

    public static GuessEnsemble Follow(
        TrayPlan plan,
        KitchenGuess centre,
        IReadOnlyList<PlaceStage> stages,
        double stopAtColdestC = double.PositiveInfinity)
    {
        var pairs = GuessDesign.Around(centre, plan.Height is not null)
            .Select(pair => (
                PieceHeat.Follow(plan, pair.Faster, stages, stopAtColdestC),
                PieceHeat.Follow(plan, pair.Slower, stages, stopAtColdestC)))
            .ToList();
        return new(PieceHeat.Follow(plan, centre, stages, stopAtColdestC), pairs);
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

        double low = RootSumSquare(_pairs.Select(pair => medianS - TimeOf(pair.Faster)));
        double high = RootSumSquare(_pairs.Select(pair => TimeOf(pair.Slower) - medianS));
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
        double low = RootSumSquare(_pairs.Select(pair => middleC - pair.Slower.At(timeS).ColdestC - ShiftC(pair.Slower)));
        double high = RootSumSquare(_pairs.Select(pair => pair.Faster.At(timeS).ColdestC + ShiftC(pair.Faster) - middleC));
        return new(timeS / 60, middleC - low, middleC, middleC + high, nominal.SurfaceC);

        double ShiftC(HeatRun run) => anchor is { } known ? known.ColdestC - run.At(known.TimeS).ColdestC : 0;
    }

    private static double RootSumSquare(IEnumerable<double> differences) =>
        Math.Sqrt(differences.Sum(difference => difference * difference));
}
