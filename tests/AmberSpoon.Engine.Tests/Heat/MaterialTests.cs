using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Materials;
using Xunit;

namespace AmberSpoon.Core.Tests.Heat;

public sealed class MaterialTests
{
    /// <summary>Measured on chicken: k near 0.49 W/(m·K) cold and rising with water's, ρ·c near 1060 × 3500 J/(m³·K) (from memory).</summary>
    [Theory]
    [InlineData(5, 0.46, 0.52)]
    [InlineData(60, 0.50, 0.58)]
    public void Raw_chicken_has_the_properties_measured_on_chicken(double celsius, double lowest, double highest)
    {
        foreach (ThermalMaterial meat in new[] { ThermalMaterial.BreastMeat, ThermalMaterial.DarkMeat })
        {
            (double conductivity, double volumetricHeat) = meat.At(celsius);
            Assert.InRange(conductivity, lowest, highest);
            Assert.InRange(volumetricHeat / (1060.0 * 3500), 0.95, 1.07);
        }
    }

    /// <summary>The parabolas against the mixture itself (Choi and Okos 1986, as tabulated by ASHRAE).</summary>
    [Theory]
    [InlineData(0)]
    [InlineData(30)]
    [InlineData(72)]
    [InlineData(110)]
    public void Parabolas_stay_within_a_third_of_a_percent_of_the_mixture(double celsius)
    {
        (double conductivity, double volumetricHeat) = ThermalMaterial.DarkMeat.At(celsius);
        ChoiOkos.Mixture exact = ChoiOkos.Mix(Composition.DarkMeat, celsius);
        Assert.Equal(1, conductivity / exact.ConductivityWPerMK, 0.003);
        Assert.Equal(1, volumetricHeat / (ThermalMaterial.DarkMeat.DensityKgPerM3 * exact.SpecificHeatJPerKgK), 0.003);
    }

    [Fact]
    public void Properties_hold_their_end_values_outside_the_table() =>
        Assert.Equal(ThermalMaterial.DarkMeat.At(120), ThermalMaterial.DarkMeat.At(400));

    /// <summary>Steam tables (from memory): 2.339 kPa at 20 °C, 31.2 kPa at 70 °C, 101.3 kPa at 100 °C.</summary>
    [Theory]
    [InlineData(20, 2339)]
    [InlineData(70, 31200)]
    [InlineData(100, 101325)]
    public void Saturation_pressure_agrees_with_steam_tables(double celsius, double pascal) =>
        Assert.Equal(1, WaterVapour.SaturationPressurePa(celsius) / pascal, 0.03);

    [Fact]
    public void Every_shared_parameter_lies_in_its_own_range_and_names_a_source()
    {
        Assert.All(HeatParameters.All, parameter =>
        {
            Assert.InRange(parameter.Value, parameter.Low, parameter.High);
            Assert.NotEmpty(parameter.Source);
        });
        Assert.Equal(
            typeof(HeatParameters).GetProperties().Count(property => property.PropertyType == typeof(HeatParameter)),
            HeatParameters.All.Distinct().Count());
    }

    [Theory]
    [InlineData(0, 1060, 3500, "material.conductivityWPerMK")]
    [InlineData(0.5, double.NaN, 3500, "material.densityKgPerM3")]
    [InlineData(0.5, 1060, -1, "material.specificHeatJPerKgK")]
    public void A_material_must_be_possible(double conductivity, double density, double specificHeat, string field) => Assert.Equal(
        field, Assert.Throws<HeatInputException>(() => ThermalMaterial.Constant(conductivity, density, specificHeat)).Field);
}
