using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Prep.Order;

namespace AmberSpoon.Core.Evenings;

/// <summary>
/// What the ticks of an evening's list say of a cook's hands and of the oven. A tick says when a task was over; when it was begun is known only
/// where it followed the tick before it, so all other ticks say nothing.
/// </summary>
public static class Readying
{
    /// <summary>Ticks that are older than this belong to another evening, h.</summary>
    private const double LongestHours = 8;

    /// <summary>A task that was due this soon after the last tick was begun then, min.</summary>
    private const double AtOnceMinutes = 2;

    /// <summary>Done within this share of what it usually takes, it was begun at the last tick, whenever it was due.</summary>
    private const double AnywayShare = 1.5;

    /// <summary>Longer than this something came between, as a share and min.</summary>
    private const double MostShare = 4;
    private const double MostMoreMinutes = 5;

    /// <summary>Sooner than this share it was done before the last tick, with what was ticked then.</summary>
    private const double LeastShare = 0.25;

    /// <summary>Less work than this says nothing of a cook's pace, min.</summary>
    private const double LeastMinutes = 5;

    /// <summary>How long hands were at a task that is ticked now.</summary>
    /// <param name="ask">The evening, without that tick.</param>
    /// <param name="key">The task.</param>
    /// <param name="at">When it is ticked.</param>
    /// <param name="eatAt">When dinner is asked for.</param>
    /// <returns>Null where it is not known when the task was begun.</returns>
    public static TaskSpan? Took(EveningAsk ask, string key, DateTimeOffset at, DateTimeOffset? eatAt)
    {
        DoneTask[] byHand = [.. ask.Choice.Done.Where(done => done.Key is not (WorkOrder.OvenKey or EveningTasks.HotKey))];
        if (ask.Choice.Cooks > 1 || byHand.Length == 0 || byHand.Any(done => done.Key == key))
        {
            return null;
        }

        EveningAsk usual = ask with { Choice = ask.Choice with { Pace = 1 }, LearntPace = null };
        DateTimeOffset last = byHand.Max(done => done.At);
        if (EveningTasks.Of(usual).FirstOrDefault(task => task.Key == key) is not { Kind: TaskKind.Counter or TaskKind.Meat } task
            || EveningPlanner.Plan(ask, last, eatAt).Tasks.FirstOrDefault(other => other.Task.Key == key) is not { } planned)
        {
            return null;
        }

        double minutes = task.Job.Minutes;
        double took = (at - last).TotalMinutes;
        bool isKnown = took >= 0 && took <= (MostShare * minutes) + MostMoreMinutes
            && (took <= AnywayShare * minutes || (planned.BeginsAt - last).TotalMinutes <= AtOnceMinutes);
        return isKnown ? new(minutes, took) : null;
    }

    /// <summary>What an evening's ticks say by the time its tray goes in.</summary>
    /// <param name="choice">With its ticks.</param>
    /// <param name="ovenC">What the oven was switched on for, °C; null where it goes in cold.</param>
    /// <param name="inAt">When the tray goes in.</param>
    /// <returns>Null where they say nothing.</returns>
    public static Readied? Of(EveningChoice choice, double? ovenC, DateTimeOffset inAt)
    {
        DoneTask[] done = [.. choice.Done.Where(tick => tick.At <= inAt && (inAt - tick.At).TotalHours <= LongestHours).OrderBy(tick => tick.At)];
        CounterWork? work = Work(done);
        OvenHeated? oven = ovenC is { } celsius && done.LastOrDefault(tick => tick.Key == WorkOrder.OvenKey) is { } on && done.LastOrDefault(tick => tick.Key == EveningTasks.HotKey) is { } hot && hot.At > on.At
            ? new(Math.Round((hot.At - on.At).TotalMinutes, 1), Math.Round(celsius, 1))
            : null;
        return work is null && oven is null ? null : new(work, oven);
    }

    private static CounterWork? Work(IEnumerable<DoneTask> done)
    {
        double usual = 0;
        double took = 0;
        int tasks = 0;
        bool isBefore = false;
        foreach (TaskSpan? span in done.Select(tick => tick.Took))
        {
            // Several ticks in a row were one go, and all of its time stands at the first of them.
            bool counts = span is not null && (isBefore || span.TookMinutes >= LeastShare * span.UsualMinutes);
            if (counts)
            {
                usual += span!.UsualMinutes;
                took += span.TookMinutes;
                tasks++;
            }

            isBefore = counts;
        }

        return usual >= LeastMinutes && took > 0 ? new(Math.Round(usual, 1), Math.Round(took, 1), tasks) : null;
    }
}
