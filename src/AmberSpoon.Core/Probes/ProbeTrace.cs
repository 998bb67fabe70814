namespace AmberSpoon.Core.Probes;

/// <summary>
/// The last minutes of one probe: enough to see whether it is steady, how fast it rises and whether it lives. Immutable.
/// </summary>
public sealed record ProbeTrace
{
    /// <summary>Older samples are forgotten, s.</summary>
    public const double KeptS = 300;

    /// <summary>A tip that has come to rest moves by no more than this…</summary>
    public const double SteadyC = 1.5;

    /// <summary>…in this long, s: a quick thermometer takes 3 s to nine tenths, a dial 18, and meat warms by 0.2 °C a second at most.</summary>
    public const double SteadyS = 8;

    /// <summary>A rate is read off the last two minutes, s.</summary>
    private const double RateS = 120;

    private ProbeTrace(IReadOnlyList<ProbeSample> samples) => Samples = samples;

    public static ProbeTrace Empty { get; } = new([]);

    /// <summary>In order of time.</summary>
    public IReadOnlyList<ProbeSample> Samples { get; }

    public ProbeSample? Last => Samples.Count > 0 ? Samples[^1] : null;

    /// <summary>
    /// With one more; samples of one moment are those of several sensors on one stick, and the coldest stands for them.
    /// </summary>
    /// <returns>The same trace where it is older than what is there.</returns>
    public ProbeTrace With(ProbeSample sample)
    {
        if (Last is not { } last)
        {
            return new([sample]);
        }

        if (sample.AtS < last.AtS)
        {
            return this;
        }

        return sample.AtS == last.AtS
            ? new([.. Samples.SkipLast(1), sample.Celsius < last.Celsius ? sample : last])
            : new([.. Samples.Where(other => other.AtS > sample.AtS - KeptS), sample]);
    }

    /// <summary>Only what it showed from a moment on: since it is in this piece.</summary>
    public ProbeTrace Since(double fromS) => new([.. Samples.Where(sample => sample.AtS >= fromS)]);

    /// <summary>It moves no more than a tip that has come to rest; a single sample does not move.</summary>
    public bool IsSteady => Last is { } last && Spread(last.AtS - SteadyS) <= SteadyC;

    /// <summary>
    /// It shows what its tip is in, and not what it was in before: steady, and either long enough in its piece, or a sample that
    /// stands alone, as thermometers with a button send them.
    /// </summary>
    /// <param name="nextS">When it was heard next, or now, s.</param>
    public bool IsSettled(double nextS) =>
        Last is { } last && IsSteady && Math.Max(last.AtS - Samples[0].AtS, nextS - last.AtS) >= SteadyS;

    /// <summary>How fast it rises, °C a minute, by the straight line through the last two minutes; null before half a minute.</summary>
    public double? RisePerMinuteC
    {
        get
        {
            if (Last is not { } last)
            {
                return null;
            }

            ProbeSample[] recent = [.. Samples.Where(sample => sample.AtS >= last.AtS - RateS)];
            if (recent.Length < 3 || last.AtS - recent[0].AtS < 30)
            {
                return null;
            }

            double meanS = recent.Average(sample => sample.AtS);
            double meanC = recent.Average(sample => sample.Celsius);
            return 60 * recent.Sum(sample => (sample.AtS - meanS) * (sample.Celsius - meanC)) / recent.Sum(sample => (sample.AtS - meanS) * (sample.AtS - meanS));
        }
    }

    /// <summary>Since when it has shown nothing but its last number, s; null where there is none.</summary>
    internal double? SameSinceS
    {
        get
        {
            if (Last is not { } last)
            {
                return null;
            }

            int first = Samples.Count - 1;
            while (first > 0 && Samples[first - 1].Celsius == last.Celsius)
            {
                first--;
            }

            return Samples[first].AtS;
        }
    }

    /// <summary>How often it jumped there and back again, by more than meat can, in the time that is kept.</summary>
    /// <param name="byC">A jump between two samples, °C.</param>
    internal int JumpsBack(double byC)
    {
        int turns = 0;
        int before = 0;
        for (int i = 1; i < Samples.Count; i++)
        {
            double change = Samples[i].Celsius - Samples[i - 1].Celsius;
            int way = Math.Abs(change) > byC ? Math.Sign(change) : 0;
            turns += way != 0 && before != 0 && way != before ? 1 : 0;
            before = way != 0 ? way : before;
        }

        return turns;
    }

    /// <summary>How far it fell or rose within the last while, °C; falls are below 0.</summary>
    /// <param name="withinS">How far back, s.</param>
    internal double Change(double withinS) => Last is { } last ? last.Celsius - Samples.First(sample => sample.AtS >= last.AtS - withinS).Celsius : 0;

    private double Spread(double fromS)
    {
        (double low, double high) = (double.PositiveInfinity, double.NegativeInfinity);
        foreach (ProbeSample sample in Samples.Where(sample => sample.AtS >= fromS))
        {
            (low, high) = (Math.Min(low, sample.Celsius), Math.Max(high, sample.Celsius));
        }

        return high - low;
    }
}
