using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Store;

/// <summary>What the log has taught by now; asked for with every plan, so it is kept until the log changes.</summary>
public sealed class Knowledge(LogShelf log, HouseholdShelf households, KnowledgeKept kept)
{
    /// <summary>A plan with what is known of its oven, and of what this household calls tender.</summary>
    public async Task<TrayPlan> On(TrayPlan plan, CancellationToken cancel) => (await Of(plan.Oven, cancel)).On(plan);

    /// <param name="oven">Which oven; null for an ordinary one, of which nothing is learnt.</param>
    /// <param name="cancel">Ends the query.</param>
    public async Task<Known> Of(HouseOven? oven, CancellationToken cancel)
    {
        (string, double, int) key = (oven?.Name ?? string.Empty, oven?.KnownOffsetC ?? 0, oven?.PreheatMinutes ?? 0);
        int version = kept.Version;
        if (kept.Find(key) is { } known)
        {
            return known;
        }

        (IReadOnlyList<(Guid, DateTimeOffset, BakeFacts Facts)> bakes, OvenLearning? learning) = oven is null ? ([], null) : await Learnt(oven, cancel);
        OvenBelief? belief = learning?.Belief;
        IReadOnlyList<Rows.LoggedRow> last = await log.Last(LogShelf.MostLearntFrom, cancel);
        BakeFacts[] counting = [.. last.Where(row => row.Counts).Select(row => row.Facts)];
        known = new(belief is { Bakes: > 0 } ? belief : null, HouseholdWishes.Of(counting))
        {
            Preheat = oven is null ? null : PreheatOf(oven, bakes.Select(bake => bake.Facts)),
            Pace = CookPace.Of(counting),
        };
        kept.Keep(key, known, version);
        return known;
    }

    /// <summary>How long an oven takes to be hot, by what was told of it; null where nothing was.</summary>
    /// <param name="oven">Which.</param>
    /// <param name="bakes">Its bakes, the earliest first.</param>
    public static PreheatBelief? PreheatOf(HouseOven oven, IEnumerable<BakeFacts> bakes) => bakes.Select(bake => bake.Before?.Oven).OfType<Core.Bakes.Events.OvenHeated>()
        .Aggregate(PreheatBelief.Said(oven.PreheatMinutes), (belief, heated) => belief.After(heated.Minutes, heated.ToC)) is { Times: > 0 } told ? told : null;

    /// <summary>All that was learnt of one oven, and the bakes that taught it, the earliest first.</summary>
    public async Task<(IReadOnlyList<(Guid Id, DateTimeOffset StartedAt, BakeFacts Facts)> Bakes, OvenLearning Learning)> Learnt(HouseOven oven, CancellationToken cancel)
    {
        DateTimeOffset? since = (await households.Stored(cancel)).Household.Ovens.FirstOrDefault(own => own.Name == oven.Name)?.LearntSince;
        var bakes = await log.OfOven(oven.Name, since, cancel);
        return (bakes, OvenLearning.Of([.. bakes.Select(bake => bake.Facts.Evidence)], oven.KnownOffsetC));
    }
}
