using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Shapes;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>What is to be computed.</summary>
/// <param name="Body">The meshed body.</param>
/// <param name="StartC">Uniform temperature at first, °C.</param>
/// <param name="Around">What it meets.</param>
/// <param name="Steps">How carefully to step through time.</param>
public sealed record HeatQuestion(HeatBody Body, double StartC, Surroundings Around, StepControl Steps)
{
    /// <summary>What it met before the clock starts, or null: a hot pan leaves a hot surface and a cool middle.</summary>
    public Surroundings? Before { get; init; }

    /// <summary>Ends the run early once the coldest meat is this hot, °C.</summary>
    public double StopAtColdestC { get; init; } = double.PositiveInfinity;

    /// <summary>Ends the run early once the coldest food has this cook value, min.</summary>
    public double StopAtCookMinutes { get; init; } = double.PositiveInfinity;

    /// <summary>Times that a step must end at, s, rising; there is then a sample at each.</summary>
    public IReadOnlyList<double> SampleAtS { get; init; } = [];

    /// <summary>Cells times steps that the run may cost.</summary>
    public double MostWork { get; init; } = HeatSolver.MostWork;

    /// <summary>Where the probe's tip is, m in the piece's own coordinates; null for the middle.</summary>
    public Point? Tip { get; init; }

    /// <summary>Keeps pictures of the inside, or null.</summary>
    internal IFieldObserver? Recorder { get; init; }
}
