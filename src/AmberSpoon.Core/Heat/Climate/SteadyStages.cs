namespace AmberSpoon.Core.Heat.Climate;

/// <summary>Stages in which every side meets the same, unchanging climate: textbook cases and the bare solver.</summary>
public sealed class SteadyStages : Surroundings
{
    private readonly List<(double EndS, FaceClimate Climate)> _stages;

    /// <exception cref="HeatInputException">No stages, or one that ends before it begins.</exception>
    public SteadyStages(params IReadOnlyList<(double DurationS, FaceClimate Climate)> stages)
    {
        if (stages.Count == 0)
        {
            throw new HeatInputException("stages", "Give at least one stage.");
        }

        var ends = new List<(double, FaceClimate)>();
        double endS = 0;
        for (int i = 0; i < stages.Count; i++)
        {
            HeatInputException.RequireWithin($"stages[{i}].minutes", stages[i].DurationS, 0, double.MaxValue);
            endS += stages[i].DurationS;
            ends.Add((endS, stages[i].Climate));
        }

        _stages = ends;
    }

    public override double EndS => _stages[^1].EndS;

    public override double NextChangeS(double timeS)
    {
        foreach ((double endS, _) in _stages)
        {
            if (endS > timeS)
            {
                return endS;
            }
        }

        return double.PositiveInfinity;
    }

    public override void Describe(double timeS, Span<FaceClimate> sides)
    {
        int stage = 0;
        while (stage < _stages.Count - 1 && _stages[stage].EndS <= timeS)
        {
            stage++;
        }

        sides.Fill(_stages[stage].Climate);
    }
}
