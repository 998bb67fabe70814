using System.Numerics;
using System.Runtime.CompilerServices;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Meshing;
using AmberSpoon.Core.Heat.Vectors;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// One side of a body's skin: each element of surface has its own temperature, is wet or dry by itself and browns by itself.
/// Its law is nonlinear; each stage uses its tangent at the last known surface temperature. Arrays hold one value per element,
/// filled up to whole vectors by elements without an area. All sides together are <see cref="SurfaceLayer"/>.
/// </summary>
internal sealed class SurfaceSide
{
    /// <summary>Trials for the surface temperature that goes with a cell, at most.</summary>
    private const int MostTrials = 16;
    private const double CloseC = 0.3;

    /// <summary>More than this within a stage is a jump, °C.</summary>
    private const double JumpC = 5;

    /// <summary>
    /// No surface in a kitchen is colder, °C: from a hot, wet one a tangent points far below absolute zero, where the law is none.
    /// </summary>
    private const double ColdestC = -40;

    /// <summary>Inside so much hotter than the surface, steam fills the crust, °C.</summary>
    private const double OutwardsC = 2;

    /// <summary>About where browning begins to matter, K.</summary>
    private const double BrowningK = 400;

    /// <summary>Crust beyond 5 mm is not followed, kg/m².</summary>
    private const double MostCrustKgPerM2 = 4;

    private static readonly double CoversKgPerM2 = HeatParameters.FilmMost.Value;
    private static readonly double PressedKgPerM2 = HeatParameters.FilmPressed.Value;
    private static readonly double DryingKgPerM2 = HeatParameters.DryingScale.Value;
    private static readonly double CrustM2KPerWPerKg = HeatParameters.CrustResistance.Value;
    private static readonly double PorousM2KPerWPerKg = HeatParameters.PoreResistance.Value;
    private static readonly double SteamingCrustShare = HeatParameters.SteamingCrust.Value;

    private readonly int[] _cell;
    private readonly double[] _areaM2;
    private readonly double[] _depthM;
    private readonly double[] _temperatureC;
    private readonly double[] _keptC;
    private readonly double[] _ratePerS;
    private readonly double[] _cellC;
    private readonly double[] _resistance;
    private readonly double[] _tangentFlux;
    private readonly double[] _tangentSlope;
    private readonly double[] _evaporation;
    private readonly double[] _firstEvaporation;
    private readonly double[] _filmKgPerM2;
    private readonly double[] _drawnKgPerM2;
    private readonly double[] _wetness;
    private readonly double[] _browning;
    private Coat _coat;

    /// <param name="mesh">The body's; its elements are ordered by side.</param>
    /// <param name="side">Which of them are meant.</param>
    /// <param name="coat">What is on it.</param>
    /// <param name="startC">°C.</param>
    public SurfaceSide(ScaledMesh mesh, Side side, Coat coat, double startC)
    {
        _coat = coat;
        int[] elements = [.. Enumerable.Range(0, mesh.AreaM2.Length).Where(e => mesh.Mesh.Elements[e].Side == side)];
        Count = elements.Length;
        int room = Lanes.Padded(Count);
        (_cell, _areaM2, _depthM) = (new int[room], new double[room], new double[room]);
        for (int n = 0; n < room; n++)
        {
            int e = elements[Math.Min(n, Count - 1)];
            (_cell[n], _areaM2[n], _depthM[n]) = (mesh.Mesh.Elements[e].Cell, n < Count ? mesh.AreaM2[e] : 0, mesh.DepthM[e]);
        }

        AreaM2 = _areaM2.Sum();
        (_temperatureC, _keptC, _ratePerS, _cellC) = (new double[room], new double[room], new double[room], new double[room]);
        (_resistance, _tangentFlux, _tangentSlope) = (new double[room], new double[room], new double[room]);
        (_evaporation, _firstEvaporation, _wetness, _browning) = (new double[room], new double[room], new double[room], new double[room]);
        (_filmKgPerM2, _drawnKgPerM2) = (new double[room], new double[room]);
        Array.Fill(_temperatureC, startC);
        Array.Fill(_wetness, 1);
        Array.Fill(_filmKgPerM2, coat.FreeWaterKgPerM2);
    }

    /// <summary>How many elements it has.</summary>
    public int Count { get; }

    public double AreaM2 { get; }

    /// <summary>°C per element.</summary>
    public ReadOnlySpan<double> TemperatureC => _temperatureC.AsSpan(0, Count);

    /// <summary>Water that lies on it, kg.</summary>
    public double FilmKg => OverArea(_filmKgPerM2);

    /// <summary>Temperatures times areas, °C·m².</summary>
    public double TemperatureCM2 => OverArea(_temperatureC);

    /// <summary>Browning times areas, m².</summary>
    public double BrowningM2 => OverArea(_browning);

    private double OverArea(double[] values)
    {
        Vector<double> sum = Vector<double>.Zero;
        for (int e = 0; e < _areaM2.Length; e += Vector<double>.Count)
        {
            sum += Lanes.At(_areaM2, e) * Lanes.At(values, e);
        }

        return Vector.Sum(sum);
    }

    /// <summary>
    /// Remembers a step's start, to return to if the step is not kept, guesses where its first stage ends, and how wet the surface
    /// is half-way: a film of juice covers a share of it, and the rest dries.
    /// </summary>
    /// <param name="system">The cells below, with their conductivities of this step.</param>
    /// <param name="stepS">Length of the step, s.</param>
    /// <param name="gamma">Share of it that a stage takes.</param>
    /// <param name="supplyKgPerM2S">Juice that comes to bare meat, kg/(m²·s).</param>
    /// <param name="boiledKgPerM2">Water that boiled off inside and left through the surface, kg/m².</param>
    public void Begin(ConductionSystem system, double stepS, double gamma, double supplyKgPerM2S, double boiledKgPerM2)
    {
        double[] conductivity = system.ConductivityWPerMK;
        for (int e = 0; e < _cell.Length; e++)
        {
            _resistance[e] = conductivity[_cell[e]];
        }

        var covers = new Vector<double>(CoversKgPerM2);
        var comes = new Vector<double>(supplyKgPerM2S * _coat.Wetness);
        var coat = new Vector<double>(_coat.ResistanceM2KPerW);
        var pores = new Vector<double>(PorousM2KPerWPerKg * Math.Min(boiledKgPerM2, MostCrustKgPerM2));
        double half = stepS / 2;
        for (int e = 0; e < _cell.Length; e += Vector<double>.Count)
        {
            Vector<double> celsius = Lanes.At(_temperatureC, e);
            Lanes.Put(celsius, _keptC, e);
            Lanes.Put(celsius + Ahead(gamma * stepS * Lanes.At(_ratePerS, e)), _temperatureC, e);

            Vector<double> drawn = Lanes.At(_drawnKgPerM2, e);
            Vector<double> insideAboveC = Lanes.At(_cellC, e) - celsius;
            Vector<double> crust = pores + (CrustM2KPerWPerKg * Vector.Min(drawn, new Vector<double>(MostCrustKgPerM2)));
            Vector<double> resistance = (Lanes.At(_depthM, e) / Lanes.At(_resistance, e)) + coat + (crust * HeldBack(insideAboveC, drawn));
            Lanes.Put(resistance, _resistance, e);

            // The film goes as fast as what it covers evaporates, and towards what comes from inside.
            Vector<double> perCovered = Vector.Max(
                Vector<double>.Zero, Lanes.At(_evaporation, e) / Vector.Max(Lanes.At(_wetness, e), new Vector<double>(0.02)));
            Vector<double> film = Lanes.At(_filmKgPerM2, e);
            Vector<double> restsAt = covers * (comes + Steam(insideAboveC / resistance, drawn)) / perCovered;
            Vector<double> filmHalfWay = Vector.ConditionalSelect(
                Vector.GreaterThan(perCovered, new Vector<double>(1e-9)),
                restsAt + (Vector.Exp(perCovered * -half / covers) * (film - restsAt)),
                film);
            Vector<double> covered = Vector.Min(Vector.Max(filmHalfWay / covers, Vector<double>.Zero), Vector<double>.One);
            Vector<double> bare = Vector<double>.One - covered;
            Lanes.Put(covered + (bare * DrySurface(drawn, half * perCovered * bare)), _wetness, e);
        }
    }

    /// <summary>How wet the bare share of a place is, after more was drawn from it: 1 where nothing was drawn from it yet.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Vector<double> DrySurface(Vector<double> drawnKgPerM2, Vector<double> moreKgPerM2)
    {
        var scale = new Vector<double>(-DryingKgPerM2);
        Vector<double> moist = Vector.Exp(drawnKgPerM2 / scale);
        return moist * Vector.Exp(moreKgPerM2 * moist / scale);
    }

    /// <summary>What a crust holds back of what it does from outside: outwards steam carries heat through its pores.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Vector<double> HeldBack(Vector<double> insideAboveC, Vector<double> drawnKgPerM2)
    {
        Vector<double> outwards = Vector.Min(Vector<double>.One, Vector.Max(Vector<double>.Zero, insideAboveC / new Vector<double>(OutwardsC)));
        Vector<double> held = Vector<double>.One - (outwards * (1 - SteamingCrustShare));
        return Vector.ConditionalSelect(Vector.LessThan(drawnKgPerM2, new Vector<double>(double.MaxValue)), held, Vector<double>.One);
    }

    /// <summary>
    /// Where heat flows outwards, as out of the oven, steam from inside carries some of it and condenses in the crust: crisp skin softens as
    /// it rests (common practice). At most as much as that heat makes, kg/(m²·s); none of meat that has no water left.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Vector<double> Steam(Vector<double> outwardsWPerM2, Vector<double> drawnKgPerM2) => Vector.ConditionalSelect(
        Vector.LessThan(drawnKgPerM2, new Vector<double>(double.MaxValue)),
        Vector.Max(Vector<double>.Zero, outwardsWPerM2) / new Vector<double>(WaterVapour.LatentHeatJPerKg),
        Vector<double>.Zero);

    public void Return() => _keptC.CopyTo(_temperatureC, 0);

    /// <summary>Remembers the evaporation of a step's first stage, and guesses where the second one ends.</summary>
    public void Continue(double gamma)
    {
        _evaporation.CopyTo(_firstEvaporation, 0);
        double onwards = (1 - gamma) / gamma;
        for (int e = 0; e < _keptC.Length; e += Vector<double>.Count)
        {
            Vector<double> celsius = Lanes.At(_temperatureC, e);
            Lanes.Put(celsius + Ahead((celsius - Lanes.At(_keptC, e)) * onwards), _temperatureC, e);
        }
    }

    /// <summary>What goes on evenly is guessed to go on; what jumps is not.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static Vector<double> Ahead(Vector<double> changeC) =>
        Vector.ConditionalSelect(Vector.LessThan(Vector.Abs(changeC), new Vector<double>(JumpC)), changeC, Vector<double>.Zero);

    /// <summary>
    /// Finds the surface temperatures that go with the guessed cells, and puts the law's tangent there into the cells'
    /// balance.
    /// </summary>
    public void Join(ConductionSystem system, in FaceClimate climate)
    {
        ReadCells(system);
        var law = new SurfaceLaw(climate, _coat);
        for (int e = 0; e < _cell.Length; e += Vector<double>.Count)
        {
            Vector<double> surfaceC = Lanes.At(_temperatureC, e);
            SurfaceFlux at = FindSurface(law, ref surfaceC, Lanes.At(_cellC, e), Lanes.At(_resistance, e), Lanes.At(_wetness, e));
            Lanes.Put(surfaceC, _temperatureC, e);
            Lanes.Put(at.FluxWPerM2, _tangentFlux, e);
            Lanes.Put(at.Slope, _tangentSlope, e);
        }

        for (int e = 0; e < Count; e++)
        {
            double slope = _tangentSlope[e];
            double through = _areaM2[e] / (1 - (slope * _resistance[e]));
            system.Diagonal[_cell[e]] -= through * slope;
            system.RightSide[_cell[e]] += through * (_tangentFlux[e] - (slope * _temperatureC[e]));
        }
    }

    private void ReadCells(ConductionSystem system)
    {
        double[] celsius = system.TemperatureC;
        for (int e = 0; e < _cell.Length; e++)
        {
            _cellC[e] = celsius[_cell[e]];
        }
    }

    /// <summary>
    /// The surface temperature at which as much enters as goes on into the cell, by Newton steps. What is left over falls
    /// as the surface gets hotter, so each trial brackets the answer, and a step out of the bracket is replaced by halving.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static SurfaceFlux FindSurface(
        in SurfaceLaw law, ref Vector<double> surfaceC, Vector<double> cellC, Vector<double> resistance, Vector<double> wetness)
    {
        SurfaceFlux at = law.At(surfaceC, wetness);
        var low = new Vector<double>(ColdestC);
        var high = new Vector<double>(double.PositiveInfinity);
        Vector<long> isFar = Vector<long>.AllBitsSet;
        for (int n = 0; n < MostTrials; n++)
        {
            Vector<double> next = cellC + (resistance * at.ThroughTangent(cellC - surfaceC, resistance));
            isFar = Vector.AndNot(isFar, Vector.LessThan(Vector.Abs(next - surfaceC), new Vector<double>(CloseC)));
            if (isFar == Vector<long>.Zero)
            {
                break;
            }

            Vector<long> isHotter = Vector.GreaterThan(next, surfaceC);
            low = Vector.ConditionalSelect(isHotter, surfaceC, low);
            high = Vector.ConditionalSelect(isHotter, high, surfaceC);
            Vector<long> isBetween = Vector.GreaterThan(next, low) & Vector.LessThan(next, high);
            surfaceC = Vector.ConditionalSelect(isFar, Vector.ConditionalSelect(isBetween, next, (low + high) * 0.5), surfaceC);
            at = law.At(surfaceC, wetness);
        }

        return at;
    }

    /// <summary>Takes the solved cells, sets the surface temperatures that go with them, and evaluates the law there.</summary>
    /// <returns>
    /// Heat entering by the law itself, what moves either way, and by how much the law differs from the tangent that was used, W.
    /// </returns>
    public (double EnteringW, double MovingW, double MismatchW) Follow(ConductionSystem system, in FaceClimate climate)
    {
        ReadCells(system);
        var law = new SurfaceLaw(climate, _coat);
        Vector<double> entering = Vector<double>.Zero;
        Vector<double> moving = Vector<double>.Zero;
        Vector<double> mismatch = Vector<double>.Zero;
        for (int e = 0; e < _cell.Length; e += Vector<double>.Count)
        {
            Vector<double> resistance = Lanes.At(_resistance, e);
            Vector<double> cellC = Lanes.At(_cellC, e);
            var tangent = new SurfaceFlux(Lanes.At(_tangentFlux, e), Lanes.At(_tangentSlope, e), Vector<double>.Zero);
            Vector<double> received = tangent.ThroughTangent(cellC - Lanes.At(_temperatureC, e), resistance);
            Vector<double> surfaceC = cellC + (received * resistance);
            SurfaceFlux at = law.At(surfaceC, Lanes.At(_wetness, e));
            Lanes.Put(surfaceC, _temperatureC, e);
            Lanes.Put(at.EvaporationKgPerM2S, _evaporation, e);
            Vector<double> areaM2 = Lanes.At(_areaM2, e);
            entering += areaM2 * at.FluxWPerM2;
            moving += areaM2 * Vector.Abs(at.FluxWPerM2);
            mismatch += areaM2 * Vector.Abs(at.FluxWPerM2 - received);
        }

        return (Vector.Sum(entering), Vector.Sum(moving), Vector.Sum(mismatch));
    }

    /// <summary>
    /// Books a step that is kept: what evaporates comes from the film first and then from the meat below; what comes out of the
    /// meat wets the surface in part and runs off for the rest.
    /// </summary>
    /// <param name="stepS">Its length, s.</param>
    /// <param name="firstShare">Weight of the first stage's evaporation; the rest is the second's.</param>
    /// <param name="wettingKgPerM2">Juice that came out and wets bare meat, kg/m².</param>
    /// <param name="climate">What it met. Where it lies on something, juice is pressed out from between.</param>
    /// <returns>Water evaporated; of that, what was drawn from the meat; and what stays of the juice less what runs off, kg.</returns>
    public (double EvaporatedKg, double DrawnKg, double KeptKg) Settle(double stepS, double firstShare, double wettingKgPerM2, in FaceClimate climate)
    {
        // What sheds water, as skin and crumb do, is wetted less.
        var wetted = new Vector<double>(wettingKgPerM2 * _coat.Wetness);
        var most = new Vector<double>(_coat.FreeWaterKgPerM2 + (climate.ContactWPerM2K > 0 ? PressedKgPerM2 : CoversKgPerM2));
        var covers = new Vector<double>(CoversKgPerM2);
        double browns = stepS * _coat.Browning;
        double perStep = 1 / stepS;
        bool steamsThrough = _coat.OutsideM2KPerW > 0;
        double hotterKPerKgM2S = WaterVapour.LatentHeatJPerKg * _coat.OutsideM2KPerW / (1 + (_coat.OutsideM2KPerW * Carried(climate)));
        Vector<double> evaporatedKg = Vector<double>.Zero;
        Vector<double> drawnKg = Vector<double>.Zero;
        Vector<double> keptKg = Vector<double>.Zero;
        for (int e = 0; e < _cell.Length; e += Vector<double>.Count)
        {
            Vector<double> celsius = Lanes.At(_temperatureC, e);
            Vector<double> wetness = Lanes.At(_wetness, e);
            Vector<double> areaM2 = Lanes.At(_areaM2, e);
            Lanes.Put((celsius - Lanes.At(_keptC, e)) * perStep, _ratePerS, e);
            Vector<double> lost = stepS * ((firstShare * Lanes.At(_firstEvaporation, e)) + ((1 - firstShare) * Lanes.At(_evaporation, e)));
            Vector<double> film = Lanes.At(_filmKgPerM2, e) + wetted;
            Vector<double> covered = Vector.Min(Vector.Max(film / covers, Vector<double>.Zero), Vector<double>.One);
            Vector<double> ofCovered = Vector.Min(Vector<double>.One, covered / Vector.Max(wetness, new Vector<double>(1e-6)));
            Vector<double> ofFilm = Vector.ConditionalSelect(
                Vector.GreaterThan(lost, Vector<double>.Zero), Vector.Min(film, lost * ofCovered), lost);
            Vector<double> drawn = lost - ofFilm;
            Vector<double> left = film - ofFilm;
            Vector<double> over = Vector.Max(Vector<double>.Zero, left - most);
            Lanes.Put(Lanes.At(_drawnKgPerM2, e) + drawn, _drawnKgPerM2, e);
            Lanes.Put(left - over, _filmKgPerM2, e);
            drawnKg += drawn * areaM2;
            evaporatedKg += lost * areaM2;
            keptKg += (wetted - over) * areaM2;
            Vector<double> dry = Vector<double>.One - (0.9 * (steamsThrough ? covered : wetness));
            Vector<double> faceC = celsius + (hotterKPerKgM2S * perStep * Vector.Max(Vector<double>.Zero, drawn));
            Lanes.Put(Lanes.At(_browning, e) + (browns * dry * Browning.RatePerS(faceC)), _browning, e);
        }

        return (Vector.Sum(evaporatedKg), Vector.Sum(drawnKg), Vector.Sum(keptKg));
    }

    /// <summary>What carries heat to a browning face, W/(m²·K).</summary>
    private static double Carried(in FaceClimate climate) => climate.ConvectionWPerM2K + climate.ContactWPerM2K
        + (4 * climate.Emissivity * FaceClimate.StefanBoltzmannWPerM2K4 * BrowningK * BrowningK * BrowningK);

    /// <summary>The meat has no water left to give: from now on only what wets the surface evaporates.</summary>
    public void DryOut() => Array.Fill(_drawnKgPerM2, double.PositiveInfinity);

    /// <summary>Water brushed on wets it again.</summary>
    public void Wet(double waterKgPerM2)
    {
        for (int e = 0; e < _filmKgPerM2.Length; e++)
        {
            _filmKgPerM2[e] += waterKgPerM2;
        }
    }

    /// <summary>From now on it browns so many times as fast: something went on over what was there.</summary>
    public void Coated(double browningTimes) => _coat = _coat with { Browning = browningTimes * _coat.Browning };

    /// <summary>After an abrupt change, evaporation is not what it was.</summary>
    public void ForgetEvaporation()
    {
        Array.Clear(_evaporation);
        Array.Clear(_ratePerS);
    }
}
