namespace AmberSpoon.Core.Trays;

/// <summary>What is known about how large the pieces of a lot are.</summary>
public enum SizeBasis
{
    /// <summary>The mass of all together, as on the pack, and how far they differ.</summary>
    Pack,

    /// <summary>The mass of one; all are alike.</summary>
    Piece,

    /// <summary>The mass of each.</summary>
    EachPiece,

    /// <summary>Only the height of the thickest; its mass follows from the cut's proportions.</summary>
    Height,
}
