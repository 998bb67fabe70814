namespace AmberSpoon.Core.Doneness.Kinetics;

/// <summary>
/// Juice that meat lets go as its proteins shrink, by the hottest it has been. Losses of heated chicken rise from a few
/// per cent at 50 °C to about a third at 85 °C, steepest between 60 and 80 °C (meat science literature, from memory;
/// good to about a quarter of the figure either way).
/// </summary>
public static class CookingLoss
{
    private const double Most = 0.39;
    private const double SteepestAtC = 70;
    private const double WidthC = 12;

    /// <summary>Share of the meat's mass that leaves as juice, 0 to 1.</summary>
    public static double At(double hottestC) => Most / (1 + Math.Exp((SteepestAtC - hottestC) / WidthC));
}
