using AmberSpoon.Core.Units;
using AmberSpoon.Formats.Recipes;
using Xunit;

namespace AmberSpoon.Formats.Tests.Recipes;

public sealed class OvenWordsTests
{
    [Theory]
    [InlineData("Preheat the oven to 200°C.", 200, TemperatureUnit.Celsius, false)]
    [InlineData("Heat oven to 200C/fan 180C/gas 6.", 200, TemperatureUnit.Celsius, false)]
    [InlineData("Oven at 180 °C fan.", 180, TemperatureUnit.Celsius, true)]
    [InlineData("fan oven 170 C", 170, TemperatureUnit.Celsius, true)]
    [InlineData("Bake at 425 degrees F", 425, TemperatureUnit.Fahrenheit, false)]
    [InlineData("375 F (convection)", 375, TemperatureUnit.Fahrenheit, true)]
    [InlineData("gas mark 4", 180, TemperatureUnit.Celsius, false)]
    public void The_first_oven_a_step_names_is_found(string step, double value, TemperatureUnit unit, bool isFan)
    {
        OvenMention oven = OvenWords.Ovens([step])[0];
        Assert.Equal(new EnteredTemperature(value, unit), oven.Setting);
        Assert.Equal(isFan, oven.IsFan);
    }

    [Theory]
    [InlineData("until the thermometer shows 74 °C")]
    [InlineData("until it reads 165°F inside")]
    [InlineData("Rest for 10 minutes")]
    [InlineData("Serve 4 Cs")]
    [InlineData("at 900 °C")]
    public void Temperatures_of_meat_and_nonsense_are_no_oven(string step) => Assert.Empty(OvenWords.Ovens([step]));

    [Theory]
    [InlineData("Bake for 40 minutes.", 40)]
    [InlineData("Roast 35-40 min.", 40)]
    [InlineData("Bake for 1 hour.", 60)]
    [InlineData("Roast for 20 minutes, turn, and 15 minutes more.", 20)]
    [InlineData("Cook in the oven for 30 to 35 mins", 35)]
    public void The_longest_bake_is_found(string step, int minutes) => Assert.Equal(minutes, OvenWords.BakeMinutes([step]));

    [Theory]
    [InlineData("Marinate for 60 minutes.")]
    [InlineData("Rest 10 min.")]
    [InlineData("Bake until golden.")]
    [InlineData("Bake for 0 minutes.")]
    public void Other_times_are_no_bake(string step) => Assert.Null(OvenWords.BakeMinutes([step]));

    [Fact]
    public void Of_several_steps_the_longest_counts() => Assert.Equal(45, OvenWords.BakeMinutes(["Bake for 20 min.", "Roast for 45 min.", "Rest 90 min."]));
}
