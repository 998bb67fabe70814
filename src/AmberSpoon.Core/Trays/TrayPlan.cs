using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays;

/// <summary>
/// What the cook has decided about tonight's tray, as typed. It holds no answers: those are computed from it by
/// <see cref="TrayForecaster"/>. Its bounds stand in <see cref="TrayPlanLimits"/>.
/// </summary>
/// <param name="Name">What the cook calls it.</param>
/// <param name="Cut">One cut for the whole tray.</param>
/// <param name="SkinOn">Whether the skin is on.</param>
/// <param name="Count">How many pieces.</param>
/// <param name="Mass">Mass with bone and skin, of the pack or of one piece.</param>
/// <param name="MassBasis">Which of the two.</param>
/// <param name="Height">Height of the thickest piece lying on the tray, or null to guess it from the mass.</param>
/// <param name="StartFrom">Where the meat comes from.</param>
/// <param name="OvenMode">Still or fan.</param>
/// <param name="OvenSetting">What the dial says.</param>
/// <param name="Profile">Whose safety rule the verdict follows.</param>
/// <param name="TargetCore">The temperature to take it out at, in the coldest middle.</param>
/// <param name="RestMinutes">Rest before eating, whole minutes.</param>
/// <param name="EatAt">When dinner is, or null for "as soon as it can be".</param>
public sealed record TrayPlan(
    string Name,
    Cut Cut,
    bool SkinOn,
    int Count,
    EnteredMass Mass,
    MassBasis MassBasis,
    EnteredLength? Height,
    StartingPoint StartFrom,
    OvenMode OvenMode,
    EnteredTemperature OvenSetting,
    ProfileId Profile,
    EnteredTemperature TargetCore,
    int RestMinutes,
    DateTimeOffset? EatAt)
{
    /// <summary>Mass of one piece, g.</summary>
    public double PieceMassG() => MassBasis == MassBasis.Pack ? Mass.Grams() / Count : Mass.Grams();
}
