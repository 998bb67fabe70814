using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Units;
using Xunit;

namespace AmberSpoon.Core.Tests.Doneness;

public sealed class UnitQuestionTests
{
    [Theory]
    [InlineData(74, TemperatureUnit.Fahrenheit, true)]
    [InlineData(165, TemperatureUnit.Celsius, true)]
    [InlineData(74, TemperatureUnit.Celsius, false)]
    [InlineData(165, TemperatureUnit.Fahrenheit, false)]
    [InlineData(40, TemperatureUnit.Fahrenheit, false)]
    [InlineData(25, TemperatureUnit.Celsius, false)]
    [InlineData(240, TemperatureUnit.Celsius, false)]
    public void A_reading_is_questioned_when_only_the_other_unit_makes_sense(double value, TemperatureUnit unit, bool asks) =>
        Assert.Equal(asks, UnitQuestion.For(new(value, unit)) is not null);
}
