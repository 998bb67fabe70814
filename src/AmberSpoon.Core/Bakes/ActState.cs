using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Bakes;

/// <summary>What became of a planned step.</summary>
/// <param name="Act">Which of the plan's steps, from 0.</param>
/// <param name="Step">As planned.</param>
/// <param name="DueS">When it is to be done: as planned, or later where the cook said so, s in the bake's time.</param>
/// <param name="DoneAtS">When it was done, s in the bake's time; null where nobody said so.</param>
/// <param name="IsSkipped">It will not be done.</param>
/// <param name="Seq">The event that says so; null while it is open.</param>
public sealed record ActState(int Act, PlannedStep Step, double DueS, double? DoneAtS, bool IsSkipped, int? Seq = null)
{
    public bool IsOpen => DoneAtS is null && !IsSkipped;

    /// <summary>Later than it stood; counted from now where its time has come.</summary>
    internal ActState Later(double nowS, int minutes) => this with { DueS = Math.Max(DueS, nowS) + (60 * minutes) };
}
