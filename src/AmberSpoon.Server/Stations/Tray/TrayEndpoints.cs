using AmberSpoon.Core.Trays;
using AmberSpoon.Server.Live;
using AmberSpoon.Server.Problems;
using AmberSpoon.Store;
using FluentValidation;

namespace AmberSpoon.Server.Stations.Tray;

internal static class TrayEndpoints
{
    public static void MapTray(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder tray = routes.MapGroup("/tray").WithTags("Tray");

        tray.MapGet("", async (TrayShelf shelf, TrayPlanner planner, CancellationToken cancel) =>
            planner.View(await shelf.Find(cancel) ?? await shelf.Save(FirstTray.Plan, cancel)))
            .WithName("GetTray").WithSummary("The tray being planned, with its answer.");

        tray.MapGet("/section", async (TrayShelf shelf, CancellationToken cancel) =>
        {
            TrayPlan plan = (await shelf.Find(cancel))?.Plan ?? FirstTray.Plan;
            return TraySections.Film(plan, TrayPlanner.Forecast(plan));
        })
            .WithName("GetTraySection").WithSummary("The thickest piece cut open, minute by minute, as planned.");

        tray.MapPut("", async (
            TrayPlanRequest request,
            IValidator<TrayPlanRequest> validator,
            TrayShelf shelf,
            TrayPlanner planner,
            KitchenNews news,
            TimeProvider time,
            CancellationToken cancel) =>
        {
            validator.Require(request);
            TrayPlan plan = request.ToPlan();
            TrayAnswer answer = planner.Answer(plan);
            int version = (await shelf.Save(plan, cancel)).Version;
            await news.Changed(KitchenTopic.Tray, cancel);
            return new TrayView(plan, version, answer, EatAtHasPassed: false, time.GetUtcNow());
        })
            .WithName("SaveTray").WithSummary("Checks, answers and stores the tray; stores nothing when it refuses.")
            .ProducesValidationProblem();
    }
}
