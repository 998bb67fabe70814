namespace AmberSpoon.Core.Probing;

/// <summary>The lowest reading of a check.</summary>
/// <param name="AtS">Seconds since the tray first went in.</param>
/// <param name="LowestC">°C.</param>
public sealed record CoreMeasurement(double AtS, double LowestC);
