using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Doneness.Judging;

/// <summary>
/// Judges one lot of chicken. The rule that never bends: <see cref="VerdictKind.Serve"/> needs a believed measurement that
/// meets the rule of the piece planned slowest, of a second piece where there are two or more, of every piece that was
/// measured, and of every piece that may be colder than those. The forecast may add to that list; it never takes away.
/// What a cook saw by eye is not even an argument.
/// </summary>
public static class LotJudge
{
    /// <summary>A rest is offered only when the low end of the peak clears the limit by this much, °C.</summary>
    private const double RestMarginC = 1;

    /// <summary>Pieces that were planned within this of the coldest are as slow as it is, °C: half a minute or so.</summary>
    private const double AlikeC = 1.5;

    /// <summary>The goal counts as reached from this much below it, °C.</summary>
    private const double NearGoalC = 0.5;

    /// <summary>Opening the door sooner than this tells nothing, min.</summary>
    private const int ShortestBackInMinutes = 3;
    private const int LongestBackInMinutes = 60;
    private const int ShortestRestMinutes = 2;

    public static LotVerdict Judge(LotCase lot)
    {
        PieceCase[] slowest = Slowest(lot);
        if (lot.Where == LotWhereabouts.Waiting)
        {
            return lot.IsTrayOut
                ? new(lot.Lot, VerdictKind.CannotTell, $"Nobody said that the {lot.Plural} went in: say when they did, or that they never did.", [], 0)
                : new(lot.Lot, VerdictKind.Measure, $"The {lot.Plural} are not in yet.", [Ask(lot, slowest[0], "the slowest")], Math.Max(1, LookInMinutes(lot)));
        }

        PieceCase[] measured = [.. lot.Pieces.Where(piece => piece.IsMeasured)];
        var met = measured.ToDictionary(piece => piece, piece => lot.Rule.MetBy(piece.Believed, piece.Seen));
        if (lot.Pieces.FirstOrDefault(piece => IsInDoubt(piece, met.GetValueOrDefault(piece))) is { } doubtful)
        {
            return new(lot.Lot, VerdictKind.CannotTell, doubtful.Doubt!.Sentence, [Ask(lot, doubtful, "its last reading raises a question")], 0);
        }

        PieceCase[] shortOfRule = [.. measured.Where(piece => met[piece] is null).OrderBy(piece => piece.Last.CoreC)];
        if (shortOfRule.Length > 0)
        {
            return NotYet(lot, shortOfRule);
        }

        PieceToMeasure[] missing = [.. Missing(lot, slowest, measured, [.. met.Values.OfType<RuleMet>()])];
        return missing.Length > 0 ? StillToMeasure(lot, measured, missing) : Enough(lot, measured.MinBy(piece => piece.Last.CoreC)!, met);
    }

    /// <summary>A later reading that is too hot says nothing against one that was enough; one that is too cold does.</summary>
    private static bool IsInDoubt(PieceCase piece, RuleMet? met) =>
        piece.Doubt is { } doubt && !(met is not null && doubt.Kind == DoubtKind.TooHot);

    private static PieceCase[] Slowest(LotCase lot)
    {
        IReadOnlyList<PieceCase> together = [.. lot.Pieces.Where(piece => !piece.IsOffAlone)];
        together = together.Count > 0 ? together : lot.Pieces;
        double coldestC = together.Min(piece => piece.ExpectedC);
        return [.. together.Where(piece => piece.ExpectedC <= coldestC + AlikeC).OrderBy(piece => piece.ExpectedC)];
    }

    /// <summary>What must still be measured though all that was measured is enough.</summary>
    private static IEnumerable<PieceToMeasure> Missing(LotCase lot, PieceCase[] slowest, PieceCase[] measured, RuleMet[] met)
    {
        var asked = new HashSet<PieceCase>();
        if (!slowest.Any(piece => piece.IsMeasured))
        {
            asked.Add(slowest[0]);
            yield return Ask(lot, slowest[0], "the slowest");
        }

        foreach (PieceCase piece in lot.Pieces.Where(piece => piece is { IsOffAlone: true, IsMeasured: false } && asked.Add(piece)))
        {
            yield return Ask(lot, piece, "it came off by itself");
        }

        // As hot as what was measured had to be, since when it had to be.
        double limitC = met.Length == 0 ? lot.Rule.Instant.Celsius : met.Min(way => way.Limit.Celsius);
        double sinceS = met.Where(way => way.HeldSeconds > 0).Select(way => way.FromS).DefaultIfEmpty(lot.NowS).Min();
        foreach (PieceCase piece in lot.Pieces.Where(piece => !piece.IsMeasured && piece.LowestC(sinceS) < limitC).OrderBy(piece => piece.ExpectedC))
        {
            if (measured.Length > 0 && asked.Add(piece))
            {
                yield return Ask(lot, piece, "it may be colder than those measured");
            }
        }

        if (lot.Pieces.Count >= 2 && measured.Length + asked.Count(piece => !piece.IsMeasured) < 2)
        {
            PieceCase second = lot.Pieces.Where(piece => !piece.IsMeasured && !asked.Contains(piece)).MinBy(piece => piece.ExpectedC)!;
            yield return Ask(lot, second, "one piece cannot speak for all");
        }

        // Last: aimed anew sooner than a minute later it would be the placement it was.
        foreach (PieceCase piece in measured.Where(piece => piece.NeedsAnother))
        {
            yield return Ask(lot, piece, "once more, aimed anew a minute later, to be sure");
        }
    }

    private static LotVerdict StillToMeasure(LotCase lot, PieceCase[] measured, PieceToMeasure[] missing)
    {
        if (measured.Length > 0)
        {
            return new(lot.Lot, VerdictKind.Measure, $"{Phrases.Subject(measured.MaxBy(piece => piece.Last.AtS)!.Name)} is hot enough. Now measure {missing[0].Name}: {missing[0].Why}.", missing, measured.Any(piece => piece.Piece == missing[0].Piece) ? 1 : 0);
        }

        return new(lot.Lot, VerdictKind.Measure, $"First measure {missing[0].Name}: {missing[0].Why}.", missing, LookInMinutes(lot));
    }

    private static int LookInMinutes(LotCase lot) => (int)Math.Ceiling(Math.Max(0, lot.FirstLookS - lot.NowS) / 60);

    private static LotVerdict Enough(LotCase lot, PieceCase lowest, Dictionary<PieceCase, RuleMet?> met)
    {
        RuleMet way = met[lowest]!;
        TemperatureUnit unit = lowest.Last.Temperature.Unit;
        string measured = way.HeldSeconds > 0
            ? $"The lowest, {lowest.Name}, was seen at {way.Limit.Say(unit)} or more for {Phrases.Hold(way.HeldSeconds)}, which meets the {lot.Rule.Name} rule."
            : $"The lowest, {lowest.Name}, reads {Say(lowest.Last)}, and the {lot.Rule.Name} rule asks {way.Limit.Say(unit)}.";
        Temperature goal = lot.Goal.Core.ToTemperature();
        bool canGetHotter = lot.Where == LotWhereabouts.Oven && lowest.Last.CoreC < goal.Celsius - NearGoalC;
        return canGetHotter && lot.Outlook(lowest.Piece).OvenMinutesToAim is { } minutes && minutes > 0
            ? new(lot.Lot, VerdictKind.Serve, $"Safe. {measured} A little more oven brings it to your {goal.Say(unit)}.", [], null, minutes)
            : new(lot.Lot, VerdictKind.Serve, $"Safe. {measured}", [], null);
    }

    private static LotVerdict NotYet(LotCase lot, PieceCase[] shortOfRule)
    {
        PieceCase lowest = shortOfRule[0];
        TemperatureUnit unit = lowest.Last.Temperature.Unit;
        PieceToMeasure[] again = [.. shortOfRule.Select(piece => Ask(lot, piece, $"short at {Say(piece.Last)}"))];
        if (lowest.IsDisputed)
        {
            return new(
                lot.Lot,
                VerdictKind.Measure,
                $"{Phrases.Subject(lowest.Name)} showed {Say(lowest.Last)}, and more in another reading. The colder counts until a third decides: aim anew, a minute later.",
                [Ask(lot, lowest, "two readings of it differ"), .. again.Where(piece => piece.Piece != lowest.Piece)],
                1);
        }

        if (lot.Rule.HoldOf(lowest.Seen, lot.Goal.CoreC) is { } hold)
        {
            string left = Phrases.Hold(Math.Ceiling(hold.LeftSeconds));
            return new(
                lot.Lot,
                VerdictKind.Measure,
                $"{Phrases.Subject(lowest.Name)} at {Say(lowest.Last)} is enough once it has stayed at {hold.Hold.Limit.Say(unit)} or more for {Phrases.Hold(hold.Hold.Seconds)}: keep the tip in, and enter what it shows in {left}{(hold.LeftSeconds > SeenHolding.LongestGapS ? ", and every 3 min until then" : string.Empty)}.",
                again,
                Math.Min((int)(SeenHolding.LongestGapS / 60), (int)Math.Ceiling(hold.LeftSeconds / 60)));
        }

        PublishedLimit wanted = Wanted(lot);
        string shortBy = $"{Phrases.Subject(lowest.Name)} reads {Say(lowest.Last)} and needs {wanted.Say(unit)}";
        PieceOutlook outlook = lot.Outlook(lowest.Piece);
        if (outlook.OvenMinutesToAim <= 0)
        {
            return new(lot.Lot, VerdictKind.Measure, $"{Phrases.Subject(lowest.Name)} was short at {Say(lowest.Last)} and should be hot enough by now: measure it again.", again, 0);
        }

        if (outlook.RestPeakLowC >= wanted.Celsius + RestMarginC)
        {
            int restMinutes = Math.Max(ShortestRestMinutes, (int)Math.Ceiling(outlook.RestPeakInMinutes));
            return new(
                lot.Lot,
                VerdictKind.RestThenCheck,
                $"{shortBy}; the heat on its way in should lift it to {new Temperature(outlook.RestPeakLowC).Say(unit)} or more, and only a second reading can say so.",
                again,
                restMinutes);
        }

        if (outlook.OvenMinutesToAim is not { } minutes)
        {
            return new(lot.Lot, VerdictKind.BackIn, $"{shortBy}; this oven setting will not get it there, so turn it up.", again, ShortestBackInMinutes * 3);
        }

        var aim = new Temperature(Math.Max(wanted.Celsius, lot.Goal.CoreC));
        int backIn = Math.Clamp((int)Math.Ceiling(minutes), ShortestBackInMinutes, LongestBackInMinutes);
        return new(lot.Lot, VerdictKind.BackIn, $"{shortBy}; {(lowest.IsOffAlone ? "put it back in: " : string.Empty)}about {backIn} more min in this oven brings it to {aim.Say(unit)}.", again, backIn);
    }

    /// <summary>What a short reading is held against: the rule's everyday number, or the hold that the cook's goal is at.</summary>
    private static PublishedLimit Wanted(LotCase lot) => lot.Goal.CoreC < lot.Rule.AimC - PublishedLimit.RoundingC && lot.Rule.HoldAt(lot.Goal.Core) is { } hold
        ? hold.Limit
        : lot.Rule.Everyday;

    private static PieceToMeasure Ask(LotCase lot, PieceCase piece, string why) => new(lot.Lot, piece.Piece, piece.Name, why);

    private static string Say(TimedReading reading) =>
        reading.Temperature.ToTemperature().Say(reading.Temperature.Unit, 1).Replace(".0 ", " ", StringComparison.Ordinal);
}
