using AmberSpoon.Core.Heat.Pieces;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// What a plan leads to. Minutes count from the moment the first food goes in. The first fields are those of the lead: the
/// lot of chicken that is done last, or of a tray without chicken the last vegetable.
/// </summary>
/// <param name="Lead">The lot that decides when the chicken comes out.</param>
/// <param name="Piece">Size of its heaviest piece.</param>
/// <param name="ToTarget">When its coldest meat reaches the target.</param>
/// <param name="PullMinutes">
/// When the plan takes the chicken out, in whole minutes: when it is done, or later, when all is, where it is still at its best then.
/// </param>
/// <param name="FirstCheckMinutes">When the first look with a probe is worth opening the door for.</param>
/// <param name="RestMinutes">Rest after that, min.</param>
/// <param name="PeakColdestC">The highest its coldest meat gets while resting, °C.</param>
/// <param name="PeakMinutes">When it gets there, min.</param>
/// <param name="EatMinutes">When all is out and the chicken has rested.</param>
/// <param name="Spread">How far apart lots are done.</param>
/// <param name="Curve">Of the lead: a point a minute, from going in to the end of its rest.</param>
/// <param name="Lots">Every lot, chicken first.</param>
public sealed record TrayForecast(
    int Lead,
    PieceSize Piece,
    TimeBand ToTarget,
    int PullMinutes,
    int FirstCheckMinutes,
    int RestMinutes,
    double PeakColdestC,
    double PeakMinutes,
    int EatMinutes,
    FinishSpread Spread,
    IReadOnlyList<CurvePoint> Curve,
    IReadOnlyList<LotForecast> Lots)
{
    /// <summary>When all lots that stay are at their best at once, min since the first food; null where that never is.</summary>
    public MinuteSpan? Together { get; init; }

    /// <summary>
    /// How long the first must wait past its best for the last, min: 0 where one moment is good for all that stays in. Use it for
    /// "is this tray one dinner?"; <see cref="Spread"/> says when things are first done.
    /// </summary>
    public double ApartMinutes { get; init; }

    /// <summary>Null where it was not forecast by itself, as in the oldest bakes.</summary>
    public LotForecast? Find(int lot) => Lots.FirstOrDefault(forecast => forecast.Lot == lot);

    /// <exception cref="InvalidOperationException">No such lot.</exception>
    public LotForecast Of(int lot) => Lots.First(forecast => forecast.Lot == lot);
}
