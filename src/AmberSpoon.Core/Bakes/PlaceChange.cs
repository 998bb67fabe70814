using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Bakes;

/// <summary>A lot, or the tray, is somewhere else from then on.</summary>
/// <param name="AtS">Seconds since the first food went in.</param>
/// <param name="Place">Where.</param>
public sealed record PlaceChange(double AtS, BakePlace Place);
