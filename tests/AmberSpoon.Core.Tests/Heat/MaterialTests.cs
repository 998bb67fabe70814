using AmberSpoon.Core.Heat;
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
            meat.At(celsius, out double conductivity, out double volumetricHeat);
            Assert.InRange(conductivity, lowest, highest);
            Assert.InRange(volumetricHeat / (1060.0 * 3500), 0.95, 1.07);
        }
    }

    [Fact]
    public void Properties_hold_their_end_values_outside_the_table()
    {
        ThermalMaterial.DarkMeat.At(150, out double atEnd, out _);
        ThermalMaterial.DarkMeat.At(400, out double beyond, out _);
        Assert.Equal(atEnd, beyond);
    }

    /// <summary>Steam tables (from memory): 2.339 kPa at 20 °C, 31.2 kPa at 70 °C, 101.3 kPa at 100 °C.</summary>
    [Theory]
    [InlineData(20, 2339)]
    [InlineData(70, 31200)]
    [InlineData(100, 101325)]
    public void Saturation_pressure_agrees_with_steam_tables(double celsius, double pascal) =>
        Assert.Equal(1, WaterVapour.SaturationPressurePa(celsius) / pascal, 0.03);

    [Fact]
    public void Every_shared_parameter_lies_in_its_own_range_and_names_a_source() =>
        Assert.All(HeatParameters.All, parameter =>
        {
            Assert.InRange(parameter.Value, parameter.Low, parameter.High);
            Assert.NotEmpty(parameter.Source);
        });

    [Theory]
    [InlineData(1000, 1000, 10, 0)]
    [InlineData(1000, 10, 10, 1)]
    [InlineData(10, 10, 10, 2)]
    public void Slab_cylinder_and_sphere_have_their_exponents(double lengthMm, double widthMm, double heightMm, double exponent) =>
        Assert.Equal(exponent, EquivalentShape.ExponentOf(new(lengthMm, widthMm, heightMm)), 0.001);
}
