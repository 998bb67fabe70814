using AmberSpoon.Core.Households;

namespace AmberSpoon.Store.Rows;

/// <summary>What is said once of the kitchen: one row.</summary>
public sealed class HouseholdRow
{
    public int Id { get; init; }

    public required Household Household { get; set; }

    /// <summary>Grows by one with each change.</summary>
    public int Version { get; set; }
}
