using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Heat;

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
    /// <param name="forecast">What it leads to.</param>
    /// <returns>Minutes since the first food, or null where no moment is late enough.</returns>
    public static int? Minutes(TrayPlan plan, TrayForecast forecast)
    {
        var settings = new LotSettings(plan, Layout.TrayArranger.Arrange(plan));
        double latest = double.PositiveInfinity;
        foreach (ChickenLot lot in plan.Chicken)
        {
            LotForecast made = forecast.Of(lot.Id);
            double outS = 60 * (made.OutMinutes - made.InMinutes);

            // Colder, slower to take up heat, and wetter: the end of each doubt that keeps the surface cool.
            var slow = new KitchenGuess(ThicknessFactor: 1, OvenOffsetC: -12, ExchangeFactor: 0.8, StartDifferenceC: -2, EvaporationFactor: 1.3);
            HeatRun run = settings.Of(lot).Bake(slow, [new(BakePlace.Oven, outS)]).Follow(GridLevel.Quick);
            if (LatestS(run, outS) is not { } latestS)
            {
                return null;
            }

            latest = Math.Min(latest, made.InMinutes + (latestS / 60));
        }

        double kept = Math.Floor(latest - MarginMinutes);
        return kept < 1 ? null : (int)kept;
    }

    private static double? LatestS(HeatRun run, double outS)
    {
        for (double fromS = outS - StepS; fromS > 0; fromS -= StepS)
        {
            if (FilmLogs(run, fromS, outS) >= WantedLogs)
            {
                return fromS;
            }
        }

        return null;
    }

    private static double FilmLogs(HeatRun run, double fromS, double outS)
    {
        double filmC = FilmStartC;
        double sevens = 0;
        double follows = 1 - Math.Exp(-StepS / FilmLagS);
        for (double s = fromS; s < outS; s += StepS)
        {
            filmC += follows * (Math.Min(run.At(s).SurfaceC, 100) - filmC);
            sevens += StepS / Lethality.SevenLogsS(filmC);
        }

        return WantedLogs * sevens;
    }
}
