using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Doneness;

/// <summary>
/// Turns a check into a verdict. The one rule that never bends: <see cref="VerdictKind.Serve"/> needs measured
/// temperatures that meet the profile; the outlook only chooses between the ways of not serving yet. What a cook saw by
/// eye is not even an argument.
/// </summary>
public static class Judge
{
    /// <summary>A rest is offered only when the predicted peak clears the limit by this much, °C.</summary>
    private const double RestMarginC = 1;

    /// <summary>Opening the door sooner than this tells nothing, min.</summary>
    private const int ShortestBackInMinutes = 3;
    private const int LongestBackInMinutes = 60;
    private const int ShortestRestMinutes = 2;

    /// <param name="profile">Whose rule.</param>
    /// <param name="target">The cook's own target, at or above or below the rule.</param>
    /// <param name="pieceCount">Pieces on the tray.</param>
    /// <param name="readings">This check's readings, any number.</param>
    /// <param name="earlier">The latest believable reading of each piece in the checks before this one.</param>
    /// <param name="outlook">From the heat model, given the lowest reading; not used to permit serving.</param>
    public static Verdict Decide(
        SafetyProfile profile,
        EnteredTemperature target,
        int pieceCount,
        IReadOnlyList<Reading> readings,
        IReadOnlyList<Reading> earlier,
        CheckOutlook outlook)
    {
        if (readings.Count == 0)
        {
            return CannotTell("Looks alone cannot say: measure the middle of the thickest piece.");
        }

        Reading hottest = readings.MaxBy(reading => reading.CoreC)!;
        if (hottest.CoreC > ReadingLimits.HottestMeatC)
        {
            return CannotTell(
                $"Piece {hottest.Piece} at {Say(hottest)} is hotter than meat can be: the tip is in air, in fat or on the tray, so measure again.");
        }

        if (hottest.CoreC > outlook.HottestBelievableC)
        {
            return CannotTell(
                $"Piece {hottest.Piece} at {Say(hottest)} is hotter than its middle can have become by now: the tip may be in fat, in air or on the tray, so measure again.");
        }

        Reading[] shortOfRule = [.. readings.Where(reading => !profile.IsMetBy(reading)).OrderBy(reading => reading.CoreC)];
        if (shortOfRule.Length > 0)
        {
            return NotYet(profile, target, shortOfRule[0], outlook);
        }

        Reading[] notMeasuredNow = [.. earlier.Where(before => readings.All(now => now.Piece != before.Piece))];
        if (notMeasuredNow.FirstOrDefault(before => !profile.IsMetBy(before)) is { } leftShort)
        {
            return CannotTell(
                $"Piece {leftShort.Piece} was short at {Say(leftShort)} and has not been measured since: measure it again.");
        }

        return Enough(profile, target, pieceCount, [.. readings, .. notMeasuredNow], outlook);
    }

    private static Verdict Enough(
        SafetyProfile profile,
        EnteredTemperature target,
        int pieceCount,
        IReadOnlyList<Reading> readings,
        CheckOutlook outlook)
    {
        int measured = readings.Select(reading => reading.Piece).Distinct().Count();
        if (measured < Math.Min(2, pieceCount))
        {
            return CannotTell($"Piece {readings[0].Piece} is hot enough, but one piece cannot speak for {pieceCount}: measure another, the largest you have not tried.");
        }

        Reading lowest = readings.MinBy(reading => reading.CoreC)!;
        string safe = lowest.HeldSeconds > 0 && !profile.Instant.IsMetBy(lowest.Temperature)
            ? $"The lowest, piece {lowest.Piece}, stayed at {Say(lowest)} for {SayHold(lowest.HeldSeconds)}, which meets the {profile.Name} rule"
            : $"The lowest, piece {lowest.Piece}, reads {Say(lowest)}, and the {profile.Name} rule asks {LimitMet(profile, lowest).Say(lowest.Temperature.Unit)}";
        Temperature aim = target.ToTemperature();
        return lowest.CoreC >= aim.Celsius - 0.5 || outlook.OvenMinutesToAim is not { } minutes
            ? new(VerdictKind.Serve, safe + ".", null)
            : new(VerdictKind.Serve, $"{safe}; your own {aim.Say(lowest.Temperature.Unit)} would take about {Math.Ceiling(minutes):0} more min.", null);
    }

    private static Verdict NotYet(SafetyProfile profile, EnteredTemperature target, Reading lowest, CheckOutlook outlook)
    {
        TemperatureUnit unit = lowest.Temperature.Unit;
        if (profile.HoldFor(lowest) is { } hold)
        {
            return new(
                VerdictKind.CannotTell,
                $"Piece {lowest.Piece} at {Say(lowest)} is enough only if it stays: keep the tip in and see it hold {hold.Limit.Say(unit)} or more for {SayHold(hold.Seconds)}.",
                null);
        }

        string shortBy = $"Piece {lowest.Piece} reads {Say(lowest)} and needs {ShownLimit(profile).Say(unit)}";
        if (outlook.RestPeakC >= ShownLimit(profile).Celsius + RestMarginC)
        {
            int restMinutes = Math.Max(ShortestRestMinutes, (int)Math.Ceiling(outlook.RestPeakInMinutes));
            return new(
                VerdictKind.RestThenCheck,
                $"{shortBy}; the heat on its way in should lift it to about {new Temperature(outlook.RestPeakC).Say(unit)}, and only a second reading can say so.",
                restMinutes);
        }

        if (outlook.OvenMinutesToAim is not { } minutes)
        {
            return new(VerdictKind.BackIn, $"{shortBy}; this oven setting will not get it there, so turn it up.", ShortestBackInMinutes * 3);
        }

        var aim = new Temperature(Math.Max(profile.AimC, target.ToTemperature().Celsius));
        int backIn = Math.Clamp((int)Math.Ceiling(minutes), ShortestBackInMinutes, LongestBackInMinutes);
        return new(VerdictKind.BackIn, $"{shortBy}; about {backIn} more min in this oven brings it to {aim.Say(unit)}.", backIn);
    }

    /// <summary>The rule's everyday number: the instant limit, or the hottest hold where the rule is about holding.</summary>
    private static PublishedLimit ShownLimit(SafetyProfile profile) =>
        profile.Holds.Count > 0 ? profile.Holds[0].Limit : profile.Instant;

    private static PublishedLimit LimitMet(SafetyProfile profile, Reading reading) =>
        profile.Instant.IsMetBy(reading.Temperature) ? profile.Instant : ShownLimit(profile);

    private static Verdict CannotTell(string reason) => new(VerdictKind.CannotTell, reason, null);

    private static string Say(Reading reading) => reading.Temperature.ToTemperature().Say(reading.Temperature.Unit, 1).Replace(".0 ", " ", StringComparison.Ordinal);

    private static string SayHold(int seconds) =>
        seconds % 60 == 0 ? $"{seconds / 60} min" : $"{seconds} s";
}
