namespace AmberSpoon.Core.Probes;

/// <summary>
/// Which of a stream's samples are kept in the book as readings: each narrows what is believed of the kitchen, and samples a second
/// apart say the same thing twice.
/// </summary>
public static class ProbeKeeping
{
    /// <summary>Never closer than this, s.</summary>
    public const double ClosestS = 30;

    /// <summary>At least as often as this, s, also where nothing changes.</summary>
    public const double LongestS = 120;

    /// <summary>In between where it has moved by this, °C.</summary>
    public const double MovedC = 1;

    /// <summary>One that raised a question is not asked about again sooner than this, s.</summary>
    public const double AfterDoubtS = 180;

    /// <param name="sample">The newest.</param>
    /// <param name="kept">The one kept last of this probe in this piece; null where there is none.</param>
    /// <param name="wasBelieved">Whether that one was.</param>
    public static bool IsWorthKeeping(ProbeSample sample, ProbeSample? kept, bool wasBelieved)
    {
        if (kept is not { } last)
        {
            return true;
        }

        double sinceS = sample.AtS - last.AtS;
        return sinceS >= (wasBelieved ? LongestS : AfterDoubtS) || (wasBelieved && sinceS >= ClosestS && Math.Abs(sample.Celsius - last.Celsius) >= MovedC);
    }
}
