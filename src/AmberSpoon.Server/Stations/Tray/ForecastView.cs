using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What a plan leads to, lot by lot; nothing of it is stored.</summary>
/// <param name="Lots">Every lot, chicken first.</param>
/// <param name="Together">When all of them are at their best at once, min since the first food; null where that never is.</param>
public sealed record ForecastView(IReadOnlyList<LotForecastView> Lots, MinuteSpan? Together)
{
    internal static ForecastView Of(TrayForecast forecast) => new(
        [
            .. forecast.Lots.Select(lot => new LotForecastView(
                lot.Lot, lot.IsChicken, lot.Safe, lot.Ready, lot.OutMinutes, lot.PeakC, lot.LossShare, lot.JuiceMl, lot.Colour, lot.State, lot.Good, lot.GoodSooner, lot.GoodLater)),
        ],
        forecast.Together);
}

/// <param name="Lot">The lot.</param>
/// <param name="IsChicken">Chicken, or a vegetable.</param>
/// <param name="Safe">Chicken: when its coldest middle is predicted to meet the safety rule, min; null where it never does. It permits nothing.</param>
/// <param name="Target">When it is at its goal, min since the first food.</param>
/// <param name="OutMinutes">When the plan takes it out: when it is done, or later with the rest while it is good.</param>
/// <param name="PeakC">The hottest its coldest food gets until dinner, °C.</param>
/// <param name="LossShare">Chicken: juice lost; vegetables: water lost; as a share of its mass.</param>
/// <param name="JuiceMl">Juice that runs into the vessel until it leaves, ml.</param>
/// <param name="Colour">What its upper side looks like when it leaves.</param>
/// <param name="State">What its middle is like then.</param>
/// <param name="Good">From when to when it is good if it stays in the oven.</param>
/// <param name="GoodSooner">The same in a kitchen as fast as one in ten.</param>
/// <param name="GoodLater">And in one as slow as one in ten.</param>
public sealed record LotForecastView(
    int Lot,
    bool IsChicken,
    TimeBand? Safe,
    TimeBand Target,
    int OutMinutes,
    double PeakC,
    double LossShare,
    double JuiceMl,
    SurfaceColour Colour,
    MiddleState State,
    GoodWindow? Good,
    GoodWindow? GoodSooner,
    GoodWindow? GoodLater);
