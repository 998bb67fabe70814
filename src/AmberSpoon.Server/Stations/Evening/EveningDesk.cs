using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Evenings.Scheduling;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Prep;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Trays;
using AmberSpoon.Formats.Calendars;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Bakes;
using AmberSpoon.Server.Stations.Mixes;
using AmberSpoon.Server.Stations.Prep;
using AmberSpoon.Server.Stations.Tray;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Evening;

/// <summary>Works evenings back from dinner: what was decided is checked, stored and told to all open pages; the rest is worked out when asked.</summary>
internal sealed class EveningDesk(
    EveningShelf shelf,
    PrepShelf preps,
    HouseholdShelf households,
    MixBook mixes,
    CommandBook commands,
    Turns turns,
    TrayDesk trays,
    TrayShelf allTrays,
    BakeDesk bakes,
    BakeBook book,
    SideTimes sideTimes,
    FasterTrayBook faster,
    Knowledge knowledge,
    IValidator<EveningRequest> rules,
    AskersClock clock,
    KitchenNews news,
    TimeProvider time)
{
    /// <summary>What is later than so long after dinner is of no use here.</summary>
    private const int AfterDinnerHours = 1;

    /// <summary>Where nobody said when dinner is, so long from now is looked at.</summary>
    private const int TonightHours = 6;

    private static readonly TimeSpan ReadWithin = TimeSpan.FromSeconds(8);

    /// <summary>So many other evenings are looked at.</summary>
    private const int MostOthers = 3;

    public async Task<EveningView> View(CancellationToken cancel) => await View(await trays.Current(cancel), cancel);

    public async Task<EveningView> View(int trayId, CancellationToken cancel) => await View(await trays.Find(trayId, cancel), cancel);

    public async Task<EveningView> Save(int trayId, EveningRequest request, CommandHead head, CancellationToken cancel)
    {
        rules.Require(request);
        return await Change(trayId, head, now => request.ToChoice(now.Done) with { Away = now.Away }, cancel);
    }

    /// <summary>A task was done, or the tick is taken back; with it the steps at the counter that it is made of.</summary>
    public async Task<EveningView> Done(int trayId, DoneRequest request, CommandHead head, CancellationToken cancel)
    {
        if (request.Key is not { Length: > 0 and <= EveningValidator.LongestKey } key)
        {
            throw ProblemException.InvalidField("key", "Say which task was done.");
        }

        TrayRow tray = await trays.Find(trayId, cancel);
        EveningAsk? ask = trays.Computed(tray) is null ? null : await Ask(tray, await Kitchen(cancel), cancel);
        string[] steps = ask is null ? [] : [.. EveningTasks.Of(ask).Where(task => task.Key == key).SelectMany(task => task.Steps).Select(step => step.Key)];
        bool isDone = request.Done != false;
        DateTimeOffset at = time.GetUtcNow();
        TaskSpan? took = ask is null || !isDone ? null : Readying.Took(ask, key, at, tray.Plan.EatAt);
        return await Change(
            trayId,
            head,
            now => now with { Done = [.. now.Done.Where(done => done.Key != key).TakeLast(EveningChoice.MostDone - 1), .. isDone ? [new DoneTask(key, at) { Took = took }] : Array.Empty<DoneTask>()] },
            cancel,
            async () =>
            {
                if (steps.Length > 0)
                {
                    await preps.Change(trayId, choice => choice with { Done = [.. choice.Done.Except(steps).TakeLast(PrepLimits.MostTicks - steps.Length), .. isDone ? steps : []] }, cancel);
                    await news.Changed(KitchenTopic.Prep);
                }
            });
    }

    /// <summary>The evening begins anew: all ticks are gone, at the counter too.</summary>
    public Task<EveningView> Anew(int trayId, CommandHead head, CancellationToken cancel) => Change(
        trayId,
        head,
        now => now with { Done = [] },
        cancel,
        async () =>
        {
            await preps.Change(trayId, choice => choice with { Done = [] }, cancel);
            await news.Changed(KitchenTopic.Prep);
        });

    /// <summary>Dinner is at another time, and everything with it.</summary>
    public async Task<EveningView> Dinner(int trayId, DinnerRequest request, CommandHead head, CancellationToken cancel)
    {
        if (request.RestMinutes is not (null or (>= 0 and <= TrayPlanLimits.LongestRestMinutes)))
        {
            throw ProblemException.InvalidField("restMinutes", $"Rest for 0 to {TrayPlanLimits.LongestRestMinutes} minutes.");
        }

        await trays.ChangePlan(trayId, head, plan => plan with { EatAt = request.EatAt, RestMinutes = request.RestMinutes ?? plan.RestMinutes }, cancel);
        return await View(trayId, cancel);
    }

    /// <summary>
    /// When its cook is elsewhere, by a calendar of theirs; what was read before is replaced. A dinner of ours that was moved in that calendar
    /// moves here, too.
    /// </summary>
    /// <exception cref="ProblemException">400 where it is none; nothing is kept.</exception>
    public async Task<EveningView> FromCalendar(int trayId, CalendarRequest request, CommandHead head, CancellationToken cancel)
    {
        DateTimeOffset now = time.GetUtcNow();
        TrayRow tray = await trays.Find(trayId, cancel);
        DateTimeOffset until = tray.Plan.EatAt is { } asked && asked > now ? asked.AddHours(AfterDinnerHours) : now.AddHours(TonightHours);
        IReadOnlyList<CalendarSpan> spans;
        try
        {
            // A stubborn calendar must not hold anybody up.
            spans = await Task.Run(() => CalendarReader.Read(request.Text ?? string.Empty, now, until, clock.Offset), cancel).WaitAsync(ReadWithin, cancel);
        }
        catch (CalendarException refused)
        {
            throw ProblemException.InvalidField("text", refused.Message);
        }
        catch (TimeoutException)
        {
            throw ProblemException.InvalidField("text", "That calendar takes too long to follow: save one month of it.");
        }

        string dinner = EveningEvents.UidOf(trayId, EveningTasks.EatKey);
        if (spans.FirstOrDefault(span => span.Uid == dinner) is { } moved && moved.BeginsAt != tray.Plan.EatAt)
        {
            await trays.ChangePlan(trayId, new CommandHead(), plan => plan with { EatAt = moved.BeginsAt }, cancel);
        }

        AwaySpan[] away = [.. spans.Where(span => !EveningEvents.IsOurs(span.Uid)).Take(EveningChoice.MostAway).Select(span => new AwaySpan(span.Title, span.BeginsAt, span.EndsAt))];
        return await Change(trayId, head, choice => choice with { Away = away }, cancel);
    }

    /// <summary>Nobody is elsewhere after all.</summary>
    public Task<EveningView> Here(int trayId, CommandHead head, CancellationToken cancel) => Change(trayId, head, choice => choice with { Away = [] }, cancel);

    /// <summary>What an evening's calendar is made of.</summary>
    /// <exception cref="ProblemException">404 for a tray that is not there; 409 for one with nothing on it.</exception>
    public async Task<(EveningView View, int TrayVersion)> ForCalendar(int trayId, CancellationToken cancel)
    {
        TrayRow tray = await trays.Find(trayId, cancel);
        EveningView view = await View(tray, cancel);
        return view.EatAt is null ? throw ProblemException.Conflict("trayId", "There is nothing on this tray yet: an evening begins with what is eaten.") : (view, tray.Version);
    }

    private async Task<EveningView> Change(int trayId, CommandHead head, Func<EveningChoice, EveningChoice> change, CancellationToken cancel, Func<Task>? besides = null)
    {
        using IDisposable turn = await turns.Of(FormattableString.Invariant($"evening {trayId}"), cancel);
        TrayRow tray = await trays.Find(trayId, cancel);
        (_, int version) = await shelf.Decided(trayId, cancel);
        if (await commands.Done(head.CommandId, cancel) is null)
        {
            head.RequireSeen(version, "This evening", _ => []);
            await commands.Once(
                head.CommandId,
                async () =>
                {
                    await shelf.Change(trayId, change, cancel);
                    await (besides?.Invoke() ?? Task.CompletedTask);
                    return trayId;
                },
                cancel);
            await news.Changed(KitchenTopic.Evening);
        }

        return await View(tray, cancel);
    }

    private async Task<EveningView> View(TrayRow tray, CancellationToken cancel)
    {
        DateTimeOffset now = time.GetUtcNow();
        (EveningChoice choice, int version) = await shelf.Decided(tray.Id, cancel);
        KnownKitchen known = await Kitchen(cancel);
        (TrayComputed? computed, string? trouble) = trays.Answered(tray);
        if (computed is null)
        {
            return EveningViews.Empty(tray, choice, version, now, trouble);
        }

        BakeView? bake = (await bakes.Live(cancel)).Bakes.FirstOrDefault(live => live.TrayId == tray.Id);
        EveningAsk ask = (await Ask(tray, known, cancel)) with { OvenLeads = bake is not null };
        DateTimeOffset? wanted = bake is null ? tray.Plan.EatAt is { } eatAt && eatAt > now ? eatAt : null : bake.Next?.FirstOrDefault(next => next.Kind == Core.Acts.ActKind.Eat)?.DueAt;
        (IReadOnlyList<OtherEvening> others, IReadOnlyList<(DateTimeOffset From, DateTimeOffset To)> busy) = await Others(tray.Id, known, now, cancel);
        EveningPlan plan = EveningPlanner.Plan(ask, now, wanted);
        busy = [.. busy, .. choice.Away.Where(away => away.To > now).Select(away => (away.From, away.To))];
        if (busy.Count > 0)
        {
            DateTimeOffset eats = plan.EatAt;
            ask = ask with { Elsewhere = [.. busy.Where(span => span.From < eats).Select(span => ((int)Math.Ceiling((eats - span.From).TotalMinutes), (int)Math.Floor((eats - span.To).TotalMinutes)))] };
            plan = EveningPlanner.Plan(ask, now, wanted);
        }

        return EveningViews.Of(tray, ask, plan, version, bake, others, sideTimes, faster, await knowledge.Of(tray.Plan.Oven, cancel), known.Household.Units(), now.ToOffset(clock.Told ?? tray.Plan.EatAt?.Offset ?? TimeSpan.Zero));
    }

    /// <summary>What other trays still ask of the cook's hands.</summary>
    private async Task<(IReadOnlyList<OtherEvening> Others, IReadOnlyList<(DateTimeOffset From, DateTimeOffset To)> Busy)> Others(int trayId, KnownKitchen known, DateTimeOffset now, CancellationToken cancel)
    {
        var others = new List<OtherEvening>();
        var busy = new List<(DateTimeOffset From, DateTimeOffset To)>();
        foreach (TrayRow tray in (await allTrays.All(cancel)).Where(row => row.Id != trayId && row.ArchivedAt is null && row.Plan.EatAt > now && trays.Computed(row) is not null).OrderBy(row => row.Plan.EatAt).Take(MostOthers))
        {
            if (await book.IsBakedSince(tray.Id, tray.SavedAt, cancel))
            {
                continue;
            }

            EveningPlan plan = EveningPlanner.Plan(await Ask(tray, known, cancel), now, tray.Plan.EatAt);
            TimedTask? next = plan.Tasks.FirstOrDefault(task => task.EndsAt > now && task.Task.Job.Needs.Any(need => need.Resource == Resource.Hands));
            if (next is not null)
            {
                others.Add(new(tray.Id, tray.Plan.Name, plan.EatAt, next.Task.Title, next.BeginsAt));
            }

            busy.AddRange(plan.Tasks.SelectMany(task => task.Task.Job.Needs.Where(need => need.Resource == Resource.Hands).Select(need => (task.BeginsAt.AddMinutes(need.FromMinutes), task.BeginsAt.AddMinutes(need.UntilMinutes)))));
        }

        return (others, busy);
    }

    private async Task<EveningAsk> Ask(TrayRow tray, KnownKitchen known, CancellationToken cancel)
    {
        TrayComputed computed = trays.Computed(tray)!;
        PrepChoice prep = await preps.Choice(tray.Id, cancel);
        (EveningChoice choice, _) = await shelf.Decided(tray.Id, cancel);
        WorkPlan work = PrepPlanner.Work(tray.Plan, prep, known.Mixes, computed.Forecast) with { Units = known.Household.Units() };
        Known learnt = await knowledge.Of(tray.Plan.Oven, cancel);
        var words = new ActWords(tray.Plan, new Dictionary<PieceRef, string>());
        return new(work, prep, computed.Forecast, choice)
        {
            ActName = words.Of,
            LearntPace = learnt.Pace?.Share,
            ThawMinutes = PrepPlanner.ThawMinutes(tray.Plan, prep),
            SideMinutes = sideTimes.Of(choice, tray.Plan, prep.Heads, learnt),
        };
    }

    private async Task<KnownKitchen> Kitchen(CancellationToken cancel) => new((await households.Stored(cancel)).Household, await mixes.Listed(cancel));

    private sealed record KnownKitchen(Household Household, IReadOnlyList<MixListed> Mixes);
}
