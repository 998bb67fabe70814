using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Probes;

/// <summary>
/// Looks whether a probe shows the middle of its piece. What it names is not believed until the probe is set right; what it lets
/// pass is still held against the kitchen's belief like any reading that was typed.
/// </summary>
public static class ProbeWatch
{
    /// <summary>Silent for this long, s, it is missing.</summary>
    public const double MissingS = 60;

    /// <summary>One that was in its piece for less than this, s, is a quick thermometer that went on: silence is no fault of it.</summary>
    public const double VisitS = 90;

    /// <summary>The same number for this long, s, while its piece should have risen by <see cref="FrozenRiseC"/>.</summary>
    public const double FrozenS = 180;
    public const double FrozenRiseC = 2;

    /// <summary>Between two samples, °C; twice to and fro is a wet contact.</summary>
    public const double JumpC = 8;
    public const int JumpsBack = 2;

    /// <summary>No middle rises faster, °C a minute, unless it was planned to; common practice for a tip in air or out of its piece.</summary>
    public const double FastestRiseC = 12;

    private const double RiseS = 30;

    /// <summary>A tip that was just put in shows where it was before: it is not blamed for that, s.</summary>
    public const double SettlingS = 60;

    /// <summary>In 20 s; meat in an oven does not cool at all, and on a worktop by a degree a minute.</summary>
    public const double FallC = 6;
    private const double FallS = 20;

    /// <summary>Two tips in one piece, °C: more than two thermometers and two places in a middle make.</summary>
    public const double DisagreeC = 6;

    /// <summary>Leads of common probes stand 220 to 230 °C (common practice).</summary>
    public const double LeadC = 230;

    /// <param name="trace">The last minutes of the probe.</param>
    /// <param name="expected">What its piece should show at its last sample; null where it is in none yet.</param>
    /// <param name="nowS">s in the bake's time.</param>
    /// <param name="name">As the cook calls the probe.</param>
    /// <returns>Null where nothing is wrong.</returns>
    public static ProbeFinding? Look(ProbeTrace trace, ProbeExpectation? expected, double nowS, string name)
    {
        if (trace.Last is not { } last || (nowS - last.AtS > MissingS && last.AtS - trace.Samples[0].AtS >= VisitS))
        {
            return new(ProbeFault.Missing, $"Nothing comes from {name}: look at its plug, its battery and its distance; a quick thermometer does meanwhile.");
        }

        if (nowS - last.AtS > MissingS)
        {
            return null;
        }

        if (last.Celsius is < ReadingLimits.LowestC or > ReadingLimits.HighestC || trace.JumpsBack(JumpC) >= JumpsBack)
        {
            return new(ProbeFault.WetSocket, $"{Start(name)} jumps: its plug or socket is wet or loose. Dry it, push it home, and look again.");
        }

        if (expected is not null && IsInFahrenheit(trace, expected))
        {
            return new(ProbeFault.WrongUnit, $"{Start(name)} looks like degrees Fahrenheit sent as Celsius: set its unit right.");
        }

        bool hasSettled = last.AtS - trace.Samples[0].AtS >= SettlingS;
        double riseC = 60 * trace.Change(RiseS) / RiseS;
        if (last.Celsius > ReadingLimits.HottestMeatC || (hasSettled && riseC > Math.Max(FastestRiseC, 2.5 * (expected?.RisePerMinuteC ?? 0))))
        {
            return new(ProbeFault.InAir, $"The tip of {name} is in air or on the tray: push it back into the middle of its piece.");
        }

        if (hasSettled && trace.Change(FallS) < -FallC)
        {
            return new(ProbeFault.Slipped, $"{Start(name)} fell faster than meat cools: it has slipped or was moved. Say where it is now.");
        }

        return expected is null ? null : Held(trace, last, expected, nowS, name);
    }

    /// <summary>Of two probes in one piece the colder counts.</summary>
    /// <param name="own">What this one shows, °C.</param>
    /// <param name="other">What the other one shows, °C.</param>
    /// <param name="name">As the cook calls this one.</param>
    /// <param name="otherName">And the other.</param>
    /// <returns>Of the hotter of two that differ; null for the colder, which counts.</returns>
    public static ProbeFinding? Beside(double own, double other, string name, string otherName) => own - other > DisagreeC
        ? new(ProbeFault.Disagree, $"{Start(name)} and {otherName} are in one piece and do not agree. The colder counts: move {name} to the middle, or try both in ice water (0 °C).")
        : null;

    private static ProbeFinding? Held(ProbeTrace trace, ProbeSample last, ProbeExpectation expected, double nowS, string name)
    {
        double sameS = last.AtS - (trace.SameSinceS ?? last.AtS);
        if (sameS >= FrozenS && expected.RisePerMinuteC * sameS / 60 >= FrozenRiseC)
        {
            return new(ProbeFault.Frozen, FormattableString.Invariant($"{Start(name)} has shown the same for {sameS / 60:0} min while its piece must warm: take it out, in again, or use another thermometer."));
        }

        if (last.Celsius > expected.HotC)
        {
            return expected.IsBoneIn
                ? new(ProbeFault.OnBone, $"{Start(name)} is hotter than its middle can be: the tip may touch the bone or be in the thin end. Move it to the thickest part, off the bone.")
                : new(ProbeFault.ThinEnd, $"{Start(name)} is hotter than its middle can be: the tip is too near the surface or in the thin end. Move it to the middle of the thickest part.");
        }

        return expected.OvenC is > LeadC
            ? new(ProbeFault.LeadTooHot, "Many leads stand 220 to 230 °C: look what yours says, or measure with a quick thermometer.", Counts: true)
            : null;
    }

    /// <summary>All it has shown is too hot as Celsius and fits as Fahrenheit; a tip in air does so for a moment only.</summary>
    private static bool IsInFahrenheit(ProbeTrace trace, ProbeExpectation expected)
    {
        double lastC = AsFahrenheitC(trace.Last!.Value.Celsius);
        return lastC >= expected.ColdC && lastC <= expected.HotC
            && trace.IsSteady && 60 * trace.Change(RiseS) / RiseS <= FastestRiseC
            && trace.Samples.All(sample => sample.Celsius > expected.HotC && AsFahrenheitC(sample.Celsius) <= expected.HotC);
    }

    private static double AsFahrenheitC(double shown) => Temperature.From(shown, TemperatureUnit.Fahrenheit).Celsius;

    private static string Start(string name) => Doneness.Phrases.Capital(name);
}
