using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Materials;

namespace AmberSpoon.Core.Prep.Marinating;

/// <summary>
/// How long a frozen pack lies in the fridge until its middle is thawed: a block of its mass and thickness, conducting in
/// three dimensions, its heat by enthalpy so that melting takes what it takes. Explicit steps: a thaw takes a day and the
/// answer a few tenths of a second.
/// </summary>
public static class FridgeThaw
{
    /// <summary>A household fridge, °C (common practice).</summary>
    public const double FridgeC = 4;

    /// <summary>A household freezer, °C (common practice).</summary>
    public const double FreezerC = -18;

    public const double LeastMassG = 50;
    public const double MostMassG = 5000;
    public const double ThinnestMm = 8;
    public const double ThickestMm = 180;

    /// <summary>Still cold air and radiation through a wrapping, W/(m²K) (an estimate; common practice: a day for two kilograms).</summary>
    private const double ExchangeWPerM2K = 8;

    /// <summary>On a plate or shelf, W/(m²K): half of it is covered.</summary>
    private const double UnderneathWPerM2K = 5;

    /// <summary>Length over width of a pack.</summary>
    private const double Oblong = 1.4;

    private const int Cells = 4;

    /// <param name="massG">Of the pack, g.</param>
    /// <param name="thicknessMm">Its thickest place, mm.</param>
    /// <param name="food">What it is.</param>
    /// <returns>Minutes until no ice is left in the middle.</returns>
    /// <exception cref="HeatInputException">No such pack.</exception>
    public static int Minutes(double massG, double thicknessMm, FreezingFood food)
    {
        HeatInputException.RequireWithin("massG", massG, LeastMassG, MostMassG);
        HeatInputException.RequireWithin("thicknessMm", thicknessMm, ThinnestMm, ThickestMm);
        double highM = thicknessMm / 1000;
        double floorM2 = massG / 1000 / food.DensityKgPerM3 / highM;
        var block = new ThawingBlock(food, Math.Sqrt(floorM2 * Oblong), Math.Sqrt(floorM2 / Oblong), highM, Cells, FreezerC);
        return (int)Math.Ceiling(block.ThawS(FridgeC, ExchangeWPerM2K, UnderneathWPerM2K) / 60);
    }
}
