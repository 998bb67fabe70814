using AmberSpoon.Core.Food;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Core.Trays;

/// <summary>What cannot be done with a stack of coats, in words a cook understands.</summary>
public static class CoatRules
{
    /// <param name="coats">The stack, innermost first.</param>
    /// <param name="cut">What it goes on.</param>
    /// <param name="hasSkin">Whether there is skin to push something under.</param>
    /// <param name="steps">What is done in the oven meanwhile: juices poured off, foil on and off.</param>
    /// <param name="addAtMinutes">When the lot goes in.</param>
    public static IEnumerable<CoatFault> Faults(IReadOnlyList<LotCoat> coats, Cut cut, bool hasSkin, IReadOnlyList<PlannedStep> steps, int addAtMinutes)
    {
        for (int i = 0; i < coats.Count; i++)
        {
            LotCoat[] under = [.. coats.Take(i)];
            if (Of(coats[i], under, cut, hasSkin) is { } kind)
            {
                yield return new(i, kind.Field, kind.Sentence);
            }
            else if (Time(coats[i], under, steps, addAtMinutes) is { } time)
            {
                yield return new(i, time.Field, time.Sentence);
            }
        }
    }

    private static (string Field, string Sentence)? Of(LotCoat coat, LotCoat[] under, Cut cut, bool hasSkin) => coat.Kind switch
    {
        Coating.Stuffed when cut != Cut.BonelessBreast => ("kind", "Only a boneless breast is slit and stuffed here. Choose that cut, or another coat."),
        Coating.Stuffed or Coating.Parcel when !coat.IsOnAtStart() => ("when", "That is done before it goes in."),
        _ when coat.When == CoatTime.UnderSkin && !hasSkin => ("when", "There is no skin to push it under: leave the skin on, or choose another coat or time."),
        _ when StackedCoats.IsCrumb(coat.Kind) && coat.When != CoatTime.On && coat is not { Kind: Coating.CrumbOverYogurt, When: CoatTime.Before } => ("when", "Crumb goes on just before the oven: earlier it grows soggy, later it does not stick."),
        Coating.Crumb when !under.Any(other => other.IsOnAtStart() && StackedCoats.IsSticky(other.Kind)) =>
            ("kind", "Nothing holds this crumb: put a marinade, a glaze or a sauce under it, or choose crumb over egg or mayonnaise."),
        _ when StackedCoats.IsCrumb(coat.Kind) && under.Any(other => StackedCoats.IsCrumb(other.Kind)) => ("kind", "There is crumb on it already."),
        Coating.Stuffed or Coating.Parcel when under.Any(other => other.Kind == coat.Kind) => ("kind", "Once is enough."),
        _ => null,
    };

    private static (string Field, string Sentence)? Time(LotCoat coat, LotCoat[] under, IReadOnlyList<PlannedStep> steps, int addAtMinutes)
    {
        int[] drains = [.. steps.Where(step => step.Kind == StepKind.Drain).Select(step => step.AtMinutes)];
        bool isClosed = under.Any(other => other.Kind == Coating.Parcel);
        return coat.When switch
        {
            CoatTime.Before or CoatTime.UnderSkin or CoatTime.On when coat.Kind == Coating.JuiceSauce =>
                ("when", "There are no juices before it has baked: put this sauce on after they were poured off, at a minute after that, or at the table."),
            CoatTime.Before or CoatTime.UnderSkin or CoatTime.On or CoatTime.AtMinute or CoatTime.AfterDraining when isClosed =>
                ("when", "It is closed in its parcel by then: put this on first, or at the table."),
            CoatTime.AtMinute when coat.AtMinutes is not (>= 1 and <= TrayPlanLimits.LatestStepMinutes) =>
                ("atMinutes", $"Put it on 1 to {TrayPlanLimits.LatestStepMinutes} min after the first food went in."),
            CoatTime.AtMinute when coat.AtMinutes <= addAtMinutes =>
                ("atMinutes", $"It is not in yet: it goes in at minute {addAtMinutes}. Put this on later, or before it goes in."),
            CoatTime.AtMinute when coat.Kind == Coating.JuiceSauce && !drains.Any(at => at < coat.AtMinutes) =>
                ("atMinutes", "There are no juices to make it of yet: plan to pour them off first, at an earlier minute."),
            CoatTime.AtMinute when IsUnderFoil(steps, coat.AtMinutes!.Value) =>
                ("atMinutes", "There is foil over it then: put this on before the foil, or once it is off."),
            CoatTime.AfterDraining when drains.Length > 0 && IsUnderFoil(steps, drains.Min()) =>
                ("when", "There is foil over it when the juices come off: take it off first, or choose another time."),
            CoatTime.AfterDraining when drains.Length == 0 =>
                ("when", "Nothing is poured off in this programme: plan “Drain” first, or choose another time."),
            _ => null,
        };
    }

    /// <summary>Foil that comes off at that very minute is off.</summary>
    private static bool IsUnderFoil(IReadOnlyList<PlannedStep> steps, int minute) =>
        steps.Where(step => step.Kind is StepKind.Cover or StepKind.Uncover && step.AtMinutes <= minute)
            .OrderBy(step => step.AtMinutes).LastOrDefault()?.Kind == StepKind.Cover;
}
