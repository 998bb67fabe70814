using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Doneness.Safety;

/// <summary>What one lot's readings must show: an instant limit, or a lower one held.</summary>
/// <param name="Name">Whose rule.</param>
/// <param name="Instant">A single reading at or above this is enough.</param>
/// <param name="Holds">Enough when seen held, hottest first; often none.</param>
/// <param name="AimC">What a plan should aim for in the coldest middle, °C.</param>
public sealed record SafetyRule(string Name, PublishedLimit Instant, IReadOnlyList<HoldRule> Holds, double AimC)
{
    /// <summary>A hold that a cook waits for with the tip in the meat, s; longer ones are for those who aim at them.</summary>
    private const int ShortHoldS = 120;

    /// <summary>How a piece's believed readings meet the rule, or null: by the last one, or held up to it.</summary>
    /// <param name="series">Readings of one piece in order of time; the last is what the piece is like now.</param>
    public RuleMet? MetBy(IReadOnlyList<TimedReading> series) => MetBy(series, series);

    /// <summary>The same, where more was seen than what steers: a hold is broken by any of it that is short.</summary>
    /// <param name="series">Readings of one piece in order of time; the last is what the piece is like now.</param>
    /// <param name="seen">Those, and what was asked about and not answered.</param>
    public RuleMet? MetBy(IReadOnlyList<TimedReading> series, IReadOnlyList<TimedReading> seen)
    {
        if (series.Count == 0)
        {
            return null;
        }

        if (Instant.IsMetBy(series[^1].Temperature))
        {
            return new(Instant, 0, series[^1].AtS);
        }

        foreach (HoldRule hold in Holds)
        {
            if (SeenHolding.Of(seen, hold.Limit) is { } held && held.Seconds >= hold.Seconds)
            {
                return new(hold.Limit, hold.Seconds, held.FromS);
            }
        }

        return null;
    }

    /// <summary>
    /// The hold that a piece could be seen through: the one that needs the least more time, among the short ones and those
    /// the cook's own goal is at; null where none begins at this temperature.
    /// </summary>
    /// <param name="series">Readings of one piece in order of time.</param>
    /// <param name="goalC">The cook's own goal, °C.</param>
    public HoldInProgress? HoldOf(IReadOnlyList<TimedReading> series, double goalC) => Holds
        .Where(hold => hold.Seconds <= ShortHoldS || goalC < AimC - PublishedLimit.RoundingC)
        .Where(hold => series.Count > 0 && hold.Limit.IsMetBy(series[^1].Temperature))
        .Select(hold => new HoldInProgress(hold, Math.Max(0, hold.Seconds - (SeenHolding.Of(series, hold.Limit)?.Seconds ?? 0))))
        .MinBy(hold => hold.LeftSeconds);

    /// <summary>The rule's everyday number: its instant limit, or the short hold that plans aim at.</summary>
    public PublishedLimit Everyday =>
        Holds.FirstOrDefault(hold => Math.Abs(hold.Limit.Celsius - AimC) < PublishedLimit.RoundingC)?.Limit ?? Instant;

    /// <summary>The coldest that could be enough, when held long enough, °C.</summary>
    public double LowestC => Holds.Count == 0 ? Instant.Celsius : Holds.Min(hold => hold.Limit.Celsius);

    /// <summary>When the rule is first met in an oven that goes on heating, s, or null if never: a prediction.</summary>
    /// <param name="reachedS">When a temperature is reached, °C → s.</param>
    public double? MetInOvenS(Func<double, double?> reachedS) => Holds
        .Select(hold => reachedS(hold.Limit.Celsius) + hold.Seconds)
        .Append(reachedS(Instant.Celsius))
        .Min();

    /// <summary>The hold that a goal keeps, or null: held there for as long as the rule asks, it passes.</summary>
    public HoldRule? HoldAt(EnteredTemperature goal) => Holds.FirstOrDefault(hold => hold.Limit.IsMetBy(goal));
}

/// <param name="Limit">The limit that was met.</param>
/// <param name="HeldSeconds">How long it had to be held; 0 for at once.</param>
/// <param name="FromS">Since when it was seen at or above it, s in the bake's time.</param>
public sealed record RuleMet(PublishedLimit Limit, int HeldSeconds, double FromS);

/// <param name="Hold">Which.</param>
/// <param name="LeftSeconds">How much longer it must be seen, s.</param>
public sealed record HoldInProgress(HoldRule Hold, double LeftSeconds);
