namespace AmberSpoon.Core.Units;

/// <summary>How times of day are said.</summary>
public enum ClockFace
{
    /// <summary>18:45</summary>
    TwentyFour,

    /// <summary>6:45 pm</summary>
    Twelve,
}
