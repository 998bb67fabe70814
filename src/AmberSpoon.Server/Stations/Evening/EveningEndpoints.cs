using AmberSpoon.Formats.Calendars;
using AmberSpoon.Server.Commands;

namespace AmberSpoon.Server.Stations.Evening;

internal static class EveningEndpoints
{
    public static void MapEvening(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder evening = routes.MapGroup("/evening").WithTags("Evening").WithVersionTags();

        evening.MapGet("", (EveningDesk desk, CancellationToken cancel) => desk.View(cancel))
            .WithName("GetEvening").WithSummary("The whole meal on the clock, for the tray being worked on.");

        evening.MapPut("/{trayId:int}", (int trayId, EveningRequest request, [AsParameters] CommandHead head, EveningDesk desk, CancellationToken cancel) => desk.Save(trayId, request, head, cancel))
            .WithName("SaveEvening").WithSummary("Sides, cooks, rings and pace; stores nothing when it refuses.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);

        evening.MapPost("/{trayId:int}/done", (int trayId, DoneRequest request, [AsParameters] CommandHead head, EveningDesk desk, CancellationToken cancel) => desk.Done(trayId, request, head, cancel))
            .WithName("TickTask").WithSummary("A task of the evening is done, or not.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        evening.MapDelete("/{trayId:int}/done", (int trayId, [AsParameters] CommandHead head, EveningDesk desk, CancellationToken cancel) => desk.Anew(trayId, head, cancel))
            .WithName("BeginEveningAnew").WithSummary("All ticks are gone, at the counter too.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        evening.MapPost("/{trayId:int}/dinner", (int trayId, DinnerRequest request, [AsParameters] CommandHead head, EveningDesk desk, CancellationToken cancel) => desk.Dinner(trayId, request, head, cancel))
            .WithName("MoveDinner").WithSummary("Dinner is at another time, and everything with it.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        evening.MapPost("/{trayId:int}/calendar", (int trayId, CalendarRequest request, [AsParameters] CommandHead head, EveningDesk desk, CancellationToken cancel) => desk.FromCalendar(trayId, request, head, cancel))
            .WithMetadata(new Microsoft.AspNetCore.Mvc.RequestSizeLimitAttribute(6L * CalendarReader.MostLetters))
            .WithName("ReadCalendar").WithSummary("When its cook is elsewhere, by a calendar of theirs; a dinner of ours that was moved there moves here.")
            .ProducesValidationProblem().ProducesProblem(StatusCodes.Status404NotFound);

        evening.MapDelete("/{trayId:int}/calendar", (int trayId, [AsParameters] CommandHead head, EveningDesk desk, CancellationToken cancel) => desk.Here(trayId, head, cancel))
            .WithName("ForgetCalendar").WithSummary("Nobody is elsewhere after all.")
            .ProducesProblem(StatusCodes.Status404NotFound);

        evening.MapGet("/{trayId:int}/calendar.ics", async (int trayId, EveningDesk desk, CancellationToken cancel) =>
        {
            (EveningView view, int trayVersion) = await desk.ForCalendar(trayId, cancel);
            return TypedResults.Text(EveningCalendar.Write(EveningEvents.Of(view, trayVersion), view.Now), "text/calendar; charset=utf-8");
        })
            .WithName("GetEveningCalendar").WithSummary("Every start of the evening as a calendar with alarms.")
            .ProducesProblem(StatusCodes.Status404NotFound).ProducesProblem(StatusCodes.Status409Conflict);
    }
}
