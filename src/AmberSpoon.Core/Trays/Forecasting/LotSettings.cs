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

    /// <summary>Cut pieces never fit side to side: so much still gets between them (common practice).</summary>
    private const double LeastSideShare = 0.15;

    /// <summary>In a heap, food touches food nearly all round; chicken in hollows of it has its top free.</summary>
    private const double HeapedCrowding = 0.6;
    private const double NestledCrowding = 0.75;

    /// <summary>
    /// Of a heap so many layers deep each piece gets heat as layers to minus this power: less than that would be each its share of
    /// the surface (1), more if steam carried heat through it freely (0). Set so that two layers of potato need about a third longer
    /// than one and three about half as long again (common practice: an hour and more in a full dish).
    /// </summary>
    private const double HeapShare = 0.57;

    /// <summary>Scattered vegetables never hide more of the meat than this.</summary>
    private const double MostCovered = 0.6;

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
        bool isOnBed = lot.IsNestled || _plan.Vegetables.Any(other => other.Vessel == lot.Vessel && other.Place == VegetablePlace.Under);
        Vessel vessel = _plan.Vessels[lot.Vessel];
        Support support = vessel.Rack ? Support.Rack : isOnBed ? Support.VegetableBed : SupportOn(vessel);
        return Setting(
            lot.Piece(massG) with { TopCovered = CoveredFromAbove(lot.Vessel) },
            lot.Height is not null,
            StartC(lot.StartFrom),
            place,
            lot.Vessel,
            lot.AddAtMinutes,
            support,
            lot.IsInParcel ? Cover.Parcel : Cover.None,
            lot.SkinDown,
            lot.IsNestled ? NestledCrowding : 0,
            layers: 1,
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
        lot.Place == VegetablePlace.OnTop ? Support.VegetableBed : SupportOn(_plan.Vessels[lot.Vessel]),
        Cover.None,
        isTopDown: false,
        lot.Layers > 1 ? HeapedCrowding : 0,
        lot.Layers,
        chicken: null,
        SideShare(lot));

    /// <summary>
    /// Pieces spread over a floor share what comes in through the gaps between them, from above and from the hot metal below: for each twice
    /// the gap's area against that of its sides. However small they are cut, all together take no more than the floor lets in.
    /// </summary>
    private double SideShare(VegetableLot lot)
    {
        double cover = Math.Clamp(_layout.Vessels[lot.Vessel].CoverShare, 1e-3, VesselArranger.MostCover);
        Heat.Pieces.FoodBody piece = lot.Piece();
        double areaMm2 = Footprint.Of(piece).AreaMm2();

        // Its size would mesh it, for every plan that is tried.
        double sidesMm2 = 4 * Math.Sqrt(areaMm2) * 1000 * piece.Stretch.Stretched(piece.Shape.Solid.Size).Z;
        return Math.Clamp(2 * areaMm2 * ((1 / cover) - 1) / sidesMm2, LeastSideShare, 1);
    }

    /// <summary>Share of the chicken’s upper side that vegetables scattered over it hide.</summary>
    private double CoveredFromAbove(int vessel)
    {
        double scatteredMm2 = _plan.Vegetables.Where(lot => lot.Vessel == vessel && lot.Place == VegetablePlace.OnTop)
            .Sum(lot => TrayItem.OnTheFloor(lot) * Footprint.Of(lot.Piece()).AreaMm2());
        return Math.Min(MostCovered, scatteredMm2 / _plan.Vessels[vessel].FloorMm2());
    }

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
        double leastCrowding,
        double layers,
        ChickenLot? chicken,
        double sideShare = 1)
    {
        Vessel lying = _plan.Vessels[vessel];
        VesselLayout laid = _layout.Vessels[vessel];
        double over = laid.IsOverfull ? Math.Max(layers, 1 + laid.TooMuchShare) : layers;
        var timeline = new LotTimeline(_plan, vessel, addAtMinutes, HotSpotC(place), cover, chicken);
        var placement = new Placement(
            support,
            lying.Material,
            lying.WaterMl * 1000 / lying.FloorMm2(),
            _crowding ?? Math.Max(leastCrowding, place is null || laid.IsOverfull ? Math.Max(NoRoomCrowding, place?.Crowding ?? 0) : place.Crowding),
            timeline.CoverAtFirst,
            isTopDown,
            _crowding is null ? sideShare : 1);
        OvenTraits oven = timeline.OvenAtFirst;
        return new(
            piece, isMeasured, startC, oven with { ExchangeFactor = oven.ExchangeFactor * (_crowding is null ? Math.Pow(over, -HeapShare) : 1) }, placement, timeline.Steps, place?.Spot.Index ?? 0)
        {
            Believed = _plan.Oven?.Learnt,
        };
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
