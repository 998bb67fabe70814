using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Prep.Ingredients;

/// <summary>What the app knows about something that goes into a mix.</summary>
/// <param name="Key">A word for the wire; never changed.</param>
/// <param name="Name">Plain name, lower case.</param>
/// <param name="Shelf">What it is like in the hand.</param>
/// <param name="GramsPerMl">Bulk density as it lies in a spoon, g/ml (from memory of the household weights in the USDA food composition tables, unless a remark says otherwise).</param>
public sealed record Ingredient(string Key, string Name, Shelf Shelf, double GramsPerMl)
{
    /// <summary>Mass of one, g, where it is counted; null where nobody counts it.</summary>
    public double? EachG { get; init; }

    /// <summary>Salt, kg per kg.</summary>
    public double Salt { get; init; }

    /// <summary>Sugars, kg per kg.</summary>
    public double Sugar { get; init; }

    /// <summary>Free acid, as citric or acetic, kg per kg.</summary>
    public double Acid { get; init; }

    /// <summary>Its acid is lactic and mild: it tenderises for a day without turning meat mealy (common practice).</summary>
    public bool IsMild { get; init; }

    /// <summary>Other names cooks write.</summary>
    public IReadOnlyList<string> AlsoCalled { get; init; } = [];

    /// <summary>Mass of an amount, g.</summary>
    /// <param name="amount">In any unit; a count only of what is counted.</param>
    /// <param name="spoons">Whose spoons.</param>
    /// <exception cref="ArgumentException">It was counted, and nobody counts this.</exception>
    public double Grams(Amount amount, SpoonSet spoons) => Measures.KindOf(amount.Unit) switch
    {
        MeasureKind.Mass => amount.Value * Measures.Grams(amount.Unit),
        MeasureKind.Volume => amount.Value * Measures.Millilitres(amount.Unit, spoons) * GramsPerMl,
        _ => amount.Value * (EachG ?? throw new ArgumentException($"{Name} is not counted.", nameof(amount))),
    };
}

/// <summary>What an ingredient is like: decides how it is measured and when in the work it is touched.</summary>
public enum Shelf
{
    /// <summary>Salt, sugar, ground spice, crumb.</summary>
    Dry,

    /// <summary>Oil, juice, sauce, yogurt.</summary>
    Wet,

    /// <summary>Fresh herbs, garlic, zest: cut on a clean board.</summary>
    Fresh,

    /// <summary>Raw egg: touched like raw meat.</summary>
    RawEgg,
}
