using AmberSpoon.Core.Heat;

namespace AmberSpoon.Core.Doneness.Kinetics;

/// <summary>
/// How far a predicted curve of the coldest food reduces Salmonella, in powers of ten. Source: USDA FSIS, Appendix A,
/// time at temperature for a 7-log₁₀ reduction in chicken of about 1 % fat (values from memory), log-linear between its
/// rows. It plans and compares; it never permits serving (that is <see cref="Judging.LotJudge"/>, from measured temperatures).
/// </summary>
public static class Lethality
{
    private const double TableLogs = 7;

    /// <summary>Colder than this counts for nothing, °C.</summary>
    private const double NothingBelowC = 54.4;

    /// <summary>Temperature, °C, and time for seven powers of ten, s.</summary>
    private static readonly (double Celsius, double Seconds)[] Table =
        [(60.0, 25.2 * 60), (62.8, 8.4 * 60), (65.6, 2.7 * 60), (68.3, 44.2), (71.1, 13.7), (73.9, 4.3)];

    /// <summary>Time at one temperature for seven powers of ten, s; endless where it is too cold to count.</summary>
    public static double SevenLogsS(double celsius)
    {
        if (celsius < NothingBelowC)
        {
            return double.PositiveInfinity;
        }

        int above = Math.Clamp(Array.FindIndex(Table, row => row.Celsius > celsius), 1, Table.Length - 1);
        if (celsius >= Table[^1].Celsius)
        {
            above = Table.Length - 1;
        }

        (double lowC, double lowS) = Table[above - 1];
        (double highC, double highS) = Table[above];
        double share = (celsius - lowC) / (highC - lowC);
        return Math.Exp(Math.Log(lowS) + (share * (Math.Log(highS) - Math.Log(lowS))));
    }

    /// <summary>Powers of ten by which a curve of the coldest food reduces Salmonella, from its start to its end.</summary>
    public static double Log10Reduction(IReadOnlyList<HeatSample> curve)
    {
        double sevens = 0;
        for (int i = 1; i < curve.Count; i++)
        {
            double seconds = curve[i].TimeS - curve[i - 1].TimeS;
            sevens += seconds * (1 / SevenLogsS(curve[i - 1].ColdestC) + (1 / SevenLogsS(curve[i].ColdestC))) / 2;
        }

        return TableLogs * sevens;
    }
}
