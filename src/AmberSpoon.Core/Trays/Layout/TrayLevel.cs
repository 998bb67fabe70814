namespace AmberSpoon.Core.Trays.Layout;

/// <summary>What lies over what, from below.</summary>
public enum TrayLevel
{
    /// <summary>A bed under the chicken.</summary>
    Bed,

    /// <summary>On the tray itself, or on the bed.</summary>
    Floor,

    /// <summary>Scattered over everything.</summary>
    Top,
}
