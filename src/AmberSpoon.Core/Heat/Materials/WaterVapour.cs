using System.Runtime.CompilerServices;

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
    public static (double PerCoefficient, double Slope) Flux(double surfaceC, double againstPa)
    {
        (double drive, double driveSlope) = Saturation.At(surfaceC);
        double excessPa = drive - againstPa;

        // Vapour leaves no hotter than water boils; were it let, a hotter surface would lose less.
        double perKelvin = 1 / (Math.Min(surfaceC, BoilingC) + 273.15);
        double perPascal = GasFactorKgKPerJ / LewisJPerM3K * perKelvin;
        double thinning = surfaceC < BoilingC ? excessPa * perKelvin : 0;
        return (perPascal * excessPa, Math.Max(0, perPascal * (driveSlope - thinning)));
    }

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

        private static readonly double[] Pascals =
            [.. Enumerable.Range(0, (int)((HighestC - LowestC) * PerDegree) + 1).Select(i => Rounded(LowestC + (i / PerDegree)))];

        private static double Rounded(double celsius) =>
            Drive(SaturationPressurePa(celsius - (RoundedC * Math.Log(1 + Math.Exp((celsius - BoilingC) / RoundedC)))));

        [MethodImpl(MethodImplOptions.AggressiveInlining)]
        public static (double Pascal, double Slope) At(double celsius)
        {
            double place = (celsius - LowestC) * PerDegree;
            if (place >= Pascals.Length - 1)
            {
                return (Pascals[^1], 0);
            }

            int below = Math.Max(0, (int)place);
            double step = Pascals[below + 1] - Pascals[below];
            return (Pascals[below] + (Math.Max(0, place - below) * step), step * PerDegree);
        }
    }
}
