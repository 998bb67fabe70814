using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Trays.Tending;

/// <summary>
/// The latest moment at which a brush that has met raw meat may touch the food: what it brings must itself get hot enough
/// before serving. The film warms with the surface of the slowest believable kitchen; its lethality (USDA FSIS Appendix A,
/// from memory, see <see cref="Lethality"/>) must reach seven powers of ten, and then a margin is kept.
/// </summary>
public static class LastBaste
{
    private const double WantedLogs = 7;

    /// <summary>Marinade from the bowl, °C.</summary>
    private const double FilmStartC = 10;

    /// <summary>How fast a film follows the surface under it, s: half a millimetre of water.</summary>
    private const double FilmLagS = 60;

    private const double StepS = 10;

    /// <summary>Kept on top of what is computed, min: stop a while before the end (usual caution).</summary>
    private const double MarginMinutes = 5;

    /// <param name="plan">A plan with at least one lot of chicken.</param>
    /// <param name="layout">Where its pieces lie.</param>
    /// <param name="forecast">What it leads to.</param>
    /// <returns>Minutes since the first food, or null where no moment is late enough.</returns>
    public static int? Minutes(TrayPlan plan, TrayLayout layout, TrayForecast forecast)
    {
        var settings = new LotSettings(plan, layout);
        var latest = new double[plan.Chicken.Count];
        Parallel.For(0, latest.Length, i =>
        {
            ChickenLot lot = plan.Chicken[i];
            LotForecast made = forecast.Of(lot.Id);
            double outS = 60 * (made.OutMinutes - made.InMinutes);

            HeatRun run = settings.Of(lot).Bake(GuessDesign.CoolSurface, [new(BakePlace.Oven, outS)]).Follow(GridLevel.Quick);
            latest[i] = LatestS(run, outS) is { } latestS ? made.InMinutes + (latestS / 60) : double.NegativeInfinity;
        });
        double kept = Math.Floor(latest.Min() - MarginMinutes);
        return kept < 1 ? null : (int)kept;
    }

    /// <summary>By halving: the later it comes, the less hot it gets.</summary>
    private static double? LatestS(HeatRun run, double outS)
    {
        double[] surfaceC = [.. Enumerable.Range(0, (int)(outS / StepS) + 1).Select(n => Math.Min(run.At(n * StepS).SurfaceC, 100))];
        if (FilmLogs(surfaceC, 0) < WantedLogs)
        {
            return null;
        }

        (int safe, int late) = (0, surfaceC.Length);
        while (late - safe > 1)
        {
            int middle = (safe + late) / 2;
            (safe, late) = FilmLogs(surfaceC, middle) >= WantedLogs ? (middle, late) : (safe, middle);
        }

        return safe * StepS;
    }

    private static double FilmLogs(ReadOnlySpan<double> surfaceC, int from)
    {
        double filmC = FilmStartC;
        double sevens = 0;
        double follows = 1 - Math.Exp(-StepS / FilmLagS);
        foreach (double celsius in surfaceC[from..])
        {
            filmC += follows * (celsius - filmC);
            sevens += StepS / Lethality.SevenLogsS(filmC);
        }

        return WantedLogs * sevens;
    }
}
