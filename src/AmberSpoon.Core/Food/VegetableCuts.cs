namespace AmberSpoon.Core.Food;

/// <summary>What the size of each way of cutting means, and how small or large it can be.</summary>
public static class VegetableCuts
{
    /// <summary>Sizes are offered in steps of this, mm: nobody cuts finer.</summary>
    public const double StepMm = 5;

    /// <summary>In words, for the field's label.</summary>
    public static string SizeMeans(VegetableCut cut) => cut switch
    {
        VegetableCut.Cube => "side of a cube",
        VegetableCut.Wedge => "across the back of a wedge",
        VegetableCut.Coin => "thickness of a slice",
        VegetableCut.Half => "across, before halving",
        VegetableCut.Whole => "across",
        VegetableCut.Stick => "thickness of a stick",
        _ => "across the head of a floret",
    };

    /// <summary>Smallest and largest, mm.</summary>
    public static (double LowMm, double HighMm) Limits(VegetableCut cut) => cut switch
    {
        VegetableCut.Cube => (10, 60),
        VegetableCut.Wedge => (15, 80),
        VegetableCut.Coin => (5, 45),
        VegetableCut.Half => (10, 100),
        VegetableCut.Whole => (5, 100),
        VegetableCut.Stick => (6, 30),
        _ => (15, 80),
    };
}
