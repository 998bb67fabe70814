using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Store;

/// <summary>A bake as a line of a list says it. All that happened in it is <see cref="BakeBook.Events"/>.</summary>
/// <param name="Plan">As it was started.</param>
/// <param name="StartedAt">When the first food went in.</param>
/// <param name="FinishedAt">When it was finished; null while it runs.</param>
/// <param name="Verdict">What the judge said last.</param>
/// <param name="Said">What was said in words, with how it began and what was taken back, in order.</param>
public sealed record BakeInWords(TrayPlan Plan, DateTimeOffset StartedAt, DateTimeOffset? FinishedAt, VerdictKind? Verdict, IReadOnlyList<BakeEvent> Said)
{
    /// <summary>What was seen, tasted and meant for the next time, and not taken back.</summary>
    public IEnumerable<string> Words()
    {
        BakeState state = BakeState.Fold(Plan, Said);
        return state.Notes.Concat(state.Table.Tasting.Concat(state.Table.NextTime).Select(said => said.Text));
    }
}
