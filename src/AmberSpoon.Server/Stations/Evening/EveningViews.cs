using AmberSpoon.Core.Evenings;
using AmberSpoon.Core.Evenings.Scheduling;
using AmberSpoon.Core.Evenings.Sides;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Learning;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;
using AmberSpoon.Server.Stations.Bakes;
using AmberSpoon.Server.Stations.Log;
using AmberSpoon.Store.Rows;

namespace AmberSpoon.Server.Stations.Evening;

/// <summary>Says an evening: in spans for the rail, and in sentences.</summary>
internal static class EveningViews
{
    /// <summary>Free time that is worth sitting down for, min.</summary>
    private const int WorthSitting = 10;

    /// <summary>A tray that goes in so much sooner, min.</summary>
    private static readonly int[] Sooner = [5, 10];

    /// <summary>Dinner that slips by so much, min.</summary>
    private static readonly int[] Slips = [10, 20, 40];

    /// <param name="tray">The tray.</param>
    /// <param name="choice">What was decided.</param>
    /// <param name="version">How often.</param>
    /// <param name="now">The kitchen's clock.</param>
    /// <param name="trouble">Why nothing can be worked out of what is on it; null where nothing is on it.</param>
    public static EveningView Empty(TrayRow tray, EveningChoice choice, int version, DateTimeOffset now, string? trouble) => new(
        tray.Id, tray.Plan.Name, choice, version, [], trouble ?? "Nothing is planned yet: begin with what goes on the tray.", [], null, null, null, 0, null, [], [], [], [], [], [], [], null, null, null, choice.Done.Count > 0, now);

    public static EveningView Of(
        TrayRow tray, EveningAsk ask, EveningPlan plan, int version, BakeView? bake, IReadOnlyList<OtherEvening> others, SideTimes sideTimes, FasterTrayBook faster, Known learnt, KitchenUnits units, DateTimeOffset now)
    {
        var said = new Said(units, now.Offset);
        TaskView[] tasks = [.. plan.Tasks.Select(View)];
        int? chance = plan.Chance is { } likely ? (int)Math.Round(100 * likely) : null;
        return new(
            tray.Id,
            tray.Plan.Name,
            ask.Choice,
            version,
            [.. SideLibrary.All.Select(facts => new SideChoice(facts.Kind, facts.Name, facts.Heat, facts.PrepareMinutes, sideTimes.Of(facts.Kind, tray.Plan, ask.Prep.Heads, learnt) ?? facts.CookMinutes, facts.KeepsMinutes))],
            Headline(plan, bake, said, now),
            Notes(ask, plan, said, now),
            plan.EatAt,
            plan.AskedFor,
            plan.EarliestEatAt,
            plan.LateMinutes,
            chance,
            chance is null ? [] : [.. Sooner.Where(minutes => Rest(ask, minutes) <= TrayPlanLimits.LongestRestMinutes).Select(minutes => new SoonerView(minutes, Rest(ask, minutes), (int)Math.Round(100 * EveningPlanner.ChanceIfSooner(plan, ask, now, minutes)))).Where(sooner => sooner.ChancePercent > chance)],
            bake is null ? EveningGains.Of(ask, plan, () => faster.Of(tray, units), now) : [],
            tasks,
            bake is null ? [.. Waits(plan)] : [],
            [.. Free(tasks, ask.Choice.Away, now, plan.EatAt)],
            [.. Slips.Select(minutes => new SlipView(minutes, EveningSlip.Sentences(ask.Plan, ask.Forecast, minutes, at => said.Time(plan.EatAt.AddMinutes(at - ask.Forecast.EatMinutes)))))],
            others,
            bake?.Id,
            LearntWords.OfPace(learnt.Pace),
            bake is null ? Warming(ask, said, now) : null,
            ask.Choice.Done.Count > 0,
            now);
    }

    /// <summary>Asks to be told when it is hot, while somebody is there who saw it go on.</summary>
    private static WarmingView? Warming(EveningAsk ask, Said said, DateTimeOffset now)
    {
        int preheat = ask.Plan.PreheatMinutes;
        if (preheat == 0 || ask.Choice.Done.LastOrDefault(done => done.Key == WorkOrder.OvenKey) is not { } on || (now - on.At).TotalMinutes > PreheatBelief.LongestMinutes
            || ask.TickedInAt is not null || ask.Choice.Done.Any(done => done.Key == EveningTasks.HotKey && done.At > on.At))
        {
            return null;
        }

        DateTimeOffset hotAt = on.At.AddMinutes(preheat);
        // Where the food goes in before it is as hot as it is set, that is what is waited for.
        string dial = ask.Plan.OvenAtStart is null ? said.Units.SayDial(ask.Plan.OvenSetting) : said.Units.Say(new Temperature(ask.Plan.PreheatToC!.Value));
        return new(on.At, hotAt, hotAt > now ? $"The oven gets hot: {dial} at about {said.Time(hotAt)}." : $"The oven should be at {dial} since {said.Time(hotAt)}.");
    }

    /// <summary>The rest with which the tray goes in so much sooner: vegetables that come out after the chicken have it wait already.</summary>
    private static int Rest(EveningAsk ask, int minutes) => ask.Forecast.EatMinutes - ask.Forecast.PullMinutes + minutes;

    private static TaskView View(TimedTask timed)
    {
        Job job = timed.Task.Job;
        return new(
            timed.Task.Key,
            timed.Task.Kind,
            timed.Task.Title,
            timed.Task.Side is { } side ? SideLibrary.For(side).Name : timed.Task.Title,
            timed.Task.Detail,
            timed.Task.Touches,
            timed.BeginsAt,
            timed.EndsAt,
            timed.IsUnderWay,
            Spans(Resource.Hands),
            Spans(Resource.Hob),
            timed.Task.Kind == TaskKind.Preheat ? [new(timed.BeginsAt, timed.EndsAt)] : Spans(Resource.Shelf),
            timed.Task.Steps.Count > 1 ? [.. timed.Task.Steps.Select(step => new TaskStepView(step.Key, step.Title, step.Detail))] : []);

        SpanView[] Spans(Resource resource) => [.. job.Needs.Where(need => need.Resource == resource).Select(need => job.CanPause
            ? new SpanView(timed.BeginsAt, timed.EndsAt)
            : new SpanView(timed.BeginsAt.AddMinutes(need.FromMinutes), timed.BeginsAt.AddMinutes(need.UntilMinutes)))];
    }

    private static string Headline(EveningPlan plan, BakeView? bake, Said said, DateTimeOffset now)
    {
        if (bake is not null)
        {
            return $"The tray is in the oven. Dinner about {said.Time(plan.EatAt)}.";
        }

        TimedTask? first = plan.Tasks.FirstOrDefault(task => task.Task.Job.Needs.Any(need => need.Resource == Resource.Hands));
        TimedTask? load = plan.Tasks.FirstOrDefault(task => task.Task.Key == EveningTasks.InKey);
        string goesIn = load is null ? string.Empty : $" The tray goes in at {said.Time(load.BeginsAt)}.";
        if (plan.LateMinutes > 0)
        {
            return $"Dinner will be at {said.Time(plan.EatAt)}, {MarinadeClock.Said(plan.LateMinutes)} later than {said.Time(plan.AskedFor!.Value)}.{goesIn}";
        }

        string begin = first is null ? string.Empty : first.BeginsAt <= now ? " Begin now." : $" Begin at {said.DayAndTime(first.BeginsAt, now)}.";
        return $"Dinner at {said.DayAndTime(plan.EatAt, now)}.{begin}{goesIn}";
    }

    private static List<string> Notes(EveningAsk ask, EveningPlan plan, Said said, DateTimeOffset now)
    {
        var notes = new List<string>();
        if (plan.LateMinutes > 0)
        {
            notes.Add(ask.Choice.Done.Count > 0 && plan.FirstHeld is { } held ? $"Not ticked yet: {Lower(held.Title)}." : WhatItTakes(plan));
        }

        foreach (AwaySpan away in ask.Choice.Away.Where(away => away.To > now))
        {
            TimedTask[] then = [.. plan.Tasks.Where(task => task.Task.Job.PinnedBefore is not null && task.BeginsAt < away.To && task.BeginsAt >= away.From && task.Task.Job.Needs.Any(need => need.Resource == Resource.Hands))];
            string when = $"“{away.Title}”, {said.Time(away.From)} to {said.Time(away.To)}";
            notes.Add(then.Length == 0 || ask.Choice.Cooks > 1
                ? $"{when}: hands are planned round it."
                : $"{when}, and that is when the oven wants hands: {Lower(then[0].Task.Title)} at {said.Time(then[0].BeginsAt)}. Move dinner, or have somebody else do it.");
        }

        TimedTask? tray = plan.Tasks.FirstOrDefault(task => task.Task.Key == EveningTasks.InKey);
        foreach (TimedTask side in plan.Tasks.Where(task => task.Task is { Kind: TaskKind.Side, Side: not null }))
        {
            SideFacts facts = SideLibrary.For(side.Task.Side!.Value);
            if (side.KeptTooLong > 0)
            {
                notes.Add($"The {facts.Name} {(facts.Name.EndsWith('s') ? "are" : "is")} ready at {said.Time(side.EndsAt)}, {side.KeptTooLong} min sooner than {(facts.Name.EndsWith('s') ? "they keep" : "it keeps")}: hands or the oven are taken later on. Lid on, and warm it through at the end.");
            }

            if (facts.Heat == SideHeat.Oven && side.Task.Job.Needs.Any(need => need.Resource == Resource.Shelf))
            {
                bool isTogether = tray is not null && side.BeginsAt < tray.EndsAt && side.EndsAt > tray.BeginsAt;
                string dial = said.Units.SayDial(ask.Plan.OvenSetting);
                notes.Add(ask.Plan.OvenMode == OvenMode.Grill && tray is not null
                    ? $"Under a grill nothing else bakes: the {facts.Name} bake before it, from {said.Time(side.BeginsAt)}, without the grill at {dial}."
                    : tray is not null && !isTogether
                        ? $"No shelf is free while the tray is in: the {facts.Name} bake before it, from {said.Time(side.BeginsAt)}."
                        : $"The {facts.Name} bake at what the tray needs, {dial}: on a shelf of their own from {said.Time(side.BeginsAt)}.");
            }
        }

        return notes;
    }

    /// <summary>Of what the time until dinner is made.</summary>
    private static string WhatItTakes(EveningPlan plan)
    {
        int all = (int)Math.Round((plan.EatAt - plan.Tasks.Min(task => task.BeginsAt)).TotalMinutes);
        int oven = plan.Tasks.Where(task => task.Task.Key == EveningTasks.InKey).Select(task => task.Task.Job.Minutes).FirstOrDefault();
        int waits = plan.Tasks.SelectMany(task => task.Task.Job.Then).Select(link => link.WaitMinutes).DefaultIfEmpty(0).Max();
        return $"From the first step to dinner it takes {MarinadeClock.Said(all)}: {MarinadeClock.Said(oven)} in the oven{(waits > 0 ? $", and before that {MarinadeClock.Said(waits)} in which the meat lies or thaws" : string.Empty)}.";
    }

    private static string Lower(string title) => char.ToLowerInvariant(title[0]) + title[1..];

    /// <summary>Food that lies somewhere between two tasks.</summary>
    private static IEnumerable<WaitView> Waits(EveningPlan plan)
    {
        foreach (TimedTask task in plan.Tasks)
        {
            foreach (JobLink link in task.Task.Job.Then.Where(link => link.WaitMinutes > 0))
            {
                if (plan.Tasks.FirstOrDefault(other => other.Task.Key == link.Key) is { } next && !task.Task.Key.StartsWith("turn-", StringComparison.Ordinal))
                {
                    yield return new(task.Task.Key == "thaw" ? "Thaws in the fridge" : task.Task.Key == "chill-off" ? "Out of the fridge" : "In its mix, in the fridge", task.EndsAt, next.BeginsAt);
                }
            }
        }
    }

    private static IEnumerable<SpanView> Free(TaskView[] tasks, IReadOnlyList<AwaySpan> away, DateTimeOffset now, DateTimeOffset eatAt)
    {
        DateTimeOffset at = now;
        foreach (SpanView busy in tasks.SelectMany(task => task.Hands).Concat(away.Select(span => new SpanView(span.From, span.To))).OrderBy(span => span.From))
        {
            DateTimeOffset until = busy.From < eatAt ? busy.From : eatAt;
            if ((until - at).TotalMinutes >= WorthSitting)
            {
                yield return new(at, until);
            }

            at = busy.To > at ? busy.To : at;
        }
    }

    /// <summary>Times as this kitchen reads them, on the clock of whoever asks.</summary>
    private sealed record Said(KitchenUnits Units, TimeSpan Offset)
    {
        public string Time(DateTimeOffset at) => Units.SayTime(at.ToOffset(Offset));

        /// <summary>With the day where that is not today's.</summary>
        public string DayAndTime(DateTimeOffset at, DateTimeOffset now)
        {
            DateTimeOffset here = at.ToOffset(Offset);
            int days = (here.Date - now.ToOffset(Offset).Date).Days;
            string day = days switch { 0 => string.Empty, 1 => " tomorrow", -1 => " yesterday", _ => FormattableString.Invariant($" on {here:dddd}") };
            return $"{Units.SayTime(here)}{day}";
        }
    }
}
