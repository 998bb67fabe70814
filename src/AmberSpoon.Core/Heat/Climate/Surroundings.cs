using AmberSpoon.Core.Heat.Meshing;

namespace AmberSpoon.Core.Heat.Climate;

/// <summary>
/// What a piece meets over time. The solver asks what the sides meet, takes a step, and tells what that step brought;
/// surroundings with a memory of their own (a tray that warms, stock that boils away) then move on.
/// </summary>
public abstract class Surroundings
{
    /// <summary>When the last stage ends, s.</summary>
    public abstract double EndS { get; }

    /// <summary>The next moment after <paramref name="timeS"/> at which something changes abruptly, s.</summary>
    public abstract double NextChangeS(double timeS);

    /// <summary>No step should be longer than this, or something that comes and goes would be missed, s.</summary>
    public virtual double LongestStepS => double.PositiveInfinity;

    /// <summary>Fills in what top, rim and under side of the piece meet.</summary>
    /// <param name="timeS">s since the start.</param>
    /// <param name="sides">Three, by <see cref="Side"/>.</param>
    public abstract void Describe(double timeS, Span<FaceClimate> sides);

    /// <summary>Called after a step that was kept.</summary>
    /// <param name="fromS">s.</param>
    /// <param name="toS">s.</param>
    /// <param name="meanSurfaceC">Mean surface temperature of each of the three sides, °C.</param>
    public virtual void Advance(double fromS, double toS, ReadOnlySpan<double> meanSurfaceC)
    {
    }

    /// <summary>Juice has run off the piece, per m² of its under side, kg/m²; called before <see cref="Advance"/>.</summary>
    public virtual void Drip(double kgPerM2)
    {
    }

    /// <summary>Water brushed onto a side of the piece at this moment, kg/m²; asked once at each abrupt change.</summary>
    public virtual double WaterAddedKgPerM2(double atS, Side side) => 0;

    /// <summary>How many times as fast a side browns from this moment on, for what was put on it; asked once at each abrupt change.</summary>
    public virtual double BrowningTimes(double atS, Side side) => 1;
}
