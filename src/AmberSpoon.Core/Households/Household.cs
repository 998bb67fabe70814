using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Households;

/// <summary>
/// What is said once of a kitchen and holds everywhere: in which units numbers are asked and shown, what it bakes and measures
/// with, whose safety rule it follows, who eats and who cooks. What was learnt about its oven is not here, and what it measures
/// mixes with is <see cref="Prep.Scaling.KitchenMeasures"/>.
/// </summary>
/// <param name="Temperature">°C or °F.</param>
/// <param name="Mass">Grams or ounces: what new amounts are asked in.</param>
/// <param name="Length">Millimetres or inches.</param>
/// <param name="Clock">18:45 or 6:45 pm.</param>
/// <param name="Ovens">What it bakes in, the usual one first: one to <see cref="MostOvens"/>.</param>
/// <param name="Dial">What new trays begin at, in <paramref name="Temperature"/>.</param>
/// <param name="Vessels">What it owns, the usual one first: one to <see cref="MostVessels"/>.</param>
/// <param name="Thermometer">What it judges doneness with.</param>
/// <param name="Profile">Whose safety rule new trays follow.</param>
/// <param name="Heads">How many usually eat.</param>
/// <param name="Cooks">First names of who cooks, perhaps none.</param>
/// <param name="IsSaid">The first questions were answered; until then the usual kitchen is assumed.</param>
public sealed record Household(
    TemperatureUnit Temperature,
    MassUnit Mass,
    LengthUnit Length,
    ClockFace Clock,
    IReadOnlyList<HouseOven> Ovens,
    EnteredTemperature Dial,
    IReadOnlyList<OwnedVessel> Vessels,
    ThermometerKind Thermometer,
    ProfileId Profile,
    int Heads,
    IReadOnlyList<string> Cooks,
    bool IsSaid)
{
    /// <summary>The hottest that the lead of the probe that stays in may get; null where nobody said.</summary>
    public EnteredTemperature? ProbeLimit { get; init; }

    /// <summary>What sentences for this household are written in.</summary>
    public KitchenUnits Units() => new(Temperature, Mass, Length, Clock);

    public const int MostOvens = 4;
    public const int MostVessels = 8;
    public const int MostCooks = 6;
    public const int MostHeads = 20;

    /// <summary>What is assumed until a cook says otherwise.</summary>
    public static Household Usual { get; } = new(
        TemperatureUnit.Celsius,
        MassUnit.Gram,
        LengthUnit.Millimetre,
        ClockFace.TwentyFour,
        [HouseOven.Usual],
        new(200, TemperatureUnit.Celsius),
        [new("Baking sheet", Vessel.HalfSheet)],
        ThermometerKind.Instant,
        ProfileId.UnitedStates,
        Heads: 4,
        [],
        IsSaid: false);
}
