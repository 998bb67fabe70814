using AmberSpoon.Core.Food;
using AmberSpoon.Core.Heat;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Pieces;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// The plan's steps as one lot meets them: what was done before it went in has made the oven what it is then; the rest
/// happens to it, in its own time.
/// </summary>
internal sealed class LotTimeline
{
    private readonly TrayPlan _plan;
    private readonly int _vessel;
    private readonly int _addAtMinutes;
    private readonly ChickenLot? _chicken;
    private readonly List<CoatLayer> _layers;
    private readonly List<OvenStep> _steps = [];
    private double _setC;
    private double _placeC;
    private double? _grillC;
    private OvenMode _mode;
    private Cover _cover;
    private OvenShelf _shelf;
    private OvenShelf? _otherShelf;

    /// <param name="plan">The plan.</param>
    /// <param name="vessel">In which vessel the lot lies.</param>
    /// <param name="addAtMinutes">When it goes in.</param>
    /// <param name="placeC">How much hotter than in the middle of the oven it is where the lot lies, °C.</param>
    /// <param name="cover">What is over it when it goes in.</param>
    /// <param name="chicken">The lot, where it is chicken: vegetables are not basted, and have no coats.</param>
    public LotTimeline(TrayPlan plan, int vessel, int addAtMinutes, double placeC, Cover cover, ChickenLot? chicken)
    {
        (_plan, _vessel, _addAtMinutes, _placeC, _cover, _chicken) = (plan, vessel, addAtMinutes, placeC, cover, chicken);
        _layers = [.. StackedCoats.LayersAtStart(chicken?.Coats ?? [])];
        _mode = plan.OvenMode;
        _setC = plan.OvenSetting.ToTemperature().Celsius;
        _shelf = plan.ShelfOf(vessel);
        _otherShelf = plan.Vessels.Count > 1 ? plan.ShelfOf(1 - vessel) : null;

        IEnumerable<(int AtMinutes, PlannedStep? Step)> events = plan.HandSteps().Select(step => (step.AtMinutes, (PlannedStep?)step))
            .Concat(plan.Steps.Where(step => step.Kind == StepKind.Grill).Select(step => (step.AtMinutes + step.ForMinutes!.Value, (PlannedStep?)null)))
            .OrderBy(step => step.Item1);
        (int AtMinutes, PlannedStep? Step)[] all = [.. events];
        foreach ((_, PlannedStep? step) in all.Where(step => step.AtMinutes < addAtMinutes || IsFromTheStart(step)))
        {
            BeforeItWentIn(step);
        }

        OvenAtFirst = new OvenTraits(_mode, _grillC ?? (_setC + _placeC)) { Place = Place(), OffsetC = plan.Oven?.OffsetC ?? 0, StartC = addAtMinutes == 0 ? plan.OvenAtStart?.ToTemperature().Celsius : null };
        if (plan.Oven?.Learnt is { } learnt)
        {
            OvenAtFirst = OvenAtFirst with { ExchangeFactor = learnt.ExchangeFactor, EvaporationFactor = learnt.EvaporationFactor };
        }

        CoverAtFirst = _cover;
        if (addAtMinutes > 0)
        {
            _steps.Add(new OpenDoor(0, HeatParameters.LookSeconds.Value));
        }

        foreach ((int atMinutes, PlannedStep? step) in all.Where(step => step.AtMinutes >= addAtMinutes && !IsFromTheStart(step)))
        {
            While(60 * (atMinutes - addAtMinutes), step);
        }

        foreach (int other in OtherArrivals())
        {
            _steps.Add(new OpenDoor(60 * (other - addAtMinutes), HeatParameters.LookSeconds.Value));
        }

        Steps = [.. _steps.OrderBy(step => step.AtS)];
    }

    public OvenTraits OvenAtFirst { get; }

    public Cover CoverAtFirst { get; }

    public IReadOnlyList<OvenStep> Steps { get; }

    /// <summary>A cover at 0 goes on before the door is shut.</summary>
    private bool IsFromTheStart((int AtMinutes, PlannedStep? Step) step) => _addAtMinutes == 0 && step.AtMinutes == 0;

    private void BeforeItWentIn(PlannedStep? step)
    {
        switch (step?.Kind)
        {
            case null:
                (_mode, _grillC) = (_plan.OvenMode, null);
                break;
            case StepKind.Lower:
                _setC = step.Setting!.ToTemperature().Celsius;
                break;
            case StepKind.Grill:
                (_mode, _grillC) = (OvenMode.Grill, step.Setting?.ToTemperature().Celsius);
                break;
            case StepKind.Cover when _cover == Cover.None:
                _cover = Cover.Foil;
                break;
            case StepKind.Uncover when _cover == Cover.Foil:
                _cover = Cover.None;
                break;
            case StepKind.Swap:
                Swap();
                break;
            case StepKind.Shelf:
                Move(step);
                break;
            case StepKind.Rotate:
                _placeC = -_placeC;
                break;
        }
    }

    private void While(double atS, PlannedStep? step)
    {
        switch (step?.Kind)
        {
            case null:
                _mode = _plan.OvenMode;
                _steps.Add(new SwitchMode(atS, _mode, IsFull: false));
                _steps.Add(new SetOven(atS, _setC + _placeC));
                _steps.Add(new MoveShelf(atS, Place(), 0));
                break;
            case StepKind.Baste:
                _steps.Add(_chicken is not null ? new Baste(atS) : new OpenDoor(atS, HeatParameters.BasteSeconds.Value));
                break;
            case StepKind.Coat:
                _steps.Add(step.Coats!.FirstOrDefault(coat => coat.Lot == _chicken?.Id) is { } own ? PutOn(atS, _chicken!.Coats[own.Index].Kind) : new OpenDoor(atS, HeatParameters.BasteSeconds.Value));
                break;
            case StepKind.Turn:
                _steps.Add(new Turn(atS));
                break;
            case StepKind.Rotate:
                _placeC = -_placeC;
                _steps.Add(new OpenDoor(atS, HeatParameters.LookSeconds.Value));
                _steps.Add(new SetOven(atS, _setC + _placeC));
                break;
            case StepKind.Swap:
                Swap();
                _steps.Add(new MoveShelf(atS, Place(), HeatParameters.TurnSeconds.Value));
                break;
            case StepKind.Shelf:
                Move(step);
                _steps.Add(new MoveShelf(atS, Place(), HeatParameters.LookSeconds.Value));
                break;
            case StepKind.Look:
                _steps.Add(new OpenDoor(atS, HeatParameters.LookSeconds.Value));
                break;
            case StepKind.Cover:
                Put(atS, Cover.Foil, over: Cover.None);
                break;
            case StepKind.Uncover:
                Put(atS, Cover.None, over: Cover.Foil);
                break;
            case StepKind.Drain:
                _steps.Add(new Drain(atS));
                break;
            case StepKind.Lower:
                _setC = step.Setting!.ToTemperature().Celsius;
                _steps.Add(new SetOven(atS, _setC + _placeC));
                break;
            case StepKind.Grill:
                _mode = OvenMode.Grill;
                _steps.Add(new SwitchMode(atS, _mode, IsFull: step.Setting is null));
                if (step.Setting is { } grill)
                {
                    _steps.Add(new SetOven(atS, grill.ToTemperature().Celsius));
                }

                _steps.Add(new MoveShelf(atS, UnderTheGrill(step.Shelf), HeatParameters.LookSeconds.Value));
                break;
        }
    }

    private Baste PutOn(double atS, Coating kind)
    {
        (double waterKgPerM2, double browningTimes) = PieceCoats.Brushed(_layers, kind);
        _layers.Add(kind);
        return new(atS) { WaterKgPerM2 = waterKgPerM2, BrowningTimes = browningTimes };
    }

    private void Swap()
    {
        if (_otherShelf is { } other)
        {
            (_shelf, _otherShelf) = (other, _shelf);
        }
    }

    /// <summary>This vessel or the other is moved; onto the other's shelf, the two change places.</summary>
    private void Move(PlannedStep step)
    {
        if (step.Vessel == _vessel)
        {
            (_shelf, _otherShelf) = (step.Shelf!.Value, _otherShelf == step.Shelf ? _shelf : _otherShelf);
        }
        else
        {
            (_otherShelf, _shelf) = (step.Shelf!.Value, _shelf == step.Shelf ? _otherShelf!.Value : _shelf);
        }
    }

    /// <summary>Foil on or off; a parcel keeps its own.</summary>
    private void Put(double atS, Cover cover, Cover over)
    {
        if (_cover == over)
        {
            _cover = cover;
            _steps.Add(new SetCover(atS, cover));
        }
        else
        {
            _steps.Add(new OpenDoor(atS, HeatParameters.CoverSeconds.Value));
        }
    }

    /// <summary>What the vessel sees from where it stands now.</summary>
    private ShelfPlace Place()
    {
        ShelfPlace place = _otherShelf is { } other ? OvenGeometry.Beside(_shelf, other, _mode) : OvenGeometry.Alone(_shelf, _mode);

        // A lot that comes while the grill is on stands where the others do.
        return _mode == OvenMode.Grill && _plan.OvenMode != OvenMode.Grill ? UnderTheGrill(null) : place;
    }

    /// <summary>Under the grill for a while: alone it is moved near it, the upper of two is, the lower stays in its shade.</summary>
    private ShelfPlace UnderTheGrill(OvenShelf? shelf)
    {
        if (_otherShelf is not { } other)
        {
            return OvenGeometry.Alone(shelf ?? OvenShelf.TopThird, OvenMode.Grill);
        }

        return OvenGeometry.Beside(_shelf, other, OvenMode.Grill);
    }

    private IEnumerable<int> OtherArrivals() => _plan.Chicken.Select(lot => lot.AddAtMinutes)
        .Concat(_plan.Vegetables.Select(lot => lot.AddAtMinutes))
        .Distinct()
        .Where(minute => minute > _addAtMinutes);
}
