using AmberSpoon.Formats.Bakes;
using AmberSpoon.Formats.Photos;
using AmberSpoon.Server.Commands;
using AmberSpoon.Server.Problems;
using AmberSpoon.Store.Backups;
using Microsoft.AspNetCore.Mvc;

namespace AmberSpoon.Server.Stations.House;

internal static class HouseEndpoints
{
    public const string Zip = "application/zip";

    /// <summary>More photos than a household takes in years.</summary>
    private const long MostBackup = 2L * 1024 * 1024 * 1024;

    /// <summary>As JSON, in which a letter takes up to six bytes.</summary>
    private const long LargestTable = 6L * LogTableReader.MostLetters;

    public static void MapHouse(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder house = routes.MapGroup("/house").WithTags("House");

        house.MapGet("/backup", (HouseDesk desk, TimeProvider time) => TypedResults.Stream(
            desk.Backup(), Zip, FormattableString.Invariant($"amber-spoon-{time.GetUtcNow():yyyy-MM-dd}.zip")))
            .WithName("GetBackup").WithSummary("The whole house as one file.");

        house.MapGet("/backups", (HouseDesk desk) => desk.Kept())
            .WithName("GetBackups").WithSummary("Backups that the kitchen made by itself.");

        house.MapPost("/restore", (HttpRequest request, [FromQuery] string? mode, [FromQuery] bool? rehearsal, HouseDesk desk, CancellationToken cancel) =>
            desk.Restore(request.Body, ModeOf(mode), rehearsal ?? true, cancel))
            .Accepts<IFormFile>(Zip)
            .WithMetadata(new RequestSizeLimitAttribute(MostBackup))
            .WithName("RestoreHouse").WithSummary("A backup comes back, all of it or nothing; a rehearsal, which it is unless told otherwise, only says what would be done.")
            .ProducesValidationProblem();

        RouteGroupBuilder bakes = routes.MapGroup("/bakes").WithTags("House");

        bakes.MapGet("/{id:guid}/file", async (Guid id, FileDesk desk, CancellationToken cancel) =>
        {
            BakeDocument document = await desk.Export(id, cancel);
            return TypedResults.File(document.Write(), "application/json; charset=utf-8", FormattableString.Invariant($"bake-{document.StartedAt:yyyy-MM-dd}-{document.Id:N}.json"));
        })
            .WithName("GetBakeFile").WithSummary("One finished bake as a file; its schema is bake-1.json.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        bakes.MapGet("/{id:guid}/readings.csv", async (Guid id, FileDesk desk, CancellationToken cancel) =>
            TypedResults.Text(await desk.Readings(id, cancel), "text/csv; charset=utf-8"))
            .WithName("GetReadingsTable").WithSummary("The readings of a bake as a table.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        bakes.MapPost("/file", async (HttpRequest request, FileDesk desk, CancellationToken cancel) =>
            await desk.Import(await Body(request, BakeDocument.MostBytes, "file", $"A bake has {BakeDocument.MostBytes / (1024 * 1024)} MB at most.", cancel), cancel))
            .Accepts<object>("application/json")
            .WithMetadata(new RequestSizeLimitAttribute(BakeDocument.MostBytes + 1))
            .WithName("ImportBake").WithSummary("A bake from a file goes into the log; the same twice is one.")
            .ProducesValidationProblem();

        bakes.MapPost("/{id:guid}/photos", async (Guid id, HttpRequest request, [AsParameters] CommandHead head, PhotoDesk desk, CancellationToken cancel) =>
            await desk.Keep(id, head.CommandId, await Body(request, PhotoFile.MostBytes, "photo", $"A photo has {PhotoFile.MostBytes / (1024 * 1024)} MB at most.", cancel), cancel))
            .Accepts<IFormFile>("image/jpeg", "image/png", "image/webp")
            .WithMetadata(new RequestSizeLimitAttribute(PhotoFile.MostBytes + 1))
            .WithName("KeepPhoto").WithSummary("A photo goes beside a bake, written anew without where it was taken.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound).ProducesValidationProblem(StatusCodes.Status409Conflict);

        bakes.MapGet("/{id:guid}/photos/{photo:guid}", async (Guid id, Guid photo, PhotoDesk desk, CancellationToken cancel) =>
            TypedResults.PhysicalFile(await desk.Find(id, photo, cancel), "image/jpeg"))
            .WithName("GetPhoto").WithSummary("A photo.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        bakes.MapDelete("/{id:guid}/photos/{photo:guid}", (Guid id, Guid photo, PhotoDesk desk, CancellationToken cancel) => desk.Remove(id, photo, cancel))
            .WithName("RemovePhoto").WithSummary("A photo is gone for good.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        routes.MapGet("/schemas/bake-1.json", () => TypedResults.Text(BakeDocument.Schema(), "application/schema+json"))
            .WithTags("House").WithName("GetBakeSchema").WithSummary("What every file of a bake keeps to.");

        routes.MapPost("/log/table", (LogTableRequest request, FileDesk desk, CancellationToken cancel) => desk.ImportLog(request.Text ?? string.Empty, request.Rehearsal ?? true, cancel))
            .WithMetadata(new RequestSizeLimitAttribute(LargestTable))
            .WithTags("House").WithName("ImportLog").WithSummary("A log that was kept as a table, all of it or nothing; a rehearsal, which it is unless told otherwise, only says what would be done.")
            .ProducesValidationProblem();

        routes.MapGet("/log.csv", async (FileDesk desk, CancellationToken cancel) => TypedResults.Text(await desk.Log(cancel), "text/csv; charset=utf-8"))
            .WithTags("House").WithName("GetLogTable").WithSummary("The whole log as a table.");
    }

    private static RestoreMode ModeOf(string? mode) => mode switch
    {
        null or "merge" => RestoreMode.Merge,
        "replace" => RestoreMode.Replace,
        _ => throw ProblemException.InvalidField("mode", "Say what to do with what is there: merge or replace."),
    };

    /// <summary>All of a body, bounded: what is longer is not read to its end.</summary>
    private static async Task<ReadOnlyMemory<byte>> Body(HttpRequest request, int most, string field, string tooLong, CancellationToken cancel)
    {
        if (request.ContentLength > most)
        {
            throw ProblemException.InvalidField(field, tooLong);
        }

        using var all = new MemoryStream();
        byte[] buffer = new byte[81920];
        for (int read; (read = await request.Body.ReadAsync(buffer, cancel)) > 0;)
        {
            if (all.Length + read > most)
            {
                throw ProblemException.InvalidField(field, tooLong);
            }

            all.Write(buffer, 0, read);
        }

        return all.ToArray();
    }
}
