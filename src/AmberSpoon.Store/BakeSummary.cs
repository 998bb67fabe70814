using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Trays;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Store;

/// <summary>What a list says of a bake. For what was forecast and told, see <see cref="BakeRow"/> and its events.</summary>
/// <param name="Id">Which bake.</param>
/// <param name="TrayId">The tray it was started from, where that is known.</param>
/// <param name="Plan">As it was started.</param>
/// <param name="StartedAt">When the first food went in.</param>
/// <param name="FinishedAt">When it was finished; null while it is live.</param>
/// <param name="IsLive">Still running.</param>
/// <param name="Verdict">What the judge said last.</param>
/// <param name="LastSeq">The last of its events.</param>
public sealed record BakeSummary(
    Guid Id, int? TrayId, TrayPlan Plan, DateTimeOffset StartedAt, DateTimeOffset? FinishedAt, bool IsLive, VerdictKind? Verdict, int LastSeq)
{
    public static BakeSummary Of(BakeRow bake) =>
        new(bake.Id, bake.TrayId, bake.Plan, bake.StartedAt, bake.FinishedAt, bake.IsLive, bake.Verdict, bake.LastSeq);
}
