namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// How fast a dry surface browns: first-order, by <see cref="HeatParameters.BrowningActivation"/>. One unit is what ten minutes at 150 °C do to dry meat:
/// golden; two units are deep, four burnt (common practice).
/// </summary>
public static class Browning
{
    public const double Golden = 1;

    private const double GasJPerMolK = 8.314;
    private const double ReferenceK = 150 + 273.15;
    private const double UnitS = 600;

    /// <summary>Below this nothing browns, °C.</summary>
    private const double NothingBelowC = 90;

    /// <returns>Units per second.</returns>
    public static double RatePerS(double surfaceC) => surfaceC < NothingBelowC
        ? 0
        : Math.Exp(-HeatParameters.BrowningActivation.Value / GasJPerMolK * ((1 / (surfaceC + 273.15)) - (1 / ReferenceK))) / UnitS;
}
