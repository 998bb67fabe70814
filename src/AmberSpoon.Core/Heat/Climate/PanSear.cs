namespace AmberSpoon.Core.Heat.Climate;

/// <summary>Browned in a hot pan before it goes into the oven: half the time on each side, the side that faces up first.</summary>
/// <param name="Minutes">Both sides together.</param>
/// <param name="Pan">In what.</param>
public sealed record PanSear(double Minutes, Pan Pan)
{
    /// <summary>The pan with the burner under it and meat in it, °C (common practice).</summary>
    public double PanC => Pan switch { Pan.CastIron => 220, Pan.Steel => 205, _ => 185 };
}

/// <summary>What a pan is made of.</summary>
public enum Pan
{
    CastIron,
    Steel,
    NonStick,
}
