namespace AmberSpoon.Core.Heat.Meshing;

/// <summary>Which way a bit of surface looks on a piece as it was laid down; a turned piece keeps its sides.</summary>
public enum Side
{
    /// <summary>Within 60° of straight up.</summary>
    Top = 0,

    /// <summary>Round the edge.</summary>
    Rim = 1,

    /// <summary>Within 60° of straight down.</summary>
    Under = 2,
}
