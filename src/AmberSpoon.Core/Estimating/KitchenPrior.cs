using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// What is doubtful before anything was measured, each as one standard deviation of a normal spread (sizes, exchange and
/// evaporation of their logarithm). Ranges are those of <see cref="GuessDesign"/> read as four kitchens in five, but the
/// exchange, which also bears how well the model of the surface is known: the windows of practice scatter about it by a fifth
/// (see docs/how-it-works.md).
/// </summary>
/// <param name="OvenOffsetC">True oven less dial, °C.</param>
/// <param name="Exchange">How well the oven gives off heat, and the model of it.</param>
/// <param name="Evaporation">How much dries.</param>
/// <param name="LotSize">All pieces of a lot are larger or smaller than said.</param>
/// <param name="PieceSize">One of them is.</param>
/// <param name="StartC">All of a lot start warmer or colder, °C.</param>
/// <param name="Variety">
/// What is tender for one bag of potatoes is not for another: of the logarithm of the cook value (common practice: a quarter of the time and more).
/// </param>
/// <param name="ReadingC">A thermometer's own error and how far off the coldest place its tip is, °C.</param>
public sealed record KitchenPrior(
    double OvenOffsetC, double Exchange, double Evaporation, double LotSize, double PieceSize, double StartC, double Variety, double ReadingC)
{
    /// <summary>From the 10 % to the 50 % point of a normal spread, in standard deviations.</summary>
    internal const double TenthZ = OvenBelief.TenthZ;

    public static KitchenPrior Usual { get; } = new(OvenBelief.OffsetSdC, OvenBelief.ExchangeSd, OvenBelief.EvaporationSd, 0.08 / TenthZ, 0.025, 2 / TenthZ, 0.25, 1.7);

    /// <summary>A ruler halves the doubt about size.</summary>
    public KitchenPrior Measured() => this with { LotSize = LotSize / 2 };

    /// <summary>The guess that lies so many standard deviations off in each doubt.</summary>
    internal KitchenGuess At(DoubtVector z) => new(
        Math.Exp(LotSize * z.Size),
        OvenOffsetC * z.Offset,
        Math.Exp(Exchange * z.Exchange),
        StartC * z.Start,
        Math.Exp(Evaporation * z.Evaporation));
}
