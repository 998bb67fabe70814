namespace AmberSpoon.Core.Doneness.Judging;

/// <summary>
/// Brings the verdicts of all lots of chicken together. The tray may be served only where every lot may; lots that are
/// done may be eaten while others go back in, and it says so.
/// </summary>
public static class TrayJudge
{
    /// <summary>What decides where lots differ: a question first, then what is due to be measured, then what goes back in.</summary>
    private static readonly VerdictKind[] ByUrgency =
        [VerdictKind.CannotTell, VerdictKind.Measure, VerdictKind.BackIn, VerdictKind.RestThenCheck];

    /// <param name="lots">One per lot of chicken on the tray or taken from it.</param>
    /// <param name="nameOf">How a lot is called: "thighs".</param>
    /// <returns>Null where there is no chicken.</returns>
    public static TrayVerdict? Judge(IReadOnlyList<LotVerdict> lots, Func<LotVerdict, string> nameOf)
    {
        if (lots.Count == 0)
        {
            return null;
        }

        LotVerdict[] open = [.. lots.Where(lot => lot.Kind != VerdictKind.Serve)];
        if (open.Length == 0)
        {
            return new(VerdictKind.Serve, InTurn(lots, lots.Count > 1, nameOf), [], null);
        }

        LotVerdict deciding = open.OrderBy(Urgency).ThenBy(lot => lot.NextCheckInMinutes ?? int.MaxValue).First();
        string[] served = [.. lots.Where(lot => lot.Kind == VerdictKind.Serve).Select(nameOf)];
        string also = served.Length == 0 ? string.Empty : $" The {string.Join(" and the ", served)} may be served.";
        return new(
            deciding.Kind,
            InTurn([deciding], lots.Count > 1, nameOf) + also,
            [.. open.OrderBy(Urgency).SelectMany(lot => lot.MeasureNext)],
            open.Min(lot => lot.NextCheckInMinutes));
    }

    /// <summary>A first look that is still some way off can wait until what is short has been seen to.</summary>
    private static int Urgency(LotVerdict lot) => lot is { Kind: VerdictKind.Measure, NextCheckInMinutes: null or > 0 }
        ? ByUrgency.Length
        : Array.IndexOf(ByUrgency, lot.Kind);

    private static string InTurn(IEnumerable<LotVerdict> lots, bool isNamed, Func<LotVerdict, string> nameOf) =>
        string.Join(' ', lots.Select(lot => isNamed ? $"{Phrases.Capital(nameOf(lot))}: {char.ToLowerInvariant(lot.Reason[0])}{lot.Reason[1..]}" : lot.Reason));
}
