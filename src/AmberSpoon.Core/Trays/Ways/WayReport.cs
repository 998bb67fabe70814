using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Trays.Ways;

/// <summary>One way to bake the food, beside others.</summary>
/// <param name="Id">Which way.</param>
/// <param name="Name">What cooks call it.</param>
/// <param name="Sentence">What it is.</param>
/// <param name="Plan">The whole plan, to be adopted as it is.</param>
/// <param name="ToTarget">When the chicken is done.</param>
/// <param name="EatMinutes">When dinner is.</param>
/// <param name="ApartMinutes">How long the first waits past its best for the last; 0 where one moment is good for all.</param>
/// <param name="Together">When all is at its best at once; null where that never is.</param>
/// <param name="BreastLossShare">Juice lost by the worst lot of breast, as a share of its mass; null without breast.</param>
/// <param name="DarkLossShare">And of dark meat.</param>
/// <param name="Colour">Of the lead's upper side.</param>
/// <param name="BurnRisk">Of whatever browns most.</param>
/// <param name="DoorOpenings">How often the oven is opened.</param>
/// <param name="HandsOnMinutes">Minutes of work at the oven.</param>
/// <param name="Curve">Of the lead.</param>
public sealed record WayReport(
    string Id,
    string Name,
    string Sentence,
    TrayPlan Plan,
    TimeBand ToTarget,
    int EatMinutes,
    double ApartMinutes,
    MinuteSpan? Together,
    double? BreastLossShare,
    double? DarkLossShare,
    SurfaceColour Colour,
    BurnRisk BurnRisk,
    int DoorOpenings,
    double HandsOnMinutes,
    IReadOnlyList<CurvePoint> Curve);

/// <summary>How near something comes to burning.</summary>
public enum BurnRisk
{
    Low,
    Some,
    High,
}
