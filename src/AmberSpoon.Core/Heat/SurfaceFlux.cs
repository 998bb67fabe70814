namespace AmberSpoon.Core.Heat;

/// <summary>
/// The heat that enters a surface: convection plus radiation less what evaporation takes away. Evaporation fades as
/// the surface dries, as exp(−evaporated / <see cref="HeatParameters.DryingScale"/>).
/// </summary>
internal static class SurfaceFlux
{
    private const double StefanBoltzmannWPerM2K4 = 5.670374e-8;

    /// <returns>W/m², positive inwards.</returns>
    public static double IntoWPerM2(Surroundings around, double surfaceC, double evaporatedKgPerM2)
    {
        double convection = around.ConvectionWPerM2K * (around.AirC - surfaceC);
        double radiation = around.Emissivity * StefanBoltzmannWPerM2K4 * (FourthPowerK(around.WallC) - FourthPowerK(surfaceC));
        return convection + radiation
            - (WaterVapour.LatentHeatJPerKg * EvaporationKgPerM2S(around, surfaceC, evaporatedKgPerM2));
    }

    public static double EvaporationKgPerM2S(Surroundings around, double surfaceC, double evaporatedKgPerM2)
    {
        if (around.EvaporationFactor <= 0)
        {
            return 0;
        }

        double wetness = around.EvaporationFactor * Math.Exp(-evaporatedKgPerM2 / HeatParameters.DryingScale.Value);
        return wetness * WaterVapour.FluxKgPerM2S(around.ConvectionWPerM2K, surfaceC, around.VapourPressurePa);
    }

    private static double FourthPowerK(double celsius)
    {
        double kelvin = celsius + 273.15;
        return kelvin * kelvin * kelvin * kelvin;
    }
}
