namespace AmberSpoon.Core.Heat.Solving;

/// <summary>
/// Chooses time steps. A step's error is estimated by how far its second-order end lies from a first-order one; a step
/// that errs far too much is taken again in halves, and the next is as long as the error allows.
/// </summary>
/// <param name="ToleranceC">Wanted size of the estimate, °C, as a root mean square over the cells.</param>
/// <param name="LongestS">No step is longer, s.</param>
public sealed record StepControl(double ToleranceC, double LongestS)
{
    /// <summary>First step after anything changes abruptly, s.</summary>
    internal const double FirstS = 2;

    private const double ShortestS = 0.25;
    private const double GrowMost = 2;
    private const double MismatchAllowed = 0.01;

    public static StepControl Rough { get; } = new(2, 75);

    public static StepControl Quick { get; } = new(1.2, 50);

    public static StepControl Normal { get; } = new(0.6, 32);

    public static StepControl Fine { get; } = new(0.2, 16);

    /// <summary>Steps of one length, for showing how the error falls with it.</summary>
    public static StepControl Fixed(double stepS) => new(double.PositiveInfinity, stepS);

    /// <summary>
    /// One estimate from two: the cells' error, and how far the surface's law bent away from its tangent, for which this
    /// share of the heat counts like the whole tolerance.
    /// </summary>
    internal double Combined(double errorC, double mismatch) =>
        double.IsInfinity(ToleranceC) ? errorC : Math.Max(errorC, mismatch / MismatchAllowed * ToleranceC);

    internal double First => double.IsInfinity(ToleranceC) ? LongestS : Math.Min(FirstS, LongestS);

    internal bool IsTooLong(double stepS, double estimateC) => estimateC > 3 * ToleranceC && stepS > ShortestS;

    internal double NextS(double stepS, double estimateC)
    {
        double factor = estimateC <= 0 ? GrowMost : Math.Min(GrowMost, 0.9 * Math.Sqrt(ToleranceC / estimateC));
        return Math.Clamp(stepS * factor, ShortestS, LongestS);
    }
}
