namespace AmberSpoon.Core.Heat;

/// <summary>A stretch of time in unchanging surroundings.</summary>
/// <param name="DurationS">How long, s, 0 or more.</param>
/// <param name="Surroundings">What the surface meets meanwhile.</param>
public sealed record HeatStage(double DurationS, Surroundings Surroundings);
