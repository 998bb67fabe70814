using AmberSpoon.Core.Evenings.Scheduling;
using AmberSpoon.Core.Evenings.Sides;
using AmberSpoon.Core.Prep.Marinating;

namespace AmberSpoon.Core.Evenings;

/// <summary>What the counter and the sides can give up when dinner cannot be when it was asked for, and what each buys.</summary>
public static class EveningGains
{
    /// <param name="ask">The evening.</param>
    /// <param name="plan">As it stands.</param>
    /// <param name="faster">Trays that are sooner ready; asked for only where dinner is late.</param>
    /// <param name="now">The kitchen's clock.</param>
    /// <returns>What buys most first; nothing where dinner is on time.</returns>
    public static IReadOnlyList<EveningGain> Of(EveningAsk ask, EveningPlan plan, Func<IReadOnlyList<FasterTray>> faster, DateTimeOffset now)
    {
        if (plan.LateMinutes <= 0)
        {
            return [];
        }

        var gains = new List<EveningGain>();
        IReadOnlyList<EveningTask> tasks = EveningTasks.Of(ask);
        int longest = tasks.SelectMany(task => task.Job.Then).Where(link => !IsThaw(tasks, link)).Select(link => link.WaitMinutes).DefaultIfEmpty(0).Max();
        if (longest > MarinadeClock.LeastMinutes)
        {
            int shorter = Math.Max(MarinadeClock.LeastMinutes, longest - plan.LateMinutes);
            EveningTask[] quick = [.. tasks.Select(task => task.Kind == TaskKind.Cold && task.Key == "thaw" ? task : task with
            {
                Job = task.Job with { Then = [.. task.Job.Then.Select(link => link with { WaitMinutes = Math.Min(link.WaitMinutes, shorter) })] },
            }).Where(task => shorter >= 60 || !task.Key.StartsWith("turn-", StringComparison.Ordinal))];
            Add(GainKind.ShorterMarinade, $"Leave the meat in its mix for {MarinadeClock.Said(shorter)} instead of {MarinadeClock.Said(longest)}", EveningPlanner.Plan(ask, quick, now, plan.AskedFor));
        }

        for (int i = 0; i < ask.Choice.Sides.Count; i++)
        {
            SideDish[] without = [.. ask.Choice.Sides.Where((_, other) => other != i)];
            Add(GainKind.LeaveSideOut, $"Leave the {SideLibrary.For(ask.Choice.Sides[i].Kind).Name} out", EveningPlanner.Plan(ask with { Choice = ask.Choice with { Sides = without }, SideMinutes = Moved(ask, i) }, now, plan.AskedFor), i);
        }

        foreach (FasterTray tray in faster())
        {
            Add(tray.Kind, tray.Sentence, EveningPlanner.Plan(ask with { Forecast = tray.Forecast }, now, plan.AskedFor));
        }

        if (ask.Choice.Cooks < EveningChoice.MostCooks)
        {
            Add(GainKind.SecondCook, "Have somebody help", EveningPlanner.Plan(ask with { Choice = ask.Choice with { Cooks = EveningChoice.MostCooks } }, now, plan.AskedFor));
        }

        return [.. gains.OrderByDescending(gain => gain.Minutes)];

        void Add(GainKind kind, string sentence, EveningPlan other, int? side = null)
        {
            int minutes = (int)Math.Round((plan.EatAt - other.EatAt).TotalMinutes);
            if (minutes > 0)
            {
                gains.Add(new(kind, sentence, minutes, side));
            }
        }
    }

    private static bool IsThaw(IReadOnlyList<EveningTask> tasks, JobLink link) => tasks.Any(task => task.Key is "thaw" or "chill-off" && task.Job.Then.Contains(link));

    private static Dictionary<int, int> Moved(EveningAsk ask, int gone) => ask.SideMinutes.Where(side => side.Key != gone)
        .ToDictionary(side => side.Key > gone ? side.Key - 1 : side.Key, side => side.Value);
}
