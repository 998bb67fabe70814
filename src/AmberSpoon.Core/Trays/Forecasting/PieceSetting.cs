using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// One piece of a lot as the plan bakes it: all that decides its temperatures but what cannot be known
/// (<see cref="KitchenGuess"/>) and when it leaves. Times count from when its lot goes in.
/// </summary>
/// <param name="Piece">The piece.</param>
/// <param name="IsMeasured">Whether a ruler has said how thick it is.</param>
/// <param name="StartC">Its temperature when it goes in, °C.</param>
/// <param name="Oven">The oven as it is then.</param>
/// <param name="Placement">How it lies.</param>
/// <param name="Steps">What is done while it is in, in order of time.</param>
/// <param name="Index">Which of its lot's pieces it is.</param>
public sealed record PieceSetting(
    FoodBody Piece, bool IsMeasured, double StartC, OvenTraits Oven, Placement Placement, IReadOnlyList<OvenStep> Steps, int Index = 0)
{
    /// <summary>What is believed of the oven, about where <see cref="Oven"/> has it; null for one nobody has baked in.</summary>
    public Kitchens.OvenBelief? Believed { get; init; }

    /// <summary>Seared in a pan first, or null.</summary>
    public PanSear? Sear { get; init; }

    /// <summary>The bake that follows from a guess about the kitchen.</summary>
    /// <param name="guess">What is assumed about the kitchen.</param>
    /// <param name="stages">Where the tray stands, in order; the first is the oven.</param>
    /// <param name="stopAtColdestC">Ends early once the coldest meat is this hot, °C.</param>
    public PieceBake Bake(KitchenGuess guess, IReadOnlyList<PlaceStage> stages, double stopAtColdestC = double.PositiveInfinity)
    {
        double endS = stages.Sum(stage => stage.DurationS);
        return new(
            Piece with { SizeFactor = guess.ThicknessFactor },
            StartC + guess.StartDifferenceC,
            Oven with
            {
                OffsetC = Oven.OffsetC + guess.OvenOffsetC,
                ExchangeFactor = Oven.ExchangeFactor * guess.ExchangeFactor,
                EvaporationFactor = Oven.EvaporationFactor * guess.EvaporationFactor,
            },
            Placement,
            [.. Steps.Concat(MovesOf(stages)).Where(step => step.AtS <= endS).OrderBy(step => step.AtS)],
            endS)
        {
            StopAtColdestC = stopAtColdestC,
            Sear = Sear,
        };
    }

    private static List<OvenStep> MovesOf(IReadOnlyList<PlaceStage> stages)
    {
        var moves = new List<OvenStep>();
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
}
