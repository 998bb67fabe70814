using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Doneness.Kinetics;

/// <summary>
/// How fast a dry surface browns: first-order, by <see cref="HeatParameters.BrowningActivation"/>. The unit is set once: the
/// skin of an ordinary bone-in thigh is golden after 35 min at 204 °C in a still oven (common practice).
/// </summary>
public static class Browning
{
    public const double Golden = 1;

    public const double Deep = 3;

    public const double Burnt = 9;

    private const double GasJPerMolK = 8.314;
    private const double ReferenceK = 150 + 273.15;
    private const double UnitS = 72;

    /// <summary>Below this nothing browns, °C.</summary>
    private const double NothingBelowC = 90;

    /// <returns>Units per second.</returns>
    public static double RatePerS(double surfaceC) => surfaceC < NothingBelowC
        ? 0
        : Math.Exp(-HeatParameters.BrowningActivation.Value / GasJPerMolK * ((1 / (surfaceC + 273.15)) - (1 / ReferenceK))) / UnitS;
}
