using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Meshing;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// The skin of a body: its three sides, each a <see cref="SurfaceSide"/> under its own climate, and the water that they share.
/// </summary>
internal sealed class SurfaceLayer
{
    private const int SideCount = 3;

    private readonly SurfaceSide[] _sides;
    private readonly double _areaM2;
    private double _supplyKgPerM2S;
    private double _boiledKgPerM2;

    public SurfaceLayer(ScaledMesh mesh, IReadOnlyList<Coat> coats, double startC)
    {
        _sides = [.. Enumerable.Range(0, SideCount).Select(side => new SurfaceSide(mesh, (Side)side, coats[side], startC))];
        _areaM2 = _sides.Sum(side => side.AreaM2);
        double underM2 = _sides[(int)Side.Under].AreaM2;
        UnderM2 = underM2 > 0 ? underM2 : _areaM2;
        CoatingKg = FilmKg;
    }

    /// <summary>Of each element of the mesh's surface, °C.</summary>
    public double[] TemperatureC => [.. _sides[0].TemperatureC, .. _sides[1].TemperatureC, .. _sides[2].TemperatureC];

    /// <summary>Of the side laid downwards, or of all where there is none, m².</summary>
    public double UnderM2 { get; }

    /// <summary>Water that coatings brought, kg.</summary>
    public double CoatingKg { get; private set; }

    /// <summary>Water that lies on the surface, kg.</summary>
    public double FilmKg => _sides.Sum(side => side.FilmKg);

    /// <summary>Remembers a step's start and guesses where its first stage ends.</summary>
    /// <param name="system">The cells below, with their conductivities of this step.</param>
    /// <param name="stepS">Length of the step, s.</param>
    /// <param name="gamma">Share of it that a stage takes.</param>
    public void Begin(ConductionSystem system, double stepS, double gamma)
    {
        foreach (SurfaceSide side in _sides)
        {
            side.Begin(system, stepS, gamma, _supplyKgPerM2S, _boiledKgPerM2);
        }
    }

    public void Return()
    {
        foreach (SurfaceSide side in _sides)
        {
            side.Return();
        }
    }

    /// <summary>Guesses where a step's second stage ends.</summary>
    public void Continue(double gamma)
    {
        foreach (SurfaceSide side in _sides)
        {
            side.Continue(gamma);
        }
    }

    /// <summary>Puts what the surface receives into the cells' balance.</summary>
    public void Join(ConductionSystem system, ReadOnlySpan<FaceClimate> climates)
    {
        for (int side = 0; side < SideCount; side++)
        {
            _sides[side].Join(system, climates[side]);
        }
    }

    /// <summary>Takes the solved cells, sets the surface temperatures that go with them, and evaluates the law there.</summary>
    /// <returns>
    /// Heat entering by the law itself, W, and the share by which the law differs from the tangent that was used.
    /// </returns>
    public (double EnteringW, double Mismatch) Follow(ConductionSystem system, ReadOnlySpan<FaceClimate> climates)
    {
        double entering = 0;
        double moving = 0;
        double mismatch = 0;
        for (int side = 0; side < SideCount; side++)
        {
            (double enteringW, double movingW, double mismatchW) = _sides[side].Follow(system, climates[side]);
            entering += enteringW;
            moving += movingW;
            mismatch += mismatchW;
        }

        return (entering, moving > 0 ? mismatch / moving : 0);
    }

    /// <summary>Water that boiled off inside left by the surface, too, and dried it.</summary>
    public void Boil(double kg) => _boiledKgPerM2 += kg / _areaM2;

    /// <summary>Books a step that is kept.</summary>
    /// <param name="stepS">Its length, s.</param>
    /// <param name="firstShare">Weight of the first stage's evaporation; the rest is the second's.</param>
    /// <param name="juiceKg">Juice that came out in the step, kg.</param>
    /// <param name="water">Where what the film lacks is taken from.</param>
    /// <param name="climates">What the sides met.</param>
    /// <returns>Water evaporated and water that ran off, kg.</returns>
    public (double EvaporatedKg, double DrippedKg) Settle(
        double stepS, double firstShare, double juiceKg, CellWater water, ReadOnlySpan<FaceClimate> climates)
    {
        double wettingKgPerM2 = HeatParameters.JuiceWetting.Value * juiceKg / _areaM2;
        _supplyKgPerM2S = wettingKgPerM2 / stepS;
        double evaporatedKg = 0;
        double drippedKg = juiceKg;
        double drawnKg = 0;
        for (int side = 0; side < SideCount; side++)
        {
            (double evaporated, double drawn, double kept) = _sides[side].Settle(stepS, firstShare, wettingKgPerM2, climates[side]);
            evaporatedKg += evaporated;
            drawnKg += drawn;
            drippedKg -= kept;
        }

        double givenKg = water.Draw(drawnKg);
        if (givenKg < drawnKg)
        {
            evaporatedKg -= drawnKg - givenKg;
            foreach (SurfaceSide side in _sides)
            {
                side.DryOut();
            }
        }

        return (evaporatedKg, drippedKg);
    }

    /// <summary>Water brushed on a side wets it again.</summary>
    public void Wet(Side side, double waterKgPerM2)
    {
        _sides[(int)side].Wet(waterKgPerM2);
        CoatingKg += waterKgPerM2 * _sides[(int)side].AreaM2;
    }

    /// <summary>From now on this side browns so many times as fast.</summary>
    public void Coated(Side side, double browningTimes) => _sides[(int)side].Coated(browningTimes);

    /// <summary>After an abrupt change, evaporation is not what it was.</summary>
    public void ForgetEvaporation()
    {
        foreach (SurfaceSide side in _sides)
        {
            side.ForgetEvaporation();
        }
    }

    /// <summary>Area-weighted mean temperatures of the three sides, °C; the whole surface's mean where a side is missing.</summary>
    public double Means(Span<double> sidesC)
    {
        double all = _sides.Sum(side => side.TemperatureCM2) / _areaM2;
        for (int side = 0; side < SideCount; side++)
        {
            sidesC[side] = _sides[side].AreaM2 > 0 ? _sides[side].TemperatureCM2 / _sides[side].AreaM2 : all;
        }

        return all;
    }

    /// <summary>Browning so far of the sides laid upwards and downwards; the whole surface's where a side is missing.</summary>
    public (double Top, double Under) Browned() => (Browned(Side.Top), Browned(Side.Under));

    private double Browned(Side side) => _sides[(int)side] is { AreaM2: > 0 } there
        ? there.BrowningM2 / there.AreaM2
        : _sides.Sum(each => each.BrowningM2) / _areaM2;
}
