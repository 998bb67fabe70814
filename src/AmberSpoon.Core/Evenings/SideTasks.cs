using AmberSpoon.Core.Evenings.Scheduling;
using AmberSpoon.Core.Evenings.Sides;

namespace AmberSpoon.Core.Evenings;

/// <summary>The tasks of what stands beside the tray.</summary>
internal static class SideTasks
{
    /// <summary>From here on it is worth doing the knife work of a hot side at another moment than its cooking, min.</summary>
    private const int OwnTaskFromMinutes = 4;

    public static IEnumerable<EveningTask> Of(EveningAsk ask, int at)
    {
        SideDish side = ask.Choice.Sides[at];
        SideFacts facts = SideLibrary.For(side.Kind);
        int prepare = EveningTasks.AtPace(ask, side.PrepareMinutes ?? facts.PrepareMinutes);
        int keeps = side.KeepsMinutes ?? facts.KeepsMinutes;
        if (facts.Heat == SideHeat.Cold)
        {
            yield return new(TaskKind.Side, facts.Prepare, facts.Touches, new(Key(side, at), prepare)
            {
                Needs = [EveningTasks.Hands(prepare), new(Resource.Board, 0, prepare)],
                Then = [new(EveningTasks.PlateKey, 0)],
                KeepsMinutes = keeps,
            })
            { Side = side.Kind, Detail = "On a clean board, away from raw hands." };
            yield break;
        }

        bool isApart = prepare >= OwnTaskFromMinutes;
        if (isApart)
        {
            yield return new(TaskKind.Side, facts.Prepare, facts.Touches, new($"{Key(side, at)}-cut", prepare)
            {
                Needs = [EveningTasks.Hands(prepare)],
                CanPause = true,
                Then = [new(Key(side, at), 0)],
            })
            { Side = side.Kind };
        }

        // One unbroken stretch: on with hands, alone over the heat, off with hands.
        int on = isApart ? 1 : prepare;
        int cook = Cooks(ask, at);
        int heat = on + cook;
        int end = heat + facts.StandMinutes + facts.FinishMinutes;
        bool isOven = facts.Heat == SideHeat.Oven;
        yield return new(TaskKind.Side, isApart || isOven ? $"{Capital(facts.Name)} {(isOven ? "into the oven" : "onto the hob")}" : facts.Prepare, facts.Touches, new(Key(side, at), end)
        {
            Needs =
            [
                new(Resource.Hands, 0, on),
                isOven ? new(Resource.Shelf, 0, heat) : new(Resource.Hob, on, heat),
                new(Resource.Hands, end - facts.FinishMinutes, end),
            ],
            Then = [new(EveningTasks.PlateKey, 0)],
            KeepsMinutes = keeps,
        })
        {
            Side = side.Kind,
            Detail = $"{cook} min{(facts.StandMinutes > 0 ? $", then {facts.StandMinutes} off the heat with the lid on" : string.Empty)}. {facts.Finish}.",
        };
    }

    /// <summary>Sides wait for a hot oven as the tray does.</summary>
    public static IEnumerable<JobLink> Loads(EveningAsk ask) => ask.Choice.Sides.Index()
        .Where(side => SideLibrary.For(side.Item.Kind).Heat == SideHeat.Oven)
        .Select(side => new JobLink(Key(side.Item, side.Index), 0));

    /// <summary>Whatever is done with hands for a side.</summary>
    public static IEnumerable<JobLink> All(EveningAsk ask) => ask.Choice.Sides.Index()
        .SelectMany(side => (JobLink[])[new(Key(side.Item, side.Index), 0), new($"{Key(side.Item, side.Index)}-cut", 0)]);

    private static int Cooks(EveningAsk ask, int at)
    {
        SideDish side = ask.Choice.Sides[at];
        int usual = SideLibrary.For(side.Kind).CookMinutes;
        return side.CookMinutes ?? ask.SideMinutes.GetValueOrDefault(at, Math.Max(1, usual));
    }

    private static string Key(SideDish side, int at) => FormattableString.Invariant($"side-{at}-{side.Kind}");

    private static string Capital(string name) => char.ToUpperInvariant(name[0]) + name[1..];
}
