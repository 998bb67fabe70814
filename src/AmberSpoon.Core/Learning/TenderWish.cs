using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Estimating;

namespace AmberSpoon.Core.Learning;

/// <summary>
/// How tender a household wants one vegetable, as a share of what is usual: a normal spread of its logarithm, narrowed by what was said
/// at table. A fork at the oven speaks of the food instead: <see cref="Estimating.SeenBounds"/>.
/// </summary>
/// <param name="LogMean">Where it likeliest is.</param>
/// <param name="LogSd">How sure that is.</param>
/// <param name="Said">How often it was judged.</param>
public sealed record TenderWish(double LogMean, double LogSd, int Said)
{
    /// <summary>Two households agree on tender about this well, of the logarithm of the cook value (a judgement; a third of the time and less).</summary>
    private const double HouseholdsSd = 0.22;

    /// <summary>"Right" is said of what lies this close, and a mouth is this sure, of the same logarithm (a judgement).</summary>
    private const double RightWithin = 0.15;
    private const double MouthSd = 0.2;

    /// <summary>No wish goes further than this either way: beyond it something else was wrong.</summary>
    private const double MostShare = 1.5;

    public static TenderWish Usual { get; } = new(0, HouseholdsSd, 0);

    /// <summary>As a share of what is usual.</summary>
    public double Share => Math.Clamp(Math.Exp(LogMean), 1 / MostShare, MostShare);

    /// <param name="said">How it was.</param>
    /// <param name="gotShare">What it got in the oven, as a share of what is usual for the tenderness it was planned for.</param>
    public TenderWish After(Rating said, double gotShare)
    {
        double got = Math.Log(Math.Clamp(gotShare, 0.2, 5));
        var bounds = said switch
        {
            Rating.Below => new SeenBounds(got + RightWithin, double.PositiveInfinity, MouthSd),
            Rating.Beyond => new SeenBounds(double.NegativeInfinity, got - RightWithin, MouthSd),
            _ => new SeenBounds(got - RightWithin, got + RightWithin, MouthSd),
        };
        double variance = (LogSd * LogSd) + (MouthSd * MouthSd);
        (double moved, double left) = bounds.Left(LogMean, Math.Sqrt(variance));
        double gain = LogSd * LogSd / variance;
        return new(LogMean + (gain * moved), LogSd * Math.Sqrt(1 - (gain * (1 - left))), Said + 1);
    }
}
