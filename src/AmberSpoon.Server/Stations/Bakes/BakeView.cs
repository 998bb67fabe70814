using AmberSpoon.Core.Acts;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>Bakes, and the kitchen's clock when this was sent.</summary>
/// <param name="Bakes">Live ones whole, finished ones as the log lists them.</param>
/// <param name="Next">The cursor of the next page of finished ones; null where there are no more.</param>
/// <param name="Now">The kitchen's clock.</param>
public sealed record BakesView(IReadOnlyList<BakeView> Bakes, string? Next, DateTimeOffset Now);

/// <summary>One bake. A list of finished ones leaves out what follows <see cref="Verdict"/>.</summary>
/// <param name="Id">Which bake.</param>
/// <param name="TrayId">The tray it was started from, where that is known.</param>
/// <param name="Name">The tray's name then.</param>
/// <param name="Seq">The last of its events; the same seq is the same state.</param>
/// <param name="StartedAt">When the first food went in.</param>
/// <param name="FinishedAt">When it was finished; null while it is live.</param>
/// <param name="IsLive">Still running.</param>
/// <param name="Pieces">Pieces of chicken.</param>
/// <param name="Cuts">Its lots of chicken.</param>
/// <param name="Vegetables">Its vegetables.</param>
/// <param name="Verdict">Of the whole tray: derived while it is live, as it was said last once it is finished.</param>
/// <param name="Plan">As it was started.</param>
/// <param name="Forecast">What was predicted then.</param>
/// <param name="Place">Where the tray is.</param>
/// <param name="Moves">Where the tray was, in order.</param>
/// <param name="Lots">Every lot, chicken first.</param>
/// <param name="Acts">The plan's steps and what became of them.</param>
/// <param name="Next">Of a live bake: all that hands are still to do, in order of time.</param>
/// <param name="CautiousAt">By when 99 kitchens of 100 would have all chicken hot enough, for a cook without a thermometer; never enough to serve by.</param>
/// <param name="Vessels">How large each vessel is.</param>
/// <param name="Readings">All readings, and whether they are believed; of a live bake the last of them.</param>
/// <param name="Events">All that was told; only where one bake is asked for.</param>
/// <param name="Baked">The plan with everything in its real place in time; only where one bake is asked for.</param>
/// <param name="LastDone">Of a live bake: what was done last, to be taken back.</param>
/// <param name="IsJustIn">Nothing was told since it went in: its start can be taken back for a moment.</param>
/// <param name="Now">The kitchen's clock when this was sent.</param>
/// <param name="Table">What was said of it at table and after, and how it went; only where one bake is asked for.</param>
public sealed record BakeView(
    Guid Id,
    int? TrayId,
    string Name,
    int Seq,
    DateTimeOffset StartedAt,
    DateTimeOffset? FinishedAt,
    bool IsLive,
    int Pieces,
    IReadOnlyList<Cut> Cuts,
    IReadOnlyList<Vegetable> Vegetables,
    VerdictView? Verdict,
    TrayPlan? Plan = null,
    TrayForecast? Forecast = null,
    BakePlace? Place = null,
    IReadOnlyList<MoveView>? Moves = null,
    IReadOnlyList<BakeLotView>? Lots = null,
    IReadOnlyList<ActView>? Acts = null,
    IReadOnlyList<NextView>? Next = null,
    DateTimeOffset? CautiousAt = null,
    IReadOnlyList<VesselSize>? Vessels = null,
    IReadOnlyList<ReadingView>? Readings = null,
    IReadOnlyList<EventView>? Events = null,
    TrayPlan? Baked = null,
    EventView? LastDone = null,
    bool? IsJustIn = null,
    DateTimeOffset? Now = null,
    AtTableView? Table = null);

/// <param name="Kind">What kind of act.</param>
/// <param name="Title">In two to four words, readable across the kitchen.</param>
/// <param name="DueAt">When; what is overdue keeps its time.</param>
/// <param name="IsExpected">It follows from the forecast and moves with it.</param>
/// <param name="Act">Of a planned step: which, from 0.</param>
/// <param name="Lot">Of food that is added or comes out: which lot.</param>
/// <param name="Dial">Of the grill's end: what the dial goes back to.</param>
public sealed record NextView(ActKind Kind, string Title, DateTimeOffset DueAt, bool IsExpected, int? Act, int? Lot, EnteredTemperature? Dial = null);

/// <param name="OpensAt">Chicken: predicted to meet the rule. Vegetables: tender.</param>
/// <param name="BestFrom">At its best from here; null where it never is.</param>
/// <param name="BestUntil">Until here.</param>
/// <param name="PastAt">Past from here on.</param>
/// <param name="IsHurried">Past before the last of the others is done: it comes out first.</param>
public sealed record WindowView(DateTimeOffset? OpensAt, DateTimeOffset? BestFrom, DateTimeOffset? BestUntil, DateTimeOffset? PastAt, bool IsHurried);

/// <param name="At">Since when.</param>
/// <param name="Place">Where the tray was.</param>
public sealed record MoveView(DateTimeOffset At, BakePlace Place);

/// <param name="Kind">What to do.</param>
/// <param name="Reason">Why; null in lists.</param>
/// <param name="MeasureNext">Pieces that must still be measured before it may be served.</param>
/// <param name="NextCheckAt">When to measure next; null when no time is set.</param>
/// <param name="MinutesToGoal">Safe already, but the cook's own goal is this much more oven away, min.</param>
public sealed record VerdictView(
    VerdictKind Kind, string? Reason, IReadOnlyList<PieceToMeasure> MeasureNext, DateTimeOffset? NextCheckAt, double? MinutesToGoal = null);

/// <param name="Lot">Its number on the tray.</param>
/// <param name="Name">"thighs".</param>
/// <param name="IsChicken">Chicken, or a vegetable.</param>
/// <param name="Place">Where it is; null while it waits.</param>
/// <param name="IsOff">Taken off the tray.</param>
/// <param name="InAt">When it went in, or is to go in.</param>
/// <param name="IsTimeTold">The cook said when it went in; else it counts as in since it was planned to be.</param>
/// <param name="Verdict">Chicken of a live bake: what to do about this lot.</param>
/// <param name="State">What its middle is like now, by prediction.</param>
/// <param name="GoalFrom">Its goal is reached by then in one kitchen of ten, if it stays where it is.</param>
/// <param name="GoalAt">As likely sooner as later; null if never.</param>
/// <param name="GoalUntil">By then in nine of ten.</param>
/// <param name="Good">From when to when it is good if it stays in the oven; null where that is not known.</param>
/// <param name="RisePerMinuteC">How fast the middle of its slowest piece warms now, °C a minute.</param>
/// <param name="DoneBy">By when its goal is reached in how many kitchens, if it stays where it is; empty once it is off the tray.</param>
/// <param name="Slowest">Its slowest piece, from 1.</param>
/// <param name="Pieces">Chicken: each of its pieces, the heaviest first.</param>
/// <param name="Curve">Its slowest piece: a point a minute from when it goes in.</param>
public sealed record BakeLotView(
    int Lot,
    string Name,
    bool IsChicken,
    BakePlace? Place,
    bool IsOff,
    DateTimeOffset InAt,
    bool IsTimeTold,
    VerdictView? Verdict,
    MiddleState State,
    DateTimeOffset? GoalFrom,
    DateTimeOffset? GoalAt,
    DateTimeOffset? GoalUntil,
    WindowView? Good,
    double RisePerMinuteC,
    IReadOnlyList<ChanceView> DoneBy,
    int Slowest,
    IReadOnlyList<PieceView> Pieces,
    IReadOnlyList<CurvePoint> Curve);

/// <param name="Piece">From 1, the heaviest first.</param>
/// <param name="Name">As the cook sees it.</param>
/// <param name="LowC">Its coldest middle now: nine kitchens of ten are above this, °C.</param>
/// <param name="MiddleC">As likely above as below.</param>
/// <param name="HighC">One kitchen in ten is above this.</param>
/// <param name="At">Where it lies; null where there is no room for it.</param>
/// <param name="IsOff">It came off the tray by itself.</param>
public sealed record PieceView(int Piece, string Name, double LowC, double MiddleC, double HighC, PlaceOnTray? At, bool IsOff);

/// <param name="Chance">The share of kitchens, 0 to 1.</param>
/// <param name="At">By then.</param>
public sealed record ChanceView(double Chance, DateTimeOffset At);

/// <param name="Vessel">Which vessel, from 0.</param>
/// <param name="XShare">From left to right, 0 to 1 of its width.</param>
/// <param name="YShare">From the back to the door, 0 to 1 of its depth.</param>
public sealed record PlaceOnTray(int Vessel, double XShare, double YShare);

/// <param name="WidthMm">From left to right, mm.</param>
/// <param name="DepthMm">From the back to the door, mm.</param>
public sealed record VesselSize(double WidthMm, double DepthMm);

/// <param name="Act">Which of the plan's steps, from 0.</param>
/// <param name="Step">As planned.</param>
/// <param name="Title">In two to four words.</param>
/// <param name="DueAt">When it is to be done: as planned, or later where the cook said so.</param>
/// <param name="DoneAt">When it was done; null where nobody said so.</param>
/// <param name="IsSkipped">It will not be done.</param>
/// <param name="Seq">The event that says so, to be taken back; null while it is open.</param>
public sealed record ActView(int Act, PlannedStep Step, string Title, DateTimeOffset DueAt, DateTimeOffset? DoneAt, bool IsSkipped, int? Seq);

/// <param name="Seq">The event.</param>
/// <param name="Lot">Its lot.</param>
/// <param name="Piece">Which of its pieces.</param>
/// <param name="Name">As the cook sees it.</param>
/// <param name="At">When it was taken.</param>
/// <param name="Temperature">As it was meant.</param>
/// <param name="IsBelieved">It steers and counts.</param>
/// <param name="Doubt">What is doubtful, or null.</param>
/// <param name="Question">What the cook is asked about it.</param>
/// <param name="Answers">What may be answered; empty where it can only be measured again.</param>
public sealed record ReadingView(
    int Seq,
    int Lot,
    int Piece,
    string Name,
    DateTimeOffset At,
    Core.Units.EnteredTemperature Temperature,
    bool IsBelieved,
    DoubtKind? Doubt,
    string? Question,
    IReadOnlyList<ReadingAnswer> Answers);

/// <param name="Seq">Its place in the bake.</param>
/// <param name="CommandId">By whom it was told only once.</param>
/// <param name="At">When it happened.</param>
/// <param name="Kind">What kind.</param>
/// <param name="Text">In a sentence.</param>
public sealed record EventView(int Seq, Guid CommandId, DateTimeOffset At, string Kind, string Text);
