namespace AmberSpoon.Core.Heat.Climate;

/// <summary>What one side of a piece meets at one moment. All coefficients are per m² of that side.</summary>
/// <param name="AirC">Air temperature, °C.</param>
/// <param name="ConvectionWPerM2K">Heat carried by air, W/(m²·K).</param>
/// <param name="Emissivity">0 (no radiation) to 1.</param>
/// <param name="IncomingRadiationWPerM2">What walls and elements send: σT⁴ averaged over what the side sees, W/m².</param>
/// <param name="ContactC">Temperature of what it lies on, °C.</param>
/// <param name="ContactWPerM2K">Heat carried by contact with that, W/(m²·K); 0 where it lies on nothing.</param>
/// <param name="Wetness">0 (sealed) to 1 (an open, wet surface): how freely water leaves.</param>
/// <param name="VapourPressurePa">Partial pressure of water in the air, Pa.</param>
/// <param name="EscapeWPerM2K">
/// What lets vapour out besides moving air, as steam that finds its way from under a piece: as the heat transfer coefficient of
/// air that would carry as much, W/(m²·K).
/// </param>
public readonly record struct FaceClimate(
    double AirC,
    double ConvectionWPerM2K,
    double Emissivity,
    double IncomingRadiationWPerM2,
    double ContactC,
    double ContactWPerM2K,
    double Wetness,
    double VapourPressurePa,
    double EscapeWPerM2K = 0)
{
    public const double StefanBoltzmannWPerM2K4 = 5.670374e-8;

    /// <summary>Air and, where it radiates, walls of one temperature.</summary>
    public static FaceClimate Uniform(
        double airC, double convectionWPerM2K, double emissivity = 0, double wetness = 0, double vapourPressurePa = 0) =>
        new(airC, convectionWPerM2K, emissivity, RadiationAt(airC), 0, 0, wetness, vapourPressurePa);

    /// <summary>What a black body sends, W/m².</summary>
    public static double RadiationAt(double celsius)
    {
        double kelvin = celsius + 273.15;
        return StefanBoltzmannWPerM2K4 * kelvin * kelvin * kelvin * kelvin;
    }
}
