using AmberSpoon.Server.Problems;

namespace AmberSpoon.Server.Stations.Bakes;

internal static class BakeEndpoints
{
    /// <summary>Room for a stream that was kept while the kitchen was out of reach.</summary>
    private const long LargestTelling = 4 * 1024 * 1024;

    public static void MapBakes(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder bakes = routes.MapGroup("/bakes").WithTags("Bakes");

        bakes.MapGet("", (bool? live, string? cursor, BakeDesk desk, CancellationToken cancel) =>
            live == true ? desk.Live(cancel) : desk.Finished(cursor, cancel))
            .WithName("GetBakes").WithSummary("Live bakes, each whole; or finished ones a page at a time, newest first.")
            .ProducesValidationProblem();

        bakes.MapPost("", async (StartRequest request, BakeDesk desk, CancellationToken cancel) =>
        {
            BakeView started = await desk.Start(request, cancel);
            return TypedResults.Created($"/api/bakes/{started.Id}", started);
        }).Checked<StartRequest>()
            .WithName("StartBake").WithSummary("The tray goes in now.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        bakes.MapGet("/{id:guid}", (Guid id, BakeDesk desk, CancellationToken cancel) => desk.View(id, cancel))
            .WithName("GetBake").WithSummary("One bake: what happened, and what follows from it.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        bakes.MapPost("/{id:guid}/events", (Guid id, EventsRequest request, BakeDesk desk, CancellationToken cancel) => desk.Tell(id, request, cancel)).Checked<EventsRequest>()
            .WithName("TellBake").WithSummary("What happened: stored all or none, each applied once, answered with the state that follows.")
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(LargestTelling))
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        bakes.MapPost("/{id:guid}/unstart", async (Guid id, BakeDesk desk, CancellationToken cancel) =>
        {
            await desk.Unstart(id, cancel);
            return TypedResults.NoContent();
        })
            .WithName("UnstartBake").WithSummary("The tray is not in after all: takes the start back, within two minutes and before anything else was told.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        bakes.MapGet("/{id:guid}/section", (Guid id, int? lot, BakeDesk desk, CancellationToken cancel) => desk.Section(id, lot, cancel))
            .WithName("GetBakeSection").WithSummary("The slowest piece of a lot cut open, minute by minute.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        bakes.MapDelete("/{id:guid}", async (Guid id, BakeDesk desk, CancellationToken cancel) =>
        {
            await desk.Delete(id, cancel);
            return TypedResults.NoContent();
        })
            .WithName("DeleteBake").WithSummary("Takes a finished bake out of the log; restore brings it back.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        bakes.MapPost("/{id:guid}/restore", (Guid id, BakeDesk desk, CancellationToken cancel) => desk.Restore(id, cancel))
            .WithName("RestoreBake").WithSummary("Undoes a deletion.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);
    }
}
