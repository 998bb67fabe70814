namespace AmberSpoon.Core.Food;

/// <summary>How a vegetable is cut. Each comes with one size, in mm: see <see cref="VegetableCuts"/>.</summary>
public enum VegetableCut
{
    Cube,
    Wedge,
    Coin,
    Half,
    Whole,
    Stick,
    Floret,
}
