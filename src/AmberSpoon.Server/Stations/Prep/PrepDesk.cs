using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Scaling;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Prep;

/// <summary>Works at the counter: every change is checked, stored, and then told to all open pages.</summary>
internal sealed class PrepDesk(
    PrepShelf shelf, TrayDesk trays, PrepPlanner planner, IValidator<PrepRequest> prepRules, IValidator<MixRequest> mixRules, KitchenNews news, TimeProvider time)
{
    private const string OwnPrefix = "own-";

    public static string OwnId(int id) => FormattableString.Invariant($"{OwnPrefix}{id}");

    public async Task<PrepView> View(CancellationToken cancel)
    {
        TrayRow tray = await trays.Current(cancel);
        return planner.View(tray, await shelf.Choice(tray.Id, cancel), await shelf.Measures(cancel), await Listed(cancel));
    }

    public async Task<PrepView> Save(int trayId, PrepRequest request, CancellationToken cancel)
    {
        TrayRow tray = await trays.Find(trayId, cancel);
        prepRules.Require(request);
        IReadOnlyList<MixListed> mixes = await Listed(cancel);
        if (request.Mix is { } id && mixes.All(listed => listed.Id != id))
        {
            throw ProblemException.InvalidField("mix", "That mix is not there any more. Choose another.");
        }

        PrepChoice choice = await shelf.Change(trayId, now => request.ToChoice(now.Done), cancel);
        await news.Changed(KitchenTopic.Prep, cancel);
        return planner.View(tray, choice, await shelf.Measures(cancel), mixes);
    }

    /// <summary>Ticks a step off, or takes the tick away; a key that is gone from the plan is let be.</summary>
    public async Task<PrepView> Tick(int trayId, TickRequest request, CancellationToken cancel)
    {
        await trays.Find(trayId, cancel);
        if (request.Key is not { Length: > 0 and <= 60 } key)
        {
            throw ProblemException.InvalidField("key", "Say which step.");
        }

        await shelf.Change(
            trayId,
            now =>
            {
                string[] others = [.. now.Done.Where(done => done != key).TakeLast(PrepLimits.MostTicks - 1)];
                return now with { Done = request.Done == true ? [.. others, key] : others };
            },
            cancel);
        await news.Changed(KitchenTopic.Prep, cancel);
        return await View(cancel);
    }

    /// <summary>Takes all ticks away: the work begins anew.</summary>
    public async Task<PrepView> ClearTicks(int trayId, CancellationToken cancel)
    {
        await trays.Find(trayId, cancel);
        await shelf.Change(trayId, now => now with { Done = [] }, cancel);
        await news.Changed(KitchenTopic.Prep, cancel);
        return await View(cancel);
    }

    /// <summary>Plans the tray with the coating that the chosen mix makes; the tray's own undo takes it back.</summary>
    public async Task<PrepView> CoatTray(int trayId, CancellationToken cancel)
    {
        TrayRow tray = await trays.Find(trayId, cancel);
        PrepChoice choice = await shelf.Choice(trayId, cancel);
        if ((await Listed(cancel)).FirstOrDefault(listed => listed.Id == choice.Mix) is not { } chosen || MixKinds.CoatingOf(chosen.Mix.Kind) is not { } coating)
        {
            throw ProblemException.InvalidField("mix", "Choose a mix that goes on the meat first.");
        }

        await trays.SavePlan(tray, plan => plan with { Chicken = [.. plan.Chicken.Select(lot => lot with { Coating = coating })] }, cancel);
        await news.Changed(KitchenTopic.Prep, cancel);
        return await View(cancel);
    }

    public async Task<PrepView> SetMeasures(MeasuresRequest request, CancellationToken cancel)
    {
        if (request.Spoons is not { } spoons || !Enum.IsDefined(spoons) || (request.Scale is { } scale && !Enum.IsDefined(scale)))
        {
            throw ProblemException.InvalidField("spoons", TrayPlanValidator.Choose);
        }

        await shelf.Save(new KitchenMeasures(spoons, request.Scale, request.HasJug ?? false), cancel);
        await news.Changed(KitchenTopic.Prep, cancel);
        return await View(cancel);
    }

    public async Task<MixListed> AddMix(MixRequest request, CancellationToken cancel)
    {
        mixRules.Require(request);
        MixRow row = await shelf.Add(request.ToMix(), cancel);
        await news.Changed(KitchenTopic.Prep, cancel);
        return Own(row);
    }

    public async Task<MixListed> ChangeMix(int id, MixRequest request, CancellationToken cancel)
    {
        MixRow row = await FindMix(id, cancel);
        mixRules.Require(request);
        await shelf.Change(row, request.ToMix(), cancel);
        await news.Changed(KitchenTopic.Prep, cancel);
        return Own(row);
    }

    public async Task DeleteMix(int id, CancellationToken cancel)
    {
        await shelf.Delete(await FindMix(id, cancel), cancel);
        await news.Changed(KitchenTopic.Prep, cancel);
    }

    public async Task<MarinadesView> Marinades(CancellationToken cancel) => new(
        [.. (await shelf.Running(cancel)).Select(row => new RunningMarinade(
            row.Id, row.TrayName, row.MixName, new(row.StartedAt, row.TurnAt, row.ReadyAt, row.LatestAt), row.TurnedAt, row.Place == MarinadePlace.Counter))],
        time.GetUtcNow());

    /// <summary>The meat of a tray goes into its marinade now.</summary>
    public async Task<MarinadesView> StartMarinade(int trayId, CancellationToken cancel)
    {
        TrayRow tray = await trays.Find(trayId, cancel);
        PrepChoice choice = await shelf.Choice(trayId, cancel);
        PrepView view = planner.View(tray, choice, await shelf.Measures(cancel), await Listed(cancel));
        if (view is not { Mix: { } mix, Marinade: { } marinade, Meat.Pieces: > 0 })
        {
            throw ProblemException.InvalidField("mix", "Choose a marinade or a rub, a length of time, and put chicken on the tray first.");
        }

        if (choice.FrozenMm is not null)
        {
            throw ProblemException.InvalidField("frozen", "The meat is still frozen. Let it thaw in the fridge first, then say that it is not frozen any more.");
        }

        await shelf.Start(
            new()
            {
                TrayName = view.TrayName,
                MixName = mix.Mix.Name,
                Place = choice.Place,
                StartedAt = marinade.Times.StartedAt,
                TurnAt = marinade.Times.TurnAt,
                ReadyAt = marinade.Times.ReadyAt,
                LatestAt = marinade.Times.LatestAt,
            },
            cancel);
        await news.Changed(KitchenTopic.Marinades, cancel);
        return await Marinades(cancel);
    }

    public Task<MarinadesView> TurnMarinade(int id, CancellationToken cancel) => WithMarinade(id, shelf.Turn, cancel);

    public Task<MarinadesView> EndMarinade(int id, CancellationToken cancel) => WithMarinade(id, shelf.End, cancel);

    public async Task<IReadOnlyList<MixListed>> Listed(CancellationToken cancel) =>
    [
        .. (await shelf.Mixes(cancel)).Select(Own),
        .. MixLibrary.All.Select(ready => new MixListed(ready.Id, ready.Mix, IsOwn: false)),
    ];

    private async Task<MarinadesView> WithMarinade(int id, Func<MarinadeRow, CancellationToken, Task> change, CancellationToken cancel)
    {
        await change(await shelf.FindMarinade(id, cancel) ?? throw ProblemException.NotFound("That marinade is not running."), cancel);
        await news.Changed(KitchenTopic.Marinades, cancel);
        return await Marinades(cancel);
    }

    private async Task<MixRow> FindMix(int id, CancellationToken cancel) =>
        await shelf.FindMix(id, cancel) ?? throw ProblemException.NotFound("That mix is not there any more.");

    private static MixListed Own(MixRow row) => new(OwnId(row.Id), row.Mix, IsOwn: true);
}
