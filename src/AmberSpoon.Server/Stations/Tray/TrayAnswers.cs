using AmberSpoon.Core.Heat.Solving;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using Microsoft.Extensions.Caching.Memory;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>
/// Keeps what was computed of plans: every question about a plan, at any station, is answered from one computation. What follows
/// from a plan does not depend on its name, its dinner or whose tray it is, so what is undone, renamed or moved to another hour is
/// not computed again.
/// </summary>
internal sealed class TrayAnswers : IDisposable
{
    private const int Most = 64;

    private readonly MemoryCache _kept = new(new MemoryCacheOptions { SizeLimit = Most });
    private readonly MemoryCache _versions = new(new MemoryCacheOptions { SizeLimit = Most });
    private readonly Lock _finding = new();

    /// <param name="row">A tray with food on it.</param>
    /// <exception cref="Problems.ProblemException">400 where this oven never gets there.</exception>
    public TrayComputed Of(TrayRow row)
    {
        TrayComputed computed = Of(row.Plan, TrayPlanner.Compute);
        Keep(row);
        return computed;
    }

    /// <param name="plan">With a place for every piece.</param>
    /// <param name="compute">What follows from it, where that is not known.</param>
    public TrayComputed Of(TrayPlan plan, Func<TrayPlan, TrayComputed> compute)
    {
        string key = KeyOf(plan);
        while (true)
        {
            Lazy<TrayComputed> found;
            lock (_finding)
            {
                MakeRoom(_kept);
                found = _kept.GetOrCreate(key, entry =>
                {
                    entry.Size = 1;
                    return new Lazy<TrayComputed>(() => compute(plan));
                })!;
            }

            try
            {
                return found.Value with { Plan = plan };
            }
            catch (Exception failed)
            {
                // A failure would be kept with it: the next one to ask tries again, and so does who waits still where who asked
                // first has gone.
                _kept.Remove(key);
                if (!IsLeaving(failed) || Asker.HasGone)
                {
                    throw;
                }
            }
        }
    }

    /// <summary>It ended because somebody no longer waits, on one thread or on several.</summary>
    private static bool IsLeaving(Exception failed) =>
        failed is OperationCanceledException || (failed is AggregateException several && several.Flatten().InnerExceptions.All(one => one is OperationCanceledException));

    /// <summary>Remembers what this version of a tray was.</summary>
    public void Keep(TrayRow row)
    {
        if (!_versions.TryGetValue((row.Id, row.Version), out _))
        {
            MakeRoom(_versions);
            _versions.Set((row.Id, row.Version), row.Plan, new MemoryCacheEntryOptions { Size = 1 });
        }
    }

    /// <summary>
    /// A full cache turns new entries away and makes room later, and what was turned away is computed a second time: every fourth
    /// change to a field took twice as long. So the oldest quarter goes first.
    /// </summary>
    private static void MakeRoom(MemoryCache cache)
    {
        if (cache.Count >= Most)
        {
            cache.Compact(0.25);
        }
    }

    /// <summary>Another house: its trays have versions of their own. What follows from a plan is the same in every house.</summary>
    public void Forget() => _versions.Clear();

    /// <summary>The plan of an earlier version, where it is still known.</summary>
    public TrayPlan? PlanOf(int id, int version) => _versions.Get<TrayPlan>((id, version));

    /// <summary>All that its forecast follows from: with what was learnt by then, which the same version may be answered anew by.</summary>
    private static string KeyOf(TrayPlan plan) =>
        $"{Known.KeyOf(plan)}|{JsonText.Write(plan with { Name = string.Empty, EatAt = null, Repeats = null })}";

    public void Dispose()
    {
        _kept.Dispose();
        _versions.Dispose();
    }
}
