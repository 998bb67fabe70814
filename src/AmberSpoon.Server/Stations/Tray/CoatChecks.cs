using AmberSpoon.Core.Food;
using AmberSpoon.Core.Prep.Marinating;
using AmberSpoon.Core.Prep.Mixes;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Trays.Coats;

namespace AmberSpoon.Server.Stations.Tray;

/// <summary>What is wrong with a stack of coats: each field, then what cannot lie on what.</summary>
/// <param name="fail">Told the field and a sentence.</param>
internal sealed class CoatChecks(Action<string, string> fail)
{
    /// <summary>A mix is named by a word or a number, never by its text.</summary>
    private const int LongestMixId = 40;

    /// <returns>Whether each coat can be read, so that the stack can be looked at.</returns>
    public bool AreRead(IReadOnlyList<CoatRequest> coats, string at)
    {
        if (coats.Count > StackedCoats.MostCoats)
        {
            fail(at, $"Up to {StackedCoats.MostCoats} coats on a piece. Leave some out.");
            return false;
        }

        return coats.Select((coat, i) => IsRead(coat, $"{at}[{i}]")).ToArray().All(good => good);
    }

    private bool IsRead(CoatRequest? coat, string at) =>
        Require(Check.IsChosen(coat?.Kind), $"{at}.kind", Check.Choose)
        & Require(coat?.When is null || Check.IsChosen(coat.When), $"{at}.when", Check.Choose)
        & Require(coat?.Mix is null or { Length: > 0 and <= LongestMixId }, $"{at}.mix", "Choose one of the mixes.")
        & Require((coat?.Name?.Length ?? 0) <= MixLimits.LongestName, $"{at}.name", $"A name has up to {MixLimits.LongestName} letters.")
        & Require(
            coat is not { When: CoatTime.Before, SoakMinutes: not null } || coat.SoakMinutes is >= MarinadeClock.LeastMinutes and <= MarinadeClock.MostMinutes,
            $"{at}.soakMinutes",
            $"Marinate for {MarinadeClock.LeastMinutes} min to {MarinadeClock.MostMinutes / 60} h, or put it on just before the oven.");

    /// <param name="coats">As they would be stored.</param>
    /// <param name="cut">What they go on.</param>
    /// <param name="hasSkin">Whether there is skin.</param>
    /// <param name="steps">The plan's steps.</param>
    /// <param name="addAtMinutes">When the lot goes in.</param>
    /// <param name="field">Where a fault is said.</param>
    public void Stack(IReadOnlyList<LotCoat> coats, Cut cut, bool hasSkin, IReadOnlyList<PlannedStep> steps, int addAtMinutes, Func<CoatFault, string> field)
    {
        foreach (CoatFault fault in CoatRules.Faults(coats, cut, hasSkin, steps, addAtMinutes))
        {
            fail(field(fault), fault.Sentence);
        }
    }

    private bool Require(bool isGood, string field, string sentence)
    {
        if (!isGood)
        {
            fail(field, sentence);
        }

        return isGood;
    }
}
