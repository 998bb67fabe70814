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
    public static IReadOnlyList<(KitchenGuess Faster, KitchenGuess Slower)> Around(KitchenGuess centre, bool heightMeasured, bool startMatters = true)
    {
        double thickness = heightMeasured ? MeasuredThickness : GuessedThickness;
        return
        [
            (centre with { ThicknessFactor = centre.ThicknessFactor * (1 - thickness) },
                centre with { ThicknessFactor = centre.ThicknessFactor * (1 + thickness) }),
            (centre with { OvenOffsetC = centre.OvenOffsetC + OvenOffsetC },
                centre with { OvenOffsetC = centre.OvenOffsetC - OvenOffsetC }),
            (centre with { ExchangeFactor = centre.ExchangeFactor * (1 + Exchange) },
                centre with { ExchangeFactor = centre.ExchangeFactor * (1 - Exchange) }),
            .. startMatters
                ? new[] { (centre with { StartDifferenceC = centre.StartDifferenceC + StartC }, centre with { StartDifferenceC = centre.StartDifferenceC - StartC }) }
                : [],
            (centre with { EvaporationFactor = centre.EvaporationFactor * (1 - Evaporation) },
                centre with { EvaporationFactor = centre.EvaporationFactor * (1 + Evaporation) }),
        ];
    }
}
