using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Households;

/// <summary>A vessel that a household has, by the name it goes by there. For one that stands on a tray's shelf tonight see <see cref="Vessel"/>.</summary>
/// <param name="Name">What the household calls it.</param>
/// <param name="Vessel">What it is.</param>
public sealed record OwnedVessel(string Name, Vessel Vessel);
