using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Prep.Buying;

/// <summary>
/// A whole bird cut up at home: two breasts, two leg quarters, two wings, and the back for stock. Shares of its mass are the
/// middles of common practice (from memory): breasts 30 to 35 %, leg quarters 30 to 33 %, wings 10 to 12 %.
/// </summary>
/// <param name="MassG">As bought, g.</param>
/// <param name="Price">In the household's money.</param>
public sealed record WholeBird(double MassG, decimal Price)
{
    private const double BreastShare = 0.325;
    private const double LegShare = 0.315;
    private const double WingShare = 0.11;

    /// <summary>What it gives: boneless breasts, leg quarters, whole wings; the rest is for stock.</summary>
    public IReadOnlyList<BirdPart> Parts =>
    [
        new(Cut.BonelessBreast, 2, BreastShare * MassG),
        new(Cut.LegQuarter, 2, LegShare * MassG),
        new(Cut.WholeWing, 2, WingShare * MassG),
    ];

    public double ForStockG => MassG * (1 - BreastShare - LegShare - WingShare);

    public double EdibleG => Parts.Sum(part => part.MassG * EdibleYield.Of(part.Cut));

    public decimal PricePerEdibleKg => Price / (decimal)(EdibleG / 1000);
}

/// <param name="Cut">Which cut.</param>
/// <param name="Count">How many.</param>
/// <param name="MassG">Together, g.</param>
public sealed record BirdPart(Cut Cut, int Count, double MassG);
