using System.Collections.Concurrent;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Probes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using MathNet.Numerics.LinearAlgebra;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// A running bake at a moment: what is believed of its kitchen, what each lot will do, and the judge's verdicts. Everything
/// in it is derived from the events and the plan.
/// </summary>
public sealed class BakeEstimate
{
    /// <summary>The slow and the fast end of a band of four kitchens in five.</summary>
    private const double SlowZ = -KitchenPrior.TenthZ;
    private const double FastZ = KitchenPrior.TenthZ;

    /// <summary>An unmeasured piece may be colder than the others where one kitchen in a thousand has it so.</summary>
    private const double UnmeasuredZ = -3.1;

    /// <summary>One kitchen in a hundred is slower.</summary>
    private const double NinetyNineZ = -2.326;

    /// <summary>One reading clears a piece that is hot enough in 95 kitchens of 100, two where it is in half of them.</summary>
    private const double NearlyAllZ = -1.645;
    private const double HalfZ = 0;

    private const double RestLookAheadS = 20 * 60;

    private TrayCourses _courses;
    private readonly SafetyProfile _profile;
    private readonly Func<PieceRef, PieceOutlook>? _outlook;
    private readonly ConcurrentDictionary<LotId, double?[]> _goalS = new();

    /// <summary>Judged when first asked: what a bake teaches of its oven needs no verdict, and looking ahead asks the engine.</summary>
    private readonly Lazy<IReadOnlyList<LotVerdict>> _verdicts;
    private readonly Lazy<TrayVerdict?> _verdict;

    /// <param name="courses">What every lot goes through.</param>
    /// <param name="nowS">Seconds since the first food went in.</param>
    /// <param name="earlier">The review of an estimate with the same courses, which is gone on from; null to begin anew.</param>
    public BakeEstimate(TrayCourses courses, double nowS, ReadingReview? earlier = null)
        : this(courses, nowS, isHindsight: false, null, earlier)
    {
    }

    /// <param name="courses">What every lot goes through.</param>
    /// <param name="nowS">Seconds since the first food went in.</param>
    /// <param name="isHindsight">Without its readings, and judged no more.</param>
    /// <param name="outlook">Says what to expect of a short piece, in place of the engine; it chooses between ways of not serving yet.</param>
    /// <param name="earlier">See the other constructor.</param>
    internal BakeEstimate(TrayCourses courses, double nowS, bool isHindsight, Func<PieceRef, PieceOutlook>? outlook, ReadingReview? earlier = null)
    {
        _outlook = outlook;
        (_courses, NowS) = (courses, nowS);
        _profile = SafetyProfiles.For(courses.State.Plan.Profile);
        Review = ReadingReview.Of(courses, earlier);
        Belief = isHindsight ? courses.Unmeasured() : Review.Belief;
        KitchenBelief aired = isHindsight || AirCheck.Of(courses.State) is not { } air ? Belief : Belief.Airing(air);
        Sighted = isHindsight ? Belief : courses.State.Looks.Where(look => courses.Lots.ContainsKey(look.Lot) && IsLastWord(look)).Aggregate(aired, Seen);
        _verdicts = new(() => isHindsight ? [] : [.. Chicken.Select(lot => LotJudge.Judge(CaseOf(lot)))]);
        _verdict = new(() => TrayJudge.Judge(Verdicts, verdict => courses.PluralOf(verdict.Lot)));
    }

    /// <summary>The same, after something was told that it does not rest on, such as what the judge said.</summary>
    public BakeEstimate After(BakeState state)
    {
        var same = (BakeEstimate)MemberwiseClone();
        same._courses = _courses.With(state, NowS);
        return same;
    }

    /// <summary>
    /// What was to be expected of a finished bake from its plan and its real moves alone: the line that its readings are held
    /// against.
    /// </summary>
    /// <param name="state">A finished bake.</param>
    /// <param name="planned">What was forecast when it began.</param>
    public static BakeEstimate InHindsight(BakeState state, TrayForecast planned)
    {
        double endS = Math.Clamp(state.FinishedS ?? 0, 60, TrayForecaster.LongestBakeS);
        return new(TrayCourses.Until(state, endS, KitchenPrior.Usual), endS, isHindsight: true, null);
    }

    /// <summary>Seconds since the first food went in.</summary>
    public double NowS { get; }

    /// <summary>As the cook sees each piece.</summary>
    public IReadOnlyDictionary<PieceRef, string> Names => _courses.Names;

    /// <summary>Where everything lies.</summary>
    public Trays.Layout.TrayLayout Layout => _courses.Layout;

    /// <summary>When the verdicts are from, s: the same events always lead to the same verdict, however late one looks.</summary>
    public double JudgedS => State.JudgedS;

    /// <summary>With every lot in whose time has come.</summary>
    public BakeState State => _courses.State;

    /// <summary>What was told, and nothing more.</summary>
    public BakeState Told => _courses.Told;

    public ReadingReview Review { get; }

    /// <summary>One per lot of chicken on the tray or taken from it.</summary>
    public IReadOnlyList<LotVerdict> Verdicts => _verdicts.Value;

    /// <summary>Null where there is no chicken.</summary>
    public TrayVerdict? Verdict => _verdict.Value;

    /// <summary>By the readings alone: what a verdict rests on.</summary>
    private KitchenBelief Belief { get; }

    /// <summary>By the readings, the oven's air and what was seen: what is forecast. Neither air nor colour ever makes anything safer.</summary>
    private KitchenBelief Sighted { get; }

    /// <summary>
    /// What the bake says of its oven: by what is believed, and by readings hotter than was to be believed where a lot showed them twice. No verdict
    /// rests on those; but a tip seldom slips twice, and an oven that became hotter would never be noticed otherwise.
    /// </summary>
    internal (Vector<double> Mean, Matrix<double> Spread) BelievedOfOven() => Review.Readings
        .Where(reading => reading.Doubt?.Kind == DoubtKind.TooHot && reading.Meant.CoreC <= ReadingLimits.HottestMeatC)
        .GroupBy(reading => reading.Taken.Piece.Lot)
        .Where(lot => lot.Count() > 1)
        .SelectMany(lot => lot)
        .Aggregate(Sighted, (belief, reading) => belief.Learning(reading.Taken.Piece, reading.Taken.AtS, reading.Meant.CoreC, 1))
        .Oven();

    private IEnumerable<ChickenLot> Chicken => State.Plan.Chicken.Where(lot => _courses.Lots.ContainsKey(lot.LotId));

    /// <summary>What is believed of a piece's coldest middle now, °C.</summary>
    public (double LowC, double LikeliestC, double HighC) Now(PieceRef piece) =>
        (Sighted.MiddleC(piece, NowS, SlowZ), Sighted.MiddleC(piece, NowS, 0), Sighted.MiddleC(piece, NowS, FastZ));

    /// <summary>How fast a lot's slowest piece warms now, °C a minute; 0 before it is in.</summary>
    public double RisePerMinuteC(LotId lot)
    {
        var piece = new PieceRef(lot, Course(lot).Curves.Slowest);
        double fromS = Math.Max(Course(lot).InS, NowS - RiseS);
        return NowS > fromS ? 60 * (Sighted.MiddleC(piece, NowS, 0) - Sighted.MiddleC(piece, fromS, 0)) / (NowS - fromS) : 0;
    }

    /// <summary>A rise is told over this long, s.</summary>
    private const double RiseS = 120;

    /// <summary>By when a lot has reached its goal with each of <see cref="Chances"/>, min since the first food; what lies beyond what is followed is left out.</summary>
    public IReadOnlyList<(double Chance, double Minutes)> ChancesDone(LotId lot)
    {
        double?[] whenS = GoalS(lot);
        return [.. Chances.Select((of, i) => (of.Chance, WhenS: whenS[i])).Where(of => of.WhenS is not null).Select(of => (of.Chance, of.WhenS!.Value / 60))];
    }

    /// <summary>When the goal is reached with each of <see cref="Chances"/>, s: asked for by many, worked out once.</summary>
    private double?[] GoalS(LotId lot) => _goalS.GetOrAdd(lot, _ =>
    {
        LotGoal goal = State.Plan.GoalOf(lot);
        return [.. Chances.Select(of => WhenS(Sighted, lot, goal, of.Z))];
    });

    /// <summary>Kitchens that are so far, and how far off the likeliest they are, in standard deviations of a normal spread.</summary>
    private static readonly (double Chance, double Z)[] Chances = [(0.1, FastZ), (0.25, 0.674), (0.5, 0), (0.75, -0.674), (0.9, SlowZ)];

    /// <summary>What a probe in the middle of a piece should show at a moment; null where that piece is not in.</summary>
    public ProbeExpectation? Expected(PieceRef piece, double atS)
    {
        if (State.Plan.Chicken.FirstOrDefault(lot => lot.LotId == piece.Lot) is not { } chicken || piece.Piece < 1 || piece.Piece > chicken.Count
            || State.Find(piece.Lot) is not { HasGoneIn: true } lot)
        {
            return null;
        }

        (double coldestC, double hottestC) = ReadingReview.Believable(Belief, piece, atS);
        double fromS = Math.Max(lot.InS, atS - ProbeWatch.FrozenS);
        double riseC = atS > fromS ? 60 * (Belief.MiddleC(piece, atS, 0) - Belief.MiddleC(piece, fromS, 0)) / (atS - fromS) : 0;
        return new(coldestC, hottestC, riseC, lot.PlaceOf(piece.Piece) == BakePlace.Oven ? DialC() : null, CutTable.HasBone(chicken.Cut));
    }

    /// <summary>What the dial says now, as far as anybody said so, °C.</summary>
    private double DialC() => AsBaked.PlanOf(State).Steps.Where(step => step.Kind == StepKind.Lower && 60 * step.AtMinutes <= NowS)
        .Select(step => step.Setting!.ToTemperature().Celsius).LastOrDefault(State.Plan.OvenSetting.ToTemperature().Celsius);

    /// <summary>When a lot reaches its goal if it stays where it is, min since the first food; null where the likeliest kitchen never does.</summary>
    public TimeBand? GoalBand(LotId lot)
    {
        double?[] whenS = GoalS(lot);
        if (whenS[Chances.Length / 2] is not { } medianS)
        {
            return null;
        }

        double endS = Course(lot).InS + Course(lot).Curves.EndS;
        return new((whenS[0] ?? medianS) / 60, medianS / 60, (whenS[^1] ?? endS) / 60);
    }

    /// <summary>
    /// By when 99 kitchens of 100 have all chicken, also what is still to go in, at the rule's everyday number, if it stays where it
    /// is, min since the first food: for a cook without a thermometer. It is never enough for "serve". Null where that is beyond
    /// what is followed, or all chicken is off the tray.
    /// </summary>
    public double? CautiousMinutes()
    {
        double?[] whenS = [.. Chicken.Where(lot => State.Find(lot.LotId) is { IsOff: false }).Select(lot => WhenS(
            Belief, lot.LotId, new CoreGoal(new(Math.Max(_profile.AimC, _profile.RuleFor(lot.IsStuffed).Everyday.Celsius), Units.TemperatureUnit.Celsius)), NinetyNineZ))];
        return whenS.Length == 0 || whenS.Any(when => when is null) ? null : whenS.Max() / 60;
    }

    /// <summary>Its slowest piece, a point a minute from when it goes in; minutes since the first food.</summary>
    public IReadOnlyList<CurvePoint> Curve(LotId lot)
    {
        LotCourse course = Course(lot);
        var piece = new PieceRef(lot, course.Curves.Slowest);
        bool isChicken = State.Plan.Chicken.Any(chicken => chicken.LotId == lot);
        int first = (int)Math.Round(course.InS / 60);
        return
        [
            .. Enumerable.Range(0, (int)(course.Curves.EndS / 60) + 1).Select(minute =>
            {
                double atS = course.InS + (60 * minute);
                Heat.HeatSample likeliest = course.Curves.Likeliest.At(60 * minute);
                return new CurvePoint(
                    first + minute,
                    Tidy(Sighted.MiddleC(piece, atS, SlowZ)),
                    Tidy(Sighted.MiddleC(piece, atS, 0)),
                    Tidy(Sighted.MiddleC(piece, atS, FastZ)),
                    Tidy(likeliest.SurfaceC))
                {
                    Browning = Tidy(likeliest.BrowningTop),
                    BrowningUnder = Tidy(likeliest.BrowningUnder),
                    CookMinutes = isChicken ? 0 : Tidy(Sighted.CookMinutes(lot, atS, 0)),
                    Scale = Tidy(Food.Shrinkage.Scale(likeliest.LossShare)),
                };
            }),
        ];

        // Far finer than it is known, and half as much to send.
        static double Tidy(double value) => Math.Round(value, 2);
    }

    /// <summary>The likeliest cook value of a vegetable's middle at a moment, min.</summary>
    internal double CookMinutes(LotId lot, double atS) => Sighted.CookMinutes(lot, atS, 0);

    /// <summary>What a lot is like now, by prediction.</summary>
    public MiddleState StateOf(LotId lot)
    {
        LotCourse course = Course(lot);
        bool isChicken = State.Plan.Chicken.Any(chicken => chicken.LotId == lot);
        return State.Plan.GoalOf(lot).StateAt(
            Sighted.MiddleC(new(lot, course.Curves.Slowest), NowS, 0), isChicken ? 0 : Sighted.CookMinutes(lot, NowS, 0));
    }

    /// <summary>The likeliest kitchen for a lot's slowest piece: with it the engine can be asked for more.</summary>
    public KitchenGuess GuessFor(LotId lot) => Sighted.GuessFor(new(lot, Course(lot).Curves.Slowest));

    /// <summary>The piece of a lot that was planned slowest, from 1.</summary>
    public int SlowestOf(LotId lot) => Course(lot).Curves.Slowest;

    /// <summary>What a lot's slowest piece meets, and where it stands, as far as is looked ahead.</summary>
    public (PieceSetting Setting, IReadOnlyList<PlaceStage> Stages) SettingOf(LotId lot) =>
        _courses.SettingOf(lot, Course(lot).InS + Course(lot).Curves.EndS);

    private KitchenBelief Seen(KitchenBelief belief, LookTaken look)
    {
        VegetableLot? vegetable = State.Plan.Vegetables.FirstOrDefault(lot => lot.LotId == look.Lot);
        return vegetable is not null
            ? belief.FeelingSoftness(look.Lot, look.AtS, SeenBounds.OfSoftness(look.Look, VegetableTable.For(vegetable.Kind)))
            : belief.SeeingColour(look.Lot, look.AtS, IsTurned(look), SeenBounds.OfColour(look.Look));
    }

    /// <summary>The same eye looks at the same food: of looks shortly after each other the last counts, and a slip of the finger is mended by another tap.</summary>
    private bool IsLastWord(LookTaken look) =>
        State.Looks.SkipWhile(other => !ReferenceEquals(other, look)).Skip(1).All(other => other.Lot != look.Lot || Math.Abs(other.AtS - look.AtS) > SameLookS);

    /// <summary>s.</summary>
    private const double SameLookS = 600;

    /// <summary>Whether the side that was laid down looks up at that moment.</summary>
    private bool IsTurned(LookTaken look)
    {
        int turns = AsBaked.PlanOf(State).Steps.Count(step => step.Kind == StepKind.Turn && 60 * step.AtMinutes <= look.AtS && 60 * step.AtMinutes >= State.Find(look.Lot)!.InS);
        bool isDown = State.Plan.Chicken.First(lot => lot.LotId == look.Lot).SkinDown;
        return turns % 2 == 1 != isDown;
    }

    private LotCourse Course(LotId lot) => _courses.Lots[lot];

    private LotCase CaseOf(ChickenLot lot)
    {
        LotState state = State.Find(lot.LotId)!;
        return new(
            lot.LotId,
            _courses.PluralOf(lot.LotId),
            lot.Goal,
            _profile.RuleFor(lot.IsStuffed),
            state.Place switch { null => LotWhereabouts.Waiting, BakePlace.Oven => LotWhereabouts.Oven, _ => LotWhereabouts.Worktop },
            [.. Enumerable.Range(1, lot.Count).Select(piece => CaseOf(lot, new PieceRef(lot.LotId, piece)))],
            JudgedS,
            WhenS(Belief, lot.LotId, new CoreGoal(new(Math.Min(lot.Goal.CoreC, _profile.AimC), Units.TemperatureUnit.Celsius)), FastZ) ?? JudgedS,
            piece => _outlook?.Invoke(new(lot.LotId, piece)) ?? Outlook(lot, new PieceRef(lot.LotId, piece)))
        {
            IsTrayOut = State.Place != BakePlace.Oven,
        };
    }

    private PieceCase CaseOf(ChickenLot lot, PieceRef piece)
    {
        ReviewedReading[] own = [.. Review.Readings.Where(reading => reading.Taken.Piece == piece).OrderBy(reading => reading.Taken.AtS)];
        SafetyRule rule = _profile.RuleFor(lot.IsStuffed);
        PlacementReview placed = PlacementReview.Of(
            // Also what its cook says had slipped: an answer is no third reading.
            [.. own.Where(reading => reading.IsBelieved || reading.Doubt!.Kind == DoubtKind.TooCold).Select(Placed)],
            atS => Belief.MiddleC(piece, atS, 0),
            rule.LowestC - PublishedLimit.RoundingC);
        bool needsAnother = placed.Agreeing > 0 && placed.Agreeing < ReadingsWanted(piece, placed.Steering[^1], rule);
        return new(
            piece.Piece,
            _courses.NameOf(piece),
            placed.Steering,
            placed.Doubt ?? own.Reverse().TakeWhile(reading => !reading.IsBelieved).FirstOrDefault(reading => reading.Doubt!.Kind == DoubtKind.TooCold)?.Doubt ?? own.LastOrDefault()?.Doubt,
            needsAnother,
            Course(piece.Lot).Curves.ExpectedC(piece.Piece),
            untilS => HottestC(piece, untilS, UnmeasuredZ))
        {
            Seen = placed.Seen,
            IsDisputed = placed.IsDisputed,
            IsOffAlone = State.Find(piece.Lot)!.IsOffAlone(piece.Piece),
        };
    }

    private static PlacedReading Placed(ReviewedReading reading) => new(
        reading.Meant, reading.Taken.Probe is { } probe ? new WirePlacement(probe, reading.Taken.PlacedS ?? 0) : null, reading.Doubt);

    /// <summary>
    /// How many agreeing readings clear a piece. One in seven readings is of a slipped tip or another piece, and a third of
    /// those look well: a reading makes "enough" some twenty times likelier than it was. Where nearly every kitchen is so far,
    /// one will do; where half are, two; where few are, three.
    /// </summary>
    private int ReadingsWanted(PieceRef piece, TimedReading last, SafetyRule rule)
    {
        double limitC = rule.Instant.IsMetBy(last.Temperature) ? rule.Instant.Celsius : rule.LowestC;
        KitchenBelief others = Review.Without(piece);
        return others.MiddleC(piece, last.AtS, NearlyAllZ) >= limitC ? 1 : others.MiddleC(piece, last.AtS, HalfZ) >= limitC ? 2 : 3;
    }

    /// <summary>The hottest its coldest middle has been by a moment.</summary>
    private double HottestC(PieceRef piece, double untilS, double z)
    {
        LotCourse course = Course(piece.Lot);
        double hottestC = double.NegativeInfinity;
        for (double atS = untilS; atS >= course.InS; atS -= 60)
        {
            hottestC = Math.Max(hottestC, Belief.MiddleC(piece, atS, z));
        }

        return hottestC;
    }

    private double? WhenS(KitchenBelief belief, LotId lot, LotGoal goal, double z)
    {
        LotCourse course = Course(lot);
        var piece = new PieceRef(lot, course.Curves.Slowest);
        return goal.ReachedS(
            celsius => FirstS(course, course.InS, course.Curves, atS => belief.MiddleC(piece, atS, z), celsius),
            minutes => FirstS(course, course.InS, course.Curves, atS => belief.CookMinutes(lot, atS, z), minutes));
    }

    private static double? FirstS(LotCourse course, double fromS, LotCurves curves, Func<double, double> valueAt, double wanted)
    {
        double before = valueAt(fromS);
        if (before >= wanted)
        {
            return fromS;
        }

        double endS = course.InS + curves.EndS;
        for (double atS = fromS + PieceCurves.StepS; atS <= endS + 1; atS += PieceCurves.StepS)
        {
            double after = valueAt(atS);
            if (after >= wanted)
            {
                return atS - PieceCurves.StepS + (PieceCurves.StepS * (wanted - before) / (after - before));
            }

            before = after;
        }

        return null;
    }

    private PieceOutlook Outlook(ChickenLot lot, PieceRef piece)
    {
        LotCourse course = Course(piece.Lot);
        SafetyRule rule = _profile.RuleFor(lot.IsStuffed);
        double aimC = Math.Max(lot.Goal.CoreC < rule.AimC && rule.HoldAt(lot.Goal.Core) is not null ? 0 : rule.AimC, lot.Goal.CoreC);
        double lotS = BakeClock.LotS(JudgedS, course.InS);
        bool isInOven = State.Find(piece.Lot)!.PlaceOf(piece.Piece) == BakePlace.Oven;
        LotCurves inOven = isInOven ? course.Curves : _courses.Instead(piece, JudgedS, BakePlace.Oven, course.Curves.EndS);
        LotCurves resting = isInOven ? _courses.Instead(piece, JudgedS, BakePlace.Worktop, RestLookAheadS) : course.Curves;
        double? reachedS = Reached(inOven);
        if (reachedS is null && lotS < TrayForecaster.LongestBakeS)
        {
            reachedS = Reached(_courses.Instead(piece, JudgedS, BakePlace.Oven, TrayForecaster.LongestBakeS - lotS));
        }

        (double peakC, double peakS) = (double.NegativeInfinity, JudgedS);
        for (double atS = JudgedS; atS <= JudgedS + RestLookAheadS; atS += PieceCurves.StepS)
        {
            double lowC = Belief.MiddleC(piece, atS, SlowZ, resting);
            (peakC, peakS) = lowC > peakC ? (lowC, atS) : (peakC, peakS);
        }

        return new((reachedS - JudgedS) / 60, peakC, (peakS - JudgedS) / 60);

        double? Reached(LotCurves curves) => FirstS(course, JudgedS, curves, atS => Belief.MiddleC(piece, atS, 0, curves), aimC);
    }
}
