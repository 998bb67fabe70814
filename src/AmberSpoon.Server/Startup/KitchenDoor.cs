using AmberSpoon.Server.Problems;
using AmberSpoon.Store;
using AmberSpoon.Store.Backups;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace AmberSpoon.Server.Startup;

/// <summary>Nothing is answered from a file that could not be opened; its health says why.</summary>
internal static class KitchenDoor
{
    public static void UseKitchenDoor(this IApplicationBuilder app) => app.Use((context, next) =>
    {
        StoreTrouble? refused = context.RequestServices.GetRequiredService<KitchenCondition>().Refused;
        return refused is not null && context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
            ? throw StoreProblem.Of(refused)
            : next(context);
    });

    public static void MapHealth(this IEndpointRouteBuilder app) => app.MapGet("/healthz", Health).ExcludeFromDescription();

    private static async Task<IResult> Health(KitchenDb db, KitchenCondition condition, HouseFolder house, CancellationToken cancel)
    {
        if (condition.Trouble is null)
        {
            try
            {
                await db.Database.OpenConnectionAsync(cancel);
                if (!house.CanWrite())
                {
                    return Results.Text(StoreTrouble.CannotWrite.Sentence, statusCode: StatusCodes.Status503ServiceUnavailable);
                }
            }
            catch (SqliteException failed) when (StoreTrouble.Behind(failed) is { } trouble)
            {
                condition.Failed(trouble);
            }
        }

        return condition.Trouble is { } unwell
            ? Results.Text(unwell.Sentence, statusCode: StatusCodes.Status503ServiceUnavailable)
            : Results.Text("well");
    }
}
