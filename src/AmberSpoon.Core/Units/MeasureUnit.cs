namespace AmberSpoon.Core.Units;

/// <summary>What an amount in a mix or a recipe is counted in.</summary>
public enum MeasureUnit
{
    Gram,
    Kilogram,
    Ounce,
    Pound,
    Millilitre,
    Centilitre,
    Decilitre,
    Litre,
    Pinch,
    Teaspoon,
    Tablespoon,
    Cup,
    FluidOunce,
    Pint,
    Quart,

    /// <summary>Counted: eggs, cloves, lemons.</summary>
    Piece,
}

/// <summary>Mass, volume or a count.</summary>
public enum MeasureKind
{
    Mass,
    Volume,
    Count,
}
