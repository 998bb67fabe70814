using System.Collections.Frozen;
using System.Reflection;
using System.Text.Json.Serialization;
using AmberSpoon.Core.Doneness;
using AmberSpoon.Core.Heat.Climate;
using AmberSpoon.Core.Kitchens;
using AmberSpoon.Core.Trays;
using AmberSpoon.Core.Units;

namespace AmberSpoon.Core.Bakes.Events;

/// <summary>What an event is about. In JSON the member <c>kind</c> says which of these it is.</summary>
[JsonPolymorphic(TypeDiscriminatorPropertyName = "kind")]
[JsonDerivedType(typeof(Started), "started")]
[JsonDerivedType(typeof(Readied), "readied")]
[JsonDerivedType(typeof(LotIn), "lotIn")]
[JsonDerivedType(typeof(LotOut), "lotOut")]
[JsonDerivedType(typeof(LotNeverIn), "lotNeverIn")]
[JsonDerivedType(typeof(PiecesOut), "piecesOut")]
[JsonDerivedType(typeof(PiecesIn), "piecesIn")]
[JsonDerivedType(typeof(Moved), "moved")]
[JsonDerivedType(typeof(Resting), "resting")]
[JsonDerivedType(typeof(ActDone), "actDone")]
[JsonDerivedType(typeof(ActSkipped), "actSkipped")]
[JsonDerivedType(typeof(Postponed), "later")]
[JsonDerivedType(typeof(DoneBesides), "did")]
[JsonDerivedType(typeof(OvenSet), "ovenSet")]
[JsonDerivedType(typeof(Measured), "reading")]
[JsonDerivedType(typeof(ProbePlaced), "probe")]
[JsonDerivedType(typeof(Answered), "answer")]
[JsonDerivedType(typeof(Looked), "look")]
[JsonDerivedType(typeof(AirRead), "air")]
[JsonDerivedType(typeof(Noted), "note")]
[JsonDerivedType(typeof(Finished), "finished")]
[JsonDerivedType(typeof(Corrected), "corrected")]
[JsonDerivedType(typeof(Said), "said")]
[JsonDerivedType(typeof(Eaten), "eaten")]
[JsonDerivedType(typeof(Rated), "rated")]
[JsonDerivedType(typeof(Tasted), "tasted")]
[JsonDerivedType(typeof(ForNextTime), "nextTime")]
[JsonDerivedType(typeof(Weighed), "weighed")]
[JsonDerivedType(typeof(StockKept), "stock")]
[JsonDerivedType(typeof(Pictured), "photo")]
[JsonDerivedType(typeof(Counted), "counted")]
public abstract record Happening
{
    /// <summary>As the JSON says it.</summary>
    [JsonIgnore]
    public string Kind => Kinds[GetType()];

    private static readonly FrozenDictionary<Type, string> Kinds = typeof(Happening).GetCustomAttributes<JsonDerivedTypeAttribute>()
        .ToFrozenDictionary(kind => kind.DerivedType, kind => (string)kind.TypeDiscriminator!);
}

/// <summary>The first food went in.</summary>
public sealed record Started : Happening;

/// <summary>What it took to get ready for it, by what was ticked on the evening's list: the cook's pace and the oven's are learnt from it.</summary>
/// <param name="Work">At the counter; null where too little was ticked to tell.</param>
/// <param name="Oven">Getting hot; null where nobody told.</param>
public sealed record Readied(CounterWork? Work, OvenHeated? Oven) : Happening;

/// <param name="UsualMinutes">What these tasks usually take, min.</param>
/// <param name="TookMinutes">What they took, min.</param>
/// <param name="Tasks">How many.</param>
public sealed record CounterWork(double UsualMinutes, double TookMinutes, int Tasks);

/// <param name="Minutes">From switched on to hot, min.</param>
/// <param name="ToC">What it was set to, °C.</param>
public sealed record OvenHeated(double Minutes, double ToC);

/// <summary>A lot went in later than the first, or back in after it was taken out.</summary>
public sealed record LotIn(LotId Lot) : Happening;

/// <summary>A lot was taken off the tray: to be eaten, or, before it went in, not baked at all.</summary>
public sealed record LotOut(LotId Lot) : Happening;

/// <summary>A lot whose time came never went in: not part of this bake. One that was measured cannot be.</summary>
public sealed record LotNeverIn(LotId Lot) : Happening;

/// <summary>Some pieces of a lot came off the tray, the others stayed. For all of them use <see cref="LotOut"/>.</summary>
/// <param name="Lot">Which lot.</param>
/// <param name="Pieces">Which of its pieces, from 1.</param>
public sealed record PiecesOut(LotId Lot, IReadOnlyList<int> Pieces) : Happening;

/// <summary>Pieces that came off by themselves went back to the others.</summary>
/// <param name="Lot">Which lot.</param>
/// <param name="Pieces">Which of its pieces, from 1.</param>
public sealed record PiecesIn(LotId Lot, IReadOnlyList<int> Pieces) : Happening;

/// <summary>The tray was moved, with all that is on it.</summary>
public sealed record Moved(BakePlace Place) : Happening;

/// <summary>The tray came out to rest.</summary>
public sealed record Resting : Happening;

/// <summary>A planned step was done.</summary>
/// <param name="Act">Which of the plan's steps, from 0.</param>
public sealed record ActDone(int Act) : Happening;

/// <summary>A planned step will not be done.</summary>
/// <param name="Act">Which of the plan's steps, from 0.</param>
public sealed record ActSkipped(int Act) : Happening;

/// <summary>A planned step, or a lot that is to be added, comes some minutes later than it stood.</summary>
/// <param name="Act">Which of the plan's steps, from 0; null where a lot is meant.</param>
/// <param name="Lot">Which lot; null where a step is meant.</param>
/// <param name="Minutes">By how much: counted from now where its time has come, min.</param>
public sealed record Postponed(int? Act, LotId? Lot, int Minutes) : Happening;

/// <summary>Something was done that nobody had planned. For the dial use <see cref="OvenSet"/>.</summary>
/// <param name="Step">What.</param>
/// <param name="ForMinutes">Of <see cref="StepKind.Grill"/>: for how long. Of <see cref="StepKind.Baste"/>: how much longer it is to bake with it.</param>
/// <param name="Shelf">Of <see cref="StepKind.Shelf"/>: where the tray stands now.</param>
/// <param name="Vessel">Of <see cref="StepKind.Shelf"/>: which of the plan's vessels, from 0.</param>
public sealed record DoneBesides(StepKind Step, int? ForMinutes = null, OvenShelf? Shelf = null, int? Vessel = null) : Happening;

/// <summary>The dial was turned, planned or not.</summary>
public sealed record OvenSet(EnteredTemperature Setting) : Happening;

/// <summary>A thermometer in the middle of a piece.</summary>
/// <param name="Piece">Which piece.</param>
/// <param name="Temperature">What it showed, as typed.</param>
/// <param name="HeldSeconds">How long it was said to have stayed there, s: kept from old bakes, and counts for nothing.</param>
/// <param name="Probe">The probe on a wire that told it; null where a cook typed it.</param>
public sealed record Measured(PieceRef Piece, EnteredTemperature Temperature, int? HeldSeconds = null, string? Probe = null) : Happening;

/// <summary>A probe on a wire was put into a piece, or taken out.</summary>
/// <param name="Probe">As it calls itself.</param>
/// <param name="Piece">Which piece; null where it is in none any more.</param>
public sealed record ProbePlaced(string Probe, PieceRef? Piece) : Happening;

/// <summary>The answer to the question that a reading raised.</summary>
/// <param name="Reading">The reading's <see cref="BakeEvent.Seq"/>.</param>
/// <param name="Answer">The answer.</param>
public sealed record Answered(int Reading, ReadingAnswer Answer) : Happening;

/// <summary>What a lot looked or felt like: the forecast learns from it, a verdict never does.</summary>
/// <param name="Lot">Which lot.</param>
/// <param name="Look">What it was like.</param>
public sealed record Looked(LotId Lot, Look Look) : Happening;

/// <summary>A thermometer that stands in the oven beside the food: the forecast and the oven are learnt from it, no verdict rests on it.</summary>
/// <param name="Temperature">What it showed, as typed.</param>
public sealed record AirRead(EnteredTemperature Temperature) : Happening;

/// <summary>What the cook saw, in the cook's words; it never counts.</summary>
public sealed record Noted(string Text) : Happening;

public sealed record Finished : Happening;

/// <summary>An earlier event was told by mistake.</summary>
/// <param name="Event">Its <see cref="BakeEvent.Seq"/>.</param>
public sealed record Corrected(int Event) : Happening;

/// <summary>What the judge said when it last changed: kept as it was said, never read back into a verdict.</summary>
/// <param name="Verdict">What to do about the tray.</param>
/// <param name="Reason">Why.</param>
/// <param name="NextCheckAt">When to measure next.</param>
public sealed record Said(VerdictKind Verdict, string Reason, DateTimeOffset? NextCheckAt) : Happening;

/// <summary>It was eaten at that moment.</summary>
public sealed record Eaten : Happening;

/// <summary>How it was, by a tap: of each subject the last word counts.</summary>
/// <param name="Of">What is judged.</param>
/// <param name="Value">How it was.</param>
/// <param name="Lot">Of vegetables: which of them; null for everything else.</param>
public sealed record Rated(RatingOf Of, Rating Value, LotId? Lot = null) : Happening;

/// <summary>How it tasted, in the cook's words.</summary>
public sealed record Tasted(string Text) : Happening;

/// <summary>What to do otherwise the next time, in the cook's words: it comes up when the same is planned again.</summary>
public sealed record ForNextTime(string Text) : Happening;

/// <summary>A lot weighed after baking, all of its pieces together.</summary>
public sealed record Weighed(LotId Lot, EnteredMass Mass) : Happening;

/// <summary>Juices or stock that were kept, ml.</summary>
public sealed record StockKept(int Millilitres) : Happening;

/// <summary>A photo was put beside it: the picture itself is a file.</summary>
/// <param name="Photo">Which file.</param>
public sealed record Pictured(Guid Photo) : Happening;

/// <summary>Whether the oven is learnt from this bake; it is until somebody says otherwise.</summary>
public sealed record Counted(bool Counts) : Happening;

/// <summary>What is judged at table.</summary>
public enum RatingOf
{
    /// <summary>The meat: dry, juicy, not done enough.</summary>
    Meat,

    /// <summary>Skin or crumb: pale and soft, as it should be, too dark.</summary>
    Outside,

    /// <summary>A vegetable: too firm, right, too soft.</summary>
    Vegetable,

    /// <summary>Dinner: too early, on time, late.</summary>
    Timing,
}

/// <summary>How it was: below what it should be, right, or beyond it.</summary>
public enum Rating
{
    Below,
    Right,
    Beyond,
}

/// <summary>Answers to the question that a reading raises.</summary>
public enum ReadingAnswer
{
    /// <summary>The unit is as typed.</summary>
    AsTyped,

    /// <summary>It was the other unit.</summary>
    OtherUnit,

    /// <summary>The tip was in the middle of the thickest part.</summary>
    InTheMiddle,

    /// <summary>It was not.</summary>
    NotInTheMiddle,
}

/// <summary>What eye and fork say: of chicken its colour, of a vegetable its middle.</summary>
public enum Look
{
    /// <summary>Hardly coloured.</summary>
    Pale,

    /// <summary>Browned as it should be.</summary>
    Browned,

    /// <summary>Darker than golden.</summary>
    Dark,

    /// <summary>The fork does not go in.</summary>
    Hard,

    /// <summary>The fork goes in as it should.</summary>
    Tender,

    /// <summary>It gives way to the fork.</summary>
    Soft,
}
