namespace AmberSpoon.Core.Heat;

/// <summary>
/// The temperatures of one run, cell by cell from the middle outwards, and how they take a step. Use
/// <see cref="ConductionSolver"/> to follow a piece; this is the part with the arithmetic.
/// </summary>
internal sealed class ConductionField
{
    private readonly ThermalMaterial _meat;
    private readonly ThermalMaterial _bone;
    private readonly int _boneCells;
    private readonly double _cellM;
    private readonly double _coldestAtM;
    private readonly double _totalVolume;
    private readonly double[] _faceArea;
    private readonly double[] _volume;
    private readonly double[] _temperatureC;
    private readonly double[] _fromC;
    private readonly double[] _conductivity;
    private readonly double[] _capacity;
    private readonly double[] _diagonal;
    private readonly double[] _rightSide;
    private readonly double[] _conductance;
    private double _surfaceC;

    public ConductionField(ConductionBody body, ThermalMaterial bone, double startC, int cells)
    {
        _meat = body.Meat;
        _bone = bone;
        _cellM = body.HalfThicknessM / cells;
        _boneCells = (int)Math.Round(body.BoneRadiusM / _cellM);
        _coldestAtM = _boneCells * _cellM;
        _faceArea = new double[cells + 1];
        _volume = new double[cells];
        _temperatureC = new double[cells];
        _fromC = new double[cells];
        _conductivity = new double[cells];
        _capacity = new double[cells];
        _diagonal = new double[cells];
        _rightSide = new double[cells];
        _conductance = new double[cells];

        // Areas and volumes relative to the surface, which has area 1.
        double power = body.ShapeExponent + 1;
        for (int face = 0; face <= cells; face++)
        {
            double x = (double)face / cells;
            _faceArea[face] = face == 0 && body.ShapeExponent == 0 ? 1 : Math.Pow(x, body.ShapeExponent);
            if (face > 0)
            {
                _volume[face - 1] = body.HalfThicknessM / power * (Math.Pow(x, power) - Math.Pow((double)(face - 1) / cells, power));
            }
        }

        _totalVolume = body.HalfThicknessM / power;
        Array.Fill(_temperatureC, startC);
        _surfaceC = startC;
    }

    /// <summary>Water lost since the start, kg per m² of surface.</summary>
    public double EvaporatedKgPerM2 { get; private set; }

    /// <summary>
    /// One step of the two-stage, L-stable, second-order diagonally implicit Runge–Kutta method (Alexander 1977, from
    /// memory): each stage is a backward Euler solve over γ of the step, the second from where the first one points to.
    /// </summary>
    public void Step(double stepS, Surroundings around)
    {
        const double gamma = 1 - (1 / 1.4142135623730951);
        double alreadyEvaporated = EvaporatedKgPerM2;
        UpdateProperties();
        _temperatureC.CopyTo(_fromC, 0);
        double firstRate = SolveStage(gamma * stepS, around);
        EvaporatedKgPerM2 = alreadyEvaporated + (stepS * firstRate);
        for (int i = 0; i < _fromC.Length; i++)
        {
            _fromC[i] += (1 - gamma) / gamma * (_temperatureC[i] - _fromC[i]);
        }

        double secondRate = SolveStage(gamma * stepS, around);
        EvaporatedKgPerM2 = alreadyEvaporated + (stepS * (((1 - gamma) * firstRate) + (gamma * secondRate)));
    }

    /// <summary>Heat capacities and conductances at the temperatures held now; they stand for the whole step.</summary>
    private void UpdateProperties()
    {
        int last = _temperatureC.Length - 1;
        for (int i = 0; i <= last; i++)
        {
            ThermalMaterial material = i < _boneCells ? _bone : _meat;
            material.At(_temperatureC[i], out _conductivity[i], out double volumetricHeat);
            _capacity[i] = _volume[i] * volumetricHeat;
        }

        // Conductance from cell i outwards; the outermost reaches the surface over half a cell.
        for (int i = 0; i < last; i++)
        {
            double harmonic = 2 * _conductivity[i] * _conductivity[i + 1] / (_conductivity[i] + _conductivity[i + 1]);
            _conductance[i] = _faceArea[i + 1] * harmonic / _cellM;
        }

        _conductance[last] = _faceArea[last + 1] * _conductivity[last] / (_cellM / 2);
    }

    /// <summary>Backward Euler from <c>_fromC</c>.</summary>
    /// <returns>Evaporation at the stage's end, kg/(m²·s).</returns>
    private double SolveStage(double stepS, Surroundings around)
    {
        int last = _temperatureC.Length - 1;
        for (int i = 0; i <= last; i++)
        {
            _diagonal[i] = _capacity[i] / stepS;
            _rightSide[i] = _diagonal[i] * _fromC[i];
        }

        _diagonal[0] += _conductance[0];
        for (int i = 1; i <= last; i++)
        {
            double weight = _conductance[i - 1] / _diagonal[i - 1];
            _diagonal[i] += _conductance[i] + _conductance[i - 1] - (weight * _conductance[i - 1]);
            _rightSide[i] += weight * _rightSide[i - 1];
        }

        // The outermost cell is now (rightSide + conductance × surface) / diagonal.
        double outward = _conductance[last];
        double held = outward * _rightSide[last] / _diagonal[last];
        double stiffness = outward * (1 - (outward / _diagonal[last]));
        _surfaceC = FindSurfaceC(around, held, stiffness);

        _temperatureC[last] = (_rightSide[last] + (outward * _surfaceC)) / _diagonal[last];
        for (int i = last - 1; i >= 0; i--)
        {
            _temperatureC[i] = (_rightSide[i] + (_conductance[i] * _temperatureC[i + 1])) / _diagonal[i];
        }

        return SurfaceFlux.EvaporationKgPerM2S(around, _surfaceC, EvaporatedKgPerM2);
    }

    public HeatSample Sample(double timeS)
    {
        double mean = 0;
        for (int i = 0; i < _temperatureC.Length; i++)
        {
            mean += _volume[i] * _temperatureC[i];
        }

        return new(timeS, ColdestC(), _surfaceC, mean / _totalVolume);
    }

    /// <summary>Middle of the body by a parabola through the two inmost cells, or the meat beside the bone.</summary>
    private double ColdestC()
    {
        if (_boneCells == 0)
        {
            return _temperatureC[0] - ((_temperatureC[1] - _temperatureC[0]) / 8);
        }

        double place = (_coldestAtM / _cellM) - 0.5;
        int below = Math.Clamp((int)place, 0, _temperatureC.Length - 2);
        double share = place - below;
        return _temperatureC[below] + (share * (_temperatureC[below + 1] - _temperatureC[below]));
    }

    /// <summary>
    /// Solves held − stiffness × T + flux(T) = 0 for the surface temperature T. The left side falls as T rises, so a
    /// bracket always holds the one root and Newton steps that leave it are replaced by halving.
    /// </summary>
    private double FindSurfaceC(Surroundings around, double held, double stiffness)
    {
        double insideC = held / stiffness;
        double low = Math.Min(insideC, Math.Min(around.AirC, around.WallC)) - 60;
        double high = Math.Max(insideC, Math.Max(around.AirC, around.WallC)) + 1;
        double surfaceC = Math.Clamp(_surfaceC, low, high);
        const double probeC = 0.01;
        for (int i = 0; i < 40; i++)
        {
            double residual = Residual(surfaceC);
            if (residual > 0)
            {
                low = surfaceC;
            }
            else
            {
                high = surfaceC;
            }

            double slope = (Residual(surfaceC + probeC) - residual) / probeC;
            double next = surfaceC - (residual / slope);
            if (!(next > low && next < high))
            {
                next = (low + high) / 2;
            }

            if (Math.Abs(next - surfaceC) < 1e-4)
            {
                return next;
            }

            surfaceC = next;
        }

        return surfaceC;

        double Residual(double trialC) =>
            held - (stiffness * trialC) + SurfaceFlux.IntoWPerM2(around, trialC, EvaporatedKgPerM2);
    }
}
