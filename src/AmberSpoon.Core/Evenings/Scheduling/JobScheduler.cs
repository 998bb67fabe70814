namespace AmberSpoon.Core.Evenings.Scheduling;

/// <summary>
/// Puts the jobs of an evening in their places, each as late as it can be, so that the first begins as late as it can.
/// </summary>
/// <remarks>
/// Jobs are placed one after another, from dinner backwards, each at the first room behind what waits for it (the serial scheme of
/// project scheduling: Kolisch 1996; from memory). Some order of placing gives the shortest evening there is. Up to
/// <see cref="MostForEveryOrder"/> movable jobs every order is tried; beyond that a few rules, then exchanges from the best of them.
/// </remarks>
public static class JobScheduler
{
    /// <summary>From more movable jobs than this on not every order is tried.</summary>
    public const int MostForEveryOrder = 7;

    /// <summary>Exchanges that are tried in a large evening.</summary>
    private const int Tries = 400;

    /// <summary>Longer than this before dinner is another week, min.</summary>
    internal const int LongestMinutes = 14 * 24 * 60;

    /// <param name="jobs">All of them; links may name jobs that are not there, which then wait for nothing.</param>
    /// <param name="capacity">How many there are of each resource; one where nothing is said.</param>
    /// <exception cref="ArgumentException">Two of one name, or jobs that wait for each other.</exception>
    public static JobSchedule Schedule(IReadOnlyList<Job> jobs, IReadOnlyDictionary<Resource, int> capacity)
    {
        var work = new JobTable(jobs, capacity);
        int[] movable = work.Movable;
        int[] best = [];
        EveningCost bestCost = EveningCost.Worst;
        bool all = movable.Length <= MostForEveryOrder;
        if (all)
        {
            EveryOrder(work, [.. movable], 0, ref best, ref bestCost);
        }
        else
        {
            SomeOrders(work, movable, ref best, ref bestCost);
        }

        work.Place(best);
        return new([.. work.Placed().OrderByDescending(placed => placed.BeginsBefore).ThenByDescending(placed => placed.EndsBefore)], all);
    }

    private static void EveryOrder(JobTable work, int[] order, int from, ref int[] best, ref EveningCost bestCost)
    {
        if (from == order.Length)
        {
            Try(work, order, ref best, ref bestCost);
            return;
        }

        for (int i = from; i < order.Length; i++)
        {
            (order[from], order[i]) = (order[i], order[from]);
            if (work.MayFollow(order, from))
            {
                EveryOrder(work, order, from + 1, ref best, ref bestCost);
            }

            (order[from], order[i]) = (order[i], order[from]);
        }
    }

    private static void SomeOrders(JobTable work, int[] movable, ref int[] best, ref EveningCost bestCost)
    {
        foreach (Func<int, double> rule in work.Rules())
        {
            Try(work, work.OrderBy(movable, rule), ref best, ref bestCost);
        }

        // Always the same exchanges: an evening that was asked for twice is the same evening.
        var dice = new Random(1996);
        for (int t = 0; t < Tries; t++)
        {
            int[] order = [.. best];
            int one = dice.Next(order.Length);
            int to = dice.Next(order.Length);
            int moved = order[one];
            var list = order.ToList();
            list.RemoveAt(one);
            list.Insert(to, moved);
            order = [.. list];
            if (work.IsInOrder(order))
            {
                Try(work, order, ref best, ref bestCost);
            }
        }
    }

    private static void Try(JobTable work, int[] order, ref int[] best, ref EveningCost bestCost)
    {
        EveningCost cost = work.Place(order);
        if (best.Length == 0 || cost.CompareTo(bestCost) < 0)
        {
            (best, bestCost) = ([.. order], cost);
        }
    }
}
