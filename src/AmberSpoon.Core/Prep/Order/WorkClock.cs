namespace AmberSpoon.Core.Prep.Order;

/// <summary>
/// The order of work on the clock, worked back from the moment the tray goes in: what lies in a marinade goes in early enough, and
/// the oven is on in time. How long each step takes is common practice, give or take a half.
/// </summary>
public static class WorkClock
{
    /// <param name="steps">The order of work.</param>
    /// <param name="preheatMinutes">How long the oven takes to be hot, min.</param>
    /// <param name="pace">How long hands take, as a share of the usual.</param>
    /// <returns>When each begins, min before the tray goes in; never rising.</returns>
    public static IReadOnlyList<double> MinutesBefore(IReadOnlyList<WorkStep> steps, double preheatMinutes, double pace)
    {
        double[] before = new double[steps.Count];
        double done = 0;
        for (int i = steps.Count - 1; i >= 0; i--)
        {
            WorkStep step = steps[i];

            // Meat that waits is waited for by the first step that needs it, which is not before what stands next in the order.
            double waited = step.WaitMinutes > 0 ? Math.Max(done, Needed(steps, before, i) + step.WaitMinutes) : done;
            before[i] = Math.Max(waited + (pace * step.Minutes), step.Key == WorkOrder.OvenKey ? preheatMinutes : 0);
            done = before[i];
        }

        // Nobody stands about with raw hands until the vegetables are due.
        for (int i = 1; i < steps.Count; i++)
        {
            if (steps[i].Touches == Touches.Wash && steps[i - 1].WaitMinutes > 0)
            {
                before[i] = before[i - 1] - (pace * steps[i - 1].Minutes);
            }
        }

        return before;
    }

    /// <summary>When the meat that waits is taken up again, min before the tray goes in.</summary>
    private static double Needed(IReadOnlyList<WorkStep> steps, double[] before, int waiting)
    {
        for (int i = waiting + 1; i < steps.Count; i++)
        {
            if (steps[i].Key == WorkOrder.TakenUp(steps[waiting].Key))
            {
                return before[i];
            }
        }

        return 0;
    }
}
