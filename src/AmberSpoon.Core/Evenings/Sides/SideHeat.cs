namespace AmberSpoon.Core.Evenings.Sides;

/// <summary>Where a side gets hot.</summary>
public enum SideHeat
{
    /// <summary>Nowhere.</summary>
    Cold,
    Hob,

    /// <summary>On a shelf of the oven, at what the chicken's tray needs.</summary>
    Oven,
}
