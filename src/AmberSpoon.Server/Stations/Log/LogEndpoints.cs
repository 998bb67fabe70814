using AmberSpoon.Server.Commands;

namespace AmberSpoon.Server.Stations.Log;

internal static class LogEndpoints
{
    public static void MapLog(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder log = routes.MapGroup("/log").WithTags("Log");

        log.MapGet("", ([AsParameters] LogRequest request, LogDesk desk, CancellationToken cancel) => desk.Page(request, cancel))
            .WithName("GetLog").WithSummary("Finished bakes that fit what is looked for, a page at a time, newest first.")
            .ProducesValidationProblem();

        log.MapGet("/learnt", (LogDesk desk, CancellationToken cancel) => desk.Learnt(cancel))
            .WithName("GetLearnt").WithSummary("What the bakes have taught of ovens and wishes, and how far off the finish was.");

        log.MapPost("/learnt/anew", (OvenNameRequest request, [AsParameters] CommandHead head, LogDesk desk, CancellationToken cancel) => desk.Anew(request, head, cancel))
            .WithName("LearnAnew").WithSummary("A repaired or new oven of the same name: it is learnt from bakes from now on.")
            .ProducesValidationProblem();

        log.MapPost("/{id:guid}/again", (Guid id, [AsParameters] CommandHead head, LogDesk desk, CancellationToken cancel) => desk.Again(id, head, cancel))
            .WithName("BakeAgain").WithSummary("A tray like the one of a bake, computed by what is known today; it becomes the one being worked on.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        routes.MapGet("/trays/{id:int}/last-time", (int id, LogDesk desk, CancellationToken cancel) => desk.LastTime(id, cancel))
            .WithTags("Log").WithName("GetLastTime").WithSummary("How the bake went that a tray repeats, and what was to be done otherwise.")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }
}
