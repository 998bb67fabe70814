namespace AmberSpoon.Core.Heat.Climate;

/// <summary>What a tray meets.</summary>
/// <param name="AirC">Air below and beside, °C.</param>
/// <param name="WallC">What it sees, °C.</param>
/// <param name="ConvectionWPerM2K">Heat carried by that air, W/(m²·K).</param>
/// <param name="UnderC">Under side of the piece at first, °C.</param>
/// <param name="UnderRatePerS">How fast that changes, K/s.</param>
/// <param name="IsTouched">Whether the piece touches it; on a rack it does not.</param>
/// <param name="IsOpen">Whether vapour leaves it freely, with no cover over it.</param>
internal readonly record struct TrayClimate(double AirC, double WallC, double ConvectionWPerM2K, double UnderC, double UnderRatePerS, bool IsTouched, bool IsOpen);
