namespace AmberSpoon.Core.Units;

/// <summary>
/// What the units of the kitchen hold. Exact by definition: pound 0.45359237 kg; US gallon 231 in³, so US cup 236.5882365 ml,
/// tablespoon a sixteenth and teaspoon a forty-eighth of that (NIST Handbook 44, appendix C). Metric spoons 5 and 15 ml, cup
/// 250 ml; the Australian tablespoon 20 ml (common practice). A pinch is an eighth of a teaspoon (common practice, by measurement).
/// </summary>
public static class Measures
{
    public const double GramsPerPound = 453.59237;
    public const double GramsPerOunce = GramsPerPound / 16;

    private const double GallonMl = 3785.411784;

    public static MeasureKind KindOf(MeasureUnit unit) => unit switch
    {
        <= MeasureUnit.Pound => MeasureKind.Mass,
        MeasureUnit.Piece => MeasureKind.Count,
        _ => MeasureKind.Volume,
    };

    /// <summary>What one of a unit weighs, g.</summary>
    /// <exception cref="ArgumentOutOfRangeException">It is no unit of mass.</exception>
    public static double Grams(MeasureUnit unit) => unit switch
    {
        MeasureUnit.Gram => 1,
        MeasureUnit.Kilogram => 1000,
        MeasureUnit.Ounce => GramsPerOunce,
        MeasureUnit.Pound => GramsPerPound,
        _ => throw new ArgumentOutOfRangeException(nameof(unit), unit, "This is no unit of mass."),
    };

    /// <summary>What one of a unit holds, ml.</summary>
    /// <param name="unit">A unit of volume.</param>
    /// <param name="spoons">Whose spoons and cups.</param>
    /// <exception cref="ArgumentOutOfRangeException">It is no unit of volume.</exception>
    public static double Millilitres(MeasureUnit unit, SpoonSet spoons) => unit switch
    {
        MeasureUnit.Millilitre => 1,
        MeasureUnit.Centilitre => 10,
        MeasureUnit.Decilitre => 100,
        MeasureUnit.Litre => 1000,
        MeasureUnit.Pinch => Millilitres(MeasureUnit.Teaspoon, spoons) / 8,
        MeasureUnit.Teaspoon => spoons == SpoonSet.UnitedStates ? GallonMl / 768 : 5,
        MeasureUnit.Tablespoon => spoons switch { SpoonSet.UnitedStates => GallonMl / 256, SpoonSet.Metric => 15, _ => 20 },
        MeasureUnit.Cup => spoons == SpoonSet.UnitedStates ? GallonMl / 16 : 250,
        MeasureUnit.FluidOunce => GallonMl / 128,
        MeasureUnit.Pint => GallonMl / 8,
        MeasureUnit.Quart => GallonMl / 4,
        _ => throw new ArgumentOutOfRangeException(nameof(unit), unit, "This is no unit of volume."),
    };
}
