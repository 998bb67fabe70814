using System.Numerics;
using System.Runtime.CompilerServices;
using AmberSpoon.Core.Heat.Vectors;

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

    private const int Places = (int)((HighestC - LowestC) * PerDegree);

    /// <summary>By steps of temperature, one after the other: what is no longer held, and how promptly that is let go.</summary>
    private static readonly double[] SharesAndRates = [.. Enumerable.Range(0, Places + 1).SelectMany<int, double>(place =>
    {
        double celsius = LowestC + ((place + 0.5) / PerDegree);
        return [FreeShareAt(celsius), RatePerSAt(celsius)];
    })];

    private static double FreeShareAt(double celsius) =>
        HeatParameters.JuiceMost.Value / (1 + Math.Exp((HeatParameters.JuiceMiddle.Value - celsius) / HeatParameters.JuiceWidth.Value));

    private static double RatePerSAt(double celsius) =>
        Math.Exp((celsius - HeatParameters.JuiceMiddle.Value) / HeatParameters.JuiceQuickening.Value) / HeatParameters.JuiceLag.Value;

    /// <summary>Of meat at several places at once.</summary>
    /// <param name="celsius">°C.</param>
    /// <param name="freeShare">What is no longer held once it has been this hot for long, as a share of its raw mass.</param>
    /// <param name="ratePerS">How promptly it lets go of that, 1/s.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static void At(Vector<double> celsius, out Vector<double> freeShare, out Vector<double> ratePerS)
    {
        Vector<double> within = Vector.Min(Vector.Max(celsius, new Vector<double>(LowestC)), new Vector<double>(HighestC));
        Lanes.Pairs(SharesAndRates, Vector.Truncate((within - new Vector<double>(LowestC)) * PerDegree), out freeShare, out ratePerS);
    }
}
