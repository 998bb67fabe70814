namespace AmberSpoon.Core.Acts;

/// <summary>What hands do at a running oven.</summary>
public enum ActKind
{
    /// <summary>A lot goes in later than the first.</summary>
    Add,

    /// <summary>A planned step: turn, baste, foil, dial and the like.</summary>
    Tend,

    /// <summary>The grill goes off, and the dial back to what it was.</summary>
    GrillOff,

    /// <summary>A thermometer into a piece.</summary>
    Measure,

    /// <summary>One lot comes out before the others.</summary>
    TakeFoodOut,

    /// <summary>The tray comes out.</summary>
    TakeOut,

    /// <summary>The tray goes back in.</summary>
    PutBack,

    /// <summary>It is eaten.</summary>
    Eat,
}
