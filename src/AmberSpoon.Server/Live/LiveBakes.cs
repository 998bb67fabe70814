using System.Collections.Concurrent;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Live;

/// <summary>
/// Keeps what is costly to compute of running bakes for as long as it holds: what every piece does in every kitchen until
/// something moves, the estimate until something is told or the minute has passed. One command at a time per bake.
/// </summary>
internal sealed class LiveBakes(TimeProvider time)
{
    /// <summary>An estimate may be this old, s: what is shown of now is not known more finely.</summary>
    public const double FreshS = 20;

    /// <summary>Bakes that are kept at once.</summary>
    private const int Most = 16;

    private readonly ConcurrentDictionary<Guid, Kept> _kept = new();

    /// <summary>Held while a bake's events are read, judged and stored.</summary>
    public SemaphoreSlim TurnOf(Guid bake) => KeptOf(bake).Turn;

    /// <summary>
    /// Seconds since the first food went in. A wall clock that is set back while a bake runs does not take the bake back with
    /// it: from what was known last, time goes on as steadily as the machine counts it.
    /// </summary>
    public double NowS(Guid bake, BakeState state)
    {
        Kept kept = KeptOf(bake);
        lock (kept.Computing)
        {
            long stamp = time.GetTimestamp();
            double countedS = kept.Known is { } known ? known.AtS + time.GetElapsedTime(known.Stamp, stamp).TotalSeconds : 0;
            double nowS = Math.Max(Math.Max(state.JudgedS, countedS), state.Clock.BakeS(time.GetUtcNow()));
            kept.Known = (nowS, stamp);
            return nowS;
        }
    }

    /// <param name="bake">The bake.</param>
    /// <param name="state">Its state now, stored or about to be.</param>
    /// <param name="nowS">Seconds since the first food went in.</param>
    public BakeEstimate Estimate(BakeRow bake, BakeState state, double nowS)
    {
        Kept kept = KeptOf(bake.Id);
        lock (kept.Computing)
        {
            if (kept.Estimate is { } last && last.State.Seq == state.Seq && nowS - last.NowS is >= 0 and < FreshS)
            {
                return last;
            }

            string key = TrayCourses.KeyOf(state, bake.Forecast, nowS);
            ReadingReview? earlier = kept.Estimate?.Review;
            if (kept.Courses?.Key != key)
            {
                kept.Courses = TrayCourses.Of(state, bake.Forecast, nowS, KitchenPrior.Usual);
                earlier = null;
            }
            else if (kept.Estimate is { } before && nowS - before.NowS is >= 0 and < FreshS
                && before.State.LatestS == state.LatestS && before.State.Readings.SequenceEqual(state.Readings) && before.State.Looks.SequenceEqual(state.Looks) && before.State.Air.SequenceEqual(state.Air))
            {
                return kept.Estimate = before.After(state);
            }

            kept.Estimate = new(kept.Courses.With(state, nowS), nowS, earlier);
            return kept.Estimate;
        }
    }

    /// <summary>What was told of a bake, where it is known up to this event.</summary>
    public IReadOnlyList<BakeEvent>? Told(Guid bake, int seq) =>
        KeptOf(bake).Told is { } told && told[^1].Seq == seq ? told : null;

    public void Remember(Guid bake, IReadOnlyList<BakeEvent> told) => KeptOf(bake).Told = told;

    public void Forget(Guid bake) => _kept.TryRemove(bake, out _);

    /// <summary>Another house: no bake that is kept holds any longer.</summary>
    public void Forget() => _kept.Clear();

    private Kept KeptOf(Guid bake)
    {
        Kept kept = _kept.GetOrAdd(bake, _ => new());
        foreach ((Guid other, Kept idle) in _kept)
        {
            if (_kept.Count > Most && other != bake && idle.Turn.CurrentCount > 0)
            {
                _kept.TryRemove(other, out _);
            }
        }

        return kept;
    }

    private sealed class Kept
    {
        public SemaphoreSlim Turn { get; } = new(1, 1);

        public Lock Computing { get; } = new();

        public (double AtS, long Stamp)? Known { get; set; }

        public TrayCourses? Courses { get; set; }

        public BakeEstimate? Estimate { get; set; }

        public IReadOnlyList<BakeEvent>? Told { get; set; }
    }
}
