using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Oven;

/// <summary>A check as it arrives: readings, a note by eye, or both.</summary>
public sealed record CheckRequest(IReadOnlyList<ReadingRequest?>? Readings = null, string? Note = null);

/// <param name="Piece">Which piece, from 1.</param>
/// <param name="Value">What the thermometer showed.</param>
/// <param name="Unit">In which unit.</param>
/// <param name="HeldSeconds">How long it was seen at or above that, s.</param>
/// <param name="UnitConfirmed">The cook was asked about the unit and meant it.</param>
public sealed record ReadingRequest(
    int? Piece = null, double? Value = null, TemperatureUnit? Unit = null, int? HeldSeconds = null, bool? UnitConfirmed = null);
