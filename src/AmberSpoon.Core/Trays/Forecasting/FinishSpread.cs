namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>First-ready to last-ready, over all lots and their lightest and heaviest pieces.</summary>
/// <param name="FirstLot">The lot that is done first.</param>
/// <param name="FirstMinutes">When, min.</param>
/// <param name="LastLot">The lot that is done last.</param>
/// <param name="LastMinutes">When, min.</param>
public sealed record FinishSpread(int FirstLot, double FirstMinutes, int LastLot, double LastMinutes)
{
    public double Minutes => LastMinutes - FirstMinutes;

    /// <exception cref="InvalidOperationException">No lots.</exception>
    public static FinishSpread Of(IReadOnlyList<(int Lot, double ReadyMinutes, double LightestReadyMinutes)> lots)
    {
        (int Lot, double ReadyMinutes, double LightestReadyMinutes) first = lots.MinBy(lot => lot.LightestReadyMinutes);
        (int Lot, double ReadyMinutes, double LightestReadyMinutes) last = lots.MaxBy(lot => lot.ReadyMinutes);
        return new(first.Lot, first.LightestReadyMinutes, last.Lot, last.ReadyMinutes);
    }
}
