using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Heat.Materials;

/// <summary>
/// Conductivity and volumetric heat of a material, as parabolas in temperature, so that many cells can be computed at
/// once. Against the Choi–Okos mixture they err by less than 0.3 % from 0 to 110 °C; beyond that the end values hold.
/// </summary>
public sealed class ThermalMaterial
{
    /// <summary>Properties below this are those at this, °C.</summary>
    internal const double LowestC = -5;

    /// <summary>Properties above this are those at this, °C.</summary>
    internal const double HighestC = 120;

    /// <summary>Density is taken here and held: a piece keeps its mass while it warms, °C.</summary>
    private const double WeighedAtC = 5;

    private ThermalMaterial(Quadratic conductivity, Quadratic volumetricHeat, double waterShare, double densityKgPerM3)
    {
        ConductivityWPerMK = conductivity;
        VolumetricHeatJPerM3K = volumetricHeat;
        WaterShare = waterShare;
        DensityKgPerM3 = densityKgPerM3;
    }

    /// <summary>Chicken leg and thigh.</summary>
    public static ThermalMaterial DarkMeat { get; } = FromComposition(Composition.DarkMeat, letsJuiceGo: true);

    /// <summary>Chicken breast.</summary>
    public static ThermalMaterial BreastMeat { get; } = FromComposition(Composition.BreastMeat, letsJuiceGo: true);

    /// <summary>Chicken bone: spongy ends and dense shaft averaged.</summary>
    public static ThermalMaterial Bone { get; } = Constant(
        HeatParameters.BoneConductivity.Value, HeatParameters.BoneDensity.Value, HeatParameters.BoneSpecificHeat.Value);

    /// <summary>A moist filling of cheese and greens.</summary>
    public static ThermalMaterial Filling { get; } = Constant(
        HeatParameters.FillingConductivity.Value, HeatParameters.FillingDensity.Value, HeatParameters.FillingSpecificHeat.Value);

    public double DensityKgPerM3 { get; }

    internal Quadratic ConductivityWPerMK { get; }

    internal Quadratic VolumetricHeatJPerM3K { get; }

    /// <summary>Water it holds raw, as a share of its mass; the materials of textbook cases hold none.</summary>
    internal double WaterShare { get; }

    /// <summary>Whether it holds water that boils off at 100 °C.</summary>
    internal bool Boils => WaterShare > 0;

    /// <summary>Whether its proteins shrink and let water go.</summary>
    internal bool LetsJuiceGo { get; private init; }

    /// <summary>A material that does not change with temperature: for bone, and for textbook cases.</summary>
    /// <param name="conductivityWPerMK">W/(m·K).</param>
    /// <param name="densityKgPerM3">kg/m³.</param>
    /// <param name="specificHeatJPerKgK">J/(kg·K).</param>
    public static ThermalMaterial Constant(double conductivityWPerMK, double densityKgPerM3, double specificHeatJPerKgK)
    {
        HeatInputException.RequireWithin("material.conductivityWPerMK", conductivityWPerMK, 0.01, 500);
        HeatInputException.RequireWithin("material.densityKgPerM3", densityKgPerM3, 1, 20_000);
        HeatInputException.RequireWithin("material.specificHeatJPerKgK", specificHeatJPerKgK, 50, 10_000);
        return new(
            new(conductivityWPerMK, 0, 0), new(densityKgPerM3 * specificHeatJPerKgK, 0, 0), waterShare: 0, densityKgPerM3);
    }

    /// <param name="composition">What it is made of.</param>
    /// <param name="airShare">Share of its volume that is air, as in a mushroom, 0 to 0.6; air hardly conducts and weighs nothing.</param>
    /// <param name="letsJuiceGo">Meat, whose proteins shrink and let water go.</param>
    public static ThermalMaterial FromComposition(Composition composition, double airShare = 0, bool letsJuiceGo = false)
    {
        double density = (1 - airShare) * ChoiOkos.Mix(composition, WeighedAtC).DensityKgPerM3;

        // Pores scattered in a solid that conducts far better (Maxwell 1873, from memory).
        double porous = 2 * (1 - airShare) / (2 + airShare);
        return new(
            Quadratic.Through(celsius => porous * ChoiOkos.Mix(composition, celsius).ConductivityWPerMK, 5, 50, 95),
            Quadratic.Through(celsius => density * ChoiOkos.Mix(composition, celsius).SpecificHeatJPerKgK, 5, 50, 95),
            composition.Water,
            density)
        {
            LetsJuiceGo = letsJuiceGo,
        };
    }

    /// <summary>Properties at a temperature.</summary>
    /// <param name="celsius">°C.</param>
    /// <returns>Conductivity, W/(m·K), and density times specific heat, J/(m³·K).</returns>
    public (double ConductivityWPerMK, double VolumetricHeatJPerM3K) At(double celsius)
    {
        double within = Math.Clamp(celsius, LowestC, HighestC);
        return (ConductivityWPerMK.At(within), VolumetricHeatJPerM3K.At(within));
    }

    /// <summary>Heat held above 0 °C, J/m³.</summary>
    internal double EnthalpyJPerM3(double celsius)
    {
        double within = Math.Clamp(celsius, LowestC, HighestC);
        return VolumetricHeatJPerM3K.Integral(within) + ((celsius - within) * VolumetricHeatJPerM3K.At(within));
    }
}
