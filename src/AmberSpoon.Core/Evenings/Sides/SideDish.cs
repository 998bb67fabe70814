namespace AmberSpoon.Core.Evenings.Sides;

/// <summary>A side of one evening. What the household says of it counts; the rest is as <see cref="SideFacts"/> has it.</summary>
/// <param name="Kind">Which.</param>
public sealed record SideDish(SideKind Kind)
{
    /// <summary>Hands before the heat, min; null for the usual.</summary>
    public int? PrepareMinutes { get; init; }

    /// <summary>Over the heat or in the oven, min; null for the usual, or for what the engine finds.</summary>
    public int? CookMinutes { get; init; }

    /// <summary>How long it may wait, min; null for the usual.</summary>
    public int? KeepsMinutes { get; init; }
}
