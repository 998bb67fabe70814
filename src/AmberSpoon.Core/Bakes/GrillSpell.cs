using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Bakes;

/// <summary>A while under the grill that was told to have begun.</summary>
/// <param name="FromS">Since when, s in the bake's time.</param>
/// <param name="UntilS">When it was to end, s in the bake's time.</param>
/// <param name="Dial">What the dial stood at before it.</param>
/// <param name="OffS">When the dial was turned back; null where nobody said so.</param>
public sealed record GrillSpell(double FromS, double UntilS, EnteredTemperature Dial, double? OffS)
{
    /// <summary>A dial that is turned this much later was turned for something else, and the grill ended when it was to, s.</summary>
    public const double LateS = 600;

    /// <summary>When it ended, as far as anybody said, s in the bake's time.</summary>
    public double EndS => OffS ?? UntilS;
}
