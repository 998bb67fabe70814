namespace AmberSpoon.Core.Heat.Materials;

/// <summary>
/// How meat lets go of its water as its proteins shrink: towards a holding capacity that falls with temperature, and not at
/// once. Form after van der Sman (2007, Meat Science; from memory): a logistic fall of what is held around 60 to 70 °C, reached
/// by a first-order process. The numbers are calibrated on losses of thighs and breasts, see docs/how-it-works.md.
/// </summary>
internal static class JuiceRelease
{
    private const double LowestC = 0;
    private const double HighestC = 130;
    private const double PerDegree = 2;

    private static readonly double[] FreeShares = Tabulated(celsius =>
        HeatParameters.JuiceMost.Value / (1 + Math.Exp((HeatParameters.JuiceMiddle.Value - celsius) / HeatParameters.JuiceWidth.Value)));

    private static readonly double[] RatesPerS = Tabulated(celsius =>
        Math.Exp((celsius - HeatParameters.JuiceMiddle.Value) / HeatParameters.JuiceQuickening.Value) / HeatParameters.JuiceLag.Value);

    /// <summary>What is no longer held once meat has been this hot for long, as a share of its raw mass.</summary>
    public static double FreeShare(double celsius) => FreeShares[Place(celsius)];

    /// <summary>How promptly it lets go of that, 1/s.</summary>
    public static double RatePerS(double celsius) => RatesPerS[Place(celsius)];

    private static int Place(double celsius) => (int)((Math.Clamp(celsius, LowestC, HighestC) - LowestC) * PerDegree);

    private static double[] Tabulated(Func<double, double> law) =>
        [.. Enumerable.Range(0, (int)((HighestC - LowestC) * PerDegree) + 1).Select(i => law(LowestC + ((i + 0.5) / PerDegree)))];
}
