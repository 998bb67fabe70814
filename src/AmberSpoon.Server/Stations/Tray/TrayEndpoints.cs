using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Server.Problems;

namespace AmberSpoon.Server.Stations.Tray;

internal static class TrayEndpoints
{
    public static void MapTray(this IEndpointRouteBuilder routes)
    {
        MapCurrent(routes.MapGroup("/tray").WithTags("Tray"));
        MapShelf(routes.MapGroup("/trays").WithTags("Tray"));
    }

    /// <summary>Questions about the tray being worked on; none changes it.</summary>
    private static void MapCurrent(RouteGroupBuilder tray)
    {
        tray.MapGet("", (TrayDesk desk, CancellationToken cancel) => desk.View(cancel))
            .WithName("GetTray").WithSummary("The tray being worked on, with its answer.");

        tray.MapGet("/section", async (int? lot, TrayDesk desk, CancellationToken cancel) =>
        {
            TrayPlan plan = (await desk.Current(cancel)).Plan;
            if (plan.IsEmpty)
            {
                throw ProblemException.NotFound("There is nothing on the tray to cut open.");
            }

            TrayForecast forecast = TrayPlanner.Forecast(plan);
            LotForecast shown = forecast.Lots.FirstOrDefault(other => other.Lot == (lot ?? forecast.Lead))
                ?? throw ProblemException.NotFound("That lot is not on the tray.");
            return TraySections.Film(plan, new LotSettings(plan, TrayArranger.Arrange(plan)), shown, forecast.EatMinutes);
        })
            .WithName("GetTraySection").WithSummary("The heaviest piece of a lot cut open, minute by minute, as planned.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        tray.MapPost("/together", (TrayDesk desk, CancellationToken cancel) => desk.Together(cancel))
            .WithName("ProposeTogether").WithSummary("Small changes that bring everything to done in one window.")
            .ProducesValidationProblem();

        tray.MapPost("/compare", (CompareRequest request, TrayDesk desk, CancellationToken cancel) => desk.Compare(request, cancel))
            .WithName("CompareWays").WithSummary("The same food baked two to four ways.")
            .ProducesValidationProblem();

        tray.MapPost("/recipe", (RecipeRequest request, TrayDesk desk, CancellationToken cancel) => desk.CheckRecipe(request, cancel))
            .WithName("CheckRecipe").WithSummary("What a recipe’s temperature and time would do to these pieces.")
            .ProducesValidationProblem();
    }

    private static void MapShelf(RouteGroupBuilder trays)
    {
        trays.MapGet("", (TrayDesk desk, CancellationToken cancel) => desk.List(cancel))
            .WithName("GetTrays").WithSummary("All trays, the one opened last first.");

        trays.MapPost("", (TrayDesk desk, CancellationToken cancel) => desk.New(cancel))
            .WithName("NewTray").WithSummary("An empty tray, which becomes the one being worked on.");

        trays.MapPut("/{id:int}", (int id, TrayPlanRequest request, TrayDesk desk, CancellationToken cancel) => desk.Save(id, request, cancel))
            .WithName("SaveTray").WithSummary("Checks, lays, answers and stores a tray; stores nothing when it refuses.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        trays.MapPost("/{id:int}/tending", (int id, TendingRequest request, TrayDesk desk, CancellationToken cancel) => desk.Tend(id, request, cancel))
            .WithName("TendTray").WithSummary("A school’s tending steps, at times that fit this tray.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        Step("open", "OpenTray", "Makes a tray the one being worked on.", (desk, id, cancel) => desk.Open(id, cancel));
        Step("duplicate", "DuplicateTray", "A copy, which becomes the one being worked on.", (desk, id, cancel) => desk.Duplicate(id, cancel));
        Step("archive", "ArchiveTray", "Puts a tray away; open brings it back.", (desk, id, cancel) => desk.Archive(id, cancel));
        Step("undo", "UndoTray", "Back to the state before the last change.", (desk, id, cancel) => desk.Undo(id, cancel));
        Step("redo", "RedoTray", "Forward again after an undo.", (desk, id, cancel) => desk.Redo(id, cancel));

        void Step(string path, string name, string summary, Func<TrayDesk, int, CancellationToken, Task<TrayView>> step) =>
            trays.MapPost($"/{{id:int}}/{path}", (int id, TrayDesk desk, CancellationToken cancel) => step(desk, id, cancel))
                .WithName(name).WithSummary(summary)
                .ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);
    }
}
