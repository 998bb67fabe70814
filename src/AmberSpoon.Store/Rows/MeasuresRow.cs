using AmberSpoon.Core.Prep.Scaling;

namespace AmberSpoon.Store.Rows;

/// <summary>What the household measures with: one row.</summary>
public sealed class MeasuresRow
{
    public int Id { get; init; }

    public required KitchenMeasures Measures { get; set; }
}
