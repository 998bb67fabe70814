using System.Text.Json.Serialization;
using AmberSpoon.Core.Doneness.Goals;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Trays.Forecasting;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Trays;

/// <summary>
/// What the cook has decided about tonight's tray, as typed. It holds no answers: those are computed from it by
/// <see cref="TrayForecaster"/>. Its bounds stand in <see cref="TrayPlanLimits"/>.
/// </summary>
/// <param name="Name">What the cook calls it.</param>
/// <param name="Chicken">Lots of chicken, perhaps none yet.</param>
/// <param name="Vegetables">Lots of vegetables, perhaps none.</param>
/// <param name="Vessels">One or two; the first of two stands on the upper shelf.</param>
/// <param name="OvenMode">Still, fan, or wholly under the grill.</param>
/// <param name="OvenSetting">What the dial says at first.</param>
/// <param name="Steps">What is done meanwhile, in order of time.</param>
/// <param name="Profile">Whose safety rule the verdict follows.</param>
/// <param name="RestMinutes">Rest before eating, whole minutes.</param>
/// <param name="EatAt">When dinner is, or null for "as soon as it can be".</param>
/// <param name="Spots">Where pieces lie, as last laid out or dragged; pieces without one get one.</param>
public sealed record TrayPlan(
    string Name,
    IReadOnlyList<ChickenLot> Chicken,
    IReadOnlyList<VegetableLot> Vegetables,
    IReadOnlyList<Vessel> Vessels,
    OvenMode OvenMode,
    EnteredTemperature OvenSetting,
    IReadOnlyList<PlannedStep> Steps,
    ProfileId Profile,
    int RestMinutes,
    DateTimeOffset? EatAt,
    IReadOnlyList<Spot> Spots)
{
    /// <summary>The oven when the first food goes in; null where it is as hot as it is set.</summary>
    public EnteredTemperature? OvenAtStart { get; init; }

    /// <summary>Which oven it bakes in, as it was known when the plan was written; null for an ordinary one.</summary>
    public HouseOven? Oven { get; init; }

    /// <summary>The bake that it was made from, to be baked again; null where it was not.</summary>
    public Guid? Repeats { get; init; }

    /// <summary>The tray stays in at least so long, min since the first food; null for as long as its food needs.</summary>
    public int? StayUntilMinutes { get; init; }

    /// <summary>A sauce is made of the juices that were poured off: thickened and boiled, min (common practice).</summary>
    private const int SauceMinutes = 5;

    /// <summary>Below this an oven is not on, °C.</summary>
    private const double ColdOvenC = 40;

    /// <summary>The oven is on so long before the food goes in, min; 0 where it goes into a cold one.</summary>
    [JsonIgnore]
    public int PreheatMinutes => PreheatToC is { } celsius ? HouseOven.PreheatTo(Oven, celsius) : 0;

    /// <summary>What the oven is brought to before the food goes in, °C; null where it goes into a cold one.</summary>
    [JsonIgnore]
    public double? PreheatToC => Math.Min(OvenSetting.ToTemperature().Celsius, (OvenAtStart ?? OvenSetting).ToTemperature().Celsius) is var celsius && celsius < ColdOvenC ? null : celsius;

    /// <summary>All that hands do meanwhile: the plan's own steps as they stand, then the coats that go on in the oven.</summary>
    public IReadOnlyList<PlannedStep> HandSteps() =>
    [
        .. Steps,
        .. Chicken.SelectMany(lot => lot.Coats.Index().Where(coat => coat.Item.IsPutOnInOven()).Select(coat => (Lot: lot, coat.Index, At: MinuteOf(lot, coat.Item))))
            .Where(coat => coat.At is not null)
            .GroupBy(coat => (coat.At, coat.Lot.Coats[coat.Index].Kind, coat.Lot.Coats[coat.Index].Mix))
            .OrderBy(coats => coats.Key.At)
            .Select(coats => new PlannedStep(StepKind.Coat, coats.Key.At!.Value) { Coats = [.. coats.Select(coat => new CoatRef(coat.Lot.Id, coat.Index))] }),
    ];

    /// <summary>When a coat goes on in the oven; null where it waits for juices that nobody pours off.</summary>
    private int? MinuteOf(ChickenLot lot, LotCoat coat)
    {
        int? at = coat.When == CoatTime.AtMinute
            ? coat.AtMinutes
            : Steps.Where(step => step.Kind == StepKind.Drain).Select(step => (int?)step.AtMinutes).FirstOrDefault() + (coat.Kind == Coating.JuiceSauce ? SauceMinutes : 0);
        return at is { } minute ? Math.Max(minute, lot.AddAtMinutes) : null;
    }

    /// <summary>Until when the tray is kept in, whatever its food needs: as long as was asked for, and until its last step is done, min.</summary>
    [JsonIgnore]
    public int KeptInMinutes => Math.Min(TrayPlanLimits.LatestStepMinutes, Math.Max(
        StayUntilMinutes ?? 0,
        HandSteps().Where(step => step.Kind is not (StepKind.Drain or StepKind.Look)).Select(step => step.AtMinutes + (step.ForMinutes ?? 0)).DefaultIfEmpty(0).Max()));

    /// <summary>Where a vessel stands: where it was put, or its usual shelf; never where the other stands.</summary>
    public OvenShelf ShelfOf(int vessel)
    {
        if (Vessels.Count < 2)
        {
            return Vessels[vessel].Shelf ?? (OvenMode == OvenMode.Grill ? OvenShelf.TopThird : OvenShelf.Middle);
        }

        OvenShelf first = Vessels[0].Shelf ?? (Vessels[1].Shelf == OvenShelf.TopThird ? OvenShelf.Middle : OvenShelf.TopThird);
        OvenShelf second = Vessels[1].Shelf ?? OvenShelf.Low;
        return vessel == 0 ? first
            : second != first ? second
            : first == OvenShelf.Middle ? OvenShelf.Low : OvenShelf.Middle;
    }

    /// <summary>How many pieces of chicken.</summary>
    public int Count => Chicken.Sum(lot => lot.Count);

    /// <summary>The unit in which temperatures of this plan are said.</summary>
    [JsonIgnore]
    public TemperatureUnit Unit => OvenSetting.Unit;

    /// <summary>Where a lot should get to.</summary>
    /// <exception cref="InvalidOperationException">No such lot.</exception>
    public LotGoal GoalOf(LotId lot) => Chicken.FirstOrDefault(chicken => chicken.LotId == lot) is { } meat
        ? meat.Goal
        : Vegetables.First(vegetable => vegetable.LotId == lot).SoftGoal();

    /// <summary>The vegetables moved to a tray of their own on the lower shelf; chicken stays where it lies.</summary>
    public TrayPlan WithVegetablesApart() => Vegetables.Count == 0 ? this : this with
    {
        Vessels = [Vessels[0], Vessel.HalfSheet],
        Vegetables = [.. Vegetables.Select(lot => lot with { Vessel = 1, Place = VegetablePlace.Around })],
        Spots = [.. Spots.Where(spot => Chicken.Any(lot => lot.Id == spot.Lot))],
    };

    public bool IsEmpty => Chicken.Count == 0 && Vegetables.Count == 0;
}
