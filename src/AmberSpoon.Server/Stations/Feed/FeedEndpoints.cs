using AmberSpoon.Server.Problems;

namespace AmberSpoon.Server.Stations.Feed;

internal static class FeedEndpoints
{
    /// <summary>One JSON object a line (from memory: the name that is commonly used for it).</summary>
    public const string JsonLines = "application/x-ndjson";

    private const int MostLines = 3000;

    private const long LargestTable = 4 * 1024 * 1024;

    public static void MapFeed(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder bakes = routes.MapGroup("/bakes/{id:guid}").WithTags("Feed");

        bakes.MapPost("/feed", async (Guid id, HttpRequest request, FeedDesk desk, CancellationToken cancel) =>
        {
            (IReadOnlyList<FeedLine> lines, IReadOnlyList<FeedRefusal> refused) = await Read(request, cancel);
            return TypedResults.Ok(await desk.Hear(id, lines, refused, cancel));
        })
            .Accepts<string>(JsonLines)
            .WithName("FeedBake").WithSummary("What thermometers show, one JSON object a line: probe, at, value, unit, and where it is in if the device knows.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesValidationProblem(StatusCodes.Status409Conflict).ProducesProblem(StatusCodes.Status429TooManyRequests);

        bakes.MapPost("/feed/table", async (Guid id, TableRequest request, TableDesk desk, CancellationToken cancel) =>
            TypedResults.Ok(await desk.Read(id, request, cancel)))
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(LargestTable))
            .WithName("FeedTable").WithSummary("A thermometer's export as a table: read as its wire would have told it, thinned where it is long.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound)
            .ProducesValidationProblem(StatusCodes.Status409Conflict).ProducesProblem(StatusCodes.Status429TooManyRequests);

        routes.MapPost("/thermometers/table", (TableRequest request) => TypedResults.Ok(TableDesk.Look(request.Text ?? string.Empty)))
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(LargestTable))
            .WithTags("Feed").WithName("LookAtTable").WithSummary("The columns of a thermometer's export, and what they look like; nothing is stored.")
            .ProducesValidationProblem();

        bakes.MapGet("/probes", (Guid id, FeedDesk desk, CancellationToken cancel) => desk.View(id, cancel))
            .WithName("GetProbes").WithSummary("What each probe of a bake shows now, and what is wrong with it.")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    /// <exception cref="ProblemException">400 where nothing of it can be read, or there is too much.</exception>
    private static async Task<(IReadOnlyList<FeedLine> Lines, IReadOnlyList<FeedRefusal> Refused)> Read(HttpRequest request, CancellationToken cancel)
    {
        var lines = new List<FeedLine>();
        var refused = new List<FeedRefusal>();
        using var reader = new StreamReader(request.Body, new System.Text.UTF8Encoding(false, throwOnInvalidBytes: false));
        int number = 0;
        while (await reader.ReadLineAsync(cancel) is { } text)
        {
            number++;
            if (string.IsNullOrWhiteSpace(text))
            {
                continue;
            }

            if (lines.Count + refused.Count >= MostLines)
            {
                throw ProblemException.InvalidField("line", $"Send at most {MostLines} lines at a time.");
            }

            (FeedLine? line, FeedRefusal? refusal) = FeedLine.Read(number, text);
            if (line is not null)
            {
                lines.Add(line);
            }
            else
            {
                refused.Add(refusal!);
            }
        }

        return lines.Count > 0 ? (lines, refused)
            : refused.Count > 0 ? throw ProblemException.InvalidField(refused[0].Field, $"Line {refused[0].Line}: {refused[0].Sentence}")
            : throw ProblemException.InvalidField("line", "There is nothing to read: send one JSON object a line.");
    }
}
