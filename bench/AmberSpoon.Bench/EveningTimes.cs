using System.Diagnostics;
using System.Globalization;
using AmberSpoon.Core.Evenings.Scheduling;

namespace AmberSpoon.Bench;

/// <summary>Bar: an evening of forty tasks in 100 ms at the median and 300 ms at the 95th percentile.</summary>
internal static class EveningTimes
{
    private const int Evenings = 200;

    private static readonly Dictionary<Resource, int> OneCook = new() { [Resource.Hands] = 1, [Resource.Board] = 1, [Resource.Hob] = 4, [Resource.Shelf] = 3 };

    public static void Print()
    {
        foreach (int tasks in (int[])[JobScheduler.MostForEveryOrder, 20, 40])
        {
            var dice = new Random(tasks);
            var times = new List<double>();
            for (int i = 0; i < Evenings; i++)
            {
                Job[] jobs = Evening(tasks, dice);
                var watch = Stopwatch.StartNew();
                JobScheduler.Schedule(jobs, OneCook);
                times.Add(watch.Elapsed.TotalMilliseconds);
            }

            times.Sort();
            Console.WriteLine(string.Create(CultureInfo.InvariantCulture, $"evening of {tasks,2} tasks: median {times[Evenings / 2]:0.0} ms, 95th percentile {times[Evenings * 95 / 100]:0.0} ms"));
        }
    }

    private static Job[] Evening(int tasks, Random dice) =>
    [
        .. Enumerable.Range(0, tasks).Select(i =>
        {
            int minutes = dice.Next(1, 12);
            JobLink[] then = [.. Enumerable.Range(0, i).Where(_ => dice.Next(8) == 0).Take(2).Select(other => new JobLink($"j{other}", dice.Next(4) == 0 ? dice.Next(60) : 0))];
            return dice.Next(5) switch
            {
                0 => new Job($"j{i}", minutes + 10) { Needs = [new(Resource.Hands, 0, 1), new(Resource.Hob, 1, minutes + 9), new(Resource.Hands, minutes + 9, minutes + 10)], Then = then, KeepsMinutes = 15 },
                1 => new Job($"j{i}", minutes) { Needs = [new(Resource.Hands, 0, minutes), new(Resource.Board, 0, minutes)], Then = then },
                2 when then.Length == 0 => new Job($"j{i}", 1) { PinnedBefore = 5 + (9 * i), Needs = [new(Resource.Hands, 0, 1)] },
                3 => new Job($"j{i}", minutes) { Needs = [new(Resource.Hands, 0, minutes)], Then = then, CanPause = true },
                _ => new Job($"j{i}", minutes) { Needs = [new(Resource.Hands, 0, minutes)], Then = then },
            };
        }),
    ];
}
