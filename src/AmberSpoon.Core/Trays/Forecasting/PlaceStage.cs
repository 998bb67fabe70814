namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>A stretch of time in one place.</summary>
/// <param name="Place">Where the tray stands.</param>
/// <param name="DurationS">How long, s, 0 or more.</param>
public sealed record PlaceStage(BakePlace Place, double DurationS);
