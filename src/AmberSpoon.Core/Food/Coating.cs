namespace AmberSpoon.Core.Food;

/// <summary>What a piece is covered with before it is baked.</summary>
public enum Coating
{
    /// <summary>Plain, or a film of oil with a rub.</summary>
    Oil,

    /// <summary>Oil, acid and aromatics, drained.</summary>
    WetMarinade,

    /// <summary>Yogurt or another marinade that clings.</summary>
    ThickMarinade,

    /// <summary>Sweet and sticky.</summary>
    Glaze,

    /// <summary>Crumb over egg, mayonnaise or yogurt.</summary>
    Crumb,
}
