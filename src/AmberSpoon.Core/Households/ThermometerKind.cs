namespace AmberSpoon.Core.Households;

/// <summary>What a household judges doneness with.</summary>
public enum ThermometerKind
{
    /// <summary>Read at once, and taken out again.</summary>
    Instant,

    /// <summary>Stays in the meat while it bakes.</summary>
    LeaveIn,

    /// <summary>One of each.</summary>
    Both,

    /// <summary>Nothing: then no verdict ever says serve.</summary>
    None,
}
