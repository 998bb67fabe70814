using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Core.Trays.Together;
using AmberSpoon.Core.Trays.Ways;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>Works on the household's trays: every change is checked and answered before it is stored, and then told to all open pages.</summary>
internal sealed class TrayDesk(TrayShelf shelf, TrayPlanner planner, IValidator<TrayPlanRequest> validator, KitchenNews news)
{
    /// <summary>The tray being worked on; an empty one is made where there is none.</summary>
    public async Task<TrayRow> Current(CancellationToken cancel) => await shelf.Current(cancel) ?? await shelf.Add(EmptyTray.Plan, cancel);

    /// <exception cref="ProblemException">404 where there is no such tray.</exception>
    public async Task<TrayRow> Find(int id, CancellationToken cancel) =>
        await shelf.Find(id, cancel) ?? throw ProblemException.NotFound("That tray is not on the shelf.");

    public async Task<TrayView> View(CancellationToken cancel) => planner.View(await Current(cancel));

    public async Task<TrayView> Save(int id, TrayPlanRequest request, CancellationToken cancel)
    {
        TrayRow row = await Find(id, cancel);
        validator.Require(request);
        return await Save(row, request.ToPlan(), cancel);
    }

    /// <summary>A school's steps in place of the plan's own.</summary>
    public async Task<TrayView> Tend(int id, TendingRequest request, CancellationToken cancel)
    {
        TrayRow row = await Find(id, cancel);
        RequireFood(row);
        TendingSchool school = request.ToSchool();
        return await Save(row, Computed(planner.WithoutPastDinner(row.Plan), plan => SchoolSteps.Adopt(plan, school)), cancel);
    }

    public async Task<TrayView> New(CancellationToken cancel) => await Shown(await shelf.Add(EmptyTray.Plan, cancel), cancel);

    public async Task<TrayView> Duplicate(int id, CancellationToken cancel)
    {
        TrayPlan plan = (await Find(id, cancel)).Plan;
        string name = plan.Name.Length + 7 <= TrayPlanLimits.LongestName ? $"{plan.Name}, again" : plan.Name;
        return await Shown(await shelf.Add(plan with { Name = name, EatAt = null }, cancel), cancel);
    }

    public async Task<TrayView> Open(int id, CancellationToken cancel)
    {
        TrayRow row = await Find(id, cancel);
        await shelf.Open(row, cancel);
        return await Shown(row, cancel);
    }

    /// <returns>The tray that is worked on afterwards.</returns>
    public async Task<TrayView> Archive(int id, CancellationToken cancel)
    {
        await shelf.Archive(await Find(id, cancel), cancel);
        return await Shown(await Current(cancel), cancel);
    }

    public async Task<TrayView> Undo(int id, CancellationToken cancel)
    {
        TrayRow row = await Find(id, cancel);
        return await shelf.Undo(row, cancel) ? await Shown(row, cancel) : throw ProblemException.Conflict("id", "There is nothing left to undo.");
    }

    public async Task<TrayView> Redo(int id, CancellationToken cancel)
    {
        TrayRow row = await Find(id, cancel);
        return await shelf.Redo(row, cancel) ? await Shown(row, cancel) : throw ProblemException.Conflict("id", "There is nothing to do again.");
    }

    public async Task<TrayList> List(CancellationToken cancel) => new([.. (await shelf.All(cancel)).Select(row => new TrayListed(
        row.Id, row.Plan.Name, row.Plan.Count, [.. row.Plan.Chicken.Select(lot => lot.Cut)], [.. row.Plan.Vegetables.Select(lot => lot.Kind)], row.SavedAt, row.ArchivedAt is not null))]);

    public async Task<TogetherView> Together(CancellationToken cancel)
    {
        TrayRow row = await Current(cancel);
        RequireFood(row);
        IReadOnlyList<FinishProposal> proposals = Computed(row.Plan, FinishPlanner.Propose);
        return new(row.Version, proposals);
    }

    public async Task<IReadOnlyList<WayReport>> Compare(CompareRequest request, CancellationToken cancel)
    {
        TrayRow row = await Current(cancel);
        RequireFood(row);
        if (request.Ways is not { Count: >= WayComparer.Fewest and <= WayComparer.Most } ids || ids.Distinct().Count() != ids.Count)
        {
            throw ProblemException.InvalidField("ways", $"Choose {WayComparer.Fewest} to {WayComparer.Most} different ways.");
        }

        ReadyWay[] ways = [.. ids.Select(id => ReadyWays.Find(id) ?? throw ProblemException.InvalidField("ways", "That is not one of the ways."))];
        return WayComparer.Compare(row.Plan, ways);
    }

    public async Task<RecipeOutcome> CheckRecipe(RecipeRequest request, CancellationToken cancel)
    {
        TrayRow row = await Current(cancel);
        RequireFood(row);
        return RecipeCheck.Of(row.Plan, request.RequireOven(), request.RequireMinutes());
    }

    /// <summary>A change another station makes; without a dinner that has passed.</summary>
    public Task<TrayView> SavePlan(TrayRow row, Func<TrayPlan, TrayPlan> change, CancellationToken cancel) =>
        Save(row, change(planner.WithoutPastDinner(row.Plan)), cancel);

    private async Task<TrayView> Save(TrayRow row, TrayPlan wanted, CancellationToken cancel)
    {
        (TrayPlan plan, TrayAnswer? answer) = planner.Answer(wanted);
        await shelf.Save(row, plan, cancel);
        await news.Changed(KitchenTopic.Tray, cancel);
        return new(row.Id, plan, row.Version, row.CanUndo, row.CanRedo, answer, EatAtHasPassed: false, planner.Now);
    }

    private async Task<TrayView> Shown(TrayRow row, CancellationToken cancel)
    {
        await news.Changed(KitchenTopic.Tray, cancel);
        return planner.View(row);
    }

    private static void RequireFood(TrayRow row)
    {
        if (row.Plan.IsEmpty)
        {
            throw ProblemException.InvalidField("chicken", "Put something on the tray first.");
        }
    }

    private static TResult Computed<TResult>(TrayPlan plan, Func<TrayPlan, TResult> compute)
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
