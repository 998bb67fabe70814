using System.Collections.Concurrent;
using AmberSpoon.Server.Live;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>
/// Keeps what is shown of each running bake until something is told or it is too old: many pages that ask for the same moment
/// are answered from one computation.
/// </summary>
internal sealed class LiveViews(TimeProvider time)
{
    /// <summary>Bakes that are kept at once.</summary>
    private const int Most = 16;

    private readonly ConcurrentDictionary<Guid, (BakeView View, long Stamp)> _kept = new();

    /// <param name="bake">Which bake.</param>
    /// <param name="seq">The last of its events.</param>
    /// <returns>Null where it has to be computed.</returns>
    public BakeView? Fresh(Guid bake, int seq)
    {
        if (!_kept.TryGetValue(bake, out (BakeView View, long Stamp) kept) || kept.View.Seq != seq)
        {
            return null;
        }

        TimeSpan age = time.GetElapsedTime(kept.Stamp);
        return age.TotalSeconds < LiveBakes.FreshS ? kept.View with { Now = kept.View.Now + age } : null;
    }

    public void Keep(BakeView view)
    {
        if (_kept.Count >= Most && !_kept.ContainsKey(view.Id))
        {
            _kept.Clear();
        }

        _kept[view.Id] = (view, time.GetTimestamp());
    }
}
