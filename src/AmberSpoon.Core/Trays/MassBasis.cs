namespace AmberSpoon.Core.Trays;

/// <summary>What the mass that was typed belongs to.</summary>
public enum MassBasis
{
    /// <summary>All pieces together, as on the pack.</summary>
    Pack,

    /// <summary>One piece.</summary>
    Piece,
}
