using System.Numerics;
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
    public static double RatePerS(double surfaceC) => RatePerS(new Vector<double>(surfaceC))[0];

    /// <summary>The same for several places at once.</summary>
    internal static Vector<double> RatePerS(Vector<double> surfaceC)
    {
        var nothing = new Vector<double>(NothingBelowC);
        if (Vector.LessThanAll(surfaceC, nothing))
        {
            return Vector<double>.Zero;
        }

        Vector<double> perKelvin = (Vector<double>.One / (surfaceC + new Vector<double>(273.15))) - new Vector<double>(1 / ReferenceK);
        Vector<double> rate = Vector.Exp(-HeatParameters.BrowningActivation.Value / GasJPerMolK * perKelvin) / new Vector<double>(UnitS);
        return Vector.ConditionalSelect(Vector.LessThan(surfaceC, nothing), Vector<double>.Zero, rate);
    }
}
