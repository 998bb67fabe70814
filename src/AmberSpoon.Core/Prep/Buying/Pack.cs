using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Prep.Buying;

/// <summary>A pack of one cut as the shop sells it.</summary>
/// <param name="Cut">Which cut.</param>
/// <param name="MassG">Of the pack, g.</param>
/// <param name="Count">Pieces in it.</param>
/// <param name="Price">In the household's money.</param>
public sealed record Pack(Cut Cut, double MassG, int Count, decimal Price)
{
    public double EdibleG => MassG * EdibleYield.Of(Cut);

    public decimal PricePerKg => Price / (decimal)(MassG / 1000);

    public decimal PricePerEdibleKg => Price / (decimal)(EdibleG / 1000);
}
