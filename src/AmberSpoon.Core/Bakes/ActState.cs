using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Bakes;

/// <summary>What became of a planned step.</summary>
/// <param name="Act">Which of the plan's steps, from 0.</param>
/// <param name="Step">As planned.</param>
/// <param name="DoneAtS">When it was done, s in the bake's time; null where nobody said so.</param>
/// <param name="IsSkipped">It will not be done.</param>
public sealed record ActState(int Act, PlannedStep Step, double? DoneAtS, bool IsSkipped)
{
    public bool IsOpen => DoneAtS is null && !IsSkipped;
}
