using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Heat.Materials;

/// <summary>
/// Thermal properties of foods from their composition. Source: Choi and Okos (1986), as tabulated in the ASHRAE
/// Handbook, Refrigeration, "Thermal properties of foods" (values from memory). Each component's properties are
/// polynomials in °C, stated for −40 to 150 °C.
/// </summary>
internal static class ChoiOkos
{
    private static readonly Component Water = new(
        new(0.57109, 1.7625e-3, -6.7036e-6), new(997.18, 3.1439e-3, -3.7574e-3), new(4128.9, -9.0864e-2, 5.4731e-3));

    private static readonly Component Protein = new(
        new(0.17881, 1.1958e-3, -2.7178e-6), new(1329.9, -0.51840, 0), new(2008.2, 1.2089, -1.3129e-3));

    private static readonly Component Fat = new(
        new(0.18071, -2.7604e-4, -1.7749e-7), new(925.59, -0.41757, 0), new(1984.2, 1.4733, -4.8008e-3));

    private static readonly Component Carbohydrate = new(
        new(0.20141, 1.3874e-3, -4.3312e-6), new(1599.1, -0.31046, 0), new(1548.8, 1.9625, -5.9399e-3));

    private static readonly Component Fibre = new(
        new(0.18331, 1.2497e-3, -3.1683e-6), new(1311.5, -0.36589, 0), new(1845.9, 1.8306, -4.6509e-3));

    private static readonly Component Ash = new(
        new(0.32962, 1.4011e-3, -2.9069e-6), new(2423.8, -0.28063, 0), new(1092.6, 1.8896, -3.6817e-3));

    private static readonly Component Ice = new(
        new(2.2196, -6.2489e-3, 1.0154e-4), new(916.89, -0.13071, 0), new(2062.3, 6.0769, 0));

    /// <summary>
    /// Conductivity by volume shares (parallel), density by mass shares of specific volume, specific heat by mass
    /// shares.
    /// </summary>
    /// <param name="composition">What it is made of.</param>
    /// <param name="temperatureC">°C.</param>
    /// <param name="iceShare">Mass of ice, kg per kg of food; so much less of its water is liquid.</param>
    public static Mixture Mix(Composition composition, double temperatureC, double iceShare = 0)
    {
        ReadOnlySpan<(Component Component, double MassFraction)> parts =
        [
            (Water, composition.Water - iceShare), (Ice, iceShare), (Protein, composition.Protein), (Fat, composition.Fat),
            (Carbohydrate, composition.Carbohydrate), (Fibre, composition.Fibre), (Ash, composition.Ash),
        ];
        double specificVolumeM3PerKg = 0;
        double conductivityTimesVolume = 0;
        double specificHeatJPerKgK = 0;
        foreach ((Component component, double massFraction) in parts)
        {
            double volume = massFraction / component.DensityKgPerM3.At(temperatureC);
            specificVolumeM3PerKg += volume;
            conductivityTimesVolume += volume * component.ConductivityWPerMK.At(temperatureC);
            specificHeatJPerKgK += massFraction * component.SpecificHeatJPerKgK.At(temperatureC);
        }

        return new(conductivityTimesVolume / specificVolumeM3PerKg, 1 / specificVolumeM3PerKg, specificHeatJPerKgK);
    }

    private sealed record Component(Quadratic ConductivityWPerMK, Quadratic DensityKgPerM3, Quadratic SpecificHeatJPerKgK);

    public readonly record struct Mixture(double ConductivityWPerMK, double DensityKgPerM3, double SpecificHeatJPerKgK);
}
