using System.Collections.Concurrent;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// All pieces of a lot in every kitchen, for one course of events. The heaviest piece, and the lightest where they differ, is
/// followed through each doubt; every other kind of piece by itself in the likeliest kitchen, its doubts between theirs.
/// </summary>
public sealed class LotCurves
{
    /// <summary>The lightest is followed by itself where it is lighter than the heaviest by more than this.</summary>
    private const double AlikeShare = 0.97;

    /// <summary>Pieces are ranked at the moment when the heaviest is this hot, °C: by then they have drawn apart.</summary>
    private const double RankedAtC = 60;

    /// <summary>More kinds of piece than this are not told apart.</summary>
    private const int MostKinds = 8;

    private readonly PieceCurves[] _kinds;
    private readonly int[] _kindOf;
    private readonly PieceCurves? _softening;
    private readonly PieceCurves? _top;
    private readonly PieceCurves? _under;
    private readonly double _rankedAtS;

    private LotCurves(PieceCurves[] kinds, int[] kindOf, PieceCurves? softening, (PieceCurves Top, PieceCurves Under)? browned, HeatRun likeliest, KitchenPrior prior)
    {
        (_kinds, _kindOf, _softening, Likeliest, Prior) = (kinds, kindOf, softening, likeliest, prior);
        (_top, _under) = (browned?.Top, browned?.Under);
        _rankedAtS = likeliest.TimeToReachS(RankedAtC) ?? EndS / 2;
        Slowest = SlowestOf(_ => true);
    }

    private LotCurves(LotCurves together, PieceCurves[] kinds, int[] kindOf, Func<int, bool> isWithThem)
        : this(kinds, kindOf, together._softening, together._top is { } top ? (top, together._under!) : null, together.Likeliest, together.Prior) =>
        Slowest = SlowestOf(isWithThem);

    /// <summary>What was doubtful when they were followed.</summary>
    public KitchenPrior Prior { get; }

    /// <summary>Its slowest piece in the likeliest kitchen: colours, surface, and what the engine says else.</summary>
    internal HeatRun Likeliest { get; }

    /// <summary>The piece that was planned slowest, from 1.</summary>
    public int Slowest { get; }

    public int Pieces => _kindOf.Length;

    /// <summary>How far it was followed, s since the lot went in.</summary>
    public double EndS => _kinds[0].EndS;

    internal PieceCurves Of(int piece) => _kinds[_kindOf[piece - 1]];

    /// <summary>How hot a piece was planned to be at the moment at which pieces are ranked, °C: the coldest is the slowest.</summary>
    public double ExpectedC(int piece) => Bent.ToC(Of(piece).At(_rankedAtS, default));

    /// <summary>Cook value of the middle; only of a vegetable.</summary>
    internal PieceCurves? Softening => _softening;

    /// <summary>Browning of the side that looked up at first, or of the other; only of chicken.</summary>
    internal PieceCurves Browned(bool isUnder) => (isUnder ? _under : _top)!;

    /// <summary>The same lot, some of whose pieces went ways of their own.</summary>
    /// <param name="ways">What each of those does: piece, from 1 → its curves.</param>
    /// <param name="isWithThem">Whether a piece is still with its lot: of those the slowest speaks for it.</param>
    internal LotCurves With(IReadOnlyDictionary<int, PieceCurves> ways, Func<int, bool> isWithThem)
    {
        int[] kindOf = [.. _kindOf];
        foreach ((int n, int piece) in ways.Keys.Index())
        {
            kindOf[piece - 1] = _kinds.Length + n;
        }

        return ways.Count == 0 ? this : new(this, [.. _kinds, .. ways.Values], kindOf, isWithThem);
    }

    private int SlowestOf(Func<int, bool> isWithThem) => Enumerable.Range(1, Pieces).Where(isWithThem).DefaultIfEmpty(1).MinBy(ExpectedC);

    /// <summary>Of chicken.</summary>
    /// <param name="lot">The lot.</param>
    /// <param name="settings">What its pieces meet, as really baked.</param>
    /// <param name="stages">Where it stands, in order, in its own time.</param>
    /// <param name="usual">What is doubtful; a lot measured with a ruler less so.</param>
    /// <param name="only">One piece alone, from 1, told as all of them; null for each as it is.</param>
    public static LotCurves Of(ChickenLot lot, LotSettings settings, IReadOnlyList<PlaceStage> stages, KitchenPrior usual, int? only = null)
    {
        KitchenPrior prior = lot.Height is null ? usual : usual.Measured();
        IReadOnlyList<double> masses = lot.MassesG();
        PieceSetting[] pieces = [.. Enumerable.Range(1, lot.Count).Select(piece => settings.Of(lot, only ?? piece))];
        double[] massG = [.. masses.Select((mass, i) => only is { } one ? masses[one - 1] : mass)];
        (PieceSetting[] kinds, double[] kindMassG, int[] kindOf) = KindsOf(pieces, massG);
        PieceSetting heavy = only is null ? settings.Of(lot) : pieces[0];
        PieceSetting? light = massG[^1] < AlikeShare * massG[0] ? settings.Of(lot, massG[^1]) : null;
        var runs = Followed(
            [
                (heavy, DoubtVector.Only(0, 0), GridLevel.Quick),
                (heavy, DoubtVector.Only(0, 0), GridLevel.Rough),
                .. Design(heavy),
                .. light is null ? [] : Design(light).Append((light, DoubtVector.Only(0, 0), GridLevel.Rough)),
                .. kinds.Select(kind => (kind, DoubtVector.Only(0, 0), GridLevel.Rough)),
            ],
            stages,
            prior);
        double endS = stages.Sum(stage => stage.DurationS);
        double[][] bent = [.. runs.Select(run => PieceCurves.Sampled(run, endS, sample => Bent.FromC(sample.ColdestC)))];
        const int design = 2 * DoubtVector.Count;
        int kindsFrom = light is null ? 2 + design : 2 + design + design + 1;
        PieceCurves.Sway[] heavySways = SwaysThrough(bent, 2, bent[1]);
        PieceCurves.Sway[] lightSways = light is null ? heavySways : SwaysThrough(bent, 2 + design, bent[kindsFrom - 1]);
        HeatRun likeliest = TwoGrids.Beyond(runs[0], runs[1], FirstOutS(stages));

        // What the grid makes of the heaviest it makes of all.
        double[] finer = [.. PieceCurves.Sampled(likeliest, endS, sample => Bent.FromC(sample.ColdestC)).Select((value, i) => value - bent[1][i])];
        double heavyThick = Math.Cbrt(massG[0] * massG[0]);
        double lightThick = Math.Cbrt(massG[^1] * massG[^1]);
        PieceCurves[] curves =
        [
            .. kinds.Select((_, k) =>
            {
                double share = light is null ? 0 : (heavyThick - Math.Cbrt(kindMassG[k] * kindMassG[k])) / (heavyThick - lightThick);
                return new PieceCurves(
                    [.. bent[kindsFrom + k].Select((value, i) => value + finer[i])],
                    [.. heavySways.Select((sway, doubt) => share == 0 ? sway : sway.Towards(lightSways[doubt], share))]);
            }),
        ];
        return new(curves, kindOf, null, (Browned(sample => sample.BrowningTop), Browned(sample => sample.BrowningUnder)), likeliest, prior);

        PieceCurves Browned(Func<HeatSample, double> read)
        {
            double[][] colours = [.. runs.Take(2 + design).Select(run => PieceCurves.Sampled(run, endS, sample => Bent.FromBrowning(read(sample))))];
            return new(PieceCurves.Sampled(likeliest, endS, sample => Bent.FromBrowning(read(sample))), SwaysThrough(colours, 2, colours[1]));
        }
    }

    /// <summary>Of a vegetable: its pieces are cut alike.</summary>
    public static LotCurves Of(VegetableLot lot, LotSettings settings, IReadOnlyList<PlaceStage> stages, KitchenPrior prior)
    {
        PieceSetting setting = settings.Of(lot);
        HeatRun[] runs = Followed(
            [(setting, DoubtVector.Only(0, 0), GridLevel.Quick), (setting, DoubtVector.Only(0, 0), GridLevel.Rough), .. Design(setting)], stages, prior);
        double endS = stages.Sum(stage => stage.DurationS);
        HeatRun likeliest = TwoGrids.Beyond(runs[0], runs[1], FirstOutS(stages));
        return new([Curves(sample => Bent.FromC(sample.ColdestC))], [0], Curves(sample => Bent.FromCook(sample.CookMinutes)), null, likeliest, prior);

        PieceCurves Curves(Func<HeatSample, double> read)
        {
            double[][] bent = [.. runs.Select(run => PieceCurves.Sampled(run, endS, read))];
            return new(PieceCurves.Sampled(likeliest, endS, read), SwaysThrough(bent, 2, bent[1]));
        }
    }

    /// <param name="bent">Runs on the bent scale.</param>
    /// <param name="from">Where those of <see cref="Design"/> begin.</param>
    /// <param name="middle">The likeliest run on the same grid.</param>
    private static PieceCurves.Sway[] SwaysThrough(double[][] bent, int from, double[] middle) =>
        [.. Enumerable.Range(0, DoubtVector.Count).Select(doubt => PieceCurves.Sway.Through(bent[from + (2 * doubt)], middle, bent[from + (2 * doubt) + 1]))];

    private static IEnumerable<(PieceSetting, DoubtVector, GridLevel)> Design(PieceSetting setting) =>
        from doubt in Enumerable.Range(0, DoubtVector.Count)
        from z in new[] { -PieceCurves.DesignZ, PieceCurves.DesignZ }
        select (setting, DoubtVector.Only(doubt, z), GridLevel.Rough);

    private static HeatRun[] Followed(
        IReadOnlyList<(PieceSetting Setting, DoubtVector Z, GridLevel Level)> members, IReadOnlyList<PlaceStage> stages, KitchenPrior prior)
    {
        var runs = new HeatRun[members.Count];
        Parallel.ForEach(
            Partitioner.Create(Enumerable.Range(0, members.Count), EnumerablePartitionerOptions.NoBuffering),
            i => runs[i] = members[i].Setting.Bake(prior.At(members[i].Z), stages).Follow(members[i].Level));
        return runs;
    }

    /// <summary>Pieces that weigh the same and lie alike are one kind; where there are too many, neighbours are taken together.</summary>
    private static (PieceSetting[] Kinds, double[] MassG, int[] KindOf) KindsOf(PieceSetting[] pieces, double[] massG)
    {
        var kinds = new List<(PieceSetting Setting, double MassG)>();
        var kindOf = new int[pieces.Length];
        for (int i = 0; i < pieces.Length; i++)
        {
            int known = kinds.FindIndex(kind => Math.Abs(kind.MassG - massG[i]) < 0.01 * massG[i]
                && Math.Abs(kind.Setting.Oven.SetC - pieces[i].Oven.SetC) < 1.5
                && Math.Abs(kind.Setting.Placement.Crowding - pieces[i].Placement.Crowding) < 0.1);
            if (known < 0 && kinds.Count == MostKinds)
            {
                known = Enumerable.Range(0, kinds.Count).MinBy(kind => Math.Abs(kinds[kind].MassG - massG[i]));
            }

            if (known < 0)
            {
                kinds.Add((pieces[i], massG[i]));
                known = kinds.Count - 1;
            }

            kindOf[i] = known;
        }

        return ([.. kinds.Select(kind => kind.Setting)], [.. kinds.Select(kind => kind.MassG)], kindOf);
    }

    private static double FirstOutS(IReadOnlyList<PlaceStage> stages)
    {
        double atS = 0;
        foreach (PlaceStage stage in stages)
        {
            if (stage.Place == BakePlace.Worktop)
            {
                return atS;
            }

            atS += stage.DurationS;
        }

        return double.PositiveInfinity;
    }
}
