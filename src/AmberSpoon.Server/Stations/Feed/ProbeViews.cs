using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Probes;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Feed;

/// <summary>Says how each probe of a running bake is.</summary>
internal static class ProbeViews
{
    /// <param name="estimate">What is believed of the bake.</param>
    /// <param name="traces">What was heard of each probe, by name.</param>
    /// <param name="nowS">s in the bake's time.</param>
    public static IReadOnlyList<ProbeView> Of(BakeEstimate estimate, IReadOnlyDictionary<string, ProbeTrace> traces, double nowS)
    {
        BakeState state = estimate.State;
        TemperatureUnit unit = state.Plan.Unit;
        return [.. state.Probes.Keys.Union(traces.Keys, StringComparer.Ordinal).Order(StringComparer.Ordinal).Select(probe =>
        {
            ProbePlace? place = state.Probes.TryGetValue(probe, out ProbePlace found) ? found : null;
            ProbeTrace trace = Own(traces, probe, place);
            ProbeFinding? finding = Finding(estimate, state.Probes, traces, probe, nowS);
            return new ProbeView(
                probe,
                place?.Piece.Lot.Value,
                place?.Piece.Piece,
                place is { } at ? estimate.Names.GetValueOrDefault(at.Piece) : null,
                trace.Last is { } last ? new(Math.Round(new Temperature(last.Celsius).In(unit), 1), unit) : null,
                trace.Last is { } heard ? state.Clock.Wall(heard.AtS) : null,
                trace.RisePerMinuteC is { } rise ? Math.Round(rise, 1) : null,
                trace.IsSettled(nowS),
                finding?.Fault,
                finding?.Sentence,
                place is not null && (finding?.Counts ?? true) && trace.IsSettled(nowS) && nowS - trace.Last!.Value.AtS <= ProbeWatch.MissingS);
        })];
    }

    /// <summary>What is wrong with one of them; null for nothing.</summary>
    /// <param name="estimate">What is believed of the bake.</param>
    /// <param name="places">Where each is, also as told a moment ago.</param>
    /// <param name="traces">What was heard of each.</param>
    /// <param name="probe">Which of them.</param>
    /// <param name="nowS">s in the bake's time.</param>
    public static ProbeFinding? Finding(
        BakeEstimate estimate, IReadOnlyDictionary<string, ProbePlace> places, IReadOnlyDictionary<string, ProbeTrace> traces, string probe, double nowS)
    {
        ProbePlace? place = places.TryGetValue(probe, out ProbePlace found) ? found : null;
        ProbeTrace trace = Own(traces, probe, place);
        ProbeExpectation? expected = place is { } at && trace.Last is { } seen ? estimate.Expected(at.Piece, seen.AtS) : null;
        ProbeFinding? own = ProbeWatch.Look(trace, expected, nowS, NameOf(probe));
        if (own is { Counts: false, Fault: not (ProbeFault.OnBone or ProbeFault.ThinEnd) })
        {
            return own;
        }

        if (place is { } here && trace.Last is { } last)
        {
            foreach ((string other, ProbePlace where) in places)
            {
                if (other != probe && where.Piece == here.Piece && Own(traces, other, where).Last is { } beside && nowS - beside.AtS <= ProbeWatch.MissingS
                    && ProbeWatch.Beside(last.Celsius, beside.Celsius, NameOf(probe), NameOf(other)) is { } differing)
                {
                    return differing;
                }
            }
        }

        return own;
    }

    private static ProbeTrace Own(IReadOnlyDictionary<string, ProbeTrace> traces, string probe, ProbePlace? place)
    {
        ProbeTrace trace = traces.TryGetValue(probe, out ProbeTrace? heard) ? heard : ProbeTrace.Empty;
        return place is { } known ? trace.Since(known.SinceS) : trace;
    }

    private static string NameOf(string probe) => $"probe {probe}";
}
