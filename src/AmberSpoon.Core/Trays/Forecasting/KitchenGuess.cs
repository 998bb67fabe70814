namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// One possible truth about what cannot be known from the plan. <see cref="Nominal"/> is the best guess;
/// <see cref="GuessDesign"/> spreads others around it.
/// </summary>
/// <param name="ThicknessFactor">Size of the thickest piece over the size the plan gives, each side alike.</param>
/// <param name="OvenOffsetC">True oven less dial, °C of difference.</param>
/// <param name="ExchangeFactor">How much better than ordinary the oven gives off heat.</param>
/// <param name="StartDifferenceC">True start less assumed start, °C of difference.</param>
/// <param name="EvaporationFactor">How much more than ordinary the surface evaporates.</param>
public sealed record KitchenGuess(
    double ThicknessFactor,
    double OvenOffsetC,
    double ExchangeFactor,
    double StartDifferenceC,
    double EvaporationFactor)
{
    public static KitchenGuess Nominal { get; } = new(1, 0, 1, 0, 1);
}
