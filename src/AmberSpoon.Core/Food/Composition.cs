namespace AmberSpoon.Core.Food;

/// <summary>Mass fractions of a raw food. The rest, up to 1, is taken as water.</summary>
/// <param name="Protein">kg per kg.</param>
/// <param name="Fat">kg per kg.</param>
/// <param name="Ash">kg per kg.</param>
public sealed record Composition(double Protein, double Fat, double Ash)
{
    /// <summary>Sugar and starch, kg per kg.</summary>
    public double Carbohydrate { get; init; }

    /// <summary>kg per kg.</summary>
    public double Fibre { get; init; }

    public double Water => 1 - Protein - Fat - Ash - Carbohydrate - Fibre;

    /// <summary>USDA food composition tables (from memory): raw breast meat.</summary>
    public static Composition BreastMeat { get; } = new(Protein: 0.225, Fat: 0.015, Ash: 0.011);

    /// <summary>USDA food composition tables (from memory): raw thigh and leg meat.</summary>
    public static Composition DarkMeat { get; } = new(Protein: 0.197, Fat: 0.041, Ash: 0.010);
}
