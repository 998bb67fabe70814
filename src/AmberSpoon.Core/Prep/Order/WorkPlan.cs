using AmberSpoon.Core.Prep.Bowls;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Prep.Order;

/// <summary>What the order of work is made from.</summary>
/// <param name="Plan">Tonight's tray, with the coats of its lots.</param>
/// <param name="Bowls">Mixes that are made for it.</param>
/// <param name="ServeG">How much of a mix is set aside clean to be served, g, by the mix's id.</param>
/// <param name="MarinateMinutes">How long meat lies in a marinade that says nothing else.</param>
/// <param name="Garnish">Something is chopped to go on at the table.</param>
/// <param name="JuiceMl">What the tray gives to make a sauce of, ml; 0 where that is not known.</param>
public sealed record WorkPlan(TrayPlan Plan, IReadOnlyList<Bowl> Bowls, IReadOnlyDictionary<string, double> ServeG, int MarinateMinutes, bool Garnish, double JuiceMl = 0)
{
    /// <summary>What its sentences are written in.</summary>
    public KitchenUnits Units { get; init; } = KitchenUnits.Usual;

    /// <summary>A spoonful or two a head, where nothing else is said, g (common practice).</summary>
    private const double ServedAHeadG = 30;

    /// <summary>The work that a tray and what was decided at the counter make.</summary>
    /// <param name="plan">The tray.</param>
    /// <param name="choice">What was decided.</param>
    /// <param name="find">A mix by its id; null for one that is gone.</param>
    /// <param name="juiceMl">What the tray gives to make a sauce of, ml; 0 where that is not known.</param>
    public static WorkPlan Of(TrayPlan plan, PrepChoice choice, Func<string, Mix?> find, double juiceMl)
    {
        IReadOnlyList<Bowl> bowls = Bowl.Of(plan, find);
        return new(plan, bowls, Served(bowls, choice), choice.MarinateMinutes, choice.Garnish, juiceMl);
    }

    /// <summary>How long a coat stays on before the oven, min; 0 for one that goes straight in.</summary>
    public int SoakOf(LotCoat coat) => coat.When == CoatTime.Before ? coat.SoakMinutes ?? MarinateMinutes : 0;

    /// <summary>What is set aside clean: of what is served at the table; where nothing is planned there, of the first that may be.</summary>
    private static Dictionary<string, double> Served(IReadOnlyList<Bowl> bowls, PrepChoice choice)
    {
        Bowl[] served = [.. bowls.Where(bowl => bowl is { IsServed: true, MeetsMeat: true } && MixKinds.MayBeServed(bowl.Mix.Kind))];
        if (served.Length > 0)
        {
            double each = (choice.ServeG > 0 ? choice.ServeG : Math.Min(PrepLimits.MostServeG, ServedAHeadG * choice.Heads)) / served.Length;
            return served.ToDictionary(bowl => bowl.Id, _ => each, StringComparer.Ordinal);
        }

        return choice.ServeG > 0 && bowls.FirstOrDefault(bowl => bowl.MeetsMeat && MixKinds.MayBeServed(bowl.Mix.Kind)) is { } first
            ? new(StringComparer.Ordinal) { [first.Id] = choice.ServeG }
            : new(StringComparer.Ordinal);
    }
}
