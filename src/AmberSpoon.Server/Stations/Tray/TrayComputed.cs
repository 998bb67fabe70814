using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Tending;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>All that follows from a plan alone, whatever the time is.</summary>
/// <param name="Plan">With a place for every piece.</param>
/// <param name="Layout">Where everything lies.</param>
/// <param name="Forecast">Times, temperatures and states.</param>
/// <param name="Details">The rest of the answer; computed when first asked for.</param>
internal sealed record TrayComputed(TrayPlan Plan, TrayLayout Layout, TrayForecast Forecast, Lazy<TrayDetails> Details);

/// <inheritdoc cref="TrayAnswer"/>
internal sealed record TrayDetails(
    HandsOn Hands,
    CrowdingCost? Crowding,
    IReadOnlyList<StepEffect> Effects,
    BrushAnswer? Brush);
