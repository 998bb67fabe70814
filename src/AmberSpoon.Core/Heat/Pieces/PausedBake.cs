using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>
/// A bake that stops when its piece is done and goes on when it is known when the tray really leaves: lots on one tray
/// wait for each other. Use <see cref="PieceBake.Follow"/> where the end is known from the start.
/// </summary>
internal sealed class PausedBake
{
    private readonly HeatSolver _solver;
    private readonly OvenEvening _evening;

    public PausedBake(PieceBake bake, GridLevel level)
    {
        HeatQuestion question = bake.Question(level);
        _evening = (OvenEvening)question.Around;
        _solver = new(question);
    }

    /// <summary>How far it has been followed, s.</summary>
    public double ReachedS => _solver.ReachedS;

    /// <summary>All that was found so far.</summary>
    public HeatRun Found => _solver.Found();

    /// <summary>Until the goal, or the end.</summary>
    public void FollowToGoal(CancellationToken cancel = default) => _solver.Follow(toGoal: true, cancel);

    /// <summary>To the end, which is set anew; the past stays.</summary>
    /// <param name="steps">What else is done.</param>
    /// <param name="endS">When to stop following, s.</param>
    /// <param name="cancel">Ends the run between steps.</param>
    public void FollowTo(IReadOnlyList<OvenStep> steps, double endS, CancellationToken cancel = default)
    {
        _evening.EndWith(steps, endS);
        _solver.Follow(toGoal: false, cancel);
    }
}
