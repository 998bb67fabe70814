using AmberSpoon.Core.Evenings.Scheduling;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Trays;

namespace AmberSpoon.Core.Evenings;

/// <summary>
/// The tasks that a tray, its coats and its sides make, with what each needs and what waits for it. Minutes at the counter are those
/// of the order of work, at this cook's pace; those at the oven are the plan's.
/// </summary>
public static class EveningTasks
{
    public const string InKey = "in";

    /// <summary>The oven is as hot as it is set: ticked by whoever sees it, and no task of its own.</summary>
    public const string HotKey = "hot";
    public const string OutKey = "out";
    public const string PlateKey = "plate";
    public const string EatKey = "eat";
    private const string GarnishKey = "garnish";

    /// <summary>Common practice, min.</summary>
    private const int PlateMinutes = 3;
    private const double MeasurePieceMinutes = 0.3;
    private const int CounterMinutes = 30;
    private const int TurnedFromMinutes = 60;
    private const int GarnishKeepsMinutes = 60;

    /// <summary>What is left goes into the fridge within two hours (USDA FSIS; from memory): half of that is time to sit.</summary>
    private const int PutAwayAfterMinutes = 60;

    public static IReadOnlyList<EveningTask> Of(EveningAsk ask)
    {
        var tasks = new List<EveningTask>();
        tasks.AddRange(AtTheCounter.Of(ask));
        tasks.AddRange(AtTheOven(ask));
        for (int i = 0; i < ask.Choice.Sides.Count; i++)
        {
            tasks.AddRange(SideTasks.Of(ask, i));
        }

        tasks.Add(new(TaskKind.Plate, "Onto plates", Touches.ReadyToEat, new(PlateKey, PlateMinutes) { PinnedBefore = PlateMinutes, Needs = [Hands(PlateMinutes)] }));
        tasks.Add(new(TaskKind.Eat, "Dinner", Touches.ReadyToEat, new(EatKey, 0) { PinnedBefore = 0 }));
        tasks.Add(new(TaskKind.PutAway, "What is left into the fridge", Touches.ReadyToEat, new("put-away", 3) { PinnedBefore = -PutAwayAfterMinutes, Needs = [Hands(3)] })
        {
            Detail = "Within two hours of the oven, in flat boxes; one hour where the room is above 32 °C (90 °F).",
        });
        if (ask.OvenLeads)
        {
            tasks.RemoveAll(task => task.Kind is not (TaskKind.Side or TaskKind.Plate or TaskKind.Eat or TaskKind.PutAway) && task.Key != GarnishKey);
        }
        else if (ask.TickedInAt is not null)
        {
            // Late or early, they move no dinner.
            tasks.RemoveAll(task => task.Kind == TaskKind.Tend);
        }

        return Staggered(tasks, Math.Min(ask.Choice.Cooks, EveningChoice.MostCooks));
    }

    internal static Need Hands(int minutes) => new(Resource.Hands, 0, minutes);

    internal static int AtPace(EveningAsk ask, double minutes) => Math.Max(1, (int)Math.Ceiling((minutes * ask.Pace) - 1e-9));

    /// <summary>In, what is done meanwhile, out, and the rest: all pinned to dinner.</summary>
    private static IEnumerable<EveningTask> AtTheOven(EveningAsk ask)
    {
        TrayPlan plan = ask.Plan;
        int preheat = plan.PreheatMinutes;
        if (preheat > 0)
        {
            yield return new(TaskKind.Preheat, WorkOrder.Of(ask.Work).First(step => step.Key == WorkOrder.OvenKey).Title, Touches.ToBeCooked, new(WorkOrder.OvenKey, preheat) { Then = [new(InKey, 0), .. SideTasks.Loads(ask)] })
            {
                Detail = $"Hot after {preheat} min.",
            };
        }

        int outMinutes = Math.Max(1, ask.Forecast.Lots.Select(lot => lot.OutMinutes).DefaultIfEmpty(ask.Forecast.PullMinutes).Max());
        yield return new(TaskKind.Load, plan.Vessels.Count > 1 ? "Both trays in" : "The tray in", Touches.ToBeCooked, new(InKey, outMinutes)
        {
            PinnedBefore = ask.InBefore,
            // Under a grill nothing else bakes.
            Needs = [Hands(1), new(Resource.Shelf, 0, outMinutes, plan.OvenMode == OvenMode.Grill ? ask.Shelves : plan.Vessels.Count)],
        });

        // Twins are told apart by their order: two of a kind at one minute are two things to do.
        foreach (IGrouping<string, PlannedStep> twins in plan.HandSteps().Where(step => step.AtMinutes > 0 && step.AtMinutes < outMinutes).GroupBy(step => $"act-{step.Kind}-{step.AtMinutes}"))
        {
            foreach ((int twin, PlannedStep step) in twins.Index())
            {
                yield return AtMinute(ask, twin == 0 ? twins.Key : $"{twins.Key}-{twin + 1}", ask.ActName(step), step.AtMinutes, step.Kind is StepKind.Turn ? 2 : 1);
            }
        }

        foreach ((int lot, int at) in plan.Chicken.Select(lot => (lot.Id, lot.AddAtMinutes)).Concat(plan.Vegetables.Select(lot => (lot.Id, lot.AddAtMinutes))).Where(lot => lot.AddAtMinutes > 0))
        {
            yield return AtMinute(ask, $"add-{lot}", $"Add the {NameOf(plan, lot)}", at, 1);
        }

        foreach (Trays.Forecasting.LotForecast early in ask.Forecast.Lots.Where(lot => lot.OutMinutes < outMinutes))
        {
            // Whatever comes out is measured there and then: it may be eaten before the rest is out.
            int count = plan.Chicken.FirstOrDefault(lot => lot.Id == early.Lot)?.Count ?? 0;
            yield return AtMinute(ask, $"early-{early.Lot}", count > 0 ? $"Take the {NameOf(plan, early.Lot)} out, and measure" : $"Take the {NameOf(plan, early.Lot)} out", early.OutMinutes, Measuring(count));
        }

        int pieces = plan.Chicken.Where(lot => ask.Forecast.Lots.All(other => other.Lot != lot.Id || other.OutMinutes == outMinutes)).Sum(lot => lot.Count);
        int measure = Measuring(pieces);
        yield return new(TaskKind.Measure, pieces == 0 ? "The tray out" : pieces < plan.Count ? "Out, and measure what was in it" : "Out, and measure every lot", Touches.ToBeCooked, new(OutKey, measure)
        {
            PinnedBefore = ask.InBefore - outMinutes,
            Needs = [Hands(measure)],
        })
        {
            Detail = pieces > 0 ? "Thickest middle, not at the bone. Only what was measured is served." : string.Empty,
        };
        if (plan.Count > 0 && ask.Forecast.RestMinutes > 0)
        {
            yield return new(TaskKind.Rest, "The chicken rests", Touches.ReadyToEat, new("rest", ask.Forecast.RestMinutes) { PinnedBefore = ask.Forecast.RestMinutes });
        }
    }

    private static int Measuring(int pieces) => 1 + (int)Math.Ceiling(MeasurePieceMinutes * pieces);

    private static EveningTask AtMinute(EveningAsk ask, string key, string title, int minute, int takes) => new(
        TaskKind.Tend, title, Touches.ToBeCooked, new(key, takes) { PinnedBefore = ask.InBefore - minute, Needs = [Hands(takes)] });

    private static string NameOf(TrayPlan plan, int lot) => LotNames.Of(plan, new LotId(lot));

    /// <summary>Things that are due at one moment come one after the other: a cook has two hands.</summary>
    private static List<EveningTask> Staggered(List<EveningTask> tasks, int cooks)
    {
        int[] freeBefore = [.. Enumerable.Repeat(int.MaxValue, cooks)];
        var moved = new Dictionary<string, int>(StringComparer.Ordinal);
        foreach (EveningTask task in tasks.Where(task => task.Job.PinnedBefore is not null && task.Job.Needs.Any(need => need.Resource == Resource.Hands)).OrderByDescending(task => task.Job.PinnedBefore).ThenBy(task => task.Key == PlateKey))
        {
            int cook = Array.IndexOf(freeBefore, freeBefore.Max());
            int begins = Math.Min(task.Job.PinnedBefore!.Value, freeBefore[cook]);
            int busy = task.Job.Needs.First(need => need.Resource == Resource.Hands).UntilMinutes;
            if (task.Key == PlateKey)
            {
                // Whoever measures until the last moment dishes up all the quicker.
                busy = Math.Clamp(begins, 1, PlateMinutes);
            }

            freeBefore[cook] = begins - busy;
            if (begins != task.Job.PinnedBefore && task.Key != InKey)
            {
                moved[task.Key] = begins;
            }
        }

        return [.. tasks.Select(task => moved.TryGetValue(task.Key, out int begins) ? task with { Job = Moved(task.Job, begins) } : task)];
    }

    private static Job Moved(Job job, int begins)
    {
        int minutes = job.Key == PlateKey ? Math.Clamp(begins, 1, PlateMinutes) : job.Minutes;
        return job with { PinnedBefore = begins, Minutes = minutes, Needs = [.. job.Needs.Select(need => need with { UntilMinutes = Math.Min(need.UntilMinutes, minutes) })] };
    }

    /// <summary>What is done before the tray goes in.</summary>
    private static class AtTheCounter
    {
        public static IEnumerable<EveningTask> Of(EveningAsk ask)
        {
            IReadOnlyList<WorkStep> order = WorkOrder.Of(ask.Work);
            List<Chunk> chunks = Chunks(order);
            string[] all = [.. order.Where(step => step.Key != WorkOrder.OvenKey).Select(step => step.Key)];
            foreach (Chunk chunk in chunks)
            {
                yield return Meat(ask, chunk, chunks);
                if (Turned(ask, chunk, chunks) is { } turned)
                {
                    yield return turned;
                }
            }

            foreach (WorkStep step in order.Where(step => step.Key != WorkOrder.OvenKey && chunks.All(chunk => !chunk.Steps.Contains(step))))
            {
                yield return Clean(ask, step, order, chunks);
            }

            if (chunks.Count > 0 && ask.ThawMinutes > 0)
            {
                yield return new(TaskKind.Cold, "The frozen pack into the fridge", Touches.ToBeCooked, new("thaw", 1) { Needs = [Hands(1)], Then = [new(chunks[0].Key, ask.ThawMinutes)] })
                {
                    Detail = $"On a plate that catches the drip. It thaws for about {MarinadeClock.Said(ask.ThawMinutes)}.",
                };
            }

            if (chunks.Count > 0 && ask.Plan.Chicken.Any(lot => lot.StartFrom == StartingPoint.Counter))
            {
                yield return new(TaskKind.Cold, "The meat out of the fridge", Touches.ToBeCooked, new("chill-off", 1) { Needs = [Hands(1)], Then = [new(chunks[^1].Key, CounterMinutes)], KeepsMinutes = ask.InBefore + 120 })
                {
                    Detail = "Raw chicken is out for two hours at most, one where the kitchen is above 32 °C (90 °F).",
                };
            }
        }

        /// <summary>Raw meat in one go, up to where it waits or everything is washed.</summary>
        private sealed record Chunk(IReadOnlyList<WorkStep> Steps)
        {
            /// <summary>Not that of its first step: a tick on that is a tick on that alone.</summary>
            public string Key => $"all-{Steps[0].Key}";

            public int WaitMinutes => Steps.Max(step => step.WaitMinutes);
        }

        private static List<Chunk> Chunks(IReadOnlyList<WorkStep> order)
        {
            var chunks = new List<Chunk>();
            var open = new List<WorkStep>();
            for (int i = 0; i < order.Count; i++)
            {
                WorkStep step = order[i];
                if (step.Touches == Touches.Raw || (open.Count > 0 && step.Touches == Touches.Wash))
                {
                    open.Add(step);
                }

                bool isNextRaw = i + 1 < order.Count && order[i + 1].Touches == Touches.Raw;
                bool isWashNext = i + 1 < order.Count && order[i + 1].Touches == Touches.Wash;
                bool waits = step.WaitMinutes > 0 && isNextRaw && order[i + 1].WaitMinutes == 0;
                if (open.Count > 0 && (waits || (!isNextRaw && !isWashNext)))
                {
                    chunks.Add(new([.. open]));
                    open.Clear();
                }
            }

            return chunks;
        }

        private static EveningTask Meat(EveningAsk ask, Chunk chunk, List<Chunk> chunks)
        {
            bool isLast = chunk == chunks[^1];
            bool isWashed = chunk.Steps[^1].Touches == Touches.Wash;
            int minutes = AtPace(ask, chunk.Steps.Sum(step => step.Minutes) + (isWashed ? 0 : 1));
            var then = new List<JobLink>();
            foreach (WorkStep waiting in chunk.Steps.Where(step => step.WaitMinutes > 0))
            {
                string taken = WorkOrder.TakenUp(waiting.Key);
                Chunk next = chunks.FirstOrDefault(other => other != chunk && other.Steps.Any(step => step.Key == taken)) ?? chunks[^1];
                then.Add(next == chunk ? new(InKey, waiting.WaitMinutes) : new(next.Key, waiting.WaitMinutes));
            }

            // Turned over once, where it lies for long; a link to a turn that is not planned holds nothing up.
            then.AddRange(chunk.Steps.Where(step => step.WaitMinutes >= TurnedFromMinutes).Select(step => new JobLink($"turn-{step.Key}", TurnAfter(step))));
            then.Add(isLast ? new(InKey, 0) : new(chunks[chunks.IndexOf(chunk) + 1].Key, 0));
            return new(TaskKind.Meat, TitleOf(chunk), Touches.Raw, new(chunk.Key, minutes)
            {
                Needs = [Hands(minutes), new(Resource.Board, 0, minutes)],
                Then = then,
            })
            { Steps = chunk.Steps };
        }

        private static string TitleOf(Chunk chunk) => chunk.Steps.FirstOrDefault(step => step.Key.StartsWith("into-", StringComparison.Ordinal)) is { } into
            ? into.Title
            : chunk.Steps.Any(step => step.Key == "lay") ? "The meat: made ready, and onto the tray" : chunk.Steps[0].Title;

        /// <summary>Turned over once while it lies there, where that is long.</summary>
        private static EveningTask? Turned(EveningAsk ask, Chunk chunk, List<Chunk> chunks)
        {
            WorkStep? waiting = chunk.Steps.Where(step => step.WaitMinutes >= TurnedFromMinutes).MaxBy(step => step.WaitMinutes);
            if (waiting is null || !ask.Work.Bowls.Any(bowl => MixKinds.IsMarinade(bowl.Mix.Kind) && Uses(bowl, waiting.Key)))
            {
                return null;
            }

            string taken = WorkOrder.TakenUp(waiting.Key);
            Chunk next = chunks.FirstOrDefault(other => other != chunk && other.Steps.Any(step => step.Key == taken)) ?? chunks[^1];
            int turn = TurnAfter(waiting);
            return new(TaskKind.Cold, "Turn the meat over in its marinade", Touches.ToBeCooked, new($"turn-{waiting.Key}", 1)
            {
                Needs = [Hands(1)],
                Then = [new(next.Key, Math.Max(0, waiting.WaitMinutes - turn - 1))],
            })
            { Detail = "The box or the bag stays shut." };
        }

        private static int TurnAfter(WorkStep waiting) => waiting.WaitMinutes < 120 ? waiting.WaitMinutes / 2 : 60;

        private static bool Uses(Bowl bowl, string key) => bowl.Uses.Any(use => key == $"into-{use.Lot.Id}-{use.Index}" || key == $"coat-{use.Lot.Id}-{use.Index}");

        /// <summary>Clean work, ended before what it is for.</summary>
        private static EveningTask Clean(EveningAsk ask, WorkStep step, IReadOnlyList<WorkStep> order, List<Chunk> chunks)
        {
            int minutes = AtPace(ask, step.Minutes);
            bool isGarnish = step.Key == GarnishKey;
            return new(TaskKind.Counter, step.Title, step.Touches, new(step.Key, minutes)
            {
                CanPause = step.Touches != Touches.ReadyToEat,
                Needs = step.Touches == Touches.ReadyToEat ? [Hands(minutes), new(Resource.Board, 0, minutes)] : [Hands(minutes)],
                Then = step.Key == "begin" ? [.. order.Where(other => other.Key != step.Key && other.Key != WorkOrder.OvenKey).Select(other => new JobLink(other.Key, 0)), .. chunks.Select(chunk => new JobLink(chunk.Key, 0)), .. SideTasks.All(ask)] : [.. For(ask, step, order, chunks).Select(key => new JobLink(key, 0))],
                KeepsMinutes = isGarnish ? GarnishKeepsMinutes : int.MaxValue,
            })
            { Steps = [step], Detail = step.Detail };
        }

        /// <summary>What a clean step is done for.</summary>
        private static IEnumerable<string> For(EveningAsk ask, WorkStep step, IReadOnlyList<WorkStep> order, List<Chunk> chunks)
        {
            if (step.Key == GarnishKey)
            {
                return [PlateKey];
            }

            int dash = step.Key.IndexOf('-', StringComparison.Ordinal);
            string what = dash < 0 ? step.Key : step.Key[..dash];
            Bowl? bowl = what is "fresh" or "stir" or "crumb" or "binder" or "aside" ? ask.Work.Bowls.FirstOrDefault(bowl => bowl.Id == step.Key[(dash + 1)..]) : null;
            if (bowl is null)
            {
                return [chunks.Count > 0 ? chunks[^1].Key : InKey];
            }

            // The steps of one bowl follow each other; the last of them is done for whatever meets the mix first.
            WorkStep[] ofBowl = [.. order.Where(other => other.Key == step.Key || (other.Key.EndsWith($"-{bowl.Id}", StringComparison.Ordinal) && other.Touches is Touches.ReadyToEat or Touches.Stores))];
            int at = Array.IndexOf(ofBowl, step);
            if (at + 1 < ofBowl.Length)
            {
                return [ofBowl[at + 1].Key];
            }

            return [chunks.FirstOrDefault(chunk => chunk.Steps.Any(raw => Uses(bowl, raw.Key)))?.Key ?? InKey];
        }
    }
}
