using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Trays.Layout;
using AmberSpoon.Core.Trays.Tending;
using AmberSpoon.Server.Commands;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>A stored tray with its answer.</summary>
/// <param name="Id">Which tray.</param>
/// <param name="Plan">As the cook typed it, with a place for every piece.</param>
/// <param name="Version">Grows with each save; a start names it.</param>
/// <param name="CanUndo">There is an earlier state.</param>
/// <param name="CanRedo">There is an undone one.</param>
/// <param name="Answer">What the plan leads to; null while the tray is empty.</param>
/// <param name="EatAtHasPassed">The stored dinner time is gone; the answer is then for going in now.</param>
/// <param name="Now">The kitchen's clock when this was sent.</param>
public sealed record TrayView(
    int Id, TrayPlan Plan, int Version, bool CanUndo, bool CanRedo, TrayAnswer? Answer, bool EatAtHasPassed, DateTimeOffset Now) : IVersioned
{
    /// <summary>Why a tray with food on it has no answer as it is stored; null where it has one.</summary>
    public string? Trouble { get; init; }
}

/// <summary>What a plan leads to: on the clock, on the tray and in the food.</summary>
/// <param name="Forecast">Times, temperatures and states.</param>
/// <param name="Layout">Where everything lies.</param>
/// <param name="Timing">On the clock.</param>
/// <param name="Hands">What it asks of the cook.</param>
/// <param name="Crowding">What a full tray costs; null where it is roomy.</param>
/// <param name="Effects">What each kind of step does.</param>
/// <param name="Brush">Until when a brush that met raw meat may be used; null where nothing is brushed on.</param>
/// <param name="Cautions">What a careful friend would say.</param>
/// <param name="Why">What it rests on.</param>
/// <param name="CoatSteps">Coats that go on in the oven.</param>
/// <param name="Overfull">Trays that hold more than lies side by side on them; usually none.</param>
public sealed record TrayAnswer(
    TrayForecast Forecast,
    TrayLayout Layout,
    DinnerTiming Timing,
    HandsOn Hands,
    CrowdingCost? Crowding,
    IReadOnlyList<StepEffect> Effects,
    BrushAnswer? Brush,
    IReadOnlyList<string> Cautions,
    IReadOnlyList<Explanation> Why,
    IReadOnlyList<OverfullView> Overfull,
    IReadOnlyList<CoatStepView> CoatSteps);

/// <summary>A coat that goes on in the oven.</summary>
/// <param name="AtMinutes">Minutes since the first food went in.</param>
/// <param name="Coats">Which coats of which lots.</param>
/// <param name="Title">What hands do: "Brush “Apricot glaze” on the thighs and wings".</param>
public sealed record CoatStepView(int AtMinutes, IReadOnlyList<CoatRef> Coats, string Title);

/// <summary>A tray that holds more than lies side by side on it.</summary>
/// <param name="Vessel">Which, from 0.</param>
/// <param name="Sentence">How much more, and what it costs.</param>
/// <param name="CanAddTray">A second tray would take it.</param>
public sealed record OverfullView(int Vessel, string Sentence, bool CanAddTray);

/// <param name="UntilMinutes">Minutes since the first food; null where it is never safe.</param>
public sealed record BrushAnswer(int? UntilMinutes);
