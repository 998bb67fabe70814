namespace AmberSpoon.Core.Doneness;

/// <summary>What a check leads to.</summary>
public enum VerdictKind
{
    /// <summary>Measured, and enough for the profile.</summary>
    Serve,

    /// <summary>Short, but the heat on its way in should be enough; a second measurement decides.</summary>
    RestThenCheck,

    /// <summary>Short: more oven.</summary>
    BackIn,

    /// <summary>The readings do not say.</summary>
    CannotTell,
}
