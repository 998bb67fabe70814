namespace AmberSpoon.Core.Trays;

/// <summary>One moment of a predicted bake.</summary>
/// <param name="Minutes">Since the tray went in.</param>
/// <param name="ColdestLowC">Coldest meat, 10 % end, °C.</param>
/// <param name="ColdestC">Coldest meat, best guess, °C.</param>
/// <param name="ColdestHighC">Coldest meat, 90 % end, °C.</param>
/// <param name="SurfaceC">Surface, best guess, °C.</param>
public sealed record CurvePoint(double Minutes, double ColdestLowC, double ColdestC, double ColdestHighC, double SurfaceC);
