using System.Text;
using AmberSpoon.Server.Commands;
using Microsoft.AspNetCore.Mvc;

namespace AmberSpoon.Server.Stations.Recipes;

internal static class RecipeEndpoints
{
    /// <summary>A text of 4 MB, written as JSON.</summary>
    private const int LargestBody = 9 * 1024 * 1024;

    public static void MapRecipes(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder recipes = routes.MapGroup("/recipes").WithTags("Recipes");

        recipes.MapPost("/read", (RecipeText request, RecipeDesk desk, CancellationToken cancel) => desk.Understand(request, cancel))
            .WithName("ReadRecipe").WithSummary("What is understood of a recipe; stores nothing.")
            .WithMetadata(new RequestSizeLimitAttribute(LargestBody))
            .ProducesValidationProblem();

        recipes.MapPost("/use", (RecipeText request, [AsParameters] CommandHead head, RecipeDesk desk, CancellationToken cancel) => desk.Use(request, head, cancel))
            .WithName("UseRecipe").WithSummary("Makes a tray and a mix of a recipe, and tries its oven and time.")
            .WithMetadata(new RequestSizeLimitAttribute(LargestBody))
            .ProducesValidationProblem();

        routes.MapGet("/trays/{id:int}/recipe", async (int id, RecipeDesk desk, CancellationToken cancel) =>
        {
            (string name, string json) = await desk.Give(id, cancel);
            return TypedResults.File(Encoding.UTF8.GetBytes(json), "application/ld+json", $"{FileName(name)}.json");
        })
            .WithName("GiveRecipe").WithTags("Recipes").WithSummary("A tray, its mix and its order of work as a schema.org Recipe.")
            .ProducesProblem(StatusCodes.Status404NotFound);
    }

    private static string FileName(string name)
    {
        string safe = new([.. name.Where(c => char.IsAsciiLetterOrDigit(c) || c == ' ').Select(c => c == ' ' ? '-' : char.ToLowerInvariant(c))]);
        return safe.Trim('-') is { Length: > 0 } good ? good : "recipe";
    }
}
