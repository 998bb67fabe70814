using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Doneness.Kinetics;

/// <summary>What a vegetable's cook value (see <see cref="CookValue"/>) means between the teeth.</summary>
public static class Softness
{
    /// <summary>Below this share of what makes it tender it is still hard.</summary>
    private const double FirmFrom = 0.35;

    /// <summary>From this many times what makes it tender it is soft (common practice: ten minutes and more after it is tender).</summary>
    internal const double SoftFrom = 2;

    public static MiddleState Of(VegetableFacts facts, double cookMinutes)
    {
        double share = cookMinutes / facts.TenderCookMinutes;
        return share < FirmFrom ? MiddleState.Hard
            : share < 1 ? MiddleState.Firm
            : share >= facts.Patience ? MiddleState.TooSoft
            : share < Math.Min(SoftFrom, facts.Patience) ? MiddleState.Tender
            : MiddleState.Soft;
    }
}
