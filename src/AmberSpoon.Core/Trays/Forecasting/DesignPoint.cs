namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// The likeliest way for a lot to be as early, or as late, as one in ten: each doubt is moved by its share of the band, so that
/// together they move it to the band's end (the design point of first-order reliability methods, Hasofer and Lind 1974, from
/// memory). What else happens in that kitchen is then followed rather than guessed. For the band of one moment use
/// <see cref="GuessEnsemble"/>.
/// </summary>
/// <param name="Guess">The kitchen.</param>
/// <param name="CookingFactor">How much more cooking than usual this lot's vegetables need there.</param>
/// <param name="ModelFactor">How much longer things take there than our model says.</param>
internal sealed record DesignPoint(KitchenGuess Guess, double CookingFactor, double ModelFactor)
{
    /// <summary>The best guess.</summary>
    public static DesignPoint Nominal { get; } = new(KitchenGuess.Nominal, 1, 1);

    /// <param name="doubts">The end of each doubt about the kitchen, and how far it alone moves the moment, min; below 0 the other way.</param>
    /// <param name="cooking">The end of what vegetables differ in, as a factor, and how far it moves the moment, min.</param>
    /// <param name="model">The same of our own model.</param>
    public static DesignPoint Of(
        IReadOnlyList<(KitchenGuess End, double Minutes)> doubts, (double End, double Minutes) cooking, (double End, double Minutes) model)
    {
        double whole = Math.Sqrt(doubts.Sum(doubt => doubt.Minutes * doubt.Minutes) + (cooking.Minutes * cooking.Minutes) + (model.Minutes * model.Minutes));
        if (whole == 0)
        {
            return Nominal;
        }

        KitchenGuess nominal = KitchenGuess.Nominal;
        return new(
            doubts.Aggregate(nominal, (at, doubt) => new(
                at.ThicknessFactor + Part(doubt.Minutes, doubt.End.ThicknessFactor - nominal.ThicknessFactor),
                at.OvenOffsetC + Part(doubt.Minutes, doubt.End.OvenOffsetC - nominal.OvenOffsetC),
                at.ExchangeFactor + Part(doubt.Minutes, doubt.End.ExchangeFactor - nominal.ExchangeFactor),
                at.StartDifferenceC + Part(doubt.Minutes, doubt.End.StartDifferenceC - nominal.StartDifferenceC),
                at.EvaporationFactor + Part(doubt.Minutes, doubt.End.EvaporationFactor - nominal.EvaporationFactor))),
            1 + Part(cooking.Minutes, cooking.End - 1),
            1 + Part(model.Minutes, model.End - 1));

        double Part(double minutes, double whenAlone) => minutes / whole * whenAlone;
    }
}
