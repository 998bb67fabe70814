using AmberSpoon.Core.Evenings.Scheduling;
using AmberSpoon.Core.Prep.Order;

namespace AmberSpoon.Core.Evenings;

/// <summary>
/// Works an evening back from dinner, or forward from now: which task when, when dinner can be, and how sure that is. What was done
/// is not planned again, and nothing is planned into the past.
/// </summary>
public static class EveningPlanner
{
    /// <param name="ask">The evening.</param>
    /// <param name="now">The kitchen's clock.</param>
    /// <param name="eatAt">When dinner was asked for; null for as soon as it can be.</param>
    public static EveningPlan Plan(EveningAsk ask, DateTimeOffset now, DateTimeOffset? eatAt) => Plan(ask, EveningTasks.Of(ask), now, eatAt);

    /// <param name="ask">The evening.</param>
    /// <param name="all">Its tasks.</param>
    /// <param name="now">The kitchen's clock.</param>
    /// <param name="eatAt">When dinner was asked for; null for as soon as it can be.</param>
    internal static EveningPlan Plan(EveningAsk ask, IReadOnlyList<EveningTask> all, DateTimeOffset now, DateTimeOffset? eatAt)
    {
        IReadOnlyList<EveningTask> tasks = Left(ask, all);
        JobSchedule schedule = JobScheduler.Schedule([.. tasks.Select(task => task.Job), .. Elsewhere(ask)], Capacity(ask));
        Dictionary<string, EveningTask> byKey = tasks.ToDictionary(task => task.Key, StringComparer.Ordinal);
        PlacedJob[] placed = [.. schedule.Jobs.Where(job => byKey.ContainsKey(job.Job.Key))];
        Dictionary<string, DateTimeOffset> notBefore = NotBefore(ask, all, byKey);
        var waitsFor = placed.SelectMany(job => job.Job.Then.Select(link => link.Key)).ToHashSet(StringComparer.Ordinal);

        DateTimeOffset minute = CeilingToMinute(now);
        DateTimeOffset earliest = DateTimeOffset.MinValue;
        DateTimeOffset atLeast = DateTimeOffset.MinValue;
        EveningTask? held = null;
        if (ask.TickedInAt is { } inAt)
        {
            // It bakes for as long as it bakes, whenever it went in.
            earliest = atLeast = CeilingToMinute(inAt).AddMinutes(ask.InBefore);
        }

        foreach (PlacedJob job in placed.Where(job => job.BeginsBefore >= 0))
        {
            DateTimeOffset from = notBefore.TryGetValue(job.Job.Key, out DateTimeOffset wait) && wait > minute ? CeilingToMinute(wait) : minute;
            DateTimeOffset eats = from.AddMinutes(job.BeginsBefore);
            if (eats > earliest)
            {
                earliest = eats;
            }

            // Hands may be at a task that was to begin a moment ago and is not over yet; an oven that nobody switched on is cold.
            bool isUnderWay = eatAt is { } asked && byKey[job.Job.Key].Kind != TaskKind.Preheat && from == minute && !waitsFor.Contains(job.Job.Key) && asked.AddMinutes(-job.BeginsBefore) < now && asked.AddMinutes(-job.EndsBefore) > now;
            if (!isUnderWay && eats > atLeast)
            {
                (atLeast, held) = (eats, byKey[job.Job.Key]);
            }
        }

        DateTimeOffset eat = eatAt is { } wanted && wanted >= atLeast ? wanted : eatAt is null ? earliest : atLeast;
        TimedTask[] timed =
        [
            .. placed.Select(job =>
            {
                DateTimeOffset begins = eat.AddMinutes(-job.BeginsBefore);
                return new TimedTask(byKey[job.Job.Key], begins, eat.AddMinutes(-job.EndsBefore), begins < now && eat.AddMinutes(-job.EndsBefore) > now, job.KeptTooLong);
            }).OrderBy(task => task.BeginsAt).ThenBy(task => task.EndsAt),
        ];
        (double hands, double free) = EveningChance.Before(placed, ask.InBefore, (int)Math.Floor((eat - now).TotalMinutes));
        bool isIn = placed.All(job => job.Job.Key != EveningTasks.InKey);
        double? chance = eatAt is { } on && eat <= on && !isIn ? EveningChance.Of(ask.Forecast, hands, free) : null;
        return new(eat, eatAt, earliest, timed, eat > eatAt ? held : null, chance);
    }

    /// <summary>How sure dinner would be if the tray went in so much sooner.</summary>
    public static double ChanceIfSooner(EveningPlan plan, EveningAsk ask, DateTimeOffset now, int minutes)
    {
        PlacedJob[] placed = [.. plan.Tasks.Select(task => new PlacedJob(task.Task.Job, (int)(plan.EatAt - task.BeginsAt).TotalMinutes, (int)(plan.EatAt - task.EndsAt).TotalMinutes, 0))];
        (double hands, double free) = EveningChance.Before(placed, ask.InBefore, (int)Math.Floor((plan.EatAt - now).TotalMinutes));
        return EveningChance.Of(ask.Forecast, hands, Math.Max(0, free - minutes), minutes);
    }

    private static Dictionary<Resource, int> Capacity(EveningAsk ask) => new()
    {
        [Resource.Hands] = ask.Choice.Cooks,
        [Resource.Board] = 1,
        [Resource.Hob] = ask.Choice.Rings,
        [Resource.Shelf] = ask.Shelves,
    };

    private static IEnumerable<Job> Elsewhere(EveningAsk ask) => ask.Elsewhere.Select((busy, i) => new Job(FormattableString.Invariant($"elsewhere-{i}"), busy.BeginsBefore - busy.EndsBefore)
    {
        PinnedBefore = busy.BeginsBefore,
        Needs = [new(Resource.Hands, 0, busy.BeginsBefore - busy.EndsBefore)],
    });

    /// <summary>What is still to do: without what was ticked, and without what must have been done before that.</summary>
    private static List<EveningTask> Left(EveningAsk ask, IReadOnlyList<EveningTask> all)
    {
        HashSet<string> ticked = [.. ask.Prep.Done, .. ask.Choice.Done.Select(done => done.Key)];
        var done = new HashSet<string>(StringComparer.Ordinal);
        foreach (EveningTask task in all.Where(task => ticked.Contains(task.Key) || (task.Steps.Count > 0 && task.Steps.All(step => ticked.Contains(step.Key)))))
        {
            done.Add(task.Key);
        }

        // Rounds until nothing more follows: an evening has few tasks.
        for (bool grew = true; grew;)
        {
            grew = false;
            foreach (EveningTask task in all)
            {
                // A clean start is made again for each round of work; only what feeds into a done task has been done.
                if (!done.Contains(task.Key) && task.Job.Then.Any(link => done.Contains(link.Key)))
                {
                    grew |= done.Add(task.Key);
                }
            }
        }

        return [.. all.Where(task => !done.Contains(task.Key)).Select(task => Rest(task, ticked, ask))];
    }

    /// <summary>A task that is done in part takes as long as what is left of it.</summary>
    private static EveningTask Rest(EveningTask task, HashSet<string> ticked, EveningAsk ask)
    {
        WorkStep[] left = [.. task.Steps.Where(step => !ticked.Contains(step.Key))];
        if (left.Length == task.Steps.Count)
        {
            return task;
        }

        int minutes = EveningTasks.AtPace(ask, left.Sum(step => step.Minutes));
        return task with
        {
            Steps = left,
            Job = task.Job with { Minutes = minutes, Needs = [.. task.Job.Needs.Select(need => need with { UntilMinutes = minutes })] },
        };
    }

    /// <summary>What lies in a marinade since a moment is not ready before its time is over, whenever hands are free.</summary>
    private static Dictionary<string, DateTimeOffset> NotBefore(EveningAsk ask, IReadOnlyList<EveningTask> all, Dictionary<string, EveningTask> left)
    {
        var notBefore = new Dictionary<string, DateTimeOffset>(StringComparer.Ordinal);
        foreach (EveningTask task in all.Where(task => !left.ContainsKey(task.Key)))
        {
            DateTimeOffset? at = ask.Choice.Done.Where(done => done.Key == task.Key || task.Steps.Any(step => step.Key == done.Key)).Select(done => (DateTimeOffset?)done.At).Max();

            // Of the oven it is ticked that it was switched on, of the rest that they are done; who sees that it is hot need not wait.
            int ends = task.Kind == TaskKind.Preheat ? task.Job.Minutes : 0;
            if (task.Kind == TaskKind.Preheat && ask.Choice.Done.LastOrDefault(done => done.Key == EveningTasks.HotKey) is { } hot && hot.At > at)
            {
                (at, ends) = (hot.At, 0);
            }

            foreach (JobLink link in task.Job.Then.Where(link => at is not null && left.ContainsKey(link.Key)))
            {
                DateTimeOffset from = at!.Value.AddMinutes(link.WaitMinutes + ends);
                if (!notBefore.TryGetValue(link.Key, out DateTimeOffset known) || from > known)
                {
                    notBefore[link.Key] = from;
                }
            }
        }

        return notBefore;
    }

    private static DateTimeOffset CeilingToMinute(DateTimeOffset at)
    {
        long over = at.Ticks % TimeSpan.TicksPerMinute;
        return over == 0 ? at : at.AddTicks(TimeSpan.TicksPerMinute - over);
    }
}
