using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Tests.Estimating;

/// <summary>A kitchen whose truth the app does not know: every piece that somebody looks at is followed by the engine itself.</summary>
internal sealed class HiddenKitchen
{
    private const double EndS = 100 * 60;

    private readonly Dictionary<PieceRef, Lazy<HeatRun>> _truth = [];
    private readonly Dictionary<LotId, double> _inS;

    public HiddenKitchen(TrayPlan plan, LotSettings settings, Random random, KitchenPrior prior)
        : this(plan, settings, random, prior, (Normal(random), Normal(random), Normal(random)))
    {
    }

    /// <param name="plan">What is baked.</param>
    /// <param name="settings">What its lots meet.</param>
    /// <param name="random">Draws what differs from bake to bake.</param>
    /// <param name="prior">How far it may differ.</param>
    /// <param name="oven">The oven itself, in the prior's standard deviations.</param>
    public HiddenKitchen(TrayPlan plan, LotSettings settings, Random random, KitchenPrior prior, (double Offset, double Exchange, double Evaporation) oven)
    {
        (double offset, double exchange, double evaporation) = oven;
        _inS = plan.Chicken.ToDictionary(lot => lot.LotId, lot => 60.0 * lot.AddAtMinutes);
        foreach (ChickenLot lot in plan.Chicken)
        {
            KitchenPrior own = lot.Height is null ? prior : prior.Measured();
            (double size, double start) = (Normal(random), Normal(random));
            for (int piece = 1; piece <= lot.Count; piece++)
            {
                double ownSize = size + (own.PieceSize / own.LotSize * Normal(random));
                KitchenGuess guess = own.At(new DoubtVector(offset, exchange, evaporation, ownSize, start));
                PieceBake bake = settings.Of(lot, piece).Bake(guess, [new(BakePlace.Oven, EndS - _inS[lot.LotId])], stopAtColdestC: 97);
                _truth[new(lot.LotId, piece)] = new(() => bake.Follow(GridLevel.Quick));
            }
        }
    }

    public IEnumerable<PieceRef> Pieces => _truth.Keys;

    /// <summary>The piece's coldest place at a moment of the bake, °C.</summary>
    public double ColdestC(PieceRef piece, double atS) => Sample(piece, atS).ColdestC;

    public double SurfaceC(PieceRef piece, double atS) => Sample(piece, atS).SurfaceC;

    /// <summary>When its coldest place is this hot, s in the bake's time; null if never.</summary>
    public double? ReachesS(PieceRef piece, double celsius) => _truth[piece].Value.TimeToReachS(celsius) is { } lotS ? _inS[piece.Lot] + lotS : null;

    /// <summary>The hottest it has been until then, °C.</summary>
    public double HottestC(PieceRef piece, double untilS) =>
        _truth[piece].Value.Samples.Where(sample => sample.TimeS <= BakeClock.LotS(untilS, _inS[piece.Lot])).Select(sample => sample.ColdestC).Append(ColdestC(piece, untilS)).Max();

    public static double Normal(Random random) =>
        Math.Sqrt(-2 * Math.Log(1 - random.NextDouble())) * Math.Cos(2 * Math.PI * random.NextDouble());

    private HeatSample Sample(PieceRef piece, double atS) => _truth[piece].Value.At(Math.Max(0, BakeClock.LotS(atS, _inS[piece.Lot])));
}
