namespace AmberSpoon.Core.Heat.Climate;

/// <summary>How a piece lies in the oven.</summary>
/// <param name="Support">What is directly under it.</param>
/// <param name="Tray">What that stands in.</param>
/// <param name="LiquidMm">Stock or water in the tray, mm deep.</param>
/// <param name="Crowding">0 (room all round) to 1 (neighbours touching).</param>
/// <param name="Cover">What is over it at first.</param>
/// <param name="TopDown">Whether the side that usually looks up lies down at first, as with skin to be rendered.</param>
/// <param name="SideShare">
/// Of what an open side would exchange, at most so much reaches the rim, 0 to 1: many pieces share what comes in through the gaps between them.
/// </param>
public sealed record Placement(
    Support Support = Support.BareTray,
    TrayMaterial Tray = TrayMaterial.LightMetal,
    double LiquidMm = 0,
    double Crowding = 0.2,
    Cover Cover = Cover.None,
    bool TopDown = false,
    double SideShare = 1)
{
    /// <exception cref="HeatInputException">Depth of liquid or crowding out of range.</exception>
    internal void Validate()
    {
        HeatInputException.RequireWithin("placement.liquidMm", LiquidMm, 0, 60);
        HeatInputException.RequireWithin("placement.crowding", Crowding, 0, 1);
        HeatInputException.RequireWithin("placement.sideShare", SideShare, 0, 1);
    }
}

/// <summary>What a piece lies on.</summary>
public enum Support
{
    BareTray,
    Parchment,
    Rack,
    VegetableBed,
}

/// <summary>What the tray or dish is made of.</summary>
public enum TrayMaterial
{
    LightMetal,
    DarkMetal,
    GlassOrCeramic,
}

/// <summary>What is over the food.</summary>
public enum Cover
{
    None,

    /// <summary>Foil over the tray: no radiation, air near saturation.</summary>
    Foil,

    /// <summary>Sealed in paper or foil: steam at 100 °C.</summary>
    Parcel,
}
