namespace AmberSpoon.Core.Kitchens;

/// <summary>
/// How an oven gets hot from the room's temperature: an element of one power against what the walls let go, which is the more the
/// hotter it is. How long one oven takes is <see cref="PreheatBelief"/>'s.
/// </summary>
public static class PreheatCurve
{
    public const double RoomC = 21;
    public const double ReferenceC = 200;

    /// <summary>At 200 °C a household oven needs about this share of its power to stay there: some 0.9 of 2.4 kW (from memory).</summary>
    private const double HeldShare = 0.37;

    /// <summary>Nearer to the hottest it can get than this nobody waits for.</summary>
    private const double MostShare = 0.95;

    /// <summary>How long it takes to a setting, as a share of how long it takes to <see cref="ReferenceC"/>; 0 in a room as warm.</summary>
    /// <param name="celsius">What it is set to, °C.</param>
    public static double ShareTo(double celsius) => Warmed(celsius) / Warmed(ReferenceC);

    private static double Warmed(double celsius) => -Math.Log(1 - Math.Clamp(HeldShare * (celsius - RoomC) / (ReferenceC - RoomC), 0, MostShare));
}
