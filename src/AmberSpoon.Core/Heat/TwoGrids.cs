namespace AmberSpoon.Core.Heat;

/// <summary>
/// Two cheap runs in place of a costly one. Errors of the mesh and of the steps fall with the square of their size, so what
/// a finer grid changes says what the finest would still change (Richardson 1911, from memory). With grids 7:5 the factor
/// would be 1.04; a surface that is wet here and dry there does not fall so evenly, and less than half of it serves all cuts
/// best.
/// </summary>
internal static class TwoGrids
{
    private const double FadesS = 180;
    private const double Onwards = 0.45;

    /// <param name="finer">The better of the two; its moments are kept.</param>
    /// <param name="coarser">The same bake on a grid about 1.4 times as coarse.</param>
    /// <param name="takenOutS">
    /// When it leaves the oven, s: while it rests the coldest place jumps from the middle to the surface, each grid at its
    /// own moment, and the finer alone is nearer.
    /// </param>
    public static HeatRun Beyond(HeatRun finer, HeatRun coarser, double takenOutS = double.PositiveInfinity)
    {
        var samples = new HeatSample[finer.Samples.Count];
        for (int i = 0; i < samples.Length; i++)
        {
            HeatSample there = finer.Samples[i];
            double trust = Math.Clamp(1 - ((there.TimeS - takenOutS) / FadesS), 0, 1);
            if (trust > 0)
            {
                // What the grids make of each other is read at the latest in the oven.
                double readS = Math.Min(there.TimeS, takenOutS);
                HeatSample fine = finer.At(readS);
                there = fine.Towards(coarser.At(readS).Towards(fine, 1 + Onwards), trust).MovedTo(there, fine);
            }

            samples[i] = there;
        }

        return finer with { Samples = samples };
    }
}
