using AmberSpoon.Core.Trays;

namespace AmberSpoon.Server.Stations.Oven;

internal static class OvenEndpoints
{
    public static void MapOven(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder oven = routes.MapGroup("/oven").WithTags("Oven");

        oven.MapGet("", async (OvenDesk desk, CancellationToken cancel) => await desk.View(cancel))
            .WithName("GetOven").WithSummary("The live bake, if any.");

        oven.MapGet("/section", async (OvenDesk desk, CancellationToken cancel) => await desk.Section(cancel))
            .WithName("GetOvenSection").WithSummary("The thickest piece of the live bake cut open, minute by minute.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        oven.MapPost("/start", async (StartRequest request, OvenDesk desk, CancellationToken cancel) =>
            await desk.Start(request.TrayVersion, cancel))
            .WithName("StartBake").WithSummary("The tray goes in now.")
            .ProducesValidationProblem().ProducesValidationProblem(StatusCodes.Status409Conflict);

        oven.MapPost("/{id:guid}/checks", async (Guid id, CheckRequest request, OvenDesk desk, CancellationToken cancel) =>
            await desk.Check(id, request, cancel))
            .WithName("CheckBake").WithSummary("Readings in, verdict out.")
            .ProducesValidationProblem().ProducesValidationProblem(StatusCodes.Status422UnprocessableEntity);

        oven.MapPost("/{id:guid}/moves", async (Guid id, MoveRequest request, OvenDesk desk, CancellationToken cancel) =>
            await desk.Move(id, request.Place, cancel))
            .WithName("MoveTray").WithSummary("The tray came out to rest, or went back in.")
            .ProducesValidationProblem().ProducesValidationProblem(StatusCodes.Status409Conflict);

        oven.MapPost("/{id:guid}/finish", async (Guid id, OvenDesk desk, CancellationToken cancel) =>
            await desk.Finish(id, cancel))
            .WithName("FinishBake").WithSummary("Closes the bake and writes it into the log.")
            .ProducesValidationProblem(StatusCodes.Status409Conflict);
    }
}

/// <param name="TrayVersion">The version of the tray the cook was looking at.</param>
public sealed record StartRequest(int? TrayVersion = null);

public sealed record MoveRequest(BakePlace? Place = null);
