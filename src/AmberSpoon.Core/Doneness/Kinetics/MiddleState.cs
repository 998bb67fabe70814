namespace AmberSpoon.Core.Doneness.Kinetics;

/// <summary>How far the middle of a piece has come, by prediction; it never permits serving chicken.</summary>
public enum MiddleState
{
    /// <summary>Chicken below its target.</summary>
    BelowTarget,

    /// <summary>Chicken at its target.</summary>
    AtTarget,

    /// <summary>Chicken far beyond it: dry if it is breast.</summary>
    Beyond,

    Hard,
    Firm,
    Tender,
    Soft,
    TooSoft,
}
