using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Trays;

/// <summary>What a plan leads to. Minutes count from the moment the tray goes in.</summary>
/// <param name="Piece">Size of the thickest piece.</param>
/// <param name="ToTarget">When the coldest meat reaches the target.</param>
/// <param name="PullMinutes">When the plan takes it out: the median, rounded up to a whole minute.</param>
/// <param name="FirstCheckMinutes">When the first look with a probe is worth opening the door for.</param>
/// <param name="RestMinutes">Rest after that, min.</param>
/// <param name="PeakColdestC">The highest the coldest meat gets while resting, °C.</param>
/// <param name="PeakMinutes">When it gets there, min.</param>
/// <param name="Curve">A point a minute, from going in to the end of the rest.</param>
public sealed record TrayForecast(
    PieceSize Piece,
    TimeBand ToTarget,
    int PullMinutes,
    int FirstCheckMinutes,
    int RestMinutes,
    double PeakColdestC,
    double PeakMinutes,
    IReadOnlyList<CurvePoint> Curve);
