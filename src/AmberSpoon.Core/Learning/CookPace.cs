using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Learning;

/// <summary>
/// How long this household's cooks take at the counter, as a share of what is usual: a normal spread of its logarithm, narrowed by every
/// evening whose tasks were ticked as they were done. What was chosen for one evening is <see cref="Evenings.EveningChoice.Pace"/>.
/// </summary>
/// <param name="LogMean">Where it likeliest is.</param>
/// <param name="LogSd">How sure that is.</param>
/// <param name="Evenings">From how many.</param>
public sealed record CookPace(double LogMean, double LogSd, int Evenings)
{
    /// <summary>Two cooks in three lie within a third and more of what is usual (a judgement).</summary>
    private const double CooksSd = 0.35;

    /// <summary>One evening differs so much from the next for the same cook, and one task so much from what it usually takes (judgements).</summary>
    private const double EveningSd = 0.2;
    private const double TaskSd = 0.45;

    /// <summary>From evening to evening a cook's hand changes so much.</summary>
    private const double WanderSd = 0.04;

    /// <summary>No cook is further from the usual than this.</summary>
    private const double MostShare = 4;

    public static CookPace Usual { get; } = new(0, CooksSd, 0);

    /// <summary>As a share of what is usual.</summary>
    public double Share => Math.Exp(LogMean);

    /// <summary>Four in five lie within this share of <see cref="Share"/>.</summary>
    public double Within => OvenBelief.TenthZ * LogSd;

    /// <param name="work">What one evening's work took.</param>
    /// <returns>The same where it says nothing.</returns>
    public CookPace After(CounterWork work)
    {
        if (!(work is { Tasks: > 0, UsualMinutes: > 0, TookMinutes: > 0 }))
        {
            return this;
        }

        double share = Math.Log(Math.Clamp(work.TookMinutes / work.UsualMinutes, 1 / MostShare, MostShare));
        double variance = (LogSd * LogSd) + (WanderSd * WanderSd);
        double noise = (EveningSd * EveningSd) + (TaskSd * TaskSd / work.Tasks);
        double gain = variance / (variance + noise);
        return new(LogMean + (gain * (share - LogMean)), Math.Sqrt(variance * (1 - gain)), Evenings + 1);
    }

    /// <summary>What all evenings say.</summary>
    /// <param name="bakes">What is remembered, the earliest first.</param>
    /// <returns>Null where no evening says anything.</returns>
    public static CookPace? Of(IEnumerable<BakeFacts> bakes) =>
        bakes.Select(bake => bake.Before?.Work).OfType<CounterWork>().Aggregate(Usual, (pace, work) => pace.After(work)) is { Evenings: > 0 } pace ? pace : null;
}
