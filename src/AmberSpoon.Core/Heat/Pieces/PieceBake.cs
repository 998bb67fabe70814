using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Heat.Sections;
using AmberSpoon.Core.Heat.Shapes;
using AmberSpoon.Core.Heat.Solving;

namespace AmberSpoon.Core.Heat.Pieces;

/// <summary>One piece in one oven, from going in to the end of its rest: the front door of the heat engine.</summary>
/// <param name="Piece">The piece.</param>
/// <param name="StartC">Its temperature when it goes in, °C.</param>
/// <param name="Oven">The oven.</param>
/// <param name="Placement">How it lies.</param>
/// <param name="Steps">What is done to it, in order of time.</param>
/// <param name="EndS">When to stop following, s since it went in.</param>
public sealed record PieceBake(
    FoodBody Piece, double StartC, OvenTraits Oven, Placement Placement, IReadOnlyList<OvenStep> Steps, double EndS)
{
    /// <summary>Ends early once the coldest meat is this hot, °C.</summary>
    public double StopAtColdestC { get; init; } = double.PositiveInfinity;

    /// <summary>Ends early once the coldest food has this cook value, min.</summary>
    public double StopAtCookMinutes { get; init; } = double.PositiveInfinity;

    /// <summary>Seared in a pan first, or null.</summary>
    public PanSear? Sear { get; init; }

    /// <summary>Where a probe's tip is, m in the piece's own coordinates; null for the middle.</summary>
    public Point? Tip { get; init; }

    /// <summary>Computes it. Each call starts a fresh evening.</summary>
    /// <exception cref="HeatInputException">Something out of range or out of order; says which field.</exception>
    public HeatRun Follow(GridLevel level, CancellationToken cancel = default) =>
        HeatSolver.Solve(Question(level), cancel);

    /// <summary>Computes it on the normal grid and keeps pictures of the inside.</summary>
    /// <param name="frameS">When to keep a picture, s, rising, from 0.</param>
    /// <param name="aimC">The probe is placed for the moment at which the coldest food gets here, °C.</param>
    /// <param name="cancel">Ends the run between steps.</param>
    public SectionFilm Film(IReadOnlyList<double> frameS, double aimC, CancellationToken cancel = default)
    {
        HeatQuestion question = Question(GridLevel.Normal);
        var recorder = new SectionRecorder(question.Body, Piece.Shape, frameS, aimC);
        HeatSolver.Solve(question with { Recorder = recorder }, cancel);
        return recorder.Film();
    }

    internal HeatQuestion Question(GridLevel level) =>
        new(Piece.At(level), StartC, new OvenEvening(Oven with { ExchangeFactor = Piece.ExchangeShare * Oven.ExchangeFactor }, Placement, Steps, EndS), StepsFor(level))
        {
            StopAtColdestC = StopAtColdestC,
            StopAtCookMinutes = StopAtCookMinutes,
            Tip = Tip,
            Before = Sear is null ? null : new PanEvening(Sear),
        };

    private static StepControl StepsFor(GridLevel level) => level switch
    {
        GridLevel.Rough => StepControl.Rough,
        GridLevel.Quick => StepControl.Quick,
        GridLevel.Normal => StepControl.Normal,
        _ => StepControl.Fine,
    };
}
