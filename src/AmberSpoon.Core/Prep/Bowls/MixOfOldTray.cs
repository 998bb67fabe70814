using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Prep.Bowls;

/// <summary>
/// Brings a tray from before lots had a stack of coats up to date, when one mix was chosen at the counter for all of its meat.
/// A lot that was planned with the coating this mix makes keeps its numbers; a plain one now is what the counter made of it; one with
/// another coating has the mix under it, as the hands had it.
/// </summary>
public static class MixOfOldTray
{
    /// <param name="plan">The tray.</param>
    /// <param name="id">The mix that was chosen.</param>
    /// <param name="mix">What it is.</param>
    /// <param name="minutes">How long the meat was to lie in it, min; 0 for not at all.</param>
    public static TrayPlan IntoCoats(TrayPlan plan, string id, Mix mix, int minutes)
    {
        if (MixKinds.CoatingOf(mix.Kind) is not { } kind)
        {
            return plan;
        }

        bool lies = minutes > 0 && (mix.Kind == MixKind.DryRub || MixKinds.IsMarinade(mix.Kind));
        CoatTime when = kind == Coating.JuiceSauce ? CoatTime.AtTable : lies ? CoatTime.Before : LotCoat.UsualTime(kind) == CoatTime.Before ? CoatTime.On : LotCoat.UsualTime(kind);
        var made = new LotCoat(kind, when, id) { Name = mix.Name, SoakMinutes = lies ? minutes : null };
        return plan with { Chicken = [.. plan.Chicken.Select(lot => lot with { Coats = With(lot, made) })] };
    }

    private static IReadOnlyList<LotCoat> With(ChickenLot lot, LotCoat made)
    {
        if (lot.Coats.Any(coat => coat.Mix is not null))
        {
            return lot.Coats;
        }

        if (lot.Coats.Any(coat => coat.Kind == made.Kind))
        {
            return [.. lot.Coats.Select(coat => coat.Kind == made.Kind ? made : coat)];
        }

        IReadOnlyList<LotCoat> stacked = made.When == CoatTime.AtTable ? [.. lot.Coats, made] : [made, .. lot.Coats.Where(coat => coat.Kind != Coating.Oil)];
        return CoatRules.Faults(stacked, lot.Cut, lot.SkinOn, [], lot.AddAtMinutes).Any() ? lot.Coats : stacked;
    }
}
