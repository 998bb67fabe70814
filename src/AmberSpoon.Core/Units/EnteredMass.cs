namespace AmberSpoon.Core.Units;

/// <summary>A mass as a cook typed it. For computing, use <see cref="Grams"/>.</summary>
/// <param name="Value">The number as typed, in <paramref name="Unit"/>.</param>
public sealed record EnteredMass(double Value, MassUnit Unit)
{
    /// <summary>Exact by definition of the avoirdupois pound (0.45359237 kg, 1959).</summary>
    private const double GramsPerPound = 453.59237;

    public double Grams() => Unit switch
    {
        MassUnit.Gram => Value,
        MassUnit.Kilogram => Value * 1000,
        MassUnit.Pound => Value * GramsPerPound,
        MassUnit.Ounce => Value * GramsPerPound / 16,
        _ => throw new InvalidOperationException($"Unknown mass unit {Unit}."),
    };
}
