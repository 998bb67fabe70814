namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// How sure each moment of a window is: the fast end of every doubt of <see cref="GuessDesign"/> followed until it is past, and what each moves
/// a moment by added as squares, with our own <see cref="ModelDoubt"/>. What makes meat hot is not what burns it, so each moment has a band
/// of its own. The slow end, which takes longest to follow, moves it as much more as it does the moment of done.
/// </summary>
internal static class WindowBand
{
    /// <param name="good">The window by the best guess.</param>
    /// <param name="inMinutes">When its lot goes in, min since the first food.</param>
    /// <param name="opens">When it opens, which is known better.</param>
    /// <param name="nominal">The best guess as the doubts' grid has it.</param>
    /// <param name="doubts">The window at the fast end of each doubt, on the same grid, and how many times as far the slow end moves it.</param>
    /// <returns>The window of a kitchen as fast as one in ten, and of one as slow.</returns>
    public static (GoodWindow Sooner, GoodWindow Later) Of(
        GoodWindow good, int inMinutes, TimeBand opens, GoodWindow nominal, IReadOnlyList<(GoodWindow Faster, double SlowTimes)> doubts)
    {
        return (
            new GoodWindow(opens.LowMinutes, Moved(from => from.BestFromMinutes, -1), Moved(until => until.BestUntilMinutes, -1), Moved(past => past.PastMinutes, -1)).InOrder(),
            new GoodWindow(opens.HighMinutes, Moved(from => from.BestFromMinutes, 1), Moved(until => until.BestUntilMinutes, 1), Moved(past => past.PastMinutes, 1)).InOrder());

        double? Moved(Func<GoodWindow, double?> of, int direction)
        {
            if (of(good) is not { } middle || of(nominal) is not { } rough)
            {
                return of(good);
            }

            double ours = ModelDoubt.Share * (middle - inMinutes);
            double squares = doubts.Sum(doubt => Squared((direction < 0 ? 1 : doubt.SlowTimes) * ((of(doubt.Faster) ?? FarMinutes) - rough)));
            return Math.Max(inMinutes, middle + (direction * Math.Sqrt(squares + Squared(ours))));
        }

        static double Squared(double x) => x * x;
    }

    /// <summary>A kitchen in which a moment never comes has it at the end of the longest bake, min.</summary>
    private const double FarMinutes = TrayForecaster.LongestBakeS / 60;
}
