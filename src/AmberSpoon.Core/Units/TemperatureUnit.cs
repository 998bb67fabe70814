namespace AmberSpoon.Core.Units;

public enum TemperatureUnit
{
    Celsius,
    Fahrenheit,
}
