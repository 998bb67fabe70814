namespace AmberSpoon.Core.Heat;

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
        double atC = Math.Min(temperatureC, 100);
        return 610.94 * Math.Exp(17.625 * atC / (243.04 + atC));
    }

    /// <summary>Water leaving a fully wet surface, kg/(m²·s); 0 when the air is the wetter side.</summary>
    public static double FluxKgPerM2S(double convectionWPerM2K, double surfaceC, double vapourPressurePa)
    {
        double excessPa = SaturationPressurePa(surfaceC) - vapourPressurePa;
        return excessPa <= 0
            ? 0
            : convectionWPerM2K / LewisJPerM3K * GasFactorKgKPerJ * excessPa / (surfaceC + 273.15);
    }
}
