namespace AmberSpoon.Core.Doneness.Kinetics;

/// <summary>What a surface looks like.</summary>
public enum SurfaceColour
{
    Pale,
    Golden,
    Deep,
    Burnt,
}

/// <summary>From <see cref="Browning"/> to a colour.</summary>
public static class SurfaceColours
{
    /// <summary>A little short of golden still looks golden in places.</summary>
    public const double NearlyGolden = 0.75 * Browning.Golden;

    public static SurfaceColour Of(double browning) => browning switch
    {
        < NearlyGolden => SurfaceColour.Pale,
        < Browning.Deep => SurfaceColour.Golden,
        < Browning.Burnt => SurfaceColour.Deep,
        _ => SurfaceColour.Burnt,
    };
}
