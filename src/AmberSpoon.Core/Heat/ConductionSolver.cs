namespace AmberSpoon.Core.Heat;

/// <summary>
/// Heat conduction along one coordinate by finite volumes and implicit second-order steps, with a nonlinear
/// surface: convection, radiation and evaporation. Each step eliminates the tridiagonal system from the middle
/// outwards, which leaves the outermost cell as a straight line in the unknown surface temperature; that one unknown
/// is then found by bracketed Newton steps, and the cells follow by back-substitution.
/// </summary>
public static class ConductionSolver
{
    /// <summary>Cells from the middle to the surface.</summary>
    private const int CellCount = 40;

    /// <summary>Step, s; the refinement test says what it costs.</summary>
    private const double StepS = 10;

    /// <summary>Samples are kept this far apart, s, and at each stage's end.</summary>
    private const double SampleEveryS = 10;

    private static readonly ThermalMaterial Bone = ThermalMaterial.Constant(
        HeatParameters.BoneConductivity.Value, HeatParameters.BoneDensity.Value, HeatParameters.BoneSpecificHeat.Value);

    /// <summary>Follows a body, uniform at first, through the stages in order.</summary>
    /// <param name="body">Shape and materials.</param>
    /// <param name="startC">Uniform temperature at first, °C.</param>
    /// <param name="stages">One or more, in order.</param>
    /// <param name="stopAtColdestC">Ends the run early once the coldest meat is this hot, °C.</param>
    /// <param name="refinement">1 is the usual grid and step; 2 has twice the cells and half the step.</param>
    /// <exception cref="ArgumentException">A stage of negative length, or no stages.</exception>
    public static HeatRun Solve(
        ConductionBody body,
        double startC,
        IReadOnlyList<HeatStage> stages,
        double stopAtColdestC = double.PositiveInfinity,
        int refinement = 1)
    {
        if (stages.Count == 0 || stages.Any(stage => !(stage.DurationS >= 0)))
        {
            throw new ArgumentException("A run needs stages, each lasting 0 s or more.", nameof(stages));
        }

        var field = new ConductionField(body, Bone, startC, CellCount * refinement);
        var samples = new List<HeatSample> { field.Sample(0) };
        double timeS = 0;
        foreach (HeatStage stage in stages)
        {
            double stageEndS = timeS + stage.DurationS;
            while (timeS < stageEndS)
            {
                double nextSampleS = Math.Min(stageEndS, samples[^1].TimeS + SampleEveryS);
                while (timeS < nextSampleS)
                {
                    double stepS = Math.Min(StepS / refinement, nextSampleS - timeS);
                    field.Step(stepS, stage.Surroundings);
                    timeS = nextSampleS - timeS <= stepS ? nextSampleS : timeS + stepS;
                }

                samples.Add(field.Sample(timeS));
                if (samples[^1].ColdestC >= stopAtColdestC)
                {
                    return new(samples, field.EvaporatedKgPerM2);
                }
            }
        }

        return new(samples, field.EvaporatedKgPerM2);
    }
}
