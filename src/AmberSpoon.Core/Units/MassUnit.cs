namespace AmberSpoon.Core.Units;

public enum MassUnit
{
    Gram,
    Kilogram,
    Pound,
    Ounce,
}
