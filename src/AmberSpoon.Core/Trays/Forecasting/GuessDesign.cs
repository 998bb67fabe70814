using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// A small deterministic design over the uncertain inputs: each is moved alone to its 10 % and 90 % end, and the
/// answers' differences are added as squares. Exact for inputs that act independently and nearly straight; the two
/// sides stay apart, so a band may lean. Ranges: thickness ±8 % (±4 % once measured), oven ±12 °C, exchange ±20 %,
/// start ±2 °C, evaporation ±30 % (common practice), each read as holding in four kitchens of five.
/// </summary>
public static class GuessDesign
{
    private const double GuessedThickness = 0.08;
    private const double MeasuredThickness = 0.04;
    private const double OvenOffsetC = 12;
    private const double Exchange = 0.20;
    private const double StartC = 2;
    private const double Evaporation = 0.30;

    /// <summary>
    /// Colder, slower to take up heat, and wetter: the end of each doubt that keeps a surface cool, all at once. For rules that
    /// must hold in the slowest kitchen; <see cref="Around"/> is for bands.
    /// </summary>
    public static KitchenGuess CoolSurface { get; } = new(
        ThicknessFactor: 1, -OvenOffsetC, ExchangeFactor: 1 - Exchange, StartDifferenceC: -StartC, EvaporationFactor: 1 + Evaporation);

    /// <summary>One pair per uncertain input: the end that heats faster, and the end that heats slower.</summary>
    /// <param name="centre">What is taken to be likeliest.</param>
    /// <param name="heightMeasured">A ruler halves the doubt about thickness.</param>
    /// <param name="startMatters">What lay in the kitchen starts as warm as the kitchen; meat from the fridge may not.</param>
    /// <param name="believed">What is known of the oven by its bakes; null for one nobody has baked in.</param>
    public static IReadOnlyList<(KitchenGuess Faster, KitchenGuess Slower)> Around(
        KitchenGuess centre, bool heightMeasured, bool startMatters = true, OvenBelief? believed = null)
    {
        double thickness = heightMeasured ? MeasuredThickness : GuessedThickness;
        double[,] ways = WaysOf(believed);
        return
        [
            (centre with { ThicknessFactor = centre.ThicknessFactor * (1 - thickness) },
                centre with { ThicknessFactor = centre.ThicknessFactor * (1 + thickness) }),
            Oven(0),
            Oven(1),
            .. startMatters
                ? new[] { (centre with { StartDifferenceC = centre.StartDifferenceC + StartC }, centre with { StartDifferenceC = centre.StartDifferenceC - StartC }) }
                : [],
            Oven(2),
        ];

        (KitchenGuess Faster, KitchenGuess Slower) Oven(int way)
        {
            // More of the third dries more and heats slower.
            double faster = way == 2 ? -1 : 1;
            return (Moved(way, faster), Moved(way, -faster));
        }

        KitchenGuess Moved(int way, double by) => centre with
        {
            OvenOffsetC = centre.OvenOffsetC + (by * OvenOffsetC * ways[0, way]),
            ExchangeFactor = centre.ExchangeFactor * (1 + (by * Exchange * ways[1, way])),
            EvaporationFactor = centre.EvaporationFactor * (1 + (by * Evaporation * ways[2, way])),
        };
    }

    /// <summary>
    /// Ways in which an oven can be off that have nothing to do with each other, one a column, as shares of each doubt's range: each doubt
    /// by itself in an oven nobody knows, and the covariance's triangle (Cholesky) in one that has been learnt.
    /// </summary>
    private static double[,] WaysOf(OvenBelief? believed)
    {
        const int doubts = OvenBelief.Doubts;
        var ways = new double[doubts, doubts];
        for (int row = 0; row < doubts; row++)
        {
            for (int column = 0; column <= row; column++)
            {
                double left = believed?.Spread[(row * doubts) + column] ?? (row == column ? 1 : 0);
                for (int k = 0; k < column; k++)
                {
                    left -= ways[row, k] * ways[column, k];
                }

                ways[row, column] = row == column ? Math.Sqrt(Math.Max(0, left)) : ways[column, column] > 0 ? left / ways[column, column] : 0;
            }
        }

        return ways;
    }
}
