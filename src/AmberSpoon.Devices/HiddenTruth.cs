using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Devices;

/// <summary>
/// What is really going on in an oven that is simulated: every piece followed by the engine, in a kitchen that the app does not
/// know. It follows what the cook tells the app: a tray that is out cools.
/// </summary>
/// <param name="seed">Which kitchen.</param>
internal sealed class HiddenTruth(int seed)
{
    /// <summary>Looked ahead by this, s, before the engine is asked again.</summary>
    private const double AheadS = 20 * 60;

    /// <summary>How far the kitchen may lie from its plan: the dial, the sizes, the air (ranges of the simulated bakes).</summary>
    private const double MostOffsetC = 20;
    private const double MostSizeShare = 0.15;
    private const double MostExchangeShare = 0.25;

    private readonly Dictionary<(PieceRef Piece, string Key), HeatRun> _runs = [];

    /// <summary>The kitchen itself: its size factor is the meat's, of one side.</summary>
    public KitchenGuess Kitchen { get; } = Drawn(new Random(seed));

    /// <param name="seen">The bake, as it was told.</param>
    /// <param name="piece">Which piece.</param>
    /// <param name="atS">s in the bake's time.</param>
    /// <returns>Its middle and its surface, °C; null where it is not in yet.</returns>
    public HeatSample? At(BakeSeen seen, PieceRef piece, double atS)
    {
        if (seen.InS(piece.Lot) is not { } inS || atS < inS)
        {
            return null;
        }

        double untilS = AheadS * Math.Ceiling(((atS - inS) / AheadS) + 0.5);
        (PieceRef, string) key = (piece, FormattableString.Invariant($"{seen.Key} {untilS}"));
        if (!_runs.TryGetValue(key, out HeatRun? run))
        {
            ChickenLot lot = seen.Baked.Chicken.First(chicken => chicken.LotId == piece.Lot);
            var settings = new LotSettings(seen.Baked, TrayArranger.Arrange(seen.Baked));
            run = settings.Of(lot, piece.Piece).Bake(Kitchen, seen.Stages(piece.Lot, untilS)).Follow(GridLevel.Quick);
            foreach ((PieceRef, string) old in _runs.Keys.Where(known => known.Piece == piece).ToArray())
            {
                _runs.Remove(old);
            }

            _runs[key] = run;
        }

        return run.At(atS - inS);
    }

    private static KitchenGuess Drawn(Random random) => new(
        Math.Cbrt(1 + (MostSizeShare * Between(random))),
        MostOffsetC * Between(random),
        1 + (MostExchangeShare * Between(random)),
        2 * Between(random),
        1 + (0.3 * Between(random)));

    private static double Between(Random random) => (2 * random.NextDouble()) - 1;
}
