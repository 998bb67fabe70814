using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What an empty kitchen starts from.</summary>
internal static class FirstTray
{
    public static TrayPlan Plan { get; } = new(
        "Tonight’s tray",
        Cut.BoneInThigh,
        SkinOn: true,
        Count: 6,
        new EnteredMass(1, MassUnit.Kilogram),
        MassBasis.Pack,
        Height: null,
        StartingPoint.Fridge,
        OvenMode.Still,
        new EnteredTemperature(200, TemperatureUnit.Celsius),
        ProfileId.UnitedStates,
        new EnteredTemperature(74, TemperatureUnit.Celsius),
        RestMinutes: 5,
        EatAt: null);
}
