using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Estimating;
using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Bakes;

/// <summary>Runs bakes: what is told is stored before it is answered, applied once, and then told to all open pages.</summary>
internal sealed class BakeDesk(BakeBook book, LogShelf log, HouseholdShelf households, TrayShelf shelf, EveningShelf evenings, TrayAnswers answers, LiveBakes live, LiveViews views, KitchenNews news, TimeProvider time)
{
    private const int PageSize = 30;

    /// <summary>The start can be taken back for this long.</summary>
    private static readonly TimeSpan UnstartWithin = TimeSpan.FromMinutes(2);

    /// <param name="request">What <see cref="StartValidator"/> has passed.</param>
    /// <param name="cancel">Ends it.</param>
    /// <exception cref="ProblemException">404; 409 where the tray was changed or is in an oven already.</exception>
    public async Task<BakeView> Start(StartRequest request, CancellationToken cancel)
    {
        Guid commandId = request.CommandId!.Value;
        int trayId = request.TrayId!.Value;
        if (await book.StartedBy(commandId, cancel) is { } before)
        {
            return await View(before, cancel);
        }

        TrayRow tray = await shelf.Find(trayId, cancel) ?? throw ProblemException.NotFound("That tray is not on the shelf.");
        if (tray.Plan.Chicken.Count == 0)
        {
            throw ProblemException.Conflict("trayVersion", "There is no chicken on this tray: nothing to probe. Add some, or bake the vegetables without the app.");
        }

        if (tray.Version != request.TrayVersion)
        {
            throw ProblemException.Conflict("trayVersion", "The tray was changed on another screen. Look it over, then start again.");
        }

        (EveningChoice evening, _) = await evenings.Decided(trayId, cancel);
        BakeRow started = await book.Start(trayId, tray.Plan, answers.Of(tray).Forecast, commandId, at => Readying.Of(evening, tray.Plan.PreheatToC, at), cancel)
            ?? await book.StartedBy(commandId, cancel)
            ?? throw ProblemException.Conflict("trayId", $"“{tray.Plan.Name}” is already in the oven. Finish it before it goes in again.");
        await news.BakeChanged(started.Id, started.LastSeq);
        return await View(started, cancel);
    }

    /// <exception cref="ProblemException">400 with the field; 404; 409 where it cannot have happened.</exception>
    public async Task<BakeView> Tell(Guid id, EventsRequest request, CancellationToken cancel)
    {
        SemaphoreSlim turn = live.TurnOf(id);
        await turn.WaitAsync(cancel);
        try
        {
            BakeRow bake = await Find(id, cancel);
            IReadOnlyList<BakeEvent> told = await Told(bake, cancel);
            var reader = new EventReader(bake.Plan, told, Now(bake, BakeState.Fold(bake.Plan, told)));
            reader.Read(request);
            if (reader.New.Count == 0)
            {
                return View(bake, reader.All);
            }

            SayWhatChanged(bake, reader);
            await book.Append(bake, reader.New, reader.All, reader.State, cancel);
            live.Remember(id, reader.All);

            // Before the news: everybody who hears them asks for it.
            BakeView view = View(bake, reader.All);
            await news.BakeChanged(id, bake.LastSeq);
            if (!reader.State.IsLive)
            {
                live.Forget(id);
                await news.Changed(KitchenTopic.Log);
                await news.Changed(KitchenTopic.Tray);
            }

            return view;
        }
        finally
        {
            turn.Release();
        }
    }

    /// <summary>What the kitchen itself tells of a bake; the same command twice is one.</summary>
    /// <exception cref="ProblemException">404.</exception>
    public async Task<BakeView> Add(Guid id, Guid commandId, Happening what, CancellationToken cancel)
    {
        SemaphoreSlim turn = live.TurnOf(id);
        await turn.WaitAsync(cancel);
        try
        {
            BakeRow bake = await Find(id, cancel);
            IReadOnlyList<BakeEvent> told = await Told(bake, cancel);
            if (told.All(before => before.CommandId != commandId))
            {
                BakeState state = BakeState.Fold(bake.Plan, told);
                var added = new BakeEvent(state.Seq + 1, commandId, BakeBook.WholeMilliseconds(Now(bake, state)), what);
                IReadOnlyList<BakeEvent> all = [.. told, added];
                await book.Append(bake, [added], all, BakeState.Fold(bake.Plan, all), cancel);
                live.Remember(id, all);
            }
        }
        finally
        {
            turn.Release();
        }

        BakeView view = await View(id, cancel);
        await (view.IsLive ? news.BakeChanged(id, view.Seq) : news.Changed(KitchenTopic.Log));
        return view;
    }

    /// <exception cref="ProblemException">404.</exception>
    public async Task<BakeState> State(Guid id, CancellationToken cancel)
    {
        BakeRow bake = await Find(id, cancel);
        return BakeState.Fold(bake.Plan, await Told(bake, cancel));
    }

    /// <summary>One bake, with all that was told.</summary>
    public async Task<BakeView> View(Guid id, CancellationToken cancel)
    {
        BakeRow bake = await Find(id, cancel);
        IReadOnlyList<BakeEvent> told = await Told(bake, cancel);
        BakeEstimate estimate = EstimateOf(bake, told);
        BakeFacts? facts = bake.IsLive ? null : await log.Facts(id, cancel);
        return View(bake, told) with
        {
            Events = BakeViews.Told(bake, told, estimate, (await households.Stored(cancel)).Household.Units()),
            Baked = AsBaked.PlanOf(estimate.State),
            Table = BakeViews.Table(estimate.Told, facts),
        };
    }

    public async Task<BakesView> Live(CancellationToken cancel)
    {
        var bakes = new List<BakeView>();
        foreach ((Guid id, int seq) in await book.Live(cancel))
        {
            bakes.Add(views.Fresh(id, seq) ?? await View(await Find(id, cancel), cancel));
        }

        return new(bakes, null, time.GetUtcNow());
    }

    /// <exception cref="ProblemException">400 for a cursor that is none of ours.</exception>
    public async Task<BakesView> Finished(string? cursor, CancellationToken cancel)
    {
        IReadOnlyList<BakeSummary> page = await book.Finished(LogCursor.Read(cursor), PageSize + 1, cancel);
        BakeSummary[] shown = [.. page.Take(PageSize)];
        string? next = page.Count > PageSize ? LogCursor.Of(shown[^1].StartedAt, shown[^1].Id) : null;
        return new([.. shown.Select(BakeViews.Listed)], next, time.GetUtcNow());
    }

    /// <summary>A piece of a lot cut open: of a live bake by what is believed now, of a finished one for the moves it made.</summary>
    /// <exception cref="ProblemException">404.</exception>
    public async Task<SectionFilm> Section(Guid id, int? lot, CancellationToken cancel)
    {
        BakeRow bake = await Find(id, cancel);
        BakeEstimate estimate = EstimateOf(bake, await Told(bake, cancel));
        BakeState state = estimate.State;
        LotState shown = state.Lots.FirstOrDefault(other => !other.IsLeftOut && (lot is null || other.Lot.Value == lot))
            ?? throw ProblemException.NotFound("That lot is not on the tray.");
        double aimC = bake.Plan.Chicken.FirstOrDefault(chicken => chicken.LotId == shown.Lot)?.Goal.CoreC ?? 100;
        (PieceSetting setting, IReadOnlyList<PlaceStage> stages) = estimate.SettingOf(shown.Lot);
        return TraySections.Film(setting, aimC, estimate.GuessFor(shown.Lot), stages);
    }

    /// <summary>A second time changes nothing.</summary>
    public async Task Delete(Guid id, CancellationToken cancel)
    {
        await book.Delete(await FindFinished(id, cancel), cancel);
        await news.Changed(KitchenTopic.Log);
    }

    /// <summary>A second time changes nothing.</summary>
    public async Task<BakeView> Restore(Guid id, CancellationToken cancel)
    {
        BakeRow bake = await FindFinished(id, cancel);
        await book.Restore(bake, cancel);
        await news.Changed(KitchenTopic.Log);
        return BakeViews.Listed(BakeSummary.Of(bake));
    }

    /// <summary>What the judge says now goes into the book where it differs from what was said last.</summary>
    private void SayWhatChanged(BakeRow bake, EventReader reader)
    {
        if (reader.State.IsLive && reader.State.Readings.Count > 0
            && live.Estimate(bake, reader.State, Followed(live.NowS(bake.Id, reader.State))) is { Verdict: { } verdict } estimate
            && (reader.State.LastSaid is not { } last || last.Verdict != verdict.Kind || last.Reason != verdict.Reason))
        {
            DateTimeOffset? next = verdict.NextCheckInMinutes is { } minutes ? reader.State.Clock.Wall(estimate.JudgedS + (60 * minutes)) : null;
            reader.Add(new Said(verdict.Kind, verdict.Reason, next));
        }
    }

    /// <summary>Takes the start back. A second time changes nothing.</summary>
    /// <exception cref="ProblemException">404; 409 where it is too late, or more was told than the start.</exception>
    public async Task Unstart(Guid id, CancellationToken cancel)
    {
        SemaphoreSlim turn = live.TurnOf(id);
        await turn.WaitAsync(cancel);
        try
        {
            BakeRow bake = await Find(id, cancel);
            if (!bake.IsLive && bake.DeletedAt is not null)
            {
                return;
            }

            if (!bake.IsLive || !BakeState.Fold(bake.Plan, await Told(bake, cancel)).IsJustIn || time.GetUtcNow() - bake.StartedAt > UnstartWithin)
            {
                throw ProblemException.Conflict("id", "Too late to take the start back: finish the bake and delete it in the log.");
            }

            await book.Unstart(bake, cancel);
            live.Forget(id);
        }
        finally
        {
            turn.Release();
        }

        await news.Changed(KitchenTopic.Oven);
    }

    /// <exception cref="ProblemException">404.</exception>
    public async Task<DateTimeOffset> StartedAt(Guid id, CancellationToken cancel) => (await Find(id, cancel)).StartedAt;

    /// <summary>What is believed of a running bake now; null of a finished one.</summary>
    /// <exception cref="ProblemException">404.</exception>
    public async Task<BakeEstimate?> Believed(Guid id, CancellationToken cancel)
    {
        BakeRow bake = await Find(id, cancel);
        return bake.IsLive ? EstimateOf(bake, await Told(bake, cancel)) : null;
    }

    /// <summary>Seconds since the first food of a running bake went in, whatever was done to the wall clock.</summary>
    public double NowS(Guid id, BakeState state) => live.NowS(id, state);

    private async Task<BakeView> View(BakeRow bake, CancellationToken cancel) => View(bake, await Told(bake, cancel));

    private async Task<IReadOnlyList<BakeEvent>> Told(BakeRow bake, CancellationToken cancel)
    {
        if (!bake.IsLive)
        {
            return await book.Events(bake.Id, cancel);
        }

        if (live.Told(bake.Id, bake.LastSeq) is { } known)
        {
            return known;
        }

        IReadOnlyList<BakeEvent> read = await book.Events(bake.Id, cancel);
        live.Remember(bake.Id, read);
        return read;
    }

    private BakeView View(BakeRow bake, IReadOnlyList<BakeEvent> events)
    {
        BakeEstimate estimate = EstimateOf(bake, events);
        BakeView view = BakeViews.Whole(bake, estimate, Now(bake, estimate.State));
        if (view.IsLive)
        {
            views.Keep(view);
        }

        return view;
    }

    private BakeEstimate EstimateOf(BakeRow bake, IReadOnlyList<BakeEvent> events)
    {
        BakeState state = BakeState.Fold(bake.Plan, events);
        return state.IsLive ? live.Estimate(bake, state, Followed(live.NowS(bake.Id, state))) : BakeEstimate.InHindsight(state, bake.Forecast);
    }

    private DateTimeOffset Now(BakeRow bake, BakeState state) => state.IsLive ? state.Clock.Wall(live.NowS(bake.Id, state)) : time.GetUtcNow();

    /// <summary>A forgotten bake is not followed for ever.</summary>
    private static double Followed(double nowS) => Math.Min(nowS, TrayForecaster.LongestBakeS);

    private async Task<BakeRow> Find(Guid id, CancellationToken cancel) =>
        await book.Find(id, cancel) ?? throw ProblemException.NotFound("That bake is not in the book.");

    private async Task<BakeRow> FindFinished(Guid id, CancellationToken cancel)
    {
        BakeRow bake = await Find(id, cancel);
        return bake.IsLive ? throw ProblemException.Conflict("id", "That bake is still running; finish it first.") : bake;
    }
}
