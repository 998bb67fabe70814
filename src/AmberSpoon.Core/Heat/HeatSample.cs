namespace AmberSpoon.Core.Heat;

/// <summary>One moment of a run.</summary>
/// <param name="TimeS">Seconds since the run began.</param>
/// <param name="ColdestC">The coldest meat: the middle, or beside the bone, °C.</param>
/// <param name="SurfaceC">The surface, averaged all round, °C.</param>
/// <param name="MeanC">Averaged over the volume, °C.</param>
public readonly record struct HeatSample(double TimeS, double ColdestC, double SurfaceC, double MeanC);
