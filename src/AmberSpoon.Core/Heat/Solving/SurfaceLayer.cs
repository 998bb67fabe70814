using System.Runtime.CompilerServices;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Meshing;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// The skin of a body: each element of surface has its own temperature, is wet or dry by itself and browns by itself. Its
/// law, convection + radiation + contact − evaporation, is nonlinear; each stage uses its tangent at the last known
/// surface temperature. Arrays hold one value per element.
/// </summary>
internal sealed class SurfaceLayer
{
    private const int SideCount = 3;

    /// <summary>Trials for the surface temperature that goes with a cell, at most.</summary>
    private const int MostTrials = 16;
    private const double CloseC = 0.3;

    /// <summary>More than this within a stage is a jump, °C.</summary>
    private const double JumpC = 5;

    /// <summary>
    /// No surface in a kitchen is colder, °C: from a hot, wet one a tangent points far below absolute zero, where the law is none.
    /// </summary>
    private const double ColdestC = -40;

    private static readonly double CoversKgPerM2 = HeatParameters.FilmMost.Value;
    private static readonly double PressedKgPerM2 = HeatParameters.FilmPressed.Value;
    private static readonly double DryingKgPerM2 = HeatParameters.DryingScale.Value;
    private static readonly double CrustM2KPerWPerKg = HeatParameters.CrustResistance.Value;
    private static readonly double PorousM2KPerWPerKg = HeatParameters.PoreResistance.Value;

    /// <summary>Crust beyond 5 mm is not followed, kg/m².</summary>
    private const double MostCrustKgPerM2 = 4;

    private readonly ScaledMesh _mesh;
    private readonly double _areaM2;
    private readonly Coat[] _coats;
    private readonly int[] _cell;
    private readonly int[] _sideStart = new int[SideCount + 1];
    private readonly double[] _keptC;
    private readonly double[] _ratePerS;
    private readonly SurfaceFlux[] _tangent;
    private readonly double[] _evaporation;
    private readonly double[] _firstEvaporation;
    private readonly double[] _filmKgPerM2;
    private readonly double[] _drawnKgPerM2;
    private readonly double[] _wetness;
    private readonly double[] _browning;
    private double _supplyKgPerM2S;
    private double _boiledKgPerM2;

    public SurfaceLayer(ScaledMesh mesh, IReadOnlyList<Coat> coats, double startC)
    {
        _mesh = mesh;
        _coats = [.. coats];
        _areaM2 = mesh.AreaM2.Sum();
        _cell = [.. mesh.Mesh.Elements.Select(element => element.Cell)];
        int count = _cell.Length;
        for (int side = 0; side < SideCount; side++)
        {
            _sideStart[side + 1] = _sideStart[side] + mesh.Mesh.Elements.Count(element => (int)element.Side == side);
        }

        TemperatureC = new double[count];
        _tangent = new SurfaceFlux[count];
        (_keptC, _ratePerS) = (new double[count], new double[count]);
        (_evaporation, _firstEvaporation) = (new double[count], new double[count]);
        (_filmKgPerM2, _drawnKgPerM2, _wetness, _browning) = (new double[count], new double[count], new double[count], new double[count]);
        Array.Fill(TemperatureC, startC);
        Array.Fill(_wetness, 1);
        for (int side = 0; side < SideCount; side++)
        {
            Array.Fill(_filmKgPerM2, coats[side].FreeWaterKgPerM2, _sideStart[side], _sideStart[side + 1] - _sideStart[side]);
        }

        double underM2 = mesh.AreaM2.Skip(_sideStart[(int)Side.Under]).Sum();
        UnderM2 = underM2 > 0 ? underM2 : _areaM2;
        CoatingKg = FilmKg;
    }

    public double[] TemperatureC { get; }

    /// <summary>Of the side laid downwards, or of all where there is none, m².</summary>
    public double UnderM2 { get; }

    /// <summary>Water that coatings brought, kg.</summary>
    public double CoatingKg { get; private set; }

    /// <summary>Water that lies on the surface, kg.</summary>
    public double FilmKg
    {
        get
        {
            double sum = 0;
            for (int e = 0; e < _filmKgPerM2.Length; e++)
            {
                sum += _mesh.AreaM2[e] * _filmKgPerM2[e];
            }

            return sum;
        }
    }

    /// <summary>
    /// Remembers a step's start, to return to if the step is not kept, guesses where its first stage ends, and how wet the surface
    /// is half-way: a film of juice covers a share of it, and the rest dries.
    /// </summary>
    /// <param name="stepS">Length of the step, s.</param>
    /// <param name="gamma">Share of it that a stage takes.</param>
    public void Begin(double stepS, double gamma)
    {
        TemperatureC.CopyTo(_keptC, 0);
        for (int e = 0; e < _ratePerS.Length; e++)
        {
            TemperatureC[e] += Ahead(gamma * stepS * _ratePerS[e]);
        }

        for (int side = 0; side < SideCount; side++)
        {
            double comesKgPerM2S = _supplyKgPerM2S * _coats[side].Wetness;
            for (int e = _sideStart[side]; e < _sideStart[side + 1]; e++)
            {
                // The film goes as fast as what it covers evaporates, and towards what comes from inside.
                double perCovered = Math.Max(0, _evaporation[e] / Math.Max(_wetness[e], 0.02));
                double filmHalfWay = _filmKgPerM2[e];
                if (perCovered > 1e-9)
                {
                    double restsAt = CoversKgPerM2 * comesKgPerM2S / perCovered;
                    filmHalfWay = restsAt + (Math.Exp(-perCovered * stepS / 2 / CoversKgPerM2) * (filmHalfWay - restsAt));
                }

                double covered = Math.Clamp(filmHalfWay / CoversKgPerM2, 0, 1);
                _wetness[e] = covered < 1 ? covered + ((1 - covered) * DrySurface(e, stepS, perCovered, 1 - covered)) : 1;
            }
        }
    }

    /// <summary>How wet the bare share of an element is half-way through a step: 1 where nothing was drawn from it yet.</summary>
    private double DrySurface(int element, double stepS, double perCovered, double bare)
    {
        double moist = Math.Exp(-_drawnKgPerM2[element] / DryingKgPerM2);
        return moist * Math.Exp(-stepS / 2 * perCovered * bare * moist / DryingKgPerM2);
    }

    public void Return() => _keptC.CopyTo(TemperatureC, 0);

    /// <summary>Remembers the evaporation of a step's first stage, and guesses where the second one ends.</summary>
    public void Continue(double gamma)
    {
        _evaporation.CopyTo(_firstEvaporation, 0);
        for (int e = 0; e < _keptC.Length; e++)
        {
            TemperatureC[e] += Ahead((TemperatureC[e] - _keptC[e]) * (1 - gamma) / gamma);
        }
    }

    /// <summary>What goes on evenly is guessed to go on; what jumps is not.</summary>
    private static double Ahead(double changeC) => Math.Abs(changeC) < JumpC ? changeC : 0;

    /// <summary>
    /// Finds the surface temperatures that go with the guessed cells, and puts the law's tangent there into the cells'
    /// balance.
    /// </summary>
    public void Join(ConductionSystem system, ReadOnlySpan<FaceClimate> sides)
    {
        for (int side = 0; side < SideCount; side++)
        {
            var law = new SurfaceLaw(sides[side], _coats[side]);
            for (int e = _sideStart[side]; e < _sideStart[side + 1]; e++)
            {
                int cell = _cell[e];
                double resistance = ResistanceTo(e, system, _coats[side]);
                (double surfaceC, SurfaceFlux at) = FindSurface(law, TemperatureC[e], system.TemperatureC[cell], resistance, _wetness[e]);
                double through = _mesh.AreaM2[e] / (1 - (at.Slope * resistance));
                system.Diagonal[cell] -= through * at.Slope;
                system.RightSide[cell] += through * (at.FluxWPerM2 - (at.Slope * surfaceC));
                TemperatureC[e] = surfaceC;
                _tangent[e] = at;
            }
        }
    }

    /// <summary>
    /// The surface temperature at which as much enters as goes on into the cell, by Newton steps. What is left over falls
    /// as the surface gets hotter, so each trial brackets the answer, and a step out of the bracket is replaced by halving.
    /// </summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private static (double SurfaceC, SurfaceFlux At) FindSurface(
        in SurfaceLaw law, double surfaceC, double cellC, double resistance, double wetness)
    {
        SurfaceFlux at = law.At(surfaceC, wetness);
        double low = ColdestC;
        double high = double.PositiveInfinity;
        for (int n = 0; n < MostTrials; n++)
        {
            double next = cellC + (resistance * at.ThroughTangent(cellC - surfaceC, resistance));
            if (Math.Abs(next - surfaceC) < CloseC)
            {
                break;
            }

            (low, high) = next > surfaceC ? (surfaceC, high) : (low, surfaceC);
            surfaceC = next > low && next < high ? next : (low + high) / 2;
            at = law.At(surfaceC, wetness);
        }

        return (surfaceC, at);
    }

    /// <summary>Takes the solved cells, sets the surface temperatures that go with them, and evaluates the law there.</summary>
    /// <returns>
    /// Heat entering by the law itself, W, and the share by which the law differs from the tangent that was used.
    /// </returns>
    public (double EnteringW, double Mismatch) Follow(ConductionSystem system, ReadOnlySpan<FaceClimate> sides)
    {
        double entering = 0;
        double moving = 0;
        double mismatch = 0;
        for (int side = 0; side < SideCount; side++)
        {
            var law = new SurfaceLaw(sides[side], _coats[side]);
            for (int e = _sideStart[side]; e < _sideStart[side + 1]; e++)
            {
                double resistance = ResistanceTo(e, system, _coats[side]);
                double cellC = system.TemperatureC[_cell[e]];
                double received = _tangent[e].ThroughTangent(cellC - TemperatureC[e], resistance);
                TemperatureC[e] = cellC + (received * resistance);
                SurfaceFlux at = law.At(TemperatureC[e], _wetness[e]);
                _evaporation[e] = at.EvaporationKgPerM2S;
                double areaM2 = _mesh.AreaM2[e];
                entering += areaM2 * at.FluxWPerM2;
                moving += areaM2 * Math.Abs(at.FluxWPerM2);
                mismatch += areaM2 * Math.Abs(at.FluxWPerM2 - received);
            }
        }

        return (entering, moving > 0 ? mismatch / moving : 0);
    }

    /// <summary>Between a cell's middle and the outside, m²·K/W.</summary>
    [MethodImpl(MethodImplOptions.AggressiveInlining)]
    private double ResistanceTo(int element, ConductionSystem system, Coat coat) =>
        (_mesh.DepthM[element] / system.ConductivityWPerMK[_cell[element]]) + coat.ResistanceM2KPerW
        + (CrustM2KPerWPerKg * Math.Min(_drawnKgPerM2[element], MostCrustKgPerM2))
        + (PorousM2KPerWPerKg * Math.Min(_boiledKgPerM2, MostCrustKgPerM2));

    /// <summary>Water that boiled off inside left by the surface, too, and dried it.</summary>
    public void Boil(double kg) => _boiledKgPerM2 += kg / _areaM2;

    /// <summary>
    /// Books a step that is kept: what evaporates comes from the film first and then from the meat below; what comes out of the
    /// meat wets the surface in part and runs off for the rest.
    /// </summary>
    /// <param name="stepS">Its length, s.</param>
    /// <param name="firstShare">Weight of the first stage's evaporation; the rest is the second's.</param>
    /// <param name="juiceKg">Juice that came out in the step, kg.</param>
    /// <param name="water">Where what the film lacks is taken from.</param>
    /// <param name="sides">What the sides met.</param>
    /// <returns>Water evaporated and water that ran off, kg.</returns>
    public (double EvaporatedKg, double DrippedKg) Settle(double stepS, double firstShare, double juiceKg, CellWater water, ReadOnlySpan<FaceClimate> sides)
    {
        double wettingKgPerM2 = HeatParameters.JuiceWetting.Value * juiceKg / _areaM2;
        double evaporatedKg = 0;
        double drippedKg = juiceKg;
        double drawnKg = 0;
        _supplyKgPerM2S = wettingKgPerM2 / stepS;
        for (int e = 0; e < _ratePerS.Length; e++)
        {
            _ratePerS[e] = (TemperatureC[e] - _keptC[e]) / stepS;
        }

        for (int side = 0; side < SideCount; side++)
        {
            Coat coat = _coats[side];

            // From between a piece and what it lies on, juice is pressed out.
            double mostKgPerM2 = coat.FreeWaterKgPerM2 + (sides[side].ContactWPerM2K > 0 ? PressedKgPerM2 : CoversKgPerM2);
            for (int e = _sideStart[side]; e < _sideStart[side + 1]; e++)
            {
                double areaM2 = _mesh.AreaM2[e];
                double lost = stepS * ((firstShare * _firstEvaporation[e]) + ((1 - firstShare) * _evaporation[e]));

                // What sheds water, as skin and crumb do, is wetted less.
                double wettedKgPerM2 = wettingKgPerM2 * coat.Wetness;
                drippedKg -= wettedKgPerM2 * areaM2;
                double film = _filmKgPerM2[e] + wettedKgPerM2;
                double covered = Math.Clamp(film / CoversKgPerM2, 0, 1);
                double ofFilm = lost > 0 ? Math.Min(film, lost * Math.Min(1, covered / Math.Max(_wetness[e], 1e-6))) : lost;
                _drawnKgPerM2[e] += lost - ofFilm;
                drawnKg += (lost - ofFilm) * areaM2;
                film -= ofFilm;
                double over = Math.Max(0, film - mostKgPerM2);
                _filmKgPerM2[e] = film - over;
                evaporatedKg += lost * areaM2;
                drippedKg += over * areaM2;
                _browning[e] += stepS * coat.Browning * (1 - (0.9 * _wetness[e])) * Browning.RatePerS(TemperatureC[e]);
            }
        }

        double givenKg = water.Draw(drawnKg);
        if (givenKg < drawnKg)
        {
            // There is none left: from now on only what wets the surface evaporates.
            evaporatedKg -= drawnKg - givenKg;
            Array.Fill(_drawnKgPerM2, double.PositiveInfinity);
        }

        return (evaporatedKg, drippedKg);
    }

    /// <summary>Water brushed on wets the surface again.</summary>
    public void Wet(Side side, double waterKgPerM2)
    {
        for (int e = _sideStart[(int)side]; e < _sideStart[(int)side + 1]; e++)
        {
            _filmKgPerM2[e] += waterKgPerM2;
            CoatingKg += waterKgPerM2 * _mesh.AreaM2[e];
        }
    }

    /// <summary>From now on this side browns so many times as fast: something went on over what was there.</summary>
    public void Coated(Side side, double browningTimes)
    {
        if (browningTimes != 1)
        {
            _coats[(int)side] = _coats[(int)side] with { Browning = browningTimes * _coats[(int)side].Browning };
        }
    }

    /// <summary>After an abrupt change, evaporation is not what it was.</summary>
    public void ForgetEvaporation()
    {
        Array.Clear(_evaporation);
        Array.Clear(_ratePerS);
    }

    /// <summary>Area-weighted mean temperatures of the three sides, °C; the whole surface's mean where a side is missing.</summary>
    public double Means(Span<double> sidesC) => Means(TemperatureC, sidesC);

    /// <summary>Browning so far of the sides laid upwards and downwards.</summary>
    public (double Top, double Under) Browned()
    {
        Span<double> means = stackalloc double[SideCount];
        Means(_browning, means);
        return (means[(int)Side.Top], means[(int)Side.Under]);
    }

    private double Means(double[] values, Span<double> sides)
    {
        Span<double> areas = stackalloc double[SideCount];
        double sum = 0;
        double area = 0;
        for (int side = 0; side < SideCount; side++)
        {
            sides[side] = 0;
            for (int e = _sideStart[side]; e < _sideStart[side + 1]; e++)
            {
                sides[side] += _mesh.AreaM2[e] * values[e];
                areas[side] += _mesh.AreaM2[e];
            }

            sum += sides[side];
            area += areas[side];
        }

        for (int side = 0; side < SideCount; side++)
        {
            sides[side] = areas[side] > 0 ? sides[side] / areas[side] : sum / area;
        }

        return sum / area;
    }
}
