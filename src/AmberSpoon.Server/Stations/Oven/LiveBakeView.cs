using AmberSpoon.Core.Probing;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Oven;

/// <summary>The live bake, or nothing in the oven.</summary>
/// <param name="Bake">Null when nothing is being baked.</param>
/// <param name="Now">The kitchen's clock when this was sent.</param>
public sealed record OvenView(LiveBakeView? Bake, DateTimeOffset Now);

/// <param name="Record">All that is written down.</param>
/// <param name="Place">Where the tray stands.</param>
/// <param name="Curve">What the coldest meat has done and will do if the tray stays there; minutes since going in.</param>
/// <param name="TargetAt">When it reaches the target; null while resting, or if never.</param>
/// <param name="NextCheckAt">When to measure next; null when no time is set.</param>
public sealed record LiveBakeView(
    BakeRecord Record,
    BakePlace Place,
    IReadOnlyList<CurvePoint> Curve,
    DateTimeOffset? TargetAt,
    DateTimeOffset? NextCheckAt)
{
    internal static LiveBakeView From(BakeRow bake, LiveEstimate estimate) => new(
        BakeRecord.From(bake),
        bake.Moves[^1].Place,
        estimate.Curve,
        estimate.TargetMinutes is { } minutes ? bake.StartedAt.AddMinutes(minutes) : null,
        bake.Checks.Count == 0 ? bake.StartedAt.AddMinutes(bake.Forecast.FirstCheckMinutes) : bake.Checks[^1].NextCheckAt);
}
