using AmberSpoon.Core.Probes;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Feed;

/// <param name="Line">Which line of what was sent, from 1.</param>
/// <param name="Field">The field, or "line".</param>
/// <param name="Sentence">What is wrong with it.</param>
public sealed record FeedRefusal(int Line, string Field, string Sentence);

/// <summary>What became of a piece of a stream. What is neither kept nor refused was shown, and said nothing new.</summary>
/// <param name="Read">Lines that could be read.</param>
/// <param name="Kept">Readings that went into the book: on disk now.</param>
/// <param name="RefusedCount">Lines that were refused.</param>
/// <param name="Refused">The first of them, and why.</param>
/// <param name="Probes">All probes of this bake now.</param>
public sealed record FeedAnswer(int Read, int Kept, int RefusedCount, IReadOnlyList<FeedRefusal> Refused, IReadOnlyList<ProbeView> Probes);

/// <param name="Probes">By name.</param>
/// <param name="Now">The kitchen's clock.</param>
public sealed record ProbesView(IReadOnlyList<ProbeView> Probes, DateTimeOffset Now);

/// <param name="Probe">As it calls itself.</param>
/// <param name="Lot">The lot whose piece it is in; null where nobody said so yet.</param>
/// <param name="Piece">Which piece.</param>
/// <param name="Name">The piece, as the cook sees it.</param>
/// <param name="Temperature">What it shows; null where it was not heard.</param>
/// <param name="At">When it was heard last.</param>
/// <param name="RisePerMinuteC">How fast it rises, °C a minute; null where that is not known yet.</param>
/// <param name="IsSteady">It shows what its tip is in; a tip just put in does not yet.</param>
/// <param name="Fault">What is wrong with it; null for nothing.</param>
/// <param name="Sentence">What to do about that.</param>
/// <param name="Counts">What it shows is believed.</param>
public sealed record ProbeView(
    string Probe,
    int? Lot,
    int? Piece,
    string? Name,
    EnteredTemperature? Temperature,
    DateTimeOffset? At,
    double? RisePerMinuteC,
    bool IsSteady,
    ProbeFault? Fault,
    string? Sentence,
    bool Counts);
