using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Heat.Materials;

/// <summary>
/// Heat held by a food that freezes, and how it conducts, from −30 to 30 °C. Use <see cref="ThermalMaterial"/> for what is
/// never frozen. Ice by Tchigeov (1979), as in the ASHRAE Handbook, Refrigeration (from memory); components by Choi and
/// Okos, see <see cref="ChoiOkos"/>.
/// </summary>
public sealed class FreezingFood
{
    /// <summary>Poultry begins to freeze between −0.9 and −2.8 °C (published values, from memory); nearer zero is slower to thaw.</summary>
    public const double FreezesAtC = -1.1;

    private const double FusionJPerKg = 333_600;
    private const double LowestC = -30;
    private const double HighestC = 30;
    private const double StepC = 0.02;

    private readonly double[] _enthalpyJPerKg;
    private readonly double[] _conductivityWPerMK;

    public FreezingFood(Composition composition)
    {
        Composition = composition;
        int count = (int)Math.Round((HighestC - LowestC) / StepC) + 1;
        _enthalpyJPerKg = new double[count];
        _conductivityWPerMK = new double[count];
        double sensible = 0;
        for (int i = 0; i < count; i++)
        {
            double celsius = LowestC + (i * StepC);
            double ice = IceShare(celsius);
            ChoiOkos.Mixture mixture = ChoiOkos.Mix(composition, celsius, ice);
            sensible += i == 0 ? 0 : StepC * mixture.SpecificHeatJPerKgK;
            _enthalpyJPerKg[i] = sensible - (FusionJPerKg * ice);
            _conductivityWPerMK[i] = mixture.ConductivityWPerMK;
        }

        double zero = Interpolated(_enthalpyJPerKg, 0);
        for (int i = 0; i < count; i++)
        {
            _enthalpyJPerKg[i] -= zero;
        }

        DensityKgPerM3 = ChoiOkos.Mix(composition, 0).DensityKgPerM3;
    }

    public static FreezingFood DarkMeat { get; } = new(Composition.DarkMeat);

    public static FreezingFood BreastMeat { get; } = new(Composition.BreastMeat);

    public Composition Composition { get; }

    /// <summary>Held while it thaws: a block keeps its mass and its shape.</summary>
    public double DensityKgPerM3 { get; }

    /// <summary>Ice, kg per kg of food.</summary>
    public double IceShare(double celsius) => celsius >= FreezesAtC
        ? 0
        : Math.Min(Composition.Water, 1.105 * Composition.Water / (1 + (0.7138 / Math.Log(FreezesAtC - celsius + 1))));

    /// <summary>Heat held above that at 0 °C, J/kg.</summary>
    public double EnthalpyJPerKg(double celsius) => Interpolated(_enthalpyJPerKg, celsius);

    /// <summary>W/(m·K).</summary>
    public double ConductivityWPerMK(double celsius) => Interpolated(_conductivityWPerMK, celsius);

    /// <summary>The temperature at which it holds so much heat, °C.</summary>
    public double TemperatureC(double enthalpyJPerKg)
    {
        int at = Array.BinarySearch(_enthalpyJPerKg, enthalpyJPerKg);
        int upper = Math.Clamp(at >= 0 ? at : ~at, 1, _enthalpyJPerKg.Length - 1);
        double part = (enthalpyJPerKg - _enthalpyJPerKg[upper - 1]) / (_enthalpyJPerKg[upper] - _enthalpyJPerKg[upper - 1]);
        return LowestC + ((upper - 1 + part) * StepC);
    }

    private static double Interpolated(double[] values, double celsius)
    {
        double at = Math.Clamp((celsius - LowestC) / StepC, 0, values.Length - 1);
        int lower = Math.Min((int)at, values.Length - 2);
        return values[lower] + ((at - lower) * (values[lower + 1] - values[lower]));
    }
}
