namespace AmberSpoon.Core.Heat;

/// <summary>How the oven moves its air.</summary>
public enum OvenMode
{
    /// <summary>Top and bottom heat, no fan.</summary>
    Still,

    /// <summary>A fan drives the air.</summary>
    Fan,
}
