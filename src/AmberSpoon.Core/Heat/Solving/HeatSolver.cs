using System.Runtime.CompilerServices;
using AmberSpoon.Core.Doneness.Kinetics;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Materials;
using AmberSpoon.Core.Heat.Meshing;

namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// Heat conduction in three dimensions on a cut-cell mesh. Time steps are those of the two-stage, L-stable, second-order
/// diagonally implicit Runge–Kutta method (Alexander 1977, from memory): each stage is a backward Euler solve over γ of
/// the step, the second from where the first one points to. Work is bounded: a run either ends or is refused.
/// </summary>
public sealed class HeatSolver
{
    /// <summary>Cells times steps that one run may cost where nothing else is said.</summary>
    public const double MostWork = 1e8;

    /// <summary>Longest time that is followed, s.</summary>
    public const double LongestS = 24 * 3600;

    private const double Gamma = 1 - (1 / 1.4142135623730951);

    private readonly HeatQuestion _question;
    private Surroundings _around;
    private readonly FieldState _field;
    private readonly SurfaceLayer _surface;
    private readonly List<HeatSample> _samples;
    private readonly FieldPoint _middle;
    private readonly FieldPoint _tip;
    private readonly int _cells;
    private readonly FaceClimate[] _sides = new FaceClimate[3];
    private readonly double[] _sideMeansC = new double[3];
    private readonly double _startJ;
    private readonly double _startKg;
    private readonly double _pieceKg;
    private double _timeS;
    private double _steppedJ;
    private double _enteredJ;
    private double _movedJ;
    private double _evaporatedKg;
    private double _drippedKg;
    private int _steps;
    private int _nextSample;

    /// <summary>What is worked out once is there before the loops that use it are compiled, which then take it for constants.</summary>
    static HeatSolver()
    {
        RuntimeHelpers.RunClassConstructor(typeof(HeatParameters).TypeHandle);
        RuntimeHelpers.RunClassConstructor(typeof(SurfaceSide).TypeHandle);
        RuntimeHelpers.RunClassConstructor(typeof(WaterVapour.Saturation).TypeHandle);
        RuntimeHelpers.RunClassConstructor(typeof(JuiceRelease).TypeHandle);
    }

    internal HeatSolver(HeatQuestion question)
    {
        _question = question;
        _around = question.Around;
        HeatBody body = question.Body;
        _cells = body.Cells;
        _field = new(body, question.StartC);
        _surface = new(body.Mesh, body.Coats, question.StartC);
        _middle = new(body.Mesh, body.Middle);
        _tip = new(body.Mesh, question.Tip ?? body.Middle);
        _samples = new((int)(question.Around.EndS / question.Steps.LongestS) + 256);
        _startJ = _field.HeatJ();
        _startKg = _field.Water.HeldKg;
        _pieceKg = body.MassKg / body.Mesh.Mesh.Copies;
        Sample();
        if (question.Before is { } before)
        {
            Precede(before);
        }
    }

    /// <summary>Follows what came first; the clock then starts anew, heat and water are accounted for from the raw piece on.</summary>
    private void Precede(Surroundings before)
    {
        _around = before;
        Follow(toGoal: false, CancellationToken.None);
        _around = _question.Around;
        _timeS = 0;
        _nextSample = 0;
        double cooked = _samples[^1].CookMinutes;
        _samples.Clear();
        Change();
        Sample();
        _samples[0] = _samples[0] with { CookMinutes = cooked };
    }

    /// <summary>Follows the body to the end of its surroundings, or until it is hot enough.</summary>
    /// <param name="question">What is asked.</param>
    /// <param name="cancel">Ends the run between steps.</param>
    /// <exception cref="HeatInputException">Start or duration out of range, or more work than is allowed.</exception>
    public static HeatRun Solve(HeatQuestion question, CancellationToken cancel = default)
    {
        HeatInputException.RequireWithin("initialC", question.StartC, -5, 120);
        HeatInputException.RequireWithin("stages", question.Around.EndS, 0, LongestS);
        if (question.Body.Cells * question.Around.EndS / question.Steps.LongestS > question.MostWork)
        {
            throw TooMuchWork();
        }

        var solver = new HeatSolver(question);
        solver.Follow(toGoal: true, cancel);
        return solver.Found();
    }

    private static HeatInputException TooMuchWork() =>
        new("cellMm", "That would take too long to compute: choose larger cells or a shorter time.");

    /// <summary>
    /// Goes on from where it stands: to the end of the surroundings, or, with <paramref name="toGoal"/>, until hot or
    /// soft enough. What the surroundings have in store may change in between.
    /// </summary>
    internal void Follow(bool toGoal, CancellationToken cancel)
    {
        double endS = _around.EndS;
        double stepS = _question.Steps.First;
        while (_timeS < endS && !(toGoal && IsThere(_samples[^1])))
        {
            cancel.ThrowIfCancellationRequested();
            Asker.Gone.ThrowIfCancellationRequested();
            if (++_steps * (double)_cells > _question.MostWork)
            {
                throw TooMuchWork();
            }

            double changeS = _around.NextChangeS(_timeS);
            stepS = Math.Min(stepS, _around.LongestStepS);
            double untilS = Math.Min(endS, Math.Min(changeS, NextWantedS()));
            // Two even steps rather than one long and one tiny.
            double leftS = untilS - _timeS;
            double takenS = leftS <= stepS ? leftS : leftS < 2 * stepS ? leftS / 2 : stepS;
            double errorC = Try(takenS);
            if (_question.Steps.IsTooLong(takenS, errorC))
            {
                _field.Return();
                _surface.Return();
                stepS = takenS / 2;
                continue;
            }

            Accept(takenS, untilS);
            // A step cut short by a sample says nothing against the length that was meant.
            stepS = Math.Max(_question.Steps.NextS(takenS, errorC), takenS < stepS ? stepS : 0);
            if (_timeS == changeS)
            {
                stepS = _question.Steps.First;
                Change();
            }
        }

    }

    /// <summary>How far it has been followed, s.</summary>
    internal double ReachedS => _timeS;

    private bool IsThere(in HeatSample sample) =>
        sample.ColdestC >= _question.StopAtColdestC || sample.CookMinutes >= _question.StopAtCookMinutes;

    /// <summary>All that was found so far.</summary>
    internal HeatRun Found()
    {
        double gainedJ = _field.HeatJ() + _field.BoiledJ - _startJ;
        int copies = _question.Body.Mesh.Mesh.Copies;
        return new(_samples, new(
            copies * _evaporatedKg,
            copies * _field.BoiledKg,
            copies * _drippedKg,
            LossShare,
            WaterErrorShare,
            _samples[^1].BrowningTop,
            _samples[^1].BrowningUnder,
            _movedJ == 0 ? 0 : (gainedJ - _enteredJ) / _movedJ,
            _cells,
            _steps));
    }

    /// <summary>
    /// What is gone from the meat: what it does not hold any more. Water that a coating brought is not the meat's.
    /// </summary>
    private double LossShare => _startKg == 0 ? 0 : (_startKg - _field.Water.HeldKg) / _pieceKg;

    private double WaterErrorShare => _startKg == 0 ? 0 : (_startKg + _surface.CoatingKg
        - _field.Water.HeldKg - _surface.FilmKg - _evaporatedKg - _field.BoiledKg - _drippedKg) / (_startKg + _surface.CoatingKg);

    /// <summary>Something changed abruptly at this moment.</summary>
    private void Change()
    {
        _surface.ForgetEvaporation();
        _field.StopBoiling();
        foreach (Side side in Enum.GetValues<Side>())
        {
            _surface.Wet(side, _around.WaterAddedKgPerM2(_timeS, side));
            _surface.Coated(side, _around.BrowningTimes(_timeS, side));
        }
    }

    private double NextWantedS()
    {
        IReadOnlyList<double> wanted = _question.SampleAtS;
        while (_nextSample < wanted.Count && wanted[_nextSample] <= _timeS)
        {
            _nextSample++;
        }

        double next = _nextSample < wanted.Count ? wanted[_nextSample] : double.PositiveInfinity;
        return _around == _question.Around && _question.Recorder is { } recorder ? Math.Min(next, recorder.NextS) : next;
    }

    /// <summary>Computes a step without booking it.</summary>
    /// <returns>Estimate of its error, °C.</returns>
    private double Try(double stepS)
    {
        _around.Describe(_timeS + (stepS / 2), _sides);
        _field.Begin(stepS, Gamma);
        _surface.Begin(_field.System, stepS, Gamma);
        _surface.Join(_field.System, _sides);
        _field.Solve((1 - Gamma) * stepS);
        (double firstW, double firstMismatch) = _surface.Follow(_field.System, _sides);
        _surface.Continue(Gamma);
        _field.Continue(stepS, Gamma);
        _surface.Join(_field.System, _sides);
        _field.Solve(Gamma * stepS);
        (double secondW, double secondMismatch) = _surface.Follow(_field.System, _sides);
        _steppedJ = stepS * (((1 - Gamma) * firstW) + (Gamma * secondW));
        return _question.Steps.Combined(_field.ErrorEstimateC(), Math.Max(firstMismatch, secondMismatch));
    }

    private void Accept(double stepS, double untilS)
    {
        double fromS = _timeS;
        _timeS = untilS - _timeS <= stepS * 1.000001 ? untilS : _timeS + stepS;
        _enteredJ += _steppedJ;
        _movedJ += Math.Abs(_steppedJ);
        double boiledKg = _field.BoiledKg;
        double juiceKg = _field.Settle(stepS);
        _surface.Boil(_field.BoiledKg - boiledKg);
        (double evaporatedKg, double drippedKg) = _surface.Settle(stepS, 1 - Gamma, juiceKg, _field.Water, _sides);
        _evaporatedKg += evaporatedKg;
        _drippedKg += drippedKg;
        _around.Drip(drippedKg / _surface.UnderM2);
        Sample();
        _around.Advance(fromS, _timeS, _sideMeansC);
    }

    private void Sample()
    {
        double surfaceC = _surface.Means(_sideMeansC);
        (double brownTop, double brownUnder) = _surface.Browned();
        double coreC = _middle.Read(_field.System.TemperatureC);
        (double coldestC, double meanC) = _field.ColdestAndMean();
        double cooked = _samples.Count == 0 ? 0 : _samples[^1].CookMinutes + (
            (_timeS - _samples[^1].TimeS) * (CookValue.RatePerS(_samples[^1].ColdestC) + CookValue.RatePerS(coldestC)) / 2);
        _samples.Add(new(
            _timeS, coldestC, coreC, _tip.Read(_field.System.TemperatureC), surfaceC, meanC, cooked, brownTop, brownUnder, LossShare));
        if (_around == _question.Around && _question.Recorder is { } recorder && recorder.NextS <= _timeS)
        {
            recorder.Record(_samples[^1], _field.System.TemperatureC, _surface.TemperatureC, _field.ColdestCell);
        }
    }
}
