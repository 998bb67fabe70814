namespace AmberSpoon.Core.Doneness;

/// <summary>What to do about a lot, or about the whole tray.</summary>
public enum VerdictKind
{
    /// <summary>Measured, and enough for the rule.</summary>
    Serve,

    /// <summary>Short, but the heat on its way in should be enough; a second measurement decides.</summary>
    RestThenCheck,

    /// <summary>Short: more oven.</summary>
    BackIn,

    /// <summary>Nothing speaks against it, but some piece is still to be measured.</summary>
    Measure,

    /// <summary>A reading raises a question: it counts for nothing until it is answered or measured again.</summary>
    CannotTell,
}
