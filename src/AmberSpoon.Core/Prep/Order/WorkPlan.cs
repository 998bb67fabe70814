using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Prep.Order;

/// <summary>What the order of work is made from.</summary>
/// <param name="Plan">Tonight's tray.</param>
/// <param name="Mix">What goes on the meat; null for oil and salt.</param>
/// <param name="ServeG">How much of it is set aside clean to be served, g; 0 for none.</param>
/// <param name="MarinateMinutes">How long the meat lies in it; 0 where it goes straight to the oven.</param>
/// <param name="Garnish">Something is chopped to go on at the table.</param>
public sealed record WorkPlan(TrayPlan Plan, Mix? Mix, double ServeG, int MarinateMinutes, bool Garnish);
