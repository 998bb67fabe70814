namespace AmberSpoon.Core.Units;

/// <summary>A length as a cook typed it. For computing, use <see cref="Millimetres"/>.</summary>
/// <param name="Value">The number as typed, in <paramref name="Unit"/>.</param>
public sealed record EnteredLength(double Value, LengthUnit Unit)
{
    /// <summary>Exact by definition of the international inch (25.4 mm, 1959).</summary>
    private const double MillimetresPerInch = 25.4;

    public double Millimetres() => Unit == LengthUnit.Inch ? Value * MillimetresPerInch : Value;
}
