namespace AmberSpoon.Core.Heat;

/// <summary>What a run of <see cref="Solving.HeatSolver"/> found.</summary>
/// <param name="Samples">One per time step, the start first; steps are seconds long, shorter where much changes.</param>
/// <param name="Ends">What can be said of the piece at the end.</param>
public sealed record HeatRun(IReadOnlyList<HeatSample> Samples, HeatRunEnds Ends)
{
    public HeatSample Last => Samples[^1];

    /// <summary>When the coldest meat first reaches this temperature, s, or null if it never does in this run.</summary>
    public double? TimeToReachS(double coldestC) => FirstS(sample => sample.ColdestC, coldestC);

    /// <summary>When the coldest food first has this cook value, s, or null if it never does in this run.</summary>
    public double? TimeToSoftenS(double cookMinutes) => FirstS(sample => sample.CookMinutes, cookMinutes);

    private double? FirstS(Func<HeatSample, double> read, double wanted)
    {
        if (read(Samples[0]) >= wanted)
        {
            return Samples[0].TimeS;
        }

        for (int i = 1; i < Samples.Count; i++)
        {
            HeatSample before = Samples[i - 1];
            HeatSample after = Samples[i];
            if (read(after) >= wanted)
            {
                return before.TimeS + ((wanted - read(before)) / (read(after) - read(before)) * (after.TimeS - before.TimeS));
            }
        }

        return null;
    }

    /// <summary>
    /// The hottest the coldest meat gets from a time on, and when, by a parabola through the hottest sample and its
    /// neighbours.
    /// </summary>
    public HeatSample PeakFrom(double timeS)
    {
        HeatSample[] later = [At(timeS), .. Samples.SkipWhile(sample => sample.TimeS <= timeS)];
        int top = Array.IndexOf(later, later.MaxBy(sample => sample.ColdestC));
        if (top == 0 || top == later.Length - 1)
        {
            return later[top];
        }

        (HeatSample before, HeatSample at, HeatSample after) = (later[top - 1], later[top], later[top + 1]);
        double rise = (at.ColdestC - before.ColdestC) / (at.TimeS - before.TimeS);
        double fall = (after.ColdestC - at.ColdestC) / (after.TimeS - at.TimeS);
        double bend = (fall - rise) / (after.TimeS - before.TimeS);
        double slope = rise + (bend * (at.TimeS - before.TimeS));
        if (bend >= 0)
        {
            return at;
        }

        double shiftS = -slope / (2 * bend);
        HeatSample near = At(at.TimeS + shiftS);
        return near with { ColdestC = at.ColdestC - (slope * slope / (4 * bend)) };
    }

    /// <summary>The state at a time, straight between samples and held at the ends.</summary>
    public HeatSample At(double timeS)
    {
        int low = 0;
        int high = Samples.Count - 1;
        if (timeS <= Samples[0].TimeS)
        {
            return Samples[0];
        }

        if (timeS >= Last.TimeS)
        {
            return Last;
        }

        while (high - low > 1)
        {
            int middle = (low + high) / 2;
            (low, high) = Samples[middle].TimeS <= timeS ? (middle, high) : (low, middle);
        }

        return Samples[low].Towards(Samples[high], (timeS - Samples[low].TimeS) / (Samples[high].TimeS - Samples[low].TimeS));
    }
}
