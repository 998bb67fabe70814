using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Prep.Order;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Tests;

/// <summary>Work at the counter to start a test from.</summary>
internal static class Counter
{
    /// <summary>One mix on all of a tray's chicken.</summary>
    public static WorkPlan Work(TrayPlan plan, Mix? mix, double serveG = 0, int minutes = 0, bool garnish = false) => Work(
        mix is null ? plan : MixOfOldTray.IntoCoats(plan, "mix", mix, minutes),
        minutes,
        garnish,
        _ => mix,
        serveG > 0 && mix is not null && MixKinds.MayBeServed(mix.Kind) ? serveG : 0);

    /// <summary>Whatever its lots have as coats, of the ready mixes.</summary>
    public static WorkPlan Work(TrayPlan plan, int minutes = 60, bool garnish = false) => Work(plan, minutes, garnish, id => MixLibrary.Find(id)?.Mix, 0);

    private static WorkPlan Work(TrayPlan plan, int minutes, bool garnish, Func<string, Mix?> find, double serveG)
    {
        IReadOnlyList<Bowl> bowls = Bowl.Of(plan, find);
        return new(plan, bowls, bowls.Where(_ => serveG > 0).ToDictionary(bowl => bowl.Id, _ => serveG), minutes, garnish);
    }

    /// <summary>A coat made of a ready mix, when its kind usually goes on.</summary>
    public static LotCoat Coat(string mix)
    {
        Mix made = MixLibrary.Find(mix)!.Mix;
        Core.Food.Coating kind = MixKinds.CoatingOf(made.Kind)!.Value;
        return new(kind, LotCoat.UsualTime(kind), mix) { Name = made.Name };
    }

    /// <summary>The first lot with other coats.</summary>
    public static TrayPlan Coated(this TrayPlan plan, params LotCoat[] coats) => plan with { Chicken = [plan.Chicken[0] with { Coats = coats }, .. plan.Chicken.Skip(1)] };
}
