using AmberSpoon.Core.Doneness.Kinetics;

namespace AmberSpoon.Core.Doneness.Goals;

/// <summary>
/// Where a lot should get to, so that one way of following it serves all: <see cref="CoreGoal"/> for chicken,
/// <see cref="SoftGoal"/> for a vegetable. It plans; what may be served is <see cref="Judging.LotJudge"/>'s to say.
/// </summary>
public abstract record LotGoal
{
    /// <summary>The coldest food need not be followed beyond this, °C.</summary>
    internal abstract double StopAtColdestC { get; }

    /// <summary>Nor beyond this cook value, min.</summary>
    internal abstract double StopAtCookMinutes { get; }

    /// <summary>When it is reached, s, or null if never.</summary>
    /// <param name="whenColdestS">When the coldest food first is so hot, °C → s.</param>
    /// <param name="whenSoftS">When it first has this cook value, min → s.</param>
    public abstract double? ReachedS(Func<double, double?> whenColdestS, Func<double, double?> whenSoftS);

    /// <summary>What the middle is like.</summary>
    /// <param name="coldestC">The coldest food, °C.</param>
    /// <param name="cookMinutes">Its cook value, min.</param>
    public abstract MiddleState StateAt(double coldestC, double cookMinutes);
}
