using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;

namespace AmberSpoon.Core.Doneness.Goals;

/// <summary>A vegetable: how tender its middle should be.</summary>
/// <param name="Facts">The vegetable.</param>
/// <param name="Wanted">How tender.</param>
public sealed record SoftGoal(VegetableFacts Facts, Tenderness Wanted) : LotGoal
{
    /// <summary>Of what makes it tender: so much leaves a bite (common practice).</summary>
    private const double BiteShare = 0.7;

    /// <summary>What this household calls tender, as a share of what is usual.</summary>
    public double Wish { get; init; } = 1;

    /// <summary>Cook value wanted in the middle, min (see <see cref="CookValue"/>).</summary>
    public double CookMinutes => Wish * Facts.TenderCookMinutes * (Wanted switch
    {
        Tenderness.WithBite => BiteShare,
        Tenderness.Tender => 1,

        // What is past soon after it is tender is never taken all the way.
        _ => Math.Min(Softness.SoftFrom, (1 + Facts.Patience) / 2),
    });

    internal override double StopAtColdestC => double.PositiveInfinity;

    internal override double StopAtCookMinutes => CookMinutes;

    public override double? ReachedS(Func<double, double?> whenColdestS, Func<double, double?> whenSoftS) => whenSoftS(CookMinutes);

    /// <summary>Taken out within a second or two of its minute, it is what it was taken out for.</summary>
    private const double Rounded = 1.005;

    public override MiddleState StateAt(double coldestC, double cookMinutes) => Softness.Of(Facts, Rounded * Math.Max(cookMinutes, 0));
}
