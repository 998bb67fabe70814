using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What a new tray starts from: an oven and a sheet, and nothing on it.</summary>
internal static class EmptyTray
{
    public static TrayPlan Plan { get; } = new(
        "Tonight’s tray",
        Chicken: [],
        Vegetables: [],
        Vessels: [Vessel.HalfSheet],
        OvenMode.Still,
        new EnteredTemperature(200, TemperatureUnit.Celsius),
        Steps: [],
        ProfileId.UnitedStates,
        RestMinutes: 5,
        EatAt: null,
        Spots: []);
}
