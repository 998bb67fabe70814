using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What a plan leads to, lot by lot; nothing of it is stored.</summary>
public sealed record ForecastView(IReadOnlyList<LotForecastView> Lots)
{
    internal static ForecastView Of(TrayForecast forecast) => new(
        [.. forecast.Lots.Select(lot => new LotForecastView(lot.Lot, lot.IsChicken, lot.Safe, lot.Ready, lot.PeakC, lot.LossShare, lot.Colour, lot.State))]);
}

/// <param name="Lot">The lot.</param>
/// <param name="IsChicken">Chicken, or a vegetable.</param>
/// <param name="Safe">Chicken: when its coldest middle is predicted to meet the safety rule, min; null where it never does. It permits nothing.</param>
/// <param name="Target">When it is at its goal, min since the first food.</param>
/// <param name="PeakC">The hottest its coldest food gets until dinner, °C.</param>
/// <param name="LossShare">Chicken: juice lost; vegetables: water lost; as a share of its mass.</param>
/// <param name="Colour">What its upper side looks like when it leaves.</param>
/// <param name="State">What its middle is like then.</param>
public sealed record LotForecastView(
    int Lot, bool IsChicken, TimeBand? Safe, TimeBand Target, double PeakC, double LossShare, SurfaceColour Colour, MiddleState State);
