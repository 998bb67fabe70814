using System.Diagnostics;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Server.Stations.Why;

internal static class WhyEndpoints
{
    public static void MapWhy(this IEndpointRouteBuilder routes)
    {
        RouteGroupBuilder heat = routes.MapGroup("/heat").WithTags("Why");

        heat.MapPost("/solve", Solve)
            .WithName("SolveHeat").WithSummary("The bare heat engine, for anyone who wants to check it.")
            .ProducesValidationProblem();

        heat.MapGet("/textbook", () => TextbookView.All)
            .WithName("GetTextbook").WithSummary("Cases with a published answer.");

        heat.MapGet("/parameters", () => HeatParameters.All)
            .WithName("GetHeatParameters").WithSummary("Every number the heat engine rests on, with its range and source.");
    }

    private static SolveAnswer Solve(SolveRequest request, CancellationToken cancel)
    {
        long began = Stopwatch.GetTimestamp();
        HeatQuestion question = SolveReader.Read(request);
        HeatRun run = HeatSolver.Solve(question, cancel);
        return new(
            [.. question.SampleAtS.Select(atS => Sample(run.At(atS)))],
            question.Body.VolumeM3 * 1e6,
            question.Body.SurfaceM2 * 1e4,
            run.Ends.EnergyErrorFraction,
            run.Ends.Cells,
            Stopwatch.GetElapsedTime(began).TotalMilliseconds);
    }

    private static SolveSample Sample(HeatSample at) => new(at.TimeS / 60, at.CoreC, at.ColdestC, at.SurfaceC, at.MeanC);
}
