using AmberSpoon.Core.Heat.Meshing;

namespace AmberSpoon.Core.Heat.Climate;

/// <summary>
/// An oven, a tray and the hands that tend it: the surroundings of a piece from going in to the end of its rest. One
/// evening serves one run, since oven and tray remember.
/// </summary>
public sealed class OvenEvening : Surroundings
{
    private readonly OvenTraits _traits;
    private readonly Placement _placement;
    private readonly List<OvenStep> _steps;
    private readonly OvenAir _oven;
    private readonly TrayBody _tray;
    private Cover _cover;
    private RestKind? _resting;
    private double _restingFromS;
    private bool _turned;
    private double _underC = HeatParameters.RoomAir.Value;
    private double _topC = HeatParameters.RoomAir.Value;
    private double _underRatePerS;
    private double _nowS;
    private double _endS;
    private ShelfPlace _place;
    private bool _grillOnFull;
    private int _next;

    /// <param name="traits">The oven.</param>
    /// <param name="placement">How the piece lies.</param>
    /// <param name="steps">In order of time.</param>
    /// <param name="endS">When to stop following, s.</param>
    /// <exception cref="HeatInputException">Out of range, or out of order.</exception>
    public OvenEvening(OvenTraits traits, Placement placement, IReadOnlyList<OvenStep> steps, double endS)
    {
        placement.Validate();
        HeatInputException.RequireWithin("endS", endS, 0, Solving.HeatSolver.LongestS);
        for (int i = 0; i < steps.Count; i++)
        {
            double earliestS = i == 0 ? 0 : steps[i - 1].AtS;
            if (!(steps[i].AtS >= earliestS && steps[i].AtS <= endS))
            {
                throw new HeatInputException($"steps[{i}].atS", "This step comes before the one above it, or after the end.");
            }
        }

        _traits = traits;
        _placement = placement;
        _steps = [.. steps];
        _oven = new(traits);
        _tray = new(placement, HeatParameters.RoomAir.Value);
        _cover = placement.Cover;
        _turned = placement.TopDown;
        _endS = endS;
        _place = traits.Place;
        Happen(0);
    }

    public override double EndS => _endS;

    /// <summary>From now on the evening ends like this instead: earlier steps that lie ahead still happen.</summary>
    /// <param name="steps">What else is done, each now or later.</param>
    /// <param name="endS">When to stop following, s.</param>
    internal void EndWith(IReadOnlyList<OvenStep> steps, double endS)
    {
        _steps.RemoveAll(step => step.AtS > endS);
        _steps.AddRange(steps);

        // A stable sort, and none among what has happened already.
        OvenStep[] ahead = [.. _steps.Skip(_next).OrderBy(step => step.AtS)];
        _steps.RemoveRange(_next, _steps.Count - _next);
        _steps.AddRange(ahead);
        _endS = endS;
        Happen(_nowS);
    }

    /// <summary>No side that lies on a tray keeps warming or cooling faster than this, K/s.</summary>
    private const double FastestPerS = 0.5;

    /// <summary>While it rests its middle peaks within minutes, and its surface cools faster still: longer steps would miss that.</summary>
    private const double LongestFirstRestStepS = 10;
    private const double LongestRestStepS = 40;
    private const double FirstRestS = 300;

    public override double LongestStepS => _resting is not null ? (_nowS < _restingFromS + FirstRestS ? LongestFirstRestStepS : LongestRestStepS)
        : _traits.SwingC > 0 ? _traits.SwingPeriodS / 12
        : double.PositiveInfinity;

    public override double NextChangeS(double timeS)
    {
        for (int i = _next; i < _steps.Count; i++)
        {
            if (_steps[i].AtS > timeS)
            {
                return _steps[i].AtS;
            }
        }

        return EndS;
    }

    public override void Describe(double timeS, Span<FaceClimate> sides)
    {
        FaceClimate open = _resting is { } rest ? Resting(rest) : InOven(timeS - _nowS);
        FaceClimate under = Under(open, _tray.AfterC(timeS - _nowS, AroundTray()), timeS - _nowS);
        FaceClimate rim = _resting is null && _cover == Cover.None ? Crowded(open) : open;
        FaceClimate top = _resting is null && _cover == Cover.None && _oven.Mode == OvenMode.Grill ? UnderTheGrill(open) : open;
        sides[(int)Side.Top] = _turned ? under : top;
        sides[(int)Side.Rim] = Standing(rim, _tray.TemperatureC);
        sides[(int)Side.Under] = _turned ? top : under;
    }

    public override void Advance(double fromS, double toS, ReadOnlySpan<double> meanSurfaceC)
    {
        double underC = meanSurfaceC[(int)LyingDown];

        // The first step's change is from a guess, and a surface that jumps does not go on like that: neither is carried on.
        _underRatePerS = fromS == 0 ? 0 : Math.Clamp((underC - _underC) / (toS - fromS), -FastestPerS, FastestPerS);
        _tray.Advance(toS - fromS, AroundTray());
        _underC = underC;
        _topC = meanSurfaceC[(int)(_turned ? Side.Under : Side.Top)];
        _oven.Advance(fromS, toS - fromS);
        _nowS = toS;
        Happen(toS);
    }

    /// <summary>The lower element of a still oven glows under its floor for as long as it has to heat.</summary>
    private double FloorExcessC => _oven.Mode == OvenMode.Still ? HeatParameters.FloorExcess.Value * Math.Clamp((_oven.WallC - 60) / 100, 0, 1) : 0;

    /// <summary>What the underside of the vessel sees: walls and floor, or in part the food of another vessel.</summary>
    private double BelowC
    {
        get
        {
            double wallC = _oven.WallC + _place.AirC + (_place.FloorView * FloorExcessC);
            return wallC - (_place.ShadeBelow * (wallC - OtherVesselC(_oven.WallC)));
        }
    }

    /// <summary>Liquid wets the sides up to its level.</summary>
    private FaceClimate Standing(FaceClimate rim, double trayC)
    {
        double wet = _placement.Support == Support.Rack ? 0 : _tray.WetHeightShare;
        return wet == 0 ? rim : rim with
        {
            ConvectionWPerM2K = (1 - wet) * rim.ConvectionWPerM2K,
            Emissivity = (1 - wet) * rim.Emissivity,
            ContactC = trayC,
            ContactWPerM2K = wet * HeatParameters.LiquidContact.Value,
        };
    }

    public override void Drip(double kgPerM2)
    {
        // What runs off a piece on a rack or a bed of vegetables does not reach what it lies on.
        if (_placement.Support is Support.BareTray or Support.Parchment)
        {
            _tray.Pour(kgPerM2);
        }
    }

    private TrayClimate AroundTray()
    {
        bool isTouched = _placement.Support != Support.Rack;
        double roomC = HeatParameters.RoomAir.Value;
        return _resting is null
            ? new(_oven.AirC + _place.AirC, BelowC, OpenConvection, _underC, _underRatePerS, isTouched, _cover == Cover.None)
            : new(roomC, roomC, HeatParameters.RoomConvection.Value, _underC, _underRatePerS, isTouched, _cover == Cover.None);
    }

    public override double WaterAddedKgPerM2(double atS, Side side) => side == LyingDown
        ? 0
        : _steps.OfType<Baste>().Where(baste => baste.AtS == atS).Sum(baste => baste.WaterKgPerM2);

    public override double BrowningTimes(double atS, Side side) => side == LyingDown
        ? 1
        : _steps.OfType<Baste>().Where(baste => baste.AtS == atS).Aggregate(1.0, (times, baste) => times * baste.BrowningTimes);

    /// <summary>The side that a brush does not reach.</summary>
    private Side LyingDown => _turned ? Side.Top : Side.Under;

    private void Happen(double untilS)
    {
        while (_next < _steps.Count && _steps[_next].AtS <= untilS)
        {
            Happen(_steps[_next++]);
        }
    }

    private void Happen(OvenStep step)
    {
        _underRatePerS = 0;
        switch (step)
        {
            case SetOven set:
                HeatInputException.RequireWithin("steps.setC", set.SetC, 30, 320);
                _oven.Set(set.SetC);
                break;
            case SwitchMode switched:
                _oven.Mode = switched.Mode;
                _grillOnFull = switched.IsFull;
                break;
            case Turn:
                _turned = !_turned;
                _underC = HeatParameters.NeighbourSurface.Value;
                break;
            case SetCover cover:
                _cover = cover.Cover;
                break;
            case Drain:
                _tray.Drain();
                break;
            case MoveShelf move:
                _place = move.Place;
                break;
            case TakeOut takeOut:
                _resting = takeOut.Rest;
                _restingFromS = takeOut.AtS;
                break;
            case PutBack:
                _resting = null;
                break;
        }

        if (step.DoorOpenS > 0)
        {
            _oven.OpenDoor(step.DoorOpenS);
        }
    }

    /// <summary>How well air gives off its heat where the vessel stands, against an ordinary oven.</summary>
    private double Exchange => _traits.ExchangeFactor * _place.AirShare;

    private double OpenConvection => Exchange
        * (_oven.Mode == OvenMode.Fan ? HeatParameters.FanConvection : HeatParameters.StillConvection).Value;

    private FaceClimate InOven(double laterS)
    {
        (double airC, double wallC) = Here(_oven.After(_nowS, laterS));
        double exchange = Exchange;
        switch (_cover)
        {
            case Cover.Foil:
                double foilW = exchange * HeatParameters.FoilConvection.Value;
                return FaceClimate.Uniform(
                    Inside(airC, wallC, HeatParameters.FoilEmissivity.Value, foilW + Radiating(_topC)), foilW, HeatParameters.Emissivity.Value);
            case Cover.Parcel:
                double parcelW = exchange * HeatParameters.ParcelConvection.Value;
                return FaceClimate.Uniform(Inside(airC, wallC, HeatParameters.PaperEmissivity.Value, parcelW), parcelW);
            default:
                return new(
                    airC,
                    OpenConvection,
                    Math.Min(1, exchange * HeatParameters.Emissivity.Value),
                    FaceClimate.RadiationAt(wallC),
                    0,
                    0,
                    _traits.EvaporationFactor,
                    HeatParameters.OvenVapourPressure.Value);
        }
    }

    /// <summary>Air and walls as a vessel has them on its shelf: some of its view upward may be another vessel's underside.</summary>
    private (double AirC, double WallC) Here((double AirC, double WallC) oven)
    {
        double wallC = oven.WallC + _place.AirC;
        return (oven.AirC + _place.AirC, wallC - (_place.ShadeAbove * (wallC - OtherVesselC(wallC))));
    }

    /// <summary>A vessel of food is nearer to the oven than to its own boiling juices: half of its floor is bare (common practice).</summary>
    private static double OtherVesselC(double wallC) => ((2 * wallC) + Math.Min(wallC, Materials.WaterVapour.BoilingC)) / 3;

    /// <summary>
    /// The steamy air under foil or in a parcel: as warm as what the oven gives its outside and the food takes from its inside
    /// make it. Where that were above boiling, the food's water goes into steam instead, and a share of the excess is left.
    /// </summary>
    private double Inside(double airC, double wallC, double emissivity, double insideW)
    {
        double radiatingW = emissivity * Radiating((wallC + Materials.WaterVapour.BoilingC) / 2);
        double inside = ((OpenConvection * airC) + (radiatingW * wallC) + (insideW * _topC)) / (OpenConvection + radiatingW + insideW);
        double excess = inside - Materials.WaterVapour.BoilingC;
        return excess <= 0 ? inside : Materials.WaterVapour.BoilingC + (HeatParameters.FoilExcess.Value * excess);
    }

    /// <summary>What a black surface gives off per degree, W/(m²·K).</summary>
    private static double Radiating(double celsius)
    {
        double kelvin = celsius + 273.15;
        return 4 * FaceClimate.StefanBoltzmannWPerM2K4 * kelvin * kelvin * kelvin;
    }

    private FaceClimate UnderTheGrill(FaceClimate open)
    {
        double view = _place.GrillView * (_grillOnFull ? 1 : _oven.GrillDuty);
        double element = FaceClimate.RadiationAt(HeatParameters.GrillElement.Value);
        return open with { IncomingRadiationWPerM2 = ((1 - view) * open.IncomingRadiationWPerM2) + (view * element) };
    }

    /// <summary>Neighbours stand in the way of radiation and air, and steam.</summary>
    private FaceClimate Crowded(FaceClimate open)
    {
        double crowding = _placement.Crowding;
        double view = Math.Min(1 - crowding, _placement.SideShare);
        double neighbours = FaceClimate.RadiationAt(HeatParameters.NeighbourSurface.Value);
        return open with
        {
            // What rises between close pieces is their own steam.
            AirC = open.AirC - (HeatParameters.NeighbourSteam.Value * crowding * Math.Max(0, open.AirC - Materials.WaterVapour.BoilingC)),
            ConvectionWPerM2K = open.ConvectionWPerM2K * Math.Min(1 - (crowding / 2), _placement.SideShare),
            IncomingRadiationWPerM2 = (view * open.IncomingRadiationWPerM2) + ((1 - view) * neighbours),
            VapourPressurePa = open.VapourPressurePa * (1 + (2 * crowding)),
        };
    }

    private FaceClimate Under(FaceClimate open, double trayC, double laterS)
    {
        // Under a rack there is air; through a bed of vegetables some of it still finds its way.
        double airShare = _placement.Support switch
        {
            Support.Rack => HeatParameters.RackShare.Value,
            Support.VegetableBed => HeatParameters.BedAirShare.Value,
            _ => 0,
        };
        double vapourPa = open.VapourPressurePa;
        if (_resting is null && _placement.Support != Support.Rack)
        {
            // A bed of vegetables is steam of its own temperature, not dry oven air; under a piece that lies on metal the air
            // is full of its own steam, which only boiling drives out.
            double steamingC = _placement.Support == Support.VegetableBed ? trayC : Math.Min(_underC + (_underRatePerS * laterS), Materials.WaterVapour.BoilingC);
            vapourPa = Math.Max(vapourPa, HeatParameters.BedHumidity.Value * Materials.WaterVapour.SaturationPressurePa(steamingC));
        }

        return open with
        {
            VapourPressurePa = vapourPa,
            EscapeWPerM2K = _placement.Support is Support.BareTray or Support.Parchment ? HeatParameters.SteamEscape.Value : 0,
            ConvectionWPerM2K = airShare * open.ConvectionWPerM2K,
            Emissivity = airShare > 0 ? open.Emissivity : 0,
            IncomingRadiationWPerM2 = FaceClimate.RadiationAt(trayC),
            ContactC = trayC,
            ContactWPerM2K = _placement.Support == Support.Rack ? 0 : _tray.ContactWPerM2K,
        };
    }

    private static FaceClimate Resting(RestKind rest)
    {
        double roomC = HeatParameters.RoomAir.Value;
        double convection = HeatParameters.RoomConvection.Value;
        double emissivity = HeatParameters.Emissivity.Value;
        double tent = HeatParameters.TentShare.Value;
        double vapourPa = HeatParameters.RoomVapourPressure.Value;
        return rest switch
        {
            RestKind.Open => FaceClimate.Uniform(roomC, convection, emissivity, wetness: 1, vapourPa),
            RestKind.Tented => FaceClimate.Uniform(roomC, tent * convection, tent * emissivity, wetness: tent, vapourPa),
            _ => FaceClimate.Uniform(roomC, tent * convection, tent * emissivity),
        };
    }
}
