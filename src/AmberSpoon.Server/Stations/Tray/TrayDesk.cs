using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Heat.Solving;
using AmberSpoon.Core.Households;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Core.Trays.Together;
using AmberSpoon.Core.Trays.Ways;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Mixes;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>
/// Works on the household's trays: every change waits its turn, is checked and answered before it is stored, and is then told
/// to all open pages. Questions change nothing.
/// </summary>
internal sealed class TrayDesk(
    TrayShelf shelf, Knowledge knowledge, HouseholdShelf households, MixBook mixes, CommandBook commands, Turns turns, TrayPlanner planner, TrayAnswers answers, AnswerCheck check, IValidator<TrayPlanRequest> validator, KitchenNews news)
{
    /// <summary>Taken to make the first tray, so that two pages that open an empty kitchen share one.</summary>
    private const string FirstTray = "first tray";

    /// <summary>The tray being worked on; an empty one is made where there is none.</summary>
    public async Task<TrayRow> Current(CancellationToken cancel)
    {
        if (await shelf.Current(cancel) is { } row)
        {
            return row;
        }

        using IDisposable turn = await turns.Of(FirstTray, cancel);
        return await shelf.Current(cancel) ?? await shelf.Add(await EmptyPlan(cancel), cancel);
    }

    /// <exception cref="ProblemException">404 where there is no such tray.</exception>
    public async Task<TrayRow> Find(int id, CancellationToken cancel) =>
        await shelf.Find(id, cancel) ?? throw ProblemException.NotFound("That tray is not on the shelf.");

    public async Task<TrayView> View(CancellationToken cancel) => View(await Current(cancel), await Kitchen(cancel));

    public async Task<TrayView> View(int id, CancellationToken cancel) => View(await Find(id, cancel), await Kitchen(cancel));

    /// <summary>What follows from a tray's plan; null while it is empty, and where nothing can be worked out of what is stored.</summary>
    public TrayComputed? Computed(TrayRow row) => Answered(row).Computed;

    /// <summary>
    /// The same, with the reason where there is none: what was stored by an earlier build, restored or learnt must not take the page
    /// away on which it could be changed.
    /// </summary>
    public (TrayComputed? Computed, string? Trouble) Answered(TrayRow row)
    {
        if (row.Plan.IsEmpty)
        {
            return (null, null);
        }

        try
        {
            return (answers.Of(row), null);
        }
        catch (Exception failed) when (StoredTrouble.Of(failed) is not null)
        {
            return (null, StoredTrouble.Of(failed));
        }
    }

    public async Task<TrayView> Save(int id, TrayPlanRequest request, CommandHead head, CancellationToken cancel)
    {
        Func<TrayPlan, TrayPlan> named = await mixes.Naming(cancel);
        return await Change(
            id,
            head,
            row =>
            {
                validator.Require(request);
                return named(request.ToPlan()) with { Repeats = row.Plan.Repeats };
            },
            cancel);
    }

    /// <summary>One stack of coats on some of a tray's lots.</summary>
    public async Task<TrayView> Coat(int id, CoatsRequest request, CommandHead head, CancellationToken cancel)
    {
        Func<TrayPlan, TrayPlan> named = await mixes.Naming(cancel);
        return await Change(id, head, row => named(request.On(planner.WithoutPastDinner(row.Plan))), cancel);
    }

    /// <summary>A school's steps in place of the plan's own.</summary>
    public Task<TrayView> Tend(int id, TendingRequest request, CommandHead head, CancellationToken cancel) => Change(
        id,
        head,
        row =>
        {
            RequireFood(row);
            TendingSchool school = request.ToSchool();
            return WhereDone(planner.WithoutPastDinner(row.Plan), plan => SchoolSteps.Adopt(plan, school));
        },
        cancel);

    /// <summary>A change another station makes; without a dinner that has passed.</summary>
    public Task<TrayView> ChangePlan(int id, CommandHead head, Func<TrayPlan, TrayPlan> change, CancellationToken cancel) =>
        Change(id, head, row => change(planner.WithoutPastDinner(row.Plan)), cancel);

    public async Task<TrayView> New(CommandHead head, CancellationToken cancel) => await Made(await EmptyPlan(cancel), head, cancel);

    private async Task<TrayPlan> EmptyPlan(CancellationToken cancel) => EmptyTray.Of((await households.Stored(cancel)).Household);

    public async Task<TrayView> Duplicate(int id, CommandHead head, CancellationToken cancel)
    {
        TrayPlan plan = (await Find(id, cancel)).Plan;
        string name = plan.Name.Length + 7 <= TrayPlanLimits.LongestName ? $"{plan.Name}, again" : plan.Name;
        return await Made(plan with { Name = name, EatAt = null }, head, cancel);
    }

    /// <summary>A bake of the log on a tray of its own, for dinner at another time: what follows is computed by what is known today.</summary>
    public async Task<TrayView> Again(Guid bake, TrayPlan baked, CommandHead head, CancellationToken cancel)
    {
        Household household = await Kitchen(cancel);

        // The oven as the kitchen has it now: a known offset may have been found since.
        HouseOven? oven = baked.Oven is { } then ? household.Ovens.FirstOrDefault(own => own.Name == then.Name) ?? then : null;
        return await Made(await knowledge.On(baked with { EatAt = null, Oven = oven, Repeats = bake }, cancel), head, cancel);
    }

    public Task<TrayView> Open(int id, CommandHead head, CancellationToken cancel) => Step(id, head, row => shelf.Open(row, cancel), cancel);

    /// <returns>The tray that is worked on afterwards.</returns>
    public async Task<TrayView> Archive(int id, CommandHead head, CancellationToken cancel)
    {
        await Step(id, head, row => shelf.Archive(row, cancel), cancel);
        return await View(cancel);
    }

    public Task<TrayView> Undo(int id, CommandHead head, CancellationToken cancel) => Step(
        id,
        head,
        async row => _ = await shelf.Undo(row, cancel) ? true : throw ProblemException.Conflict("id", "There is nothing left to undo."),
        cancel);

    public Task<TrayView> Redo(int id, CommandHead head, CancellationToken cancel) => Step(
        id,
        head,
        async row => _ = await shelf.Redo(row, cancel) ? true : throw ProblemException.Conflict("id", "There is nothing to do again."),
        cancel);

    public async Task<TrayList> List(CancellationToken cancel) => new([.. (await shelf.All(cancel)).Select(row => new TrayListed(
        row.Id, row.Plan.Name, row.Plan.Count, [.. row.Plan.Chicken.Select(lot => lot.Cut)], [.. row.Plan.Vegetables.Select(lot => lot.Kind)], row.SavedAt, row.ArchivedAt is not null))]);

    /// <exception cref="ProblemException">400 with the field, or where this oven never gets there.</exception>
    public async Task<ForecastView> Forecast(TrayPlanRequest request, CancellationToken cancel)
    {
        validator.Require(request);
        TrayPlan plan = await knowledge.On(request.ToPlan(), cancel);
        return plan.IsEmpty
            ? throw ProblemException.InvalidField("chicken", "Put something on the tray first.")
            : check.Require(Asker.WhileWaiting(() => ForecastView.Of(TrayPlanner.Forecast(plan)), cancel), "chicken");
    }

    /// <summary>The heaviest piece of a lot cut open, minute by minute, as planned.</summary>
    /// <param name="id">Which tray.</param>
    /// <param name="lot">Which lot; null for the one that leads.</param>
    /// <param name="cancel">Ends it.</param>
    /// <exception cref="ProblemException">404.</exception>
    public async Task<SectionFilm> Section(int id, int? lot, CancellationToken cancel)
    {
        TrayComputed computed = Computed(await Find(id, cancel)) ?? throw ProblemException.NotFound("There is nothing on the tray to cut open.");
        LotForecast shown = computed.Forecast.Lots.FirstOrDefault(other => other.Lot == (lot ?? computed.Forecast.Lead))
            ?? throw ProblemException.NotFound("That lot is not on the tray.");
        return Asker.WhileWaiting(() => TraySections.Film(computed.Plan, new LotSettings(computed.Plan, computed.Layout), shown, computed.Forecast.EatMinutes), cancel);
    }

    public async Task<TogetherView> Together(int id, CancellationToken cancel)
    {
        TrayRow row = await FindWithFood(id, cancel);
        return new(row.Version, Asker.WhileWaiting(() => WhereDone(row.Plan, FinishPlanner.Propose), cancel));
    }

    public async Task<IReadOnlyList<WayReport>> Compare(int id, CompareRequest request, CancellationToken cancel)
    {
        TrayRow row = await FindWithFood(id, cancel);
        ReadyWay[] ways = [.. request.Ways!.Select(way => ReadyWays.Find(way)!)];
        return Asker.WhileWaiting(() => WayComparer.Compare(row.Plan, ways), cancel);
    }

    public async Task<RecipeOutcome> CheckRecipe(int id, RecipeRequest request, CancellationToken cancel)
    {
        TrayRow row = await FindWithFood(id, cancel);
        return Asker.WhileWaiting(() => RecipeCheck.Of(
            row.Plan, request.Oven!.ToEntered(), request.Minutes!.Value, [.. (request.Then ?? []).Select(stage => stage.ToStage())]), cancel);
    }

    private async Task<TrayView> Change(int id, CommandHead head, Func<TrayRow, TrayPlan> change, CancellationToken cancel)
    {
        using IDisposable turn = await turns.Of(TurnOf(id), cancel);
        TrayRow row = await Find(id, cancel);
        Household household = await Kitchen(cancel);
        if (await commands.Done(head.CommandId, cancel) is null)
        {
            RequireSeen(head, row);
            TrayPlan wanted = await knowledge.On(Asker.WhileWaiting(() => change(row), cancel), cancel);
            TrayComputed? computed = Asker.WhileWaiting(() => planner.Answer(wanted, household.Units()), cancel);
            TrayPlan plan = computed?.Plan ?? (wanted with { Spots = [] });
            check.Require(computed, "chicken");
            await commands.Once(
                head.CommandId,
                async () =>
                {
                    await shelf.Save(row, plan, cancel);
                    return id;
                },
                cancel);
            if (computed is not null)
            {
                answers.Keep(row);
            }

            await news.TrayChanged(id, row.Version);
        }

        return View(row, household);
    }

    private async Task<TrayView> Step(int id, CommandHead head, Func<TrayRow, Task> step, CancellationToken cancel)
    {
        using IDisposable turn = await turns.Of(TurnOf(id), cancel);
        TrayRow row = await Find(id, cancel);
        Household household = await Kitchen(cancel);
        if (await commands.Done(head.CommandId, cancel) is null)
        {
            RequireSeen(head, row);
            await commands.Once(
                head.CommandId,
                async () =>
                {
                    await step(row);
                    return id;
                },
                cancel);
            await news.TrayChanged(id, row.Version);
        }

        return View(row, household);
    }

    private async Task<TrayView> Made(TrayPlan plan, CommandHead head, CancellationToken cancel)
    {
        int made = await commands.Once(head.CommandId, async () => (await shelf.Add(plan, cancel)).Id, cancel);
        TrayRow row = await Find(made, cancel);
        await news.TrayChanged(row.Id, row.Version);
        return View(row, await Kitchen(cancel));
    }

    private TrayView View(TrayRow row, Household household)
    {
        (TrayComputed? computed, string? trouble) = Answered(row);
        return planner.View(row, computed, household) with { Trouble = trouble };
    }

    private async Task<Household> Kitchen(CancellationToken cancel) => (await households.Stored(cancel)).Household;

    private void RequireSeen(CommandHead head, TrayRow row) => head.RequireSeen(
        row.Version,
        $"“{row.Plan.Name}”",
        seen => answers.PlanOf(row.Id, seen) is { } before ? PlanChanges.Between(before, row.Plan) : []);

    private static string TurnOf(int id) => FormattableString.Invariant($"tray {id}");

    private async Task<TrayRow> FindWithFood(int id, CancellationToken cancel)
    {
        TrayRow row = await Find(id, cancel);
        RequireFood(row);
        return row;
    }

    private static void RequireFood(TrayRow row)
    {
        if (row.Plan.IsEmpty)
        {
            throw ProblemException.InvalidField("chicken", "Put something on the tray first.");
        }
    }

    private static TResult WhereDone<TResult>(TrayPlan plan, Func<TrayPlan, TResult> compute)
    {
        try
        {
            return compute(plan);
        }
        catch (LotNeverDoneException never)
        {
            throw TrayPlanner.NeverDone(plan, never);
        }
    }
}
