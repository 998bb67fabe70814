using System.Security.Cryptography;
using System.Text;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Probes;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Bakes;

namespace AmberSpoon.Server.Stations.Feed;

/// <summary>
/// Follows thermometers on a wire: every line is heard and shown, few are kept. What is kept goes the way of every event, with an
/// id made from its probe and its moment: sent again, it is one.
/// </summary>
internal sealed class FeedDesk(BakeDesk bakes, ProbeStreams streams, KitchenNews news, TimeProvider time)
{
    /// <summary>A device's clock may be this much ahead of the kitchen's.</summary>
    private static readonly TimeSpan Ahead = TimeSpan.FromMinutes(2);

    private const int MostRefusalsTold = 20;

    public async Task<ProbesView> View(Guid id, CancellationToken cancel) => new(
        await bakes.Believed(id, cancel) is { } estimate ? Views(id, estimate) : [], time.GetUtcNow());

    /// <param name="id">A running bake.</param>
    /// <param name="lines">In the order they were sent.</param>
    /// <param name="refused">Lines that could not be read.</param>
    /// <param name="cancel">Ends it before anything is kept.</param>
    /// <exception cref="ProblemException">404; 409 for a finished bake; 429 where more comes than a kitchen can send.</exception>
    public async Task<FeedAnswer> Hear(Guid id, IReadOnlyList<FeedLine> lines, IReadOnlyList<FeedRefusal> refused, CancellationToken cancel)
    {
        BakeEstimate estimate = await bakes.Believed(id, cancel) ?? throw ProblemException.Conflict("id", "That bake is finished; it stands in the log.");
        if (!streams.Takes(id, lines.Count + refused.Count))
        {
            throw new ProblemException(StatusCodes.Status429TooManyRequests, "More than a kitchen can send: a line a second for each probe is plenty. Try again in a few seconds.", new Dictionary<string, string>());
        }

        var hearing = new Hearing(id, estimate, streams, NowS(id, estimate), [.. refused]);
        foreach (FeedLine line in lines)
        {
            hearing.Take(line);
        }

        hearing.End();
        if (hearing.Kept.Count > 0)
        {
            await bakes.Tell(id, new(hearing.Kept), cancel);
            estimate = await bakes.Believed(id, cancel) ?? estimate;
        }

        // Only now: what could not be stored is sent again, and must not be taken for old.
        hearing.Remember();
        if (streams.IsTimeForNews(id))
        {
            await news.ProbesHeard(id);
        }

        return new(lines.Count, hearing.Kept.Count(told => told!.Kind == "reading"), hearing.Refused.Count, [.. hearing.Refused.Take(MostRefusalsTold)], Views(id, estimate));
    }

    private IReadOnlyList<ProbeView> Views(Guid id, BakeEstimate estimate) => ProbeViews.Of(
        estimate, streams.Heard(id).ToDictionary(probe => probe, probe => streams.Trace(id, probe), StringComparer.Ordinal), NowS(id, estimate));

    /// <summary>A wall clock that is set back takes no thermometer back with it.</summary>
    private double NowS(Guid id, BakeEstimate estimate) => bakes.NowS(id, estimate.Told);

    /// <summary>One telling of a stream, line by line.</summary>
    private sealed class Hearing(Guid bake, BakeEstimate estimate, ProbeStreams streams, double nowS, List<FeedRefusal> refused)
    {
        private readonly Dictionary<string, ProbeTrace> _traces = streams.Heard(bake).ToDictionary(probe => probe, probe => streams.Trace(bake, probe), StringComparer.Ordinal);
        private readonly Dictionary<string, ProbePlace> _places = estimate.State.Probes.ToDictionary(StringComparer.Ordinal);
        private readonly Dictionary<string, (ProbeSample Sample, bool IsBelieved, PieceRef Piece)> _kept = KeptBefore(estimate);
        private readonly Dictionary<string, TemperatureUnit> _units = new(StringComparer.Ordinal);
        private readonly Dictionary<string, PieceRef> _claims = new(StringComparer.Ordinal);

        /// <summary>Events for the book.</summary>
        public List<EventRequest?> Kept { get; } = [];

        public List<FeedRefusal> Refused => refused;

        public void Take(FeedLine line)
        {
            double atS = nowS;
            if (line.At is { } at)
            {
                double toldS = (at - estimate.State.Clock.StartedAt).TotalSeconds;
                if (toldS > nowS + Ahead.TotalSeconds)
                {
                    Refuse(line, "at", "That is still to come. Check the clock of this device.");
                    return;
                }

                if (toldS < 0)
                {
                    Refuse(line, "at", "That was before the tray went in.");
                    return;
                }

                atS = Math.Min(toldS, nowS);
            }

            ProbeTrace trace = _traces.GetValueOrDefault(line.Probe, ProbeTrace.Empty);
            if (trace.Last is { } last && atS < last.AtS)
            {
                Refuse(line, "at", "This probe has told of a later moment already.");
                return;
            }

            if (!_traces.ContainsKey(line.Probe) && _traces.Count >= EventReader.MostProbes)
            {
                Refuse(line, "probe", $"A bake follows {EventReader.MostProbes} probes at most.");
                return;
            }

            if (line.Lot is { } lot && !Claimed(line, new(new(lot), line.Piece!.Value), atS))
            {
                return;
            }

            // A moment of several sensors is over when the next one begins.
            if (trace.Last is { } before && atS > before.AtS)
            {
                KeepLast(line.Probe, atS);
            }

            _units[line.Probe] = line.Temperature.Unit;
            _traces[line.Probe] = _traces.GetValueOrDefault(line.Probe, trace).With(new(atS, line.Temperature.ToTemperature().Celsius));
        }

        public void End()
        {
            foreach (string probe in _units.Keys)
            {
                KeepLast(probe, nowS);
            }
        }

        /// <summary>Of the probes that spoke: another telling may have others at the same time.</summary>
        public void Remember()
        {
            foreach (string probe in _units.Keys)
            {
                streams.Keep(bake, probe, _traces[probe], _claims.TryGetValue(probe, out PieceRef claim) ? claim : null);
            }
        }

        /// <summary>
        /// A device that says the same place again says nothing new: the cook may have moved the probe meanwhile, and said so on the page.
        /// </summary>
        private bool Claimed(FeedLine line, PieceRef piece, double atS)
        {
            PieceRef? before = _claims.TryGetValue(line.Probe, out PieceRef known) ? known : streams.Claim(bake, line.Probe);
            _claims[line.Probe] = piece;
            if (before == piece || (_places.TryGetValue(line.Probe, out ProbePlace place) && place.Piece == piece))
            {
                return true;
            }

            if (estimate.Expected(piece, atS) is null || estimate.State.Find(piece.Lot)!.IsOff)
            {
                _claims.Remove(line.Probe);
                Refuse(line, "lot", "That piece is not on the tray, or not in yet.");
                return false;
            }

            _places[line.Probe] = new(piece, atS);
            Kept.Add(new EventRequest(IdOf(line.Probe, atS, "probe"), "probe", WallOf(atS), Lot: piece.Lot.Value, Piece: piece.Piece, Probe: line.Probe));
            return true;
        }

        /// <param name="probe">Which.</param>
        /// <param name="nextS">When it was heard next, or now, s in the bake's time.</param>
        private void KeepLast(string probe, double nextS)
        {
            if (!_places.TryGetValue(probe, out ProbePlace place) || _traces.GetValueOrDefault(probe)?.Since(place.SinceS) is not { Last: { } sample } trace
                || !trace.IsSettled(nextS) || estimate.State.Find(place.Piece.Lot) is not { IsOff: false, HasGoneIn: true })
            {
                return;
            }

            bool wasKept = _kept.TryGetValue(probe, out var kept) && kept.Piece == place.Piece && kept.Sample.AtS >= place.SinceS;
            if (!ProbeKeeping.IsWorthKeeping(sample, wasKept ? kept.Sample : null, kept.IsBelieved)
                || sample.Celsius is < ReadingLimits.LowestC or > ReadingLimits.HighestC
                || ProbeViews.Finding(estimate, _places, _traces, probe, sample.AtS) is { Counts: false })
            {
                return;
            }

            TemperatureUnit unit = _units.GetValueOrDefault(probe, estimate.State.Plan.Unit);
            Kept.Add(new EventRequest(
                IdOf(probe, sample.AtS, "reading"),
                "reading",
                WallOf(sample.AtS),
                Lot: place.Piece.Lot.Value,
                Piece: place.Piece.Piece,
                Value: Math.Round(new Temperature(sample.Celsius).In(unit), 1),
                Unit: unit,
                Probe: probe));
            _kept[probe] = (sample, estimate.Expected(place.Piece, sample.AtS) is not { } expected || sample.Celsius >= expected.ColdC, place.Piece);
        }

        private void Refuse(FeedLine line, string field, string sentence) => refused.Add(new(line.Number, field, sentence));

        private DateTimeOffset WallOf(double atS) => estimate.State.Clock.Wall(atS);

        /// <summary>The same probe at the same moment is the same event, whoever sends it again.</summary>
        private Guid IdOf(string probe, double atS, string kind)
        {
            string name = FormattableString.Invariant($"{bake:N}/{kind}/{probe}/{Math.Round(1000 * atS):0}");
            return new(SHA256.HashData(Encoding.UTF8.GetBytes(name)).AsSpan(0, 16));
        }

        private static Dictionary<string, (ProbeSample Sample, bool IsBelieved, PieceRef Piece)> KeptBefore(BakeEstimate estimate)
        {
            var kept = new Dictionary<string, (ProbeSample, bool, PieceRef)>(StringComparer.Ordinal);
            foreach (ReviewedReading reading in estimate.Review.Readings.Where(reading => reading.Taken.Probe is not null))
            {
                kept[reading.Taken.Probe!] = (new(reading.Taken.AtS, reading.Meant.CoreC), reading.IsBelieved, reading.Taken.Piece);
            }

            return kept;
        }
    }
}
