using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Trays.Together;

/// <summary>What <see cref="FinishPlanner"/> asks of an oven: its rules are tested on ovens that are a line of arithmetic.</summary>
internal interface IForecasts
{
    /// <summary>A whole plan, best guess, with windows.</summary>
    /// <exception cref="LotNeverDoneException">Some lot never gets there.</exception>
    TrayForecast Of(TrayPlan plan, TrayLayout layout);

    /// <summary>One vegetable of it, its place and company as they are laid; null where this oven never gets it tender.</summary>
    LotForecast? Alone(TrayPlan plan, TrayLayout layout, VegetableLot lot);
}
