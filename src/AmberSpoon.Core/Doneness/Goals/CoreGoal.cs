using System.Text.Json.Serialization;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Doneness.Goals;

/// <summary>Chicken: a temperature of the coldest middle, and for how long it is kept there.</summary>
/// <param name="Core">As the cook says it.</param>
/// <param name="HoldSeconds">How long it stays at or above that, s; 0 for at once.</param>
public sealed record CoreGoal(EnteredTemperature Core, int HoldSeconds = 0) : LotGoal
{
    /// <summary>Dark meat gets tender as its collagen melts, from about 77 °C on (common practice).</summary>
    public const double DarkC = 80;

    /// <summary>Lean breast dries at once above this (common practice).</summary>
    public const double LeanC = 74;

    /// <summary>A middle this much above its goal is beyond it, °C.</summary>
    private const double BeyondC = 10;

    /// <summary>A middle is at its goal from this much below it, °C.</summary>
    private const double NearC = 0.5;

    /// <summary>°C.</summary>
    [JsonIgnore]
    public double CoreC => Core.ToTemperature().Celsius;

    internal override double StopAtColdestC => CoreC;

    internal override double StopAtCookMinutes => double.PositiveInfinity;

    /// <summary>What cooks usually want of a cut, in their unit.</summary>
    public static CoreGoal Usual(Cut cut, TemperatureUnit unit) => (CutTable.For(cut).IsDark, unit) switch
    {
        (true, TemperatureUnit.Celsius) => new(new EnteredTemperature(DarkC, unit)),
        (false, TemperatureUnit.Celsius) => new(new EnteredTemperature(LeanC, unit)),
        (true, _) => new(new EnteredTemperature(176, unit)),
        _ => new(new EnteredTemperature(165, unit)),
    };

    public override double? ReachedS(Func<double, double?> whenColdestS, Func<double, double?> whenSoftS) => whenColdestS(CoreC) + HoldSeconds;

    public override MiddleState StateAt(double coldestC, double cookMinutes) =>
        coldestC < CoreC - NearC ? MiddleState.BelowTarget : coldestC > CoreC + BeyondC ? MiddleState.Beyond : MiddleState.AtTarget;
}
