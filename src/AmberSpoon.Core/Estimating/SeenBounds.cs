using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using MathNet.Numerics.Distributions;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// What a look says: a value lies between two bounds, as far as an eye or a fork can tell. A thermometer says a value instead, and
/// is learnt from by <see cref="KitchenBelief.Learning"/>.
/// </summary>
/// <param name="Low">On the bent scale; may be −∞.</param>
/// <param name="High">On the bent scale; may be ∞.</param>
/// <param name="EyeSd">How far the eye may be off, on the same scale.</param>
public readonly record struct SeenBounds(double Low, double High, double EyeSd)
{
    /// <summary>Hard below this share of what makes it tender (common practice); soft from <see cref="Softness.SoftFrom"/>.</summary>
    private const double TenderFrom = 0.7;

    /// <summary>Two forks agree this well on where hard ends, of the logarithm of the cook value (common practice).</summary>
    private const double ForkSd = 0.2;

    /// <summary>One kitchen's golden is another's pale, and the model of colour is no better.</summary>
    private const double EyeForColourSd = 0.5;

    /// <summary>A look never moves the belief further than this, in its own standard deviations.</summary>
    private const double FurthestZ = 3;

    /// <summary>How a vegetable gives way to a fork; bounds of its cook value.</summary>
    public static SeenBounds OfSoftness(Look look, VegetableFacts facts)
    {
        double from = Bent.FromCook(TenderFrom * facts.TenderCookMinutes);
        double soft = Bent.FromCook(Math.Min(Softness.SoftFrom, facts.Patience) * facts.TenderCookMinutes);
        return Between(look, Look.Hard, Look.Soft, from, soft, ForkSd);
    }

    /// <summary>The colour of the side that looks up; bounds of its browning.</summary>
    public static SeenBounds OfColour(Look look) => Between(
        look, Look.Pale, Look.Dark, Bent.FromBrowning(SurfaceColours.NearlyGolden), Bent.FromBrowning(Browning.Deep), EyeForColourSd);

    /// <summary>What is left of a normal spread of the value as seen, once it is known to lie between the bounds.</summary>
    /// <param name="mean">Its mean.</param>
    /// <param name="sd">Its standard deviation, the eye's included.</param>
    /// <returns>How far the mean moves, and the share of the variance that is left.</returns>
    internal (double Moved, double Left) Left(double mean, double sd)
    {
        // Further off than that, all that is known is that it was a surprise.
        double low = Math.Min((Low - mean) / sd, FurthestZ);
        double high = Math.Max((High - mean) / sd, -FurthestZ);
        double inside = Normal.CDF(0, 1, high) - Normal.CDF(0, 1, low);
        double atLow = Normal.PDF(0, 1, low);
        double atHigh = Normal.PDF(0, 1, high);
        double moved = (atLow - atHigh) / inside;
        double left = 1 + (((Times(low, atLow) - Times(high, atHigh)) / inside) - (moved * moved));
        return (sd * moved, left);
    }

    private static double Times(double bound, double density) => double.IsInfinity(bound) ? 0 : bound * density;

    private static SeenBounds Between(Look look, Look less, Look more, double from, double until, double sd) => look == less
        ? new(double.NegativeInfinity, from, sd)
        : look == more ? new(until, double.PositiveInfinity, sd) : new(from, until, sd);
}
