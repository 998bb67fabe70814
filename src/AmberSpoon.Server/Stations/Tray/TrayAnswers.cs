using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;
using Microsoft.Extensions.Caching.Memory;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>
/// Keeps what was computed of the versions of trays: a version never changes, so every question about it, at any station, is
/// answered from one computation.
/// </summary>
internal sealed class TrayAnswers : IDisposable
{
    private const int Most = 64;

    private readonly MemoryCache _kept = new(new MemoryCacheOptions { SizeLimit = Most });
    private readonly Lock _finding = new();

    /// <param name="row">A tray with food on it.</param>
    /// <exception cref="Problems.ProblemException">400 where this oven never gets there.</exception>
    public TrayComputed Of(TrayRow row)
    {
        Key key = KeyOf(row);
        Lazy<TrayComputed> found;
        lock (_finding)
        {
            MakeRoom();
            found = _kept.GetOrCreate(key, entry =>
            {
                entry.Size = 1;
                return new Lazy<TrayComputed>(() => TrayPlanner.Compute(row.Plan));
            })!;
        }

        try
        {
            return found.Value;
        }
        catch
        {
            // A failure would be kept with it: the next one to ask tries again.
            _kept.Remove(key);
            throw;
        }
    }

    /// <summary>What a save has computed is not computed again.</summary>
    public void Keep(TrayRow row, TrayComputed computed)
    {
        MakeRoom();
        _kept.Set(KeyOf(row), new Lazy<TrayComputed>(computed), new MemoryCacheEntryOptions { Size = 1 });
    }

    /// <summary>
    /// A full cache turns new entries away and makes room later, and what was turned away is computed a second time: every fourth
    /// change to a field took twice as long. So the oldest quarter goes first.
    /// </summary>
    private void MakeRoom()
    {
        if (_kept.Count >= Most)
        {
            _kept.Compact(0.25);
        }
    }

    /// <summary>Another house: nothing that is kept holds any longer.</summary>
    public void Forget() => _kept.Clear();

    /// <summary>The plan of an earlier version, where it is still known.</summary>
    public TrayPlan? PlanOf(int id, int version) =>
        _kept.Keys.OfType<Key>().Where(key => key.Id == id && key.Version == version)
            .Select(key => _kept.TryGetValue(key, out Lazy<TrayComputed>? found) && found is { IsValueCreated: true } ? found.Value.Plan : null)
            .FirstOrDefault(plan => plan is not null);

    private static Key KeyOf(TrayRow row) => new(row.Id, row.Version, Known.KeyOf(row.Plan));

    /// <param name="Id">Which tray.</param>
    /// <param name="Version">Which of its versions.</param>
    /// <param name="Known">What was learnt by then: the same version may be answered anew by what a bake has taught since.</param>
    private readonly record struct Key(int Id, int Version, string Known);

    public void Dispose() => _kept.Dispose();
}
