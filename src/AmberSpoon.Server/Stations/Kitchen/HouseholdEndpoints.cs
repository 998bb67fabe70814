using AmberSpoon.Server.Commands;

namespace AmberSpoon.Server.Stations.Kitchen;

internal static class HouseholdEndpoints
{
    public static void MapHousehold(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder kitchen = routes.MapGroup("/kitchen").WithTags("Kitchen").WithVersionTags();

        kitchen.MapGet("", (HouseholdDesk desk, CancellationToken cancel) => desk.View(cancel))
            .WithName("GetKitchen").WithSummary("What is said once of the kitchen: units, oven, vessels, rule, people.");

        kitchen.MapPut("", (HouseholdRequest request, [AsParameters] CommandHead head, HouseholdDesk desk, CancellationToken cancel) => desk.Save(request, head, cancel))
            .WithName("SaveKitchen").WithSummary("Checks and stores the whole kitchen; stores nothing when it refuses.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status409Conflict);
    }
}
