namespace AmberSpoon.Core.Trays;

/// <summary>Where the meat was before the oven.</summary>
public enum StartingPoint
{
    /// <summary>Straight from the fridge, 4 °C.</summary>
    Fridge,

    /// <summary>Half an hour or so on the counter: 10 °C in the middle (common practice).</summary>
    Counter,

    /// <summary>Frozen: known so that it can be refused with its reason.</summary>
    Frozen,
}
