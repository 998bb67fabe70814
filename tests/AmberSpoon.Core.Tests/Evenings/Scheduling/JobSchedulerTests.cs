using AmberSpoon.Core.Evenings.Scheduling;
using CsCheck;
using Xunit;

namespace AmberSpoon.Core.Tests.Evenings.Scheduling;

public sealed class JobSchedulerTests
{
    private static readonly Dictionary<Resource, int> OneCook = new() { [Resource.Hands] = 1, [Resource.Board] = 1, [Resource.Hob] = 2, [Resource.Shelf] = 2 };

    private static Job Work(string key, int minutes, params JobLink[] then) => new(key, minutes) { Needs = [new(Resource.Hands, 0, minutes)], Then = then };

    [Fact]
    public void Work_of_one_cook_stands_in_a_row_before_dinner_and_of_two_side_by_side()
    {
        Job[] jobs = [Work("a", 5), Work("b", 7), Work("c", 4)];
        Assert.Equal(16, JobScheduler.Schedule(jobs, OneCook).LengthMinutes);
        Assert.Equal(9, JobScheduler.Schedule(jobs, new Dictionary<Resource, int> { [Resource.Hands] = 2 }).LengthMinutes);
        Assert.Equal(7, JobScheduler.Schedule(jobs, new Dictionary<Resource, int> { [Resource.Hands] = 3 }).LengthMinutes);
    }

    [Fact]
    public void A_wait_is_kept_and_used()
    {
        // Ten minutes of work before an hour's wait; fifteen minutes of other work fit into it.
        Job[] jobs = [Work("into", 10, new JobLink("out of", 60)), Work("out of", 5), Work("other", 15)];
        JobSchedule schedule = JobScheduler.Schedule(jobs, OneCook);
        Assert.Equal(75, schedule.LengthMinutes);
        Assert.Equal(60, schedule.Of("into").EndsBefore - schedule.Of("out of").BeginsBefore);
        Assert.InRange(schedule.Of("other").BeginsBefore, 15, 65);
        Assert.True(schedule.IsBest);
    }

    [Theory]
    [InlineData(2, 30)]
    [InlineData(1, 60)]
    public void Rings_are_shared(int rings, int length)
    {
        Job[] jobs = [new("rice", 30) { Needs = [new(Resource.Hob, 0, 30)] }, new("beans", 30) { Needs = [new(Resource.Hob, 0, 30)] }];
        Assert.Equal(length, JobScheduler.Schedule(jobs, new Dictionary<Resource, int> { [Resource.Hob] = rings }).LengthMinutes);
    }

    [Fact]
    public void A_tray_of_two_shelves_leaves_none()
    {
        Job[] jobs = [new("trays", 40) { PinnedBefore = 45, Needs = [new(Resource.Shelf, 0, 40, 2)] }, new("bread", 6) { Needs = [new(Resource.Shelf, 0, 6)] }];
        Assert.Equal(5, JobScheduler.Schedule([jobs[0], jobs[1] with { Minutes = 5, Needs = [new(Resource.Shelf, 0, 5)] }], OneCook).Of("bread").BeginsBefore);
        Assert.Equal(51, JobScheduler.Schedule(jobs, OneCook).Of("bread").BeginsBefore);
    }

    [Theory]
    [InlineData(5, 0)]
    [InlineData(4, 0)]
    [InlineData(3, 1)]
    public void What_does_not_keep_comes_last_and_what_cannot_says_for_how_long(int keeps, int tooLong)
    {
        // The plates take the last four minutes: greens that keep for three wait one too many.
        Job[] jobs = [new("plates", 4) { PinnedBefore = 4, Needs = [new(Resource.Hands, 0, 4)] }, Work("greens", 6) with { KeepsMinutes = keeps }, Work("salad", 8)];
        JobSchedule schedule = JobScheduler.Schedule(jobs, OneCook);
        Assert.Equal(tooLong, schedule.Of("greens").KeptTooLong);
        Assert.Equal(4, schedule.Of("greens").EndsBefore);
        Assert.Equal(18, schedule.LengthMinutes);
    }

    [Fact]
    public void Hands_leave_the_knife_for_a_turn_and_come_back_but_not_the_raw_meat()
    {
        Job turn = new("turn", 2) { PinnedBefore = 20, Needs = [new(Resource.Hands, 0, 2)] };
        Job plates = new("plates", 12) { PinnedBefore = 12, Needs = [new(Resource.Hands, 0, 12)] };
        Job cut = Work("cut", 10) with { CanPause = true };
        PlacedJob paused = JobScheduler.Schedule([turn, plates, cut], OneCook).Of("cut");
        Assert.Equal((12, 24), (paused.EndsBefore, paused.BeginsBefore));
        PlacedJob whole = JobScheduler.Schedule([turn, plates, cut with { CanPause = false }], OneCook).Of("cut");
        Assert.Equal((20, 30), (whole.EndsBefore, whole.BeginsBefore));

        // It is not begun or ended in the middle of what it makes room for.
        PlacedJob before = JobScheduler.Schedule([turn with { PinnedBefore = 14 }, plates, cut], OneCook).Of("cut");
        Assert.Equal((14, 24), (before.EndsBefore, before.BeginsBefore));
    }

    [Fact]
    public void Jobs_that_wait_for_each_other_and_two_of_one_name_are_refused()
    {
        Assert.Throws<ArgumentException>(() => JobScheduler.Schedule([Work("a", 1, new JobLink("b", 0)), Work("b", 1, new JobLink("a", 0))], OneCook));
        Assert.Throws<ArgumentException>(() => JobScheduler.Schedule([Work("a", 1), Work("a", 2)], OneCook));
        Assert.Equal(3, JobScheduler.Schedule([Work("a", 3, new JobLink("gone", 90))], OneCook).LengthMinutes);
        Assert.Equal(0, JobScheduler.Schedule([], OneCook).LengthMinutes);
    }

    /// <summary>A thousand evenings of up to forty jobs: nothing has what another has, every wait is kept, and nothing is split that may not be.</summary>
    [Fact]
    public void No_evening_breaks_a_rule() => Evening(40).Sample(
        jobs =>
        {
            JobSchedule schedule = JobScheduler.Schedule(jobs, OneCook);
            Assert.Equal(jobs.Length, schedule.Jobs.Count);
            Assert.Null(FirstBreach(schedule));
        },
        iter: 1000);

    /// <summary>Small evenings: as late a begin as any order of placing has, found by trying all of them with minutes in a plain array.</summary>
    [Fact]
    public void A_small_evening_begins_as_late_as_any_order_allows() => Evening(5).Sample(
        jobs =>
        {
            JobSchedule schedule = JobScheduler.Schedule(jobs, OneCook);
            int best = Orders([.. Enumerable.Range(0, jobs.Length)]).Select(order => PlainCost(jobs, order)).OfType<int>().Min();
            Assert.True(schedule.IsBest);
            Assert.Equal(best, (Spoilt * schedule.Jobs.Sum(placed => placed.KeptTooLong)) + schedule.LengthMinutes);
        },
        iter: 400);

    /// <summary>Tiny ones against every begin that there is, whatever the order.</summary>
    [Fact]
    public void A_tiny_evening_begins_as_late_as_anything_allows() => Gen.Select(Gen.Int[1, 4], Gen.Int[1, 4], Gen.Int[1, 3], Gen.Int[0, 3], Gen.Int[1, 5]).Sample(
        (a, b, c, wait, pinned) =>
        {
            Job[] jobs =
            [
                Work("a", a, new JobLink("b", wait)), Work("b", b), Work("c", c), new("pin", 1) { PinnedBefore = pinned, Needs = [new(Resource.Hands, 0, 1)] },
            ];
            int best = int.MaxValue;
            const int most = 22;
            for (int endA = 0; endA < most; endA++)
            {
                for (int endB = 0; endB < most; endB++)
                {
                    for (int endC = 0; endC < most; endC++)
                    {
                        (int From, int To)[] spans = [(endA, endA + a), (endB, endB + b), (endC, endC + c), (pinned - 1, pinned)];
                        bool apart = spans.Index().All(one => spans.Index().All(other => one.Index == other.Index || one.Item.To <= other.Item.From || other.Item.To <= one.Item.From));
                        if (apart && endA >= endB + b + wait)
                        {
                            best = Math.Min(best, spans.Max(span => span.To));
                        }
                    }
                }
            }

            Assert.Equal(best, JobScheduler.Schedule(jobs, OneCook).LengthMinutes);
        },
        iter: 60);

    private static Gen<Job[]> Evening(int most) => Gen.Select(Gen.Int[1, most], Gen.Int[0, 1_000_000]).Select((count, seed) =>
    {
        var dice = new Random(seed);
        var jobs = new List<Job>();
        int pinnedAt = 0;
        for (int i = 0; i < count; i++)
        {
            int minutes = dice.Next(1, 12);
            JobLink[] then = [.. Enumerable.Range(0, i).Where(_ => dice.Next(6) == 0).Take(3).Select(other => new JobLink($"j{other}", dice.Next(3) == 0 ? dice.Next(40) : 0))];
            jobs.Add(dice.Next(6) switch
            {
                0 => new($"j{i}", minutes + 5) { Needs = [new(Resource.Hands, 0, 1), new(Resource.Hob, 1, minutes + 4), new(Resource.Hands, minutes + 4, minutes + 5)], Then = then, KeepsMinutes = dice.Next(2) == 0 ? 30 : int.MaxValue },
                1 => new($"j{i}", minutes) { Needs = [new(Resource.Hands, 0, minutes), new(Resource.Board, 0, minutes)], Then = then },
                2 => new($"j{i}", minutes) { Needs = [new(Resource.Shelf, 0, minutes, dice.Next(1, 3))], Then = then },
                3 when then.Length == 0 => new($"j{i}", 1) { PinnedBefore = pinnedAt += dice.Next(3, 9), Needs = [new(Resource.Hands, 0, 1)] },
                4 => new($"j{i}", minutes) { Needs = [new(Resource.Hands, 0, minutes)], Then = then, CanPause = true },
                _ => new($"j{i}", minutes) { Needs = [new(Resource.Hands, 0, minutes)], Then = then },
            });
        }

        return jobs.ToArray();
    });

    private static string? FirstBreach(JobSchedule schedule)
    {
        int length = schedule.LengthMinutes;
        var used = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => new int[length + 1]);
        foreach (PlacedJob placed in schedule.Jobs)
        {
            Job job = placed.Job;
            foreach (JobLink link in job.Then)
            {
                if (placed.EndsBefore < schedule.Of(link.Key).BeginsBefore + link.WaitMinutes)
                {
                    return $"{job.Key} is not over {link.WaitMinutes} min before {link.Key}";
                }
            }

            if (!job.CanPause && placed.BeginsBefore - placed.EndsBefore != job.Minutes)
            {
                return $"{job.Key} is cut in pieces";
            }

            foreach (Need need in job.CanPause ? [] : job.Needs)
            {
                for (int at = placed.BeginsBefore - need.UntilMinutes; at < placed.BeginsBefore - need.FromMinutes; at++)
                {
                    if ((used[need.Resource][at] += need.Amount) > OneCook[need.Resource])
                    {
                        return $"{need.Resource} is had twice {at} min before dinner, by {job.Key}";
                    }
                }
            }
        }

        // What may be interrupted has hands in as many minutes as it takes, those in which nobody else does.
        foreach (PlacedJob placed in schedule.Jobs.Where(placed => placed.Job.CanPause).OrderBy(placed => placed.EndsBefore))
        {
            int had = 0;
            for (int at = placed.EndsBefore; at < placed.BeginsBefore; at++)
            {
                had += used[Resource.Hands][at]++ == 0 ? 1 : 0;
            }

            if (had != placed.Job.Minutes)
            {
                return $"{placed.Job.Key} has hands for {had} of {placed.Job.Minutes} min";
            }
        }

        return null;
    }

    private static IEnumerable<int[]> Orders(int[] left) => left.Length == 0
        ? [[]]
        : left.SelectMany(first => Orders([.. left.Where(other => other != first)]).Select(rest => (int[])[first, .. rest]));

    /// <summary>A minute that something waits too long weighs more than any length.</summary>
    private const int Spoilt = 100_000;

    /// <summary>The serial scheme again, with an array of minutes: what spoils, then the length; null where the order breaks a link.</summary>
    private static int? PlainCost(Job[] jobs, int[] order)
    {
        const int most = 400;
        var used = Enum.GetValues<Resource>().ToDictionary(resource => resource, _ => new int[most]);
        bool[] pinnedHands = new bool[most];
        var begins = new Dictionary<string, int>();
        foreach (Job job in jobs.Where(job => job.PinnedBefore is not null))
        {
            Fill(job, job.PinnedBefore!.Value);
            for (int at = job.PinnedBefore.Value - job.Minutes; at < job.PinnedBefore; at++)
            {
                pinnedHands[at] = true;
            }
        }

        int late = 0;
        foreach (Job job in order.Select(i => jobs[i]).Where(job => job.PinnedBefore is null))
        {
            if (job.Then.Any(link => !begins.ContainsKey(link.Key)))
            {
                return null;
            }

            int ends = job.Then.Select(link => begins[link.Key] + link.WaitMinutes).DefaultIfEmpty(0).Max();
            int? begun;
            while ((begun = Begin(job, ends)) is null)
            {
                ends++;
            }

            late += Math.Max(0, ends - job.KeepsMinutes);
            Fill(job, begun.Value, ends);
        }

        return (Spoilt * late) + begins.Values.DefaultIfEmpty(0).Max();

        int? Begin(Job job, int ends)
        {
            if (!job.CanPause)
            {
                int begin = ends + job.Minutes;
                return job.Needs.All(need => Enumerable.Range(begin - need.UntilMinutes, need.UntilMinutes - need.FromMinutes).All(at => used[need.Resource][at] + need.Amount <= OneCook[need.Resource])) ? begin : null;
            }

            int left = job.Minutes;
            int now = ends;
            for (; left > 0; now++)
            {
                bool isTaken = used[Resource.Hands][now] > 0;
                if (isTaken && (!pinnedHands[now] || left == job.Minutes))
                {
                    return null;
                }

                left -= isTaken ? 0 : 1;
            }

            return now;
        }

        void Fill(Job job, int begin, int ends = 0)
        {
            begins[job.Key] = begin;
            if (job.CanPause)
            {
                for (int at = ends; at < begin; at++)
                {
                    used[Resource.Hands][at] = 1;
                }

                return;
            }

            foreach (Need need in job.Needs)
            {
                for (int at = begin - need.UntilMinutes; at < begin - need.FromMinutes; at++)
                {
                    used[need.Resource][at] += need.Amount;
                }
            }
        }
    }
}
