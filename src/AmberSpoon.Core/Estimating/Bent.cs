namespace AmberSpoon.Core.Estimating;

/// <summary>
/// The scale on which doubts add up nearly straight. A middle comes up like 1 − exp(−rate·t), and doubts multiply the rate:
/// on ln(−ln(what is left to go)) they add. For cook values and browning the logarithm does.
/// </summary>
internal static class Bent
{
    /// <summary>Where middles stop as their water boils, with a little room; and colder than any starts, °C.</summary>
    private const double CeilingC = 102;
    private const double FloorC = -20;
    private const double Edge = 1e-6;
    private const double LeastCookMinutes = 1e-4;
    private const double LeastBrowning = 1e-3;

    public static double FromC(double celsius) => Math.Log(-Math.Log(Math.Clamp((CeilingC - celsius) / (CeilingC - FloorC), Edge, 1 - Edge)));

    public static double ToC(double bent) => CeilingC - ((CeilingC - FloorC) * Math.Exp(-Math.Exp(bent)));

    /// <summary>d°C by d of the bent scale.</summary>
    public static double SlopeC(double bent) => (CeilingC - FloorC) * Math.Exp(bent - Math.Exp(bent));

    public static double FromCook(double minutes) => Math.Log(minutes + LeastCookMinutes);

    public static double ToCook(double bent) => Math.Exp(bent) - LeastCookMinutes;

    public static double FromBrowning(double browning) => Math.Log(browning + LeastBrowning);
}
