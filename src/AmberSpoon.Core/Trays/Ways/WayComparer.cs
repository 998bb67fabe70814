using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Trays.Ways;

/// <summary>Bakes the same food in several ways, by computation.</summary>
public static class WayComparer
{
    /// <summary>Ways side by side, at least and at most.</summary>
    public const int Fewest = 2;
    public const int Most = 4;

    /// <param name="plan">The tray.</param>
    /// <param name="ways">How to bake it.</param>
    /// <returns>One report per way; a way in which some lot is never done is left out.</returns>
    public static IReadOnlyList<WayReport> Compare(TrayPlan plan, IReadOnlyList<ReadyWay> ways)
    {
        var reports = new List<WayReport>();
        foreach (ReadyWay way in ways)
        {
            try
            {
                TrayPlan baked = way.Of(plan);
                reports.Add(Report(way, baked, TrayForecaster.Forecast(baked)));
            }
            catch (LotNeverDoneException)
            {
                continue;
            }
        }

        return reports;
    }

    private static WayReport Report(ReadyWay way, TrayPlan plan, TrayForecast forecast)
    {
        LotForecast lead = forecast.Of(forecast.Lead);
        var hands = HandsOn.Of(plan, forecast);
        return new(
            way.Id,
            way.Name,
            way.Sentence,
            plan with { Spots = TrayArranger.Arrange(plan).Spots() },
            forecast.ToTarget,
            forecast.EatMinutes,
            forecast.ApartMinutes,
            forecast.Together,
            Loss(isDark: false),
            Loss(isDark: true),
            lead.Colour,
            Risk(forecast.Lots.Max(lot => lot.Curve.Last(point => point.Minutes <= lot.OutMinutes).Browning)),
            hands.DoorOpenings,
            hands.Minutes,
            lead.Curve);

        double? Loss(bool isDark)
        {
            double[] losses = [.. plan.Chicken.Where(lot => CutTable.For(lot.Cut).IsDark == isDark).Select(lot => forecast.Of(lot.Id).LossShare)];
            return losses.Length == 0 ? null : losses.Max();
        }
    }

    /// <summary>Browning is known to about a third either way.</summary>
    private static BurnRisk Risk(double browning) =>
        browning > Browning.Burnt / 1.35 ? BurnRisk.High : browning > Browning.Burnt / 2 ? BurnRisk.Some : BurnRisk.Low;
}
