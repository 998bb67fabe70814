namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>A time that is not known exactly: 10, 50 and 90 of 100 kitchens are there by then.</summary>
/// <param name="LowMinutes">Only one kitchen in ten is faster, min.</param>
/// <param name="MedianMinutes">As likely sooner as later, min.</param>
/// <param name="HighMinutes">Only one kitchen in ten is slower, min.</param>
public sealed record TimeBand(double LowMinutes, double MedianMinutes, double HighMinutes);
