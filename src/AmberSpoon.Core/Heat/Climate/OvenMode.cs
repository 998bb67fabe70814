namespace AmberSpoon.Core.Heat.Climate;

/// <summary>How the oven gives off its heat.</summary>
public enum OvenMode
{
    /// <summary>Top and bottom heat, no fan.</summary>
    Still,

    /// <summary>A fan drives the air.</summary>
    Fan,

    /// <summary>A glowing element above, air as in a still oven.</summary>
    Grill,
}
