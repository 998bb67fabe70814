using AmberSpoon.Core.Trays.Forecasting;

namespace AmberSpoon.Core.Evenings;

/// <summary>A tray that is sooner ready than the planned one, with what is given up for it.</summary>
/// <param name="Kind">What sort of thing.</param>
/// <param name="Sentence">What to do: "Take boneless thighs".</param>
/// <param name="Forecast">What it leads to.</param>
public sealed record FasterTray(GainKind Kind, string Sentence, TrayForecast Forecast);
