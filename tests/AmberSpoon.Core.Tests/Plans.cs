using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Tests;

/// <summary>Plans to start a test from, in °C and grams per piece.</summary>
internal static class Plans
{
    public static TrayPlan Of(
        Cut cut,
        double pieceG,
        double ovenC,
        OvenMode mode = OvenMode.Still,
        double targetC = 74,
        bool skinOn = true,
        double? heightMm = null,
        int restMinutes = 5) => new(
        "test",
        cut,
        skinOn,
        Count: 6,
        new EnteredMass(pieceG, MassUnit.Gram),
        MassBasis.Piece,
        heightMm is { } mm ? new EnteredLength(mm, LengthUnit.Millimetre) : null,
        StartingPoint.Fridge,
        mode,
        new EnteredTemperature(ovenC, TemperatureUnit.Celsius),
        ProfileId.UnitedStates,
        new EnteredTemperature(targetC, TemperatureUnit.Celsius),
        restMinutes,
        EatAt: null);

    public static TrayPlan Thighs { get; } = Of(Cut.BoneInThigh, 165, 204);
}
