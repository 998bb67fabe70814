using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Heat;

/// <summary>
/// Conductivity and volumetric heat of a material against temperature, tabulated once per degree so that the
/// solver's inner loop is a look-up. Outside −5 to 150 °C the nearest end holds.
/// </summary>
public sealed class ThermalMaterial
{
    private const int LowestC = -5;
    private const int HighestC = 150;

    private readonly double[] _conductivityWPerMK;
    private readonly double[] _volumetricHeatJPerM3K;

    private ThermalMaterial(Func<double, (double ConductivityWPerMK, double VolumetricHeatJPerM3K)> atC)
    {
        int count = HighestC - LowestC + 1;
        _conductivityWPerMK = new double[count];
        _volumetricHeatJPerM3K = new double[count];
        for (int i = 0; i < count; i++)
        {
            (_conductivityWPerMK[i], _volumetricHeatJPerM3K[i]) = atC(LowestC + i);
        }
    }

    /// <summary>Chicken leg and thigh.</summary>
    public static ThermalMaterial DarkMeat { get; } = FromComposition(Composition.DarkMeat);

    /// <summary>Chicken breast.</summary>
    public static ThermalMaterial BreastMeat { get; } = FromComposition(Composition.BreastMeat);

    /// <summary>A material that does not change with temperature: for bone, and for textbook cases.</summary>
    /// <param name="conductivityWPerMK">W/(m·K).</param>
    /// <param name="densityKgPerM3">kg/m³.</param>
    /// <param name="specificHeatJPerKgK">J/(kg·K).</param>
    public static ThermalMaterial Constant(double conductivityWPerMK, double densityKgPerM3, double specificHeatJPerKgK)
    {
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(conductivityWPerMK);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(densityKgPerM3);
        ArgumentOutOfRangeException.ThrowIfNegativeOrZero(specificHeatJPerKgK);
        return new(_ => (conductivityWPerMK, densityKgPerM3 * specificHeatJPerKgK));
    }

    public static ThermalMaterial FromComposition(Composition composition) =>
        new(temperatureC => ChoiOkos.Mix(composition, temperatureC));

    /// <summary>Properties at a temperature, linear between whole degrees.</summary>
    /// <param name="temperatureC">°C.</param>
    /// <param name="conductivityWPerMK">W/(m·K).</param>
    /// <param name="volumetricHeatJPerM3K">Density times specific heat, J/(m³·K).</param>
    public void At(double temperatureC, out double conductivityWPerMK, out double volumetricHeatJPerM3K)
    {
        double place = Math.Clamp(temperatureC, LowestC, HighestC) - LowestC;
        int below = Math.Min((int)place, _conductivityWPerMK.Length - 2);
        double above = place - below;
        conductivityWPerMK = Mix(_conductivityWPerMK, below, above);
        volumetricHeatJPerM3K = Mix(_volumetricHeatJPerM3K, below, above);
    }

    private static double Mix(double[] table, int below, double above) =>
        table[below] + (above * (table[below + 1] - table[below]));
}
