using System.Collections.Concurrent;
using System.Globalization;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// What every lot of a running bake goes through if everything stays where it is. Readings change nothing in it, so it is
/// worth keeping until something is moved or done: <see cref="KeyOf"/> says when it may be used again.
/// </summary>
public sealed class TrayCourses
{
    /// <summary>Followed in stretches of this, s.</summary>
    private const double StretchS = 15 * 60;

    /// <summary>At least this far beyond now, s.</summary>
    private const double LookAheadS = 30 * 60;

    /// <summary>And so much beyond the plan.</summary>
    private const double BeyondPlan = 1.5;

    /// <summary>
    /// A move that is only thought of is thought of for the last such moment, s: a stream of readings then asks the engine
    /// once for many. Earlier rather than later, so that a rest is never believed to begin with more heat than there is.
    /// </summary>
    private const double ThoughtS = 20;

    /// <summary>Moves thought of that are kept.</summary>
    private const int MostThoughts = 64;

    private readonly KitchenPrior _prior;
    private readonly LotSettings _settings;
    private readonly ConcurrentDictionary<(PieceRef Piece, BakePlace Place, double FromS, double ForS), Lazy<LotCurves>> _thought;

    private TrayCourses(
        BakeState told,
        BakeState state,
        KitchenPrior prior,
        TrayLayout layout,
        LotSettings settings,
        IReadOnlyDictionary<LotId, LotCourse> lots,
        string key,
        ConcurrentDictionary<(PieceRef Piece, BakePlace Place, double FromS, double ForS), Lazy<LotCurves>> thought)
    {
        _thought = thought;
        (Told, State, _prior, _settings, Layout, Lots, Key) = (told, state, prior, settings, layout, lots, key);
        Names = PieceNames.Of(state.Plan, layout);
    }

    /// <summary>What was told, and nothing more.</summary>
    public BakeState Told { get; }

    /// <summary>With every lot in whose time has come.</summary>
    public BakeState State { get; }

    public string Key { get; }

    public TrayLayout Layout { get; }

    /// <summary>One per lot that is not left out.</summary>
    public IReadOnlyDictionary<LotId, LotCourse> Lots { get; }

    public IReadOnlyDictionary<PieceRef, string> Names { get; }

    /// <summary>As the cook sees a piece: "thigh 2, back left".</summary>
    public string NameOf(PieceRef piece) => Names[piece];

    /// <summary>A lot as a cook says it: "thighs".</summary>
    public string PluralOf(LotId lot) => LotNames.Of(State.Plan, State.Plan.Chicken.First(chicken => chicken.LotId == lot));

    /// <summary>Before anything was measured.</summary>
    public KitchenBelief Unmeasured() => new(_prior, Lots, State.Plan.Oven?.Believed);

    /// <summary>The same for as long as this is.</summary>
    public static string KeyOf(BakeState state, TrayForecast planned, double nowS)
    {
        BakeState due = AsBaked.WithWhatWasDue(state, nowS);
        return string.Join('|', [
            .. due.Lots.Select(lot => string.Create(CultureInfo.InvariantCulture, $"{lot.Lot}{(lot.IsOff ? "off" : string.Empty)} {lot.InS:0} {WayOf(lot.Places)} {string.Join(',', lot.Apart.Select(way => $"{way.Key}{(way.Value.IsOff ? "off" : string.Empty)} {WayOf(way.Value.Places)}"))} {HorizonS(lot, planned, nowS):0}")),
            .. due.Acts.Select(act => string.Create(CultureInfo.InvariantCulture, $"{act.Act} {act.DueS:0} {act.DoneAtS:0} {act.IsSkipped}")),
            .. due.Besides.Select(step => string.Create(CultureInfo.InvariantCulture, $"{step.Kind} {step.AtMinutes} {step.ForMinutes} {step.Shelf} {step.Vessel}")),
            .. due.DialTurns.Select(turn => string.Create(CultureInfo.InvariantCulture, $"{turn.AtS:0} {turn.Setting.Value} {turn.Setting.Unit}")),
        ]);

        static string WayOf(IReadOnlyList<PlaceChange> places) => string.Join(',', places.Select(place => string.Create(CultureInfo.InvariantCulture, $"{place.AtS:0}{place.Place}")));
    }

    /// <param name="state">What happened.</param>
    /// <param name="planned">What was forecast when the bake began.</param>
    /// <param name="nowS">Seconds since the first food went in.</param>
    /// <param name="prior">What is doubtful.</param>
    public static TrayCourses Of(BakeState state, TrayForecast planned, double nowS, KitchenPrior prior) =>
        Of(state, nowS, lot => HorizonS(lot, planned, nowS), KeyOf(state, planned, nowS), prior);

    /// <summary>A finished bake, followed to its end and no further.</summary>
    /// <param name="state">What happened.</param>
    /// <param name="endS">When it ended, s in the bake's time.</param>
    /// <param name="prior">What is doubtful.</param>
    public static TrayCourses Until(BakeState state, double endS, KitchenPrior prior) =>
        Of(state, endS, lot => Math.Max(60, 60 * Math.Ceiling(BakeClock.LotS(endS, lot.InS) / 60)), string.Empty, prior);

    private static TrayCourses Of(BakeState state, double nowS, Func<LotState, double> horizonS, string key, KitchenPrior prior)
    {
        BakeState due = AsBaked.WithWhatWasDue(state, nowS);
        TrayPlan plan = AsBaked.PlanOf(due);
        TrayLayout layout = TrayArranger.Arrange(plan);
        var settings = new LotSettings(plan, layout);
        LotState[] lots = [.. due.Lots.Where(lot => !lot.IsLeftOut)];
        var curves = new LotCurves[lots.Length];
        Parallel.For(0, lots.Length, i =>
        {
            double untilS = horizonS(lots[i]);
            IReadOnlyList<PlaceStage> stages = lots[i].StagesUntil(untilS);
            curves[i] = plan.Chicken.FirstOrDefault(lot => lot.LotId == lots[i].Lot) is { } chicken
                ? LotCurves.Of(chicken, settings, stages, prior).With(WaysOf(chicken, lots[i], settings, untilS, prior), piece => !lots[i].IsOffAlone(piece))
                : LotCurves.Of(plan.Vegetables.First(lot => lot.LotId == lots[i].Lot), settings, stages, prior);
        });
        return new(
            state,
            due,
            prior,
            layout,
            settings,
            lots.Select((lot, i) => (lot.Lot, Course: new LotCourse(lot.InS, curves[i]))).ToDictionary(lot => lot.Lot, lot => lot.Course),
            key,
            new());
    }

    /// <summary>Pieces that left their lot, those that are alike and went together followed once.</summary>
    private static Dictionary<int, PieceCurves> WaysOf(ChickenLot chicken, LotState lot, LotSettings settings, double untilS, KitchenPrior prior)
    {
        IReadOnlyList<double> massesG = chicken.MassesG();
        return lot.Apart.Keys
            .GroupBy(piece => (Math.Round(AlikeSteps * Math.Log(massesG[piece - 1])), string.Join(',', lot.Apart[piece].Places)))
            .SelectMany(alike =>
            {
                int first = alike.First();
                PieceCurves curves = LotCurves.Of(chicken, settings, lot.StagesUntil(first, untilS), prior, first).Of(first);
                return alike.Select(piece => (piece, curves));
            })
            .ToDictionary(way => way.piece, way => way.curves);
    }

    /// <summary>Pieces within a fiftieth of each other's mass are alike.</summary>
    private const int AlikeSteps = 50;

    /// <summary>The same courses, with what was told since that moves nothing.</summary>
    public TrayCourses With(BakeState state, double nowS) => new(state, AsBaked.WithWhatWasDue(state, nowS), _prior, Layout, _settings, Lots, Key, _thought);

    /// <summary>What the slowest piece of a lot meets, and where it stands, for asking the engine itself.</summary>
    /// <param name="lot">A lot that is not left out.</param>
    /// <param name="untilS">Until then, s in the bake's time.</param>
    public (PieceSetting Setting, IReadOnlyList<PlaceStage> Stages) SettingOf(LotId lot, double untilS)
    {
        TrayPlan plan = AsBaked.PlanOf(State);
        PieceSetting setting = plan.Chicken.FirstOrDefault(chicken => chicken.LotId == lot) is { } meat
            ? _settings.Of(meat, Lots[lot].Curves.Slowest)
            : _settings.Of(plan.Vegetables.First(vegetable => vegetable.LotId == lot));
        return (setting, State.Find(lot)!.StagesUntil(Lots[lot].Curves.Slowest, Math.Clamp(BakeClock.LotS(untilS, Lots[lot].InS), 60, TrayForecaster.LongestBakeS)));
    }

    /// <summary>One piece, as it was until a moment and then somewhere else.</summary>
    /// <param name="piece">A piece of chicken.</param>
    /// <param name="nowS">Until then it was where it was, s in the bake's time.</param>
    /// <param name="place">Then it is here.</param>
    /// <param name="forS">For this long, s.</param>
    internal LotCurves Instead(PieceRef piece, double nowS, BakePlace place, double forS)
    {
        if (_thought.Count >= MostThoughts)
        {
            _thought.Clear();
        }

        double pastS = Math.Clamp(ThoughtS * Math.Floor(BakeClock.LotS(nowS, State.Find(piece.Lot)!.InS) / ThoughtS), 0, TrayForecaster.LongestBakeS);
        double aheadS = 60 * Math.Ceiling(forS / 60);
        return _thought.GetOrAdd((piece, place, pastS, aheadS), _ => new(() => Thought(piece, pastS, place, aheadS))).Value;
    }

    private LotCurves Thought(PieceRef piece, double pastS, BakePlace place, double forS)
    {
        IReadOnlyList<PlaceStage> stages = [.. State.Find(piece.Lot)!.StagesUntil(piece.Piece, pastS), new(place, forS)];
        return LotCurves.Of(State.Plan.Chicken.First(chicken => chicken.LotId == piece.Lot), _settings, stages, _prior, piece.Piece);
    }

    private static double HorizonS(LotState lot, TrayForecast planned, double nowS)
    {
        double plannedMinutes = planned.Find(lot.Lot.Value) is { } forecast ? forecast.OutMinutes - forecast.InMinutes : planned.PullMinutes;
        double wantedS = Math.Max(BeyondPlan * 60 * plannedMinutes, BakeClock.LotS(nowS, lot.InS) + LookAheadS);
        return Math.Min(StretchS * Math.Ceiling(wantedS / StretchS), TrayForecaster.LongestBakeS + LookAheadS);
    }
}
