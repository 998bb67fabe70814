using System.Globalization;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Bakes;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Server.Stations.Log;

/// <summary>Looks things up in the log, says what it teaches, and bakes the same again.</summary>
internal sealed class LogDesk(
    KitchenDb db, LogShelf log, BakeBook book, Knowledge knowledge, KnowledgeKept kept, HouseholdShelf households, TrayDesk trays, CommandBook commands, Turns turns, KitchenNews news, TimeProvider time)
{
    private const int PageSize = 30;
    private const int MostWords = 8;
    private const int LongestWords = 200;

    /// <summary>Trends look back so far.</summary>
    private const int MostTrend = 200;

    /// <exception cref="ProblemException">400 with the field.</exception>
    public async Task<LogPage> Page(LogRequest request, CancellationToken cancel)
    {
        IQueryable<LoggedRow> rows = log.Shown(QueryOf(request));
        if (LogCursor.Read(request.Cursor) is { } last)
        {
            rows = rows.Where(row => row.StartedAt < last.StartedAt || (row.StartedAt == last.StartedAt && row.BakeId.CompareTo(last.Id) < 0));
        }

        LoggedRow[] found = await rows.OrderByDescending(row => row.StartedAt).ThenByDescending(row => row.BakeId).Take(PageSize + 1).ToArrayAsync(cancel);
        LoggedRow[] shown = [.. found.Take(PageSize)];
        Guid[] ids = [.. shown.Select(row => row.BakeId)];
        Dictionary<Guid, TrayPlan> plans = await db.Bakes.AsNoTracking().Where(bake => ids.Contains(bake.Id)).Select(bake => new { bake.Id, bake.Plan }).ToDictionaryAsync(bake => bake.Id, bake => bake.Plan, cancel);
        Dictionary<Guid, Guid> photos = await Photos(ids, cancel);
        return new(
            [.. shown.Select(row => LineOf(row, plans[row.BakeId], photos.TryGetValue(row.BakeId, out Guid photo) ? photo : null))],
            found.Length > PageSize ? LogCursor.Of(shown[^1].StartedAt, shown[^1].BakeId) : null,
            await Filters(cancel));
    }

    public async Task<LearntView> Learnt(CancellationToken cancel)
    {
        Household household = (await households.Stored(cancel)).Household;
        KitchenUnits units = household.Units();
        var ovens = new List<OvenLearntView>();
        foreach (HouseOven oven in household.Ovens)
        {
            (IReadOnlyList<(Guid Id, DateTimeOffset StartedAt, BakeFacts Facts)> bakes, OvenLearning learning) = await knowledge.Learnt(oven, cancel);
            bool isMeasured = learning.Belief.Bakes > 0;
            string? preheat = LearntWords.OfPreheat(Knowledge.PreheatOf(oven, bakes.Select(bake => bake.Facts)), units);
            if (isMeasured || preheat is not null)
            {
                ovens.Add(new(
                    oven.Name,
                    isMeasured ? LearntWords.OfOven(oven.Name, learning.Belief, units) : $"“{oven.Name}”: how it bakes is not known yet, nothing was measured in it.",
                    isMeasured ? LearntWords.OfAir(learning.Belief, units) : null,
                    preheat,
                    learning.ChangedAt is { } at ? string.Create(CultureInfo.InvariantCulture, $"Since {bakes[at].StartedAt:d MMMM} it bakes otherwise than before: what was learnt earlier is left out.") : null,
                    isMeasured ? [.. bakes.Select((bake, i) => new OvenStepView(bake.Id, bake.StartedAt, Math.Round(learning.After[i].ActsHotterByC, 1), Math.Round(learning.After[i].ActsWithinC, 1)))] : []));
            }
        }

        IReadOnlyList<LoggedRow> last = await log.Last(MostTrend, cancel);
        MissView[] misses =
        [
            .. last.Where(row => row.Facts is { RealMinutes: not null, PlannedMinutes: not null })
                .Select(row => new MissView(row.BakeId, row.StartedAt, Math.Round(row.Facts.RealMinutes!.Value - row.Facts.PlannedMinutes!.Value, 1), row.Facts.PastBest?.Minutes ?? 0)),
        ];
        int past = last.Count(row => row.Facts.PastBest is not null);
        BakeFacts[] counting = [.. last.Where(row => row.Counts).Select(row => row.Facts)];
        return new(
            ovens,
            LearntWords.OfPace(CookPace.Of(counting)),
            [.. HouseholdWishes.Of(counting).Select(wish => LearntWords.OfWish(wish.Key, wish.Value)).OfType<string>(), .. LearntWords.Likes(await Meats(last, cancel))],
            misses,
            LearntWords.Trend([.. misses.Select(miss => Math.Abs(miss.Minutes))]),
            last.Count == 0 ? null : string.Create(CultureInfo.InvariantCulture, $"Of the last {LearntWords.Bakes(last.Count)} {(past == 0 ? "none" : $"{past}")} came out with food past its best."));
    }

    /// <summary>A tray like the one of a bake, for today.</summary>
    /// <exception cref="ProblemException">404.</exception>
    public async Task<TrayView> Again(Guid id, CommandHead head, CancellationToken cancel)
    {
        BakeRow bake = await book.Find(id, cancel) ?? throw ProblemException.NotFound("That bake is not in the book.");
        return await trays.Again(id, bake.Plan, head, cancel);
    }

    /// <exception cref="ProblemException">404 where the tray repeats nothing.</exception>
    public async Task<LastTimeView> LastTime(int tray, CancellationToken cancel)
    {
        TrayPlan plan = (await trays.View(tray, cancel)).Plan;
        if (plan.Repeats is not { } id || await book.Find(id, cancel) is not { } bake || await log.Facts(id, cancel) is not { } facts)
        {
            throw ProblemException.NotFound("This tray repeats none of the log.");
        }

        KitchenUnits units = (await households.Stored(cancel)).Household.Units();
        List<string> sentences = [$"{Phrases.Capital(LearntWords.Went(facts, lot => NameOf(bake.Plan, lot)))}."];
        sentences.AddRange(facts.Ratings.Where(rated => rated.Value != Rating.Right)
            .Select(rated => $"{Phrases.Capital(rated.Lot is { } lot ? NameOf(bake.Plan, lot.Value) : RatingWords.Subject(rated.Of))}: {RatingWords.Of(rated.Of, rated.Value)}."));
        if (plan.Oven?.Learnt is { } learnt && learnt.Key != bake.Plan.Oven?.Learnt?.Key)
        {
            sentences.Add($"Today it is reckoned with what was learnt since. {LearntWords.OfOven(plan.Oven.Name, learnt, units)}");
        }

        return new(id, bake.Plan.Name, bake.StartedAt, sentences, facts.NextTime);
    }

    /// <summary>A repaired or a new oven of the same name: it is learnt from bakes from now on.</summary>
    /// <exception cref="ProblemException">400 for an oven the kitchen has not.</exception>
    public async Task<LearntView> Anew(OvenNameRequest request, CommandHead head, CancellationToken cancel)
    {
        using (await turns.Of("household", cancel))
        {
            Household household = (await households.Stored(cancel)).Household;
            if (household.Ovens.All(oven => oven.Name != request.Name))
            {
                throw ProblemException.InvalidField("name", "There is no such oven in this kitchen.");
            }

            await commands.Once(
                head.CommandId,
                async () =>
                {
                    DateTimeOffset now = time.GetUtcNow();
                    await households.Save(household with { Ovens = [.. household.Ovens.Select(oven => oven.Name == request.Name ? oven with { LearntSince = now } : oven)] }, cancel);
                    return 0;
                },
                cancel);
        }

        kept.Forget();
        await news.Changed(KitchenTopic.Kitchen);
        await news.Changed(KitchenTopic.Tray);
        return await Learnt(cancel);
    }

    private static LogQuery QueryOf(LogRequest request)
    {
        string words = request.Words ?? string.Empty;
        if (words.Length > LongestWords)
        {
            throw ProblemException.InvalidField("words", $"Look for {LongestWords} letters at most.");
        }

        string[] each = [.. words.Split((char[]?)null, StringSplitOptions.RemoveEmptyEntries).Take(MostWords)];
        IEnumerable<string> marks =
        [
            .. Chosen<Cut>("cut", request.Cut),
            .. Chosen<Vegetable>("vegetable", request.Vegetable),
            .. request.Mix is { } mix ? [LogQuery.Mark("mix", mix)] : Array.Empty<string>(),
            .. request.Oven is { } oven ? [LogQuery.Mark("oven", oven)] : Array.Empty<string>(),
            .. Chosen<VerdictKind>("verdict", request.Verdict),
            .. request.Past == true ? [LogQuery.Mark("past", "yes")] : Array.Empty<string>(),
        ];
        return new(each, [.. marks]);
    }

    /// <summary>One of a list, by its name on the wire; nothing where none was chosen.</summary>
    private static string[] Chosen<T>(string field, string? name)
        where T : struct, Enum => string.IsNullOrEmpty(name)
        ? []
        : Enum.TryParse(name, ignoreCase: true, out T value) && Enum.IsDefined(value) && !char.IsAsciiDigit(name[0])
            ? [LogQuery.Mark(field, $"{value}")]
            : throw ProblemException.InvalidField(field, "There is no such thing to look for.");

    private static LogLine LineOf(LoggedRow row, TrayPlan plan, Guid? photo) => new(
        row.BakeId,
        plan.Name,
        row.StartedAt,
        [.. plan.Chicken.Select(lot => lot.Cut)],
        [.. plan.Vegetables.Select(lot => lot.Kind)],
        plan.Count,
        row.Verdict,
        Phrases.Capital(LearntWords.Went(row.Facts, lot => NameOf(plan, lot))),
        row.Facts.Ratings.Count == 0 ? null : new(row.Facts.Ratings.Count(rated => rated.Value == Rating.Right), row.Facts.Ratings.Count),
        photo,
        row.Counts);

    private static string NameOf(TrayPlan plan, int lot) => LotNames.Of(plan, new LotId(lot));

    private async Task<Dictionary<Guid, Guid>> Photos(Guid[] bakes, CancellationToken cancel)
    {
        var rows = await db.Events.AsNoTracking().Where(told => bakes.Contains(told.BakeId) && told.Kind == "photo").Select(told => new { told.BakeId, told.Seq, told.What }).ToListAsync(cancel);
        var gone = await db.Events.AsNoTracking().Where(told => bakes.Contains(told.BakeId) && told.Kind == "corrected").Select(told => new { told.BakeId, told.What }).ToListAsync(cancel);
        return rows.Where(row => !gone.Any(corrected => corrected.BakeId == row.BakeId && ((Corrected)corrected.What).Event == row.Seq))
            .GroupBy(row => row.BakeId).ToDictionary(group => group.Key, group => ((Pictured)group.OrderBy(row => row.Seq).First().What).Photo);
    }

    private async Task<IReadOnlyList<(Cut Cut, Rating Meat)>> Meats(IReadOnlyList<LoggedRow> rows, CancellationToken cancel)
    {
        Dictionary<Guid, Rating> rated = rows.Where(row => row.Facts.Ratings.Any(rating => rating.Of == RatingOf.Meat))
            .ToDictionary(row => row.BakeId, row => row.Facts.Ratings.First(rating => rating.Of == RatingOf.Meat).Value);
        Guid[] ids = [.. rated.Keys];
        var plans = await db.Bakes.AsNoTracking().Where(bake => ids.Contains(bake.Id)).Select(bake => new { bake.Id, bake.Plan }).ToListAsync(cancel);
        return [.. plans.SelectMany(bake => bake.Plan.Chicken.Select(lot => lot.Cut).Distinct().Select(cut => (cut, rated[bake.Id])))];
    }

    /// <summary>By the bakes that trends look back on.</summary>
    private async Task<LogFilters> Filters(CancellationToken cancel)
    {
        List<TrayPlan> plans = await db.Bakes.AsNoTracking().Where(bake => !bake.IsLive && bake.DeletedAt == null).OrderByDescending(bake => bake.StartedAt).Take(MostTrend).Select(bake => bake.Plan).ToListAsync(cancel);
        return new(
            [.. plans.SelectMany(plan => plan.Chicken).Select(lot => lot.Cut).Distinct().Order()],
            [.. plans.SelectMany(plan => plan.Vegetables).Select(lot => lot.Kind).Distinct().Order()],
            [.. plans.Select(plan => plan.Oven?.Name).OfType<string>().Distinct(StringComparer.Ordinal).Order(StringComparer.CurrentCulture)],
            [.. plans.SelectMany(plan => plan.Chicken).SelectMany(lot => lot.Coats).Where(coat => coat.Mix is not null).Select(coat => new MixUsed(coat.Mix!, coat.Name ?? coat.Mix!)).DistinctBy(mix => mix.Id).OrderBy(mix => mix.Name, StringComparer.CurrentCulture)]);
    }
}
