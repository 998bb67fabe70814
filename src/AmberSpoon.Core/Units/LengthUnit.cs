namespace AmberSpoon.Core.Units;

public enum LengthUnit
{
    Millimetre,
    Inch,
}
