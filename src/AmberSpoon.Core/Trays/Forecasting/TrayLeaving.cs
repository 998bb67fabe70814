using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// When lots leave the oven. Where one moment is good for all of them, all leave then: dark meat stays in until the potatoes are
/// tender and is the better for it. Otherwise chicken leaves when its slowest lot is done; a vegetable with it, or later when it is
/// tender later. A plan may keep them in longer (<see cref="TrayPlan.KeptInMinutes"/>). A lot that is told to leaves as soon as it is done.
/// </summary>
internal sealed class TrayLeaving
{
    /// <summary>Past its best by less than this is a difference nobody tastes, min.</summary>
    private const double NoDifference = 1;

    private readonly Dictionary<LotId, int> _outMinutes;

    private TrayLeaving(LotId lead, int pullMinutes, int eatMinutes, double apartMinutes, Dictionary<LotId, int> outMinutes)
    {
        (Lead, PullMinutes, EatMinutes, ApartMinutes, _outMinutes) = (lead, pullMinutes, eatMinutes, apartMinutes, outMinutes);
    }

    /// <summary>The lot that decides when the chicken comes out, or without chicken the last vegetable.</summary>
    public LotId Lead { get; }

    public int PullMinutes { get; }

    public int EatMinutes { get; }

    /// <inheritdoc cref="TrayForecast.ApartMinutes"/>
    public double ApartMinutes { get; }

    public int OutMinutes(LotRuns lot) => _outMinutes[lot.Lot];

    /// <exception cref="LotNeverDoneException">Some lot never gets there.</exception>
    public static TrayLeaving Of(TrayPlan plan, IReadOnlyList<LotRuns> lots)
    {
        var ready = lots.ToDictionary(lot => lot.Lot, lot => WholeMinutes(lot.ReadyMinutes ?? throw new LotNeverDoneException(lot.Lot.Value)));
        LotRuns[] leading = [.. lots.Where(lot => lot.IsChicken)];
        leading = leading.Length > 0 ? leading : [.. lots];
        LotRuns[] together = [.. leading.Where(lot => !lot.LeavesWhenDone)];
        LotRuns lead = (together.Length > 0 ? together : leading).MaxBy(lot => lot.ReadyMinutes)!;
        LotRuns[] staying = [.. lots.Where(lot => !lot.LeavesWhenDone)];
        double apart = Apart(staying);
        int pull = ready[lead.Lot];
        if (apart < NoDifference && staying.Length > 0)
        {
            pull = Math.Max(pull, staying.Max(lot => ready[lot.Lot]));
        }

        pull = staying.Length > 0 ? Math.Max(pull, plan.KeptInMinutes) : pull;
        Dictionary<LotId, int> leaves = lots.ToDictionary(
            lot => lot.Lot,
            lot => lot.LeavesWhenDone ? ready[lot.Lot] : Math.Max(pull, ready[lot.Lot]));
        int rested = lots.Any(lot => lot.IsChicken) ? pull + plan.RestMinutes : pull;
        return new(lead.Lot, pull, Math.Max(rested, leaves.Values.Max()), apart < NoDifference ? 0 : apart, leaves);
    }

    /// <summary>How far the last done is beyond the best of the first, min; below 0 there is that much to choose from.</summary>
    private static double Apart(LotRuns[] staying)
    {
        if (staying.Length < 2)
        {
            return 0;
        }

        double last = staying.Max(lot => lot.ReadyMinutes!.Value);
        double first = staying.Min(lot => lot.Good is { } good
            ? good.BestUntilMinutes ?? good.PastMinutes ?? TrayForecaster.LongestBakeS / 60
            : lot.ReadyMinutes!.Value);
        return Math.Round(last - first, 1);
    }

    /// <summary>Up to a whole minute; a second's rounding does not cost one.</summary>
    private static int WholeMinutes(double minutes) => Math.Max(1, (int)Math.Ceiling(minutes - 0.02));
}
