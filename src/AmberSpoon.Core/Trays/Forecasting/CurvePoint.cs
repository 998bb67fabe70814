namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>One moment of a predicted bake.</summary>
/// <param name="Minutes">Since the tray went in.</param>
/// <param name="ColdestLowC">Coldest meat, 10 % end, °C.</param>
/// <param name="ColdestC">Coldest meat, best guess, °C.</param>
/// <param name="ColdestHighC">Coldest meat, 90 % end, °C.</param>
/// <param name="SurfaceC">Surface, best guess, °C.</param>
public sealed record CurvePoint(double Minutes, double ColdestLowC, double ColdestC, double ColdestHighC, double SurfaceC)
{
    /// <summary>Browning of the side laid upwards, in units of <see cref="Doneness.Kinetics.Browning"/>.</summary>
    public double Browning { get; init; }

    /// <summary>Browning of the side laid downwards.</summary>
    public double BrowningUnder { get; init; }

    /// <summary>Cook value of the middle, min; counts for vegetables.</summary>
    public double CookMinutes { get; init; }

    /// <summary>Its length, width and height against the raw piece: water that leaves makes it smaller.</summary>
    public double Scale { get; init; } = 1;
}
