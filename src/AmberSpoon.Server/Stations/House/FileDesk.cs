using System.Text.Json;
using System.Text.Json.Serialization;
using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Formats.Bakes;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Core.Heat.Solving;
using AmberSpoon.Server.Stations.Bakes;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using FluentValidation;

namespace AmberSpoon.Server.Stations.House;

/// <summary>Bakes as files, out and in. What comes in is held against every rule that what is typed is held against, and is kept whole or not at all.</summary>
internal sealed class FileDesk(BakeBook book, LogShelf log, HouseholdShelf households, AskersClock clock, Turns turns, IValidator<TrayPlanRequest> plans, AnswerCheck check, KitchenNews news)
{
    /// <summary>One after another: the same file sent twice at once is one.</summary>
    private const string Importing = "import";

    /// <summary>More events are no bake.</summary>
    private const int MostEvents = 100_000;

    /// <summary>A table of the log has this many lines at most.</summary>
    private const int MostLines = 20_000;

    /// <summary>So many bakes of it are in memory at a time.</summary>
    private const int AtOnce = 200;

    private static readonly JsonSerializerOptions Json = new(JsonSerializerDefaults.Web)
    {
        Converters = { new JsonStringEnumConverter(JsonNamingPolicy.CamelCase) },
    };

    /// <exception cref="ProblemException">404; 409 while it runs.</exception>
    public async Task<BakeDocument> Export(Guid id, CancellationToken cancel)
    {
        BakeRow bake = await Find(id, cancel);
        return bake.IsLive
            ? throw ProblemException.Conflict("id", "That bake is still running; finish it first.")
            : new(BakeDocument.Name, BakeDocument.Newest, bake.Id, bake.StartedAt, bake.Plan, bake.Forecast, await book.Events(id, cancel));
    }

    /// <summary>The readings of a bake as a table.</summary>
    /// <exception cref="ProblemException">404.</exception>
    public async Task<string> Readings(Guid id, CancellationToken cancel)
    {
        BakeRow bake = await Find(id, cancel);
        BakeState state = BakeState.Fold(bake.Plan, await book.Events(id, cancel));
        double endS = BakeFacts.EndS(state);
        TrayCourses courses = TrayCourses.Until(state, endS, KitchenPrior.Usual);
        return LogTable.Write(ReadingReview.Of(courses).Readings.Select(reading => new ReadingLine(
            LogTable.Utc(state.Clock.Wall(reading.Taken.AtS)),
            reading.Taken.Piece.Lot.Value,
            reading.Taken.Piece.Piece,
            courses.NameOf(reading.Taken.Piece),
            Math.Round(reading.Meant.CoreC, 2),
            reading.Taken.Probe ?? string.Empty,
            reading.IsBelieved)));
    }

    /// <summary>The whole log as a table, the newest first.</summary>
    public async Task<string> Log(CancellationToken cancel)
    {
        IReadOnlyList<LoggedRow> rows = await log.Last(MostLines, cancel);
        var lines = new List<LoggedLine>(rows.Count);
        foreach (LoggedRow[] some in rows.Reverse().Chunk(AtOnce))
        {
            var found = await book.InWords([.. some.Select(row => row.BakeId)], cancel);
            lines.AddRange(some.Where(row => found.ContainsKey(row.BakeId)).Select(row => LineOf(row.BakeId, found[row.BakeId], row.Facts)));
        }

        return LogTable.Write(lines);
    }

    /// <returns>The bake, now in the log; the same file twice is one bake.</returns>
    /// <exception cref="ProblemException">400: it is none, or says what cannot be; nothing is kept.</exception>
    public async Task<BakeView> Import(ReadOnlyMemory<byte> file, CancellationToken cancel)
    {
        BakeDocument document = Read(file);
        using IDisposable turn = await turns.Of(Importing, cancel);
        if ((await book.Find(document.Id, cancel) ?? await book.StartedBy(document.Events[0].CommandId, cancel)) is { } before)
        {
            return BakeViews.Listed(BakeSummary.Of(before));
        }

        TrayPlan plan = PlanOf(document.Plan);
        (BakeRow bake, BakeFacts facts, BakeView whole) = Asker.WhileWaiting(() => Followed(document.Id, document.Events, plan), cancel);
        _ = check.Require(whole, "file");
        await book.Add(bake, document.Events, cancel, facts);
        await news.Changed(KitchenTopic.Log);
        await news.Changed(KitchenTopic.Tray);
        return BakeViews.Listed(BakeSummary.Of(bake));
    }

    /// <summary>A log that was kept as a table goes into this one: what is here already stays as it is.</summary>
    /// <param name="text">The table.</param>
    /// <param name="isRehearsal">Only says what would be done.</param>
    /// <param name="cancel">Ends it before anything is kept.</param>
    /// <exception cref="ProblemException">400 with line and column; nothing is kept.</exception>
    public async Task<TableReport> ImportLog(string text, bool isRehearsal, CancellationToken cancel)
    {
        IReadOnlyList<TableBake> lines;
        try
        {
            lines = LogTableReader.Read(text, clock.Offset);
        }
        catch (LogTableException refused)
        {
            throw ProblemException.InvalidField("text", refused.Message);
        }

        using IDisposable turn = await turns.Of(Importing, cancel);
        Household household = (await households.Stored(cancel)).Household;
        var bakes = new List<(BakeRow Bake, IReadOnlyList<BakeEvent> Events, BakeFacts Facts)>();
        int known = 0;
        foreach (TableBake line in lines.DistinctBy(line => line.Id))
        {
            if (await book.Find(line.Id, cancel) is not null)
            {
                known++;
                continue;
            }

            try
            {
                (TrayPlan typed, IReadOnlyList<BakeEvent> events) = TabledBake.Of(line, household);
                TrayPlan plan = PlanOf(typed);
                if (isRehearsal)
                {
                    bakes.Add(default);
                    continue;
                }

                (BakeRow bake, BakeFacts facts, BakeView whole) = Asker.WhileWaiting(() => Followed(line.Id, events, plan), cancel);
                _ = check.Require(whole, "text");
                bakes.Add((bake, events, facts));
            }
            catch (ProblemException refused)
            {
                throw ProblemException.InvalidField("text", FormattableString.Invariant($"Line {line.Line}: {refused.Message}"));
            }
        }

        if (!isRehearsal && bakes.Count > 0)
        {
            await book.AddAll(bakes, cancel);
            await news.Changed(KitchenTopic.Log);
            await news.Changed(KitchenTopic.Tray);
        }

        return new(isRehearsal, lines.Count, bakes.Count, known, lines.Min(line => line.StartedAt), lines.Max(line => line.StartedAt));
    }

    private static BakeDocument Read(ReadOnlyMemory<byte> file)
    {
        try
        {
            BakeDocument document = BakeDocument.Read(file.Span);
            return document.Events.Count <= MostEvents ? document : throw Refused($"A bake has {MostEvents} events at most.");
        }
        catch (BakeDocumentException refused)
        {
            throw Refused(refused.Message);
        }
    }

    /// <summary>Held against the rules of a plan as it would be typed; what was learnt by then stays with it.</summary>
    private TrayPlan PlanOf(TrayPlan told)
    {
        try
        {
            TrayPlanRequest request = JsonSerializer.Deserialize<TrayPlanRequest>(JsonSerializer.Serialize(told, Json), Json)!;
            plans.Require(request);
            TrayPlan plan = request.ToPlan();
            if (plan.Chicken.Count == 0)
            {
                throw Refused("There is no chicken in that bake.");
            }

            return new Known(LearntOf(told), told.Vegetables.DistinctBy(lot => lot.Kind).ToDictionary(lot => lot.Kind, lot => new TenderWish(Math.Log(Math.Clamp(lot.Wish, 0.5, 2)), 0.1, 1)))
            {
                Preheat = PreheatOf(told),
            }.On(plan);
        }
        catch (ProblemException refused)
        {
            throw Refused($"The plan in that file cannot be: {refused.Fields.Values.FirstOrDefault() ?? refused.Message}");
        }
        catch (Exception failed) when (failed is JsonException or NullReferenceException or ArgumentException)
        {
            throw Refused("The plan in that file is not whole.");
        }
    }

    private static Core.Kitchens.OvenBelief? LearntOf(TrayPlan plan) => plan.Oven?.Learnt is { Mean: { Count: 3 } mean, Spread: { Count: 9 } spread } learnt
        && mean.All(value => Math.Abs(value) <= 5) && spread.All(value => Math.Abs(value) <= 2) && spread[0] > 0 && spread[4] > 0 && spread[8] > 0
        ? learnt
        : null;

    private static Core.Kitchens.PreheatBelief? PreheatOf(TrayPlan plan) => plan.Oven?.LearntPreheat is { Times: > 0, LogSd: > 0 and < 1 } learnt
        && Math.Exp(learnt.LogMean) is >= Core.Kitchens.PreheatBelief.ShortestMinutes and <= Core.Kitchens.PreheatBelief.LongestMinutes
        ? learnt
        : null;

    /// <summary>Everything that will be asked of it is asked once before it is kept.</summary>
    private static (BakeRow Bake, BakeFacts Facts, BakeView Whole) Followed(Guid id, IReadOnlyList<BakeEvent> events, TrayPlan plan)
    {
        try
        {
            BakeState state = BakeState.Fold(plan, events);
            TrayForecast forecast = TrayPlanner.Forecast(plan);
            var bake = new BakeRow
            {
                Id = id,
                Plan = plan,
                Forecast = forecast,
                StartedAt = events[0].At,
                IsLive = false,
                FinishedAt = state.Clock.Wall(state.FinishedS!.Value),
                Verdict = state.LastSaid?.Verdict,
                LastSeq = state.Seq,
            };
            BakeView whole = BakeViews.Whole(bake, BakeEstimate.InHindsight(state, forecast), bake.StartedAt);
            BakeFacts facts = BakeFacts.Of(state, forecast);
            return facts.Evidence.Information.Concat(facts.Evidence.Weighted).All(double.IsFinite) ? (bake, facts, whole) : throw Refused("What was measured in that file cannot be reckoned with.");
        }
        catch (Exception failed) when (failed is ArgumentException or InvalidOperationException or KeyNotFoundException or NullReferenceException or IndexOutOfRangeException or OverflowException or Core.Heat.HeatInputException)
        {
            throw Refused("What happened in that file does not fit its plan.");
        }
    }

    private static LoggedLine LineOf(Guid id, BakeInWords bake, BakeFacts facts) => new(
        $"{id}",
        LogTable.Utc(bake.StartedAt),
        bake.FinishedAt is { } finished ? LogTable.Utc(finished) : string.Empty,
        bake.Plan.Name,
        string.Join("; ", bake.Plan.Chicken.Select(lot => FormattableString.Invariant($"{lot.Count} {CutTable.For(lot.Cut).Plural} {lot.MassesG().Sum():0} g"))),
        string.Join("; ", bake.Plan.Vegetables.Select(lot => FormattableString.Invariant($"{lot.Amount.Grams():0} g {VegetableTable.For(lot.Kind).Name}"))),
        string.Join("; ", bake.Plan.Chicken.SelectMany(lot => lot.Coats).Select(coat => coat.Name ?? $"{coat.Kind}").Distinct()),
        bake.Plan.Oven?.Name ?? string.Empty,
        Math.Round(bake.Plan.OvenSetting.ToTemperature().Celsius, 1),
        Rounded(facts.PlannedMinutes),
        Rounded(facts.RealMinutes),
        facts.PastBest?.Minutes,
        bake.Verdict is { } verdict ? $"{verdict}" : string.Empty,
        string.Join("; ", facts.Ratings.Select(rated => $"{RatingWords.Subject(rated.Of)}: {RatingWords.Of(rated.Of, rated.Value)}")),
        string.Join(" / ", bake.Words()));

    private static double? Rounded(double? minutes) => minutes is { } known ? Math.Round(known, 1) : null;

    private async Task<BakeRow> Find(Guid id, CancellationToken cancel) =>
        await book.Find(id, cancel) ?? throw ProblemException.NotFound("That bake is not in the book.");

    private static ProblemException Refused(string sentence) => ProblemException.InvalidField("file", sentence);
}
