namespace AmberSpoon.Core.Probes;

/// <summary>
/// What a thermometer on a wire showed at a moment: one of many, most of which are never kept. What is kept of them, and counts,
/// is a <see cref="Bakes.ReadingTaken"/>.
/// </summary>
/// <param name="AtS">s in the bake's time.</param>
/// <param name="Celsius">What it showed, °C; of several sensors on one stick the coldest.</param>
public readonly record struct ProbeSample(double AtS, double Celsius);
