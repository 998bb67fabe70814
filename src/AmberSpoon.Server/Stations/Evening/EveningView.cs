using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Evenings.Sides;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Server.Commands;

namespace AmberSpoon.Server.Stations.Evening;

/// <summary>The whole meal on the clock, for one tray.</summary>
/// <param name="TrayId">Which tray.</param>
/// <param name="TrayName">Its name.</param>
/// <param name="Choice">What was decided.</param>
/// <param name="Version">Grows with each change of it; a change names it in If-Match.</param>
/// <param name="Library">Sides that can be chosen.</param>
/// <param name="Headline">The evening in one sentence.</param>
/// <param name="Notes">What does not fit, or waits too long; perhaps none.</param>
/// <param name="EatAt">When dinner will be; null while there is no tray.</param>
/// <param name="AskedFor">When it was asked for; null for as soon as it can be.</param>
/// <param name="EarliestEatAt">The soonest it can be, if hands begin now.</param>
/// <param name="LateMinutes">How much later than it was asked for, min.</param>
/// <param name="ChancePercent">Of eating on time; null where that is not said.</param>
/// <param name="Sooner">What a tray that goes in sooner buys.</param>
/// <param name="Gains">What could be given up, and what each buys; only where dinner is late.</param>
/// <param name="Tasks">What is still to do, in order of time.</param>
/// <param name="Waits">Food that lies somewhere and needs nobody.</param>
/// <param name="Free">When nobody has anything to do.</param>
/// <param name="Slips">What to do with each food if dinner slips.</param>
/// <param name="Others">Evenings of other trays.</param>
/// <param name="BakeId">The bake that is running of this tray; null for none.</param>
/// <param name="LearntPace">How quick its cooks are by what was ticked, in a sentence; null where nothing was.</param>
/// <param name="Warming">The oven that was switched on for it; null where none is getting hot.</param>
/// <param name="CanUndo">Something was ticked off and can be taken back.</param>
/// <param name="Now">The kitchen's clock when this was sent.</param>
public sealed record EveningView(
    int TrayId,
    string TrayName,
    EveningChoice Choice,
    int Version,
    IReadOnlyList<SideChoice> Library,
    string Headline,
    IReadOnlyList<string> Notes,
    DateTimeOffset? EatAt,
    DateTimeOffset? AskedFor,
    DateTimeOffset? EarliestEatAt,
    int LateMinutes,
    int? ChancePercent,
    IReadOnlyList<SoonerView> Sooner,
    IReadOnlyList<EveningGain> Gains,
    IReadOnlyList<TaskView> Tasks,
    IReadOnlyList<WaitView> Waits,
    IReadOnlyList<SpanView> Free,
    IReadOnlyList<SlipView> Slips,
    IReadOnlyList<OtherEvening> Others,
    Guid? BakeId,
    string? LearntPace,
    WarmingView? Warming,
    bool CanUndo,
    DateTimeOffset Now) : IVersioned;

/// <param name="OnAt">When it was ticked to be on.</param>
/// <param name="HotAt">When it will be as hot as it is set.</param>
/// <param name="Sentence">The same for a cook.</param>
public sealed record WarmingView(DateTimeOffset OnAt, DateTimeOffset HotAt, string Sentence);

/// <param name="Kind">Which side.</param>
/// <param name="Name">"rice".</param>
/// <param name="Heat">Where it gets hot.</param>
/// <param name="PrepareMinutes">Hands before the heat, min.</param>
/// <param name="CookMinutes">Over the heat, min; for one of the oven what the engine finds at this tray's setting.</param>
/// <param name="KeepsMinutes">How long it may wait, min.</param>
public sealed record SideChoice(SideKind Kind, string Name, SideHeat Heat, int PrepareMinutes, int CookMinutes, int KeepsMinutes);

/// <param name="Minutes">The tray goes in so much sooner, and rests for longer, min.</param>
/// <param name="RestMinutes">The rest that this makes, min.</param>
/// <param name="ChancePercent">Of eating on time then.</param>
public sealed record SoonerView(int Minutes, int RestMinutes, int ChancePercent);

/// <param name="Key">Its name, for ticking it off.</param>
/// <param name="Kind">What it is about.</param>
/// <param name="Title">What to do.</param>
/// <param name="RailLabel">The same for a bar on the rail: "rice".</param>
/// <param name="Detail">How; perhaps empty.</param>
/// <param name="Touches">What hands and board meet.</param>
/// <param name="BeginsAt">When to begin.</param>
/// <param name="EndsAt">When it ends.</param>
/// <param name="IsUnderWay">It was to begin before now and is not over.</param>
/// <param name="Hands">When it has hands.</param>
/// <param name="Hob">When it has a ring.</param>
/// <param name="Oven">When it is in the oven, or heats it.</param>
/// <param name="Steps">What it is made of at the counter, each with its time.</param>
public sealed record TaskView(
    string Key,
    TaskKind Kind,
    string Title,
    string RailLabel,
    string Detail,
    Touches Touches,
    DateTimeOffset BeginsAt,
    DateTimeOffset EndsAt,
    bool IsUnderWay,
    IReadOnlyList<SpanView> Hands,
    IReadOnlyList<SpanView> Hob,
    IReadOnlyList<SpanView> Oven,
    IReadOnlyList<TaskStepView> Steps);

/// <param name="Key">A word that stays the same while the plan stays the same.</param>
/// <param name="Title">What to do.</param>
/// <param name="Detail">How.</param>
public sealed record TaskStepView(string Key, string Title, string Detail);

/// <param name="From">From when.</param>
/// <param name="To">Until when.</param>
public sealed record SpanView(DateTimeOffset From, DateTimeOffset To);

/// <param name="Title">What lies where.</param>
/// <param name="From">From when.</param>
/// <param name="To">Until when.</param>
public sealed record WaitView(string Title, DateTimeOffset From, DateTimeOffset To);

/// <param name="LateMinutes">Dinner is so much later, min.</param>
/// <param name="Sentences">What to do with each food.</param>
public sealed record SlipView(int LateMinutes, IReadOnlyList<string> Sentences);

/// <param name="TrayId">Which tray.</param>
/// <param name="Name">Its name.</param>
/// <param name="EatAt">Its dinner.</param>
/// <param name="NextTitle">What is to be done for it next.</param>
/// <param name="NextAt">And when.</param>
public sealed record OtherEvening(int TrayId, string Name, DateTimeOffset EatAt, string NextTitle, DateTimeOffset NextAt);
