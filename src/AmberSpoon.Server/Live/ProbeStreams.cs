using System.Collections.Concurrent;
using System.Threading.RateLimiting;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Probes;

namespace AmberSpoon.Server.Live;

/// <summary>
/// The last minutes of every probe of running bakes. They are not stored: after a restart a probe is simply heard again. What is
/// kept of them are readings, in the book.
/// </summary>
internal sealed class ProbeStreams(TimeProvider time)
{
    /// <summary>Lines a bake takes at once, and a second from then on: many times what kitchens have.</summary>
    public const int Burst = 6000;
    private const int LinesASecond = 400;

    /// <summary>Open pages hear of probes this often, s: nobody reads faster.</summary>
    private const double NewsS = 0.7;

    /// <summary>Bakes that are kept at once.</summary>
    private const int Most = 16;

    private readonly ConcurrentDictionary<Guid, Kept> _kept = new();

    /// <summary>Whether a bake takes so many more lines now.</summary>
    public bool Takes(Guid bake, int lines) => Of(bake).Limit.AttemptAcquire(Math.Max(1, lines)).IsAcquired;

    public ProbeTrace Trace(Guid bake, string probe) => Of(bake).Traces.GetValueOrDefault(probe, ProbeTrace.Empty);

    /// <summary>Names of all that were heard.</summary>
    public IReadOnlyCollection<string> Heard(Guid bake) => [.. Of(bake).Traces.Keys];

    /// <summary>Where its device said last that it is; null where it never did, or the kitchen was opened anew since.</summary>
    public PieceRef? Claim(Guid bake, string probe) => Of(bake).Claims.TryGetValue(probe, out PieceRef claim) ? claim : null;

    /// <param name="bake">Which bake.</param>
    /// <param name="probe">Which probe.</param>
    /// <param name="trace">Its last minutes.</param>
    /// <param name="claim">Where its device says it is; null where it says nothing.</param>
    public void Keep(Guid bake, string probe, ProbeTrace trace, PieceRef? claim)
    {
        Kept kept = Of(bake);
        kept.Traces[probe] = trace;
        if (claim is { } said)
        {
            kept.Claims[probe] = said;
        }
    }

    /// <summary>Whether open pages are to be told of a stream again.</summary>
    public bool IsTimeForNews(Guid bake)
    {
        Kept kept = Of(bake);
        lock (kept)
        {
            long stamp = TimeProvider.System.GetTimestamp();
            if (kept.ToldStamp is { } told && TimeProvider.System.GetElapsedTime(told, stamp).TotalSeconds < NewsS)
            {
                return false;
            }

            kept.ToldStamp = stamp;
            return true;
        }
    }

    private Kept Of(Guid bake)
    {
        Kept kept = _kept.GetOrAdd(bake, _ => new());
        kept.UsedStamp = time.GetTimestamp();
        if (_kept.Count > Most)
        {
            Guid idle = _kept.Where(other => other.Key != bake).MinBy(other => other.Value.UsedStamp).Key;
            if (_kept.TryRemove(idle, out Kept? gone))
            {
                gone.Limit.Dispose();
            }
        }

        return kept;
    }

    private sealed class Kept
    {
        public ConcurrentDictionary<string, ProbeTrace> Traces { get; } = new(StringComparer.Ordinal);

        public ConcurrentDictionary<string, PieceRef> Claims { get; } = new(StringComparer.Ordinal);

        public TokenBucketRateLimiter Limit { get; } = new(new()
        {
            TokenLimit = Burst,
            TokensPerPeriod = LinesASecond,
            ReplenishmentPeriod = TimeSpan.FromSeconds(1),
            QueueLimit = 0,
        });

        public long? ToldStamp { get; set; }

        public long UsedStamp { get; set; }
    }
}
