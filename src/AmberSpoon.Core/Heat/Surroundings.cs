namespace AmberSpoon.Core.Heat;

/// <summary>What a piece's surface meets: air, walls, and how readily it loses water.</summary>
/// <param name="AirC">Air temperature, °C.</param>
/// <param name="WallC">Temperature of what the surface sees, °C.</param>
/// <param name="ConvectionWPerM2K">Heat transfer coefficient, W/(m²·K), averaged over the whole surface.</param>
/// <param name="Emissivity">0 (no radiation) to 1, averaged over the whole surface.</param>
/// <param name="EvaporationFactor">0 (sealed) to 1 (a wet, open surface), averaged over the whole surface.</param>
/// <param name="VapourPressurePa">Partial pressure of water in the air, Pa.</param>
public sealed record Surroundings(
    double AirC,
    double WallC,
    double ConvectionWPerM2K,
    double Emissivity,
    double EvaporationFactor,
    double VapourPressurePa)
{
    /// <summary>Convection only: the boundary of the textbook cases.</summary>
    public static Surroundings ConvectionOnly(double airC, double convectionWPerM2K) =>
        new(airC, airC, convectionWPerM2K, Emissivity: 0, EvaporationFactor: 0, VapourPressurePa: 0);
}
