using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>One lot followed through every guess, paused when it is done until it is known when it leaves.</summary>
internal sealed class LotRuns
{
    /// <summary>How much more or less cooking one potato needs than another: four in five lie within (common practice).</summary>
    private const double VegetablesDiffer = 0.15;

    /// <summary>The lightest piece is followed by itself where it is lighter than the heaviest by more than this.</summary>
    private const double AlikeShare = 0.97;

    /// <summary>The two grids of the best guess are followed this far past the target, so that both have reached it, °C.</summary>
    private const double PastTargetC = 2;

    private readonly IReadOnlyList<double> _massesG;
    private readonly PieceSetting _setting;
    private readonly LotGoal _goal;
    private readonly SafetyRule? _rule;
    private readonly PausedBake _quick;
    private readonly PausedBake _rough;
    private readonly HeatRun?[] _whole = new HeatRun?[2];
    private readonly IReadOnlyList<(PausedBake Faster, PausedBake Slower)> _pairs;

    /// <summary>Until past, where that is asked; else until it is done.</summary>
    private readonly PausedBake? _lightest;
    private readonly LeftInOven? _leftIn;
    private readonly PausedBake? _heaviestLeftIn;
    private readonly Lazy<GoodWindow?> _good;

    private LotRuns(
        LotId lot,
        int addAtMinutes,
        bool leavesWhenDone,
        IReadOnlyList<double> massesG,
        PieceSetting setting,
        LotGoal goal,
        SafetyRule? rule,
        Care care,
        PieceSetting? lightest,
        LeftInOven? leftIn)
    {
        (Lot, AddAtMinutes, LeavesWhenDone, _massesG) = (lot, addAtMinutes, leavesWhenDone, massesG);
        (_setting, _goal, _rule, _leftIn) = (setting, goal, rule, leftIn);
        _good = new(FindGood);
        _quick = Begin(setting, KitchenGuess.Nominal, GridLevel.Quick, isPlain: true);
        _rough = Begin(setting, KitchenGuess.Nominal, GridLevel.Rough, isPlain: true);
        IReadOnlyList<(KitchenGuess Faster, KitchenGuess Slower)> design = care == Care.Full
            ? GuessDesign.Around(KitchenGuess.Nominal, setting.IsMeasured && IsChicken, startMatters: IsChicken, setting.Believed)
            : [];
        _pairs = [.. design.Select(pair => (Left(setting, pair.Faster), Begin(setting, pair.Slower, GridLevel.Rough)))];
        _lightest = lightest is null ? null : Left(lightest, KitchenGuess.Nominal);
        _heaviestLeftIn = leftIn?.Begin(setting, KitchenGuess.Nominal);
    }

    public LotId Lot { get; }

    public int AddAtMinutes { get; }

    public bool LeavesWhenDone { get; }

    /// <summary>Chicken follows a safety rule, a vegetable none.</summary>
    public bool IsChicken => _rule is not null;

    /// <param name="lot">The lot.</param>
    /// <param name="settings">What the lots of its plan meet.</param>
    /// <param name="rule">What makes it safe.</param>
    /// <param name="care">With a band, or without.</param>
    /// <param name="withWindow">Until when it is good is asked, too.</param>
    public static LotRuns Of(ChickenLot lot, LotSettings settings, SafetyRule rule, Care care, bool withWindow)
    {
        IReadOnlyList<double> masses = lot.MassesG();
        PieceSetting heaviest = settings.Of(lot);
        PieceSetting? lightest = masses[^1] < AlikeShare * masses[0] ? settings.Of(lot, masses[^1]) : null;
        return new(
            lot.LotId, lot.AddAtMinutes, lot.LeavesWhenDone, masses, heaviest, lot.Goal, rule, care, lightest, withWindow ? LeftInOven.Of(lot, rule) : null);
    }

    public static LotRuns Of(VegetableLot lot, LotSettings settings, Care care, bool withWindow)
    {
        PieceSetting setting = settings.Of(lot);
        return new(
            lot.LotId, lot.AddAtMinutes, lot.LeavesWhenDone, Alike(lot), setting, lot.SoftGoal(), null, care, null, withWindow ? LeftInOven.Of(lot) : null);
    }

    /// <summary>Everything to be followed, the longest first.</summary>
    public IEnumerable<Action> ToGoal() => _pairs.Select(pair => pair.Faster)
        .Concat(new[] { _lightest, _heaviestLeftIn }.OfType<PausedBake>())
        .Select(bake => (Action)(() => ToPast(bake)))
        .Concat(_pairs.Select(pair => pair.Slower).Concat([_quick, _rough]).Select(bake => (Action)(() => bake.FollowToGoal())));

    /// <summary>
    /// The two grids of the best guess go on until what they say together has got there: each stops by itself, and where cooking runs
    /// away the coarser is so far ahead that the two together are behind either.
    /// </summary>
    public void ToGoalTogether()
    {
        while (Math.Min(_quick.ReachedS, _rough.ReachedS) is var bothS && bothS < TrayForecaster.LongestBakeS && !(WhenS(TwoGrids.Beyond(_quick.Found, _rough.Found)) <= bothS))
        {
            double untilS = Math.Min(TrayForecaster.LongestBakeS, Math.Max(Math.Max(_quick.ReachedS, _rough.ReachedS), bothS + OnS));
            _quick.FollowTo([], untilS);
            _rough.FollowTo([], untilS);
        }
    }

    /// <summary>s.</summary>
    private const double OnS = 60;

    private void ToPast(PausedBake bake)
    {
        if (_leftIn is null)
        {
            bake.FollowToGoal();
        }
        else
        {
            _leftIn.ToPast(bake);
        }
    }

    /// <summary>From when to when it is good; null where it was not asked or never done.</summary>
    public GoodWindow? Good => _good.Value;

    /// <summary>The windows come from the rough grid alone, and err as it does.</summary>
    private GoodWindow? FindGood() => _leftIn is null || _heaviestLeftIn is null || WhenS(_rough.Found) is not { } roughS || ReadyMinutes is not { } readyMinutes
        ? null
        : _leftIn.Window(_heaviestLeftIn.Found, (_lightest ?? _heaviestLeftIn).Found).Stretched(
            AddAtMinutes, Math.Max(0.1, readyMinutes - AddAtMinutes) / Math.Max(0.1, roughS / 60), IsChicken ? Safe()?.MedianMinutes : ReadyBand().MedianMinutes);

    /// <summary>The same in a fast and in a slow kitchen; null where no bands were asked.</summary>
    private (GoodWindow Sooner, GoodWindow Later)? GoodBand()
    {
        if (_pairs.Count == 0 || Good is not { } good || (IsChicken ? Safe() : ReadyBand()) is not { } opens)
        {
            return null;
        }

        double roughS = DoneS(_rough);
        return WindowBand.Of(
            good,
            AddAtMinutes,
            opens,
            Window(_heaviestLeftIn!),
            [
                .. _pairs.Select(pair => (Window(pair.Faster), SlowTimes(roughS - DoneS(pair.Faster), DoneS(pair.Slower) - roughS))),
                .. IsChicken ? [] : new[] { (Window(_heaviestLeftIn!, 1 - VegetablesDiffer), 1.0) },
            ]);

        double DoneS(PausedBake bake)
        {
            HeatRun run = bake.Found;
            return WhenS(run) ?? run.Last.TimeS;
        }

        // Where the fast end hardly moves it, the two are alike.
        static double SlowTimes(double soonerS, double laterS) => Math.Abs(soonerS) < 10 ? 1 : Math.Clamp(laterS / soonerS, 0.5, 3);

        GoodWindow Window(PausedBake bake, double cookingFactor = 1)
        {
            HeatRun run = bake.Found;
            return _leftIn!.Window(run, run, cookingFactor);
        }
    }

    /// <summary>The rough runs that make the band.</summary>
    private IEnumerable<PausedBake> Doubts() => _pairs.SelectMany(pair => new[] { pair.Slower, pair.Faster });

    /// <summary>When its heaviest piece is done, by the best guess, min since the first food; null if never.</summary>
    public double? ReadyMinutes => WhenS(TwoGrids.Beyond(_quick.Found, _rough.Found)) is { } doneS ? AddAtMinutes + (doneS / 60) : null;

    /// <summary>What goes on, now that it is known when it leaves and when dinner is.</summary>
    /// <param name="outMinutes">When it leaves the oven, min since the first food.</param>
    /// <param name="eatMinutes">Dinner, min since the first food.</param>
    public IEnumerable<Action> ToEnd(int outMinutes, int eatMinutes)
    {
        double outS = 60 * (outMinutes - AddAtMinutes);
        double endS = 60 * (eatMinutes - AddAtMinutes);
        yield return () => _whole[0] = Whole(_quick, GridLevel.Quick, outS, endS);
        yield return () => _whole[1] = Whole(_rough, GridLevel.Rough, outS, endS);
        foreach (PausedBake member in Doubts().Where(member => member.ReachedS < outS))
        {
            yield return () => member.FollowTo([], outS);
        }
    }

    /// <summary>
    /// In the oven until it leaves, then out of it until dinner. A run that was followed beyond that moment, to see when it
    /// is done, begins anew.
    /// </summary>
    private HeatRun Whole(PausedBake paused, GridLevel level, double outS, double endS)
    {
        if (!IsChicken)
        {
            // On the plate its temperature is of no account.
            paused.FollowTo([], Math.Max(outS, paused.ReachedS));
            return paused.Found;
        }

        PausedBake bake = paused.ReachedS <= outS ? paused : Begin(_setting, KitchenGuess.Nominal, level);
        bake.FollowTo([new TakeOut(outS)], Math.Max(endS, outS));
        return bake.Found;
    }

    public LotForecast Forecast(int outMinutes, int eatMinutes)
    {
        double outS = 60 * (outMinutes - AddAtMinutes);
        TimeBand ready = ReadyBand();
        (GoodWindow Sooner, GoodWindow Later)? goodBand = GoodBand();
        GuessEnsemble ensemble = EnsembleOf(_whole[0]!, _whole[1]!, outS);
        HeatRun nominal = ensemble.Nominal;
        HeatSample leaving = nominal.At(outS);
        return new(
            Lot.Value,
            IsChicken,
            _setting.Index,
            _setting.Piece.Size(),
            MassG,
            _massesG.Count,
            ready,
            LightestReadyMinutes(ready.MedianMinutes),
            IsChicken ? PieceReady(ready.MedianMinutes, LightestReadyMinutes(ready.MedianMinutes)) : [],
            AddAtMinutes,
            outMinutes,
            StateOf(leaving, outMinutes, Good),
            SurfaceColours.Of(leaving.BrowningTop),
            SurfaceColours.Of(leaving.BrowningUnder),
            nominal.Ends.LossShare,
            _setting.Placement.Crowding,
            [.. Enumerable.Range(AddAtMinutes, eatMinutes - AddAtMinutes + 1).Select(minute => At(ensemble, minute, outMinutes))])
        {
            Safe = Safe(),
            JuiceMl = IsChicken ? Math.Round(JuiceMlPerG() * _massesG.Sum()) : 0,
            Good = Good,
            GoodSooner = goodBand?.Sooner,
            GoodLater = goodBand?.Later,
            PeakC = nominal.PeakFrom(0).ColdestC,
        };
    }

    /// <summary>Far above its goal is not beyond while it is at its best: dark meat gains by it.</summary>
    private MiddleState StateOf(HeatSample leaving, int outMinutes, GoodWindow? good)
    {
        MiddleState state = _goal.StateAt(leaving.ColdestC, leaving.CookMinutes);
        return state == MiddleState.Beyond && outMinutes <= Math.Ceiling(good?.BestUntilMinutes ?? 0) ? MiddleState.AtTarget : state;
    }

    /// <summary>When the rule would be met, by prediction; null for vegetables, and where this oven never gets there.</summary>
    private TimeBand? Safe() =>
        _rule is { } rule && EnsembleOf(_quick.Found, _rough.Found).TimeUntil(run => rule.MetInOvenS(run.TimeToReachS)) is { } band ? Later(band) : null;

    /// <summary>The best guess, until dinner.</summary>
    public HeatRun Nominal(int outMinutes) => TwoGrids.Beyond(_whole[0]!, _whole[1]!, 60 * (outMinutes - AddAtMinutes));

    /// <summary>What the heaviest piece let run, for each gram of it: the lighter ones let go as much, a little sooner. Juice weighs as water does.</summary>
    private double JuiceMlPerG() => 1000 * _whole[0]!.Ends.DrippedKg / MassG;

    private double MassG => _setting.Piece switch
    {
        PieceBody piece => piece.MassG,
        VegetableBody piece => piece.MassG,
        _ => 0,
    };

    private PausedBake Begin(PieceSetting setting, KitchenGuess guess, GridLevel level, bool isPlain = false) => new(
        setting.Bake(guess, [new(BakePlace.Oven, TrayForecaster.LongestBakeS)]) with
        {
            StopAtColdestC = _goal.StopAtColdestC + (isPlain ? PastTargetC : 0),
            StopAtCookMinutes = _goal.StopAtCookMinutes * (isPlain ? 1 + VegetablesDiffer : 1),
        },
        level);

    /// <summary>Until it is past, or only until it is done.</summary>
    private PausedBake Left(PieceSetting setting, KitchenGuess guess) => _leftIn?.Begin(setting, guess) ?? Begin(setting, guess, GridLevel.Rough);

    private double? WhenS(HeatRun run) => _goal.ReachedS(run.TimeToReachS, run.TimeToSoftenS);

    private GuessEnsemble EnsembleOf(HeatRun quick, HeatRun rough, double bandUntilS = double.PositiveInfinity) => new(
        TwoGrids.Beyond(quick, rough, bandUntilS), rough, [.. _pairs.Select(pair => (pair.Faster.Found, pair.Slower.Found))])
    {
        BandUntilS = bandUntilS,
    };

    private TimeBand ReadyBand() => Later(Ready(EnsembleOf(_quick.Found, _rough.Found)));

    private TimeBand Ready(GuessEnsemble ensemble)
    {
        TimeBand band = ensemble.TimeUntil(WhenS) ?? throw new LotNeverDoneException(Lot.Value);
        if (_goal is not SoftGoal soft || _pairs.Count == 0)
        {
            return band;
        }

        double sooner = band.MedianMinutes - (ensemble.Nominal.TimeToSoftenS(soft.CookMinutes * (1 - VegetablesDiffer)) / 60 ?? band.MedianMinutes);
        double later = (ensemble.Nominal.TimeToSoftenS(soft.CookMinutes * (1 + VegetablesDiffer)) / 60 ?? band.MedianMinutes) - band.MedianMinutes;
        return new(
            band.MedianMinutes - Math.Sqrt(Squared(band.MedianMinutes - band.LowMinutes) + Squared(sooner)),
            band.MedianMinutes,
            band.MedianMinutes + Math.Sqrt(Squared(band.HighMinutes - band.MedianMinutes) + Squared(later)));

        static double Squared(double x) => x * x;
    }

    /// <summary>On the plan's clock, and as sure as the model is.</summary>
    private TimeBand Later(TimeBand band)
    {
        TimeBand sure = _pairs.Count == 0 ? band : ModelDoubt.Added(band);
        return new(sure.LowMinutes + AddAtMinutes, sure.MedianMinutes + AddAtMinutes, sure.HighMinutes + AddAtMinutes);
    }

    /// <summary>What the rough grid says of the two is apart, before the heaviest.</summary>
    private double LightestReadyMinutes(double heaviestMinutes) =>
        _lightest?.Found is { } lightest && WhenS(lightest) is { } lightS && WhenS(_rough.Found) is { } heavyS
            ? heaviestMinutes - ((heavyS - lightS) / 60)
            : heaviestMinutes;

    /// <summary>Times go as mass^(2/3): by the square of thickness.</summary>
    private double[] PieceReady(double heaviestMinutes, double lightestMinutes)
    {
        double heavy = Math.Cbrt(_massesG[0] * _massesG[0]);
        double light = Math.Cbrt(_massesG[^1] * _massesG[^1]);
        return
        [
            .. _massesG.Select(mass => heavy - light < 1e-9
                ? heaviestMinutes
                : Math.Round(lightestMinutes + ((heaviestMinutes - lightestMinutes) * (Math.Cbrt(mass * mass) - light) / (heavy - light)), 2)),
        ];
    }

    private static double[] Alike(VegetableLot lot) => [.. Enumerable.Repeat(lot.Piece().MassG, lot.Count)];

    private CurvePoint At(GuessEnsemble ensemble, int minute, int outMinutes)
    {
        CurvePoint point = ensemble.At(60 * ((IsChicken ? minute : Math.Min(minute, outMinutes)) - AddAtMinutes));
        return new(minute, Tidy(point.ColdestLowC), Tidy(point.ColdestC), Tidy(point.ColdestHighC), Tidy(point.SurfaceC))
        {
            Browning = Tidy(point.Browning),
            BrowningUnder = Tidy(point.BrowningUnder),
            CookMinutes = Tidy(point.CookMinutes),
            Scale = Tidy(point.Scale),
        };

        // Far finer than it is known, and half as much to send.
        static double Tidy(double value) => Math.Round(value, 2);
    }
}

/// <summary>How carefully a plan is answered.</summary>
public enum Care
{
    /// <summary>The best guess alone: for comparing many plans.</summary>
    BestGuess,

    /// <summary>With bands.</summary>
    Full,
}
