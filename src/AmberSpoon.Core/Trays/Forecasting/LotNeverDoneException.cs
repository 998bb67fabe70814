namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>This oven does not bring a lot to where it should get within <see cref="TrayForecaster.LongestBakeS"/>.</summary>
public sealed class LotNeverDoneException(int lot) : Exception("A lot is never done in this oven.")
{
    public int Lot { get; } = lot;
}
