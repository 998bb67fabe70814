namespace AmberSpoon.Core.Trays.Layout;

/// <summary>Lays the pieces of one vessel: the bed and what is scattered over the chicken on floors of their own.</summary>
internal sealed class VesselArranger
{
    /// <summary>What is tried in turn: what stays, space between pieces, mm, and whether they are laid row by row.</summary>
    private static readonly (Staying Staying, double GapMm, bool IsInRows)[] Ways =
    [
        (Staying.Everything, 9, false),
        (Staying.Everything, 3, false),
        (Staying.Chicken, 3, false),
        (Staying.Chicken, 0, false),
        (Staying.Pinned, 3, false),
        (Staying.Pinned, 0, false),
        (Staying.Pinned, 0, true),
    ];

    private static readonly int[] ChickenAngles = [0, 45, 90, 135, 180, 225, 270, 315];
    private static readonly int[] VegetableAngles = [0, 60, 120];

    private const double CloseCover = 0.5;
    private const double CrowdedCover = 0.62;

    /// <summary>Cells are that small beside a piece that every other one is enough.</summary>
    private const int EveryOther = 2;

    private readonly Vessel _vessel;
    private readonly TrayGrid _floor;
    private readonly TrayGrid[] _floors;
    private readonly TrayGrid _chickenAlone;
    private readonly Dictionary<(Footprint, int, double), TurnedShape> _turned;
    private readonly (PlaceLattice Places, PlaceWorth Worths) _forChicken;
    private readonly (PlaceLattice Places, PlaceWorth Worths) _forVegetables;
    private readonly List<(TrayItem Item, Spot Spot)> _placed = [];
    private readonly List<TrayItem> _left = [];

    /// <summary>The best way so far: one that leaves as much is given up on the spot.</summary>
    private readonly VesselArranger? _best;
    private readonly double _gapMm;
    private readonly bool _isInRows;
    private readonly DistanceField _fromChicken;
    private readonly DistanceField[] _fromLevel;
    private readonly Dictionary<int, DistanceField> _fromLot = [];

    /// <summary>The first cell not yet tried, row by row: where one had no room, its like has none later.</summary>
    private readonly Dictionary<(Footprint, int), int> _triedInRows = [];

    private VesselArranger(Vessel vessel, double gapMm, bool isInRows, Dictionary<(Footprint, int, double), TurnedShape> turned, Dictionary<int, PlaceWorth> worths, VesselArranger? best)
    {
        _best = best;
        _turned = turned;
        _vessel = vessel;
        _gapMm = gapMm;
        _isInRows = isInRows;
        _floor = new(vessel);
        _floors = [new(vessel), _floor, new(vessel)];
        _chickenAlone = new(vessel);
        _forChicken = Worths(EveryOther);
        _forVegetables = gapMm == 0 ? Worths(1) : _forChicken;
        _fromChicken = new(_forChicken.Places);
        _fromLevel = [new(_forVegetables.Places), new(_forVegetables.Places), new(_forVegetables.Places)];

        (PlaceLattice, PlaceWorth) Worths(int every)
        {
            var places = new PlaceLattice(_floor, every);
            if (!worths.TryGetValue(every, out PlaceWorth? made))
            {
                worths[every] = made = new(vessel, places);
            }

            return (places, made);
        }
    }

    public static VesselLayout Arrange(TrayPlan plan, int vessel, IReadOnlyList<TrayItem> items, IReadOnlyList<Spot> spots)
    {
        VesselArranger? best = null;
        Dictionary<(Footprint, int, double), TurnedShape> turned = [];
        Dictionary<int, PlaceWorth> worths = [];
        bool isAfresh = false;
        foreach ((Staying staying, double gapMm, bool isInRows) in spots.Count > 0 ? Ways : Ways.DistinctBy(way => (way.GapMm, way.IsInRows)))
        {
            var tried = new VesselArranger(plan.Vessels[vessel], gapMm, isInRows, turned, worths, best);
            tried.LayAll(items, spots, staying);
            if (best is null || tried.LeavesLessThan(best))
            {
                (best, isAfresh) = (tried, staying == Staying.Pinned && spots.Any(spot => !spot.IsPinned));
            }

            if (best._left.Count == 0)
            {
                break;
            }
        }

        return best!.Layout(plan, vessel, isAfresh);
    }

    /// <summary>Chicken before all else: a way that lays the vegetables and leaves the meat out is none.</summary>
    private bool LeavesLessThan(VesselArranger other)
    {
        int chicken = _left.Count(item => item.IsChicken);
        int otherChicken = other._left.Count(item => item.IsChicken);
        return chicken == otherChicken ? LeftMm2 < other.LeftMm2 : chicken < otherChicken;
    }

    private double LeftMm2 => _left.Sum(item => item.Footprint.AreaMm2());

    /// <summary>What lies where it lay.</summary>
    private enum Staying
    {
        Everything,

        /// <summary>Vegetables make way for new chicken.</summary>
        Chicken,

        /// <summary>Only what the cook has laid.</summary>
        Pinned,
    }

    private void LayAll(IReadOnlyList<TrayItem> items, IReadOnlyList<Spot> spots, Staying staying)
    {
        var known = spots.Where(spot => staying != Staying.Pinned || spot.IsPinned)
            .DistinctBy(spot => (spot.Lot, spot.Index))
            .ToDictionary(spot => (spot.Lot, spot.Index));
        if (staying == Staying.Chicken)
        {
            LayAll([.. items.Where(item => item.IsChicken)], known);
            LayAll([.. items.Where(item => !item.IsChicken)], known);
        }
        else
        {
            LayAll(items, known);
        }
    }

    private void LayAll(IReadOnlyList<TrayItem> items, Dictionary<(int Lot, int Index), Spot> known)
    {
        var waiting = new List<TrayItem>();
        foreach (TrayItem item in items.OrderByDescending(item => known.GetValueOrDefault((item.Lot, item.Index))?.IsPinned == true))
        {
            if (!known.TryGetValue((item.Lot, item.Index), out Spot? spot) || !Keep(item, spot))
            {
                waiting.Add(item);
            }
        }

        // Large before small: what comes last must make do with what is left.
        foreach (TrayItem item in waiting
            .OrderByDescending(item => item.IsChicken)
            .ThenByDescending(item => Math.Round(item.Footprint.AreaMm2()))
            .ThenBy(item => item.Lot)
            .ThenBy(item => item.Index))
        {
            // The floor only fills: where one had no room, its like has none.
            if (_left.Any(left => left.Footprint == item.Footprint) || !Lay(item))
            {
                _left.Add(item);
                if (_best is not null && !LeavesLessThan(_best))
                {
                    return;
                }
            }
        }
    }

    private TrayGrid FloorOf(TrayItem item) => _floors[(int)item.Level];

    /// <summary>Puts a piece where it lay, or a dragged one as near as can be to where it was dropped.</summary>
    private bool Keep(TrayItem item, Spot spot)
    {
        TurnedShape shape = Turned(item.Footprint, spot.AngleDegrees, 0);
        TrayGrid floor = FloorOf(item);
        (int column, int row) = CellOf(spot);
        if (floor.Fits(shape, column, row))
        {
            Put(item, spot with { XMm = TrayGrid.MiddleMm(column), YMm = TrayGrid.MiddleMm(row) });
            return true;
        }

        if (!spot.IsPinned)
        {
            return false;
        }

        (int Column, int Row, double Away)? nearest = null;
        for (int r = 0; r < floor.Rows; r++)
        {
            for (int c = 0; c < floor.Columns; c++)
            {
                double away = ((c - column) * (c - column)) + ((r - row) * (r - row));
                if (away < (nearest?.Away ?? double.PositiveInfinity) && floor.Fits(shape, c, r))
                {
                    nearest = (c, r, away);
                }
            }
        }

        if (nearest is not { } near)
        {
            return false;
        }

        Put(item, spot with { XMm = TrayGrid.MiddleMm(near.Column), YMm = TrayGrid.MiddleMm(near.Row) });
        return true;
    }

    private bool Lay(TrayItem item)
    {
        if (_isInRows && !item.IsChicken)
        {
            return LayInRow(item);
        }

        double most = double.NegativeInfinity;
        (int Column, int Row, int Angle) best = default;
        TrayGrid floor = FloorOf(item);
        (PlaceLattice places, PlaceWorth worths) = item.IsChicken ? _forChicken : _forVegetables;
        if (!item.IsChicken)
        {
            worths.ForVegetable(_fromLevel[(int)item.Level], _fromLot.GetValueOrDefault(item.Lot));
        }
        else if (_isInRows)
        {
            worths.ForChickenInRows(_fromChicken, item.Footprint.LengthMm);
        }

        foreach (int angle in item.IsChicken ? ChickenAngles : VegetableAngles)
        {
            if (item.IsChicken && !_isInRows)
            {
                worths.ForChicken(_fromChicken, item.Footprint.LengthMm, angle);
            }

            TurnedShape shape = Turned(item.Footprint, angle, _gapMm);
            for (int r = 0; r < places.Rows; r++)
            {
                if (worths.MostIn(r) <= most)
                {
                    continue;
                }

                int row = places.CellOf(r);
                ReadOnlySpan<double> worth = worths.Row(r);
                for (int c = 0; c < worth.Length; c++)
                {
                    if (worth[c] > most && floor.Fits(shape, places.CellOf(c), row))
                    {
                        (most, best) = (worth[c], (places.CellOf(c), row, angle));
                    }
                }
            }
        }

        if (double.IsNegativeInfinity(most))
        {
            return false;
        }

        Put(item, new(item.Lot, item.Index, item.Vessel, TrayGrid.MiddleMm(best.Column), TrayGrid.MiddleMm(best.Row), best.Angle, IsPinned: false));
        return true;
    }

    /// <summary>The first free place, row by row from the back.</summary>
    private bool LayInRow(TrayItem item)
    {
        TrayGrid floor = FloorOf(item);
        (int Row, int Column, int Angle)? first = null;
        foreach (int angle in VegetableAngles)
        {
            TurnedShape shape = Turned(item.Footprint, angle, _gapMm);
            int rows = first is { } known ? known.Row : floor.Rows;
            int cell = _triedInRows.GetValueOrDefault((item.Footprint, angle));
            while (cell < rows * floor.Columns && !floor.Fits(shape, cell % floor.Columns, cell / floor.Columns))
            {
                cell++;
            }

            _triedInRows[(item.Footprint, angle)] = cell;
            if (cell < rows * floor.Columns)
            {
                first = (cell / floor.Columns, cell % floor.Columns, angle);
            }
        }

        if (first is { } place)
        {
            Put(item, new(item.Lot, item.Index, item.Vessel, TrayGrid.MiddleMm(place.Column), TrayGrid.MiddleMm(place.Row), place.Angle, IsPinned: false));
        }

        return first is not null;
    }

    private void Put(TrayItem item, Spot spot)
    {
        (int column, int row) = CellOf(spot);
        FloorOf(item).Take(Turned(item.Footprint, spot.AngleDegrees, 0), column, row);
        _placed.Add((item, spot));
        _fromLevel[(int)item.Level].Add(column, row);
        if (item.IsChicken)
        {
            _fromChicken.Add(column, row);
            _chickenAlone.Take(Turned(item.Footprint, spot.AngleDegrees, 0), column, row);
        }
        else
        {
            if (!_fromLot.TryGetValue(item.Lot, out DistanceField? alike))
            {
                alike = new(_forVegetables.Places);
                _fromLot[item.Lot] = alike;
            }

            alike.Add(column, row);
        }
    }

    private TurnedShape Turned(Footprint footprint, int angle, double gapMm)
    {
        if (!_turned.TryGetValue((footprint, angle, gapMm), out TurnedShape? shape))
        {
            shape = TurnedShape.Of(footprint, angle, gapMm);
            _turned[(footprint, angle, gapMm)] = shape;
        }

        return shape;
    }

    private VesselLayout Layout(TrayPlan plan, int vessel, bool isAfresh)
    {
        (double widthMm, double depthMm) = _vessel.Floor();
        double cover = Enum.GetValues<TrayLevel>().Max(level => AreaShare(plan, vessel, level));
        double undrawn = Math.Max(0, (cover / MostCover) - 1);
        double tooMuch = Math.Max(TooMuch(), undrawn);
        double[] scattered = [.. Enum.GetValues<TrayLevel>().Select(level => ScatteredShare(plan, vessel, level))];
        bool areSomeUndrawn = Scattered(plan, vessel, TrayLevel.Floor).Any(lot => TrayItem.OnTheFloor(lot) > TrayItem.MostOfOneVegetable);
        return new(
            widthMm,
            depthMm,
            _vessel.IsRound,
            [.. _placed.OrderBy(piece => piece.Item.Level).ThenBy(piece => piece.Item.Lot).ThenBy(piece => piece.Item.Index)
                .Select(piece => new PlacedPiece(piece.Spot, piece.Item.Scale, CrowdingAt(piece.Item, piece.Spot, scattered[(int)piece.Item.Level], areSomeUndrawn)))],
            cover,
            _left.Count > 0 || cover >= CrowdedCover ? Fullness.Crowded : cover >= CloseCover ? Fullness.Close : Fullness.Roomy,
            _left.Count == 0 && tooMuch > TrayPlanLimits.HeapedShare ? [Undrawn(plan, vessel, cover)] : [.. _left.GroupBy(item => item.Lot).Select(lot => new LeftOver(lot.Key, lot.Count()))],
            tooMuch,
            _left.Any(item => item.IsChicken) || tooMuch > TrayPlanLimits.HeapedShare,
            isAfresh);
    }

    /// <summary>Covered share of the floor, pieces that are not drawn one by one included.</summary>
    private double AreaShare(TrayPlan plan, int vessel, TrayLevel level) =>
        (ChickenMm2(plan, vessel, level) + VegetablesMm2(plan, vessel, level)) / _vessel.FloorMm2();

    private static double ChickenMm2(TrayPlan plan, int vessel, TrayLevel level) => level != TrayLevel.Floor ? 0 : plan.Chicken.Where(lot => lot.Vessel == vessel)
        .Sum(lot => lot.MassesG().GroupBy(mass => mass).Sum(alike => alike.Count() * Footprint.Of(lot.Piece(alike.Key)).AreaMm2()));

    private static double VegetablesMm2(TrayPlan plan, int vessel, TrayLevel level) =>
        Scattered(plan, vessel, level).Sum(lot => TrayItem.OnTheFloor(lot) * Footprint.Of(lot.Piece()).AreaMm2());

    private static IEnumerable<VegetableLot> Scattered(TrayPlan plan, int vessel, TrayLevel level) =>
        plan.Vegetables.Where(lot => lot.Vessel == vessel && TrayItem.LevelOf(lot.Place) == level);

    /// <summary>
    /// How much of what is round a vegetable others take. A cook spreads them evenly, whatever place each is drawn at and however few of
    /// very many are drawn: close together they take the share of the floor that they cover, and less of it the wider their gaps are.
    /// </summary>
    private double ScatteredShare(TrayPlan plan, int vessel, TrayLevel level)
    {
        double pieces = Scattered(plan, vessel, level).Sum(TrayItem.OnTheFloor);
        if (pieces == 0)
        {
            return 0;
        }

        double coveredMm2 = VegetablesMm2(plan, vessel, level);
        double freeMm2 = Math.Max(_vessel.FloorMm2() - ChickenMm2(plan, vessel, level), coveredMm2);
        double gapMm = Math.Sqrt(freeMm2 / pieces) - Math.Sqrt(coveredMm2 / pieces);
        return coveredMm2 / freeMm2 * Math.Clamp(((2 * RingMm) - gapMm) / RingMm, 0, 1);
    }

    /// <summary>Of very many small pieces only some are laid: what the floor cannot hold is reckoned by area, and is of the lot with most of it.</summary>
    private static LeftOver Undrawn(TrayPlan plan, int vessel, double cover)
    {
        VegetableLot most = plan.Vegetables.Where(lot => lot.Vessel == vessel).MaxBy(lot => TrayItem.OnTheFloor(lot) * Footprint.Of(lot.Piece()).AreaMm2())!;
        return new(most.Id, (int)Math.Ceiling(most.Count * (1 - (MostCover / cover))));
    }

    /// <summary>Share of a floor that pieces side by side can cover, pushed together.</summary>
    internal const double MostCover = 0.85;

    private double TooMuch()
    {
        double laidMm2 = _placed.Sum(piece => piece.Item.Footprint.AreaMm2());
        return LeftMm2 == 0 ? 0 : laidMm2 == 0 ? 1 : LeftMm2 / laidMm2;
    }

    /// <summary>How much of a ring round the piece others take: what stands in the way of air and radiation.</summary>
    private double CrowdingAt(TrayItem item, Spot spot, double scatteredShare, bool areSomeUndrawn)
    {
        double byChicken = item.Level == TrayLevel.Floor ? RingShare(item, spot, _chickenAlone) : 0;
        double spread = byChicken + ((1 - byChicken) * scatteredShare);
        double round = !item.IsChicken ? spread : areSomeUndrawn ? Math.Max(spread, RingShare(item, spot, _floor)) : RingShare(item, spot, _floor);
        double heaped = item.Level == TrayLevel.Bed ? BedCrowding : 0;
        return Math.Round(Math.Clamp(OpenCrowding + heaped + round, 0, 0.95), 2);
    }

    /// <summary>Share of a ring round a piece that is taken on this floor.</summary>
    private static double RingShare(TrayItem item, Spot spot, TrayGrid floor)
    {
        const int around = 32;
        int taken = 0;
        for (int i = 0; i < around; i++)
        {
            (double sin, double cos) = Math.SinCos(2 * Math.PI * i / around);
            double reachMm = ReachMm(item.Footprint, spot.AngleDegrees, cos, sin) + RingMm;
            int column = (int)Math.Floor((spot.XMm + (reachMm * cos)) / TrayGrid.CellMm);
            int row = (int)Math.Floor((spot.YMm + (reachMm * sin)) / TrayGrid.CellMm);
            bool isOffTheFloor = column < 0 || row < 0 || column >= floor.Columns || row >= floor.Rows;
            taken += !isOffTheFloor && floor.IsTaken(column, row) ? 1 : 0;
        }

        return (double)taken / around;
    }

    /// <summary>How far away a neighbour still counts, mm.</summary>
    private const double RingMm = 16;

    /// <summary>A piece with nothing near it.</summary>
    private const double OpenCrowding = 0.1;

    /// <summary>What lies under the chicken has it above.</summary>
    private const double BedCrowding = 0.4;

    /// <summary>From the middle of a turned piece to its edge in a direction, mm, taking it for an ellipse.</summary>
    private static double ReachMm(Footprint footprint, int angleDegrees, double cos, double sin)
    {
        (double turnSin, double turnCos) = Math.SinCos(angleDegrees * Math.PI / 180);
        double along = ((cos * turnCos) + (sin * turnSin)) / (footprint.LengthMm / 2);
        double across = ((sin * turnCos) - (cos * turnSin)) / footprint.HalfWidthsMm.Max();
        return 1 / Math.Sqrt((along * along) + (across * across));
    }

    private static (int Column, int Row) CellOf(Spot spot) =>
        ((int)Math.Floor(spot.XMm / TrayGrid.CellMm), (int)Math.Floor(spot.YMm / TrayGrid.CellMm));
}
