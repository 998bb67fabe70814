using AmberSpoon.Core.Bakes;
using AmberSpoon.Core.Bakes.Events;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Doneness.Judging;
using AmberSpoon.Core.Doneness.Safety;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Estimating;

/// <summary>
/// Decides which readings are believed, each held against what was believed of its own piece before it. One that lies outside
/// raises a question; until it is answered it neither steers nor counts. An answer can make a cold reading count, since that
/// only asks for more oven; no answer makes one count that is hotter than its piece can be: it is measured again.
/// </summary>
/// <param name="Belief">Of the kitchen, by all believed readings.</param>
/// <param name="Readings">All of them, in the order they were told.</param>
/// <param name="Others">By each piece that was measured: what is believed without its own readings.</param>
public sealed record ReadingReview(KitchenBelief Belief, IReadOnlyList<ReviewedReading> Readings, IReadOnlyDictionary<PieceRef, KitchenBelief> Others)
{
    /// <summary>Hotter than all but one kitchen in a thousand.</summary>
    private const double HotZ = 3.09;

    /// <summary>Colder than all but one in a hundred: asking costs a tap, believing a slipped tip the dinner.</summary>
    private const double ColdZ = -2.33;

    /// <summary>A tip that is off by a little stays so for about as long, s.</summary>
    private const double SameTipS = 600;

    /// <param name="courses">What every lot goes through.</param>
    /// <param name="earlier">A review with the same courses: what it has reviewed already is not reviewed again, so that a
    /// stream of readings costs the same for the last as for the first. Null to begin anew.</param>
    public static ReadingReview Of(TrayCourses courses, ReadingReview? earlier = null)
    {
        IReadOnlyList<ReadingTaken> taken = courses.State.Readings;
        bool goesOn = earlier is not null && earlier.Readings.Select(reading => reading.Taken).SequenceEqual(taken.Take(earlier.Readings.Count));
        KitchenBelief belief = goesOn ? earlier!.Belief : courses.Unmeasured();
        List<ReviewedReading> reviewed = goesOn ? [.. earlier!.Readings] : [];
        var others = new Dictionary<PieceRef, KitchenBelief>(goesOn ? earlier!.Others : []);
        foreach (ReadingTaken next in taken.Skip(reviewed.Count))
        {
            // Of a piece that was never measured, everything believed comes from the others.
            others.TryAdd(next.Piece, belief);
            reviewed.Add(Reviewed(courses, belief, next));
            belief = Learnt(belief, reviewed);
            foreach (PieceRef other in others.Keys.Where(piece => piece != next.Piece))
            {
                others[other] = Learnt(others[other], reviewed);
            }
        }

        return new(belief, reviewed, others);
    }

    /// <summary>What is believed without what was measured on one piece: what the others say of it.</summary>
    public KitchenBelief Without(PieceRef piece) => Others.GetValueOrDefault(piece, Belief);

    /// <summary>What a reading of a piece may show and be believed at once, °C.</summary>
    internal static (double ColdestC, double HottestC) Believable(KitchenBelief belief, PieceRef piece, double atS) =>
        (belief.ReadingC(piece, atS, ColdZ), Math.Min(ReadingLimits.HottestMeatC, belief.ReadingC(piece, atS, HotZ)));

    /// <summary>By the last of them.</summary>
    private static KitchenBelief Learnt(KitchenBelief belief, List<ReviewedReading> readings)
    {
        ReviewedReading reading = readings[^1];
        if (!reading.IsBelieved)
        {
            return belief;
        }

        int before = readings.SkipLast(1).Count(other => other.IsBelieved && other.Taken.Piece == reading.Taken.Piece && Math.Abs(other.Taken.AtS - reading.Taken.AtS) <= SameTipS);
        return belief.Learning(reading.Taken.Piece, reading.Taken.AtS, reading.Meant.CoreC, before);
    }

    private static ReviewedReading Reviewed(TrayCourses courses, KitchenBelief belief, ReadingTaken taken)
    {
        EnteredTemperature temperature = taken.Answer == ReadingAnswer.OtherUnit ? Otherwise(taken.Temperature) : taken.Temperature;
        var meant = new TimedReading(taken.AtS, temperature);
        (double coldestC, double hottestC) = Believable(belief, taken.Piece, taken.AtS);
        bool isHot = meant.CoreC > hottestC;
        bool isCold = meant.CoreC < coldestC;
        if (!isHot && !isCold)
        {
            return new(taken, meant, IsBelieved: true, null);
        }

        string name = courses.NameOf(taken.Piece);
        if (taken.Answer is null && Otherwise(temperature).ToTemperature().Celsius is var other && other >= coldestC && other <= hottestC)
        {
            string question = $"{Phrases.Capital(name)}: did you mean {Say(temperature)} or {Say(Otherwise(temperature))}?";
            return new(taken, meant, false, new(DoubtKind.Unit, meant, question));
        }

        if (isHot)
        {
            string why = meant.CoreC > ReadingLimits.HottestMeatC
                ? "hotter than meat can be"
                : "hotter than its middle can have become by now";
            return new(taken, meant, false, new(
                DoubtKind.TooHot, meant, $"{Phrases.Subject(name)} at {Say(temperature)} is {why}: the tip may be in fat, in air or on the tray, so measure again."));
        }

        return taken.Answer is ReadingAnswer.InTheMiddle or ReadingAnswer.AsTyped
            ? new(taken, meant, IsBelieved: true, null)
            : new(taken, meant, false, new(
                DoubtKind.TooCold,
                meant,
                taken.Answer == ReadingAnswer.NotInTheMiddle
                    ? $"{Phrases.Capital(name)}: the tip was not in the middle, so measure it again."
                    : $"{Phrases.Subject(name)} at {Say(temperature)} is much colder than was to be expected: is the tip in the middle of the thickest part, off the bone{(courses.State.Find(taken.Piece.Lot) is { IsTimeTold: false } ? ", or did these go in later than planned" : string.Empty)}?"));
    }

    private static EnteredTemperature Otherwise(EnteredTemperature typed) =>
        typed with { Unit = typed.Unit == TemperatureUnit.Celsius ? TemperatureUnit.Fahrenheit : TemperatureUnit.Celsius };

    private static string Say(EnteredTemperature typed) =>
        FormattableString.Invariant($"{typed.Value:0.#} {(typed.Unit == TemperatureUnit.Celsius ? "°C" : "°F")}");
}

/// <param name="Taken">As it was told.</param>
/// <param name="Meant">In the unit it was meant in.</param>
/// <param name="IsBelieved">It steers and counts.</param>
/// <param name="Doubt">What is doubtful; null where it is believed.</param>
public sealed record ReviewedReading(ReadingTaken Taken, TimedReading Meant, bool IsBelieved, ReadingDoubt? Doubt)
{
    /// <summary>The cook has been asked and has not answered.</summary>
    public bool IsOpenQuestion => Doubt is not null && Taken.Answer is null;
}
