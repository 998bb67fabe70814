namespace AmberSpoon.Core.Heat;

/// <summary>What a run of <see cref="ConductionSolver"/> found, sampled at even times.</summary>
/// <param name="Samples">In order of time, the start first.</param>
/// <param name="EvaporatedKgPerM2">Water lost by the end, kg per m² of surface.</param>
public sealed record HeatRun(IReadOnlyList<HeatSample> Samples, double EvaporatedKgPerM2)
{
    public HeatSample Last => Samples[^1];

    /// <summary>When the coldest meat first reaches this temperature, s, or null if it never does in this run.</summary>
    public double? TimeToReachS(double coldestC)
    {
        if (Samples[0].ColdestC >= coldestC)
        {
            return Samples[0].TimeS;
        }

        for (int i = 1; i < Samples.Count; i++)
        {
            HeatSample before = Samples[i - 1];
            HeatSample after = Samples[i];
            if (after.ColdestC >= coldestC)
            {
                double share = (coldestC - before.ColdestC) / (after.ColdestC - before.ColdestC);
                return before.TimeS + (share * (after.TimeS - before.TimeS));
            }
        }

        return null;
    }

    /// <summary>The state at a time, linear between samples and held at the ends.</summary>
    public HeatSample At(double timeS)
    {
        int next = 0;
        while (next < Samples.Count && Samples[next].TimeS < timeS)
        {
            next++;
        }

        if (next == 0 || next == Samples.Count)
        {
            return next == 0 ? Samples[0] : Last;
        }

        HeatSample before = Samples[next - 1];
        HeatSample after = Samples[next];
        double share = (timeS - before.TimeS) / (after.TimeS - before.TimeS);
        return new(
            timeS,
            before.ColdestC + (share * (after.ColdestC - before.ColdestC)),
            before.SurfaceC + (share * (after.SurfaceC - before.SurfaceC)),
            before.MeanC + (share * (after.MeanC - before.MeanC)));
    }
}
