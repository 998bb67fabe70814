using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Trays.Together;

/// <summary>Forecasts by the heat engine.</summary>
internal sealed class EngineForecasts : IForecasts
{
    public TrayForecast Of(TrayPlan plan, TrayLayout layout) => TrayForecaster.Forecast(plan, layout, Care.BestGuess);

    public LotForecast? Alone(TrayPlan plan, TrayLayout layout, VegetableLot lot)
    {
        TrayPlan alone = plan with { Chicken = [], Vegetables = [lot] };
        try
        {
            return TrayForecaster.Forecast(alone, new LotSettings(alone, layout), Care.BestGuess, withWindows: true).Lots[0];
        }
        catch (LotNeverDoneException)
        {
            return null;
        }
    }
}
