using AmberSpoon.Core.Households;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What a new tray starts from: the kitchen's oven and its usual vessel, and nothing on it.</summary>
internal static class EmptyTray
{
    public static TrayPlan Of(Household household) => new(
        "Tonight’s tray",
        Chicken: [],
        Vegetables: [],
        Vessels: [household.Vessels[0].Vessel],
        household.Ovens[0].Air,
        household.Dial,
        Steps: [],
        household.Profile,
        RestMinutes: 5,
        EatAt: null,
        Spots: [])
    {
        Oven = household.Ovens[0],
    };
}
