using AmberSpoon.Core.Households;
using AmberSpoon.Server.Commands;

namespace AmberSpoon.Server.Stations.Kitchen;

/// <param name="Household">The kitchen.</param>
/// <param name="Version">How often it was changed; 0 for one that was never said.</param>
public sealed record HouseholdView(Household Household, int Version) : IVersioned;
