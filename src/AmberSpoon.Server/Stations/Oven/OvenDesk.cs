using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Trays;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Oven;

/// <summary>Runs the live bake: every step is stored before it is answered, and then told to all open pages.</summary>
internal sealed class OvenDesk(BakeBook book, TrayShelf shelf, LiveEstimates estimates, KitchenNews news, TimeProvider time)
{
    public async Task<OvenView> View(CancellationToken cancel) => View(await book.FindLive(cancel));

    /// <exception cref="ProblemException">409 when a tray is in already, or the tray was changed meanwhile.</exception>
    public async Task<OvenView> Start(int? trayVersion, CancellationToken cancel)
    {
        if (trayVersion is null)
        {
            throw ProblemException.InvalidField("trayVersion", "Say which tray is meant: reload the page and try again.");
        }

        if (await book.FindLive(cancel) is { } live)
        {
            throw AlreadyIn(live.Plan.Name);
        }

        TrayRow tray = await shelf.Current(cancel) ?? throw ProblemException.NotFound("There is no tray yet: plan one first.");
        if (tray.Plan.Chicken.Count == 0)
        {
            throw ProblemException.Conflict("trayVersion", "There is no chicken on this tray: nothing to probe. Add some, or bake the vegetables without the app.");
        }

        if (tray.Version != trayVersion)
        {
            throw ProblemException.Conflict("trayVersion", "The tray was changed on another screen. Look it over, then start again.");
        }

        BakeRow started = await book.Start(tray.Plan, TrayPlanner.Forecast(tray.Plan), cancel) ?? throw AlreadyIn(tray.Plan.Name);
        await news.Changed(KitchenTopic.Oven, cancel);
        return View(started);
    }

    /// <exception cref="ProblemException">400 or 422 from <see cref="CheckReader"/>; 404; 409 when it is finished.</exception>
    public async Task<OvenView> Check(Guid id, CheckRequest request, CancellationToken cancel)
    {
        BakeRow bake = await FindLive(id, cancel);
        IReadOnlyList<Reading> readings = CheckReader.Read(request, bake.Plan.Count);
        DateTimeOffset now = time.GetUtcNow();
        Verdict verdict = Judge.Decide(
            SafetyProfiles.For(bake.Plan.Profile),
            bake.Plan.TargetCore,
            bake.Plan.Count,
            readings,
            LiveEstimates.LatestReadings(bake),
            LiveEstimates.OutlookAfter(bake, readings, now));
        var check = new CheckRow
        {
            At = now,
            Verdict = verdict.Kind,
            Reason = verdict.Reason,
            NextCheckAt = verdict.NextCheckInMinutes is { } minutes ? now.AddMinutes(minutes) : null,
            Note = string.IsNullOrWhiteSpace(request.Note) ? null : request.Note.Trim(),
            Readings = [.. readings.Select(ReadingRow.From)],
        };
        await book.Record(bake, check, cancel);
        await news.Changed(KitchenTopic.Oven, cancel);
        return View(bake);
    }

    /// <exception cref="ProblemException">400 without a place; 404; 409 when it is finished or there already.</exception>
    public async Task<OvenView> Move(Guid id, BakePlace? place, CancellationToken cancel)
    {
        BakeRow bake = await FindLive(id, cancel);
        if (place is not { } to || !Enum.IsDefined(to))
        {
            throw ProblemException.InvalidField("place", "Say where the tray is: oven or worktop.");
        }

        if (bake.Moves[^1].Place == to)
        {
            throw ProblemException.Conflict("place", to == BakePlace.Oven ? "The tray is in the oven already." : "The tray is out already.");
        }

        await book.Move(bake, to, cancel);
        await news.Changed(KitchenTopic.Oven, cancel);
        return View(bake);
    }

    public async Task<OvenView> Finish(Guid id, CancellationToken cancel)
    {
        await book.Finish(await FindLive(id, cancel), cancel);
        await news.Changed(KitchenTopic.Oven, cancel);
        await news.Changed(KitchenTopic.Log, cancel);
        return View(null);
    }

    /// <exception cref="ProblemException">404 when nothing is in the oven.</exception>
    public async Task<SectionFilm> Section(CancellationToken cancel)
    {
        BakeRow live = await book.FindLive(cancel) ?? throw ProblemException.NotFound("Nothing is in the oven.");
        return LiveEstimates.Section(live, estimates.For(live));
    }

    private async Task<BakeRow> FindLive(Guid id, CancellationToken cancel)
    {
        BakeRow bake = await book.Find(id, cancel) ?? throw ProblemException.NotFound("That bake is not in the book.");
        return bake.IsLive ? bake : throw ProblemException.Conflict("id", "That bake is finished; it stands in the log.");
    }

    private OvenView View(BakeRow? bake) =>
        new(bake is null ? null : LiveBakeView.From(bake, estimates.For(bake)), time.GetUtcNow());

    private static ProblemException AlreadyIn(string name) =>
        ProblemException.Conflict("trayVersion", $"“{name}” is already in the oven. Finish it before the next one.");
}
