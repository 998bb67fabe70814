namespace AmberSpoon.Core.Units;

/// <summary>A mass as a cook typed it. For computing, use <see cref="Grams"/>.</summary>
/// <param name="Value">The number as typed, in <paramref name="Unit"/>.</param>
public sealed record EnteredMass(double Value, MassUnit Unit)
{
    public double Grams() => Unit switch
    {
        MassUnit.Gram => Value,
        MassUnit.Kilogram => Value * 1000,
        MassUnit.Pound => Value * Measures.GramsPerPound,
        MassUnit.Ounce => Value * Measures.GramsPerOunce,
        _ => throw new InvalidOperationException($"Unknown mass unit {Unit}."),
    };
}
