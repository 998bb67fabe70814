using AmberSpoon.Core.Kitchens;

namespace AmberSpoon.Core.Trays.Forecasting;

/// <summary>
/// When lots leave the oven. Chicken leaves together when its slowest lot is done; a vegetable with it, or later when it is
/// tender later; a lot that is told to leaves as soon as it is done.
/// </summary>
internal sealed class TrayLeaving
{
    private readonly Dictionary<LotId, int> _outMinutes;

    private TrayLeaving(LotId lead, int pullMinutes, int eatMinutes, Dictionary<LotId, int> outMinutes)
    {
        (Lead, PullMinutes, EatMinutes, _outMinutes) = (lead, pullMinutes, eatMinutes, outMinutes);
    }

    /// <summary>The lot that decides when the chicken comes out, or without chicken the last vegetable.</summary>
    public LotId Lead { get; }

    public int PullMinutes { get; }

    public int EatMinutes { get; }

    public int OutMinutes(LotRuns lot) => _outMinutes[lot.Lot];

    /// <exception cref="LotNeverDoneException">Some lot never gets there.</exception>
    public static TrayLeaving Of(TrayPlan plan, IReadOnlyList<LotRuns> lots)
    {
        var ready = lots.ToDictionary(lot => lot.Lot, lot => WholeMinutes(lot.ReadyMinutes ?? throw new LotNeverDoneException(lot.Lot.Value)));
        LotRuns[] leading = [.. lots.Where(lot => lot.IsChicken)];
        leading = leading.Length > 0 ? leading : [.. lots];
        LotRuns[] together = [.. leading.Where(lot => !lot.LeavesWhenDone)];
        LotRuns lead = (together.Length > 0 ? together : leading).MaxBy(lot => lot.ReadyMinutes)!;
        int pull = ready[lead.Lot];
        Dictionary<LotId, int> leaves = lots.ToDictionary(
            lot => lot.Lot,
            lot => lot.LeavesWhenDone ? ready[lot.Lot] : Math.Max(pull, ready[lot.Lot]));
        int rested = lots.Any(lot => lot.IsChicken) ? pull + plan.RestMinutes : pull;
        return new(lead.Lot, pull, Math.Max(rested, leaves.Values.Max()), leaves);
    }

    /// <summary>Up to a whole minute; a second's rounding does not cost one.</summary>
    private static int WholeMinutes(double minutes) => Math.Max(1, (int)Math.Ceiling(minutes - 0.02));
}
