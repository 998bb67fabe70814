namespace AmberSpoon.Core.Bakes;

/// <summary>What a thermometer that stands in the oven beside the food showed. One in a piece is a <see cref="ReadingTaken"/>.</summary>
/// <param name="AtS">Seconds since the first food went in.</param>
/// <param name="Celsius">What it showed, °C.</param>
public sealed record AirTaken(double AtS, double Celsius);
