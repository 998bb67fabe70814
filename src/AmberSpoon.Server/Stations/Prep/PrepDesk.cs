using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Mixes;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Prep;

/// <summary>Works at the counter: every change is checked, stored, and then told to all open pages.</summary>
internal sealed class PrepDesk(
    PrepShelf shelf,
    HouseholdShelf households,
    EveningShelf evenings,
    Knowledge knowledge,
    MixBook mixes,
    CommandBook commands,
    Turns turns,
    TrayDesk trays,
    PrepPlanner planner,
    AnswerCheck check,
    IValidator<PrepRequest> prepRules,
    IValidator<MixRequest> mixRules,
    IValidator<TickRequest> tickRules,
    IValidator<MeasuresRequest> measuresRules,
    KitchenNews news,
    TimeProvider time)
{
    public async Task<PrepView> View(CancellationToken cancel) => await View(await trays.Current(cancel), cancel);

    public async Task<PrepView> Save(int trayId, PrepRequest request, CommandHead head, CancellationToken cancel)
    {
        TrayRow tray = await trays.Find(trayId, cancel);
        prepRules.Require(request);
        return await Change(tray, head, now => request.ToChoice(now.Done), cancel);
    }

    /// <summary>Ticks a step off, or takes the tick away; a key that is gone from the plan is let be.</summary>
    public async Task<PrepView> Tick(int trayId, TickRequest request, CommandHead head, CancellationToken cancel)
    {
        TrayRow tray = await trays.Find(trayId, cancel);
        tickRules.Require(request);
        return await Change(
            tray,
            head,
            now =>
            {
                string[] others = [.. now.Done.Where(done => done != request.Key).TakeLast(PrepLimits.MostTicks - 1)];
                return now with { Done = request.Done == true ? [.. others, request.Key!] : others };
            },
            cancel);
    }

    /// <summary>Takes all ticks away: the work begins anew.</summary>
    public async Task<PrepView> ClearTicks(int trayId, CommandHead head, CancellationToken cancel) =>
        await Change(await trays.Find(trayId, cancel), head, now => now with { Done = [] }, cancel);

    public async Task<PrepView> SetMeasures(MeasuresRequest request, CommandHead head, CancellationToken cancel)
    {
        measuresRules.Require(request);
        await Once(
            head,
            async () =>
            {
                await shelf.Save(new KitchenMeasures(request.Spoons!.Value, request.Scale, request.HasJug ?? false), cancel);
                return 0;
            },
            cancel);
        return await View(cancel);
    }

    public async Task<MixListed> AddMix(MixRequest request, CommandHead head, CancellationToken cancel)
    {
        mixRules.Require(request);
        int made = await Once(head, async () => (await shelf.Add(request.ToMix(), cancel)).Id, cancel);
        return MixBook.Own(await FindMix(made, cancel));
    }

    public async Task<MixListed> ChangeMix(int id, MixRequest request, CommandHead head, CancellationToken cancel)
    {
        using IDisposable turn = await turns.Of($"mix {id}", cancel);
        MixRow row = await FindMix(id, cancel);
        mixRules.Require(request);
        if (await commands.Done(head.CommandId, cancel) is null)
        {
            head.RequireSeen(row.Version, $"“{row.Mix.Name}”", _ => []);
            await Once(
                head,
                async () =>
                {
                    await shelf.Change(row, request.ToMix(), cancel);
                    return id;
                },
                cancel);
        }

        return MixBook.Own(row);
    }

    /// <summary>Throws a mix away; a second time changes nothing.</summary>
    public async Task DeleteMix(int id, CommandHead head, CancellationToken cancel)
    {
        using IDisposable turn = await turns.Of($"mix {id}", cancel);
        if (await commands.Done(head.CommandId, cancel) is null)
        {
            MixRow row = await FindMix(id, cancel);
            head.RequireSeen(row.Version, $"“{row.Mix.Name}”", _ => []);
            await Once(
                head,
                async () =>
                {
                    await shelf.Delete(row, cancel);
                    return id;
                },
                cancel);
        }
    }

    public async Task<MarinadesView> Marinades(CancellationToken cancel) => new(
        [.. (await shelf.Lying(cancel)).Select(row => new RunningMarinade(
            row.Id, row.TrayName, row.MixName, new(row.StartedAt, row.TurnAt, row.ReadyAt, row.LatestAt), row.TurnedAt, row.Place == MarinadePlace.Counter))],
        time.GetUtcNow());

    /// <summary>The meat of a tray goes into one of its marinades now.</summary>
    public async Task<MarinadesView> StartMarinade(int trayId, MarinadeRequest? request, CommandHead head, CancellationToken cancel)
    {
        PrepView view = await View(await trays.Find(trayId, cancel), cancel);
        BowlView[] lying = [.. view.Bowls.Where(bowl => bowl.Marinade is not null && (request?.Mix is null || bowl.Id == request.Mix))];
        if (lying is not [{ Marinade: { } marinade } bowl, ..])
        {
            throw ProblemException.InvalidField("mix", "Plan a marinade or a rub that the meat lies in before the oven, and put chicken on the tray first.");
        }

        if (view.Choice.FrozenMm is not null)
        {
            throw ProblemException.InvalidField("frozen", "The meat is still frozen. Let it thaw in the fridge first, then say that it is not frozen any more.");
        }

        var row = new MarinadeRow
        {
            TrayName = view.TrayName,
            MixName = bowl.Mix.Name,
            Place = view.Choice.Place,
            StartedAt = marinade.Times.StartedAt,
            TurnAt = marinade.Times.TurnAt,
            ReadyAt = marinade.Times.ReadyAt,
            LatestAt = marinade.Times.LatestAt,
        };
        await commands.Once(
            head.CommandId,
            async () =>
            {
                await shelf.Start(row, cancel);
                return row.Id;
            },
            cancel);
        await news.Changed(KitchenTopic.Marinades);
        return await Marinades(cancel);
    }

    public Task<MarinadesView> TurnMarinade(int id, CommandHead head, CancellationToken cancel) => WithMarinade(id, head, shelf.Turn, cancel);

    public Task<MarinadesView> EndMarinade(int id, CommandHead head, CancellationToken cancel) => WithMarinade(id, head, shelf.End, cancel);

    private async Task<PrepView> View(TrayRow tray, CancellationToken cancel)
    {
        (PrepChoice choice, int version) = await shelf.Decided(tray.Id, cancel);
        return await View(tray, choice, version, cancel);
    }

    private async Task<PrepView> View(TrayRow tray, PrepChoice choice, int version, CancellationToken cancel) =>
        planner.View(tray, trays.Computed(tray), choice, version, await shelf.Measures(cancel), await mixes.Listed(cancel), await Pace(tray, cancel), (await households.Stored(cancel)).Household.Units());

    /// <summary>Changes what was decided for a tray, once it is known that it can be answered.</summary>
    private async Task<PrepView> Change(TrayRow tray, CommandHead head, Func<PrepChoice, PrepChoice> change, CancellationToken cancel)
    {
        using IDisposable turn = await turns.Of(FormattableString.Invariant($"prep {tray.Id}"), cancel);
        (PrepChoice now, int version) = await shelf.Decided(tray.Id, cancel);
        if (await commands.Done(head.CommandId, cancel) is not null)
        {
            return await View(tray, now, version, cancel);
        }

        head.RequireSeen(version, "What was decided here", _ => []);
        PrepView view = check.Require(await View(tray, change(now), version + 1, cancel), "body");
        await Once(
            head,
            async () =>
            {
                await shelf.Change(tray.Id, change, cancel);
                return tray.Id;
            },
            cancel);
        return view;
    }

    private async Task<int> Once(CommandHead head, Func<Task<int>> carryOut, CancellationToken cancel)
    {
        int made = await commands.Once(head.CommandId, carryOut, cancel);
        await news.Changed(KitchenTopic.Prep);
        return made;
    }

    private async Task<MarinadesView> WithMarinade(int id, CommandHead head, Func<MarinadeRow, CancellationToken, Task> change, CancellationToken cancel)
    {
        MarinadeRow row = await shelf.FindMarinade(id, cancel) ?? throw ProblemException.NotFound("That marinade is not running.");
        await commands.Once(
            head.CommandId,
            async () =>
            {
                await change(row, cancel);
                return id;
            },
            cancel);
        await news.Changed(KitchenTopic.Marinades);
        return await Marinades(cancel);
    }

    private async Task<MixRow> FindMix(int id, CancellationToken cancel) =>
        await shelf.FindMix(id, cancel) ?? throw ProblemException.NotFound("That mix is not there any more.");

    /// <summary>As the evening reckons: what was chosen for it, or else what was learnt.</summary>
    private async Task<double> Pace(TrayRow tray, CancellationToken cancel) =>
        (await evenings.Decided(tray.Id, cancel)).Choice.PaceBy((await knowledge.Of(tray.Plan.Oven, cancel)).Pace?.Share);
}
