namespace AmberSpoon.Server.Commands;

/// <summary>
/// One command at a time on the same thing: it is read, changed, answered and stored before the next one reads it. Commands
/// on different things go beside each other; only their commits wait for each other, in the store.
/// </summary>
internal sealed class Turns
{
    /// <summary>More than a household has things; two that share one only wait for each other. Nobody takes two turns at once.</summary>
    private const int Most = 256;

    private readonly SemaphoreSlim[] _turns = [.. Enumerable.Range(0, Most).Select(_ => new SemaphoreSlim(1, 1))];

    /// <param name="what">What is changed, such as "tray 3".</param>
    /// <param name="cancel">Gives up waiting.</param>
    /// <returns>To be disposed of when it is done.</returns>
    public async Task<IDisposable> Of(string what, CancellationToken cancel)
    {
        SemaphoreSlim turn = _turns[(uint)what.GetHashCode(StringComparison.Ordinal) % Most];
        await turn.WaitAsync(cancel);
        return new Taken(turn);
    }

    private sealed class Taken(SemaphoreSlim turn) : IDisposable
    {
        public void Dispose() => turn.Release();
    }
}
