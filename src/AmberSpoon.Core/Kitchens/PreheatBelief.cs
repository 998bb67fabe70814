using System.Text.Json.Serialization;

namespace AmberSpoon.Core.Kitchens;

/// <summary>
/// How long one oven takes from cold to 200 °C: a normal spread of the logarithm, narrowed by every evening on which its cook told when it was
/// on and when it was hot. What it does to food is <see cref="OvenBelief"/>'s.
/// </summary>
/// <param name="LogMean">Where it likeliest is, of minutes.</param>
/// <param name="LogSd">How sure that is.</param>
/// <param name="Times">How often it was told.</param>
public sealed record PreheatBelief(double LogMean, double LogSd, int Times)
{
    /// <summary>Ovens differ so much from what their cooks say (a judgement).</summary>
    private const double OvensSd = 0.4;

    /// <summary>A cook looks at the lamp so much late, and a room and a dial differ so much from evening to evening (a judgement).</summary>
    private const double TellingSd = 0.15;

    /// <summary>From evening to evening it wears so much.</summary>
    private const double WanderSd = 0.03;

    /// <summary>Further from what is believed than so many deviations it was no cold oven, or nobody looked.</summary>
    private const double MostDeviations = 3;

    /// <summary>What is hot sooner was warm, what takes longer was forgotten, min.</summary>
    public const double ShortestMinutes = 1;
    public const double LongestMinutes = 90;

    /// <param name="minutes">What its cook says, min to 200 °C.</param>
    public static PreheatBelief Said(int minutes) => new(Math.Log(minutes), OvensSd, 0);

    [JsonIgnore]
    public double Minutes => Math.Exp(LogMean);

    /// <summary>Four in five lie this close to <see cref="Minutes"/>, min.</summary>
    [JsonIgnore]
    public double WithinMinutes => Minutes * OvenBelief.TenthZ * LogSd;

    /// <param name="minutes">From switched on to hot, min.</param>
    /// <param name="toC">What it was set to, °C.</param>
    /// <returns>The same where that cannot have been a cold oven getting hot.</returns>
    public PreheatBelief After(double minutes, double toC)
    {
        double share = PreheatCurve.ShareTo(toC);
        if (!(minutes is >= ShortestMinutes and <= LongestMinutes) || !(share > 0))
        {
            return this;
        }

        double variance = (LogSd * LogSd) + (WanderSd * WanderSd);
        double miss = Math.Log(minutes / share) - LogMean;
        double total = variance + (TellingSd * TellingSd);
        return miss * miss > MostDeviations * MostDeviations * total
            ? this
            : new(LogMean + (variance / total * miss), Math.Sqrt(variance * TellingSd * TellingSd / total), Times + 1);
    }
}
