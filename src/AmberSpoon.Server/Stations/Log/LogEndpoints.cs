using AmberSpoon.Core.Trays;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Server.Stations.Oven;
using AmberSpoon.Store;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Log;

internal static class LogEndpoints
{
    public static void MapLog(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder log = routes.MapGroup("/log").WithTags("Log");

        log.MapGet("", async (BakeBook book, CancellationToken cancel) =>
            new LogView([.. (await book.Log(cancel)).Select(BakeRecord.From)]))
            .WithName("GetLog").WithSummary("Finished bakes, newest first.");

        log.MapGet("/{id:guid}", async (Guid id, BakeBook book, CancellationToken cancel) =>
            new PastBakeView(LiveEstimates.Hindsight(await FindFinished(book, id, cancel))))
            .WithName("GetPastBake").WithSummary("What was to be expected of a past bake, given when the tray really moved.")
            .ProducesValidationProblem(StatusCodes.Status409Conflict);

        log.MapGet("/{id:guid}/section", async (Guid id, BakeBook book, CancellationToken cancel) =>
            LiveEstimates.HindsightSection(await FindFinished(book, id, cancel)))
            .WithName("GetPastSection").WithSummary("The thickest piece of a past bake cut open, minute by minute.")
            .ProducesValidationProblem(StatusCodes.Status409Conflict);

        log.MapDelete("/{id:guid}", async (Guid id, BakeBook book, KitchenNews news, CancellationToken cancel) =>
        {
            await book.Delete(await FindFinished(book, id, cancel), cancel);
            await news.Changed(KitchenTopic.Log, cancel);
            return TypedResults.NoContent();
        })
            .WithName("DeleteBake").WithSummary("Takes a bake out of the log; restore brings it back.")
            .ProducesValidationProblem(StatusCodes.Status409Conflict);

        log.MapPost("/{id:guid}/restore", async (Guid id, BakeBook book, KitchenNews news, CancellationToken cancel) =>
        {
            BakeRow bake = await FindFinished(book, id, cancel);
            await book.Restore(bake, cancel);
            await news.Changed(KitchenTopic.Log, cancel);
            return BakeRecord.From(bake);
        })
            .WithName("RestoreBake").WithSummary("Undoes a deletion.")
            .ProducesValidationProblem(StatusCodes.Status409Conflict);
    }

    private static async Task<BakeRow> FindFinished(BakeBook book, Guid id, CancellationToken cancel)
    {
        BakeRow bake = await book.Find(id, cancel) ?? throw ProblemException.NotFound("That bake is not in the book.");
        return bake.IsLive ? throw ProblemException.Conflict("id", "That bake is still running; finish it first.") : bake;
    }
}

/// <param name="Curve">A point a minute, from going in to finished; predicted without its readings.</param>
public sealed record PastBakeView(IReadOnlyList<CurvePoint> Curve);

public sealed record LogView(IReadOnlyList<BakeRecord> Bakes);
