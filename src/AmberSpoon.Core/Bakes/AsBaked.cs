using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Bakes;

/// <summary>
/// The plan as it is really baked: lots where they went in, steps when they were done, turns of the dial that nobody had
/// planned. A step that nobody spoke of counts as done when it was due. What follows is computed from this.
/// </summary>
public static class AsBaked
{
    /// <summary>A lot whose time has come and of which nobody spoke counts as in.</summary>
    /// <param name="state">What happened.</param>
    /// <param name="nowS">Seconds since the first food went in.</param>
    public static BakeState WithWhatWasDue(BakeState state, double nowS) => state.WithDue(nowS);

    /// <summary>The plan with everything in its real place in time, whole minutes.</summary>
    public static TrayPlan PlanOf(BakeState state) => state.Plan with
    {
        Chicken = [.. state.Plan.Chicken.Select(lot => lot with { AddAtMinutes = InMinutes(state, lot.LotId), Coats = CoatsOf(state, lot) })],
        Vegetables = [.. state.Plan.Vegetables.Select(lot => lot with { AddAtMinutes = InMinutes(state, lot.LotId) })],
        Steps =
        [
            .. state.Acts.Where(act => act is { IsSkipped: false, Step.Coats: null })
                .Select(act => act.Step with { AtMinutes = BakeState.ToMinutes(act.DoneAtS ?? act.DueS) })
                .Concat(state.DialTurns.Select(turn => new PlannedStep(StepKind.Lower, BakeState.ToMinutes(turn.AtS), turn.Setting)))
                .Concat(state.Besides)
                .Select(step => step.Kind == StepKind.Grill ? Ended(state, step) : step)
                .OrderBy(step => step.AtMinutes),
        ],
    };

    /// <summary>Coats that went on in the oven with the minute at which they did; those that were skipped are gone.</summary>
    private static IReadOnlyList<LotCoat> CoatsOf(BakeState state, ChickenLot lot)
    {
        ActState[] acts = [.. state.Acts.Where(act => act.Step.Coats is not null)];
        return acts.Length == 0 ? lot.Coats :
        [
            .. lot.Coats.Index().Select(coat => (coat.Item, Act: acts.FirstOrDefault(act => act.Step.Coats!.Contains(new(lot.Id, coat.Index)))))
                .Where(coat => coat.Act is not { IsSkipped: true })
                .Select(coat => coat.Act is { } act
                    ? coat.Item with { When = CoatTime.AtMinute, AtMinutes = BakeState.ToMinutes(act.DoneAtS ?? act.DueS) }
                    : coat.Item),
        ];
    }

    /// <summary>A grill ends when the dial was turned back, where somebody said so.</summary>
    private static PlannedStep Ended(BakeState state, PlannedStep grill) =>
        state.Grills.FirstOrDefault(spell => BakeState.ToMinutes(spell.FromS) == grill.AtMinutes) is { } spell
            ? grill with { ForMinutes = Math.Max(1, BakeState.ToMinutes(spell.EndS - spell.FromS)) }
            : grill;

    private static int InMinutes(BakeState state, LotId lot) => BakeState.ToMinutes(state.Find(lot)!.InS);
}
