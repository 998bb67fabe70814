namespace AmberSpoon.Core.Doneness.Kinetics;

/// <summary>
/// How far heat has softened a vegetable: minutes at 100 °C that would have done as much, C = ∫10^((T−100)/33) dt, with
/// z = 33 °C (Mansfield 1962, from memory). For meat use a measured temperature instead.
/// </summary>
public static class CookValue
{
    private const double ReferenceC = 100;
    private const double ZC = 33;

    /// <returns>Minutes of cook value per second at this temperature.</returns>
    public static double RatePerS(double celsius) => Math.Pow(10, (celsius - ReferenceC) / ZC) / 60;
}
