using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Order;

namespace AmberSpoon.Core.Evenings.Sides;

/// <summary>How a side is usually made (common practice), for about four; what a household says of it is a <see cref="SideDish"/>.</summary>
/// <param name="Kind">Which side.</param>
/// <param name="Name">"rice".</param>
/// <param name="Heat">Where it gets hot.</param>
/// <param name="Prepare">What is done with hands before the heat, as an order: "Rinse the rice, water on".</param>
/// <param name="PrepareMinutes">How long that takes, min.</param>
/// <param name="CookMinutes">Over the heat, min; of one in the oven that the engine computes, 0.</param>
/// <param name="StandMinutes">Off the heat and left alone, min.</param>
/// <param name="Finish">What is done at the end: "Fluff the rice".</param>
/// <param name="FinishMinutes">How long that takes, min.</param>
/// <param name="KeepsMinutes">How long it is good on the table or under its lid, min.</param>
/// <param name="Touches">What the hands meet before the heat.</param>
/// <param name="Vegetable">Of one that the engine bakes on a tray of its own: which.</param>
public sealed record SideFacts(
    SideKind Kind, string Name, SideHeat Heat, string Prepare, int PrepareMinutes, int CookMinutes, int StandMinutes, string Finish, int FinishMinutes, int KeepsMinutes, Touches Touches, Vegetable? Vegetable = null);
