using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Probing;

/// <summary>The tray was moved.</summary>
/// <param name="AtS">Seconds since it first went in.</param>
/// <param name="Place">Where it stands from then on.</param>
public sealed record PlaceChange(double AtS, BakePlace Place);
