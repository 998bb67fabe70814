using System.Collections.Concurrent;
using AmberSpoon.Core.Learning;

namespace AmberSpoon.Store;

/// <summary>Keeps what <see cref="Knowledge"/> has worked out until the log or the kitchen changes; one for the whole server.</summary>
public sealed class KnowledgeKept
{
    private readonly ConcurrentDictionary<(string Oven, double KnownOffsetC, int PreheatMinutes), Known> _known = new();
    private int _version;

    /// <summary>Grows with each <see cref="Forget"/>.</summary>
    public int Version => Volatile.Read(ref _version);

    public Known? Find((string Oven, double KnownOffsetC, int PreheatMinutes) of) => _known.GetValueOrDefault(of);

    /// <param name="of">Which oven.</param>
    /// <param name="known">What is known.</param>
    /// <param name="version">As it was when it was asked for: what changed meanwhile is not kept.</param>
    public void Keep((string Oven, double KnownOffsetC, int PreheatMinutes) of, Known known, int version)
    {
        if (version == Version)
        {
            _known[of] = known;
        }
    }

    /// <summary>The log or the kitchen has changed.</summary>
    public void Forget()
    {
        Interlocked.Increment(ref _version);
        _known.Clear();
    }
}
