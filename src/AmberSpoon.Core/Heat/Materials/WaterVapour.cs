using System.Numerics;
using System.Runtime.CompilerServices;
using AmberSpoon.Core.Heat.Vectors;

namespace AmberSpoon.Core.Heat.Materials;

/// <summary>Water at a drying surface.</summary>
internal static class WaterVapour
{
    /// <summary>Molar mass of water over the gas constant, kg·K/J.</summary>
    private const double GasFactorKgKPerJ = 0.018015 / 8.314;

    /// <summary>
    /// ρ·c_p·Le^(2/3) of warm air, J/(m³·K), near 110 °C: 0.92 kg/m³ × 1012 J/(kg·K) × 0.9 (Lewis relation, from
    /// memory). Dividing a heat transfer coefficient by it gives the mass transfer coefficient in m/s.
    /// </summary>
    private const double LewisJPerM3K = 838;

    /// <summary>Latent heat, J/kg, near 80 °C (steam tables, from memory).</summary>
    public const double LatentHeatJPerKg = 2.31e6;

    /// <summary>
    /// Saturation pressure over water, Pa: Magnus form (Alduchov and Eskridge 1996, from memory), good to about 1 %
    /// up to 100 °C, where it is held: water at the surface does not get hotter than it boils.
    /// </summary>
    public static double SaturationPressurePa(double temperatureC)
    {
        double atC = Math.Min(temperatureC, BoilingC);
        return 610.94 * Math.Exp(17.625 * atC / (243.04 + atC));
    }

    /// <summary>
    /// Water leaving a fully wet surface per unit of heat transfer coefficient, kg/(m²·s) per W/(m²·K), and its slope
    /// with temperature; less than 0 where the air is the wetter side and water condenses. With Stefan flow: vapour that leaves
    /// carries more along, P·ln((P − p∞)/(P − p_s)) in place of p_s − p∞ (Bird, Stewart and Lightfoot, from memory).
    /// </summary>
    /// <param name="surfaceC">°C.</param>
    /// <param name="againstPa">The air's own <see cref="Drive"/>, Pa: found once for a side, not for each place on it.</param>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    public static (Vector<double> PerCoefficient, Vector<double> Slope) Flux(Vector<double> surfaceC, Vector<double> againstPa)
    {
        (Vector<double> drive, Vector<double> driveSlope) = Saturation.At(surfaceC);
        Vector<double> excessPa = drive - againstPa;

        // Vapour leaves no hotter than water boils; were it let, a hotter surface would lose less.
        var boiling = new Vector<double>(BoilingC);
        Vector<double> perKelvin = Vector<double>.One / (Vector.Min(surfaceC, boiling) + new Vector<double>(273.15));
        Vector<double> perPascal = GasFactorKgKPerJ / LewisJPerM3K * perKelvin;
        Vector<double> thinning = Vector.ConditionalSelect(Vector.LessThan(surfaceC, boiling), excessPa * perKelvin, Vector<double>.Zero);
        return (perPascal * excessPa, Vector.Max(Vector<double>.Zero, perPascal * (driveSlope - thinning)));
    }

    /// <summary>The same for one place.</summary>
    public static double FluxPerCoefficient(double surfaceC, double againstPa) =>
        Flux(new Vector<double>(surfaceC), new Vector<double>(againstPa)).PerCoefficient[0];

    private const double AtmospherePa = 101_325;

    /// <summary>Surfaces just short of boiling are fed no faster than this, as a share of the atmosphere's pressure.</summary>
    private const double MostShare = 0.95;

    /// <summary>What drives vapour of a partial pressure, with Stefan flow: −P·ln(1 − p/P), Pa.</summary>
    public static double Drive(double pressurePa) => -AtmospherePa * Math.Log(1 - Math.Min(MostShare, pressurePa / AtmospherePa));

    /// <summary>Temperature at which water boils in a kitchen at sea level, °C.</summary>
    public const double BoilingC = 100;

    /// <summary>
    /// The Magnus form tabulated per quarter degree, straight between: the innermost loop's look-up. The end at 100 °C is
    /// rounded over a few degrees, so that steps in time do not jump to and fro across a kink.
    /// </summary>
    internal static class Saturation
    {
        private const double LowestC = -40;
        private const double HighestC = 130;
        private const double PerDegree = 4;
        private const double RoundedC = 3;

        private const int Places = (int)((HighestC - LowestC) * PerDegree);

        /// <summary>Pressure at each place and how far it rises to the next, one after the other; beyond the last it stays, Pa.</summary>
        private static readonly double[] PascalsAndRises =
            [.. Enumerable.Range(0, Places + 1).SelectMany<int, double>(i => [Rounded(i), i == Places ? 0 : Rounded(i + 1) - Rounded(i)])];

        private static double Rounded(int place)
        {
            double celsius = LowestC + (place / PerDegree);
            return Drive(SaturationPressurePa(celsius - (RoundedC * Math.Log(1 + Math.Exp((celsius - BoilingC) / RoundedC)))));
        }

        [MethodImpl(MethodImplOptions.AggressiveInlining)]
        public static (Vector<double> Pascal, Vector<double> Slope) At(Vector<double> celsius)
        {
            Vector<double> place = (celsius - new Vector<double>(LowestC)) * PerDegree;
            Vector<double> below = Vector.Min(Vector.Max(Vector.Truncate(place), Vector<double>.Zero), new Vector<double>(Places));
            Lanes.Pairs(PascalsAndRises, below, out Vector<double> pascals, out Vector<double> rises);
            return (pascals + (Vector.Max(Vector<double>.Zero, place - below) * rises), rises * PerDegree);
        }
    }
}
