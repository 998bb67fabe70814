using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Ingredients;
using AmberSpoon.Core.Prep.Mixes;

namespace AmberSpoon.Core.Prep.Order;

/// <summary>The clean work on one bowl, before any raw meat: chopping, stirring, and what is set aside and what it is for.</summary>
internal static class BowlSteps
{
    public static IEnumerable<WorkStep> Of(Bowl bowl, WorkPlan work)
    {
        Mix mix = bowl.Mix;
        if (Named(mix, part => part.Known()?.Shelf == Shelf.Fresh) is { Length: > 0 } fresh)
        {
            yield return new($"fresh-{bowl.Id}", Touches.ReadyToEat, $"Chop {Phrases.Listed(fresh)}", "On the plant board, while it is clean.") { Minutes = 2 + fresh.Length };
        }

        if (MixKinds.IsCrumb(mix.Kind))
        {
            // A mix of one's own may be named a crumb and hold none.
            string plate = Named(mix, part => part.Role == MixRole.Crumb) is { Length: > 0 } crumb ? $"Crumb plate: {Phrases.Listed(crumb)}" : "Crumb plate";
            yield return new($"crumb-{bowl.Id}", Touches.Stores, plate, "Season it now, and put the jars away. Take only what this meat needs: what is left over goes in the bin.") { Minutes = 3 };
            if (Named(mix, part => part.Role == MixRole.Binder && part.Known()?.Shelf != Shelf.RawEgg) is { Length: > 0 } binder)
            {
                yield return new($"binder-{bowl.Id}", Touches.Stores, $"Binder bowl: {Phrases.Listed(binder)}", "Measured out, jars away.") { Minutes = 2 };
            }

            yield break;
        }

        if (mix.Kind == MixKind.JuiceSauce)
        {
            string juices = work.JuiceMl >= 10 ? $" The tray gives about {work.Units.SayVolume(10 * Math.Round(work.JuiceMl / 10))} of juices to go with it." : string.Empty;
            yield return new($"stir-{bowl.Id}", Touches.Stores, $"Measure out for “{mix.Name}”", $"By the stove, jars away: it is made of the juices, and boiled before anyone tastes it.{juices}") { Minutes = 2 };
            yield break;
        }

        yield return new($"stir-{bowl.Id}", Touches.Stores, $"Stir “{mix.Name}” together", $"Measure everything out now, so that no jar is touched with raw hands.{Later(bowl)}") { Minutes = 3 };
        if (work.ServeG.GetValueOrDefault(bowl.Id) is > 0 and var serveG)
        {
            yield return new($"aside-{bowl.Id}", Touches.ReadyToEat, $"Set {work.Units.SayMass(5 * Math.Round(serveG / 5))} aside for the table", "Covered and away from the meat. Only this may be served as it is.");
        }
    }

    /// <summary>What goes on in the oven only is kept from raw meat, with a brush of its own.</summary>
    private static string Later(Bowl bowl) => bowl switch
    {
        { FirstMinute: { } minute, MeetsRaw: false } => $" It goes on at minute {minute}: keep it apart, with a clean brush of its own.",
        { MeetsMeat: false } => " It is for the table: cold, covered, and away from raw hands.",
        _ => string.Empty,
    };

    private static string[] Named(Mix mix, Func<MixPart, bool> which) => [.. mix.Parts.Where(which).Select(part => part.Name)];
}
