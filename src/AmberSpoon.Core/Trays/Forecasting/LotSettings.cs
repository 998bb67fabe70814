using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Trays.Layout;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>The one way from a plan and its layout to what each lot meets.</summary>
public sealed class LotSettings
{
    /// <summary>Straight from a household fridge, °C (common practice).</summary>
    private const double FridgeC = 4;

    /// <summary>After half an hour on the counter, °C in the middle (common practice).</summary>
    private const double CounterC = 10;

    /// <summary>Vegetables lie in the kitchen, °C (common practice).</summary>
    private const double VegetableC = 20;

    /// <summary>Where a second layer lies on the first, food touches food nearly all round.</summary>
    private const double NoRoomCrowding = 0.9;

    private readonly TrayPlan _plan;
    private readonly TrayLayout _layout;
    private readonly double? _crowding;

    /// <param name="plan">A plan within <see cref="TrayPlanLimits"/>, not frozen.</param>
    /// <param name="layout">Where its pieces lie.</param>
    /// <param name="crowding">Take every piece to be as crowded as this instead, or null.</param>
    public LotSettings(TrayPlan plan, TrayLayout layout, double? crowding = null)
    {
        _plan = plan;
        _layout = layout;
        _crowding = crowding;
    }

    /// <summary>The heaviest piece of a chicken lot that lies worst, or another by its mass, g.</summary>
    public PieceSetting Of(ChickenLot lot, double? massG = null) => Of(lot, massG ?? lot.MassesG()[0], _layout.Slowest(lot.Id));

    /// <summary>One piece of a chicken lot where it lies.</summary>
    /// <param name="lot">The lot.</param>
    /// <param name="piece">Which, from 1, the heaviest first; one that is not drawn lies like the worst.</param>
    public PieceSetting Of(ChickenLot lot, int piece) => Of(
        lot,
        lot.MassesG()[piece - 1],
        _layout.Vessels.SelectMany(vessel => vessel.Pieces).FirstOrDefault(placed => placed.Spot.Lot == lot.Id && placed.Spot.Index == piece - 1) ?? _layout.Slowest(lot.Id));

    private PieceSetting Of(ChickenLot lot, double massG, PlacedPiece? place)
    {
        bool isOnBed = _plan.Vegetables.Any(other => other.Vessel == lot.Vessel && other.Place == VegetablePlace.Under);
        Vessel vessel = _plan.Vessels[lot.Vessel];
        Support support = vessel.Rack ? Support.Rack : isOnBed ? Support.VegetableBed : SupportOn(vessel);
        return Setting(
            lot.Piece(massG),
            lot.Height is not null,
            StartC(lot.StartFrom),
            place,
            lot.Vessel,
            lot.AddAtMinutes,
            support,
            lot.IsInParcel ? Cover.Parcel : Cover.None,
            lot.SkinDown,
            lot) with
        { Sear = lot.Sear };
    }

    public PieceSetting Of(VegetableLot lot) => Setting(
        lot.Piece(),
        isMeasured: true,
        VegetableC,
        _layout.Slowest(lot.Id),
        lot.Vessel,
        lot.AddAtMinutes,
        SupportOn(_plan.Vessels[lot.Vessel]),
        Cover.None,
        isTopDown: false,
        chicken: null);

    private static Support SupportOn(Vessel vessel) => vessel.Parchment ? Support.Parchment : Support.BareTray;

    private PieceSetting Setting(
        Heat.Pieces.FoodBody piece,
        bool isMeasured,
        double startC,
        PlacedPiece? place,
        int vessel,
        int addAtMinutes,
        Support support,
        Cover cover,
        bool isTopDown,
        ChickenLot? chicken)
    {
        Vessel lying = _plan.Vessels[vessel];
        var timeline = new LotTimeline(_plan, vessel, addAtMinutes, HotSpotC(place), cover, chicken);
        var placement = new Placement(
            support,
            lying.Material,
            lying.WaterMl * 1000 / lying.FloorMm2(),
            _crowding ?? (place is null || _layout.Vessels[vessel].IsOverfull ? Math.Max(NoRoomCrowding, place?.Crowding ?? 0) : place.Crowding),
            timeline.CoverAtFirst,
            isTopDown);
        return new(piece, isMeasured, startC, timeline.OvenAtFirst, placement, timeline.Steps, place?.Spot.Index ?? 0);
    }

    /// <summary>How much hotter than in the middle of the oven it is where the piece lies, °C.</summary>
    private double HotSpotC(PlacedPiece? place)
    {
        if (place is null)
        {
            return 0;
        }

        double depthMm = _layout.Vessels[place.Spot.Vessel].DepthMm;
        return Math.Round(HeatParameters.HotSpot.Value * (1 - (2 * place.Spot.YMm / depthMm)), 1);
    }

    /// <exception cref="ArgumentOutOfRangeException">Frozen meat: its thawing is not modelled, and it is refused.</exception>
    private static double StartC(StartingPoint start) => start switch
    {
        StartingPoint.Fridge => FridgeC,
        StartingPoint.Counter => CounterC,
        _ => throw new ArgumentOutOfRangeException(nameof(start), start, "Frozen meat cannot be planned."),
    };
}
