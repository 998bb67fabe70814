namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// Whether anybody still waits for what is being computed. A forecast is dozens of runs on several threads: instead of a token
/// through every signature, each run looks here, and ends when who asked has gone.
/// </summary>
public static class Asker
{
    private static readonly AsyncLocal<CancellationToken> Leaving = new();

    internal static CancellationToken Gone => Leaving.Value;

    /// <summary>Whether nobody waits any more for what is computed here; never outside <see cref="WhileWaiting"/>.</summary>
    public static bool HasGone => Leaving.Value.IsCancellationRequested;

    /// <param name="compute">What is asked; on this thread and those it starts.</param>
    /// <param name="gone">Cancelled when nobody waits any more.</param>
    /// <exception cref="OperationCanceledException">Nobody waits any more.</exception>
    public static T WhileWaiting<T>(Func<T> compute, CancellationToken gone)
    {
        CancellationToken before = Leaving.Value;
        Leaving.Value = gone;
        try
        {
            return compute();
        }
        catch (AggregateException several) when (gone.IsCancellationRequested)
        {
            throw new OperationCanceledException("Nobody waits for this any more.", several, gone);
        }
        finally
        {
            Leaving.Value = before;
        }
    }
}
