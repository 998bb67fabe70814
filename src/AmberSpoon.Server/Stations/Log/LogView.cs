using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;

namespace AmberSpoon.Server.Stations.Log;

/// <summary>A page of the log.</summary>
/// <param name="Lines">Bakes, newest first.</param>
/// <param name="Next">The cursor of the next page; null where there are no more.</param>
/// <param name="Filters">What there is to look for.</param>
public sealed record LogPage(IReadOnlyList<LogLine> Lines, string? Next, LogFilters Filters);

/// <param name="Id">Which bake.</param>
/// <param name="Name">What its tray was called.</param>
/// <param name="StartedAt">When the first food went in.</param>
/// <param name="Cuts">Its lots of chicken.</param>
/// <param name="Vegetables">Its vegetables.</param>
/// <param name="Pieces">Pieces of chicken.</param>
/// <param name="Verdict">What the judge said last; null where nothing was measured.</param>
/// <param name="Went">How it went against what was predicted, in a few words.</param>
/// <param name="Rated">How many of its ratings are "right", and how many there are.</param>
/// <param name="Photo">Its first photo.</param>
/// <param name="Counts">Whether it is learnt from.</param>
public sealed record LogLine(
    Guid Id, string Name, DateTimeOffset StartedAt, IReadOnlyList<Cut> Cuts, IReadOnlyList<Vegetable> Vegetables, int Pieces, VerdictKind? Verdict, string Went, RatedCount? Rated, Guid? Photo, bool Counts);

/// <param name="Right">How many were right.</param>
/// <param name="Of">Of how many.</param>
public sealed record RatedCount(int Right, int Of);

/// <summary>What there is to look for, in order of the words.</summary>
/// <param name="Cuts">Cuts that were baked.</param>
/// <param name="Vegetables">Vegetables that were baked.</param>
/// <param name="Ovens">Ovens that were used.</param>
/// <param name="Mixes">Mixes that were used.</param>
public sealed record LogFilters(IReadOnlyList<Cut> Cuts, IReadOnlyList<Vegetable> Vegetables, IReadOnlyList<string> Ovens, IReadOnlyList<MixUsed> Mixes);

/// <param name="Id">Which mix.</param>
/// <param name="Name">What it is called.</param>
public sealed record MixUsed(string Id, string Name);

/// <summary>What the log has taught.</summary>
/// <param name="Ovens">Of each oven of the kitchen that was baked in.</param>
/// <param name="Pace">How quick its cooks are at the counter; null where nothing was ticked.</param>
/// <param name="Wishes">Sentences on what this household calls tender, and likes.</param>
/// <param name="Misses">How far each finish lay from what was foretold, the earliest first.</param>
/// <param name="Trend">In a sentence: whether the foretold gets closer; null where there is too little to say.</param>
/// <param name="PastBest">In a sentence: how often food came out past its best.</param>
public sealed record LearntView(IReadOnlyList<OvenLearntView> Ovens, string? Pace, IReadOnlyList<string> Wishes, IReadOnlyList<MissView> Misses, string? Trend, string? PastBest);

/// <param name="Oven">Its name.</param>
/// <param name="Sentence">What was learnt of it.</param>
/// <param name="Air">What is known of its air, or what would tell it; null where nothing was measured.</param>
/// <param name="Preheat">How long it takes to be hot; null where nobody told.</param>
/// <param name="Changed">That it changed, and since when; null where it did not.</param>
/// <param name="Steps">What was believed after each bake, the earliest first.</param>
public sealed record OvenLearntView(string Oven, string Sentence, string? Air, string? Preheat, string? Changed, IReadOnlyList<OvenStepView> Steps);

/// <param name="Bake">After which bake.</param>
/// <param name="At">When it was.</param>
/// <param name="HotterByC">It bakes as an ordinary oven would that is so much hotter than its dial, as believed then, °C.</param>
/// <param name="WithinC">Four in five lie this close, °C.</param>
public sealed record OvenStepView(Guid Bake, DateTimeOffset At, double HotterByC, double WithinC);

/// <param name="Bake">Which bake.</param>
/// <param name="At">When it was.</param>
/// <param name="Minutes">Real less foretold, min.</param>
/// <param name="PastBestMinutes">How long past its best the worst food came out; 0 where none was.</param>
public sealed record MissView(Guid Bake, DateTimeOffset At, double Minutes, double PastBestMinutes);

/// <summary>The bake that a tray repeats: what was said of it comes up again.</summary>
/// <param name="Bake">Which bake.</param>
/// <param name="Name">What its tray was called.</param>
/// <param name="At">When it was.</param>
/// <param name="Sentences">How it went and what is otherwise now.</param>
/// <param name="NextTime">What was to be done otherwise.</param>
public sealed record LastTimeView(Guid Bake, string Name, DateTimeOffset At, IReadOnlyList<string> Sentences, IReadOnlyList<string> NextTime);
