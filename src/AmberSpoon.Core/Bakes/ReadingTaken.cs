using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Bakes;

/// <summary>A reading as it was told, with the last answer to its question. Whether it is believed is not said here.</summary>
/// <param name="Seq">The event's place in the bake.</param>
/// <param name="Piece">Which piece.</param>
/// <param name="AtS">Seconds since the first food went in.</param>
/// <param name="Temperature">As typed.</param>
/// <param name="Answer">What the cook answered when asked about it; null where nothing was.</param>
/// <param name="Probe">The probe on a wire that told it; null where a cook typed it.</param>
public sealed record ReadingTaken(int Seq, PieceRef Piece, double AtS, EnteredTemperature Temperature, ReadingAnswer? Answer, string? Probe = null)
{
    /// <summary>Since when that probe has stood in this piece, s in the bake's time; null where it was put in by hand.</summary>
    public double? PlacedS { get; init; }
}
