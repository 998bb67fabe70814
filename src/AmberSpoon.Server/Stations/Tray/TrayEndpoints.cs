using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Problems;

namespace AmberSpoon.Server.Stations.Tray;

internal static class TrayEndpoints
{
    public static void MapTray(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder current = routes.MapGroup("/tray").WithTags("Tray").WithVersionTags();
        current.MapGet("", (TrayDesk desk, CancellationToken cancel) => desk.View(cancel))
            .WithName("GetTray").WithSummary("The tray being worked on, with its answer.");

        RouteGroupBuilder trays = routes.MapGroup("/trays").WithTags("Tray").WithVersionTags();
        MapShelf(trays);
        MapQuestions(trays);

        routes.MapPost("/forecast", (TrayPlanRequest request, TrayDesk desk, CancellationToken cancel) => desk.Forecast(request, cancel))
            .WithTags("Tray").WithName("ForecastPlan").WithSummary("What a plan leads to, lot by lot; nothing is stored.")
            .ProducesValidationProblem();
    }

    private static void MapShelf(RouteGroupBuilder trays)
    {
        trays.MapGet("", (TrayDesk desk, CancellationToken cancel) => desk.List(cancel))
            .WithName("GetTrays").WithSummary("All trays, the one opened last first.");

        trays.MapPost("", ([AsParameters] CommandHead head, TrayDesk desk, CancellationToken cancel) => desk.New(head, cancel))
            .WithName("NewTray").WithSummary("An empty tray, which becomes the one being worked on.");

        trays.MapGet("/{id:int}", (int id, TrayDesk desk, CancellationToken cancel) => desk.View(id, cancel))
            .WithName("GetTrayById").WithSummary("A tray, with its answer.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        trays.MapPut("/{id:int}", (int id, TrayPlanRequest request, [AsParameters] CommandHead head, TrayDesk desk, CancellationToken cancel) => desk.Save(id, request, head, cancel))
            .WithName("SaveTray").WithSummary("Checks, lays, answers and stores a tray; stores nothing when it refuses.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        trays.MapPut("/{id:int}/coats", (int id, CoatsRequest request, [AsParameters] CommandHead head, TrayDesk desk, CancellationToken cancel) => desk.Coat(id, request, head, cancel))
            .WithName("CoatLots").WithSummary("One stack of coats on some of a tray’s chicken, or on all of it.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        trays.MapPost("/{id:int}/tending", (int id, TendingRequest request, [AsParameters] CommandHead head, TrayDesk desk, CancellationToken cancel) => desk.Tend(id, request, head, cancel)).Checked<TendingRequest>()
            .WithName("TendTray").WithSummary("A school’s tending steps, at times that fit this tray.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        trays.MapPost("/{id:int}/open", (int id, [AsParameters] CommandHead head, TrayDesk desk, CancellationToken cancel) => desk.Open(id, head, cancel))
            .WithName("OpenTray").WithSummary("Makes a tray the one being worked on.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        trays.MapPost("/{id:int}/duplicate", (int id, [AsParameters] CommandHead head, TrayDesk desk, CancellationToken cancel) => desk.Duplicate(id, head, cancel))
            .WithName("DuplicateTray").WithSummary("A copy, which becomes the one being worked on.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        trays.MapPost("/{id:int}/archive", (int id, [AsParameters] CommandHead head, TrayDesk desk, CancellationToken cancel) => desk.Archive(id, head, cancel))
            .WithName("ArchiveTray").WithSummary("Puts a tray away; open brings it back.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        trays.MapPost("/{id:int}/undo", (int id, [AsParameters] CommandHead head, TrayDesk desk, CancellationToken cancel) => desk.Undo(id, head, cancel))
            .WithName("UndoTray").WithSummary("Back to the state before the last change.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        trays.MapPost("/{id:int}/redo", (int id, [AsParameters] CommandHead head, TrayDesk desk, CancellationToken cancel) => desk.Redo(id, head, cancel))
            .WithName("RedoTray").WithSummary("Forward again after an undo.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);
    }

    /// <summary>None of them changes anything.</summary>
    private static void MapQuestions(RouteGroupBuilder trays)
    {
        trays.MapGet("/{id:int}/section", (int id, int? lot, TrayDesk desk, CancellationToken cancel) => desk.Section(id, lot, cancel))
            .WithName("GetTraySection").WithSummary("The heaviest piece of a lot cut open, minute by minute, as planned.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        trays.MapPost("/{id:int}/together", (int id, TrayDesk desk, CancellationToken cancel) => desk.Together(id, cancel))
            .WithName("ProposeTogether").WithSummary("Small changes that bring everything to done in one window.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        trays.MapPost("/{id:int}/compare", (int id, CompareRequest request, TrayDesk desk, CancellationToken cancel) => desk.Compare(id, request, cancel)).Checked<CompareRequest>()
            .WithName("CompareWays").WithSummary("The same food baked two to four ways.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        trays.MapPost("/{id:int}/recipe-check", (int id, RecipeRequest request, TrayDesk desk, CancellationToken cancel) => desk.CheckRecipe(id, request, cancel)).Checked<RecipeRequest>()
            .WithName("CheckRecipe").WithSummary("What a recipe’s temperature and time would do to these pieces.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);
    }
}
