using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Trays;

/// <summary>The one way from a plan to temperatures: the thickest piece of the tray, through oven and rest.</summary>
public static class PieceHeat
{
    /// <summary>Straight from a household fridge, °C (common practice).</summary>
    private const double FridgeC = 4;

    /// <summary>After half an hour on the counter, °C in the middle (common practice).</summary>
    private const double CounterC = 10;

    /// <param name="plan">A plan within <see cref="TrayPlanLimits"/>, not frozen.</param>
    /// <param name="guess">What is assumed about the kitchen.</param>
    /// <param name="stages">Where the tray stands, in order; the first is the oven.</param>
    /// <param name="stopAtColdestC">Ends early once the coldest meat is this hot, °C.</param>
    public static PieceBake BakeOf(
        TrayPlan plan,
        KitchenGuess guess,
        IReadOnlyList<PlaceStage> stages,
        double stopAtColdestC = double.PositiveInfinity)
    {
        var oven = new OvenTraits(plan.OvenMode, plan.OvenSetting.ToTemperature().Celsius)
        {
            OffsetC = guess.OvenOffsetC,
            ExchangeFactor = guess.ExchangeFactor,
            EvaporationFactor = guess.EvaporationFactor,
        };
        return new(
            PieceOf(plan) with { SizeFactor = guess.ThicknessFactor },
            StartC(plan.StartFrom) + guess.StartDifferenceC,
            oven,
            new Placement(),
            MovesOf(stages),
            stages.Sum(stage => stage.DurationS))
        {
            StopAtColdestC = stopAtColdestC,
        };
    }

    /// <summary>The thickest piece.</summary>
    public static PieceBody PieceOf(TrayPlan plan) =>
        new(plan.Cut, plan.PieceMassG(), plan.Height?.Millimetres(), plan.SkinOn);

    private static List<TendingStep> MovesOf(IReadOnlyList<PlaceStage> stages)
    {
        var moves = new List<TendingStep>();
        double atS = 0;
        for (int i = 0; i < stages.Count; i++)
        {
            if (i > 0 && stages[i].Place != stages[i - 1].Place)
            {
                moves.Add(stages[i].Place == BakePlace.Oven ? new PutBack(atS) : new TakeOut(atS));
            }

            atS += stages[i].DurationS;
        }

        return moves;
    }

    /// <exception cref="ArgumentOutOfRangeException">Frozen meat: its thawing is not modelled, and it is refused.</exception>
    private static double StartC(StartingPoint start) => start switch
    {
        StartingPoint.Fridge => FridgeC,
        StartingPoint.Counter => CounterC,
        _ => throw new ArgumentOutOfRangeException(nameof(start), start, "Frozen meat cannot be planned."),
    };
}
