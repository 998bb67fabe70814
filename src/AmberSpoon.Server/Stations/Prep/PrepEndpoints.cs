using AmberSpoon.Server.Commands;

namespace AmberSpoon.Server.Stations.Prep;

internal static class PrepEndpoints
{
    public static void MapPrep(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder prep = routes.MapGroup("/prep").WithTags("Prep").WithVersionTags();

        prep.MapGet("", (PrepDesk desk, CancellationToken cancel) => desk.View(cancel))
            .WithName("GetPrep").WithSummary("The work before the oven, for the tray being worked on.");

        prep.MapPut("/measures", (MeasuresRequest request, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) => desk.SetMeasures(request, head, cancel))
            .WithName("SetMeasures").WithSummary("What the household measures with.")
            .ProducesValidationProblem();

        prep.MapPut("/{trayId:int}", (int trayId, PrepRequest request, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) => desk.Save(trayId, request, head, cancel))
            .WithName("SavePrep").WithSummary("Checks, stores and answers what was decided; stores nothing when it refuses.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        prep.MapPost("/{trayId:int}/ticks", (int trayId, TickRequest request, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) => desk.Tick(trayId, request, head, cancel))
            .WithName("TickStep").WithSummary("A step of the order of work is done, or not.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        prep.MapDelete("/{trayId:int}/ticks", (int trayId, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) => desk.ClearTicks(trayId, head, cancel))
            .WithName("ClearTicks").WithSummary("The work begins anew.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        prep.MapPost("/{trayId:int}/marinade", (int trayId, MarinadeRequest? request, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) => desk.StartMarinade(trayId, request, head, cancel))
            .WithName("StartMarinade").WithSummary("The meat goes into its marinade now.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        MapMixes(routes.MapGroup("/mixes").WithTags("Prep").WithVersionTags());
        MapMarinades(routes.MapGroup("/marinades").WithTags("Prep"));
    }

    private static void MapMixes(RouteGroupBuilder mixes)
    {
        mixes.MapPost("", (MixRequest request, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) => desk.AddMix(request, head, cancel))
            .WithName("AddMix").WithSummary("A mix of the household’s own.")
            .ProducesValidationProblem();

        mixes.MapPut("/{id:int}", (int id, MixRequest request, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) => desk.ChangeMix(id, request, head, cancel))
            .WithName("ChangeMix").WithSummary("Changes one of the household’s own mixes.")
            .ProducesValidationProblem().ProducesValidationProblem(StatusCodes.Status409Conflict).ProducesProblem(StatusCodes.Status404NotFound);

        mixes.MapDelete("/{id:int}", async (int id, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) =>
        {
            await desk.DeleteMix(id, head, cancel);
            return TypedResults.NoContent();
        })
            .WithName("DeleteMix").WithSummary("Throws one of the household’s own mixes away.")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static void MapMarinades(RouteGroupBuilder marinades)
    {
        marinades.MapGet("", (PrepDesk desk, CancellationToken cancel) => desk.Marinades(cancel))
            .WithName("GetMarinades").WithSummary("Marinades that are running.");

        marinades.MapPost("/{id:int}/turned", (int id, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) => desk.TurnMarinade(id, head, cancel))
            .WithName("TurnMarinade").WithSummary("The meat was turned over.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        marinades.MapPost("/{id:int}/ended", (int id, [AsParameters] CommandHead head, PrepDesk desk, CancellationToken cancel) => desk.EndMarinade(id, head, cancel))
            .WithName("EndMarinade").WithSummary("The meat came out.")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }
}
